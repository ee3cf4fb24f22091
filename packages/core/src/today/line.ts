import { DateTime } from 'luxon';
import type { TodayLine } from '../records/views.js';
import { instantOf, dayOf } from '../units/dates.js';

/** A line of Today as it is said; urgent only where it says so. */
export type Said = Omit<TodayLine, 'urgent'> & { urgent?: boolean };

/** A line with what it leaves unsaid. */
export const line = (said: Said): TodayLine => ({ urgent: false, ...said });

/** The hour at which what is due on a day is due, in the zone of its site. */
const MORNING = 9;
/** The instant at which something is due on a day at a site. */
export const morningOf = (date: string, zone: string): string =>
  instantOf(DateTime.fromISO(date, { zone }).plus({ hours: MORNING }).toUTC());
/** The same for what belongs to no site: at noon, so that it is that day nearly everywhere. */
export const noonOf = (date: string): string => `${date}T12:00:00.000Z`;

/** The calendar date of an instant in a zone, some days later. */
export const dateIn = (zone: string, instant: string, days = 0): string =>
  dayOf(DateTime.fromISO(instant, { zone }).plus({ days }));

/** What is urgent first, then by when it is due; what is due when it suits comes last. */
export const inOrder = (lines: readonly TodayLine[]): TodayLine[] =>
  [...lines].sort(
    (a, b) => Number(b.urgent) - Number(a.urgent) || (a.dueAt ?? '9').localeCompare(b.dueAt ?? '9'),
  );
