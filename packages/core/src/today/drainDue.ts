import { nextStirAt, type DrainForecast } from '../drain/index.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Drain } from '../records/views.js';
import { HOUR_MS } from '../units/dates.js';

/** What a drain may wait for; it has stopped where its weighings stand still. */
export type DrainWaitsFor = 'stopped' | 'stir' | 'draw-off' | 'nine-tenths';

/** What a drain waits for next, and when its lower vessel is full. */
export interface DrainDue {
  dueAt: string | null;
  dueWhat: DrainWaitsFor | null;
  overflowAt: string | null;
}

/**
 * What a drain waits for: that somebody looks where it stands still, else the earlier of the next
 * stir and the full vessel, else nine tenths out. Takes the drain and its forecast.
 */
export function drainDue(
  drain: Drain,
  forecast: Pick<DrainForecast, 'stalled' | 'overflowHours' | 'nineTenthsHours'>,
  rules: HouseRules,
  now: Date,
): DrainDue {
  if (forecast.stalled) return { dueAt: now.toISOString(), dueWhat: 'stopped', overflowAt: null };
  const instant = (hours: number): string =>
    new Date(Date.parse(drain.startedAt) + hours * HOUR_MS).toISOString();
  const overflowAt = forecast.overflowHours ? instant(forecast.overflowHours.earliest) : null;
  const stirAt = nextStirAt(drain, rules, now.toISOString());
  if (stirAt && (!overflowAt || stirAt <= overflowAt))
    return { dueAt: stirAt, dueWhat: 'stir', overflowAt };
  if (overflowAt) return { dueAt: overflowAt, dueWhat: 'draw-off', overflowAt };
  return { dueAt: instant(forecast.nineTenthsHours.mid), dueWhat: 'nine-tenths', overflowAt };
}
