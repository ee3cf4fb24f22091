import { fieldSay } from '../say/field.js';
import type { Say } from '../say/say.js';
import { z } from 'zod';
import { atMostLetters, decimal, percent, whole } from '../say/limits.js';
import { idSchema } from './common.js';
import { FATES } from './vocabulary/fates.js';

/** Jars or pieces that left the shelf. */
export const newOutSchema = z.strictObject({
  id: idSchema,
  lotId: idSchema,
  fate: z.enum(FATES),
  count: whole(1, 5000),
  price: decimal(0, 100_000).nullable().default(null),
  /** Taken off the whole, in money or in percent of it; one of the two at most. */
  discountAmount: decimal(0, 100_000).nullable().default(null),
  discountPercent: percent(0, 100).nullable().default(null),
  /**
   * To whom: may be left out. Names are kept apart from book and journal, so that one can be
   * forgotten.
   */
  who: z.string().trim().max(80, atMostLetters(80)).default(''),
});
export type NewOut = z.infer<typeof newOutSchema>;

export type Sale = Pick<NewOut, 'count' | 'price' | 'discountAmount' | 'discountPercent'>;

/**
 * What a sale brought, in the household's currency to the cent: count times price, less its
 * discount; 0 where no price was said.
 */
export function saleTotal({ count, price, discountAmount, discountPercent }: Sale): number {
  const full = count * (price ?? 0);
  const off = (discountAmount ?? 0) + (full * (discountPercent ?? 0)) / 100;
  return Math.round(Math.max(0, full - off) * 100) / 100;
}

/** What is wrong with the discount of a sale; null where nothing is. */
export function discountIssue({ count, price, discountAmount, discountPercent }: Sale): Say | null {
  if (!discountAmount && !discountPercent) return null;
  if (price === null) return fieldSay('field.discount-without-price');
  if (discountAmount && discountPercent) return fieldSay('field.discount-twice');
  return (discountAmount ?? 0) > count * price ? fieldSay('field.discount-above-price') : null;
}
