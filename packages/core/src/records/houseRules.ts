import { z } from 'zod';
import {
  clockTime,
  winterRules,
  plannedWork,
  benchRules,
  cutRules,
  judgementRules,
  schoolRules,
  labelRules,
  waxRules,
  worthRules,
} from './ruleGroups.js';
import { CRUSH_METHODS } from './vocabulary/bench.js';
import { HIVE_KIND_NAMES } from './vocabulary/hive.js';
import { METRIC, unitsSchema } from './vocabulary/units.js';

/**
 * The household's rules: one immutable version at a time. Where practitioners disagree each school
 * is a choice; a decision keeps the version it was made under.
 */
export const houseRulesSchema = z.strictObject({
  units: unitsSchema,
  /** What plans, look sheets and templates are printed on. */
  paper: z.enum(['a4', 'letter']),
  /** Capped share of the honey at which a comb counts as ripe. */
  ripeCappedPercent: z.union(
    [z.literal(75), z.literal(80), z.literal(90), z.literal(100)],
    'Choose 75, 80, 90 or 100 %.',
  ),
  /** The same for a drain frame, where the caps are also its outer wall. */
  ripeDrainPercent: z.union(
    [z.literal(75), z.literal(80), z.literal(90), z.literal(100)],
    'Choose 75, 80, 90 or 100 %.',
  ),
  /**
   * Whether the comb as a whole meets the share, its worse side must, or the piece that is used
   * alone.
   */
  ripeOf: z.enum(['comb', 'worst-side', 'piece']),
  /** From this share on a comb that is not ripe is worth testing; null: it is left. */
  considerFromPercent: z.union([z.literal(60), z.literal(75)]).nullable(),
  /** Whether measured water may turn 'leave' into 'take' and back. */
  moistureMayOverrule: z.boolean(),
  moistureLimitPercent: z
    .number('A percentage.')
    .min(14, 'At least 14 %.')
    .max(23, 'At most 23 %.'),
  /**
   * Another limit for hives of a kind, such as where a native species lives in them; a kind that is
   * not there goes by the general one.
   */
  moistureLimitByKindPercent: z.partialRecord(
    z.enum(HIVE_KIND_NAMES),
    z.number('A percentage.').min(14, 'At least 14 %.').max(23, 'At most 23 %.'),
  ),
  /** What the colony keeps for winter in a top-bar hive; null until the household has said. */
  winterNeedKg: z
    .number('Kilograms.')
    .min(0, 'At least 0 kg.')
    .max(60, 'At most 60 kg.')
    .nullable(),
  /**
   * The same for the other kinds of hive, by what is read in them; a kind that is not there was
   * never said.
   */
  winterNeedByKindKg: z.partialRecord(
    z.enum(HIVE_KIND_NAMES),
    z.number('Kilograms.').min(0, 'At least 0 kg.').max(60, 'At most 60 kg.'),
  ),
  /** What a household does with a super it keeps back for the bees. */
  takeBroodUsedComb: z.boolean(),
  /**
   * The date by which supers come off and the queen excluder is out, day and month; null until
   * said.
   */
  supersOffBy: z
    .string()
    .regex(/^(0[1-9]|1[0-2])-([0-2]\d|3[01])$/, 'A day and month.')
    .nullable(),
  /** Seasons after which an old frame or sheet is due to go. */
  frameSeasons: z.int('Whole seasons.').min(1, 'At least 1 season.').max(30, 'At most 30 seasons.'),
  /** Days between looks: in a flow or while a comb super is on, else, and in winter. */
  lookFlowDays: z.int('Whole days.').min(1, 'At least 1 day.').max(60, 'At most 60 days.'),
  lookWinterDays: z.int('Whole days.').min(7, 'At least 7 days.').max(180, 'At most 180 days.'),
  /** Tilt asked of a drain frame before it is opened, degrees. */
  drainTiltDegrees: z.union([z.literal(2.5), z.literal(3), z.literal(5)]),
  /** Whether honey may be taken from a colony in its first season. */
  takeInFirstSeason: z.boolean(),
  lookAgainDays: z.int('Whole days.').min(1, 'At least 1 day.').max(60, 'At most 60 days.'),
  crush: z.enum(CRUSH_METHODS),
  strain: z.enum(['once', 'twice', 'cloth', 'none']),
  stirEveryHours: z
    .number('Hours.')
    .min(0.5, 'At least half an hour.')
    .max(168, 'At most a week, 168 hours.'),
  /** How often crushed comb is stirred, and whether slices are turned too. */
  stirs: z.enum(['twice', 'until-ended']),
  stirSlices: z.boolean(),
  kitchenTemperatureC: z.number('Degrees.').min(5, 'At least 5 °C.').max(45, 'At most 45 °C.'),
  quietFrom: clockTime,
  quietTo: clockTime,
  minutesPerComb: z
    .number('Minutes.')
    .min(1, 'At least 1 minute.')
    .max(120, 'At most 120 minutes.'),
  minutesPerJar: z
    .number('Minutes.')
    .min(0.2, 'At least 0.2 minutes.')
    .max(30, 'At most 30 minutes.'),
  /** Advice to stop draining comes when less than this flows in an hour. */
  stopBelowGPerHour: z
    .number('Grams an hour.')
    .min(1, 'At least 1 g an hour.')
    .max(1000, 'At most 1000 g an hour.'),
  bestBeforeMonths: z
    .int('Whole months.')
    .min(1, 'At least 1 month.')
    .max(60, 'At most 60 months.'),
  registeredToSell: z.boolean(),
  labelMaker: z.string().max(80, 'At most 80 letters.'),
  wetGear: z.enum(['wash', 'same-hive', 'open']),
  ...winterRules,
  ...plannedWork,
  ...benchRules,
  ...cutRules,
  ...labelRules,
  ...waxRules,
  ...judgementRules,
  ...schoolRules,
  ...worthRules,
});
export type HouseRules = z.infer<typeof houseRulesSchema>;

/**
 * Starting rules. Minutes and kitchen temperature are starting guesses that the household replaces
 * by its own.
 */
export const DEFAULT_RULES: HouseRules = {
  units: METRIC,
  paper: 'a4',
  ripeCappedPercent: 80,
  ripeDrainPercent: 90,
  ripeOf: 'comb',
  considerFromPercent: null,
  moistureMayOverrule: true,
  moistureLimitPercent: 18.6,
  moistureLimitByKindPercent: {},
  winterNeedKg: null,
  winterNeedByKindKg: {},
  takeBroodUsedComb: false,
  supersOffBy: null,
  frameSeasons: 3,
  lookFlowDays: 7,
  lookWinterDays: 60,
  drainTiltDegrees: 3,
  takeInFirstSeason: false,
  lookAgainDays: 7,
  crush: 'mash',
  strain: 'once',
  stirEveryHours: 2,
  stirs: 'twice',
  stirSlices: false,
  kitchenTemperatureC: 22,
  quietFrom: '22:00',
  quietTo: '07:00',
  minutesPerComb: 10,
  minutesPerJar: 3,
  stopBelowGPerHour: 20,
  bestBeforeMonths: 24,
  registeredToSell: false,
  labelMaker: '',
  wetGear: 'wash',
  winterUseByMonthKg: {},
  hardWinterPercent: 15,
  strengthPercent: { weak: 100, middle: 100, strong: 100 },
  maxCombsPerHive: null,
  people: 2,
  liftKg: 15,
  freezerL: null,
  freezerTemperatureC: -18,
  freeze: 'pieces',
  nightTemperatureC: null,
  workFrom: '07:00',
  workTo: '21:00',
  minutesPerPiece: 3,
  minutesPerPressing: 30,
  smoke: 'by-temper',
  beesOff: 'brush',
  windLimitKmH: 20,
  heatIndexLimitC: 32,
  vehicleL: null,
  vehicleKg: null,
  smokeWaitMinutes: 3,
  starterLeft: 'ridge',
  potsBy: 'suction',
  guessFirst: false,
  stingsPause: 3,
  stingsStop: 6,
  frameParts: 4,
  framesAtOnce: 2,
  vesselCover: 'dearth',
  frameReset: 'near-end',
  frameDone: 'droplet',
  trayAfter: 'in',
  frameMaxWeeks: 6,
  followUpWeeks: null,
  warm: 'gently',
  warmLimitC: 38,
  pressRestMinutes: 15,
  pressEnoughG: 50,
  kerfMm: 3,
  flawLeastCm2: 1,
  pieceDiscountPercent: 30,
  underWeight: 'discount',
  pest: 'moth',
  currency: '',
  waxPerKg: 0,
  makerAddress: '',
  countryOfOrigin: '',
  sellWhere: '',
  tradeScale: false,
  nutritionOnLabel: false,
  baseAddress: '',
  lotPageShows: ['site', 'harvested', 'flower', 'maker'],
  useFirstDays: 60,
  wetWaxDays: 30,
  waxFrozenWeeks: null,
  waxWay: 'water-bath',
  rinseKeepsHours: 24,
  rinseColdKeepsHours: 72,
  shelfDays: {
    flow: 14,
    bloom: 31,
    temper: 60,
    strength: 30,
    queen: 14,
    broodCheck: 21,
    tilt: 365,
    water: 14,
    look: 60,
  },
  leastHoneyG: 300,
  sellingLimitPercent: 20,
  watchMonths: 12,
  useSoonMonths: 6,
  springReserveKg: 4,
  potsStayPercent: 50,
  potsWeeksBeforeWinter: 8,
  stinglessSpecies: '',
  stinglessPermit: '',
  harvestWhen: 'comb-by-comb',
  halfPieces: 'trimmed',
  extraSuper: 'by-flow',
  belowSuper: 'empty-super',
  finishedCombFrames: 'outward',
  finishedLiquidFrames: 'stay',
  wetFrames: 'at-once',
  remash: 'never',
  preferredHour: 'none',
  startingValues: 'marked',
  lotsBy: 'hive',
  givenPercent: 0,
  givenWorthPercent: 100,
  ownPercent: 0,
  ownWorthPercent: 100,
};
