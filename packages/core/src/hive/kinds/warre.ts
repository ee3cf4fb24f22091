import { hiveSay } from '../says.js';
import { sealedThicknessMm, straight, type HiveKind } from '../kind.js';

export type WarreGeometry = Record<
  'boxes' | 'barsPerBox' | 'barPitchMm' | 'boxWidthMm' | 'boxDepthMm',
  number
>;

/**
 * Boxes 300 wide and 210 deep inside with eight bars at 36 mm; new boxes go in below, the box on
 * top is the one taken.
 */
export const warreHive: HiveKind<WarreGeometry> = {
  kind: 'warre',
  name: hiveSay('hiveName.warre'),
  unitTaken: 'box',
  carrier: 'bar',
  bee: 'honeybee',
  defaults: { boxes: 3, barsPerBox: 8, barPitchMm: 36, boxWidthMm: 300, boxDepthMm: 210 },
  measures: [
    { key: 'boxes', label: hiveSay('hive.boxes'), low: 1, high: 8 },
    { key: 'barsPerBox', label: hiveSay('hive.bars-in-box'), low: 4, high: 14 },
    { key: 'barPitchMm', label: hiveSay('hive.bar-pitch'), unit: 'mm', low: 28, high: 45 },
    { key: 'boxWidthMm', label: hiveSay('hive.width-inside'), unit: 'mm', low: 150, high: 500 },
    { key: 'boxDepthMm', label: hiveSay('hive.depth-box'), unit: 'mm', low: 100, high: 400 },
  ],
  choices: [],
  handles: { places: 'barsPerBox', depthMm: 'boxDepthMm', boxes: 'boxes' },
  boxesAtStart: (g) => Array.from({ length: g.boxes }, () => 'box'),
  compartment: (g) => ({
    label: hiveSay('hive.in-box'),
    positions: g.barsPerBox,
    combsAtStart: g.barsPerBox,
    pitchMm: g.barPitchMm,
    innerWidthMm: Math.max(g.boxWidthMm, g.barsPerBox * g.barPitchMm + 12),
    innerDepthMm: g.boxDepthMm,
    outline: straight(g.boxWidthMm - 8, g.boxDepthMm - 10),
    thicknessMm: sealedThicknessMm(g.barPitchMm),
    readable: true,
  }),
  readCompartment: 'box',
  newBox: 'box',
  seenBy: ['hand', 'photo', 'below', 'window'],
  moves: ['swap', 'add-below', 'add-on-top', 'take-off', 'give-to-colony'],
  drainsInPlace: false,
  dripsInBox: false,
  superPurpose: null,
  keepsBlock: true,
  hungFrom: 'bar',
  winterNeedIn: 'winterNeedByKindKg',
  boxesGoWhole: false,
  risks: [
    hiveSay('hive.combs-are-built-to-walls'),
    hiveSay('hive.full-box-weighs-more-than'),
    hiveSay('hive.queen-may-be-in-any'),
  ],
};
