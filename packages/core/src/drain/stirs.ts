import { instantOf } from '../units/dates.js';
import { DateTime } from 'luxon';
import type { Drain } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';

export type StirRules = Pick<
  HouseRules,
  'stirEveryHours' | 'stirs' | 'stirSlices' | 'quietFrom' | 'quietTo'
>;

/** So often comb is stirred by the school that stirs twice. */
const TWICE = 2;

/**
 * Whether a bed broken up this way is turned and stirred at all by the house rules: slices only by
 * their own school.
 */
export const isStirred = (
  method: Drain['method'],
  rules: Pick<HouseRules, 'stirSlices'>,
): boolean => method !== 'slice' || rules.stirSlices;

/**
 * When the next stir is due by the house rule, as an instant; null where the bed is not stirred,
 * has been stirred as often as the rule says, or was pressed. Never in the quiet hours at the
 * bench: what falls into them, or was left until then, waits for the morning. Takes the drain with
 * its zone, the house rules and the instant now.
 */
export function nextStirAt(
  drain: Pick<Drain, 'method' | 'events' | 'startedAt' | 'zone'>,
  rules: StirRules,
  now: string,
): string | null {
  if (!isStirred(drain.method, rules) || drain.events.some((e) => e.kind === 'press')) return null;
  const stirs = drain.events.filter((e) => e.kind === 'stir' || e.kind === 'mash');
  if (rules.stirs === 'twice' && stirs.length >= TWICE) return null;
  const since = stirs.at(-1)?.occurredAt ?? drain.startedAt;
  const dueAt = new Date(Date.parse(since) + rules.stirEveryHours * 3_600_000).toISOString();
  if (dueAt >= now) return afterQuiet(dueAt, drain.zone, rules);
  // What is overdue stays due since then by day; by night nobody is called for it.
  const morning = afterQuiet(now, drain.zone, rules);
  return morning === now ? afterQuiet(dueAt, drain.zone, rules) : morning;
}

/** The instant itself, or the end of the quiet hours it falls into. */
function afterQuiet(
  instant: string,
  zone: string,
  rules: Pick<HouseRules, 'quietFrom' | 'quietTo'>,
): string {
  const at = DateTime.fromISO(instant, { zone });
  const clock = at.toFormat('HH:mm');
  const overnight = rules.quietFrom > rules.quietTo;
  const isQuiet = overnight
    ? clock >= rules.quietFrom || clock < rules.quietTo
    : clock >= rules.quietFrom && clock < rules.quietTo;
  if (!isQuiet) return instant;
  const [hour, minute] = rules.quietTo.split(':').map(Number);
  const end = at.set({ hour, minute, second: 0, millisecond: 0 });
  return instantOf((end <= at ? end.plus({ days: 1 }) : end).toUTC());
}

/** Hours after which comb is mashed once more, by school. Starting values. */
const REMASH_AFTER_HOURS = { hours: 6, days: 24 };

/**
 * When crushed comb is to be mashed once more by the household's school, as an instant out of the
 * quiet hours; null where it never is, was already, or is pressed. Slices are not mashed.
 */
export function remashAt(
  drain: Pick<Drain, 'method' | 'events' | 'startedAt' | 'zone'>,
  rules: Pick<HouseRules, 'remash' | 'quietFrom' | 'quietTo'>,
): string | null {
  if (rules.remash === 'never' || drain.method === 'slice') return null;
  if (drain.events.some((e) => e.kind === 'mash' || e.kind === 'press')) return null;
  const due = Date.parse(drain.startedAt) + REMASH_AFTER_HOURS[rules.remash] * 3_600_000;
  return afterQuiet(new Date(due).toISOString(), drain.zone, rules);
}
