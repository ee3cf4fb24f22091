import { z } from 'zod';
import { row, id, number, grams, instant, text } from './vocabulary/fields.js';
import {
  TAKE_OUTCOMES,
  NET_BY,
  COMB_CONDITIONS,
  WENT_TO,
  INCIDENT_KINDS,
  FRAME_EVENT_KINDS,
} from './vocabulary/outcomes.js';

/** What is read of the hands at the hive: takes, steps, incidents, frames that drain in place. */
export const takeRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    combId: id,
    slot: number,
    outcome: z.enum(TAKE_OUTCOMES),
    vesselId: id.nullable(),
    grossG: grams.nullable(),
    tareG: grams.nullable(),
    /** Null while it is to be weighed later, and where nothing came out. */
    netG: grams.nullable(),
    netBy: z.enum(NET_BY),
    /** What the person guessed before the estimate was shown; null where they did not. */
    guessG: grams.nullable(),
    condition: z.enum(COMB_CONDITIONS).nullable(),
    wentTo: z.enum(WENT_TO).nullable(),
    /** Pots emptied of a stingless-bee group; null where they were not counted. */
    potsEmptied: number.nullable(),
    /** Pots with pollen were among them: their honey ferments sooner. */
    withPollen: z.boolean(),
    /** True where a whole box was weighed and this comb's part was shared out by its estimate. */
    byBox: z.boolean(),
    occurredAt: instant,
  })
  .meta({ id: 'Take' });
export type Take = z.infer<typeof takeRecord>;

export const stepMarkRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    stepId: text,
    answer: z.record(text, z.union([text, number, z.boolean()])),
    occurredAt: instant,
  })
  .meta({ id: 'StepMark' });
/** One thing done or answered in Take: the steps, with the instant of each and what was said. */
export type StepMark = z.infer<typeof stepMarkRecord>;

export const incidentRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    kind: z.enum(INCIDENT_KINDS),
    stepId: text,
    combId: id.nullable(),
    count: number.nullable(),
    note: text,
    occurredAt: instant,
  })
  .meta({ id: 'Incident' });
/** Something that went otherwise at the hive. */
export type Incident = z.infer<typeof incidentRecord>;

export const frameEventRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    combId: id,
    kind: z.enum(FRAME_EVENT_KINDS),
    /** Honey in the vessel, net, where it was weighed. */
    g: grams.nullable(),
    grossG: grams.nullable(),
    tareG: grams.nullable(),
    vesselId: id.nullable(),
    /**
     * What came since the weighing before, shared out over the frames above it; null before shares
     * were written.
     */
    shares: z.record(text, number).nullable(),
    sharedBy: z.enum(['alone', 'estimate', 'asked']).nullable(),
    note: text,
    occurredAt: instant,
  })
  .meta({ id: 'FrameEvent' });
/** What happened to one frame that is drained part by part. */
export type FrameEvent = z.infer<typeof frameEventRecord>;
