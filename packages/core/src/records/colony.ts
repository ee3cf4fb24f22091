import { z } from 'zod';
import { dateSchema, idSchema } from './common.js';

/** Likely causes of a colony's end, as far as a person can see them. */
export const DEATH_CAUSES = [
  'starved',
  'queenless',
  'cold',
  'mites',
  'foulbrood',
  'poisoned',
  'rodents',
  'robbed',
  'unknown',
] as const;
export type DeathCause = (typeof DEATH_CAUSES)[number];

/** One fact about a colony, one touch with its date. Later ones of a kind replace earlier ones; treatments and feedings add up. */
export const colonyFactSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('alive'), alive: z.boolean() }),
  z.strictObject({ kind: z.literal('queen'), seen: z.boolean() }),
  z.strictObject({ kind: z.literal('temper'), temper: z.enum(['calm', 'nervous', 'defensive']) }),
  z.strictObject({ kind: z.literal('strength'), strength: z.enum(['weak', 'middle', 'strong']) }),
  z.strictObject({
    kind: z.literal('flow'),
    flow: z.enum(['strong', 'some', 'none']),
    endsOn: dateSchema.nullable(),
  }),
  z.strictObject({
    kind: z.literal('treatment'),
    product: z.string().trim().min(1, 'Say which product.').max(80),
    waitDays: z.int('Whole days.').min(0, 'At least 0 days.').max(730, 'At most 730 days.'),
  }),
  z.strictObject({
    kind: z.literal('feeding'),
    what: z.enum(['syrup', 'fondant']),
    litres: z.number('Litres.').min(0.05, 'At least 0.05 L.').max(100, 'At most 100 L.'),
  }),
  z.strictObject({ kind: z.literal('brood-check'), result: z.enum(['healthy', 'unsure', 'sick']) }),
  z.strictObject({ kind: z.literal('nest'), full: z.boolean() }),
  z.strictObject({ kind: z.literal('excluder'), fitted: z.boolean() }),
  z.strictObject({
    kind: z.literal('entrance'),
    entrance: z.enum(['open', 'reduced', 'screened']),
    reopenOn: dateSchema.nullable(),
  }),
  z.strictObject({ kind: z.literal('reserved-super'), reserved: z.boolean() }),
  z.strictObject({ kind: z.literal('gap'), gap: z.boolean() }),
  z.strictObject({
    kind: z.literal('bloom'),
    plant: z.string().trim().min(1, 'Say what blooms.').max(80),
  }),
  z.strictObject({ kind: z.literal('risks-read'), of: z.string().min(1).max(40) }),
  z.strictObject({
    kind: z.literal('tilt'),
    degrees: z.number('Degrees.').min(-10, 'At least -10 degrees.').max(15, 'At most 15 degrees.'),
  }),
  z.strictObject({
    kind: z.literal('death'),
    causes: z
      .array(z.enum(DEATH_CAUSES))
      .min(1, 'Choose at least one; "not known" is an answer too.'),
    closedAgainstRobbers: z.boolean(),
    /** What an inspector or a laboratory said, if one was asked. */
    word: z.enum(['none', 'no-disease', 'disease']),
  }),
]);
export type ColonyFact = z.infer<typeof colonyFactSchema>;
export const newColonyFactSchema = z.strictObject({
  id: idSchema,
  colonyId: idSchema,
  on: dateSchema,
  fact: colonyFactSchema,
});
export interface DatedFact {
  id: string;
  on: string;
  fact: ColonyFact;
}
/** When a colony moved in, put right afterwards. */
export const changeColonySchema = z.strictObject({ startedOn: dateSchema });
