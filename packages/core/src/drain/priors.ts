import { flowFactor } from '../honey/viscosity.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { Range } from '../units/format.js';

export type CrushMethod = HouseRules['crush'];

/** Share of the honey in the comb that drains out, and hours of tau at 25 °C and 18 % water (SCIENCE 4), as ranges. */
export const DRAIN_PRIORS: Record<CrushMethod, { share: Range; tauHours: Range }> = {
  slice: { share: { low: 0.65, mid: 0.7, high: 0.75 }, tauHours: { low: 6, mid: 9, high: 12 } },
  chop: { share: { low: 0.75, mid: 0.8, high: 0.85 }, tauHours: { low: 3, mid: 4.5, high: 6 } },
  mash: { share: { low: 0.85, mid: 0.885, high: 0.92 }, tauHours: { low: 4, mid: 6, high: 8 } },
};

/**
 * Share of the honey still held in the comb that one stir opens again. Two stirs take mashed comb from
 * 0.80 out to 0.885 (SCIENCE 4): held 0.20 to 0.115, so each stir frees 1 - sqrt(0.115 / 0.2), about 0.24.
 */
export const FREED_BY_STIR = 1 - Math.sqrt(0.115 / 0.2);

/** Hours until nine tenths of what will come is out, at a temperature and water, as a range. */
export function nineTenthsHours(method: CrushMethod, temperatureC: number, moisturePercent: number): Range {
  const { tauHours } = DRAIN_PRIORS[method];
  const factor = Math.log(10) / flowFactor(moisturePercent, temperatureC);
  return { low: tauHours.low * factor, mid: tauHours.mid * factor, high: tauHours.high * factor };
}
