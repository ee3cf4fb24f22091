import { z } from 'zod';
import { CRUSH_METHODS } from './bench.js';
import { instant, number } from './fields.js';

export const streamReadingRecord = z.strictObject({ at: instant, g: number });

/** One reading of a scale as it came, net grams where its tare was known. */
export type StreamReading = z.infer<typeof streamReadingRecord>;

export const crushPaceRecord = z.partialRecord(
  z.enum(CRUSH_METHODS),
  z.strictObject({ minutesPerKg: number, times: number }),
);

/** The household's own pace by method. */
export type CrushPace = z.infer<typeof crushPaceRecord>;
