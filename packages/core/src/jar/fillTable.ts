import type { FillGoal, JarKind } from './jarKind.js';
import { emptyFill, type FillKeys, type KeyedKind } from './fillKeys.js';
import { wholePrices, type WholePrices } from './wholePrices.js';

export interface FillScore {
  filledG: number;
  jars: number;
  /** In whole units of price, or any numbers that compare alike. */
  value: bigint | number;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
/** Below 0 where `a` is the larger. */
const larger = (a: bigint | number, b: bigint | number): number => {
  if (a === b) return 0;
  return a > b ? -1 : 1;
};

/**
 * Compares two fills by the goal and its ties; below 0 where `a` is better. Input order is not
 * looked at here.
 */
export function compareFills(
  a: FillScore,
  b: FillScore,
  goal: FillGoal,
  capacityG: number,
  smallestG: number,
): number {
  const left = b.filledG - a.filledG;
  const jars = a.jars - b.jars;
  const value = larger(a.value, b.value);
  if (goal === 'most-value') return value || left || jars;
  if (goal === 'least-left') return left || jars || value;
  const enough = (f: FillScore): boolean => capacityG - f.filledG < smallestG;
  if (enough(a) !== enough(b)) return enough(a) ? -1 : 1;
  return enough(a) ? jars || left || value : left || jars || value;
}

/**
 * For every whole weight up to the capacity (in steps of the jars' common divisor): the best way to
 * fill exactly that weight. Compared in order are fewer jars then more value, or more value then
 * fewer jars: both make one whole number, the key, so that nothing is rounded.
 */
export class FillTable {
  private readonly unit: number;
  private readonly size: number;
  private readonly prices: WholePrices;
  private readonly byValue: boolean;
  private readonly kinds: KeyedKind[];
  /** One more than any fill can count of what is compared second: jars, or units of price. */
  private readonly base: bigint;
  private readonly keys: FillKeys;
  private readonly taken: Int32Array[];

  constructor(
    private readonly jars: JarKind[],
    private readonly capacityG: number,
    private readonly goal: FillGoal,
  ) {
    this.unit = jars.map((jar) => jar.netG).reduce(gcd);
    this.size = Math.floor(capacityG / this.unit) + 1;
    this.prices = wholePrices(jars.map((jar) => jar.value));
    this.byValue = goal === 'most-value';
    const { units } = this.prices;
    const mostJars = Math.floor(capacityG / Math.min(...jars.map((jar) => jar.netG))) + 1;
    const mostOf = (each: readonly bigint[]): bigint =>
      each.reduce((most, v, i) => {
        const all = (v < 0n ? -v : v) * BigInt(Math.floor(capacityG / jars[i].netG) + 1);
        return all > most ? all : most;
      }, 0n);
    this.base = 1n + (this.byValue ? BigInt(mostJars) : mostOf(units));
    this.kinds = jars.map((jar, i) => ({
      weight: jar.netG / this.unit,
      key: this.byValue ? 1n - units[i] * this.base : this.base - units[i],
    }));
    this.taken = jars.map(() => new Int32Array(0));
    // Within the queues a key may stand as far below nothing as a fill's own is above it.
    const largest = 2n * mostOf(this.kinds.map((k) => k.key));
    this.keys = this.fillFrom(emptyFill(this.size, largest, mostJars));
  }

  /** Last kind first: the first kind is decided last, so that a tie goes to it (input order). */
  private fillFrom(empty: FillKeys): FillKeys {
    let keys = empty;
    for (let i = this.jars.length - 1; i >= 0; i--) {
      const most = Math.floor((this.size - 1) / this.kinds[i].weight);
      const limit = Math.min(this.jars[i].stock, most);
      if (limit === 0) continue;
      const added = keys.add(this.kinds[i], limit);
      keys = added.keys;
      this.taken[i] = added.taken;
    }
    return keys;
  }

  private scoreAt(w: number, keys: FillKeys): FillScore {
    const key = keys.at(w)!;
    // What is compared second lies between 0 and the base: added to a key by value, taken from one
    // by jars.
    const second = (((this.byValue ? key : -key) % this.base) + this.base) % this.base;
    const first = this.byValue ? (second - key) / this.base : (key + second) / this.base;
    const [jars, value] = this.byValue ? [second, first] : [first, second];
    return { filledG: w * this.unit, jars: Number(jars), value };
  }

  private bestOf(keys: FillKeys, smallestG: number): FillScore {
    let best: FillScore | null = null;
    let bestAt = -1;
    const capacity = this.capacityG;
    for (let w = this.size - 1; w >= 0; w--) {
      // From the top down a fill of no smaller key brings no more value, so it is not looked at.
      if (!keys.has(w) || (this.byValue && best && !keys.isSmaller(w, bestAt))) continue;
      const score = this.scoreAt(w, keys);
      if (!best || compareFills(score, best, this.goal, capacity, smallestG) < 0) {
        best = score;
        bestAt = w;
      }
      if (this.goal === 'least-left') break;
      if (this.goal === 'fewest-jars' && capacity - score.filledG >= smallestG) break;
    }
    return best!;
  }

  /** The best fill under the goal. */
  best(smallestG: number): FillScore {
    return this.bestOf(this.keys, smallestG);
  }

  /** Counts per kind, in input order, of the best way to fill exactly `filledG`. */
  countsAt(filledG: number): number[] {
    let w = filledG / this.unit;
    return this.jars.map((_, i) => {
      const count = this.taken[i].length ? this.taken[i][w] : 0;
      w -= count * this.kinds[i].weight;
      return count;
    });
  }

  /** Price of a set of counts: the number nearest to its exact sum. */
  valueOf(counts: readonly number[]): number {
    const { units, priceOf } = this.prices;
    return priceOf(counts.reduce((sum, count, i) => sum + BigInt(count) * units[i], 0n));
  }

  /**
   * The best fill if kind `kind` alone had no limit of stock. The full table holds its stock
   * already, so unlimited more of it is one pass; among equal fills the counts that are larger in
   * input order win.
   */
  bestWithout(kind: number, smallestG: number): { score: FillScore; counts: number[] } {
    const { weight, key } = this.kinds[kind];
    const free = this.keys.addUnlimited(this.kinds[kind]);
    const score = this.bestOf(free, smallestG);
    const at = score.filledG / this.unit;
    const wanted = free.at(at)!;
    let counts: number[] | null = null;
    for (let extra = 0; extra * weight <= at; extra++) {
      const w = at - extra * weight;
      const plain = this.keys.at(w);
      if (plain === null || plain + key * BigInt(extra) !== wanted) continue;
      const candidate = this.countsAt(w * this.unit);
      candidate[kind] += extra;
      const place = counts ? candidate.findIndex((count, i) => count !== counts![i]) : 0;
      if (!counts || (place >= 0 && candidate[place] > counts[place])) counts = candidate;
    }
    return { score, counts: counts! };
  }
}
