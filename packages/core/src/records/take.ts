import { z } from 'zod';
import {
  COMB_CONDITIONS,
  FRAME_EVENT_KINDS,
  INCIDENT_KINDS,
  TAKE_OUTCOMES,
  WENT_TO,
  weighsOut,
} from '../take/outcomes.js';
import { gramsSchema, idSchema, noteSchema } from './common.js';

const minutes = z.int('Whole minutes.').min(0, 'At least 0.').max(600, 'At most 600 minutes.');

/** What was really taken of one comb, frame or group of pots. */
export const newTakeSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    combId: idSchema,
    outcome: z.enum(TAKE_OUTCOMES),
    vesselId: idSchema.nullable(),
    grossG: gramsSchema.nullable(),
    tareG: gramsSchema.nullable(),
    guessG: gramsSchema.nullable().optional(),
    condition: z.enum(COMB_CONDITIONS).nullable().optional(),
    wentTo: z.enum(WENT_TO).nullable().optional(),
    /** Pots that were emptied, of a stingless-bee group. */
    potsEmptied: z
      .int('Whole pots.')
      .min(0, 'At least 0.')
      .max(500, 'At most 500.')
      .nullable()
      .optional(),
    minutes: minutes.optional(),
  })
  .superRefine((take, context) => {
    if (weighsOut(take.outcome) && (take.grossG === null || take.tareG === null))
      context.addIssue({
        code: 'custom',
        path: ['grossG'],
        message: 'Weigh it: gross weight and tare.',
      });
    if (take.grossG !== null && take.tareG !== null && take.tareG > take.grossG)
      context.addIssue({
        code: 'custom',
        path: ['tareG'],
        message: 'The tare is above the gross weight.',
      });
  });
export type NewTake = z.infer<typeof newTakeSchema>;

/** A box weighed whole: with its combs, and empty afterwards. Its net is shared out over its combs by their estimates. */
export const newBoxTakeSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    combIds: z.array(idSchema).min(1, 'Which combs were in it?').max(60),
    grossG: gramsSchema,
    emptyG: gramsSchema,
    vesselId: idSchema.nullable(),
    guessG: gramsSchema.nullable().optional(),
    condition: z.enum(COMB_CONDITIONS).nullable().optional(),
  })
  .refine((t) => t.emptyG <= t.grossG, {
    message: 'The empty box weighs more than the full one.',
    path: ['emptyG'],
  });
export type NewBoxTake = z.infer<typeof newBoxTakeSchema>;

const answer = z.union([z.string().max(500, 'At most 500 letters.'), z.number(), z.boolean()]);
/** A step of the work done, with what was said at it. */
export const newStepMarkSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  stepId: z.string().min(1).max(80),
  answer: z.record(z.string().max(60), answer).default({}),
});
export type NewStepMark = z.infer<typeof newStepMarkSchema>;

export const newIncidentSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  kind: z.enum(INCIDENT_KINDS),
  stepId: z.string().min(1).max(80),
  combId: idSchema.nullable(),
  count: z.int('A whole number.').min(0, 'At least 0.').max(5000, 'At most 5000.').nullable(),
  note: noteSchema.default(''),
});
export type NewIncident = z.infer<typeof newIncidentSchema>;

/** A step of one drain frame: a part opened, a vessel weighed or swapped, a leak, its reset and its plug. */
export const newFrameEventSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    combId: idSchema,
    kind: z.enum(FRAME_EVENT_KINDS),
    g: gramsSchema.nullable().default(null),
    vesselId: idSchema.nullable().default(null),
    note: noteSchema.default(''),
  })
  .superRefine((e, context) => {
    if ((e.kind === 'level' || e.kind === 'swap') && e.g === null)
      context.addIssue({
        code: 'custom',
        path: ['g'],
        message: 'Say how much honey is in the vessel, net.',
      });
  });
export type NewFrameEvent = z.infer<typeof newFrameEventSchema>;
