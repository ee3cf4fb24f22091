import { firstOf, hoursText, instantOf } from '@furrow/core';
import { DateTime } from 'luxon';
import { measured, moment } from '../words/tell.js';

/** "16:10" today, "Tue 16:10" within a week, "14 Mar 16:10" beyond, in the place's zone. */
export function clockText(instant: string, zone: string, now: Date): string {
  const at = DateTime.fromISO(instant, { zone });
  const today = DateTime.fromJSDate(now, { zone });
  if (at.hasSame(today, 'day')) return moment(at, 'clock');
  return Math.abs(at.diff(today, 'days').days) < 6
    ? moment(at, 'weekday-clock')
    : moment(at, 'day-clock');
}

/**
 * How finely a forecast time is told, by how far off it is: the last digits of a day ahead are not
 * known.
 */
const TELLS: readonly { withinHours: number; minutes: number }[] = [
  { withinHours: 3, minutes: 5 },
  { withinHours: 12, minutes: 15 },
  { withinHours: Infinity, minutes: 60 },
];
export type Rounding = 'earlier' | 'near' | 'later';

/**
 * A forecast time in the place's zone, rounded as finely as it can be known; `earlier` where being
 * late would spill.
 */
export function aboutText(
  instant: string,
  zone: string,
  now: Date,
  rounding: Rounding = 'near',
): string {
  const away = Math.abs(Date.parse(instant) - now.getTime()) / 3_600_000;
  const step = firstOf(TELLS, (t) => away < t.withinHours).minutes;
  const local = DateTime.fromISO(instant, { zone });
  const minutes = local.hour * 60 + local.minute;
  const round = { earlier: Math.floor, near: Math.round, later: Math.ceil }[rounding];
  const told = local.startOf('day').plus({ minutes: round(minutes / step) * step });
  return clockText(instantOf(told.toUTC()), zone, now);
}

/** "14 Mar 2026" from a calendar date. */
export const dateText = (date: string): string => measured({ date });

/** "Sat 14 Mar" in the place's zone. */
export function dayText(at: Date | string, zone: string): string {
  const date =
    typeof at === 'string' ? DateTime.fromISO(at, { zone }) : DateTime.fromJSDate(at, { zone });
  return moment(date, 'weekday-day');
}

/** How long a clock has run, in whole minutes that are over: "5 h 12 min". */
export function ranText(startedAt: string, now: Date): string {
  const minutes = Math.floor((now.getTime() - Date.parse(startedAt)) / 60_000);
  return hoursText(minutes / 60);
}
