import {
  readPlan,
  solveGrid,
  wholeRegion,
  type CutGrid,
  type CutTable,
  type Spot,
} from './guillotine.js';

/** How many of each kind there are for all combs together, null where a kind has no limit. */
export type Limits = readonly (number | null)[];
/** A plan of each comb. */
export type Plans = readonly (readonly Spot[])[];

export interface LimitPrices {
  /** Each comb's grid solved with the best prices found taken off. */
  tables: CutTable[];
  prices: readonly number[];
  /** No plans within the limits can be worth more than this together. */
  bound: number;
  /** The best plans within the limits that were met on the way. */
  within: Plans;
}

/** A bound that falls by less is as good as the one before. */
const ENOUGH = 1e-6;

/** What plans are worth together. */
export const netOf = (plans: Plans, nets: readonly number[]): number =>
  plans.reduce((sum, spots) => spots.reduce((all, spot) => all + nets[spot.kind], sum), 0);

/** Pieces of each kind in the best plans of tables. */
function usedIn(tables: readonly CutTable[], kinds: number): number[] {
  const used = new Array<number>(kinds).fill(0);
  for (const table of tables)
    for (const spot of readPlan(table, wholeRegion(table.grid))) used[spot.kind]++;
  return used;
}

/** The best plans of tables, one after the other, without the pieces that are beyond the limits. */
export function cutDown(tables: readonly CutTable[], limits: Limits): Spot[][] {
  const left = limits.map((limit) => limit ?? Infinity);
  return tables.map((table) =>
    readPlan(table, wholeRegion(table.grid), (kind) => (left[kind]-- > 0 ? null : [])),
  );
}

/** What all pieces that the limits allow would cost at these prices. */
export const spentOn = (limits: Limits, prices: readonly number[]): number =>
  prices.reduce((sum, price, kind) => sum + price * (limits[kind] ?? 0), 0);

/**
 * What one piece of each limited kind is worth to plans of several combs under one stock: with
 * these prices taken off, the best plan of each comb by itself bounds all plans within the limits
 * (Lagrange). Prices move toward what is overdrawn, by the share of the gap that is left (Polyak's
 * step for subgradients). Deterministic. Yields after each comb that was solved.
 *
 * @param known Plans within the limits: prices aim at their worth.
 * @param rounds Solutions of every grid, the first included.
 * @param begin Prices to begin with; none otherwise.
 */
export function* limitPriceSteps(
  grids: readonly CutGrid[],
  nets: readonly number[],
  limits: Limits,
  known: Plans,
  rounds: number,
  begin: readonly number[] = nets.map(() => 0),
): Generator<void, LimitPrices> {
  let [prices, within] = [begin, known];
  let [found, reach, since]: [Omit<LimitPrices, 'within'> | null, number, number] = [null, 1, 0];
  for (let round = 0; round < rounds; round++) {
    const left = nets.map((net, kind) => net - prices[kind]);
    const tables: CutTable[] = [];
    for (const grid of grids) {
      tables.push(solveGrid(grid, left));
      yield;
    }
    const bound = tables.reduce((sum, table) => sum + table.best, spentOn(limits, prices));
    since = !found || bound < found.bound - ENOUGH ? 0 : since + 1;
    if (!found || bound < found.bound) found = { tables, prices, bound };
    if (since >= 2) [reach, since] = [reach / 2, 0];
    const cut = cutDown(tables, limits);
    if (netOf(cut, nets) > netOf(within, nets)) within = cut;
    const gap = found.bound - netOf(within, nets);
    const over = usedIn(tables, nets.length).map((n, kind) => n - (limits[kind] ?? n));
    const norm = over.reduce((sum, n, kind) => sum + (n < 0 && prices[kind] === 0 ? 0 : n * n), 0);
    if (gap <= ENOUGH || norm === 0) break;
    const step = (reach * gap) / norm;
    prices = prices.map((price, kind) =>
      limits[kind] === null ? 0 : Math.max(0, Math.min(nets[kind], price + step * over[kind])),
    );
  }
  return { ...found!, within };
}
