import { z } from 'zod';
import { UNIT_CHOICES, type Units } from './units.js';

export const unitsSchema = z.strictObject({
  mass: z.enum(UNIT_CHOICES.mass),
  temperature: z.enum(UNIT_CHOICES.temperature),
  length: z.enum(UNIT_CHOICES.length),
  volume: z.enum(UNIT_CHOICES.volume),
  speed: z.enum(UNIT_CHOICES.speed),
}) satisfies z.ZodType<Units>;
