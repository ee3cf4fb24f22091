import { z } from 'zod';
import {
  atMost,
  atMostLetters,
  decimal,
  kilograms,
  litres,
  whole,
  celsius,
  kilometresAnHour,
  millimetresOfRain,
  percent,
} from '../say/limits.js';
import { refuses } from '../say/field.js';
import { idSchema, dateSchema, instantSchema, nameSchema } from './common.js';
import { row, id, text, number, day, revision, instant } from './vocabulary/fields.js';

/**
 * Something to be done at a site: by a day, or before the next visit; kept with the day it was
 * done.
 */
export const siteTaskSchema = z.strictObject({
  id: idSchema,
  what: z.string().trim().min(3, refuses('field.what-to-do')).max(120, atMostLetters(120)),
  dueOn: dateSchema.nullable(),
  doneOn: dateSchema.nullable(),
});
export type SiteTask = z.infer<typeof siteTaskSchema>;

const FORAGE = z.enum(['flow', 'some', 'dearth']);
/**
 * What is particular of a site: notes that add a step, `plain` where somebody said that none does,
 * and
 * forage month by month as the household knows it. */
export const changeSiteSchema = z.strictObject({
  notes: z
    .array(z.enum(['neighbours', 'children', 'dog', 'roof', 'ladder', 'humid', 'heather', 'plain']))
    .max(8)
    .optional(),
  tasks: z.array(siteTaskSchema).max(60, atMost(60)).optional(),
  forage: z
    .partialRecord(z.enum(['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12']), FORAGE)
    .optional(),
  latitude: decimal(-90, 90).nullable().optional(),
  longitude: decimal(-180, 180).nullable().optional(),
  poisonousNectar: z.enum(['yes', 'no', 'ask']).nullable().optional(),
});
export type ChangeSite = z.infer<typeof changeSiteSchema>;

/** One hour of weather typed in; it stands over what any service says. */
export const newWeatherEntrySchema = z
  .strictObject({
    id: idSchema,
    siteId: idSchema,
    /** The hour it is about. */
    at: instantSchema,
    temperatureC: celsius(-40, 55).nullable(),
    windKmH: kilometresAnHour(0, 200).nullable(),
    rainMm: millimetresOfRain(0, 200).nullable(),
    humidityPercent: percent(0, 100).nullable(),
    cloudPercent: percent(0, 100).nullable(),
  })
  .refine(
    (w) =>
      [w.temperatureC, w.windKmH, w.rainMm, w.humidityPercent, w.cloudPercent].some(
        (v) => v !== null,
      ),
    { message: refuses('field.some-weather'), path: ['temperatureC'] },
  );
export type NewWeatherEntry = z.infer<typeof newWeatherEntrySchema>;

export const GEAR_KINDS = [
  'spare-bar',
  'spare-frame',
  'empty-super',
  'strainer',
  'tool',
  'clothing',
  'other',
] as const;
/**
 * A thing of the household that is brought along, how many there are, and what is to be mended on
 * it until when.
 */
export const newGearSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(GEAR_KINDS, refuses('field.choose-what')),
  stock: whole(0, 5000),
  volumeL: litres(0, 500),
  weightKg: kilograms(0, 200),
  repair: z.string().trim().max(200, atMostLetters(200)).nullable(),
  dueOn: dateSchema.nullable(),
});
export type NewGear = z.infer<typeof newGearSchema>;
export const changeGearSchema = newGearSchema.omit({ id: true }).partial();

/**
 * An address that a calendar subscribes to: its secret stays on the device that made it, only its
 * hash is sent.
 */
export const newCalendarLinkSchema = z.strictObject({
  id: idSchema,
  tokenHash: z.string().regex(/^[0-9a-f]{64}$/, refuses('field.sha-256')),
});

export const newTickSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  line: z.string().min(1).max(200),
  state: z.enum(['have', 'missing', 'open']),
});

export const gearRecord = z
  .strictObject({
    ...row,
    id,
    name: text,
    kind: z.enum(GEAR_KINDS),
    stock: number,
    volumeL: number,
    weightKg: number,
    repair: text.nullable(),
    dueOn: day.nullable(),
    revision,
  })
  .meta({ id: 'Gear' });
/** Things the views of Ready are made of. */
export type Gear = z.infer<typeof gearRecord>;

export const calendarLinkRecord = z.strictObject({
  ...row,
  id,
  recordedAt: instant,
});
export type CalendarLink = z.infer<typeof calendarLinkRecord>;

export const tickRecord = z.strictObject({
  ...row,
  id,
  batchId: id,
  line: text,
  state: z.enum(['have', 'missing', 'open']),
});
export type Tick = z.infer<typeof tickRecord>;
