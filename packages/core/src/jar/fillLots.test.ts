import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { solver } from '../../fixtures/chooser.js';
import { jarFill } from './fill.js';
import type { FillGoal, JarKind } from './jarKind.js';
import { fillLots, type FillLotsInput } from './fillLots.js';
import type { LpSolver } from '../records/vocabulary/solver.js';

let solve: LpSolver;
beforeAll(async () => void (solve = await solver()));

interface Score {
  promised: number;
  filledG: number;
  jars: number;
  value: number;
}
/** Whether one score beats another for a goal, promises first, then the goal's own ties. */
function beats(a: Score, b: Score, goal: FillGoal, totalG: number, smallest: number): boolean {
  const enough = (s: Score): number =>
    goal === 'fewest-jars' ? Math.min(s.filledG, totalG - smallest + 1) : s.filledG;
  const keys = (s: Score): number[] =>
    ({
      'most-value': [s.promised, s.value, s.filledG, -s.jars],
      'least-left': [s.promised, s.filledG, -s.jars, s.value],
      'fewest-jars': [s.promised, enough(s), -s.jars, s.filledG, s.value],
    })[goal];
  const [x, y] = [keys(a), keys(b)];
  const at = x.findIndex((v, i) => v !== y[i]);
  return at >= 0 && x[at] > y[at];
}
function scoreOf(counts: number[][], input: FillLotsInput): Score {
  const flat = (of: (j: number) => number): number =>
    counts.reduce((s, lot) => s + lot.reduce((t, n, j) => t + n * of(j), 0), 0);
  const promised = [...new Set((input.reserved ?? []).map((r) => r.jarKindId))].reduce(
    (s, kind) => {
      const want = input
        .reserved!.filter((r) => r.jarKindId === kind)
        .reduce((n, r) => n + r.count, 0);
      return (
        s +
        Math.min(
          want,
          counts.reduce((n, lot) => n + lot[input.jars.findIndex((j) => j.id === kind)], 0),
        )
      );
    },
    0,
  );
  return {
    promised,
    filledG: flat((j) => input.jars[j].netG),
    jars: flat(() => 1),
    value: flat((j) => input.jars[j].value),
  };
}
/** Every way to fill two lots, tried one by one. */
function bruteForce(input: FillLotsInput): Score {
  const total = input.lots.reduce((g, l) => g + l.honeyG, 0) - (input.keepBackG ?? 0);
  const smallest = Math.min(...input.jars.map((j) => j.netG));
  let best: Score | null = null;
  const counts = input.lots.map(() => input.jars.map(() => 0));
  const walk = (k: number, stock: number[], roomG: number[], left: number): void => {
    if (k === input.lots.length * input.jars.length) {
      const score = scoreOf(counts, input);
      if (!best || beats(score, best, input.goal, total, smallest)) best = score;
      return;
    }
    const [l, j] = [Math.floor(k / input.jars.length), k % input.jars.length];
    for (let n = 0; n <= stock[j] && n * input.jars[j].netG <= Math.min(roomG[l], left); n++) {
      counts[l][j] = n;
      walk(
        k + 1,
        stock.map((s, i) => (i === j ? s - n : s)),
        roomG.map((r, i) => (i === l ? r - n * input.jars[j].netG : r)),
        left - n * input.jars[j].netG,
      );
    }
    counts[l][j] = 0;
  };
  walk(
    0,
    input.jars.map((j) => j.stock),
    input.lots.map((l) => l.honeyG),
    Math.max(0, total),
  );
  return best!;
}
const kinds = fc
  .array(
    fc.record({
      netG: fc.integer({ min: 5, max: 40 }),
      stock: fc.integer({ min: 0, max: 3 }),
      value: fc.integer({ min: 0, max: 9 }),
    }),
    { minLength: 1, maxLength: 3 },
  )
  .map((list): JarKind[] => list.map((k, i) => ({ id: `k${i}`, ...k })));
const inputs = fc
  .record({
    lots: fc
      .array(fc.integer({ min: 0, max: 90 }), { minLength: 1, maxLength: 2 })
      .map((l) => l.map((honeyG, i) => ({ id: `l${i}`, honeyG }))),
    jars: kinds,
    goal: fc.constantFrom<FillGoal>('least-left', 'most-value', 'fewest-jars'),
    promised: fc.integer({ min: 0, max: 4 }),
    keepBackG: fc.integer({ min: 0, max: 20 }),
  })
  .map(({ promised, ...i }): FillLotsInput => ({
    ...i,
    reserved: promised ? [{ jarKindId: 'k0', count: promised }] : [],
  }));

describe('jars for several lots at once', () => {
  it('are as good as the best of every way there is, promises first', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const found = fillLots(input, solve);
        const counts = input.lots.map((lot) =>
          input.jars.map(
            (j) =>
              found.lots.find((l) => l.id === lot.id)!.fills.find((f) => f.id === j.id)?.count ?? 0,
          ),
        );
        expect(scoreOf(counts, input)).toEqual(bruteForce(input));
        expect(found.provenOptimal).toBe(true);
      }),
      { numRuns: 120 },
    );
  });
  it('never mixes a lot with another, nor takes a jar that is not there', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const found = fillLots(input, solve);
        for (const [i, lot] of found.lots.entries())
          expect(lot.fills.reduce((g, f) => g + f.count * f.netG, 0) + lot.leftG).toBe(
            input.lots[i].honeyG,
          );
        for (const j of input.jars)
          expect(
            found.lots.reduce((n, l) => n + (l.fills.find((f) => f.id === j.id)?.count ?? 0), 0),
          ).toBeLessThanOrEqual(j.stock);
      }),
      { numRuns: 80 },
    );
  });
  it('agree with jar-fill where there is one lot and nothing is promised', () => {
    const jars = [
      { id: 'a', netG: 500, stock: 6, value: 38 },
      { id: 'b', netG: 300, stock: 20, value: 25 },
    ];
    for (const goal of ['least-left', 'most-value', 'fewest-jars'] as const) {
      const one = jarFill({ honeyKg: 3.46, jars, goal });
      expect(
        fillLots({ lots: [{ id: 'x', honeyG: 3460 }], jars, goal }, solve).lots[0].fills,
      ).toEqual(one.fills);
    }
  });
  it('say what was promised and must wait for the next jars', () => {
    const jars = [{ id: 'a', netG: 500, stock: 2, value: 38 }];
    expect(
      fillLots(
        {
          lots: [{ id: 'x', honeyG: 5000 }],
          jars,
          goal: 'least-left',
          reserved: [{ jarKindId: 'a', count: 3 }],
        },
        solve,
      ).short,
    ).toEqual([{ jarKindId: 'a', missing: 1 }]);
    expect(fillLots({ lots: [], jars, goal: 'least-left' }, solve)).toMatchObject({
      filledG: 0,
      leftG: 0,
      short: [],
    });
  });
});
