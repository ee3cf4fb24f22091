import { roomOf, type CutTable, type Spot } from './guillotine.js';
import { outsideOf, ROUNDING } from './outside.js';
import type { PackedCounts } from './packedCounts.js';
import { Candidates, Partials } from './partials.js';

export interface PartialPlans {
  /** The partial plans of all regions; those of the whole comb stand between `from` and `to`. */
  partials: Partials;
  from: number;
  to: number;
  /** The pieces of one of them. */
  spotsOf: (i: number) => Spot[];
  /** Pairs of partial plans that were looked at. */
  steps: number;
}

/**
 * Every plan of a comb within limits that is worth `least` at the prices of a solved grid: region
 * by region from small to large. A region keeps its partial plans by how many of each limited kind
 * they use; one is dropped where another uses no more and is worth no less, and where with the best
 * that can stand beside it `least` is not reached. So the closer `least` to the best there is, the
 * less there is to do. Exact: a plan that is not among them is worth less, or no more than one of
 * them that uses no more.
 *
 * @param priced The grid solved with each limited kind's price taken off.
 * @param nets Worth of the kinds without the prices.
 * @param mostSteps Pairs of partial plans after which it is given up.
 * @returns Null where it was given up.
 */
export function partialPlans(
  priced: CutTable,
  nets: readonly number[],
  packed: PackedCounts,
  least: number,
  mostSteps: number,
): PartialPlans | null {
  const { grid, index } = priced;
  const { lays, free } = grid;
  const [nx, ny] = [grid.xs.length, grid.ys.length];
  const { row, column } = index;
  const room = roomOf(grid, nets);
  const outside = outsideOf(priced, room, least);
  const partials = new Partials();
  const candidates = new Candidates();
  const [from, to] = [new Int32Array(index.size), new Int32Array(index.size)];
  let [steps, needed] = [0, 0];

  /** Every pair of partial plans of two parts that keeps within the limits and reaches the floor. */
  const join = (first: number, second: number): void => {
    const { net, reduced, counts } = partials;
    for (let i = from[first]; i < to[first]; i++) {
      const [rest, start] = [needed - reduced[i], from[second]];
      let k = start;
      for (; k < to[second] && reduced[k] >= rest; k++) {
        const used = counts[i] + counts[k];
        if (packed.fit(used))
          candidates.offer(net[i] + net[k], reduced[i] + reduced[k], used, i, k);
      }
      steps += k - start;
      if (k === start) break;
    }
  };
  /** What a region within it holds, a region holds too. */
  const inherit = (region: number): void => {
    const { net, reduced, counts, first, second } = partials;
    for (let i = from[region]; i < to[region] && reduced[i] >= needed; i++)
      candidates.offer(net[i], reduced[i], counts[i], first[i], second[i]);
  };
  const make = (a: number, b: number, c: number, d: number): void => {
    const [here, along] = [row(a, b), column(c, d)];
    candidates.begin();
    for (const spot of free[a * ny + c]) {
      const { kind } = lays[spot.lay];
      if (spot.b > b || spot.d > d || nets[kind] <= 0 || priced.nets[kind] < needed) continue;
      const start = a * ny + c;
      candidates.offer(nets[kind], priced.nets[kind], packed.one[kind], -1 - spot.lay, start);
    }
    if (b - a > 1) inherit(row(a + 1, b) + along);
    if (d - c > 1) inherit(here + column(c + 1, d));
    const lastAcross = Math.min(b - 1, room.inX.last[b]);
    for (let s = Math.max(a + 1, room.inX.first[a]); s <= lastAcross; s++)
      join(row(a, s) + along, row(s, b) + along);
    const lastAlong = Math.min(d - 1, room.inY.last[d]);
    for (let t = Math.max(c + 1, room.inY.first[c]); t <= lastAlong; t++)
      join(here + column(c, t), here + column(t, d));
    from[here + along] = partials.size;
    candidates.settle(partials, packed.atMost);
    to[here + along] = partials.size;
  };

  for (let span = 1; span <= nx; span++)
    for (let a = 0; a + span <= nx; a++) {
      for (let height = 1; height <= ny; height++)
        for (let c = 0; c + height <= ny; c++) {
          const out = outside[row(a, a + span) + column(c, c + height)];
          if (out === -Infinity) continue;
          needed = least - out - ROUNDING;
          make(a, a + span, c, c + height);
        }
      if (steps > mostSteps) return null;
    }
  const spotsOf = (i: number): Spot[] => {
    const [first, second] = [partials.first[i], partials.second[i]];
    if (first >= 0) return [...spotsOf(first), ...spotsOf(second)];
    const { kind, widthMm, heightMm } = lays[-1 - first];
    const [x, y] = [Math.floor(second / ny), second % ny];
    return [{ kind, xMm: grid.xs[x], yMm: grid.ys[y], widthMm, heightMm }];
  };
  const whole = nx && ny ? row(0, nx) + column(0, ny) : 0;
  return { partials, from: from[whole] ?? 0, to: to[whole] ?? 0, spotsOf, steps };
}
