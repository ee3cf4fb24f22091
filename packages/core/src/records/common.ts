import '../plainWords.js';
import { z } from 'zod';

/** Ids are UUIDs made by the client, so that a write can be repeated safely. */
export const idSchema = z.uuid('This is no id.');
/** An instant in UTC, ISO 8601 with Z. */
export const instantSchema = z.iso.datetime('An instant such as 2026-03-14T15:12:00Z.');
/** A calendar date in the site's zone. */
export const dateSchema = z.iso.date('A date such as 2026-03-14.');
export const nameSchema = z
  .string('A name.')
  .trim()
  .min(1, 'Give it a name.')
  .max(80, 'At most 80 letters.');
export const noteSchema = z.string().trim().max(500, 'At most 500 letters.');
export const gramsSchema = z
  .int('Whole grams.')
  .min(0, 'A weight is at least 0.')
  .max(1_000_000, 'At most 1000 kg at a time.');

/** Every write from the web: repeatable by its id, replayed in order, dated by when it happened. */
export const commandSchema = z.strictObject({
  id: idSchema,
  device: z.string().min(1).max(80),
  person: z.string().max(80).optional(),
  occurredAt: instantSchema,
  /** What the device's own clock said, raw; records go by `occurredAt`, which is corrected for it. */
  deviceAt: instantSchema.optional(),
  baseRevision: z.int().min(1).optional(),
  payload: z.unknown(),
});
export type Command = z.infer<typeof commandSchema>;
