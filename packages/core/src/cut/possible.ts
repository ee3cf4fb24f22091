import { marketOf, outcomeOf, takenEstimate } from '../choose/index.js';
import { combStoresKg } from '../comb/stores.js';
import type { BatchDetail, JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Range } from '../units/format.js';
import { sumRanges } from '../units/ranges.js';

/**
 * How many whole pieces the combs of a harvest could have given, by their last looks and the box of
 * the kit: what stands beside pieces that were cut without the board. Null where no comb was read
 * or the kit has no box for pieces.
 */
export function possibleByLook(
  detail: Pick<BatchDetail, 'batch' | 'looks' | 'hive'>,
  rules: HouseRules,
  jars: readonly JarKindRecord[],
): Range | null {
  const market = marketOf(jars, rules);
  if (!market.piece) return null;
  const each = detail.batch.combIds.flatMap((combId) => {
    const look = detail.looks.filter((l) => l.combId === combId).at(-1);
    const estimate = look ? takenEstimate(look, detail.hive, rules) : null;
    if (!estimate) return [];
    const unit = {
      kind: detail.hive.kind,
      estimate,
      wettestPercent: null,
      combIds: [combId],
      storesKg: combStoresKg(estimate),
    };
    return [outcomeOf(unit, 'cut', rules, market)!.pieces];
  });
  return each.length ? sumRanges(each) : null;
}
