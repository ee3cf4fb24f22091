import { DateTime } from 'luxon';

export const HOUR_MS = 3_600_000;
export const DAY_MS = 24 * HOUR_MS;

/**
 * A calendar date, YYYY-MM-DD, as a person says it: "5 Mar 2026". What is no date stays as it is.
 */
export function dateWords(date: string): string {
  const day = DateTime.fromISO(date, { locale: 'en-GB' });
  return day.isValid ? day.toFormat('d LLL yyyy') : date;
}

/**
 * The calendar date of a moment in its own zone, YYYY-MM-DD.
 *
 * @throws where the moment is none.
 */
export function dayOf(moment: DateTime): string {
  const day = moment.toISODate();
  if (day === null) throw new Error(`No moment: ${moment.invalidExplanation ?? 'unreadable'}`);
  return day;
}

/**
 * A moment as it is kept: ISO 8601 with its offset.
 *
 * @throws where the moment is none.
 */
export function instantOf(moment: DateTime): string {
  const instant = moment.toISO();
  if (instant === null) throw new Error(`No moment: ${moment.invalidExplanation ?? 'unreadable'}`);
  return instant;
}

/** Adds whole days to a calendar date, YYYY-MM-DD. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** An instant so many times 24 hours later, in UTC. */
export const daysLater = (instant: string, days: number): string =>
  new Date(Date.parse(instant) + days * DAY_MS).toISOString();

/** Whole days from one calendar date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);
}
