import { type CombEstimate, correctedEstimate } from '../comb/estimate.js';
import { combStoresKg } from '../comb/stores.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Range } from '../units/format.js';
import { NO_RANGE } from '../units/ranges.js';
import { type Market, type Outcome, outcomeOf } from './outcome.js';
import { joinEstimates } from './choiceUnits.js';
import type { Way } from '../records/vocabulary/ways.js';

const NOTHING: CombEstimate = {
  honeyKg: NO_RANGE,
  cappedHoneyKg: NO_RANGE,
  openHoneyKg: NO_RANGE,
  waxKg: NO_RANGE,
  cappedShareOfHoney: 0,
};

/** Combs of one hive that go one way together. */
export interface TakenTogether {
  kind: HiveKindName;
  combIds: readonly string[];
  /** Estimates of those that were read. */
  estimates: readonly CombEstimate[];
  /** Water, percent; null where nobody measured. */
  wettestPercent: number | null;
  /** What the household's scale says of its estimates; null: nothing yet. */
  correction: Range | null;
}

/**
 * What combs that go one way together are expected to give, their estimate joined and corrected by
 * the household's own scale: the figure that stands in Choose, that Ready plans with, and that the
 * book holds the result against. Combs that nobody read add nothing.
 */
export function expectedOutcome(
  taken: TakenTogether,
  way: Way,
  rules: HouseRules,
  market: Market,
): { estimate: CombEstimate; outcome: Outcome } {
  const plain = joinEstimates(taken.estimates) ?? NOTHING;
  const estimate = taken.correction ? correctedEstimate(plain, taken.correction) : plain;
  const unit = {
    kind: taken.kind,
    estimate,
    wettestPercent: taken.wettestPercent,
    combIds: [...taken.combIds],
    storesKg: combStoresKg(estimate),
  };
  return { estimate, outcome: outcomeOf(unit, way, rules, market)! };
}
