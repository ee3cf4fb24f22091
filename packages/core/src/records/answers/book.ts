import { sayRecord } from '../../say/sayRecord.js';
import { z } from 'zod';
import { refuses } from '../../say/field.js';
import { CRUSH_METHODS } from '../vocabulary/bench.js';
import { harvestSummaryRecord } from '../vocabulary/book.js';
import { number, id, text, day, range, instant } from '../vocabulary/fields.js';
import { HIVE_KIND_NAMES } from '../vocabulary/hive.js';

const pastRunRecord = z.strictObject({
  /** Honey out as a share of the honey that was in the comb. */
  share: number,
  /** Hours of tau at 25 °C and 18 % water; null where it was not weighed while it ran. */
  tauHours: number.nullable(),
});
/** What one run teaches the next. */
export type PastRun = z.infer<typeof pastRunRecord>;

const householdRunRecord = z.strictObject({
  ...pastRunRecord.shape,
  drainId: id,
  batchId: id,
  hiveName: text,
  date: day,
  method: z.enum(CRUSH_METHODS),
  hiveKind: z.enum(HIVE_KIND_NAMES),
  thixotropic: z.boolean(),
  warmed: z.boolean(),
  pressed: z.boolean(),
  drippedG: number,
  pressedG: number,
  residualShare: number,
});
/** One closed drain of the household: what its forecast, its press and its norm learn from. */
export type HouseholdRun = z.infer<typeof householdRunRecord>;
/** Drains and frames that are done, for what is learned from them. */
export const runsAnswer = z.strictObject({
  drains: z.array(householdRunRecord),
  frames: z.array(pastRunRecord),
});
export type HouseholdRuns = z.infer<typeof runsAnswer>;

/** A comb as it was estimated and guessed, beside what the scale said, kg. */
export const estimatePairAnswer = z.strictObject({
  combId: id,
  hiveName: text,
  hiveKind: z.enum(HIVE_KIND_NAMES),
  date: day,
  estimateKg: number,
  guessKg: number.nullable(),
  weighedKg: number,
});

export type EstimatePair = z.infer<typeof estimatePairAnswer>;

const correctionRecord = z.strictObject({
  count: number,
  factor: range,
  applies: z.boolean(),
  sentence: sayRecord,
});
/** What the household's own scale says of its estimates. */
export type EstimateCorrection = z.infer<typeof correctionRecord>;

const missedGearRecord = z.strictObject({
  gear: z.enum(['press', 'bucket']),
  honeyKg: range.nullable(),
  minutes: number.nullable(),
  harvests: number,
  sentence: sayRecord,
});
/** What a press or a larger bucket would have saved. */
export type MissedGear = z.infer<typeof missedGearRecord>;

/** Every harvest as seasons count it, and what is reckoned from them. */
export const seasonsAnswer = z.strictObject({
  harvests: z.array(harvestSummaryRecord),
  pairs: z.array(estimatePairAnswer),
  correction: correctionRecord.nullable(),
  missed: z.array(missedGearRecord),
  currency: text,
});
export type Seasons = z.infer<typeof seasonsAnswer>;

const knownHarvest = { batchId: id.nullable(), hiveName: text.nullable(), date: day.nullable() };
/**
 * Where a lot came from, or where it is now: each part with its grams and its share of the whole.
 */
export const traceAnswer = z.strictObject({
  lot: z.strictObject({
    id,
    name: sayRecord,
    code: text.nullable(),
    batchId: id,
    hiveName: text,
    date: text,
  }),
  shares: z.array(
    z.strictObject({ lot: text, g: number, share: number, name: sayRecord, ...knownHarvest }),
  ),
});

export type Trace = z.infer<typeof traceAnswer>;
/** Which lot is traced, by its id or by the code on its label, and which way. */
export const traceQuery = z.object({
  lot: z.string().optional(),
  code: z.string().optional(),
  direction: z.enum(['back', 'forward'], refuses('field.back-or-forward')),
});

/** A table of the household, and how many rows it has. */
export const tableAnswer = z.strictObject({ name: text, rows: number });

/** An entry that came late and no longer fits: the command as it was sent, and why it waits. */
export const heldAnswer = z.strictObject({
  id,
  route: text,
  command: text,
  why: sayRecord,
  recordedAt: instant,
});
