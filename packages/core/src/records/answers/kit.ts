import { z } from 'zod';
import { clockRecord, todayLineRecord } from '../views.js';
import { instant, number, text } from '../vocabulary/fields.js';

/** `speed` and `set` say whether the server's own clock goes as the world's does. */
export const clocksAnswer = z.strictObject({
  now: instant,
  speed: number,
  set: z.boolean(),
  items: z.array(clockRecord),
});

export const todayAnswer = z.strictObject({ now: instant, items: z.array(todayLineRecord) });

export const healthAnswer = z.strictObject({ ready: z.literal(true), now: instant });

/** What a person guessed and what the scale then said, grams. */
export const guessAnswer = z.strictObject({ guess: number, weighed: number });

/** A reading of an instrument: its value in its unit, and whether it is a stand-in. */
const readingOf = <Unit extends string>(unit: Unit) =>
  z.strictObject({
    value: number,
    unit: z.literal(unit),
    at: instant,
    instrument: text,
    simulated: z.boolean(),
  });
/** What stands on the bench scale: a drain's vessel, a comb in its tub, a box, a drained frame. */
export const scaleQuery = z.object({
  drainId: z.string().optional(),
  of: z.enum(['upper', 'lower']).optional(),
  batchId: z.string().optional(),
  combId: z.string().optional(),
  vesselId: z.string().optional(),
  /** The combs of a box, by comma. */
  boxOf: z.string().optional(),
  empty: z.enum(['yes']).optional(),
  frame: z.enum(['yes']).optional(),
  grams: z.string().optional(),
});
export type ScaleQuery = z.output<typeof scaleQuery>;
/** Whose honey is on the glass, and the how manieth drop of it. */
export const dropQuery = z.object({
  batchId: z.string().optional(),
  drop: z.string().optional(),
});
export const hiveScaleQuery = z.object({ hiveId: z.string().optional() });
export const hiveScaleReadingRecord = readingOf('g');
export const refractometerReadingRecord = readingOf('%');
