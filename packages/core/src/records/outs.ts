import { z } from 'zod';
import { atMostLetters, decimal, percent, whole } from '../say/limits.js';
import { idSchema } from './common.js';

export const FATES = ['sold', 'given', 'eaten', 'mead', 'cosmetics', 'spoilt'] as const;
export type Fate = (typeof FATES)[number];
export const FATE_WORDS: Record<Fate, string> = {
  sold: 'Sold',
  given: 'Given',
  eaten: 'Eaten at home',
  mead: 'Into mead',
  cosmetics: 'Into cosmetics',
  spoilt: 'Spoilt',
};

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

/** What is wrong with the discount of a sale, as a sentence; null where nothing is. */
export function discountIssue({
  count,
  price,
  discountAmount,
  discountPercent,
}: Sale): string | null {
  if (!discountAmount && !discountPercent) return null;
  if (price === null) return 'A discount needs a price to be taken off from.';
  if (discountAmount && discountPercent) return 'Either an amount or percent, not both.';
  return (discountAmount ?? 0) > count * price ? 'The discount is more than they cost.' : null;
}
