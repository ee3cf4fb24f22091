import { straight, type HiveKind } from '../kind.js';
import { SUPER_KIND, superCompartment, superSchema, type SuperGeometry } from './supers.js';

/**
 * Plastic at each end of a frame, above its cells and below them where the channel runs, mm.
 * Starting values.
 */
const ENDS_MM = 10;
const ABOVE_MM = 30;
const CHANNEL_MM = 20;

/**
 * A super of split-cell frames that are opened by parts and drained in place: six frames at double
 * pitch over the brood boxes.
 */
export const drainFrameHive: HiveKind<SuperGeometry> = {
  ...SUPER_KIND,
  kind: 'drain-frame',
  name: 'Split-cell drain-frame super',
  geometrySchema: superSchema,
  defaults: {
    broodBoxes: 1,
    supers: 1,
    framesPerSuper: 6,
    framePitchMm: 52,
    combWidthMm: 420,
    superDepthMm: 240,
    broodDepthMm: 240,
  },
  choices: [],
  compartment: (g, name) =>
    superCompartment(g, name, {
      outline: straight(g.combWidthMm - 2 * ENDS_MM, g.superDepthMm - ABOVE_MM - CHANNEL_MM),
      // Deep cells: the comb fills the wide pitch less a bee space.
      thicknessMm: Math.min(60, g.framePitchMm - 8),
    }),
  seenBy: ['end-pane', 'window', 'hand', 'photo'],
  moves: ['swap', 'turn-super', 'take-off', 'give-to-colony'],
  drainsInPlace: true,
  dripsInBox: false,
  superPurpose: null,
  keepsBlock: false,
  hungFrom: 'bar',
  winterNeedIn: 'winterNeedByKindKg',
  boxesGoWhole: false,
  risks: [
    'Once a frame is opened it runs until it is empty: it cannot be stopped. Vessels for the high estimate stand ready first.',
    'Uncapped cells run down the outside of the comb into the hive: the wax caps are the outer wall.',
    'A hive that leans the wrong way fills itself: tilt toward the outlet before anything is opened.',
    'What runs over or into the hive starts robbing: tray in its upper position, covers on in a dearth.',
  ],
  takingSteps: [
    'Tilt at the need or above; tray up, floor closed',
    'Caps out, hoses in, vessels for the high estimate',
    'Open by parts with a clock per frame',
    'Swap vessels before they are full',
    'Reset, the outlet plug that only then fits as proof',
    'The rest drains to the bees; look at the tray',
  ],
};
