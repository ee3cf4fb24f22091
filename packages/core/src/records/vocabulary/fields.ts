import { z } from 'zod';
import type { Range } from '../../units/format.js';

/**
 * The words every record is made of as it is read: what comes out was checked when it went in.
 */
export const id = z.string().meta({ description: 'An id.' });
export const text = z.string();
export const number = z.number();
/** A weight as a scale gives it, whole grams. */
export const grams = z.int();
/** A date, YYYY-MM-DD at its site. */
export const day = z.iso.date();
/** An instant in UTC, ISO 8601. */
export const instant = z.iso.datetime({ offset: true });
export const revision = z.int().min(1).meta({ description: 'Counts the changes of a row.' });
/** What every stored row carries beside its own fields. */
export const row = {
  recordedAt: instant.optional().meta({ description: 'When it was written down.' }),
  revision: revision.optional(),
};
export const range: z.ZodType<Range> = z.strictObject({ low: number, mid: number, high: number });
