import type { FillGoal, JarKind } from './fill.js';

export interface FillScore {
  filledG: number;
  jars: number;
  value: number;
}

/** Least common power of ten that makes every value whole, so that sums compare exactly; 1 where none up to 1e6 does. */
function valueScale(values: number[]): number {
  for (let scale = 1; scale <= 1e6; scale *= 10) {
    if (
      values.every(
        (v) =>
          Math.abs(v * scale - Math.round(v * scale)) < 1e-9 * Math.max(1, Math.abs(v * scale)),
      )
    )
      return scale;
  }
  return 1;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** Compares two fills by the goal and its ties; below 0 where `a` is better. Input order is not looked at here. */
export function compareFills(
  a: FillScore,
  b: FillScore,
  goal: FillGoal,
  capacityG: number,
  smallestG: number,
): number {
  const left = b.filledG - a.filledG;
  const jars = a.jars - b.jars;
  const value = b.value - a.value;
  if (goal === 'most-value') return value || left || jars;
  if (goal === 'least-left') return left || jars || value;
  const enough = (f: FillScore): boolean => capacityG - f.filledG < smallestG;
  if (enough(a) !== enough(b)) return enough(a) ? -1 : 1;
  return enough(a) ? jars || left || value : left || jars || value;
}

/**
 * For every whole weight up to the capacity (in steps of the jars' common divisor): the best way to fill
 * exactly that weight. `first` and `second` are the two things compared in order (fewer jars then more
 * value, or more value then fewer jars), both as numbers to be made small.
 */
export class FillTable {
  private readonly unit: number;
  private readonly size: number;
  private readonly scale: number;
  private readonly weights: number[];
  private readonly firstOf: number[];
  private readonly secondOf: number[];
  private first: Float64Array;
  private second: Float64Array;
  private readonly taken: Int32Array[];

  constructor(
    private readonly jars: JarKind[],
    private readonly capacityG: number,
    private readonly goal: FillGoal,
  ) {
    this.unit = jars.map((jar) => jar.netG).reduce(gcd);
    this.size = Math.floor(capacityG / this.unit) + 1;
    this.scale = valueScale(jars.map((jar) => jar.value));
    this.weights = jars.map((jar) => jar.netG / this.unit);
    const cost = jars.map((jar) => -Math.round(jar.value * this.scale * 1e3) / 1e3);
    const byValue = goal === 'most-value';
    this.firstOf = jars.map((_, i) => (byValue ? cost[i] : 1));
    this.secondOf = jars.map((_, i) => (byValue ? 1 : cost[i]));
    this.first = new Float64Array(this.size).fill(Infinity);
    this.second = new Float64Array(this.size).fill(Infinity);
    this.first[0] = this.second[0] = 0;
    this.taken = jars.map(() => new Int32Array(0));
    // Last kind first: the first kind is decided last, so that a tie goes to it (input order).
    for (let i = jars.length - 1; i >= 0; i--) this.add(i);
  }

  /** Adds a kind with its stock: for each remainder, the best of the last `stock` steps in a monotone queue. */
  private add(kind: number): void {
    const { size, first, second } = this;
    const step = this.weights[kind];
    const limit = Math.min(this.jars[kind].stock, Math.floor((size - 1) / step));
    const a = this.firstOf[kind];
    const b = this.secondOf[kind];
    const taken = new Int32Array(size);
    this.taken[kind] = taken;
    if (limit === 0) return;
    const nextFirst = new Float64Array(size).fill(Infinity);
    const nextSecond = new Float64Array(size).fill(Infinity);
    const length = Math.ceil(size / step) + 1;
    const queueK = new Int32Array(length);
    const queueFirst = new Float64Array(length);
    const queueSecond = new Float64Array(length);
    for (let r = 0; r < step && r < size; r++) {
      let head = 0;
      let tail = 0;
      for (let k = 0, w = r; w < size; k++, w += step) {
        if (first[w] !== Infinity) {
          const f = first[w] - a * k;
          const s = second[w] - b * k;
          // On a tie the older entry stays: it stands for more jars of this kind.
          while (
            tail > head &&
            (f < queueFirst[tail - 1] || (f === queueFirst[tail - 1] && s < queueSecond[tail - 1]))
          )
            tail--;
          queueK[tail] = k;
          queueFirst[tail] = f;
          queueSecond[tail++] = s;
        }
        while (tail > head && queueK[head] < k - limit) head++;
        if (tail > head) {
          nextFirst[w] = queueFirst[head] + a * k;
          nextSecond[w] = queueSecond[head] + b * k;
          taken[w] = k - queueK[head];
        }
      }
    }
    this.first = nextFirst;
    this.second = nextSecond;
  }

  private scoreAt(w: number, first: Float64Array, second: Float64Array): FillScore {
    const byValue = this.goal === 'most-value';
    const cost = byValue ? first[w] : second[w];
    return {
      filledG: w * this.unit,
      jars: byValue ? second[w] : first[w],
      value: -cost / this.scale,
    };
  }

  private bestOf(first: Float64Array, second: Float64Array, smallestG: number): FillScore {
    let best: FillScore | null = null;
    const capacity = this.capacityG;
    for (let w = this.size - 1; w >= 0; w--) {
      if (first[w] === Infinity) continue;
      const score = this.scoreAt(w, first, second);
      if (!best || compareFills(score, best, this.goal, capacity, smallestG) < 0) best = score;
      if (this.goal === 'least-left') break;
      if (this.goal === 'fewest-jars' && capacity - score.filledG >= smallestG) break;
    }
    return best!;
  }

  /** The best fill under the goal. */
  best(smallestG: number): FillScore {
    return this.bestOf(this.first, this.second, smallestG);
  }

  /** Counts per kind, in input order, of the best way to fill exactly `filledG`. */
  countsAt(filledG: number): number[] {
    let w = filledG / this.unit;
    return this.jars.map((_, i) => {
      const count = this.taken[i].length ? this.taken[i][w] : 0;
      w -= count * this.weights[i];
      return count;
    });
  }

  /** Value of a set of counts, free of binary rounding where the values are decimal. */
  valueOf(counts: number[]): number {
    return (
      counts.reduce(
        (sum, count, i) => sum + (count * Math.round(this.jars[i].value * this.scale * 1e3)) / 1e3,
        0,
      ) / this.scale
    );
  }

  /**
   * The best fill if kind `kind` alone had no limit of stock. The full table holds its stock already, so
   * unlimited more of it is one pass; among equal fills the counts that are larger in input order win.
   */
  bestWithout(kind: number, smallestG: number): { score: FillScore; counts: number[] } {
    const first = this.first.slice();
    const second = this.second.slice();
    const step = this.weights[kind];
    const a = this.firstOf[kind];
    const b = this.secondOf[kind];
    for (let w = step; w < this.size; w++) {
      const f = first[w - step] + a;
      const s = second[w - step] + b;
      if (f < first[w] || (f === first[w] && s < second[w])) {
        first[w] = f;
        second[w] = s;
      }
    }
    const score = this.bestOf(first, second, smallestG);
    const at = score.filledG / this.unit;
    let counts: number[] | null = null;
    for (let extra = 0; extra * step <= at; extra++) {
      const w = at - extra * step;
      if (this.first[w] + a * extra !== first[at] || this.second[w] + b * extra !== second[at])
        continue;
      const candidate = this.countsAt(w * this.unit);
      candidate[kind] += extra;
      const place = counts ? candidate.findIndex((count, i) => count !== counts![i]) : 0;
      if (!counts || (place >= 0 && candidate[place] > counts[place])) counts = candidate;
    }
    return { score, counts: counts! };
  }
}
