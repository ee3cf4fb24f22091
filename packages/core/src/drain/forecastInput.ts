import type { Drain, DrainEvent, Vessel, Weighing } from '../records/views.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { Range } from '../units/format.js';
import { vesselFullKg } from './arrangements.js';
import type { DrainForecastInput } from './forecast.js';
import type { MethodPrior } from './priors.js';
import { drippedBeforePress } from './pressing.js';
import { steadyWeights } from './scaleStream.js';
import { temperatureSteps } from './temperatures.js';

/** Wax in crushed comb as a share of its mass, low to high (SCIENCE 7): what was weighed less this is honey. */
export const WAX_IN_COMB_SHARE = { low: 0.04, mid: 0.05, high: 0.06 };
/** Pollen, bees and cells that were not honey: weighed comb holds at least this share of honey at the low end. A house starting value. */
const OTHER_LOW = 0.03;
/** What sticks to masher, bucket and strainer makes the upper vessel a poorer witness than the lower: a share of the comb, a starting value. */
const STICKS_SHARE = 0.015;

/** Honey in crushed comb of a weight, kg. */
export function honeyInComb(crushedG: number): Range {
  const kg = crushedG / 1000;
  return {
    low: kg * (1 - WAX_IN_COMB_SHARE.high - OTHER_LOW),
    mid: kg * (1 - WAX_IN_COMB_SHARE.mid),
    high: kg * (1 - WAX_IN_COMB_SHARE.low),
  };
}

/** Honey drawn off up to an instant, grams. */
export function drawnBefore(
  events: readonly Pick<DrainEvent, 'kind' | 'g' | 'occurredAt'>[],
  at: string,
): number {
  return events
    .filter((e) => e.kind === 'draw-off' && e.occurredAt <= at)
    .reduce((sum, e) => sum + (e.g ?? 0), 0);
}

/**
 * What is left of the honey that stood in the lower vessel at the start, grams: the first that is
 * drawn off takes it along, and it came from no comb of this drain.
 */
export function potLeftG(drain: Pick<Drain, 'potStartG' | 'events'>, at = '9999'): number {
  return Math.max(0, drain.potStartG - drawnBefore(drain.events, at));
}

/**
 * Honey out so far by one weighing, grams: of the lower vessel with what was drawn off before and without what
 * stood in it at the start; of the upper one as what is missing from it.
 */
export function outByWeighing(
  drain: Pick<Drain, 'crushedG' | 'potStartG' | 'events'>,
  weighing: Pick<Weighing, 'of' | 'netG' | 'occurredAt'>,
): number {
  if (weighing.of === 'upper') return drain.crushedG - weighing.netG;
  return weighing.netG - drain.potStartG + drawnBefore(drain.events, weighing.occurredAt);
}

/** Turns a drain as it was written down into what the forecast computes with; weighings become honey out so far, draw-offs added. */
export function forecastInput(
  drain: Drain,
  lower: Vessel | null,
  rules: Pick<HouseRules, 'stopBelowGPerHour'>,
  now: string,
  prior?: MethodPrior,
): DrainForecastInput {
  const hours = (at: string): number =>
    Math.max(0, (Date.parse(at) - Date.parse(drain.startedAt)) / 3_600_000);
  const of = (...kinds: DrainEvent['kind'][]): DrainEvent[] =>
    drain.events.filter((e) => kinds.includes(e.kind));
  const upperSdKg = (drain.crushedG / 1000) * STICKS_SHARE;
  // More out than went in is asked about (weighingQuestions); nothing is forecast from it
  // meanwhile.
  const counted = drain.weighings.filter(
    (w) => !w.leftOut && outByWeighing(drain, w) <= drain.crushedG,
  );
  const streamed = steadyWeights(drain.readings ?? []).map((r) => ({
    hours: hours(r.at),
    kg: outByWeighing(drain, { of: 'lower', netG: r.g, occurredAt: r.at }) / 1000,
  }));
  const pressed = of('press')
    .filter((e) => e.g)
    .map((e) => ({
      hours: hours(e.occurredAt),
      kg: (drippedBeforePress(drain, now) + e.g!) / 1000,
    }));
  return {
    combHoneyKg: honeyInComb(drain.crushedG),
    method: drain.method,
    fineness: drain.fineness,
    moisturePercent: drain.moisturePercent,
    thixotropic: drain.thixotropic,
    temperature: temperatureSteps(drain, drain.zone, now),
    weighings: [
      ...counted.map((w) => ({
        hours: hours(w.occurredAt),
        kg: Math.max(0, outByWeighing(drain, w) / 1000),
        ...(w.of === 'upper' ? { sdKg: upperSdKg } : {}),
      })),
      ...streamed,
      ...pressed,
    ].sort((a, b) => a.hours - b.hours),
    stirHours: of('stir', 'mash').map((e) => hours(e.occurredAt)),
    pressHours: of('press').map((e) => hours(e.occurredAt)),
    drawOffs: of('draw-off').map((e) => ({ hours: hours(e.occurredAt), kg: (e.g ?? 0) / 1000 })),
    lowerFullKg: lower
      ? vesselFullKg(lower, drain.moisturePercent, drain.temperatureC) - drain.potStartG / 1000
      : null,
    nowHours: hours(now),
    stopBelowGPerHour: rules.stopBelowGPerHour,
    ...(prior ? { prior } : {}),
  };
}
