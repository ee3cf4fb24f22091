import { z } from 'zod';
import type { Contradiction, HarvestSummary } from '../vocabulary/book.js';
import { WAYS } from '../vocabulary/ways.js';
import { HIVE_KIND_NAMES } from '../vocabulary/hive.js';
import type { Reserve } from '../aftercare.js';
import { day, id, instant, number, range, revision, row, text } from './common.js';

/** What the server answers of the book over years, as schemas. */
const harvestSummary: z.ZodType<HarvestSummary> = z
  .strictObject({
    batchId: id,
    hiveId: id,
    hiveName: text,
    siteName: text,
    kind: z.enum(HIVE_KIND_NAMES),
    method: z.enum(WAYS),
    date: day,
    season: text,
    closed: z.boolean(),
    combs: number,
    boxes: number,
    hiveL: number,
    honeyG: number,
    waxG: number,
    wetWaxG: number,
    pieces: number,
    piecesG: number,
    jars: number,
    combG: number,
    estimatedHoneyKg: range.nullable(),
    handsOnMinutes: number,
    worth: number,
    cost: number,
    drawOffs: number,
    drawOffMinutes: number,
    pressed: z.boolean(),
  })
  .meta({ id: 'HarvestSummary' });

/**
 * Every harvest as seasons count it; what stands beside it is reckoned from them and told in words.
 */
export const seasonsAnswer = z.looseObject({ harvests: z.array(harvestSummary) });

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
      method: z.enum(['mash', 'chop', 'slice']),
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

/** Jars promised to somebody. */
export const reserveAnswer: z.ZodType<Reserve> = z
  .strictObject({
    ...row,
    id,
    jarKindId: id,
    count: number,
    fate: z.enum(['sold', 'given']),
    forDate: day.nullable(),
    personId: id.nullable(),
    doneAt: instant.nullable(),
    revision,
  })
  .meta({ id: 'Reserve' });

/** What cannot all be true in what was written down, as a question. */
export const questionAnswer: z.ZodType<Contradiction> = z
  .strictObject({
    id: text,
    code: z.enum([
      'harvest-before-look',
      'look-after-taken',
      'comb-in-two-places',
      'hive-named-twice',
      'board-in-and-out',
      'queen-in-closed-hive',
      'years-counted-twice',
      'side-named-twice',
    ]),
    sentence: text,
    hiveId: id.nullable(),
    batchId: id.nullable(),
  })
  .meta({ id: 'Question' });

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
