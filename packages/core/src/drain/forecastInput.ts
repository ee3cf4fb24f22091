import { honeyDensityKgPerL } from '../honey/density.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';
import type { Drain, Vessel } from '../records/views.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { DrainForecastInput } from './forecast.js';

/** Wax in crushed comb as a share of its mass, low to high (SCIENCE 7): what was weighed less this is honey. */
const WAX_SHARE = { low: 0.04, mid: 0.05, high: 0.06 };
/** Pollen, bees and cells that were not honey: weighed comb holds at least this share of honey at the low end. A house starting value. */
const OTHER_LOW = 0.03;

/** Kilograms of honey a vessel holds up to its mark, headspace left free. */
export function vesselFullKg(vessel: Pick<Vessel, 'volumeL'>, moisturePercent: number, temperatureC: number): number {
  return vessel.volumeL * (1 - HEADSPACE_SHARE) * honeyDensityKgPerL(moisturePercent, temperatureC);
}

/** Turns a drain as it was written down into what the forecast computes with; weighings become honey out so far, draw-offs added. */
export function forecastInput(drain: Drain, lower: Vessel | null, rules: Pick<HouseRules, 'stopBelowGPerHour'>, now: string): DrainForecastInput {
  const hours = (at: string): number => Math.max(0, (Date.parse(at) - Date.parse(drain.startedAt)) / 3_600_000);
  const drawOffs = drain.events.filter((e) => e.kind === 'draw-off').map((e) => ({ hours: hours(e.occurredAt), kg: (e.g ?? 0) / 1000 }));
  const crushedKg = drain.crushedG / 1000;
  return {
    combHoneyKg: { low: crushedKg * (1 - WAX_SHARE.high - OTHER_LOW), mid: crushedKg * (1 - WAX_SHARE.mid), high: crushedKg * (1 - WAX_SHARE.low) },
    method: drain.method,
    moisturePercent: drain.moisturePercent,
    temperatureC: drain.temperatureC,
    weighings: drain.weighings.map((w) => {
      const at = hours(w.occurredAt);
      return { hours: at, kg: w.netG / 1000 + drawOffs.filter((d) => d.hours <= at).reduce((sum, d) => sum + d.kg, 0) };
    }),
    stirHours: drain.events.filter((e) => e.kind === 'stir').map((e) => hours(e.occurredAt)),
    drawOffs,
    lowerFullKg: lower ? vesselFullKg(lower, drain.moisturePercent, drain.temperatureC) : null,
    nowHours: hours(now),
    stopBelowGPerHour: rules.stopBelowGPerHour,
  };
}

/** When the next stir is due by the house rule; null once two stirs are done or the method is not stirred. */
export function nextStirAt(drain: Drain, rules: Pick<HouseRules, 'stirEveryHours'>): string | null {
  if (drain.method === 'slice') return null;
  const stirs = drain.events.filter((e) => e.kind === 'stir');
  if (stirs.length >= 2) return null;
  const since = stirs.length ? stirs[stirs.length - 1].occurredAt : drain.startedAt;
  return new Date(Date.parse(since) + rules.stirEveryHours * 3_600_000).toISOString();
}
