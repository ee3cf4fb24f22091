import { DateTime } from 'luxon';

/** "16:10" today, "Tue 16:10" within a week, "14 Mar 16:10" beyond, in the place's zone. */
export function clockText(instant: string, zone: string, now: Date): string {
  const at = DateTime.fromISO(instant, { zone });
  const today = DateTime.fromJSDate(now, { zone });
  if (at.hasSame(today, 'day')) return at.toFormat('HH:mm');
  return Math.abs(at.diff(today, 'days').days) < 6
    ? at.toFormat('ccc HH:mm')
    : at.toFormat('d LLL HH:mm');
}

/** "14 Mar 2026" from a calendar date. */
export function dateText(date: string): string {
  return DateTime.fromISO(date).toFormat('d LLL yyyy');
}

/** "Sat 14 Mar" in the place's zone. */
export function dayText(at: Date | string, zone: string): string {
  const date =
    typeof at === 'string' ? DateTime.fromISO(at, { zone }) : DateTime.fromJSDate(at, { zone });
  return date.toFormat('ccc d LLL');
}
