import { hiveSay } from '../says.js';
import { sealedThicknessMm, straight, type HiveKind } from '../kind.js';

export type PileBoxGeometry = Record<
  'boxes' | 'combsPerBox' | 'combPitchMm' | 'boxWidthMm' | 'boxDepthMm',
  number
>;

/**
 * Square boxes 300 wide and 185 deep with two crossbars and no top bars; combs run through the
 * joints.
 */
export const pileBoxHive: HiveKind<PileBoxGeometry> = {
  kind: 'pile-box',
  name: hiveSay('hiveName.pile-box'),
  unitTaken: 'box',
  carrier: 'box',
  bee: 'honeybee',
  defaults: { boxes: 4, combsPerBox: 8, combPitchMm: 36, boxWidthMm: 300, boxDepthMm: 185 },
  measures: [
    { key: 'boxes', label: hiveSay('hive.boxes'), low: 1, high: 9 },
    { key: 'combsPerBox', label: hiveSay('hive.combs-across'), low: 4, high: 12 },
    { key: 'combPitchMm', label: hiveSay('hive.comb-spacing'), unit: 'mm', low: 28, high: 45 },
    { key: 'boxWidthMm', label: hiveSay('hive.width-inside'), unit: 'mm', low: 200, high: 450 },
    { key: 'boxDepthMm', label: hiveSay('hive.depth-box'), unit: 'mm', low: 100, high: 300 },
  ],
  choices: [],
  handles: { places: 'combsPerBox', depthMm: 'boxDepthMm', boxes: 'boxes' },
  boxesAtStart: (g) => Array.from({ length: g.boxes }, () => 'box'),
  compartment: (g) => ({
    label: hiveSay('hive.in-box'),
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
    hiveSay('hive.there-are-no-bars-wire'),
    hiveSay('hive.box-taken-whole-and-heavy'),
    hiveSay('hive.comb-hangs-on-crossbars-and'),
  ],
};
