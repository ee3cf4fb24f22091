import { hiveSay } from '../says.js';
import { straight, type HiveKind } from '../kind.js';
import { SUPER_KIND, superCompartment, type SuperGeometry } from './supers.js';

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
  name: hiveSay('hiveName.drain-frame'),
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
    hiveSay('hive.once-frame-opened-it-runs'),
    hiveSay('hive.uncapped-cells-run-down-outside'),
    hiveSay('hive.hive-that-leans-wrong-way'),
    hiveSay('hive.what-runs-over-or-into'),
  ],
};
