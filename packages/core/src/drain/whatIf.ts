import { honeyHeat } from '../honey/heat.js';
import { drainForecast, type DrainForecast, type DrainForecastInput } from './forecast.js';
import type { TemperatureStep } from './viscousTime.js';

/** What one act now would change against going on as it is. */
export interface WhatIf {
  act: 'stir' | 'press' | 'warm';
  /** Kilograms more in the end; below zero never, acts do not take honey away. */
  moreKg: { low: number; mid: number; high: number };
  /** Hours earlier that nine tenths of today's forecast are out. */
  soonerHours: number;
  /** Enzymes lost by it, percent points of diastase and invertase; 0 without warmth. */
  diastaseLostPercent: number;
  invertaseLostPercent: number;
}

/** How much warmer the question 'two degrees more' is. */
export const WARMER_BY_C = 2;

/** Hour at which a forecast's middle course passes so many kilograms; null where it never does. */
function hourOf(forecast: DrainForecast, kg: number): number | null {
  const i = forecast.curve.findIndex((p) => p.mid >= kg);
  if (i < 0) return null;
  if (i === 0) return forecast.curve[0].hours;
  const [a, b] = [forecast.curve[i - 1], forecast.curve[i]];
  return a.hours + ((kg - a.mid) / Math.max(1e-9, b.mid - a.mid)) * (b.hours - a.hours);
}

/** The same temperatures, so much warmer from an hour on. */
export function warmer(
  steps: readonly TemperatureStep[],
  fromHours: number,
  byC: number,
): TemperatureStep[] {
  const holding = [...steps].reverse().find((s) => s.hours <= fromHours) ?? steps[0];
  return [
    ...steps.filter((s) => s.hours < fromHours),
    { hours: fromHours, temperatureC: holding.temperatureC + byC },
    ...steps
      .filter((s) => s.hours > fromHours)
      .map((s) => ({ ...s, temperatureC: s.temperatureC + byC })),
  ];
}

/** Enzymes left after steps of temperature over some hours, as a fraction each. */
export function enzymesAfter(
  steps: readonly TemperatureStep[],
  fromHours: number,
  untilHours: number,
): { diastase: number; invertase: number } {
  const sorted = [...steps].sort((a, b) => a.hours - b.hours);
  const exposures = sorted.flatMap((step, i) => {
    const from = Math.max(fromHours, i === 0 ? 0 : step.hours);
    const until = Math.min(untilHours, sorted[i + 1]?.hours ?? Infinity);
    return until > from ? [{ temperatureC: step.temperatureC, hours: until - from }] : [];
  });
  if (!exposures.length) return { diastase: 1, invertase: 1 };
  const { diastaseRetainedFraction, invertaseRetainedFraction } = honeyHeat({ exposures });
  return { diastase: diastaseRetainedFraction, invertase: invertaseRetainedFraction };
}

/**
 * What another stir, a press or two degrees more would bring and cost, each against the forecast as
 * it stands. Enzymes by their half-lives (SCIENCE 6) over the hours until nine tenths are out.
 */
export function whatIfs(input: DrainForecastInput, now: DrainForecast): WhatIf[] {
  const coarse = { ...input, points: 40 };
  const base = hourOf(now, 0.9 * now.finalKg.mid);
  const compare = (act: WhatIf['act'], changed: DrainForecastInput): WhatIf => {
    const then = drainForecast(changed);
    const reached = hourOf(then, 0.9 * now.finalKg.mid);
    const until = Math.max(input.nowHours, now.nineTenthsHours.mid);
    const [plain, warm] = [
      enzymesAfter(input.temperature, input.nowHours, until),
      enzymesAfter(changed.temperature, input.nowHours, until),
    ];
    const more = (edge: 'low' | 'mid' | 'high'): number =>
      Math.max(0, then.finalKg[edge] - now.finalKg[edge]);
    const [low, mid, high] = [more('low'), more('mid'), more('high')].sort((a, b) => a - b);
    return {
      act,
      moreKg: { low, mid, high },
      soonerHours: base !== null && reached !== null ? Math.max(0, base - reached) : 0,
      diastaseLostPercent: Math.max(0, plain.diastase - warm.diastase) * 100,
      invertaseLostPercent: Math.max(0, plain.invertase - warm.invertase) * 100,
    };
  };
  return [
    compare('stir', { ...coarse, stirHours: [...input.stirHours, input.nowHours] }),
    ...((input.pressHours ?? []).length
      ? []
      : [compare('press', { ...coarse, pressHours: [input.nowHours] })]),
    compare('warm', {
      ...coarse,
      temperature: warmer(input.temperature, input.nowHours, WARMER_BY_C),
    }),
  ];
}
