import { z } from 'zod';
import { instant, number } from './fields.js';

/** What an hour of weather says; what nobody measured or forecast is null. */
export const weatherFields = {
  /** The instant the hour begins, ISO 8601 in UTC. */
  at: instant,
  temperatureC: number.nullable(),
  windKmH: number.nullable(),
  rainMm: number.nullable(),
  humidityPercent: number.nullable(),
  cloudPercent: number.nullable(),
};
export const weatherHourRecord = z.strictObject({
  ...weatherFields,
  /** Where it comes from: the practice service, typed in by hand, or a real service. */
  source: z.enum(['practice', 'hand', 'service']),
});
/** One hour of weather at a site. */
export type WeatherHour = z.infer<typeof weatherHourRecord>;

/**
 * What blooms or not, month by month, in the household's own note; a month not named is not known.
 */
export const FORAGE_STATES = ['flow', 'some', 'dearth'] as const;
export type ForageState = (typeof FORAGE_STATES)[number];
export type ForageByMonth = Partial<Record<string, ForageState>>;
