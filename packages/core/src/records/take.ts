import { z } from 'zod';
import { atMostLetters, whole, wholeMinutes } from '../say/limits.js';
import { refuses } from '../say/field.js';
import {
  COMB_CONDITIONS,
  FRAME_EVENT_KINDS,
  INCIDENT_KINDS,
  NET_BY,
  TAKE_OUTCOMES,
  weighsOut,
  WENT_TO,
} from './vocabulary/outcomes.js';
import { gramsSchema, idSchema, noteSchema } from './common.js';

const minutes = wholeMinutes(0, 600);

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
    potsEmptied: whole(0, 500).nullable().optional(),
    /** Pots with pollen were among those emptied. */
    withPollen: z.boolean().default(false),
    minutes: minutes.optional(),
    /** It is weighed later: until then nothing of it is in the book. */
    later: z.boolean().default(false),
    /** How its weight was got; an estimate is never shown as a weighing. */
    netBy: z.enum(NET_BY).default('scale'),
  })
  .superRefine((take, context) => {
    if (take.later && take.grossG !== null)
      context.addIssue({
        code: 'custom',
        path: ['grossG'],
        message: refuses('field.weight-now-or-later'),
      });
    if (!take.later && weighsOut(take.outcome) && (take.grossG === null || take.tareG === null))
      context.addIssue({
        code: 'custom',
        path: ['grossG'],
        message: refuses('field.gross-and-tare'),
      });
    if (take.grossG !== null && take.tareG !== null && take.tareG > take.grossG)
      context.addIssue({
        code: 'custom',
        path: ['tareG'],
        message: refuses('field.tare-above-gross'),
      });
  });
export type NewTake = z.infer<typeof newTakeSchema>;

/**
 * A box weighed whole: with its combs, and empty afterwards. Its net is shared out over its combs
 * by their estimates.
 */
export const newBoxTakeSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    combIds: z.array(idSchema).min(1, refuses('field.which-combs-in-it')).max(60),
    /** Both null where the box is weighed later. */
    grossG: gramsSchema.nullable(),
    emptyG: gramsSchema.nullable(),
    vesselId: idSchema.nullable(),
    guessG: gramsSchema.nullable().optional(),
    condition: z.enum(COMB_CONDITIONS).nullable().optional(),
  })
  .refine((t) => (t.grossG === null) === (t.emptyG === null), {
    message: refuses('field.full-and-empty'),
    path: ['emptyG'],
  })
  .refine((t) => t.grossG === null || t.emptyG! <= t.grossG, {
    message: refuses('field.box-tare'),
    path: ['emptyG'],
  });
export type NewBoxTake = z.infer<typeof newBoxTakeSchema>;

/**
 * The weight of combs that were to be weighed later, one or a box of them; by estimate where it
 * never will be.
 */
export const weighTakesSchema = z
  .strictObject({
    combIds: z.array(idSchema).min(1, refuses('field.which-combs')).max(60),
    grossG: gramsSchema.nullable(),
    tareG: gramsSchema.nullable(),
    netBy: z.enum(NET_BY),
  })
  .superRefine((w, context) => {
    if (w.netBy === 'estimate') return;
    if (w.grossG === null || w.tareG === null)
      context.addIssue({
        code: 'custom',
        path: [w.grossG === null ? 'grossG' : 'tareG'],
        message: refuses('field.gross-and-empty'),
      });
    else if (w.tareG > w.grossG)
      context.addIssue({
        code: 'custom',
        path: ['tareG'],
        message: refuses('field.tare-above-gross'),
      });
  });
export type WeighTakes = z.infer<typeof weighTakesSchema>;

const answer = z.union([z.string().max(500, atMostLetters(500)), z.number(), z.boolean()]);
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
  count: whole(0, 5000).nullable(),
  note: noteSchema.default(''),
});
export type NewIncident = z.infer<typeof newIncidentSchema>;

/**
 * A step of one drain frame: a part opened, its vessel weighed or swapped, a leak, its reset and
 * its plug. A weighing is of the whole vessel, whoever else runs into it.
 */
export const newFrameEventSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    combId: idSchema,
    kind: z.enum(FRAME_EVENT_KINDS),
    /** Honey in the vessel, net; where gross and tare are given it is their difference. */
    g: gramsSchema.nullable().default(null),
    grossG: gramsSchema.nullable().default(null),
    tareG: gramsSchema.nullable().default(null),
    vesselId: idSchema.nullable().default(null),
    /**
     * Grams of what came since the weighing before, frame by frame, where the person says so; else
     * by estimate.
     */
    shares: z.record(idSchema, gramsSchema).nullable().default(null),
    /** Whether the vessel was emptied between its last weighing and this one. */
    emptied: z.boolean().default(false),
    /** Other frames over the same vessel that move to the next one with this. */
    alsoCombIds: z.array(idSchema).max(20).default([]),
    /** At the plug: what ran is weighed later, and stays open until then. */
    later: z.boolean().default(false),
    note: noteSchema.default(''),
  })
  .superRefine((e, context) => {
    const say = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if ((e.grossG === null) !== (e.tareG === null))
      say(e.grossG === null ? 'grossG' : 'tareG', refuses('field.gross-and-empty'));
    if (e.grossG !== null && e.tareG !== null && e.grossG < e.tareG)
      say('grossG', refuses('field.lighter-than-empty'));
    if (e.kind === 'level' && e.g === null && e.grossG === null)
      say('grossG', refuses('field.vessel-weights'));
  });
export type NewFrameEvent = z.infer<typeof newFrameEventSchema>;
