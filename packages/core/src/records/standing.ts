import { z } from 'zod';
import { colonyFactSchema } from './colony.js';
import { grams, id, instant, text } from './vocabulary/fields.js';
import { sayRecord } from '../say/sayRecord.js';

/** What stands there already where something else was said of the same: who wrote it, and when. */
export const standingRecord = z.strictObject({
  commandId: id,
  says: sayRecord,
  occurredAt: instant,
  device: text,
  person: text.nullable(),
  /** What it says of a colony, and what it weighed, where it does. */
  fact: colonyFactSchema.nullable(),
  netG: grams.nullable(),
});
export type Standing = z.infer<typeof standingRecord>;
