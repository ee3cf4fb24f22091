import { z } from 'zod';
import { count, mm, straight, type HiveKind } from '../kind.js';

const schema = z.strictObject({
  boxWidthMm: mm(80, 400, 'Width inside'),
  broodDepthMm: mm(80, 300, 'Depth of the brood box'),
  superDepthMm: mm(30, 150, 'Depth of the honey super'),
  supers: count(0, 3, 'Honey supers'),
  potGroups: count(1, 6, 'Groups of pots'),
  potWidthMm: mm(8, 50, 'Pot width'),
  potHeightMm: mm(8, 60, 'Pot height'),
  /** Over which corner of the brood box the way up to the supers is. */
  hole: z.enum(['left', 'middle', 'right'], 'Left, middle or right.').default('right'),
});
export type StinglessGeometry = z.infer<typeof schema>;

/** A box of stingless bees: brood below, never opened, a honey super above it by a small hole. */
export const stinglessHive: HiveKind<StinglessGeometry> = {
  kind: 'stingless',
  name: 'Stingless-bee box',
  unitTaken: 'pots',
  carrier: 'cluster',
  bee: 'stingless',
  geometrySchema: schema,
  defaults: {
    boxWidthMm: 190,
    broodDepthMm: 150,
    superDepthMm: 62,
    supers: 1,
    potGroups: 3,
    potWidthMm: 26,
    potHeightMm: 32,
    hole: 'right',
  },
  measures: [
    { key: 'boxWidthMm', label: 'Width inside', unit: 'mm', low: 80, high: 400 },
    { key: 'broodDepthMm', label: 'Depth of the brood box', unit: 'mm', low: 80, high: 300 },
    { key: 'superDepthMm', label: 'Depth of the honey super', unit: 'mm', low: 30, high: 150 },
    { key: 'supers', label: 'Honey supers', low: 0, high: 3 },
    { key: 'potGroups', label: 'Groups of pots', low: 1, high: 6 },
    { key: 'potWidthMm', label: 'Pot width', unit: 'mm', low: 8, high: 50 },
    { key: 'potHeightMm', label: 'Pot height', unit: 'mm', low: 8, high: 60 },
  ],
  choices: [
    {
      key: 'hole',
      label: 'Hole up to the supers',
      options: [
        { value: 'left', label: 'At the left' },
        { value: 'middle', label: 'In the middle' },
        { value: 'right', label: 'At the right' },
      ],
    },
  ],
  handles: { places: 'potGroups', depthMm: 'superDepthMm', boxes: 'supers' },
  boxesAtStart: (g) => [
    'brood' as const,
    ...Array.from({ length: g.supers }, () => 'super' as const),
  ],
  compartment: (g, name) => ({
    label: name === 'brood' ? 'brood box' : 'honey super',
    positions: name === 'brood' ? 0 : g.potGroups,
    combsAtStart: name === 'brood' ? 0 : g.potGroups,
    pitchMm: g.boxWidthMm / g.potGroups,
    innerWidthMm: g.boxWidthMm,
    innerDepthMm: name === 'brood' ? g.broodDepthMm : g.superDepthMm,
    outline: straight(g.boxWidthMm / g.potGroups, g.boxWidthMm),
    thicknessMm: g.potHeightMm,
    readable: name !== 'brood',
  }),
  readCompartment: 'super',
  newBox: 'super',
  seenBy: ['above', 'photo'],
  moves: ['add-on-top', 'take-off'],
  drainsInPlace: false,
  dripsInBox: false,
  superPurpose: null,
  keepsBlock: false,
  hungFrom: 'bar',
  winterNeedIn: 'winterNeedByKindKg',
  boxesGoWhole: false,
  risks: [
    'The brood is never opened.',
    'Spilled honey and torn pollen pots bring small scuttle flies that can kill the colony: wipe at once, close within minutes.',
    'Native bees are protected by law in many places: ask before you take or move.',
    'The honey is thin and ferments: cold, a vented lid, eaten soon.',
  ],
  takingSteps: [
    'Lid off the super only; the brood stays closed',
    'Sealed pots only, by suction',
    'Torn pots out, spills wiped',
    'Closed within minutes',
    'Winter stores stay; once a year at most',
  ],
};
