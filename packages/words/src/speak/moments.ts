import { DateTime } from 'luxon';
import { localeOf } from './locale.js';
import type { Reader } from './reader.js';

/** How much of a moment is said; the order of its parts is the language's. */
const STYLES = {
  clock: { hour: '2-digit', minute: '2-digit' },
  'weekday-clock': { weekday: 'short', hour: '2-digit', minute: '2-digit' },
  'day-clock': { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
  'weekday-day-hour': { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit' },
  'weekday-day-clock': {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  },
  'long-day-clock': {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    hour: '2-digit',
    minute: '2-digit',
  },
  weekday: { weekday: 'short' },
  'weekday-number': { weekday: 'short', day: 'numeric' },
  'weekday-day': { weekday: 'short', day: 'numeric', month: 'short' },
  day: { day: 'numeric', month: 'short' },
  'long-day': { day: 'numeric', month: 'long' },
  date: { day: 'numeric', month: 'short', year: 'numeric' },
  'long-date': { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;
export type MomentStyle = keyof typeof STYLES;

/**
 * A moment in its own zone as the reader says it: "Sat 5 Sept, 14:05", "sáb., 5 de set., 14:05".
 * Nothing where the moment is none.
 */
export function momentSaid(
  at: DateTime,
  style: MomentStyle,
  { language }: Pick<Reader, 'language'>,
): string {
  if (!at.isValid) return '';
  return at.setLocale(localeOf(language)).toLocaleString(STYLES[style]);
}

/** How long ago, or how soon: "3 hours ago", "há 3 horas". */
export const agoSaid = (at: DateTime, now: DateTime, { language }: Pick<Reader, 'language'>) =>
  at.setLocale(localeOf(language)).toRelative({ base: now }) ?? '';
