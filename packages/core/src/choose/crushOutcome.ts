import { DRAIN_PRIORS, nineTenthsHours, type CrushMethod } from '../drain/index.js';
import type { CombEstimate } from '../comb/estimate.js';
import { jarFill, type JarKind } from '../jar/index.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { Range } from '../units/format.js';
import { inOrder, rangeOf as range, sumRanges, type Edge } from '../units/ranges.js';

/** Clean wax after rendering as a share of the wax in the comb (SCIENCE 7). */
export const CLEAN_WAX_SHARE: Range = { low: 0.5, mid: 0.65, high: 0.8 };

export interface CrushOutcome {
  combHoneyKg: Range;
  honeyOutKg: Range;
  cleanWaxG: Range;
  jars: Range | null;
  jarsShort: boolean;
  handsOnHours: Range;
  elapsedHours: Range;
  method: CrushMethod;
}

/**
 * What crushing and straining these combs would give, as ranges: honey in the comb, honey out of it, clean
 * wax, jars from the stock there is (whole jars), hands-on and elapsed hours at the kitchen's temperature.
 * Water is taken as 18 % where nobody measured. Jars are null where the kit holds none.
 */
export function crushOutcome(input: {
  combs: readonly CombEstimate[];
  jars: readonly JarKind[];
  rules: HouseRules;
  moisturePercent: number | null;
}): CrushOutcome {
  const { combs, rules } = input;
  const prior = DRAIN_PRIORS[rules.crush];
  const combHoneyKg = sumRanges(combs.map((c) => c.honeyKg));
  const honeyOutKg = range((e) => combHoneyKg[e] * prior.share[e]);
  const wax = sumRanges(combs.map((c) => c.waxKg));
  const fill = (kg: number) => jarFill({ honeyKg: kg, jars: [...input.jars], goal: 'least-left' });
  const fills = input.jars.length
    ? inOrder(range((e) => fill(honeyOutKg[e]).fills.reduce((n, f) => n + f.count, 0)))
    : null;
  const handsOn = (e: Edge): number =>
    (combs.length * rules.minutesPerComb * { low: 0.75, mid: 1, high: 1.5 }[e] +
      (fills?.[e] ?? 0) * rules.minutesPerJar) /
    60;
  return {
    combHoneyKg,
    honeyOutKg,
    cleanWaxG: range((e) => wax[e] * CLEAN_WAX_SHARE[e] * 1000),
    jars: fills,
    jarsShort: input.jars.length > 0 && fill(honeyOutKg.high).shortage !== null,
    handsOnHours: range(handsOn),
    elapsedHours: combs.length
      ? nineTenthsHours(rules.crush, rules.kitchenTemperatureC, input.moisturePercent ?? 18)
      : { low: 0, mid: 0, high: 0 },
    method: rules.crush,
  };
}
