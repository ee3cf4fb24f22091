import { lotKeeping } from './keepingDate.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sayingLine } from '../../fixtures/said.js';
import { BadInput } from '../badInput.js';
import { calculate } from '../calculators.js';
import { jarFill, type JarFill } from './fill.js';
import type { FillGoal, JarKind } from './jarKind.js';
import { compareFills, type FillScore } from './fillTable.js';
import { labelText, netWeightText } from './label.js';
import { netVolumeMl } from './volume.js';
import { wholePrices } from './wholePrices.js';

/**
 * Every fill there is, tried one by one, in input order with larger counts first: the yardstick for
 * small cases.
 */
function bruteForce(capacityG: number, jars: JarKind[], goal: FillGoal): number[] {
  const whole = jars.map((jar) => ({ ...jar, value: BigInt(jar.value) }));
  return bruteForceExactly(capacityG, whole, goal);
}
type PricedExactly = Omit<JarKind, 'value'> & { value: bigint };
function bruteForceExactly(capacityG: number, jars: PricedExactly[], goal: FillGoal): number[] {
  const smallest = Math.min(...jars.map((j) => j.netG));
  let best: { counts: number[]; score: FillScore } | null = null;
  const walk = (i: number, counts: number[], filledG: number): void => {
    if (i === jars.length) {
      const score = {
        filledG,
        jars: counts.reduce((a, b) => a + b, 0),
        value: counts.reduce((sum, c, k) => sum + BigInt(c) * jars[k].value, 0n),
      };
      if (!best || compareFills(score, best.score, goal, capacityG, smallest) < 0)
        best = { counts, score };
      return;
    }
    for (
      let c = Math.min(jars[i].stock, Math.floor((capacityG - filledG) / jars[i].netG));
      c >= 0;
      c--
    )
      walk(i + 1, [...counts, c], filledG + c * jars[i].netG);
  };
  walk(0, [], 0);
  return best!.counts;
}
const scoreOf = (counts: number[], jars: JarKind[]) => ({
  filledG: counts.reduce((s, c, k) => s + c * jars[k].netG, 0),
  jars: counts.reduce((a, b) => a + b, 0),
  value: counts.reduce((s, c, k) => s + c * jars[k].value, 0),
});
const countsOf = (fill: JarFill, jars: JarKind[]): number[] =>
  jars.map((j) => fill.fills.find((f) => f.id === j.id)?.count ?? 0);
const kinds = fc
  .array(
    fc.record({
      netG: fc.integer({ min: 3, max: 60 }),
      stock: fc.integer({ min: 0, max: 4 }),
      value: fc.integer({ min: 0, max: 9 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((list) => list.map((kind, i) => ({ id: `k${i}`, ...kind })));
const goals = fc.constantFrom<FillGoal>('least-left', 'most-value', 'fewest-jars');

describe('jar-fill', () => {
  it('fills exactly, as trying every fill does, ties included', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), kinds, goals, (g, jars, goal) => {
        const fill = jarFill({ honeyKg: g / 1000, jars, goal });
        expect(countsOf(fill, jars)).toEqual(bruteForce(g, jars, goal));
      }),
      { numRuns: 400 },
    );
  });
  it('says what is short as if that kind alone had no limit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), kinds, goals, (g, jars, goal) => {
        const fill = jarFill({ honeyKg: g / 1000, jars, goal });
        const smallest = Math.min(...jars.map((j) => j.netG));
        if (fill.leftKg * 1000 < smallest - 1e-6) {
          expect(fill.shortage).toBeNull();
          return;
        }
        const counts = countsOf(fill, jars);
        const usedUp = jars.filter((j, i) => counts[i] === j.stock);
        expect(fill.shortage!.map((s) => s.id)).toEqual(usedUp.map((j) => j.id));
        for (const short of fill.shortage!) {
          const free = jars.map((j) => (j.id === short.id ? { ...j, stock: 1000 } : j));
          const better = bruteForce(g, free, goal);
          // Two kinds may be alike: more of one that only takes the other's place improves nothing,
          // so its stock is what it needs.
          const improves =
            compareFills(scoreOf(better, jars), scoreOf(counts, jars), goal, g, smallest) < 0;
          expect(short.needed).toBe(
            improves ? better[jars.findIndex((j) => j.id === short.id)] : short.stock,
          );
        }
      }),
      { numRuns: 300 },
    );
  });
  it('needs no more of a kind that would only take the place of its like', () => {
    const alike = [
      { id: 'a', netG: 46, stock: 0, value: 6 },
      { id: 'b', netG: 46, stock: 2, value: 6 },
      { id: 'c', netG: 3, stock: 0, value: 0 },
    ];
    expect(jarFill({ honeyKg: 0.095, jars: alike, goal: 'least-left' }).shortage).toEqual([
      { id: 'a', needed: 0, stock: 0 },
      { id: 'b', needed: 2, stock: 2 },
      { id: 'c', needed: 1, stock: 0 },
    ]);
  });
  it('never fills more than there is and never more than the stock', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), goals, (honeyKg, goal) => {
        const jars = [
          { id: 'a', netG: 500, stock: 30, value: 20 },
          { id: 'b', netG: 280, stock: 20, value: 12.5 },
        ];
        const fill = jarFill({ honeyKg, jars, goal });
        expect(fill.filledKg).toBeLessThanOrEqual(honeyKg + 1e-9);
        expect(fill.leftKg).toBeGreaterThanOrEqual(-1e-9);
        expect(fill.fills.every((f) => f.count <= jars.find((j) => j.id === f.id)!.stock)).toBe(
          true,
        );
      }),
    );
  });
  it('keeps back what is asked and refuses more than there is', () => {
    const jars = [{ id: 'a', netG: 500, stock: 10, value: 1 }];
    expect(jarFill({ honeyKg: 3.2, keepBackKg: 1, jars, goal: 'least-left' })).toMatchObject({
      filledKg: 2,
      leftKg: 0.2,
      shortage: null,
    });
    expect(() => jarFill({ honeyKg: 1, keepBackKg: 2, jars, goal: 'least-left' })).toThrow(
      BadInput,
    );
  });
  it('counts a whole gram that binary kilograms would lose', () =>
    expect(
      jarFill({
        honeyKg: 0.289,
        jars: [{ id: 'a', netG: 289, stock: 1, value: 0 }],
        goal: 'least-left',
      }).filledKg,
    ).toBe(0.289));
  it('keeps decimal values exact in ties', () => {
    const jars = [
      { id: 'a', netG: 100, stock: 9, value: 0.1 },
      { id: 'b', netG: 300, stock: 9, value: 0.3 },
    ];
    expect(jarFill({ honeyKg: 0.3, jars, goal: 'most-value' }).fills).toEqual([
      { id: 'b', count: 1, netG: 300 },
    ]);
  });
  it.each(['least-left', 'most-value', 'fewest-jars'] as const)(
    'takes any finite price for %s: as trying every fill with exact sums does',
    (goal) => {
      const price = fc.oneof(
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 1e-5, noNaN: true }),
        fc.double({ min: 0, max: 1e300, noNaN: true }),
        fc.constantFrom(0, 0.1, 0.2, 0.1 + 0.2, 0.3, 1 / 3, 2 / 3, 12.345678901234567),
      );
      const jarsOfAnyPrice = fc
        .array(
          fc.record({
            netG: fc.integer({ min: 3, max: 40 }),
            stock: fc.integer({ min: 0, max: 3 }),
            value: price,
          }),
          { minLength: 1, maxLength: 4 },
        )
        .map((list) => list.map((kind, i) => ({ id: `k${i}`, ...kind })));
      fc.assert(
        fc.property(fc.integer({ min: 0, max: 200 }), jarsOfAnyPrice, (g, jars) => {
          const fill = jarFill({ honeyKg: g / 1000, jars, goal });
          const { units, priceOf } = wholePrices(jars.map((j) => j.value));
          const exact = jars.map((j, i) => ({ ...j, value: units[i] }));
          const counts = bruteForceExactly(g, exact, goal);
          expect(countsOf(fill, jars)).toEqual(counts);
          expect(fill.value).toBe(
            priceOf(counts.reduce((sum, c, i) => sum + BigInt(c) * units[i], 0n)),
          );
        }),
        { numRuns: 500 },
      );
    },
  );
  it('tells 0.1 + 0.2 from 0.3, and gives the value without rounding', () => {
    const jars = [
      { id: 'a', netG: 100, stock: 1, value: 0.3 },
      { id: 'b', netG: 100, stock: 1, value: 0.1 + 0.2 },
    ];
    const fill = jarFill({ honeyKg: 0.1, jars, goal: 'most-value' });
    expect(fill.fills).toEqual([{ id: 'b', count: 1, netG: 100 }]);
    expect(fill.value).toBe(0.1 + 0.2);
    const tens = [{ id: 'a', netG: 100, stock: 10, value: 0.1 }];
    expect(jarFill({ honeyKg: 1, jars: tens, goal: 'most-value' }).value).toBe(1);
  });
  it('adds an enormous price and a tiny one without losing either', () => {
    const jars = [
      { id: 'a', netG: 100, stock: 1, value: 1e300 },
      { id: 'b', netG: 50, stock: 1, value: 1e-300 },
      { id: 'c', netG: 50, stock: 1, value: 2e-300 },
    ];
    const fill = jarFill({ honeyKg: 0.16, jars, goal: 'most-value' });
    expect(fill.fills.map((f) => f.id)).toEqual(['a', 'c']);
    expect(fill.value).toBe(1e300);
  });
  it('solves 500 kg with 12 kinds', () => {
    const jars = Array.from({ length: 12 }, (_, i) => ({
      id: `k${i}`,
      netG: 101 + i * 37,
      stock: 400,
      value: 3 + i,
    }));
    const fill = jarFill({ honeyKg: 500, jars, goal: 'least-left' });
    expect(fill.filledKg).toBe(500);
  });
  it.each([
    [{ jars: [] }, 'jars'],
    [{ jars: [{ id: 'a', netG: 1.5, stock: 1, value: 0 }] }, 'jars[0].netG'],
    [{ jars: [{ id: 'loss', netG: 1, stock: 1, value: 0 }] }, 'jars[0].id'],
    [
      {
        jars: [
          { id: 'a', netG: 1, stock: 1, value: 0 },
          { id: 'a', netG: 2, stock: 1, value: 0 },
        ],
      },
      'jars[1].id',
    ],
    [{ jars: [{ id: 'a', netG: 1, stock: -1, value: 0 }] }, 'jars[0].stock'],
  ])('refuses %j', (part, path) =>
    expect(() => calculate('jar-fill', { honeyKg: 1, goal: 'least-left', ...part })).toThrow(
      expect.objectContaining({ path }) as Error,
    ),
  );
});

describe('labels', () => {
  const labelIn = (said: Parameters<typeof labelText>[0]) => labelText(said, sayingLine);
  const record = {
    batchCode: 'IPE-260314-A',
    hiveName: 'Ipê',
    siteName: 'Encosta',
    harvestedOn: '2026-03-14',
    netG: 500,
    lowestWeighedG: null,
    bee: 'honeybee' as const,
    keeping: lotKeeping(
      { bee: 'honeybee', moisturePercent: 16.9, granulating: false },
      DEFAULT_RULES,
    ),
    registeredToSell: false,
    labelMaker: 'Casa',
    product: 'honey' as const,
  };
  it('says both weights, ounces rounded down', () => {
    expect(netWeightText(500)).toBe('500 g / 17.6 oz');
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        (g) =>
          Number(netWeightText(g).split('/ ')[1].replace(' oz', '')) * 28.349523125 <= g + 1e-6,
      ),
    );
  });
  it('never states more than the lightest jar weighed', () =>
    expect(labelIn({ ...record, lowestWeighedG: 493 }).net).toBe('493 g / 17.3 oz'));
  it('takes its dates from the record and warns', () => {
    const label = labelText(record, sayingLine);
    expect(label).toMatchObject({
      harvested: 'jar.label.harvested {on: {date: 2026-03-14}}',
      bestBefore: 'jar.label.best-before {month: {month: 2028-03}}',
      batch: 'jar.label.batch {code: IPE-260314-A}',
      gift: 'jar.label.gift',
    });
    expect(label.warning).toMatch('jar.label.warning');
    expect(labelIn({ ...record, registeredToSell: true }).gift).toBe('');
  });
  it('needs about 353 ml for 500 g', () => expect(netVolumeMl(500, 18)).toBeCloseTo(353, 0));
});
