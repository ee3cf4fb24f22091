import '../schemaMessages.js';
import { z } from 'zod';
import { A_WHOLE_NUMBER, atLeast, atMostLetters } from '../say/limits.js';
import { refuses } from '../say/field.js';

/** Ids are UUIDs made by the client, so that a write can be repeated safely. */
export const idSchema = z.uuid(refuses('field.no-id'));
/** Bees were kept before and will be after; what lies outside is a slip of the key. */
const FIRST_YEAR = 1900;
const LAST_YEAR = 2199;
const isInOurTime = (text: string): boolean => {
  const year = Number(text.slice(0, 4));
  return year >= FIRST_YEAR && year <= LAST_YEAR;
};
const OUT_OF_TIME = refuses('field.a-year-of', {
  first: String(FIRST_YEAR),
  last: String(LAST_YEAR),
});
/** An instant in UTC, ISO 8601 with Z. */
export const instantSchema = z.iso
  .datetime(refuses('field.instant'))
  .refine(isInOurTime, OUT_OF_TIME);
/** A calendar date in the site's zone. */
export const dateSchema = z.iso.date(refuses('field.date')).refine(isInOurTime, OUT_OF_TIME);

/**
 * Control characters but line feed and tab, halves of a character, and marks that turn the
 * direction of what follows.
 */
const UNREADABLE =
  /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069\ufffe\uffff]|\p{Surrogate}/u;
/** Something that an eye can see: a letter, a figure, a sign. */
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;
const isReadable = (text: string): boolean => !UNREADABLE.test(text);
const NOT_READABLE = refuses('field.unseen-letter');

/** A name as a person reads it: in one form (NFC), on one line, with something to see in it. */
export const nameSchema = z
  .string(refuses('field.a-name'))
  .overwrite((name) => name.normalize('NFC').replace(/\s+/g, ' '))
  .trim()
  .min(1, refuses('field.name'))
  .max(80, atMostLetters(80))
  .refine(isReadable, NOT_READABLE)
  // Of an empty one it is said once that there is none.
  .refine((name) => name === '' || VISIBLE.test(name), refuses('field.visible-name'));
export const noteSchema = z
  .string()
  .normalize('NFC')
  .trim()
  .max(500, atMostLetters(500))
  .refine(isReadable, NOT_READABLE);
export const gramsSchema = z
  .int(A_WHOLE_NUMBER)
  .min(0, atLeast(0))
  .max(1_000_000, refuses('field.at-a-time', { most: { massG: 1_000_000, as: 'whole' } }));

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
