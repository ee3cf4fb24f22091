import { z } from 'zod';
import { count, mm, sealedThicknessMm, straight, type HiveKind } from '../kind.js';

const schema = z.strictObject({
  boxes: count(1, 9, 'Boxes'),
  combsPerBox: count(4, 12, 'Combs across'),
  combPitchMm: mm(28, 45, 'Comb spacing'),
  boxWidthMm: mm(200, 450, 'Width inside'),
  boxDepthMm: mm(100, 300, 'Depth of a box'),
});
export type PileBoxGeometry = z.infer<typeof schema>;

/**
 * Square boxes 300 wide and 185 deep with two crossbars and no top bars; combs run through the
 * joints.
 */
export const pileBoxHive: HiveKind<PileBoxGeometry> = {
  kind: 'pile-box',
  name: 'Crossbar pile box',
  unitTaken: 'box',
  carrier: 'box',
  bee: 'honeybee',
  geometrySchema: schema,
  defaults: { boxes: 4, combsPerBox: 8, combPitchMm: 36, boxWidthMm: 300, boxDepthMm: 185 },
  measures: [
    { key: 'boxes', label: 'Boxes', low: 1, high: 9 },
    { key: 'combsPerBox', label: 'Combs across', low: 4, high: 12 },
    { key: 'combPitchMm', label: 'Comb spacing', unit: 'mm', low: 28, high: 45 },
    { key: 'boxWidthMm', label: 'Width inside', unit: 'mm', low: 200, high: 450 },
    { key: 'boxDepthMm', label: 'Depth of a box', unit: 'mm', low: 100, high: 300 },
  ],
  choices: [],
  handles: { places: 'combsPerBox', depthMm: 'boxDepthMm', boxes: 'boxes' },
  boxesAtStart: (g) => Array.from({ length: g.boxes }, () => 'box'),
  compartment: (g) => ({
    label: 'box',
    positions: g.combsPerBox,
    combsAtStart: g.combsPerBox,
    pitchMm: g.combPitchMm,
    innerWidthMm: Math.max(g.boxWidthMm, g.combsPerBox * g.combPitchMm + 8),
    innerDepthMm: g.boxDepthMm,
    // Combs run through the joint, so a comb is as deep as its box.
    outline: straight(g.boxWidthMm - 6, g.boxDepthMm),
    thicknessMm: sealedThicknessMm(g.combPitchMm),
    readable: true,
  }),
  readCompartment: 'box',
  newBox: 'box',
  seenBy: ['below', 'photo', 'hand'],
  moves: ['add-below', 'take-off', 'give-to-colony'],
  drainsInPlace: false,
  dripsInBox: true,
  superPurpose: null,
  keepsBlock: false,
  hungFrom: 'crossbars',
  winterNeedIn: 'winterNeedByKindKg',
  boxesGoWhole: true,
  risks: [
    'There are no bars: the wire parts every comb at the joint, slowly, or the queen is cut with it.',
    'A box is taken whole and is heavy: its weight stands beside it; two people, a firm table beside the hive.',
    'Comb hangs on the crossbars and on all four walls: cut from both faces, warm comb tears.',
  ],
  takingSteps: [
    'Drive the bees down before the top box is touched',
    'Draw the wire through the joint slowly',
    'Turn the box over and look at it from beneath',
    'Weigh it',
    'Cut free on four sides and along the crossbars from both faces',
    'Drip first, then press; weigh the empty box',
  ],
};
