import { z } from 'zod';
import { HIVE_KIND_NAMES, hasClosedBrood, type HiveKindName } from '../hive/kinds.js';

const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time such as 22:00.');

/**
 * The household's rules: one immutable version at a time. Where practitioners disagree each school is a
 * choice; a decision keeps the version it was made under.
 */
export const houseRulesSchema = z.strictObject({
  units: z.enum(['metric', 'imperial']),
  /** Capped share of the honey at which a comb counts as ripe. */
  ripeCappedPercent: z.union([z.literal(75), z.literal(80), z.literal(90), z.literal(100)], 'Choose 75, 80, 90 or 100 %.'),
  /** The same for a drain frame, where the caps are also its outer wall. */
  ripeDrainPercent: z.union([z.literal(75), z.literal(80), z.literal(90), z.literal(100)], 'Choose 75, 80, 90 or 100 %.'),
  /** Whether the comb as a whole meets the share, or its worse side must. */
  ripeOf: z.enum(['comb', 'worst-side']),
  /** From this share on a comb that is not ripe is worth testing; null: it is left. */
  considerFromPercent: z.union([z.literal(60), z.literal(75)]).nullable(),
  /** Whether measured water may turn 'leave' into 'take' and back. */
  moistureMayOverrule: z.boolean(),
  moistureLimitPercent: z.number('A percentage.').min(14, 'At least 14 %.').max(23, 'At most 23 %.'),
  /** What the colony keeps for winter in a top-bar hive; null until the household has said. */
  winterNeedKg: z.number('Kilograms.').min(0, 'At least 0 kg.').max(60, 'At most 60 kg.').nullable(),
  /** The same for the other kinds of hive, by what is read in them; a kind that is not there was never said. */
  winterNeedByKindKg: z.partialRecord(z.enum(HIVE_KIND_NAMES), z.number('Kilograms.').min(0, 'At least 0 kg.').max(60, 'At most 60 kg.')),
  /** What a household does with a super it keeps back for the bees. */
  takeBroodUsedComb: z.boolean(),
  /** The date by which supers come off and the queen excluder is out, day and month; null until said. */
  supersOffBy: z.string().regex(/^(0[1-9]|1[0-2])-([0-2]\d|3[01])$/, 'A day and month.').nullable(),
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
  crush: z.enum(['mash', 'chop', 'slice']),
  strain: z.enum(['once', 'twice', 'cloth', 'none']),
  stirEveryHours: z.number('Hours.').min(0.5, 'At least half an hour.').max(24, 'At most 24 hours.'),
  kitchenTemperatureC: z.number('Degrees.').min(5, 'At least 5 °C.').max(45, 'At most 45 °C.'),
  quietFrom: clockTime,
  quietTo: clockTime,
  minutesPerComb: z.number('Minutes.').min(1, 'At least 1 minute.').max(120, 'At most 120 minutes.'),
  minutesPerJar: z.number('Minutes.').min(0.2, 'At least 0.2 minutes.').max(30, 'At most 30 minutes.'),
  /** Advice to stop draining comes when less than this flows in an hour. */
  stopBelowGPerHour: z.number('Grams an hour.').min(1, 'At least 1 g an hour.').max(1000, 'At most 1000 g an hour.'),
  bestBeforeMonths: z.int('Whole months.').min(1, 'At least 1 month.').max(60, 'At most 60 months.'),
  registeredToSell: z.boolean(),
  labelMaker: z.string().max(80, 'At most 80 letters.'),
  wetGear: z.enum(['wash', 'same-hive', 'open']),
});
export type HouseRules = z.infer<typeof houseRulesSchema>;

/** Starting rules. Minutes and kitchen temperature are starting guesses that the household replaces by its own. */
export const DEFAULT_RULES: HouseRules = {
  units: 'metric',
  ripeCappedPercent: 80,
  ripeDrainPercent: 90,
  ripeOf: 'comb',
  considerFromPercent: null,
  moistureMayOverrule: true,
  moistureLimitPercent: 18.6,
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
};

/** What the household says a colony of this kind keeps for winter, kg; null where it never said. */
export function winterNeedOf(rules: Pick<HouseRules, 'winterNeedKg' | 'winterNeedByKindKg'>, kind: HiveKindName): number | null {
  return kind === 'top-bar' ? rules.winterNeedKg : (rules.winterNeedByKindKg[kind] ?? null);
}

/** Whether the winter need is to be asked for this kind: not where closed brood boxes hold the stores. */
export function winterIsRead(kind: HiveKindName): boolean {
  return !hasClosedBrood(kind);
}

/** What the schools are called on screen, with the reason a household would choose each. */
export const SCHOOLS = {
  ripeCappedPercent: { 75: 'Capped on three quarters', 80: 'Capped on four fifths', 90: 'Capped on nine tenths', 100: 'Capped to the edge' },
  ripeOf: { comb: 'The comb as a whole', 'worst-side': 'Its worse side too' },
  crush: { mash: 'Mash to pulp: quick, cloudy', chop: 'Chop fine', slice: 'Slice and leave: slow, clear' },
  strain: { once: 'Strain once', twice: 'Strain twice', cloth: 'Through cloth', none: 'Do not strain' },
  wetGear: { wash: 'Wash it', 'same-hive': 'Back inside the same hive', open: 'Out in the open' },
} as const;
