import { DateTime } from 'luxon';
import type { DrainEvent } from '../records/views.js';
import { dayAndNight, type TemperatureStep } from './viscousTime.js';

import { HOUR_MS } from '../units/dates.js';
/**
 * A reading stands for what follows it so long; after that the bench goes by its day and night
 * again. A starting value.
 */
const READING_HOLDS_HOURS = 6;
const HORIZON_HOURS = 480;

/**
 * Temperature of the honey hour by hour: typed for day and night, corrected by every reading that
 * was written down (each stands from half way to the one before it), and what a warming says while
 * it lasts.
 */
export function temperatureSteps(
  drain: {
    startedAt: string;
    temperatureC: number;
    nightTemperatureC: number | null;
    events: readonly Pick<DrainEvent, 'kind' | 'temperatureC' | 'occurredAt'>[];
  },
  zone: string,
  nowIso: string,
): TemperatureStep[] {
  const hours = (iso: string): number =>
    Math.max(0, (Date.parse(iso) - Date.parse(drain.startedAt)) / HOUR_MS);
  const local = DateTime.fromISO(drain.startedAt, { zone });
  const pattern = (fromHours: number): TemperatureStep[] =>
    dayAndNight({
      dayC: drain.temperatureC,
      nightC: drain.nightTemperatureC ?? drain.temperatureC,
      localHour: local.hour + local.minute / 60,
      fromHours,
      untilHours: HORIZON_HOURS,
    });
  const readings = drain.events
    .filter((e) => e.kind === 'temperature' && e.temperatureC !== null)
    .map((e) => ({ hours: hours(e.occurredAt), temperatureC: e.temperatureC! }))
    .sort((a, b) => a.hours - b.hours);
  const steps: TemperatureStep[] = [];
  if (!readings.length) steps.push(...pattern(0));
  else {
    steps.push({
      hours: 0,
      temperatureC: readings[0].hours > 0.5 ? drain.temperatureC : readings[0].temperatureC,
    });
    readings.forEach((r, i) =>
      steps.push({
        hours: i === 0 ? r.hours / 2 : (readings[i - 1].hours + r.hours) / 2,
        temperatureC: r.temperatureC,
        logged: true,
      }),
    );
    const last = readings[readings.length - 1];
    // Without a night of its own the last reading simply holds.
    if (drain.nightTemperatureC !== null) steps.push(...pattern(last.hours + READING_HOLDS_HOURS));
  }
  return warmings(drain.events, hours, hours(nowIso)).reduce(
    overlay,
    steps.sort((a, b) => a.hours - b.hours),
  );
}

export interface Warming {
  fromHours: number;
  /** Null while it still lasts. */
  untilHours: number | null;
  temperatureC: number;
}

/**
 * Warmings of a run: from 'warm' to the next 'warm-end'; one that still lasts is taken to last
 * until now.
 */
export function warmings(
  events: readonly Pick<DrainEvent, 'kind' | 'temperatureC' | 'occurredAt'>[],
  hours: (iso: string) => number,
  nowHours: number,
): (Warming & { endHours: number })[] {
  const found: (Warming & { endHours: number })[] = [];
  for (const event of [...events].sort((a, b) => a.occurredAt.localeCompare(b.occurredAt))) {
    const open = found[found.length - 1];
    const running = open && open.untilHours === null ? open : null;
    if (running && (event.kind === 'warm' || event.kind === 'warm-end'))
      running.untilHours = running.endHours = hours(event.occurredAt);
    if (event.kind === 'warm')
      found.push({
        fromHours: hours(event.occurredAt),
        untilHours: null,
        endHours: Math.max(nowHours, hours(event.occurredAt)),
        temperatureC: event.temperatureC ?? 35,
      });
  }
  return found;
}

/** Steps with one warming laid over them. */
function overlay(
  steps: TemperatureStep[],
  warm: { fromHours: number; endHours: number; temperatureC: number },
): TemperatureStep[] {
  if (warm.endHours <= warm.fromHours) return steps;
  const after = [...steps].reverse().find((s) => s.hours <= warm.endHours) ?? steps[0];
  return [
    ...steps.filter((s) => s.hours < warm.fromHours),
    { hours: warm.fromHours, temperatureC: warm.temperatureC },
    { hours: warm.endHours, temperatureC: after.temperatureC },
    ...steps.filter((s) => s.hours > warm.endHours),
  ];
}
