import { honeyDensityKgPerL } from '../honey/density.js';
import type { Range } from '../units/format.js';

/**
 * How far a rule in a vessel is off, mm, and how far a household bucket is from a true cylinder.
 * Starting values.
 */
const RULE_MM = 3;
const TAPER_SHARE = 0.03;
/**
 * Comb laid into a vessel leaves air between its pieces: honey and wax fill so much of the depth. A
 * starting range.
 */
const COMB_FILLS: Range = { low: 0.55, mid: 0.7, high: 0.85 };

/**
 * Kilograms in a round vessel by the depth of what stands in it: a check where there is no scale.
 * Takes the depth and the inner diameter in mm, whether honey or comb lies in it, water and
 * temperature. A range, never a weight for sale.
 */
export function kgByDepth(input: {
  depthMm: number;
  innerDiameterMm: number;
  of: 'honey' | 'comb';
  moisturePercent: number;
  temperatureC: number;
}): Range {
  const area = Math.PI * (input.innerDiameterMm / 2) ** 2;
  const density = honeyDensityKgPerL(input.moisturePercent, input.temperatureC);
  const kg = (depthMm: number, share: number): number =>
    ((area * Math.max(0, depthMm)) / 1e6) * density * share;
  const fills =
    input.of === 'honey' ? { low: 1 - TAPER_SHARE, mid: 1, high: 1 + TAPER_SHARE } : COMB_FILLS;
  return {
    low: kg(input.depthMm - RULE_MM, fills.low),
    mid: kg(input.depthMm, fills.mid),
    high: kg(input.depthMm + RULE_MM, fills.high),
  };
}
