import { z } from 'zod';
import type { Extent, Quantity, Say, SayValue } from './say.js';

const extent = z.union([
  z.number(),
  z.strictObject({ low: z.number(), high: z.number() }),
]) satisfies z.ZodType<Extent>;
const quantity = z.union([
  z.strictObject({ massG: extent, as: z.enum(['estimate', 'read', 'large', 'whole']) }),
  z.strictObject({ volumeL: extent }),
  z.strictObject({ areaCm2: z.number() }),
  z.strictObject({ distanceM: z.number() }),
  z.strictObject({ rainMm: z.number() }),
  z.strictObject({ lengthMm: extent }),
  z.strictObject({ temperatureC: extent }),
  z.strictObject({ warmerC: z.number() }),
  z.strictObject({ speedKmH: z.number() }),
  z.strictObject({ percent: extent }),
  z.strictObject({ money: z.number() }),
  z.strictObject({ hours: z.number() }),
  z.strictObject({ date: z.string() }),
  z.strictObject({ month: z.string() }),
  z.strictObject({ instant: z.string(), zone: z.string() }),
]) satisfies z.ZodType<Quantity>;
const value: z.ZodType<SayValue> = z.lazy(() =>
  z.union([
    z.string(),
    z.number(),
    quantity,
    sayRecord,
    z.strictObject({ and: z.array(value) }),
    z.strictObject({ or: z.array(value) }),
    z.strictObject({ then: z.array(sayRecord) }),
  ]),
);
/** A saying as it is kept and answered; the interface adds its text in the reader's language. */
export const sayRecord: z.ZodType<Say & { text?: string }> = z
  .strictObject({
    key: z.string(),
    with: z.record(z.string(), value),
    text: z.string().optional(),
  })
  .meta({ id: 'Say' });
