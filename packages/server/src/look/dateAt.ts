import { DateTime } from 'luxon';

/** The calendar date of an instant at a site. */
export const dateAt = (instant: string, zone: string): string =>
  DateTime.fromISO(instant, { zone }).toISODate()!;
