import { describe, expect, it } from 'vitest';
import { countedPlan } from '../../fixtures/countedPlan.js';
import { seeded } from '../../fixtures/random.js';
import { cutPlan, cutPlanWithin, cutQuestion, quickCutPlan, type CutPlanInput } from './cutPlan.js';
import { limitedPlan } from './limitedPlan.js';
import { netOf } from './limitPrices.js';

const PIECES = [
  { id: 'square', widthMm: 90, heightMm: 90, value: 34, mayTurn: true },
  { id: 'strip', widthMm: 35, heightMm: 100, value: 14, mayTurn: true },
  { id: 'sample', widthMm: 60, heightMm: 45, value: 11, mayTurn: true },
];

/** A small comb with flaws and kinds, most of them limited, drawn by its number. */
function smallComb(number: number): CutPlanInput {
  const { between, pick } = seeded(number);
  const whole = (low: number, high: number): number => Math.round(between(low, high));
  const [widthMm, heightMm] = [whole(50, 110), whole(40, 80)];
  const isWhole = number % 2 === 0;
  return {
    comb: { widthMm, heightMm },
    kerfMm: pick([0, 2, 3]),
    stepMm: 10,
    wasteValuePerCm2: isWhole ? 0 : between(0, 0.1),
    pieces: Array.from({ length: whole(1, 3) }, (_, i) => ({
      id: `kind${i}`,
      widthMm: whole(12, 45),
      heightMm: whole(12, 45),
      value: isWhole ? whole(1, 20) : between(1, 20),
      mayTurn: pick([true, false]),
      ...(pick([true, true, false]) ? { limit: whole(0, 3) } : {}),
    })),
    defects: Array.from({ length: whole(0, 4) }, () => ({
      xMm: between(0, widthMm),
      yMm: between(0, heightMm),
      widthMm: between(2, 15),
      heightMm: between(2, 15),
      kind: 'open',
    })),
  };
}
/** A comb of the usual size. */
const comb = (number: number, limits: readonly (number | undefined)[]): CutPlanInput => {
  const { between } = seeded(number);
  return {
    comb: { widthMm: 430, heightMm: 135 },
    kerfMm: 2,
    pieces: PIECES.map((p, kind) => ({ ...p, limit: limits[kind] })),
    defects: Array.from({ length: 12 }, () => ({
      xMm: between(0, 430),
      yMm: between(0, 135),
      widthMm: between(5, 30),
      heightMm: between(4, 16),
      kind: 'open',
    })),
  };
};

describe('a plan within limits', () => {
  it('is the best there is on a thousand small combs, and proven', () => {
    for (let number = 1; number <= 1000; number++) {
      const input = smallComb(number);
      const { grid, nets, limits } = cutQuestion(input);
      const plan = cutPlan(input);
      const { widthMm, heightMm } = input.comb;
      const ofWaste = ((input.wasteValuePerCm2 ?? 0) * widthMm * heightMm) / 100;
      expect(plan.value - ofWaste, `comb ${number}`).toBeCloseTo(
        countedPlan(grid, nets, limits).net,
        5,
      );
      expect(plan.provenOptimal, `comb ${number}`).toBe(true);
      expect(plan.bound, `comb ${number}`).toBe(plan.value);
    }
  });

  it('on fewer places of the lattice is no better than the best, and its bound no less', () => {
    for (let number = 1; number <= 400; number++) {
      const input = smallComb(number);
      const best = cutPlan(input);
      for (const steps of [10, 60]) {
        const few = cutPlanWithin(input, steps);
        expect(few.value, `comb ${number}`).toBeLessThanOrEqual(best.value + 1e-6);
        expect(few.bound, `comb ${number}`).toBeGreaterThanOrEqual(best.value - 1e-6);
        if (few.provenOptimal) expect(few.value, `comb ${number}`).toBeCloseTo(best.value, 6);
      }
    }
  });

  it('of a large comb is proven too; a quick one comes first, and is worth less or as much', () => {
    const large: CutPlanInput = {
      ...comb(7, [3, 4, 50]),
      comb: { widthMm: 480, heightMm: 250 },
    };
    const [quick, best] = [quickCutPlan(large), cutPlan(large)];
    expect(best.provenOptimal).toBe(true);
    expect(quick.placements.length).toBeGreaterThan(0);
    expect(quick.value).toBeLessThanOrEqual(best.value);
    expect(quick.bound).toBeGreaterThanOrEqual(best.value);
  }, 120_000);

  it.each([
    [1, [undefined, undefined, 3]],
    [2, [undefined, 2, 3]],
    [3, [1, 2, 5]],
    [4, [2, 4, 4]],
  ])('is proven on comb %i of the usual size, limits %j', (number, limits) => {
    const input = comb(number, limits);
    const plan = cutPlan(input);
    expect(plan.provenOptimal).toBe(true);
    for (const [kind, { id }] of PIECES.entries())
      expect(plan.placements.filter((p) => p.id === id).length).toBeLessThanOrEqual(
        limits[kind] ?? Infinity,
      );
  });

  it('that is given up has a bound no less than the best, and a plan no better', () => {
    const { grid, nets, limits } = cutQuestion(comb(5, [2, 4, 4]));
    const exact = limitedPlan([grid], nets, limits, [[]]);
    const given = limitedPlan([grid], nets, limits, [[]], 0);
    expect(exact.net).toBe(exact.bound);
    expect(given.bound).toBeGreaterThanOrEqual(exact.net);
    expect(given.net).toBeLessThanOrEqual(exact.net);
    expect(netOf(given.plans, nets)).toBe(given.net);
  });

  it('may use less of a kind than there is, and nothing of one that is used up', () => {
    const plan = cutPlan({ ...comb(6, [0, 99, 0]), defects: [] });
    expect(plan.placements.every((p) => p.id === 'strip')).toBe(true);
    expect(plan.placements.length).toBeGreaterThan(5);
  });
});
