import { sayRecord } from '../say/sayRecord.js';
import { z } from 'zod';
import {
  A_NUMBER,
  atLeast,
  atMost,
  atMostLetters,
  decimal,
  litres,
  whole,
  wholeGrams,
} from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, gramsSchema, dateSchema } from './common.js';
import { row, id, number, day, instant, revision, text } from './vocabulary/fields.js';
import { WAX_WAYS } from './vocabulary/waxWays.js';
import { WAX_CARES, RINSE_FATES, GEAR_WAYS } from './vocabulary/aftercare.js';

export const newWaxCareSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  kind: z.enum(WAX_CARES),
});

/** Pressed wax with its honey, as it comes out of the press: for the household's own table. */
export const newWaxDiscSchema = z.strictObject({
  batchId: idSchema,
  g: gramsSchema.min(1, refuses('field.weigh-disc')),
});

const waxBlockSchema = z.strictObject({
  g: gramsSchema.min(1, atLeast(1)),
  colour: z.string().trim().max(40, atMostLetters(40)),
});
export const newWaxSchema = z
  .strictObject({
    batchId: idSchema,
    cleanG: gramsSchema,
    /** Whether what is left of the wet wax goes out as slumgum and water. */
    restIsSlumgum: z.boolean(),
    /** How it was rendered; left out where only the clean wax was weighed. */
    way: z.enum(WAX_WAYS).nullable().default(null),
    filtered: z
      .int(refuses('field.once-or-twice'))
      .min(0)
      .max(3, refuses('field.three-times'))
      .default(1),
    blocks: z.array(waxBlockSchema).max(60, atMost(60)).default([]),
  })
  .refine((w) => w.blocks.reduce((g, b) => g + b.g, 0) <= w.cleanG, {
    message: refuses('field.blocks-above-wax'),
    path: ['blocks'],
  });

/** Water that took up honey from wet wax, bars and tools. */
export const newRinseSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  litres: litres(0.05, 500),
  brixPercent: z.number(A_NUMBER).min(0, atLeast(0)).max(40, refuses('field.rinse-brix')),
  cold: z.boolean(),
});
export const useRinseSchema = z.strictObject({
  fate: z.enum(RINSE_FATES),
  /** The colony that gets it. */
  hiveId: idSchema.nullable().default(null),
  /** For mead: where it is to begin, where it may end, honey of a lot and water put to it. */
  targetGravity: decimal(1.001, 1.178).nullable().default(null),
  finalGravity: decimal(0.98, 1.178).default(1),
  honeyLotId: idSchema.nullable().default(null),
  honeyG: gramsSchema.default(0),
  waterL: litres(0, 500).default(0),
});

export const newGearCareSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  way: z.enum(GEAR_WAYS),
  /** Said after reading the warning, where it goes into the open. */ warned: z
    .boolean()
    .default(false),
});

/** A question of the book that a person has answered: why both are true. */
export const settleQuestionSchema = z.strictObject({
  key: z.string().min(1).max(300),
  answer: z.string().trim().min(3, refuses('field.how-it-is')).max(300, atMostLetters(300)),
});

/** Jars promised to somebody: an order or a gift, before they are filled. */
export const newReserveSchema = z.strictObject({
  id: idSchema,
  jarKindId: idSchema,
  count: whole(1, 2000),
  fate: z.enum(['sold', 'given']),
  forDate: dateSchema.nullable().default(null),
  who: z.string().trim().max(80, atMostLetters(80)).default(''),
});

/** Several lots filled at once: all of it or nothing. */
export const newFillingsSchema = z.strictObject({
  fillings: z
    .array(
      z.strictObject({
        id: idSchema,
        honeyLotId: idSchema,
        jarKindId: idSchema,
        count: whole(1, 2000),
        netG: wholeGrams(1, 50_000),
      }),
    )
    .min(1, refuses('field.nothing-to-fill'))
    .max(200, atMost(200)),
});
/** Jars of a lot weighed one by one, net. */
export const lotWeightsSchema = z.strictObject({
  weights: z.array(wholeGrams(1, 50_000)).max(2000, atMost(2000)),
});
export const useFirstSchema = z.strictObject({
  on: z.boolean(),
  useBy: dateSchema.nullable().default(null),
});

export const reserveRecord = z
  .strictObject({
    ...row,
    id,
    jarKindId: id,
    count: number,
    fate: z.enum(['sold', 'given']),
    forDate: day.nullable(),
    personId: id.nullable(),
    doneAt: instant.nullable(),
    revision,
  })
  .meta({ id: 'Reserve' });
/** Jars promised to somebody. */
export type Reserve = z.infer<typeof reserveRecord>;

export const waxCareRecord = z
  .strictObject({ ...row, id, batchId: id, kind: z.enum(WAX_CARES), occurredAt: instant })
  .meta({ id: 'WaxCare' });
/** What the server answers of wax, rinse and wet gear, as schemas. */
export type WaxCare = z.infer<typeof waxCareRecord>;

export const waxRunRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    way: z.enum(WAX_WAYS),
    rinsed: z.boolean(),
    filtered: number,
    inG: number,
    cleanG: number,
    blocks: z.array(z.strictObject({ g: number, colour: text })),
    occurredAt: instant,
  })
  .meta({ id: 'WaxRun' });
export type WaxRun = z.infer<typeof waxRunRecord>;

export const rinseRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    lotId: id,
    litres: number,
    brixPercent: number,
    cold: z.boolean(),
    honeyG: number,
    fate: z.enum(RINSE_FATES).nullable(),
    fedHiveId: id.nullable(),
    targetGravity: number.nullable(),
    finalGravity: number.nullable(),
    addedHoneyG: number,
    addedWaterL: number,
    occurredAt: instant,
    usedAt: instant.nullable(),
    revision,
  })
  .meta({ id: 'Rinse' });
export type Rinse = z.infer<typeof rinseRecord>;

export const gearCareRecord = z
  .strictObject({ ...row, id, batchId: id, way: z.enum(GEAR_WAYS), occurredAt: instant })
  .meta({ id: 'GearCare' });
export type GearCare = z.infer<typeof gearCareRecord>;

export const aftercareRecord = z
  .strictObject({
    waxCares: z.array(waxCareRecord),
    waxRuns: z.array(waxRunRecord),
    rinses: z.array(rinseRecord),
    gearCares: z.array(gearCareRecord),
    combG: number,
    householdRuns: z.array(z.strictObject({ way: z.enum(WAX_WAYS), inG: number, cleanG: number })),
    feed: z.strictObject({ hiveId: id, hiveName: text, may: z.boolean(), reason: sayRecord }),
  })
  .meta({ id: 'Aftercare' });
/** All that came after the honey of one harvest. */
export type Aftercare = z.infer<typeof aftercareRecord>;
/** Honey of a lot crystallises, or does no longer. */
export const granulatingSchema = z.strictObject({ granulating: z.boolean() });
