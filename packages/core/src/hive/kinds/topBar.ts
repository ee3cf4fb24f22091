import { tableOf } from '../../units/known.js';
import { z } from 'zod';
import { count, mm, sealedThicknessMm, type HiveKind } from '../kind.js';

/** Measures of a horizontal top-bar hive, in mm; bars are counted from the entrance. */
export const topBarGeometrySchema = z
  .strictObject({
    bars: z.int('Whole bars.').min(5, 'At least 5 bars.').max(60, 'At most 60 bars.'),
    barWidthMm: mm(28, 45, 'Bar width'),
    combDepthMm: mm(100, 500, 'Comb depth'),
    topWidthMm: mm(150, 700, 'Top width'),
    bottomWidthMm: mm(50, 700, 'Bottom width'),
    followerAfterBar: count(1, 60, 'Follower board behind bar'),
  })
  .refine((g) => g.followerAfterBar <= g.bars, {
    message: 'The follower board stands within the bars.',
    path: ['followerAfterBar'],
  })
  .refine((g) => g.bottomWidthMm <= g.topWidthMm, {
    message: 'The comb is no wider below than at the bar.',
    path: ['bottomWidthMm'],
  });
export type TopBarGeometry = z.infer<typeof topBarGeometrySchema>;

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
  name: 'Horizontal top-bar hive',
  unitTaken: 'comb',
  carrier: 'bar',
  bee: 'honeybee',
  geometrySchema: topBarGeometrySchema,
  defaults: TOP_BAR_DEFAULTS,
  measures: [
    { key: 'bars', label: 'Number of bars', low: 5, high: 60 },
    { key: 'barWidthMm', label: 'Bar width', unit: 'mm', low: 28, high: 45 },
    { key: 'combDepthMm', label: 'Comb depth', unit: 'mm', low: 100, high: 500 },
    { key: 'topWidthMm', label: 'Top width', unit: 'mm', low: 150, high: 700 },
    { key: 'bottomWidthMm', label: 'Bottom width', unit: 'mm', low: 50, high: 700 },
    { key: 'followerAfterBar', label: 'Bars in front of the board', low: 1, high: 60 },
  ],
  choices: [],
  handles: null,
  boxesAtStart: () => [],
  compartment: (g) => ({
    label: 'bar',
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
    'A comb held flat or warm breaks off its bar: it hangs straight down, always.',
    'Comb built across two bars tears both: cut it free before you lift.',
    'Once comb hangs on the last bar the board is stuck behind it: take a comb before that day.',
    'A gap between bars lets robbers in and heat out: bars close up tight.',
  ],
  takingSteps: [
    'Smoke, wait',
    'Follower board out',
    'From the back: cut the walls, slide level, lift straight up',
    'Look for brood and the queen on both sides',
    'Bars back in order, the empty ones last',
    'Look back after 24 hours',
  ],
};
