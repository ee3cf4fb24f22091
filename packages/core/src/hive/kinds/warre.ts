import { z } from 'zod';
import { count, mm, sealedThicknessMm, straight, type HiveKind } from '../kind.js';

const schema = z.strictObject({
  boxes: count(1, 8, 'Boxes'),
  barsPerBox: count(4, 14, 'Bars in a box'),
  barPitchMm: mm(28, 45, 'Bar pitch'),
  boxWidthMm: mm(150, 500, 'Width inside'),
  boxDepthMm: mm(100, 400, 'Depth of a box'),
});
export type WarreGeometry = z.infer<typeof schema>;

/**
 * Boxes 300 wide and 210 deep inside with eight bars at 36 mm; new boxes go in below, the box on
 * top is the one taken.
 */
export const warreHive: HiveKind<WarreGeometry> = {
  kind: 'warre',
  name: 'Warré hive',
  unitTaken: 'box',
  carrier: 'bar',
  bee: 'honeybee',
  geometrySchema: schema,
  defaults: { boxes: 3, barsPerBox: 8, barPitchMm: 36, boxWidthMm: 300, boxDepthMm: 210 },
  measures: [
    { key: 'boxes', label: 'Boxes', low: 1, high: 8 },
    { key: 'barsPerBox', label: 'Bars in a box', low: 4, high: 14 },
    { key: 'barPitchMm', label: 'Bar pitch', unit: 'mm', low: 28, high: 45 },
    { key: 'boxWidthMm', label: 'Width inside', unit: 'mm', low: 150, high: 500 },
    { key: 'boxDepthMm', label: 'Depth of a box', unit: 'mm', low: 100, high: 400 },
  ],
  choices: [],
  handles: { places: 'barsPerBox', depthMm: 'boxDepthMm', boxes: 'boxes' },
  boxesAtStart: (g) => Array.from({ length: g.boxes }, () => 'box'),
  compartment: (g) => ({
    label: 'box',
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
    'Combs are built to the walls: cut them free on both sides before a bar is lifted, or the bar snaps off above its comb.',
    'A full box weighs more than one person should lift alone: say its weight, lift with two.',
    'The queen may be in any box: look at every comb for brood before the box leaves.',
  ],
  takingSteps: [
    'Smoke the top, wait, drive the bees down',
    'Part the box from the one below with a wire, turn it, look from beneath',
    'Weigh it whole',
    'Cut each comb from the walls before its bar is lifted; leave a line of comb on the bar',
    'Brood or the queen goes back',
    'Close, look back after 24 hours',
  ],
};
