import type { CombEstimate } from '../comb/estimate.js';
import { potsEstimate } from '../comb/pots.js';
import type { Pots } from '../records/vocabulary/combShapes.js';
import { estimateSeen, type HiveMeasures, potsToSpare, type Seen } from '../look/index.js';
import type { HouseRules } from '../records/houseRules.js';
import { NO_RANGE } from '../units/ranges.js';

type PotRules = Pick<HouseRules, 'potsStayPercent'>;

/**
 * What a group of pots gives when only those that can be spared are drawn; cerumen is no wax to be
 * counted on.
 */
export function drawnPots(pots: Pots, rules: PotRules): CombEstimate {
  const honeySealed = potsToSpare(pots.honeySealed, rules.potsStayPercent);
  const { sealedKg } = potsEstimate({ ...pots, honeySealed, honeyOpen: 0 });
  return {
    honeyKg: sealedKg,
    cappedHoneyKg: sealedKg,
    openHoneyKg: NO_RANGE,
    waxKg: NO_RANGE,
    cappedShareOfHoney: 1,
  };
}

/**
 * What taking gives of what was seen: a comb all of it, a group of pots what can be spared. Null
 * where nothing was.
 */
export function takenEstimate(
  seen: Seen,
  hive: HiveMeasures,
  rules: PotRules,
): CombEstimate | null {
  return seen.pots ? drawnPots(seen.pots, rules) : estimateSeen(seen, hive);
}
