import { z } from 'zod';
import { sharesSchema } from '../comb/contents.js';
import { idSchema } from './common.js';

const moisture = z.number('A number.').min(0, 'At least 0.').max(100, 'At most 100.');

/** A refractometer reading as it was read: the raw value, which scale, at which temperature. */
export const readingSchema = z.strictObject({
  side: z.enum(['A', 'B']),
  cells: z.enum(['open', 'sealed']),
  scale: z.enum(['moisture', 'brix', 'index']),
  value: moisture,
  temperatureC: z.number('A temperature.').min(0, 'At least 0 °C.').max(50, 'At most 50 °C.'),
  temperatureCompensated: z.boolean(),
});
export type Reading = z.infer<typeof readingSchema>;

export const newLookSchema = z.strictObject({
  id: idSchema,
  combId: idSchema,
  sides: z.strictObject({ A: sharesSchema.nullable(), B: sharesSchema.nullable() }),
  readings: z.array(readingSchema).max(20, 'At most 20 samples.'),
  combAge: z.enum(['new', 'used', 'brood-used']),
  depthMm: z.number('Millimetres.').min(10, 'At least 10 mm.').max(600, 'At most 600 mm.'),
  thicknessMm: z.number('Millimetres.').min(15, 'At least 15 mm.').max(60, 'At most 60 mm.'),
});
export type NewLook = z.infer<typeof newLookSchema>;
