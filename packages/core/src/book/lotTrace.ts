import { calcSay } from '../calcSays.js';
import { entryOf } from '../units/known.js';
import { BadInput } from '../badInput.js';
import { flowsInForce, type BookFlow, type BookInput } from './massBalance.js';

export interface LotTraceInput extends BookInput {
  lot: string;
  direction: 'back' | 'forward';
}
export interface TraceShare {
  lot: string;
  g: number;
  share: number;
}
/** Grams by tag: what a mass is made of. */
type Make = Map<string, number>;

const add = (into: Make, make: Make, factor: number): void => {
  if (factor !== 0) for (const [tag, g] of make) into.set(tag, (into.get(tag) ?? 0) + g * factor);
};
const scaled = (make: Make, factor: number): Make =>
  new Map([...make].map(([tag, g]) => [tag, g * factor]));
const total = (make: Make): number => {
  let sum = 0;
  for (const g of make.values()) sum += g;
  return sum;
};

/**
 * What happens in the book at one instant: inflows mix first, then everything that leaves has that
 * make-up.
 */
interface Instant {
  flows: BookFlow[];
}

/** Flows that may matter for a trace: all that lead to the lot, or all that can carry from it. */
function reach(flows: readonly BookFlow[], lot: string, direction: 'back' | 'forward'): BookFlow[] {
  const [from, to] = direction === 'back' ? (['to', 'from'] as const) : (['from', 'to'] as const);
  const next = new Map<string, string[]>();
  for (const f of flows) {
    const there = next.get(f[from]);
    if (there) there.push(f[to]);
    else next.set(f[from], [f[to]]);
  }
  const seen = new Set([lot]);
  const queue = [lot];
  for (let head = 0; head < queue.length; head++)
    for (const end of next.get(queue[head]) ?? [])
      if (end !== 'outside' && end !== 'loss' && !seen.has(end)) {
        seen.add(end);
        queue.push(end);
      }
  return flows.filter((f) => seen.has(f.from) || seen.has(f.to));
}

function instantsOf(flows: readonly BookFlow[]): Instant[] {
  const byTime = new Map<number, BookFlow[]>();
  for (const f of flows) {
    const time = Date.parse(f.at);
    const there = byTime.get(time);
    if (there) there.push(f);
    else byTime.set(time, [f]);
  }
  return [...byTime.keys()].sort((a, b) => a - b).map((time) => ({ flows: entryOf(byTime, time) }));
}

/**
 * What each lot's content is at one instant once everything of that instant has come in. Lots are
 * taken in the order of their flows; where they run in a circle, the make-ups of the circle are
 * solved together, and what then belongs to nobody (a circle with nothing in it) carries the lot's
 * own tag.
 */
function mixed(
  lots: readonly string[],
  held: ReadonlyMap<string, Make>,
  flows: readonly BookFlow[],
  entering: (flow: BookFlow) => Make,
  ownTag: (lot: string) => string | null,
): Map<string, Make> {
  const volume = new Map(
    lots.map((lot) => [lot, total(held.get(lot) ?? new Map<string, number>())]),
  );
  const drawn = new Map<string, number>();
  for (const f of flows) {
    if (volume.has(f.to)) volume.set(f.to, entryOf(volume, f.to) + f.g);
    if (volume.has(f.from)) drawn.set(f.from, (drawn.get(f.from) ?? 0) + f.g);
  }
  const between = flows.filter((f) => volume.has(f.from) && volume.has(f.to));
  const content = new Map<string, Make>(lots.map((lot) => [lot, new Map(held.get(lot) ?? [])]));
  for (const f of flows)
    if (volume.has(f.to) && !volume.has(f.from)) add(entryOf(content, f.to), entering(f), 1);
  const waiting = new Map(lots.map((lot) => [lot, between.filter((f) => f.to === lot).length]));
  const ready = lots.filter((lot) => waiting.get(lot) === 0);
  const done = new Set<string>();
  /**
   * Make-up of one gram that leaves a lot whose content is known: beyond what it holds, the lot's
   * own tag.
   */
  const leaving = (lot: string): Make => {
    const [v, d] = [entryOf(volume, lot), drawn.get(lot) ?? 0];
    const make =
      v > 0 ? scaled(entryOf(content, lot), 1 / Math.max(v, d)) : new Map<string, number>();
    const tag = ownTag(lot);
    if (d > v && tag !== null) make.set(tag, (make.get(tag) ?? 0) + (d - v) / d);
    return make;
  };
  for (let head = 0; head < ready.length; head++) {
    const lot = ready[head];
    done.add(lot);
    for (const f of between.filter((x) => x.from === lot)) {
      add(entryOf(content, f.to), leaving(lot), f.g);
      waiting.set(f.to, entryOf(waiting, f.to) - 1);
      if (waiting.get(f.to) === 0) ready.push(f.to);
    }
  }
  const circle = lots.filter((lot) => !done.has(lot));
  if (circle.length) solveCircle(circle, between, volume, drawn, content, ownTag);
  return content;
}

/**
 * Make-ups of lots that feed each other at one instant: Gaussian elimination over the lots, the
 * make-ups as right sides.
 */
function solveCircle(
  circle: readonly string[],
  flows: readonly BookFlow[],
  volume: ReadonlyMap<string, number>,
  drawn: ReadonlyMap<string, number>,
  content: Map<string, Make>,
  ownTag: (lot: string) => string | null,
): void {
  const n = circle.length;
  const index = new Map(circle.map((lot, i) => [lot, i]));
  const a = Array.from({ length: n }, (_, i) =>
    Float64Array.from({ length: n }, (_x, j) => (i === j ? 1 : 0)),
  );
  const right = circle.map((lot) => new Map(content.get(lot)));
  for (const f of flows) {
    const [i, j] = [index.get(f.to), index.get(f.from)];
    if (i === undefined || j === undefined) continue;
    const [v, d] = [entryOf(volume, f.from), drawn.get(f.from) ?? 0];
    a[i][j] -= f.g / Math.max(v, d);
    const tag = ownTag(f.from);
    if (d > v && tag !== null) right[i].set(tag, (right[i].get(tag) ?? 0) + (f.g * (d - v)) / d);
  }
  for (let k = 0; k < n; k++) {
    // A circle that nothing entered has no make-up of its own: it is filled up below.
    if (Math.abs(a[k][k]) < 1e-12) {
      a[k].fill(0);
      a[k][k] = 1;
      right[k] = new Map();
    }
    for (let i = 0; i < n; i++) {
      if (i === k || a[i][k] === 0) continue;
      const factor = a[i][k] / a[k][k];
      for (let j = k; j < n; j++) a[i][j] -= factor * a[k][j];
      add(right[i], right[k], -factor);
    }
  }
  circle.forEach((lot, i) => {
    const make = scaled(right[i], 1 / a[i][i]);
    const missing = entryOf(volume, lot) - total(make);
    const tag = ownTag(lot);
    if (missing > 1e-9 * Math.max(1, entryOf(volume, lot)) && tag !== null)
      make.set(tag, (make.get(tag) ?? 0) + missing);
    content.set(lot, make);
  });
}

/**
 * Where a lot's mass came from, or where it is now, as dye would show it. Every lot is well mixed:
 * what leaves has the make-up it holds at that instant, after all that came in at the same instant.
 * Back: mass is tagged with the lot in which it first entered the book, and every arrival in the
 * traced lot counts. Forward: what comes into the traced lot is dyed, and the answer is where the
 * dye lies (lots, outside, loss). Mass drawn beyond what a lot held carries that lot's tag. Grams
 * and shares, largest first; nothing came in: no shares. Voided flows do not exist.
 *
 * @throws {BadInput} for a lot the book does not know.
 *
 * @example
 * const lots = [{ id: 'comb', kind: 'comb' }, { id: 'honey', kind: 'honey' }];
 * const flows = [
 *   { from: 'outside', to: 'comb', g: 4200, at: '2026-03-14T12:00:00Z' },
 *   { from: 'comb', to: 'honey', g: 2100, at: '2026-03-14T18:00:00Z' },
 * ];
 * lotTrace({ lots, flows, lot: 'honey', direction: 'back' }).shares[0].lot; // "comb"
 */
export function lotTrace(input: LotTraceInput): { shares: TraceShare[] } {
  const { lot: traced, direction } = input;
  const all = flowsInForce(input.flows).filter((f) => f.g > 0);
  if (!input.lots.some((l) => l.id === traced))
    throw new BadInput(calcSay('calc.no-lot', { lot: traced }), 'lot');
  const flows = reach(all, traced, direction);
  const trace = direction === 'back' ? tracedBack(traced) : tracedForward(traced);
  const held = new Map<string, Make>();
  for (const { id, openingG = 0 } of input.lots)
    if (openingG > 0) held.set(id, new Map([[trace.tagOf(id), openingG]]));
  trace.begin(held);
  for (const { flows: now } of instantsOf(flows)) {
    const instant = mixedAt(now, held, trace.tagOf);
    trace.dye(instant, held);
    trace.follow(instant);
    for (const [id, content] of instant.content) {
      const v = total(content);
      const left = Math.max(0, v - (instant.drawn.get(id) ?? 0));
      held.set(id, v > 0 ? scaled(content, left / v) : new Map<string, number>());
    }
  }
  return { shares: sharesOf(trace.answer(held)) };
}

/** What happens at one instant: what each lot then holds, what is drawn from it, and of what make. */
interface MixedInstant {
  flows: readonly BookFlow[];
  content: Map<string, Make>;
  drawn: ReadonlyMap<string, number>;
  /** The make of one gram that leaves a lot. */
  perGram: Map<string, Make>;
}

/** One direction of a trace: how mass is tagged, and what of it is the answer. */
interface Trace {
  tagOf: (lot: string) => string;
  begin: (held: ReadonlyMap<string, Make>) => void;
  /** Tags what passes through the traced lot anew; back nothing is. */
  dye: (instant: MixedInstant, held: ReadonlyMap<string, Make>) => void;
  follow: (instant: MixedInstant) => void;
  answer: (held: ReadonlyMap<string, Make>) => Make;
}

/** Back: a lot's own tag is its name, and every arrival in the traced lot counts. */
function tracedBack(traced: string): Trace {
  const arrived: Make = new Map();
  return {
    tagOf: (lot) => lot,
    begin: (held) => add(arrived, held.get(traced) ?? new Map<string, number>(), 1),
    dye: () => undefined,
    follow: ({ flows, perGram }) => {
      for (const f of flows) {
        if (f.to !== traced) continue;
        if (f.from === 'outside') add(arrived, new Map([[f.to, f.g]]), 1);
        else add(arrived, entryOf(perGram, f.from), f.g);
      }
    },
    answer: () => arrived,
  };
}

const DYE = 'dye';
const PLAIN = 'plain';
/** Forward: only what passes through the traced lot is dyed, and the answer is where dye lies. */
function tracedForward(traced: string): Trace {
  const away: Make = new Map();
  const tagOf = (lot: string): string => (lot === traced ? DYE : PLAIN);
  return {
    tagOf,
    begin: () => undefined,
    dye: (instant, held) => {
      const content = instant.content.get(traced);
      if (!content) return;
      // Dye is put in as mass comes into the traced lot: from then on all of it is dyed.
      instant.content.set(traced, new Map([[DYE, total(content)]]));
      instant.perGram.set(traced, perGramOf(traced, instant, tagOf));
      redye(instant, traced, held, tagOf);
    },
    follow: ({ flows, perGram }) => {
      for (const f of flows) {
        if (f.from === 'outside' || (f.to !== 'outside' && f.to !== 'loss')) continue;
        away.set(f.to, (away.get(f.to) ?? 0) + f.g * (entryOf(perGram, f.from).get(DYE) ?? 0));
      }
    },
    answer: (held) => {
      const dyed = [...held].map(([id, make]): [string, number] => [id, make.get(DYE) ?? 0]);
      return new Map([...dyed, ...away].filter(([, g]) => g > 0));
    },
  };
}

/** Everything mixed that is there at one instant, and what one gram of each lot is made of. */
function mixedAt(
  flows: readonly BookFlow[],
  held: ReadonlyMap<string, Make>,
  tagOf: (lot: string) => string,
): MixedInstant {
  const lots = [...new Set(flows.flatMap((f) => [f.from, f.to]))].filter(
    (id) => id !== 'outside' && id !== 'loss',
  );
  const content = mixed(lots, held, flows, (f) => new Map([[tagOf(f.to), f.g]]), tagOf);
  const drawn = new Map<string, number>();
  for (const f of flows) drawn.set(f.from, (drawn.get(f.from) ?? 0) + f.g);
  const perGram = new Map(lots.map((id) => [id, perGramOf(id, { content, drawn }, tagOf)]));
  return { flows, content, drawn, perGram };
}

/** The make of one gram that leaves a lot; what is drawn beyond what it held carries its own tag. */
function perGramOf(
  lot: string,
  { content, drawn }: Pick<MixedInstant, 'content' | 'drawn'>,
  tagOf: (lot: string) => string,
): Make {
  const [v, d] = [total(entryOf(content, lot)), drawn.get(lot) ?? 0];
  const make = scaled(entryOf(content, lot), v > 0 ? 1 / Math.max(v, d) : 0);
  if (d > v) make.set(tagOf(lot), (make.get(tagOf(lot)) ?? 0) + (d - v) / d);
  return make;
}

/** Grams and shares, the largest first; crumbs of rounding are nothing. */
function sharesOf(answer: Make): TraceShare[] {
  const sum = total(answer);
  return [...answer]
    .filter(([, g]) => g > 1e-9 * Math.max(1, sum))
    .map(([lot, g]) => ({ lot, g, share: g / sum }))
    .sort((a, b) => b.g - a.g || a.lot.localeCompare(b.lot));
}

/**
 * Within one instant what leaves the traced lot is dyed wholly, also on its way through others at
 * that same instant: the mixing is done again with the traced lot's flows entering from outside as
 * dye.
 */
function redye(
  { flows, content, drawn, perGram }: MixedInstant,
  traced: string,
  held: ReadonlyMap<string, Make>,
  tagOf: (lot: string) => string,
): void {
  const others = [...content.keys()].filter((id) => id !== traced);
  const again = mixed(
    others,
    held,
    flows.filter((f) => others.includes(f.to) || others.includes(f.from)),
    (f) => new Map([[f.from === traced ? DYE : tagOf(f.to), f.g]]),
    tagOf,
  );
  for (const id of others) {
    content.set(id, entryOf(again, id));
    perGram.set(id, perGramOf(id, { content, drawn }, tagOf));
  }
}
