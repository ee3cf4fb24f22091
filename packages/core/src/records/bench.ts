import { z } from 'zod';
import {
  atLeast,
  atMost,
  atMostLetters,
  celsius,
  grams,
  millimetres,
  percent,
  wholeMinutes,
} from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, gramsSchema, noteSchema, instantSchema } from './common.js';
import { ARRANGEMENTS, CRUSH_METHODS, FINENESS } from './vocabulary/bench.js';
import { DRAIN_EVENT_KINDS } from './vocabulary/bench.js';

const minutes = wholeMinutes(0, 600);
const bench = celsius(5, 45);

/** Where honey in the lower vessel is from: a lot of the book, poured to this one from now on. */
export const newDrainSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    arrangement: z.enum(ARRANGEMENTS).default('holed-bucket'),
    upperVesselId: idSchema.nullable(),
    lowerVesselId: idSchema.nullable(),
    holeMm: millimetres(0.05, 30).nullable().default(null),
    method: z.enum(CRUSH_METHODS),
    fineness: z.enum(FINENESS).default('middle'),
    thixotropic: z.boolean().default(false),
    moisturePercent: percent(13, 25),
    temperatureC: bench,
    nightTemperatureC: celsius(-5, 45).nullable().default(null),
    potStartG: gramsSchema.default(0),
    potFromLotId: idSchema.nullable().default(null),
    /**
     * Minutes of the hands it took to break the comb up; the household's own pace is learned from
     * them.
     */
    crushMinutes: minutes.nullable().default(null),
  })
  .refine((d) => d.potStartG === 0 || d.potFromLotId !== null, {
    message: refuses('field.which-honey'),
    path: ['potFromLotId'],
  });
export type NewDrain = z.infer<typeof newDrainSchema>;

export const newWeighingSchema = z
  .strictObject({
    id: idSchema,
    drainId: idSchema,
    of: z.enum(['lower', 'upper']).default('lower'),
    grossG: gramsSchema,
    tareG: gramsSchema,
    source: z.enum(['hand', 'scale']),
  })
  .refine((w) => w.tareG <= w.grossG, {
    message: refuses('field.tare-above-gross'),
    path: ['tareG'],
  });
export type NewWeighing = z.infer<typeof newWeighingSchema>;
/** A weighing that does not fit is left out, never deleted; it can be counted again. */
export const changeWeighingSchema = z.strictObject({ leftOut: z.boolean() });

export const newDrainEventSchema = z
  .strictObject({
    id: idSchema,
    drainId: idSchema,
    kind: z.enum(DRAIN_EVENT_KINDS),
    /** Net grams; where gross and tare are given it is their difference. */
    g: gramsSchema.optional(),
    grossG: gramsSchema.optional(),
    tareG: gramsSchema.optional(),
    temperatureC: celsius(5, 80).optional(),
    moisturePercent: percent(10, 40).optional(),
    minutes,
    note: noteSchema.default(''),
  })
  .superRefine((event, context) => {
    const asks = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (
      event.grossG !== undefined &&
      event.tareG !== undefined &&
      event.grossG - event.tareG !== event.g
    )
      asks('grossG', refuses('field.net-is-not'));
    if (event.kind === 'draw-off' && !event.g) asks('g', refuses('field.grams-drawn'));
    if (event.kind === 'skim' && event.g === undefined) asks('g', refuses('field.weigh-scum'));
    if ((event.kind === 'temperature' || event.kind === 'warm') && event.temperatureC === undefined)
      asks('temperatureC', refuses('field.temperature'));
    if (event.kind === 'temperature' && event.temperatureC !== undefined && event.temperatureC > 45)
      asks('temperatureC', refuses('field.bench-at-most', { most: { temperatureC: 45 } }));
    if (event.kind === 'moisture' && event.moisturePercent === undefined)
      asks('moisturePercent', refuses('field.water'));
  });
export type NewDrainEvent = z.infer<typeof newDrainEventSchema>;

export const closeDrainSchema = z.strictObject({
  /** Honey in the lower vessel now, net, beyond what was drawn off. */
  honeyG: gramsSchema,
  /** Pressed honey that stays a lot of its own. */
  pressedG: gramsSchema.default(0),
  wetWaxG: gramsSchema,
  /** Bees, pollen, brood comb: what is neither honey nor wax, each weighed by itself. */
  waste: z
    .array(
      z.strictObject({
        what: z.string().trim().min(2, refuses('field.what-it-was')).max(60, atMostLetters(60)),
        g: gramsSchema.min(1, refuses('field.weigh-it')),
      }),
    )
    .max(20, atMost(20))
    .default([]),
  minutes,
  /**
   * Why comb in is not honey, wet wax and debris out; asked for where they differ by more than 3 %.
   */
  gapReason: noteSchema,
});

/**
 * Readings of one scale in a row, net grams; a row that was sent before is known by its first
 * instant.
 */
export const newReadingsSchema = z.strictObject({
  id: idSchema,
  drainId: idSchema,
  instrument: z.string().trim().min(1, refuses('field.which-instrument')).max(80),
  readings: z
    .array(
      z.strictObject({
        at: instantSchema,
        g: grams(-5000, 1_000_000),
      }),
    )
    .min(1, refuses('field.no-reading'))
    .max(2000, refuses('field.at-once', { most: 2000 })),
});
export type NewReadings = z.infer<typeof newReadingsSchema>;

/** Honey of one lot poured into another; what each was made of stays in the book. */
export const newBlendSchema = z
  .strictObject({
    fromLotId: idSchema,
    intoLotId: idSchema,
    g: gramsSchema.min(1, atLeast(1)),
  })
  .refine((b) => b.fromLotId !== b.intoLotId, {
    message: refuses('field.choose-two-lots'),
    path: ['intoLotId'],
  });
