import type { Range } from '../units/format.js';
import type { CombEstimate } from './estimate.js';

/**
 * Open nectar counts as the ripe honey it would become: mass x (1 - W) / 0.82, with W 40, 25, 18 %
 * (SCIENCE 7).
 */
const OPEN_EQUIVALENT: Range = { low: 0.6 / 0.82, mid: 0.75 / 0.82, high: 1 };

/**
 * Winter stores in one comb, kg of honey equivalent as a range; sealed honey in full, open by its
 * sugar. Null (not read) counts nothing at the low end and is unknown.
 */
export function combStoresKg(estimate: CombEstimate | null): Range {
  if (!estimate) return { low: 0, mid: 0, high: 0 };
  const at = (edge: keyof Range): number =>
    estimate.cappedHoneyKg[edge] + estimate.openHoneyKg[edge] * OPEN_EQUIVALENT[edge];
  return { low: at('low'), mid: at('mid'), high: at('high') };
}
