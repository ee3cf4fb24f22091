import { z } from 'zod';
import { idSchema, gramsSchema, noteSchema, instantSchema } from './common.js';
import { ARRANGEMENTS, CRUSH_METHODS, FINENESS } from './vocabulary/bench.js';

const minutes = z.int('Whole minutes.').min(0, 'At least 0.').max(600, 'At most 600 minutes.');
const bench = z.number('Degrees.').min(5, 'At least 5 °C.').max(45, 'At most 45 °C.');

/** Where honey in the lower vessel is from: a lot of the book, poured to this one from now on. */
export const newDrainSchema = z
  .strictObject({
    id: idSchema,
    batchId: idSchema,
    arrangement: z.enum(ARRANGEMENTS).default('holed-bucket'),
    upperVesselId: idSchema.nullable(),
    lowerVesselId: idSchema.nullable(),
    holeMm: z
      .number('Millimetres.')
      .min(0.05, 'At least 0.05 mm.')
      .max(30, 'At most 30 mm.')
      .nullable()
      .default(null),
    method: z.enum(CRUSH_METHODS),
    fineness: z.enum(FINENESS).default('middle'),
    thixotropic: z.boolean().default(false),
    moisturePercent: z.number('A percentage.').min(13, 'At least 13 %.').max(25, 'At most 25 %.'),
    temperatureC: bench,
    nightTemperatureC: z
      .number('Degrees.')
      .min(-5, 'At least -5 °C.')
      .max(45, 'At most 45 °C.')
      .nullable()
      .default(null),
    potStartG: gramsSchema.default(0),
    potFromLotId: idSchema.nullable().default(null),
    /**
     * Minutes of the hands it took to break the comb up; the household's own pace is learned from
     * them.
     */
    crushMinutes: minutes.nullable().default(null),
  })
  .refine((d) => d.potStartG === 0 || d.potFromLotId !== null, {
    message: 'Say which honey stands there already: it becomes one with this.',
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
    message: 'The tare is above the gross weight.',
    path: ['tareG'],
  });
export type NewWeighing = z.infer<typeof newWeighingSchema>;
/** A weighing that does not fit is left out, never deleted; it can be counted again. */
export const changeWeighingSchema = z.strictObject({ leftOut: z.boolean() });

export const DRAIN_EVENT_KINDS = [
  'stir',
  'mash',
  'draw-off',
  'temperature',
  'warm',
  'warm-end',
  'press',
  'skim',
  'moisture',
] as const;
export type DrainEventKind = (typeof DRAIN_EVENT_KINDS)[number];

export const newDrainEventSchema = z
  .strictObject({
    id: idSchema,
    drainId: idSchema,
    kind: z.enum(DRAIN_EVENT_KINDS),
    /** Net grams; where gross and tare are given it is their difference. */
    g: gramsSchema.optional(),
    grossG: gramsSchema.optional(),
    tareG: gramsSchema.optional(),
    temperatureC: z
      .number('Degrees.')
      .min(5, 'At least 5 °C.')
      .max(80, 'At most 80 °C.')
      .optional(),
    moisturePercent: z
      .number('A percentage.')
      .min(10, 'At least 10 %.')
      .max(40, 'At most 40 %.')
      .optional(),
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
      asks('grossG', 'Gross less tare is not the net weight.');
    if (event.kind === 'draw-off' && !event.g) asks('g', 'Say how many grams were drawn off.');
    if (event.kind === 'skim' && event.g === undefined)
      asks('g', 'Weigh the scum; 0 where there was none.');
    if ((event.kind === 'temperature' || event.kind === 'warm') && event.temperatureC === undefined)
      asks('temperatureC', 'Say the temperature.');
    if (event.kind === 'temperature' && event.temperatureC !== undefined && event.temperatureC > 45)
      asks('temperatureC', 'At most 45 °C at the bench; a warming is begun with Warm.');
    if (event.kind === 'moisture' && event.moisturePercent === undefined)
      asks('moisturePercent', 'Say the water content.');
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
        what: z.string().trim().min(2, 'Say what it was.').max(60, 'At most 60 letters.'),
        g: gramsSchema.min(1, 'Weigh it.'),
      }),
    )
    .max(20, 'At most 20 things.')
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
  instrument: z.string().trim().min(1, 'Which instrument?').max(80),
  readings: z
    .array(
      z.strictObject({
        at: instantSchema,
        g: z.number('Grams.').min(-5000, 'At least -5 kg.').max(1_000_000, 'At most 1000 kg.'),
      }),
    )
    .min(1, 'There is no reading in it.')
    .max(2000, 'At most 2000 readings at once.'),
});
export type NewReadings = z.infer<typeof newReadingsSchema>;

/** Honey of one lot poured into another; what each was made of stays in the book. */
export const newBlendSchema = z
  .strictObject({
    fromLotId: idSchema,
    intoLotId: idSchema,
    g: gramsSchema.min(1, 'At least 1 g.'),
  })
  .refine((b) => b.fromLotId !== b.intoLotId, { message: 'Choose two lots.', path: ['intoLotId'] });
