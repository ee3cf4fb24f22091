import type { Spot } from './guillotine.js';
import { ROUNDING } from './outside.js';
import type { PackedCounts } from './packedCounts.js';
import type { PartialPlans } from './partialPlans.js';
import { Candidates, Partials } from './partials.js';

/**
 * The plans of several combs put together, comb by comb: of those with the same counts the best, of
 * those that reach `least` at the prices.
 *
 * @returns Null after more than `mostPairs`.
 */
export function joinCombs(
  combs: readonly PartialPlans[],
  bests: readonly number[],
  packed: PackedCounts,
  least: number,
  mostPairs: number,
): { plans: Spot[][] | null; pairs: number } | null {
  const joined = new Partials();
  const candidates = new Candidates();
  joined.add(0, 0, 0, -1, -1);
  let [begin, end, pairs] = [0, 1, 0];
  let rest = bests.reduce((sum, best) => sum + best, 0);
  for (const [comb, { partials, from, to }] of combs.entries()) {
    rest -= bests[comb];
    candidates.begin();
    for (let i = begin; i < end; i++) {
      const needed = least - rest - ROUNDING - joined.reduced[i];
      // A comb may be left whole, too.
      if (needed <= 0) candidates.offer(joined.net[i], joined.reduced[i], joined.counts[i], i, -1);
      for (let k = from; k < to && partials.reduced[k] >= needed; k++, pairs++) {
        const counts = joined.counts[i] + partials.counts[k];
        if (!packed.fit(counts)) continue;
        const net = joined.net[i] + partials.net[k];
        candidates.offer(net, joined.reduced[i] + partials.reduced[k], counts, i, k);
      }
    }
    if (pairs > mostPairs) return null;
    begin = end;
    candidates.settle(joined, packed.atMost);
    end = joined.size;
  }
  let top = -1;
  for (let i = begin; i < end; i++) if (top < 0 || joined.net[i] > joined.net[top]) top = i;
  if (top < 0) return { plans: null, pairs };
  const plans: Spot[][] = [];
  for (let comb = combs.length - 1; comb >= 0; comb--) {
    plans[comb] = joined.second[top] < 0 ? [] : combs[comb].spotsOf(joined.second[top]);
    top = joined.first[top];
  }
  return { plans, pairs };
}
