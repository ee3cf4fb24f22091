import { fillRoom } from './fillRoom.js';
import {
  gridSteps,
  readPlan,
  solveGrid,
  wholeRegion,
  type CutGrid,
  type CutTable,
  type Region,
  type Spot,
} from './guillotine.js';

/** Steps that all solutions together may take: about a second here. */
const MOST_STEPS = 330_000_000;
const [FEWEST, MOST] = [3, 80];

export interface PricedPlan {
  net: number;
  spots: Spot[];
  /** No plan within the limits can be worth more than this. */
  bound: number;
}

export const netOf = (spots: readonly Spot[], nets: readonly number[]): number =>
  spots.reduce((sum, s) => sum + nets[s.kind], 0);

/**
 * Plans read from tables under a budget; a kind that is used up makes room for the best of the
 * others in its place.
 */
class BudgetReader {
  private tables = new Map<string, CutTable>();
  constructor(
    readonly grid: CutGrid,
    readonly nets: readonly number[],
  ) {}
  /** The plan of `table` cut down to what is left of each kind; `left` is used up as it goes. */
  read(table: CutTable, region: Region, left: number[]): Spot[] {
    const take = (kind: number, where: Region): Spot[] | null => {
      if (left[kind] > 0) {
        left[kind]--;
        return null;
      }
      return this.read(this.without(left), where, left);
    };
    return readPlan(table, region, take);
  }
  /** Solved without the kinds that are used up. */
  private without(left: readonly number[]): CutTable {
    const key = left.map((n) => (n > 0 ? 1 : 0)).join('');
    const known = this.tables.get(key);
    if (known) return known;
    const table = solveGrid(
      this.grid,
      this.nets.map((net, kind) => (left[kind] > 0 ? net : 0)),
    );
    this.tables.set(key, table);
    return table;
  }
}

/**
 * A good plan under limits, with the bound that says how good: limits are priced (Lagrange), each
 * price solved as a plain plan, prices moved toward what was overdrawn (subgradient with Polyak's
 * step). The best plan within the limits is kept; every price gives a bound. Deterministic: the
 * number of prices goes by the size of the grid, not by a clock.
 */
export function pricedPlan(
  grid: CutGrid,
  nets: readonly number[],
  limits: readonly (number | null)[],
): PricedPlan {
  const rounds = Math.max(
    FEWEST,
    Math.min(
      MOST,
      Math.floor(MOST_STEPS / Math.max(1, gridSteps(grid))) -
        2 ** limits.filter((l) => l !== null).length +
        1,
    ),
  );
  const reader = new BudgetReader(grid, nets);
  const region = wholeRegion(grid);
  const stock = (): number[] => limits.map((l) => l ?? Infinity);
  const prices = nets.map(() => 0);
  // Where every kind is limited, the whole stock bounds it too.
  let [best, bound, reach]: [Spot[], number, number] = [
    [],
    nets.reduce((sum, net, kind) => sum + (net > 0 ? net * (limits[kind] ?? Infinity) : 0), 0),
    1.2,
  ];
  let since = 0;
  for (let round = 0; round < rounds; round++) {
    const table = solveGrid(
      grid,
      nets.map((net, kind) => net - prices[kind]),
    );
    const dual =
      table.best + prices.reduce((sum, price, kind) => sum + price * (limits[kind] ?? 0), 0);
    if (dual < bound - 1e-9) [bound, since] = [dual, 0];
    else if (++since >= 3) [reach, since] = [reach / 2, 0];
    const within = reader.read(table, region, stock());
    if (netOf(within, nets) > netOf(best, nets) + 1e-9) best = within;
    if (netOf(best, nets) >= bound - 1e-7) break;
    const used = nets.map(() => 0);
    for (const spot of readPlan(table, region)) used[spot.kind]++;
    const over = used.map((n, kind) => (limits[kind] === null ? 0 : n - limits[kind]));
    const norm = over.reduce((sum, n, kind) => sum + (n < 0 && prices[kind] === 0 ? 0 : n * n), 0);
    if (norm === 0) break;
    const step = (reach * Math.max(1e-6, dual - netOf(best, nets))) / norm;
    for (let kind = 0; kind < prices.length; kind++)
      prices[kind] = Math.max(0, Math.min(nets[kind], prices[kind] + step * over[kind]));
  }
  // Plans begun with one kind each, and the best so far, filled up with what is left of every kind.
  const seeds = [
    best,
    ...nets.flatMap((net, kind) =>
      net > 0
        ? [
            reader.read(
              solveGrid(
                grid,
                nets.map((n, k) => (k === kind ? n : 0)),
              ),
              region,
              limits.map((l, k) => (k === kind ? (l ?? Infinity) : 0)),
            ),
          ]
        : [],
    ),
  ];
  for (const seed of seeds) {
    if (netOf(best, nets) >= bound - 1e-7) break;
    const filled = fillRoom(grid, nets, limits, seed);
    if (netOf(filled, nets) > netOf(best, nets) + 1e-9) best = filled;
  }
  return { net: netOf(best, nets), spots: best, bound };
}
