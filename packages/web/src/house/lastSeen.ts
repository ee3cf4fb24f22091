import { tell, agoText } from '../words/tell.js';
import { DateTime } from 'luxon';

const JUST_NOW_MS = 2 * 60_000;

/**
 * When a device was seen last, in words: "here just now", "3 hours ago". Takes an instant and now.
 */
export function aboutAgo(lastSeenAt: string, now: Date): string {
  const ago = now.getTime() - Date.parse(lastSeenAt);
  if (ago < JUST_NOW_MS) return tell('lastSeen.here-just-now');
  const words = agoText(DateTime.fromISO(lastSeenAt), DateTime.fromJSDate(now));
  return tell('lastSeen.last-here', { words });
}
