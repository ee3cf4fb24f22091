import { z } from 'zod';
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
  count: z.int('Whole ones.').min(1, 'At least one.').max(5000, 'At most 5000.'),
  price: z
    .number('A price.')
    .min(0, 'At least 0.')
    .max(100_000, 'At most 100 000.')
    .nullable()
    .default(null),
  /** To whom: may be left out. Names are kept apart from book and journal, so that one can be forgotten. */
  who: z.string().trim().max(80, 'At most 80 letters.').default(''),
});
export type NewOut = z.infer<typeof newOutSchema>;
