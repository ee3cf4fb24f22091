import { cutGrid, gridSteps, type CutGrid } from './guillotine.js';
import { fillRoom } from './fillRoom.js';
import {
  limitPriceSteps,
  netOf,
  spentOn,
  type LimitPrices,
  type Limits,
  type Plans,
} from './limitPrices.js';
import { ROUNDING } from './outside.js';
import { packedCounts, type PackedCounts } from './packedCounts.js';
import { joinCombs } from './joinCombs.js';
import { partialPlans, type PartialPlans } from './partialPlans.js';
import { toEnd } from '../units/toEnd.js';

/**
 * Prices are sought on few places of the lattice first, then on more, and made exact on all of them:
 * steps that the tables of all combs may take together, and rounds. One comb has the least at least.
 */
const LEVELS = [
  { steps: 1_000_000, least: 400_000, rounds: 24 },
  { steps: 10_000_000, least: 4_000_000, rounds: 10 },
  { steps: 80_000_000, least: 40_000_000, rounds: 5 },
];
/** Steps that the exact prices may take together, and rounds at most. */
const [FINE_STEPS, FINE_ROUNDS] = [240_000_000, 2];
/** Pairs of partial plans that may be looked at: about two seconds on a slow machine. */
const MOST_PAIRS = 8_000_000;
/** Where worths are no whole numbers: the first share of the bound that is looked through. */
const FIRST_SHARE = 0.002;

export interface LimitedPlan {
  net: number;
  /** The pieces of each comb. */
  plans: Plans;
  /** No plans within the limits can be worth more than this together, on these grids. */
  bound: number;
  /** What one piece of each limited kind was worth to the search: 0 where there is enough of it. */
  prices: readonly number[];
}

/** What all that there is of every kind is worth together; without end where a kind has no limit. */
const stockWorth = (nets: readonly number[], limits: Limits): number =>
  nets.reduce((sum, net, kind) => sum + (net > 0 ? net * (limits[kind] ?? Infinity) : 0), 0);

/** Prices found on few places of the lattice, then made exact on all of them. */
function* pricesOf(
  grids: readonly CutGrid[],
  nets: readonly number[],
  limits: Limits,
  known: Plans,
): Generator<void, LimitPrices> {
  const total = grids.reduce((sum, grid) => sum + gridSteps(grid), 0);
  const coarser = LEVELS.filter(({ steps }) => steps < total);
  let rough: { within: Plans; prices?: readonly number[] } = { within: known };
  for (const { steps, least, rounds } of coarser) {
    const mostSteps = Math.max(least, steps / grids.length);
    const coarse = grids.map((grid) => cutGrid({ ...grid, mostSteps }));
    rough = yield* limitPriceSteps(coarse, nets, limits, rough.within, rounds, rough.prices);
  }
  if (!coarser.length) return yield* limitPriceSteps(grids, nets, limits, known, LEVELS[0].rounds);
  const rounds = Math.max(1, Math.min(FINE_ROUNDS, Math.floor(FINE_STEPS / total)));
  return yield* limitPriceSteps(grids, nets, limits, rough.within, rounds, rough.prices);
}

/** Fills the room of each comb with what is left of the stock. */
function filled(
  grids: readonly CutGrid[],
  nets: readonly number[],
  limits: Limits,
  plans: Plans,
): Plans {
  const all = [...plans];
  for (const [comb, grid] of grids.entries()) {
    const others = all.flatMap((spots, at) => (at === comb ? [] : spots));
    const left = limits.map((limit, kind) =>
      limit === null ? null : limit - others.filter((spot) => spot.kind === kind).length,
    );
    all[comb] = fillRoom(grid, nets, left, all[comb]);
  }
  return all;
}

/**
 * Every plan of all combs that is worth `floor`, and the best of them. Yields after each comb.
 *
 * @returns Null where it was given up after `mostPairs`; else the best, null where there is none.
 */
function* plansWorth(
  { tables, prices, bound }: LimitPrices,
  nets: readonly number[],
  limits: Limits,
  packed: PackedCounts,
  floor: number,
  mostPairs: number,
): Generator<void, { plans: Plans | null; pairs: number } | null> {
  const bests = tables.map((table) => table.best);
  const combs: PartialPlans[] = [];
  let pairs = 0;
  for (const table of tables) {
    // What all combs may fall short of their best together, one may fall short alone.
    const own = table.best - (bound - floor);
    const found = partialPlans(table, nets, packed, own, mostPairs - pairs);
    if (!found) return null;
    pairs += found.steps;
    combs.push(found);
    yield;
  }
  const joined = joinCombs(
    combs,
    bests,
    packed,
    floor - spentOn(limits, prices),
    mostPairs - pairs,
  );
  return joined && { plans: joined.plans, pairs: pairs + joined.pairs };
}

/**
 * The best plans of combs under one stock, exactly. The limits are priced (Lagrange), which bounds
 * all plans; then every plan is looked for that is worth nearly the bound, and where there is none,
 * a little less, twice as much less each time: so the work goes by how far the best lies under the
 * bound, not by how many plans there are. Deterministic: it is given up by counted steps, not by a
 * clock, with the best plans found and the bound that stands then. Yields after each comb that was
 * looked through.
 *
 * @param nets Worth of each kind above waste.
 * @param given How many of each kind there are for all combs, null where there is no limit.
 * @param known Plans within the limits.
 */
export function* limitedPlanSteps(
  grids: readonly CutGrid[],
  nets: readonly number[],
  given: Limits,
  known: Plans,
  mostPairs = MOST_PAIRS,
): Generator<void, LimitedPlan> {
  // A kind that is worth nothing is used by no plan: its limit holds by itself.
  const limits = given.map((limit, kind) => (nets[kind] > 0 ? limit : null));
  const isWhole = nets.every((net) => Number.isInteger(net));
  const [first, least] = isWhole ? [1, 1] : [0, 10 * ROUNDING];
  let best = known;
  const keep = (plans: Plans): void => {
    if (netOf(plans, nets) > netOf(best, nets) + ROUNDING) best = plans;
  };
  const priced = yield* pricesOf(grids, nets, limits, best);
  keep(priced.within);
  const packed = packedCounts(limits);
  const ceiling = Math.min(priced.bound, stockWorth(nets, limits));
  let bound = isWhole ? Math.floor(ceiling + ROUNDING) : ceiling;
  let [below, pairs] = [first || ceiling * FIRST_SHARE, 0];
  while (packed && netOf(best, nets) < bound - ROUNDING) {
    const lowest = netOf(best, nets) + least;
    const floor = Math.max(lowest, bound - below + first);
    const found = yield* plansWorth(priced, nets, limits, packed, floor, mostPairs - pairs);
    if (!found) break;
    pairs += found.pairs;
    if (found.plans) keep(found.plans);
    // Every plan worth the floor was seen: the best of them is the best there is.
    bound = Math.max(netOf(best, nets), floor === lowest ? -Infinity : floor - least);
    below *= 2;
  }
  if (netOf(best, nets) < bound - ROUNDING) keep(filled(grids, nets, limits, best));
  return { net: netOf(best, nets), plans: best, bound, prices: priced.prices };
}

/** All steps of {@link limitedPlanSteps} at once. */
export const limitedPlan = (...asked: Parameters<typeof limitedPlanSteps>): LimitedPlan =>
  toEnd(limitedPlanSteps(...asked));
