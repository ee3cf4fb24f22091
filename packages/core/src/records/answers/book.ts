import { z } from 'zod';
import { CRUSH_METHODS } from '../vocabulary/bench.js';
import { harvestSummaryRecord } from '../vocabulary/book.js';
import { number, id, text, day, instant } from '../vocabulary/fields.js';
import { HIVE_KIND_NAMES } from '../vocabulary/hive.js';

/**
 * Every harvest as seasons count it; what stands beside it is reckoned from them and told in words.
 */
export const seasonsAnswer = z.looseObject({ harvests: z.array(harvestSummaryRecord) });

const past = {
  share: number,
  tauHours: number.nullable(),
};
/** Drains and frames that are done, for what is learned from them. */
export const runsAnswer = z.strictObject({
  drains: z.array(
    z.strictObject({
      ...past,
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
    }),
  ),
  frames: z.array(z.strictObject(past)),
});

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

const knownHarvest = { batchId: id.nullable(), hiveName: text.nullable(), date: day.nullable() };
/**
 * Where a lot came from, or where it is now: each part with its grams and its share of the whole.
 */
export const traceAnswer = z.strictObject({
  lot: z.strictObject({
    id,
    name: text,
    code: text.nullable(),
    batchId: id,
    hiveName: text,
    date: text,
  }),
  shares: z.array(
    z.strictObject({ lot: text, g: number, share: number, name: text, ...knownHarvest }),
  ),
});

/** A table of the household, and how many rows it has. */
export const tableAnswer = z.strictObject({ name: text, rows: number });

/** An entry that came late and no longer fits: the command as it was sent, and why it waits. */
export const heldAnswer = z.strictObject({
  id,
  route: text,
  command: text,
  why: text,
  recordedAt: instant,
});
