import { tableOf } from '../../units/known.js';
import { hiveSay } from '../says.js';
import { fieldSay } from '../../say/field.js';
import { sealedThicknessMm, type HiveKind } from '../kind.js';

/** Measures of a horizontal top-bar hive, in mm; bars are counted from the entrance. */
export type TopBarGeometry = Record<
  'bars' | 'barWidthMm' | 'combDepthMm' | 'topWidthMm' | 'bottomWidthMm' | 'followerAfterBar',
  number
>;

/**
 * A common size: 22 bars of 36 mm, combs 400 wide at the bar, 250 below, 204 deep. Every measure is
 * the household's to change.
 */
export const TOP_BAR_DEFAULTS: TopBarGeometry = {
  bars: 22,
  barWidthMm: 36,
  combDepthMm: 204,
  topWidthMm: 400,
  bottomWidthMm: 250,
  followerAfterBar: 17,
};

const MEASURES = [
  'bars',
  'barWidthMm',
  'combDepthMm',
  'topWidthMm',
  'bottomWidthMm',
  'followerAfterBar',
] as const satisfies readonly (keyof TopBarGeometry)[];

/** The measures of a long hive, where what is at hand is only known to be some hive's. */
export const topBarOf = (geometry: Readonly<Record<string, unknown>>): TopBarGeometry =>
  tableOf(MEASURES, (measure) => Number(geometry[measure]));

/** Inner length of the hive in mm. */
export function innerLengthMm(geometry: TopBarGeometry): number {
  return geometry.bars * geometry.barWidthMm;
}

export const topBarHive: HiveKind<TopBarGeometry> = {
  kind: 'top-bar',
  name: hiveSay('hiveName.top-bar'),
  unitTaken: 'comb',
  carrier: 'bar',
  bee: 'honeybee',
  defaults: TOP_BAR_DEFAULTS,
  measures: [
    { key: 'bars', label: hiveSay('hive.number-bars'), low: 5, high: 60 },
    { key: 'barWidthMm', label: hiveSay('hive.bar-width'), unit: 'mm', low: 28, high: 45 },
    { key: 'combDepthMm', label: hiveSay('hive.comb-depth'), unit: 'mm', low: 100, high: 500 },
    { key: 'topWidthMm', label: hiveSay('hive.top-width'), unit: 'mm', low: 150, high: 700 },
    { key: 'bottomWidthMm', label: hiveSay('hive.bottom-width'), unit: 'mm', low: 50, high: 700 },
    {
      key: 'followerAfterBar',
      label: hiveSay('hive.bars-in-front-board'),
      refusedAs: hiveSay('hive.follower-board-behind-bar'),
      low: 1,
      high: 60,
    },
  ],
  choices: [],
  relations: [
    {
      key: 'followerAfterBar',
      holds: (g) => g.followerAfterBar <= g.bars,
      says: fieldSay('field.board-within-bars'),
    },
    {
      key: 'bottomWidthMm',
      holds: (g) => g.bottomWidthMm <= g.topWidthMm,
      says: fieldSay('field.comb-wider-above'),
    },
  ],
  handles: null,
  boxesAtStart: () => [],
  compartment: (g) => ({
    label: hiveSay('hive.in-bar'),
    positions: g.bars,
    combsAtStart: g.followerAfterBar,
    pitchMm: g.barWidthMm,
    innerWidthMm: innerLengthMm(g),
    innerDepthMm: g.combDepthMm + 12,
    outline: { topWidthMm: g.topWidthMm, bottomWidthMm: g.bottomWidthMm, depthMm: g.combDepthMm },
    thicknessMm: sealedThicknessMm(g.barWidthMm),
    readable: true,
  }),
  readCompartment: 'file',
  newBox: null,
  seenBy: ['hand', 'photo', 'window'],
  moves: ['shift-bars', 'swap'],
  drainsInPlace: false,
  dripsInBox: false,
  superPurpose: null,
  keepsBlock: false,
  hungFrom: 'bar',
  winterNeedIn: 'winterNeedKg',
  boxesGoWhole: false,
  risks: [
    hiveSay('hive.comb-held-flat-or-warm'),
    hiveSay('hive.comb-built-across-two-bars'),
    hiveSay('hive.once-comb-hangs-on-last'),
    hiveSay('hive.gap-between-bars-lets-robbers'),
  ],
};
