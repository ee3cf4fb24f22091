import { z } from 'zod';
import { DRAIN_EVENT_KINDS } from './vocabulary/bench.js';
import { benchReadingSchema } from './look.js';
import { ARRANGEMENTS, CRUSH_METHODS, FINENESS } from './vocabulary/bench.js';
import { streamReadingRecord } from './vocabulary/benchRecords.js';
import { row, id, grams, instant, number, text, revision } from './vocabulary/fields.js';

/** What is read of the bench: weighings, drains with what happened to them, water of the honey. */
export const weighingRecord = z
  .strictObject({
    ...row,
    id,
    drainId: id,
    of: z.enum(['lower', 'upper']),
    grossG: grams,
    tareG: grams,
    netG: grams,
    source: z.enum(['hand', 'scale']),
    leftOut: z.boolean(),
    occurredAt: instant,
  })
  .meta({ id: 'Weighing' });
export type Weighing = z.infer<typeof weighingRecord>;

export const drainEventRecord = z
  .strictObject({
    ...row,
    id,
    drainId: id,
    kind: z.enum(DRAIN_EVENT_KINDS),
    g: grams.nullable(),
    grossG: grams.nullable(),
    tareG: grams.nullable(),
    temperatureC: number.nullable(),
    moisturePercent: number.nullable(),
    minutes: number,
    note: text,
    occurredAt: instant,
  })
  .meta({ id: 'DrainEvent' });
export type DrainEvent = z.infer<typeof drainEventRecord>;

export const drainRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    zone: text,
    arrangement: z.enum(ARRANGEMENTS),
    upperVesselId: id.nullable(),
    lowerVesselId: id.nullable(),
    holeMm: number.nullable(),
    method: z.enum(CRUSH_METHODS),
    fineness: z.enum(FINENESS),
    thixotropic: z.boolean(),
    moisturePercent: number,
    /** At the start, and as the bench's day; the log of readings stands in the events. */
    temperatureC: number,
    nightTemperatureC: number.nullable(),
    /** Honey that stood in the lower vessel already. */
    potStartG: grams,
    potFromLotId: id.nullable().optional(),
    /** Minutes of the hands it took to break the comb up; null where nobody said. */
    crushMinutes: number.nullable(),
    startedAt: instant,
    endedAt: instant.nullable(),
    crushedG: grams,
    weighings: z.array(weighingRecord),
    events: z.array(drainEventRecord),
    /** Readings that came in a row from a scale, net; kept out of the book. */
    readings: z.array(streamReadingRecord),
    revision,
  })
  .meta({ id: 'Drain' });
export type Drain = z.infer<typeof drainRecord>;

export const waterReadingRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    reading: benchReadingSchema,
    moisturePercent: number,
    occurredAt: instant,
  })
  .meta({ id: 'WaterReading' });
/** Water of a harvest's honey, a drop at the bench: as it was read, and what that says. */
export type WaterReading = z.infer<typeof waterReadingRecord>;
