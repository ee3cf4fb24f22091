import type { CombEstimate } from '../comb/estimate.js';
import { combStoresKg } from '../comb/stores.js';
import type { Range } from '../units/format.js';
import { sumRanges } from '../units/ranges.js';

/**
 * Ripe bars that the colony can spare, from the back: lifted one after the other while what stays,
 * counted low, still covers the winter need. Null where the need is not known; ripe is not the same
 * as spare.
 */
export function spareableBars(
  combs: readonly { bar: number; estimate: CombEstimate | null; ripe: boolean }[],
  needKg: number | null,
): number[] | null {
  if (needKg === null) return null;
  let staysKg = combs.reduce((sum, c) => sum + combStoresKg(c.estimate).low, 0);
  const spared: number[] = [];
  for (const comb of [...combs].sort((a, b) => b.bar - a.bar)) {
    const storesKg = combStoresKg(comb.estimate).low;
    if (!comb.ripe) continue;
    // From the back without a gap: one that must stay ends it, as the chooser takes them.
    if (staysKg - storesKg < needKg) break;
    spared.push(comb.bar);
    staysKg -= storesKg;
  }
  return spared;
}

export interface ChooseComb {
  bar: number;
  estimate: CombEstimate | null;
  taken: boolean;
  hasBrood: boolean;
}

export interface WinterBalance {
  staysKg: Range;
  needKg: number | null;
  /** Low estimate of what stays less the need: below 0 is short. Null where the need is unknown. */
  spareKg: number | null;
  unreadBars: number[];
  /** Bars with honey that would stand cut off from the nest by the gap, to be slid forward. */
  slideForwardBars: number[];
}

/**
 * What stays in the hive against the winter need, by the LOW estimate. Bars behind a taken comb
 * must be slid toward the nest, so that stores stay in one block with it; those are named.
 */
export function winterBalance(combs: readonly ChooseComb[], needKg: number | null): WinterBalance {
  const staying = combs.filter((c) => !c.taken);
  const staysKg = sumRanges(staying.map((c) => combStoresKg(c.estimate)));
  const firstTaken = Math.min(...combs.filter((c) => c.taken).map((c) => c.bar));
  return {
    staysKg,
    needKg,
    spareKg: needKg === null ? null : staysKg.low - needKg,
    unreadBars: staying.filter((c) => !c.estimate).map((c) => c.bar),
    slideForwardBars: staying.filter((c) => c.bar > firstTaken).map((c) => c.bar),
  };
}
