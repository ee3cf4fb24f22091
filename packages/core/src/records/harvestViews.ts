import { z } from 'zod';
import { outRecord, balance } from './bookViews.js';
import { cutBoardRecord, cutPieceRecord, keepingRecord } from './cutViews.js';
import { waterReadingRecord, drainRecord } from './drainViews.js';
import { planSchema } from './harvest.js';
import { STAGES } from './vocabulary/stages.js';
import { hiveRecord, lookRecord } from './hiveViews.js';
import { sayRecord } from '../say/sayRecord.js';
import { holdRecord } from './holds.js';
import { takeRecord, stepMarkRecord, incidentRecord, frameEventRecord } from './takeViews.js';
import { row, id, text, day, instant, number, range, revision } from './vocabulary/fields.js';
import { HIVE_KIND_NAMES } from './vocabulary/hive.js';
import { lotKeepingRecord } from './vocabulary/keeping.js';
import { WAYS } from './vocabulary/ways.js';

/** What is read of one harvest, and of it as a whole. */
export const batchRecord = z
  .strictObject({
    ...row,
    id,
    visitId: id,
    hiveId: id,
    hiveName: text,
    hiveKind: z.enum(HIVE_KIND_NAMES),
    siteName: text,
    zone: text,
    date: day,
    method: z.enum(WAYS),
    lotGroup: text.nullable(),
    /** What the person calls this lot: by colour, by season; null where it has no name of its own. */
    lotName: text.nullable(),
    stage: z.enum(STAGES),
    closedAt: instant.nullable(),
    lookedBackAt: instant.nullable(),
    combIds: z.array(id),
    anyway: z.array(z.strictObject({ combId: id, reason: text })),
    plan: planSchema.nullable(),
    rulesVersion: number,
    code: text.nullable(),
    /**
     * Honey that the decision promised, kg; null where none was reckoned. The decision itself stays
     * with the server.
     */
    expectedHoneyKg: range.nullable().optional(),
    handsOnMinutes: number,
    createdAt: instant,
    revision,
  })
  .meta({ id: 'Batch' });
export type Batch = z.infer<typeof batchRecord>;

export const batchDetailRecord = z
  .strictObject({
    batch: batchRecord,
    hive: hiveRecord,
    /**
     * Other lots that are taken from this hive in the same visit; `leftOpen`: done, and the hive was
     * left open for the next.
     */
    sameVisit: z.array(z.strictObject({ id, stage: z.enum(STAGES), leftOpen: z.boolean() })),
    looks: z.array(lookRecord),
    takes: z.array(takeRecord),
    marks: z.array(stepMarkRecord),
    incidents: z.array(incidentRecord),
    frameEvents: z.array(frameEventRecord),
    waterReadings: z.array(waterReadingRecord),
    boards: z.array(cutBoardRecord),
    pieces: z.array(cutPieceRecord),
    keepings: z.array(keepingRecord),
    outs: z.array(outRecord),
    /** Holds that nobody lifted, by the lot of this batch they reach. */
    holds: z.record(text, z.array(holdRecord)),
    drains: z.array(drainRecord),
    ...balance,
  })
  .meta({ id: 'BatchDetail' });
/** A batch with all that was written about it. */
export type BatchDetail = z.infer<typeof batchDetailRecord>;

export const labelSaleRecord = z.strictObject({
  bee: z.enum(['honeybee', 'stingless']),
  moisturePercent: number.nullable(),
  keeping: lotKeepingRecord,
  /** Holds that nobody lifted, in words. */
  holds: z.array(sayRecord),
});
/** What the sale checklist of a filled lot rests on beside its label. */
export type LabelSale = z.infer<typeof labelSaleRecord>;
