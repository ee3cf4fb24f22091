import fc from 'fast-check';
import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { BadInput } from '../badInput.js';
import { mayFeed, type FeedQuestion } from './feedCheck.js';
import { brixOfGravity, gravityOfBrix, mustToGravity, rinseHolds } from './rinse.js';
import { waxExpected, type WaxRunOf } from './waxYield.js';

describe('a rinse', () => {
  it('has the gravity of published sucrose tables: 10, 20, 30 °Brix', () => {
    for (const [brix, gravity] of [
      [10, 1.04003],
      [20, 1.08287],
      [30, 1.12899],
    ] as const)
      expect(gravityOfBrix(brix)).toBeCloseTo(gravity, 3);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (brix) => {
        expect(brixOfGravity(gravityOfBrix(brix))).toBeCloseTo(brix, 8);
      }),
    );
  });
  it('holds the honey its sugars were: 10 L at 8 °Brix is about a kilogram', () => {
    const holds = rinseHolds(10, 8, 18);
    expect(holds.sugarsKg).toBeCloseTo(10 * 1.0317 * 0.9982 * 0.08, 3);
    expect(holds.honeyKg).toBeCloseTo(holds.sugarsKg / 0.82, 9);
    expect(() => rinseHolds(0, 8)).toThrow(BadInput);
    expect(() => rinseHolds(2, 41)).toThrow(/calc\.rinse-brix/);
  });
  it('comes to its gravity with honey or water, sugar and mass kept', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 50, noNaN: true }),
        fc.double({ min: 0.5, max: 38, noNaN: true }),
        fc.double({ min: 1.01, max: 1.17, noNaN: true }),
        (litres, brixPercent, targetGravity) => {
          const plan = mustToGravity({ litres, brixPercent, targetGravity });
          const before = rinseHolds(litres, brixPercent);
          const after = rinseHolds(plan.litres, brixOfGravity(targetGravity));
          expect(after.massKg).toBeCloseTo(before.massKg + plan.honeyKg + plan.waterL * 0.9982, 6);
          expect(after.sugarsKg).toBeCloseTo(before.sugarsKg + plan.honeyKg * 0.82, 6);
          expect(Math.min(plan.honeyKg, plan.waterL)).toBe(0);
        },
      ),
    );
  });
  it('ferments by the rule of SCIENCE: 1.090 to 1.000 is 11.8 % by volume', () => {
    expect(
      mustToGravity({ litres: 4, brixPercent: 10, targetGravity: 1.09 }).abvPercent,
    ).toBeCloseTo(11.8125, 4);
    expect(() => mustToGravity({ litres: 4, brixPercent: 10, targetGravity: 1.3 })).toThrow(
      BadInput,
    );
    expect(() =>
      mustToGravity({ litres: 4, brixPercent: 10, targetGravity: 1.05, finalGravity: 1.08 }),
    ).toThrow(/calc\.final-gravity/);
  });
});

describe('feeding back', () => {
  const ask = (more: Partial<FeedQuestion>): ReturnType<typeof mayFeed> =>
    mayFeed({
      origins: ['h'],
      toHiveId: 'h',
      toHiveName: 'Ipê',
      dead: false,
      broodCheck: { on: '2026-03-01', result: 'healthy' },
      date: '2026-03-14',
      broodCheckDays: 35,
      sick: false,
      heldBy: null,
      ...more,
    });
  it('is for the one colony it all came from, after a look at its brood', () => {
    expect(ask({})).toMatchObject({ may: true });
    expect(ask({}).reason).toMatch('book.feed.may');
  });
  it.each([
    ['unknown', { origins: [] }, 'book.feed.unknown'],
    ['from outside', { origins: ['h', null] }, 'book.feed.outside'],
    ['of two hives', { origins: ['h', 'k'] }, 'book.feed.other-hives'],
    ['of another', { origins: ['k'] }, 'book.feed.other-hives'],
    ['of a dead colony', { dead: true }, 'book.feed.dead'],
    ['of a colony in which disease was found', { sick: true }, 'book.feed.disease'],
    ['held back', { heldBy: 'Ipê: the brood looked sick.' }, 'book.feed.held'],
    ['never looked at', { broodCheck: null }, 'book.feed.no-look'],
    ['sick', { broodCheck: { on: '2026-03-10', result: 'sick' as const } }, 'book.feed.sick'],
    [
      'not sure',
      { broodCheck: { on: '2026-03-10', result: 'unsure' as const } },
      'book.feed.unsure',
    ],
    [
      'looked at long ago',
      { broodCheck: { on: '2026-01-10', result: 'healthy' as const } },
      'book.feed.stale {hive: Ipê, on: {date: 2026-01-10}, days: 35}',
    ],
  ])('is blocked with its reason: %s', (_what, more, reason) => {
    expect(ask(more as Partial<FeedQuestion>)).toMatchObject({ may: false });
    expect(ask(more as Partial<FeedQuestion>).reason).toMatch(reason);
  });
});

describe('clean wax', () => {
  const runs = (n: number): WaxRunOf[] =>
    Array.from({ length: n }, (_, i) => ({ way: 'solar', inG: 500, cleanG: 100 + i }));
  it('goes by published yields until the fifth run, and says so', () => {
    const found = waxExpected({ way: 'solar', wetG: 700, combG: 4000, runs: runs(4) })!;
    expect(found).toMatchObject({ learned: false, runs: 4 });
    expect(found.cleanG.low).toBeCloseTo(4000 * 0.04 * 0.5, 6);
    expect(found.cleanG.high).toBeLessThanOrEqual(4000 * 0.06 * 0.8);
    expect(waxExpected({ way: 'solar', wetG: 700, combG: null, runs: [] })).toBeNull();
  });
  it('goes by the household from the fifth run of that way on', () => {
    const found = waxExpected({
      way: 'solar',
      wetG: 500,
      combG: 4000,
      runs: [...runs(5), { way: 'bag-press', inG: 500, cleanG: 300 }],
    })!;
    expect(found.learned).toBe(true);
    expect(found.cleanG.mid).toBeCloseTo(102, 6);
    expect(found.cleanG.low).toBeLessThan(found.cleanG.mid);
  });
  it('is never more than the wet wax it comes from', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3000 }),
        fc.integer({ min: 1, max: 60_000 }),
        fc.constantFrom('solar' as const, 'water-bath' as const, 'bag-press' as const),
        (wetG, combG, way) => {
          const { cleanG } = waxExpected({ way, wetG, combG, runs: [] })!;
          expect(cleanG.low <= cleanG.mid && cleanG.mid <= cleanG.high && cleanG.high <= wetG).toBe(
            true,
          );
        },
      ),
    ));
});
