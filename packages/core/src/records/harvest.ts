import { z } from 'zod';
import { atLeast, atMostLetters, celsius, percent, whole, wholeGrams } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, noteSchema, gramsSchema, dateSchema, instantSchema } from './common.js';
import { WAYS } from './vocabulary/ways.js';
import { STAGES } from './vocabulary/stages.js';
import { RESTS } from './vocabulary/fates.js';

export const newHarvestSchema = z.strictObject({
  visitId: idSchema,
  batchId: idSchema,
  hiveId: idSchema,
  /** The way it goes. */
  method: z.enum(WAYS, refuses('field.choose-way')),
  combIds: z.array(idSchema).min(1, refuses('field.lift-one-comb')),
  /** Combs taken although the verdict was not 'take', each with its reason. */
  anyway: z.array(
    z.strictObject({ combId: idSchema, reason: noteSchema.min(3, refuses('field.why')) }),
  ),
});
export type NewHarvest = z.infer<typeof newHarvestSchema>;

/**
 * One decision over one or more hives: every batch of it, or none. Batches with the same `lotGroup`
 * go into one vessel.
 */
export const newChoiceSchema = z.strictObject({
  batches: z
    .array(newHarvestSchema.extend({ lotGroup: idSchema.nullable() }))
    .min(1, refuses('field.lift-one-comb'))
    .max(60),
  /** What was asked and what was weighed against it, kept as it stood. */
  question: z.record(z.string(), z.unknown()),
});
export type NewChoice = z.infer<typeof newChoiceSchema>;

const lotName = z.string().trim().min(2, refuses('field.name')).max(60, atMostLetters(60));
export const nameLotSchema = z.strictObject({ name: lotName });
/**
 * Part of the comb of a harvest, cut apart and weighed, that becomes a lot with a name of its own.
 */
export const splitSchema = z
  .strictObject({
    batchId: idSchema,
    name: lotName,
    grossG: gramsSchema.min(1, refuses('field.weigh-it')),
    tareG: gramsSchema,
  })
  .refine((s) => s.tareG < s.grossG, {
    message: refuses('field.tare-not-below-gross'),
    path: ['tareG'],
  });

/** What stands there of a harvest that was begun without Furrow. */
export const newBegunSchema = z
  .strictObject({
    visitId: idSchema,
    batchId: idSchema,
    hiveId: idSchema,
    harvestedOn: dateSchema,
    stands: z.enum(['comb', 'honey'], refuses('field.what-stands-there')),
    grossG: gramsSchema.min(1, refuses('field.weigh-it')),
    tareG: gramsSchema,
    note: noteSchema.default(''),
  })
  .refine((b) => b.tareG < b.grossG, {
    message: refuses('field.tare-not-below-gross'),
    path: ['tareG'],
  });
export type NewBegun = z.infer<typeof newBegunSchema>;

export const planSchema = z.strictObject({
  startLocal: z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, refuses('field.date-and-time')),
  kitchenTemperatureC: celsius(5, 45),
  /** The bench by night; null: as by day. */
  nightTemperatureC: celsius(-5, 45).nullable().default(null),
  /** As it was measured or said; null: not known, and worked with what such honey is taken as. */
  moisturePercent: percent(13, 35).nullable().default(null),
  /** Steps set by hand, local time by step. */
  moves: z
    .record(
      z.string(),
      z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, refuses('field.date-and-time')),
    )
    .default({}),
});
export type Plan = z.infer<typeof planSchema>;

export const moveBatchSchema = z.strictObject({
  stage: z.enum(STAGES),
  handsOnMinutes: z.int().min(0).max(10_000).optional(),
  /** Asked where the harvest ends with honey or comb that nobody filled. */
  rest: z.enum(RESTS).nullable().default(null),
});

export const newPiecesSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  count: whole(1, 500),
  totalG: gramsSchema.min(1, refuses('field.weigh-pieces')),
});
export type NewPieces = z.infer<typeof newPiecesSchema>;

export const newFillingSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  /** Which honey of the harvest; the first one where it is not said. */
  honeyLotId: idSchema.nullable().default(null),
  jarKindId: idSchema,
  count: whole(1, 2000),
  netG: wholeGrams(1, 50_000),
  lowestWeighedG: wholeGrams(1, 50_000).nullable(),
  /** Net weights of the jars that were weighed one by one. */
  weights: z.array(wholeGrams(1, 50_000)).max(2000).default([]),
  /** A number that the device took along and that stands on the jars; null: the house gives one. */
  code: z.string().trim().min(1).max(40).nullable().default(null),
});
export type NewFilling = z.infer<typeof newFillingSchema>;

export const newFlowSchema = z
  .strictObject({
    id: idSchema,
    from: z.string().min(1),
    to: z.string().min(1),
    g: gramsSchema.min(1, atLeast(1)),
    reason: noteSchema.min(2, refuses('field.why')),
    at: instantSchema.optional(),
  })
  .refine((f) => f.from !== f.to, {
    message: refuses('field.flow-between-places'),
    path: ['to'],
  });

/** A harvest becomes one lot with another one of its visit. */
export const lotWithSchema = z.strictObject({ withBatchId: idSchema });
/** What was taken goes into the vessel of another harvest. */
export const joinSchema = z.strictObject({
  intoBatchId: idSchema,
  /** Said here and now that they are one lot, where it was not chosen so before. */
  agreed: z.boolean().default(false),
});
