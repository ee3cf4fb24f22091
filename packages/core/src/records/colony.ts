import { z } from 'zod';
import { atMostLetters, celsius, kilograms, litres, wholeDays } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { dateSchema, idSchema } from './common.js';
import { DEATH_CAUSES, FLOORS, SUPERS_ON } from './vocabulary/colony.js';
import { id, day } from './vocabulary/fields.js';

/**
 * One fact about a colony, one touch with its date. Later ones of a kind replace earlier ones;
 * treatments and feedings add up.
 */
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
    product: z.string().trim().min(1, refuses('field.which-product')).max(80),
    waitDays: wholeDays(0, 730),
    supersOn: z.enum(SUPERS_ON).default('unknown'),
  }),
  z.strictObject({
    kind: z.literal('feeding'),
    what: z.enum(['syrup', 'fondant']),
    litres: litres(0.05, 100),
  }),
  z.strictObject({ kind: z.literal('brood-check'), result: z.enum(['healthy', 'unsure', 'sick']) }),
  /** What a bee inspector or a laboratory said of a living colony. */
  z.strictObject({ kind: z.literal('inspector'), said: z.enum(['no-disease', 'disease']) }),
  /** A person's word that what was fed is not in the comb any more, with its reason. */
  z.strictObject({
    kind: z.literal('syrup-word'),
    reason: z.string().trim().min(3, refuses('field.why')).max(200, atMostLetters(200)),
  }),
  /** The hive or its stand was moved: what was levelled before counts no longer. */
  z.strictObject({ kind: z.literal('moved') }),
  z.strictObject({ kind: z.literal('floor'), floor: z.enum(FLOORS) }),
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
    plant: z.string().trim().min(1, refuses('field.what-blooms')).max(80),
  }),
  /**
   * The whole hive on a scale. `same`: no box, comb, feed or roof was added or taken since the
   * weight before.
   */
  z.strictObject({
    kind: z.literal('hive-weight'),
    kg: kilograms(1, 300),
    same: z.boolean(),
  }),
  z.strictObject({ kind: z.literal('risks-read'), of: z.string().min(1).max(40) }),
  z.strictObject({
    kind: z.literal('tilt'),
    degrees: celsius(-10, 15),
  }),
  z.strictObject({
    kind: z.literal('death'),
    causes: z.array(z.enum(DEATH_CAUSES)).min(1, refuses('field.choose-one-or-not-known')),
    /** Signs that were looked for and not found. */
    notFound: z.array(z.enum(DEATH_CAUSES)).default([]),
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

/** When a colony moved in, put right afterwards. */
export const changeColonySchema = z.strictObject({ startedOn: dateSchema });

export const datedFactRecord = z
  .strictObject({ id, on: day, fact: colonyFactSchema })
  .meta({ id: 'DatedFact' });
export type DatedFact = z.infer<typeof datedFactRecord>;
