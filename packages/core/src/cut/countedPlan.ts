import { entryOf } from '../units/known.js';
import type { CutGrid, Spot } from './guillotine.js';

/** Cells of the counted table, and steps of its solution, that are still quick. */
const [MOST_CELLS, MOST_STEPS] = [3_000_000, 350_000_000];

const pairs = (n: number): number => (n * (n + 1)) / 2;

/** How many of each kind may be used, as one number: kinds without a limit are left out. */
function budgets(limits: readonly (number | null)[]): {
  kinds: number[];
  sizes: number[];
  total: number;
} {
  const kinds = limits.flatMap((limit, kind) => (limit === null ? [] : [kind]));
  const sizes = kinds.map((kind) => limits[kind]! + 1);
  return { kinds, sizes, total: sizes.reduce((n, s) => n * s, 1) };
}

/** Whether a grid with these limits is small enough to be solved with the counts in the table. */
export function countsFit(grid: CutGrid, limits: readonly (number | null)[]): boolean {
  const { total } = budgets(limits);
  const regions = pairs(grid.xs.length) * pairs(grid.ys.length);
  return (
    regions * total <= MOST_CELLS &&
    regions * ((grid.xs.length + grid.ys.length) / 3 + 1) * ((total * (total + 1)) / 2) <=
      MOST_STEPS
  );
}

/**
 * Best plan under limits, exactly: as the plain table, each region with its best for every budget
 * of limited kinds. Takes net worths by kind and limits by kind (null: none). Only where {@link
 * countsFit} says it is quick.
 */
export function countedPlan(
  grid: CutGrid,
  nets: readonly number[],
  limits: readonly (number | null)[],
): { net: number; spots: Spot[] } {
  const { xs, ys, lays, free } = grid;
  const [nx, ny] = [xs.length, ys.length];
  const { kinds, sizes, total } = budgets(limits);
  const digits = (k: number): number[] =>
    sizes.map((size) => {
      const digit = k % size;
      k = Math.floor(k / size);
      return digit;
    });
  const code = (d: readonly number[]): number =>
    d.reduceRight((n, digit, i) => n * sizes[i] + digit, 0);
  const all = Array.from({ length: total }, (_, k) => digits(k));
  // For each budget its halves: what the first region may use, the rest for the second.
  const halves = all.map((budget) =>
    all.flatMap((part, k1) =>
      part.every((n, i) => n <= budget[i])
        ? [[k1, code(budget.map((n, i) => n - part[i]))] as const]
        : [],
    ),
  );
  const table = new Map<number, Float64Array>();
  const key = (a: number, b: number, c: number, d: number): number =>
    ((a * (nx + 1) + b) * (ny + 1) + c) * (ny + 1) + d;
  const fits = (a: number, b: number, c: number, d: number) =>
    free[a * ny + c].filter((f) => f.b <= b && f.d <= d && nets[lays[f.lay].kind] > 0);
  const affords = (kind: number, k: number): boolean => {
    const i = kinds.indexOf(kind);
    return i < 0 || all[k][i] > 0;
  };
  for (let span = 1; span <= nx; span++)
    for (let a = 0; a + span <= nx; a++)
      for (let height = 1; height <= ny; height++)
        for (let c = 0; c + height <= ny; c++) {
          const [b, d] = [a + span, c + height];
          const best = new Float64Array(total);
          for (const f of fits(a, b, c, d))
            for (let k = 0; k < total; k++)
              if (affords(lays[f.lay].kind, k)) best[k] = Math.max(best[k], nets[lays[f.lay].kind]);
          const join = (first: Float64Array, second: Float64Array): void => {
            for (let k = 0; k < total; k++)
              for (const [k1, k2] of halves[k])
                if (first[k1] + second[k2] > best[k]) best[k] = first[k1] + second[k2];
          };
          for (let s = a + 1; s < b; s++)
            join(entryOf(table, key(a, s, c, d)), entryOf(table, key(s, b, c, d)));
          for (let t = c + 1; t < d; t++)
            join(entryOf(table, key(a, b, c, t)), entryOf(table, key(a, b, t, d)));
          table.set(key(a, b, c, d), best);
        }
  function read(a: number, b: number, c: number, d: number, k: number): Spot[] {
    const best = entryOf(table, key(a, b, c, d))[k];
    if (best <= 0) return [];
    const whole = fits(a, b, c, d).find(
      (f) => nets[lays[f.lay].kind] === best && affords(lays[f.lay].kind, k),
    );
    if (whole)
      return [
        {
          kind: lays[whole.lay].kind,
          xMm: xs[a],
          yMm: ys[c],
          widthMm: lays[whole.lay].widthMm,
          heightMm: lays[whole.lay].heightMm,
        },
      ];
    for (const [k1, k2] of halves[k]) {
      for (let s = a + 1; s < b; s++)
        if (entryOf(table, key(a, s, c, d))[k1] + entryOf(table, key(s, b, c, d))[k2] === best)
          return [...read(a, s, c, d, k1), ...read(s, b, c, d, k2)];
      for (let t = c + 1; t < d; t++)
        if (entryOf(table, key(a, b, c, t))[k1] + entryOf(table, key(a, b, t, d))[k2] === best)
          return [...read(a, b, c, t, k1), ...read(a, b, t, d, k2)];
    }
    return [];
  }
  if (!nx || !ny) return { net: 0, spots: [] };
  return {
    net: entryOf(table, key(0, nx, 0, ny))[total - 1],
    spots: read(0, nx, 0, ny, total - 1),
  };
}
