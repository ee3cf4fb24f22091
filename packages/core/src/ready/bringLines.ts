import type { Say } from '../say/say.js';
import { readySay } from './says.js';
/** The list as it grows: a line that is asked for twice serves both. */
export class Lines {
  private readonly byId = new Map<string, BringLine>();

  readonly hive: AddLine = (id, text, serves, ifMissing, short = 0) =>
    this.put({ id, where: 'hive', text, serves, ifMissing, short });
  readonly bench: AddLine = (id, text, serves, ifMissing, short = 0) =>
    this.put({ id, where: 'bench', text, serves, ifMissing, short });

  all(): BringLine[] {
    return [...this.byId.values()];
  }

  private put(line: BringLine): void {
    const before = this.byId.get(line.id);
    this.byId.set(line.id, before ? bothServed(before, line) : line);
  }
}

export type AddLine = (id: string, text: Say, serves: Say, ifMissing: Say, short?: number) => void;
const isSame = (one: Say, other: Say): boolean => JSON.stringify(one) === JSON.stringify(other);
const bothServed = (before: BringLine, line: BringLine): BringLine => ({
  ...before,
  serves: isSame(before.serves, line.serves)
    ? before.serves
    : readySay('ready.bringLines.both', { one: before.serves, other: line.serves }),
  short: Math.max(before.short, line.short),
});
/** One line of the list: what, how much, what it serves, what to do without it. */
export interface BringLine {
  /** Steady over changes of the plan, so that a tick stays where it was put. */
  id: string;
  where: 'hive' | 'bench';
  text: Say;
  /** The comb, vessel or clock it is for. */
  serves: Say;
  /** How many the stock falls short by. */
  short: number;
  ifMissing: Say;
}
