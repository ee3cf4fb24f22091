import { sayRecord } from '../../say/sayRecord.js';
import { z } from 'zod';
import { id, text, day, number, range } from './fields.js';
import { HIVE_KIND_NAMES } from './hive.js';
import { WAYS } from './ways.js';

export const harvestSummaryRecord = z
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
    /** Honey that the estimate at the choice promised, kg; null where none was made. */
    estimatedHoneyKg: range.nullable(),
    handsOnMinutes: number,
    /**
     * What went out by what was asked for it, and what stands on the shelf by the kit's prices; and
     * what jars and boxes cost.
     */
    worth: number,
    cost: number,
    drawOffs: number,
    drawOffMinutes: number,
    pressed: z.boolean(),
  })
  .meta({ id: 'HarvestSummary' });
/** One harvest as seasons count it, grams and minutes, all derived from the book and the log. */
export type HarvestSummary = z.infer<typeof harvestSummaryRecord>;

export const questionRecord = z
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
    sentence: sayRecord,
    hiveId: id.nullable(),
    batchId: id.nullable(),
  })
  .meta({ id: 'Question' });
/** What cannot all be true in what was written down, as a question. */
export type Contradiction = z.infer<typeof questionRecord>;
