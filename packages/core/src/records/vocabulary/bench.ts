import { z } from 'zod';
import { instant, number } from './fields.js';

/** How vessels stand on each other while honey drains. */
export const ARRANGEMENTS = [
  'holed-bucket',
  'two-bucket-gate',
  'mesh',
  'cloth',
  'colander',
  'press-bag',
  'box-tray',
  'sieve-jar',
] as const;
export type Arrangement = (typeof ARRANGEMENTS)[number];
export const CRUSH_METHODS = ['mash', 'chop', 'slice'] as const;
export type CrushMethod = (typeof CRUSH_METHODS)[number];

export const FINENESS = ['coarse', 'middle', 'fine'] as const;

/** How finely the comb was broken, within its method. */
export type Fineness = (typeof FINENESS)[number];

export const streamReadingRecord = z.strictObject({ at: instant, g: number });
/** One reading of a scale as it came, net grams where its tare was known. */
export type StreamReading = z.infer<typeof streamReadingRecord>;

export const crushPaceRecord = z.partialRecord(
  z.enum(CRUSH_METHODS),
  z.strictObject({ minutesPerKg: number, times: number }),
);
/** The household's own pace by method. */
export type CrushPace = z.infer<typeof crushPaceRecord>;
