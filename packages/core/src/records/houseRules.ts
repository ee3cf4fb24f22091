import { z } from 'zod';
import {
  A_NUMBER,
  atMostLetters,
  celsius,
  grams,
  kilograms,
  minutes,
  percent,
  whole,
  wholeDays,
  wholeMonths,
} from '../say/limits.js';
import { refuses } from '../say/field.js';
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
import { LANGUAGES } from '../say/languages.js';
import { CRUSH_METHODS } from './vocabulary/bench.js';
import { HIVE_KIND_NAMES } from './vocabulary/hive.js';
import { unitsSchema } from './vocabulary/unitsSchema.js';

/**
 * The household's rules: one immutable version at a time. Where practitioners disagree each school
 * is a choice; a decision keeps the version it was made under.
 */
export const houseRulesSchema = z.strictObject({
  units: unitsSchema,
  /** What screens and papers speak; null: what the device asks for that shows or prints them. */
  language: z.enum(LANGUAGES).nullable(),
  /** What plans, look sheets and templates are printed on. */
  paper: z.enum(['a4', 'letter']),
  /** Capped share of the honey at which a comb counts as ripe. */
  ripeCappedPercent: z.union(
    [z.literal(75), z.literal(80), z.literal(90), z.literal(100)],
    refuses('field.percent-choices'),
  ),
  /** The same for a drain frame, where the caps are also its outer wall. */
  ripeDrainPercent: z.union(
    [z.literal(75), z.literal(80), z.literal(90), z.literal(100)],
    refuses('field.percent-choices'),
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
  moistureLimitPercent: percent(14, 23),
  /**
   * Another limit for hives of a kind, such as where a native species lives in them; a kind that is
   * not there goes by the general one.
   */
  moistureLimitByKindPercent: z.partialRecord(z.enum(HIVE_KIND_NAMES), percent(14, 23)),
  /** What the colony keeps for winter in a top-bar hive; null until the household has said. */
  winterNeedKg: kilograms(0, 60).nullable(),
  /**
   * The same for the other kinds of hive, by what is read in them; a kind that is not there was
   * never said.
   */
  winterNeedByKindKg: z.partialRecord(z.enum(HIVE_KIND_NAMES), kilograms(0, 60)),
  /** What a household does with a super it keeps back for the bees. */
  takeBroodUsedComb: z.boolean(),
  /**
   * The date by which supers come off and the queen excluder is out, day and month; null until
   * said.
   */
  supersOffBy: z
    .string()
    .regex(/^(0[1-9]|1[0-2])-([0-2]\d|3[01])$/, refuses('field.day-and-month'))
    .nullable(),
  /** Seasons after which an old frame or sheet is due to go. */
  frameSeasons: whole(1, 30),
  /** Days between looks: in a flow or while a comb super is on, else, and in winter. */
  lookFlowDays: wholeDays(1, 60),
  lookWinterDays: wholeDays(7, 180),
  /** Tilt asked of a drain frame before it is opened, degrees. */
  drainTiltDegrees: z.union([z.literal(2.5), z.literal(3), z.literal(5)]),
  /** Whether honey may be taken from a colony in its first season. */
  takeInFirstSeason: z.boolean(),
  lookAgainDays: wholeDays(1, 60),
  crush: z.enum(CRUSH_METHODS),
  strain: z.enum(['once', 'twice', 'cloth', 'none']),
  stirEveryHours: z
    .number(A_NUMBER)
    .min(0.5, refuses('field.half-an-hour'))
    .max(168, refuses('field.a-week')),
  /** How often crushed comb is stirred, and whether slices are turned too. */
  stirs: z.enum(['twice', 'until-ended']),
  stirSlices: z.boolean(),
  kitchenTemperatureC: celsius(5, 45),
  quietFrom: clockTime,
  quietTo: clockTime,
  minutesPerComb: minutes(1, 120),
  minutesPerJar: minutes(0.2, 30),
  /** Advice to stop draining comes when less than this flows in an hour. */
  stopBelowGPerHour: grams(1, 1000),
  bestBeforeMonths: wholeMonths(1, 60),
  registeredToSell: z.boolean(),
  labelMaker: z.string().max(80, atMostLetters(80)),
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
