import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate } from '../calculators.js';
import { lotTrace, type LotTraceInput } from './lotTrace.js';
import { massBalance, type BookFlow } from './massBalance.js';

const t = (minute: number): string => new Date(Date.UTC(2026, 2, 14, 12, minute)).toISOString();
let n = 0;
const f = (
  from: string,
  to: string,
  g: number,
  minute: number,
  change: Partial<BookFlow> = {},
): BookFlow => ({ id: `f${n++}`, from, to, g, at: t(minute), ...change });
const lots = (...ids: string[]) => ids.map((id) => ({ id, kind: 'x' }));
const trace = (
  direction: 'back' | 'forward',
  lot: string,
  ids: string[],
  flows: BookFlow[],
  opening: Record<string, number> = {},
) =>
  Object.fromEntries(
    lotTrace({
      lots: lots(...ids).map((l) => ({ ...l, openingG: opening[l.id] ?? 0 })),
      flows,
      lot,
      direction,
    }).shares.map((s) => [s.lot, Number(s.g.toFixed(6))]),
  );

describe('lot-trace', () => {
  const ids = ['a', 'b', 'pot', 'jar', 'wax'];
  // Two combs into one pot, a jar from the mixture, then more of one comb and another jar.
  const flows = [
    f('outside', 'a', 600, 0),
    f('outside', 'b', 300, 0),
    f('a', 'pot', 300, 1),
    f('b', 'pot', 300, 1),
    f('pot', 'jar', 200, 2),
    f('a', 'pot', 300, 3),
    f('pot', 'wax', 350, 4),
    f('wax', 'loss', 50, 5),
    f('jar', 'outside', 100, 6),
  ];
  it('goes back to the lots in which the mass first entered the book', () => {
    expect(trace('back', 'jar', ids, flows)).toEqual({ a: 100, b: 100 });
    // 400 g half and half, then 300 g of a: the pot is 500 a to 200 b.
    expect(trace('back', 'wax', ids, flows)).toEqual({ a: 250, b: 100 });
    expect(trace('back', 'a', ids, flows)).toEqual({ a: 600 });
  });
  it('goes forward to where the dye lies: lots, outside, loss', () => {
    expect(trace('forward', 'b', ids, flows)).toEqual({
      pot: 100,
      jar: 50,
      wax: 85.714286,
      outside: 50,
      loss: 14.285714,
    });
    expect(trace('forward', 'pot', ids, flows)).toEqual({
      pot: 350,
      jar: 100,
      wax: 300,
      outside: 100,
      loss: 50,
    });
  });
  it('gives shares that sum to one, largest first, and none where nothing came in', () => {
    const { shares } = lotTrace({ lots: lots(...ids), flows, lot: 'b', direction: 'forward' });
    expect(shares.reduce((s, x) => s + x.share, 0)).toBeCloseTo(1, 12);
    expect(shares.map((s) => s.lot)).toEqual(['pot', 'wax', 'jar', 'outside', 'loss']);
    expect(lotTrace({ lots: lots('e'), flows: [], lot: 'e', direction: 'back' })).toEqual({
      shares: [],
    });
    expect(lotTrace({ lots: lots('e'), flows: [], lot: 'e', direction: 'forward' })).toEqual({
      shares: [],
    });
  });
  it('counts a gram that leaves and returns again going back, once going forward', () => {
    const round = [f('outside', 'a', 100, 0), f('a', 'b', 100, 1), f('b', 'a', 100, 2)];
    expect(trace('back', 'a', ['a', 'b'], round)).toEqual({ a: 200 });
    expect(trace('forward', 'a', ['a', 'b'], round)).toEqual({ a: 100 });
  });
  it('mixes all that comes in at one instant before anything leaves, in any order of the entries', () => {
    const now = [
      f('pot', 'jar', 100, 1),
      f('outside', 'pot', 100, 1),
      f('a', 'pot', 300, 1),
      f('outside', 'a', 300, 1),
    ];
    expect(trace('back', 'jar', ids, now)).toEqual({ a: 75, pot: 25 });
    expect(trace('back', 'jar', ids, [...now].reverse())).toEqual({ a: 75, pot: 25 });
    expect(trace('forward', 'a', ids, now)).toEqual({ pot: 225, jar: 75 });
  });
  it('solves lots that feed each other at one instant', () => {
    // x = 100 of a and 100 from y; y = 100 of b and 100 from x: two thirds to one third each way.
    const circle = [
      f('outside', 'a', 100, 0),
      f('outside', 'b', 100, 0),
      f('a', 'x', 100, 1),
      f('b', 'y', 100, 1),
      f('x', 'y', 100, 1),
      f('y', 'x', 100, 1),
    ];
    const all = ['a', 'b', 'x', 'y'];
    expect(trace('back', 'x', all, circle)).toEqual({ a: 133.333333, b: 66.666667 });
    expect(trace('forward', 'a', all, circle)).toEqual({ x: 66.666667, y: 33.333333 });
    // A circle that nothing ever entered belongs to its own lots.
    expect(
      Object.values(trace('back', 'x', all, [f('x', 'y', 50, 1), f('y', 'x', 50, 1)])).reduce(
        (s, g) => s + g,
        0,
      ),
    ).toBeCloseTo(50, 6);
  });
  it('lets mass drawn beyond what a lot held carry its tag, undyed unless it is the traced one', () => {
    const over = [f('outside', 'a', 100, 0), f('a', 'pot', 150, 1)];
    expect(trace('back', 'pot', ids, over)).toEqual({ a: 150 });
    expect(trace('forward', 'a', ids, over)).toEqual({ pot: 150 });
    const further = [f('outside', 'a', 100, 0), f('a', 'pot', 100, 1), f('pot', 'jar', 160, 2)];
    expect(trace('forward', 'a', ids, further)).toEqual({ jar: 100 });
    expect(trace('back', 'jar', ids, further)).toEqual({ a: 100, pot: 60 });
  });
  it("takes openings as the lot's own, and does not see what was voided", () => {
    const voided = [
      f('a', 'pot', 100, 1, { id: 'wrong' }),
      f('b', 'pot', 100, 1),
      f('a', 'pot', 1, 9, { voids: 'wrong' }),
    ];
    expect(trace('back', 'pot', ids, voided, { a: 500, b: 500, pot: 50 })).toEqual({
      b: 100,
      pot: 50,
    });
    expect(trace('forward', 'b', ids, voided, { a: 500, b: 500, pot: 50 })).toEqual({
      b: 400,
      pot: 100,
    });
  });
  it('refuses a lot the book does not know', () => {
    expect(() =>
      calculate('lot-trace', { lots: [], flows: [], lot: 'x', direction: 'back' }),
    ).toThrow(/calc\.no-lot/);
    expect(() =>
      calculate('lot-trace', {
        lots: [{ id: 'a', kind: 'x' }],
        flows: [],
        lot: 'a',
        direction: 'up',
      }),
    ).toThrow();
  });

  const names = ['a', 'b', 'c', 'd', 'e'];
  const book = fc
    .array(
      fc.record({
        from: fc.constantFrom('outside', ...names),
        to: fc.constantFrom('outside', 'loss', ...names),
        g: fc.integer({ min: 1, max: 500 }),
        minute: fc.integer({ min: 0, max: 12 }),
      }),
      { maxLength: 25 },
    )
    .map((list) =>
      list
        .filter(
          (x) =>
            x.from !== x.to && !(x.from === 'outside' && (x.to === 'outside' || x.to === 'loss')),
        )
        .map((x) => f(x.from, x.to, x.g, x.minute)),
    );
  it('back adds up to all that ever came in', () => {
    fc.assert(
      fc.property(book, fc.constantFrom(...names), (flows_, lot) => {
        const input: LotTraceInput = {
          lots: lots(...names),
          flows: flows_,
          lot,
          direction: 'back',
        };
        const sum = lotTrace(input).shares.reduce((s, x) => s + x.g, 0);
        expect(sum).toBeCloseTo(massBalance(input).lots.find((l) => l.id === lot)!.inG, 4);
      }),
      { numRuns: 200 },
    );
  });
  it('forward of a book that never overdraws lies within what every place holds, and together is what came in', () => {
    fc.assert(
      fc.property(book, fc.constantFrom(...names), (flows_, lot) => {
        const input: LotTraceInput = {
          lots: lots(...names),
          flows: flows_,
          lot,
          direction: 'forward',
        };
        const balance = massBalance(input);
        fc.pre(balance.problems.length === 0);
        const { shares } = lotTrace(input);
        for (const s of shares)
          if (s.lot !== 'outside' && s.lot !== 'loss')
            expect(s.g).toBeLessThanOrEqual(balance.lots.find((l) => l.id === s.lot)!.nowG + 1e-6);
        const sum = shares.reduce((x, s) => x + s.g, 0);
        const came = flows_.filter((x) => x.to === lot).reduce((x, y) => x + y.g, 0);
        expect(sum).toBeLessThanOrEqual(came + 1e-6);
        // What never comes back to the lot is counted whole.
        if (!flows_.some((x) => x.to === lot && x.from !== 'outside'))
          expect(sum).toBeCloseTo(came, 4);
      }),
      { numRuns: 300 },
    );
  });
  it('agrees with grams that are followed one by one where nothing happens at the same time', () => {
    fc.assert(
      fc.property(book, fc.constantFrom(...names), (flows_, lot) => {
        const apart = flows_.map((x, i) => ({ ...x, at: t(i) }));
        // A plain account: each lot's make-up by hand, entry by entry.
        const held: Record<string, Record<string, number>> = Object.fromEntries(
          names.map((x) => [x, {}]),
        );
        const back: Record<string, number> = {};
        for (const x of apart) {
          let make: Record<string, number> = { [x.to]: x.g };
          if (x.from !== 'outside') {
            const from = held[x.from];
            const volume = Object.values(from).reduce((s, g) => s + g, 0);
            make = {};
            for (const tag of Object.keys(from)) {
              make[tag] = (from[tag] / Math.max(volume, x.g)) * x.g;
              from[tag] -= Math.min(from[tag], make[tag]);
            }
            if (x.g > volume) make[x.from] = (make[x.from] ?? 0) + x.g - volume;
          }
          if (x.to === lot)
            for (const [tag, g] of Object.entries(make)) back[tag] = (back[tag] ?? 0) + g;
          if (names.includes(x.to))
            for (const [tag, g] of Object.entries(make))
              held[x.to][tag] = (held[x.to][tag] ?? 0) + g;
        }
        const found = trace('back', lot, names, apart);
        for (const tag of new Set([...Object.keys(found), ...Object.keys(back)]))
          expect(found[tag] ?? 0).toBeCloseTo(back[tag] ?? 0, 4);
      }),
      { numRuns: 200 },
    );
  });
});
