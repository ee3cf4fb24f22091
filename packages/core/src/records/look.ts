import { z } from 'zod';
import { atMost, celsius, decimal, millimetres } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { OUTSIDE_VIEWS } from './vocabulary/comb.js';
import { paneSchema, potsSchema, sharesSchema, storedFaceSchema } from './vocabulary/combShapes.js';
import { dateSchema, idSchema } from './common.js';

const moisture = decimal(0, 100);
const degrees = celsius(0, 50);
/**
 * A refractometer reading as it was read: the raw value, which scale, at which temperature, and
 * what is known of the instrument.
 */
export const readingSchema = z.strictObject({
  side: z.enum(['A', 'B']),
  cells: z.enum(['open', 'sealed']),
  scale: z.enum(['moisture', 'brix', 'index']),
  value: moisture,
  temperatureC: degrees,
  temperatureCompensated: z.boolean(),
  calibratedOn: dateSchema.nullable().optional(),
  instrumentLowC: degrees.optional(),
  instrumentHighC: degrees.optional(),
});
export type Reading = z.infer<typeof readingSchema>;
/** The same drop taken at the bench: of a vessel, not of a cell. */
export const benchReadingSchema = readingSchema.omit({ side: true, cells: true });
export type BenchReading = z.infer<typeof benchReadingSchema>;
export const newWaterReadingSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  reading: benchReadingSchema,
});
export type NewWaterReading = z.infer<typeof newWaterReadingSchema>;

const both = <T extends z.ZodType>(of: T) => z.strictObject({ A: of.nullable(), B: of.nullable() });
export const newLookSchema = z.strictObject({
  id: idSchema,
  combId: idSchema,
  sides: both(sharesSchema),
  /**
   * Cells as they were painted or read from a photo; where there are any, the shares of that side
   * are counted from them.
   */
  faces: both(storedFaceSchema).default({ A: null, B: null }),
  seenBy: both(z.enum(['hand', 'photo', 'window', 'end-pane', 'below', 'above'])).default({
    A: null,
    B: null,
  }),
  photos: both(idSchema).default({ A: null, B: null }),
  pane: paneSchema.nullable().default(null),
  attachment: z.enum(OUTSIDE_VIEWS).nullable().default(null),
  pots: potsSchema.nullable().default(null),
  /** Whether the comb is straight in its frame; not said is null. */
  straight: z.boolean().nullable().default(null),
  readings: z.array(readingSchema).max(20, atMost(20)),
  combAge: z.enum(['new', 'used', 'brood-used']),
  depthMm: millimetres(10, 600),
  thicknessMm: millimetres(8, 60),
});
export type NewLook = z.infer<typeof newLookSchema>;
/** The combs of a box that look alike, written down in one go. */
export const newLooksSchema = z.strictObject({
  looks: z.array(newLookSchema).min(1, refuses('field.which-combs')).max(60, atMost(60)),
});
