import { readPlan, solveGrid, wholeRegion, type CutGrid, type CutTable } from './guillotine.js';

export interface LimitPrices {
  /** The grid solved with the best prices found taken off. */
  table: CutTable;
  /** No plan within the limits can be worth more than this. */
  bound: number;
}

/** A dual that falls by less is as good as the one before. */
const ENOUGH = 1e-6;

/** Pieces of each kind in the best plan of a table. */
export function usedIn(table: CutTable): number[] {
  const used = table.nets.map(() => 0);
  for (const spot of readPlan(table, wholeRegion(table.grid))) used[spot.kind]++;
  return used;
}

/**
 * What one piece of each limited kind is worth to a plan: with these prices taken off, the plan
 * without limits bounds every plan within them (Lagrange). Prices move toward what is overdrawn, by
 * the share of the gap that is left (Polyak's step for subgradients). Deterministic.
 *
 * @param known Worth of a plan within the limits: prices aim at it.
 * @param rounds Solutions of the grid, the first included.
 */
export function limitPrices(
  grid: CutGrid,
  nets: readonly number[],
  limits: readonly (number | null)[],
  known: number,
  rounds: number,
  begin?: readonly number[],
): LimitPrices {
  let prices = begin ? [...begin] : nets.map(() => 0);
  let [found, reach, since]: [LimitPrices | null, number, number] = [null, 1, 0];
  for (let round = 0; round < rounds; round++) {
    const table = solveGrid(
      grid,
      nets.map((net, kind) => net - prices[kind]),
    );
    const bound =
      table.best + prices.reduce((sum, price, kind) => sum + price * (limits[kind] ?? 0), 0);
    const fell = !found || bound < found.bound - ENOUGH;
    if (!found || bound < found.bound) found = { table, bound };
    since = fell ? 0 : since + 1;
    if (since >= 2) [reach, since] = [reach / 2, 0];
    if (found.bound <= known + ENOUGH) break;
    const over = usedIn(table).map((n, kind) => n - (limits[kind] ?? n));
    const norm = over.reduce((sum, n, kind) => sum + (n < 0 && prices[kind] === 0 ? 0 : n * n), 0);
    if (norm === 0) break;
    const step = (reach * (bound - known)) / norm;
    prices = prices.map((price, kind) =>
      limits[kind] === null ? 0 : Math.max(0, Math.min(nets[kind], price + step * over[kind])),
    );
  }
  return found!;
}
