import { dateText } from '../shell/times.js';
import { tell } from '../words/tell.js';

/**
 * From one day to another: "from … to …", "on …" for the same day, "from … or later" without an
 * end. Takes calendar dates, and how a day is said.
 */
export function spanText(
  from: string,
  to: string | null,
  said: (date: string) => string = dateText,
): string {
  if (to === null) return tell('span.from', { day: said(from) });
  return from === to
    ? tell('span.on', { day: said(from) })
    : tell('span.from-to', { from: said(from), to: said(to) });
}
