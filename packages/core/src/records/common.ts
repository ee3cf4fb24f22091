import '../schemaMessages.js';
import { z } from 'zod';

/** Ids are UUIDs made by the client, so that a write can be repeated safely. */
export const idSchema = z.uuid('This is no id.');
/** Bees were kept before and will be after; what lies outside is a slip of the key. */
const FIRST_YEAR = 1900;
const LAST_YEAR = 2199;
const isInOurTime = (text: string): boolean => {
  const year = Number(text.slice(0, 4));
  return year >= FIRST_YEAR && year <= LAST_YEAR;
};
const OUT_OF_TIME = `A year from ${FIRST_YEAR} to ${LAST_YEAR}.`;
/** An instant in UTC, ISO 8601 with Z. */
export const instantSchema = z.iso
  .datetime('An instant such as 2026-03-14T15:12:00Z.')
  .refine(isInOurTime, OUT_OF_TIME);
/** A calendar date in the site's zone. */
export const dateSchema = z.iso.date('A date such as 2026-03-14.').refine(isInOurTime, OUT_OF_TIME);

/**
 * Control characters but line feed and tab, halves of a character, and marks that turn the
 * direction of what follows.
 */
const UNREADABLE =
  /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069\ufffe\uffff]|\p{Surrogate}/u;
/** Something that an eye can see: a letter, a figure, a sign. */
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;
const isReadable = (text: string): boolean => !UNREADABLE.test(text);
const NOT_READABLE = 'There is a character in it that nobody can see.';

/** A name as a person reads it: in one form (NFC), on one line, with something to see in it. */
export const nameSchema = z
  .string('A name.')
  .overwrite((name) => name.normalize('NFC').replace(/\s+/g, ' '))
  .trim()
  .min(1, 'Give it a name.')
  .max(80, 'At most 80 letters.')
  .refine(isReadable, NOT_READABLE)
  // Of an empty one it is said once that there is none.
  .refine((name) => name === '' || VISIBLE.test(name), 'Give it a name that can be seen.');
export const noteSchema = z
  .string()
  .normalize('NFC')
  .trim()
  .max(500, 'At most 500 letters.')
  .refine(isReadable, NOT_READABLE);
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
  /**
   * What the device's own clock said, raw; records go by `occurredAt`, which is corrected for it.
   */
  deviceAt: instantSchema.optional(),
  baseRevision: z.int().min(1).optional(),
  /** Said after being asked: this is another one, not what somebody else wrote just now. */
  again: z.boolean().optional(),
  payload: z.unknown(),
});
export type Command = z.infer<typeof commandSchema>;

/** A command that says all it has to say by its path. */
export const nothingSchema = z.strictObject({});
/** Takes back what another command wrote. */
export const undoSchema = z.strictObject({ commandId: idSchema });
