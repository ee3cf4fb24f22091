import { hiveSay } from '../says.js';
import { fieldSay } from '../../say/field.js';
import { straight, type HiveKind } from '../kind.js';

export type StinglessGeometry = Record<
  | 'boxWidthMm'
  | 'broodDepthMm'
  | 'superDepthMm'
  | 'supers'
  | 'potGroups'
  | 'potWidthMm'
  | 'potHeightMm',
  number
> & {
  /** Over which corner of the brood box the way up to the supers is. */
  hole: 'left' | 'middle' | 'right';
};

/** A box of stingless bees: brood below, never opened, a honey super above it by a small hole. */
export const stinglessHive: HiveKind<StinglessGeometry> = {
  kind: 'stingless',
  name: hiveSay('hiveName.stingless'),
  unitTaken: 'pots',
  carrier: 'cluster',
  bee: 'stingless',
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
    { key: 'boxWidthMm', label: hiveSay('hive.width-inside'), unit: 'mm', low: 80, high: 400 },
    { key: 'broodDepthMm', label: hiveSay('hive.depth-brood-box'), unit: 'mm', low: 80, high: 300 },
    {
      key: 'superDepthMm',
      label: hiveSay('hive.depth-honey-super'),
      unit: 'mm',
      low: 30,
      high: 150,
    },
    { key: 'supers', label: hiveSay('hive.honey-supers'), low: 0, high: 3 },
    { key: 'potGroups', label: hiveSay('hive.groups-pots'), low: 1, high: 6 },
    { key: 'potWidthMm', label: hiveSay('hive.pot-width'), unit: 'mm', low: 8, high: 50 },
    { key: 'potHeightMm', label: hiveSay('hive.pot-height'), unit: 'mm', low: 8, high: 60 },
  ],
  choices: [
    {
      key: 'hole',
      label: hiveSay('hive.hole-up-to-supers'),
      options: [
        { value: 'left', label: hiveSay('hive.at-left') },
        { value: 'middle', label: hiveSay('hive.in-middle') },
        { value: 'right', label: hiveSay('hive.at-right') },
      ],
      says: fieldSay('field.left-middle-right'),
      mayBeUnsaid: true,
    },
  ],
  handles: { places: 'potGroups', depthMm: 'superDepthMm', boxes: 'supers' },
  boxesAtStart: (g) => [
    'brood' as const,
    ...Array.from({ length: g.supers }, () => 'super' as const),
  ],
  compartment: (g, name) => ({
    label: name === 'brood' ? hiveSay('hive.in-brood-box') : hiveSay('hive.in-honey-super'),
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
    hiveSay('hive.brood-never-opened'),
    hiveSay('hive.spilled-honey-and-torn-pollen'),
    hiveSay('hive.native-bees-are-protected-by'),
    hiveSay('hive.honey-thin-and-ferments-cold'),
  ],
};
