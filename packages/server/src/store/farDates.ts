import { houseSay } from '@furrow/words';
import { refused } from '../problem.js';

/**
 * Fields that say when something was, is or is planned; how long honey keeps (`useBy`) may lie
 * further off.
 */
const SAYS_WHEN = /(On|At|Local)$|^(on|at|date|forDate)$/;
const DATE = /^(\d{4})-\d{2}-\d{2}(T|$)/;

/**
 * Refuses a payload that dates something after the next year: nobody plans so far, so it is a slip
 * of the key or of a clock.
 *
 * @throws `bad-input` with the field's path.
 */
export function refuseFarDates(payload: unknown, now: Date, path = 'payload', key = ''): void {
  if (typeof payload === 'string') {
    const year = SAYS_WHEN.test(key) ? Number(DATE.exec(payload)?.[1] ?? 0) : 0;
    const last = now.getUTCFullYear() + 1;
    if (year > last) throw refused(houseSay('refusal.year-up-to', { last }), path);
    return;
  }
  if (Array.isArray(payload))
    payload.forEach((item, i) => refuseFarDates(item, now, `${path}[${i}]`, key));
  else if (payload && typeof payload === 'object')
    for (const [name, value] of Object.entries(payload))
      refuseFarDates(value, now, `${path}.${name}`, name);
}
