import { z } from 'zod';
import { WAYS } from '../choose/ways.js';
import { gramsSchema, idSchema, instantSchema, noteSchema } from './common.js';

export const STAGES = ['look', 'choose', 'ready', 'take', 'drain', 'cut', 'jar', 'book'] as const;
export type Stage = (typeof STAGES)[number];

export const newHarvestSchema = z.strictObject({
  visitId: idSchema,
  batchId: idSchema,
  hiveId: idSchema,
  /** The way it goes. */
  method: z.enum(WAYS, 'Choose a way.'),
  combIds: z.array(idSchema).min(1, 'Lift at least one comb.'),
  /** Combs taken although the verdict was not 'take', each with its reason. */
  anyway: z.array(z.strictObject({ combId: idSchema, reason: noteSchema.min(3, 'Say why.') })),
});
export type NewHarvest = z.infer<typeof newHarvestSchema>;

/** One decision over one or more hives: every batch of it, or none. Batches with the same `lotGroup` go into one vessel. */
export const newChoiceSchema = z.strictObject({
  batches: z.array(newHarvestSchema.extend({ lotGroup: idSchema.nullable() })).min(1, 'Lift at least one comb.').max(60),
  /** What was asked and what was weighed against it, kept as it stood. */
  question: z.record(z.string(), z.unknown()),
});
export type NewChoice = z.infer<typeof newChoiceSchema>;

export const planSchema = z.strictObject({
  startLocal: z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'A date and time.'),
  kitchenTemperatureC: z.number('Degrees.').min(5, 'At least 5 °C.').max(45, 'At most 45 °C.'),
  /** The bench by night; null: as by day. */
  nightTemperatureC: z.number('Degrees.').min(-5, 'At least -5 °C.').max(45, 'At most 45 °C.').nullable().default(null),
  moisturePercent: z.number('A percentage.').min(13, 'At least 13 %.').max(35, 'At most 35 %.'),
  /** Steps set by hand, local time by step. */
  moves: z.record(z.string(), z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'A date and time.')).default({}),
});
export type Plan = z.infer<typeof planSchema>;

export const moveBatchSchema = z.strictObject({ stage: z.enum(STAGES), handsOnMinutes: z.int().min(0).max(10_000).optional() });

export const newTakeSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    combId: idSchema,
    outcome: z.enum(['taken', 'put-back', 'brood-seen', 'broke']),
    vesselId: idSchema.nullable(),
    grossG: gramsSchema.nullable(),
    tareG: gramsSchema.nullable(),
    minutes: z.int('Whole minutes.').min(0, 'At least 0.').max(600, 'At most 600 minutes.').optional(),
  })
  .superRefine((take, context) => {
    const weighed = take.outcome === 'taken' || take.outcome === 'broke';
    if (weighed && (take.grossG === null || take.tareG === null)) context.addIssue({ code: 'custom', path: ['grossG'], message: 'Weigh it: gross weight and tare.' });
    if (take.grossG !== null && take.tareG !== null && take.tareG > take.grossG) context.addIssue({ code: 'custom', path: ['tareG'], message: 'The tare is above the gross weight.' });
  });
export type NewTake = z.infer<typeof newTakeSchema>;

export const newDrainSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  upperVesselId: idSchema.nullable(),
  lowerVesselId: idSchema.nullable(),
  method: z.enum(['mash', 'chop', 'slice']),
  moisturePercent: z.number('A percentage.').min(13, 'At least 13 %.').max(25, 'At most 25 %.'),
  temperatureC: z.number('Degrees.').min(5, 'At least 5 °C.').max(45, 'At most 45 °C.'),
});
export type NewDrain = z.infer<typeof newDrainSchema>;

export const newWeighingSchema = z
  .strictObject({ id: idSchema, drainId: idSchema, grossG: gramsSchema, tareG: gramsSchema, source: z.enum(['hand', 'scale']) })
  .refine((w) => w.tareG <= w.grossG, { message: 'The tare is above the gross weight.', path: ['tareG'] });
export type NewWeighing = z.infer<typeof newWeighingSchema>;

export const newDrainEventSchema = z
  .strictObject({
    id: idSchema,
    drainId: idSchema,
    kind: z.enum(['stir', 'draw-off', 'temperature']),
    g: gramsSchema.optional(),
    temperatureC: z.number().min(5, 'At least 5 °C.').max(45, 'At most 45 °C.').optional(),
    minutes: z.int('Whole minutes.').min(0, 'At least 0.').max(600, 'At most 600 minutes.'),
  })
  .superRefine((event, context) => {
    if (event.kind === 'draw-off' && !event.g) context.addIssue({ code: 'custom', path: ['g'], message: 'Say how many grams were drawn off.' });
    if (event.kind === 'temperature' && event.temperatureC === undefined) context.addIssue({ code: 'custom', path: ['temperatureC'], message: 'Say the temperature.' });
  });
export type NewDrainEvent = z.infer<typeof newDrainEventSchema>;

export const closeDrainSchema = z.strictObject({
  /** Honey in the lower vessel now, net, beyond what was drawn off. */
  honeyG: gramsSchema,
  wetWaxG: gramsSchema,
  minutes: z.int('Whole minutes.').min(0, 'At least 0.').max(600, 'At most 600 minutes.'),
  /** Why comb in is not honey and wet wax out; asked for whenever they differ. */
  gapReason: noteSchema,
});

export const newPiecesSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  count: z.int('Whole pieces.').min(1, 'At least one piece.').max(500, 'At most 500 pieces.'),
  totalG: gramsSchema.min(1, 'Weigh the pieces.'),
});
export type NewPieces = z.infer<typeof newPiecesSchema>;

export const newFillingSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  jarKindId: idSchema,
  count: z.int('Whole jars.').min(1, 'At least one jar.').max(2000, 'At most 2000 jars.'),
  netG: z.int('Whole grams.').min(1, 'At least 1 g.').max(50_000, 'At most 50 kg.'),
  lowestWeighedG: z.int('Whole grams.').min(1, 'At least 1 g.').max(50_000).nullable(),
});
export type NewFilling = z.infer<typeof newFillingSchema>;

export const newWaxSchema = z.strictObject({
  batchId: idSchema,
  cleanG: gramsSchema,
  /** Whether what is left of the wet wax goes out as slumgum and water. */
  restIsSlumgum: z.boolean(),
});

export const newFlowSchema = z
  .strictObject({ id: idSchema, from: z.string().min(1), to: z.string().min(1), g: gramsSchema.min(1, 'At least 1 g.'), reason: noteSchema.min(2, 'Say why.'), at: instantSchema.optional() })
  .refine((f) => f.from !== f.to, { message: 'A flow goes from one place to another.', path: ['to'] });
