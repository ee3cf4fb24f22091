import { ROUNDING } from './outside.js';
import type { PackedCounts } from './packedCounts.js';

/** Partial plans, one after the other, grown as they come. */
export class Partials {
  size = 0;
  net = new Float64Array(1024);
  reduced = new Float64Array(1024);
  counts = new Int32Array(1024);
  /** The two partial plans it is put together from; a single piece has none. */
  first = new Int32Array(1024);
  second = new Int32Array(1024);

  /** Adds one and says where it stands. */
  add(net: number, reduced: number, counts: number, first: number, second: number): number {
    if (this.size === this.net.length) this.grow();
    this.put(this.size, net, reduced, counts, first, second);
    return this.size++;
  }
  put(
    at: number,
    net: number,
    reduced: number,
    counts: number,
    first: number,
    second: number,
  ): void {
    this.net[at] = net;
    this.reduced[at] = reduced;
    this.counts[at] = counts;
    this.first[at] = first;
    this.second[at] = second;
  }
  private grow(): void {
    const twice = <T extends Float64Array | Int32Array>(of: T): T => {
      const wider = new (of.constructor as new (n: number) => T)(of.length * 2);
      wider.set(of);
      return wider;
    };
    this.net = twice(this.net);
    this.reduced = twice(this.reduced);
    this.counts = twice(this.counts);
    this.first = twice(this.first);
    this.second = twice(this.second);
  }
}

/** Partial plans of one region while it is made: of those with the same counts the best. */
export class Candidates {
  private slots = new Map<number, number>();
  private ids: number[] = [];
  private readonly made = new Partials();

  /** Leaves the region before. */
  begin(): void {
    this.slots.clear();
    this.made.size = 0;
  }
  offer(net: number, reduced: number, counts: number, first: number, second: number): void {
    const { made, slots } = this;
    const slot = slots.get(counts);
    if (slot === undefined) slots.set(counts, made.add(net, reduced, counts, first, second));
    else if (net > made.net[slot] + ROUNDING) made.put(slot, net, reduced, counts, first, second);
  }
  /** Moves those that no other makes needless to `to`, those with most worth at the prices first. */
  settle(to: Partials, atMost: PackedCounts['atMost']): void {
    const { made, ids } = this;
    ids.length = 0;
    for (let i = 0; i < made.size; i++) ids.push(i);
    ids.sort((i, k) => made.reduced[k] - made.reduced[i]);
    const needless = (i: number): boolean =>
      ids.some(
        (k) =>
          k !== i &&
          made.net[k] >= made.net[i] - ROUNDING &&
          atMost(made.counts[k], made.counts[i]),
      );
    for (const i of ids)
      if (ids.length === 1 || !needless(i))
        to.add(made.net[i], made.reduced[i], made.counts[i], made.first[i], made.second[i]);
  }
}
