import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Change, DAY, face, situation } from '../../fixtures/situations.js';
import { HIVE_KIND_NAMES } from '../records/vocabulary/hive.js';
import type { ColonyFact } from '../records/colony.js';
import { addDays } from '../units/dates.js';
import type { MoistureSample } from './combFacts.js';
import type { Verdict } from '../records/vocabulary/verdict.js';
import { judgeComb } from './judgeComb.js';

/** How near a verdict is to taking. */
const RANK: Record<Verdict, number> = { leave: 0, 'not-read': 1, test: 2, take: 3 };
const rank = (kind: (typeof HIVE_KIND_NAMES)[number], change: Change): number =>
  RANK[judgeComb(situation(kind, 'south', change)).verdict];

const kind = fc.constantFrom(...HIVE_KIND_NAMES);
const comb = fc.constantFrom(...HIVE_KIND_NAMES.filter((k) => k !== 'stingless'));
const shares = fc
  .record({
    capped: fc.double({ min: 0, max: 0.6, noNaN: true }),
    open: fc.double({ min: 0, max: 0.4, noNaN: true }),
    brood: fc.constantFrom(0, 0, 0.05),
  })
  .map(({ capped, open, brood }) => ({
    ...face(capped, open),
    brood,
    empty: Math.max(0, 1 - capped - open - brood),
  }));
const maybeShares = fc.option(shares, { nil: null, freq: 5 });
const samples = fc.array(
  fc.record({
    side: fc.constantFrom('A' as const, 'B' as const),
    cells: fc.constantFrom('open' as const, 'sealed' as const),
    moisturePercent: fc.double({ min: 16, max: 24, noNaN: true }),
    on: fc.integer({ min: 0, max: 20 }).map((days) => addDays(DAY.south, -days)),
  }),
  { maxLength: 5 },
);
const stores = fc.option(
  fc.record({ staysLowKg: fc.double({ min: 5, max: 15, noNaN: true }), needKg: fc.constant(11) }),
  { nil: null },
);
const health = fc.constantFrom('sick', 'unsure', 'healthy');
const rules = fc.record({
  moistureMayOverrule: fc.boolean(),
  takeInFirstSeason: fc.boolean(),
  ripeCappedPercent: fc.constantFrom(75 as const, 80 as const, 90 as const, 100 as const),
  considerFromPercent: fc.constantFrom(null, 60 as const),
  ripeOf: fc.constantFrom('comb' as const, 'worst-side' as const),
});
const dangers = fc.array(
  fc.constantFrom<[number, ColonyFact]>(
    [400, { kind: 'treatment', product: 'acid', waitDays: 20, supersOn: 'no' }],
    [30, { kind: 'treatment', product: 'acid', waitDays: 40, supersOn: 'yes' }],
    [50, { kind: 'feeding', what: 'syrup', litres: 1 }],
    [5, { kind: 'alive', alive: false }],
    [2, { kind: 'flow', flow: 'none', endsOn: null }],
  ),
  { maxLength: 2 },
);

/**
 * Whether both sides together hold more than what counts as empty, 2 % a side; a side nobody saw
 * may hold anything.
 */
const holdsStores = (
  A: { capped: number; open: number } | null,
  B: { capped: number; open: number } | null,
): boolean => !A || !B || A.capped + A.open + B.capped + B.open >= 0.04;

describe('a verdict is never lowered', () => {
  it('by more capped honey', () => {
    fc.assert(
      fc.property(
        comb,
        maybeShares,
        maybeShares,
        samples,
        stores,
        rules,
        dangers,
        fc.constantFrom('open' as const, 'empty' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (k, A, B, drawn, left, house, facts, from, part) => {
          // An empty comb holds nothing that was fed: whether it is syrup is asked from the first
          // stores on.
          fc.pre(!facts.some(([, f]) => f.kind === 'feeding') || holdsStores(A, B));
          const at = (sides: { A: typeof A; B: typeof B }): number =>
            rank(k, { comb: { sides, samples: drawn }, stores: left, rules: house, facts });
          const more = (s: typeof A): typeof A =>
            s && { ...s, capped: s.capped + part * s[from], [from]: s[from] * (1 - part) };
          const before = at({ A, B });
          expect(at({ A: more(A), B })).toBeGreaterThanOrEqual(before);
          expect(at({ A, B: more(B) })).toBeGreaterThanOrEqual(before);
          expect(at({ A: more(A), B: more(B) })).toBeGreaterThanOrEqual(before);
        },
      ),
      { numRuns: 1500 },
    );
  });

  it('by drier honey', () => {
    fc.assert(
      fc.property(
        comb,
        maybeShares,
        maybeShares,
        samples,
        rules,
        fc.array(fc.double({ min: 0, max: 6, noNaN: true }), { minLength: 5, maxLength: 5 }),
        (k, A, B, drawn, house, drier) => {
          const at = (list: MoistureSample[]): number =>
            rank(k, { comb: { sides: { A, B }, samples: list }, rules: house });
          const dry = drawn.map((s, i) => ({
            ...s,
            moisturePercent: s.moisturePercent - drier[i],
          }));
          expect(at(dry)).toBeGreaterThanOrEqual(at(drawn));
        },
      ),
      { numRuns: 800 },
    );
  });

  it('by a healthier colony', () => {
    const GRAVITY = { sick: 0, unsure: 1, healthy: 2 };
    fc.assert(
      fc.property(
        kind,
        maybeShares,
        maybeShares,
        health,
        health,
        dangers,
        (k, A, B, one, other, more) => {
          const [worse, better] = GRAVITY[one] <= GRAVITY[other] ? [one, other] : [other, one];
          const at = (result: typeof one): number =>
            rank(k, {
              neverChecked: true,
              comb: k === 'stingless' ? {} : { sides: { A, B } },
              facts: [...more, [1, { kind: 'brood-check', result }]],
            });
          expect(at(better)).toBeGreaterThanOrEqual(at(worse));
        },
      ),
      { numRuns: 600 },
    );
  });

  it('by a later day, as far as treatments and feedings go', () => {
    fc.assert(
      fc.property(
        kind,
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 0, max: 60 }),
        fc.constantFrom('yes' as const, 'no' as const, 'unknown' as const),
        fc.integer({ min: 0, max: 20 }),
        (k, daysAgo, waitDays, supersOn, later) => {
          const at = (passed: number): number =>
            rank(k, {
              facts: [
                [daysAgo + passed, { kind: 'treatment', product: 'acid', waitDays, supersOn }],
                [60 + passed, { kind: 'feeding', what: 'syrup', litres: 1 }],
              ],
              comb: { builtOn: addDays(DAY.south, -90 - passed) },
            });
          expect(at(later)).toBeGreaterThanOrEqual(at(0));
        },
      ),
      { numRuns: 400 },
    );
  });

  it('by more in store, and never raised by a need that grows', () => {
    fc.assert(
      fc.property(
        comb,
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (k, staysLowKg, needKg, more) => {
          const at = (stays: number, need: number): number =>
            rank(k, { stores: { staysLowKg: stays, needKg: need } });
          expect(at(staysLowKg + more, needKg)).toBeGreaterThanOrEqual(at(staysLowKg, needKg));
          expect(at(staysLowKg, needKg + more)).toBeLessThanOrEqual(at(staysLowKg, needKg));
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('what must never be taken', () => {
  it('is not, whatever else is true of it', () => {
    fc.assert(
      fc.property(kind, shares, shares, samples, stores, rules, (k, A, B, drawn, left, house) => {
        const base: Change = {
          comb: k === 'stingless' ? {} : { sides: { A, B }, samples: drawn },
          stores: left,
          rules: house,
        };
        expect(rank(k, { ...base, facts: [[1, { kind: 'brood-check', result: 'sick' }]] })).toBe(0);
        expect(rank(k, { ...base, facts: [[1, { kind: 'alive', alive: false }]] })).toBeLessThan(3);
        const fresh = drawn.filter((s) => s.on >= addDays(DAY.south, -14));
        const isWet = fresh.some((s) => s.moisturePercent > 20);
        if (k !== 'stingless' && (isWet || left === null)) expect(rank(k, base)).toBeLessThan(3);
      }),
      { numRuns: 800 },
    );
  });
});
