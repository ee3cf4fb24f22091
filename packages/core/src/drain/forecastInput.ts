import type { Drain, DrainEvent, Vessel } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { vesselFullKg } from './arrangements.js';
import type { DrainForecastInput } from './forecast.js';
import type { MethodPrior } from './priors.js';
import { drippedBeforePress } from './pressing.js';
import { steadyWeights } from './scaleStream.js';
import { temperatureSteps } from './temperatures.js';
import { honeyInComb, outByWeighing } from './honeyOut.js';

/**
 * What sticks to masher, bucket and strainer makes the upper vessel a poorer witness than the
 * lower: a share of the comb, a starting value.
 */
const STICKS_SHARE = 0.015;

/**
 * Turns a drain as it was written down into what the forecast computes with; weighings become honey
 * out so far, draw-offs added.
 */
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
