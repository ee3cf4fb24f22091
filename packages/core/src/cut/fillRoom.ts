import {
  cutGrid,
  readPlan,
  solveGrid,
  wholeRegion,
  type CutGrid,
  type Spot,
} from './guillotine.js';
import { knifeCuts } from './knifeCuts.js';

/** Rounds of filling: the third rarely finds more. */
const ROUNDS = 3;

/**
 * Fills the room that a plan leaves with what is left of each kind: what is placed becomes a defect
 * with its kerf, the rest is planned anew, and a piece is added where straight cuts still free all
 * of them. Never worse than `spots`.
 */
export function fillRoom(
  grid: CutGrid,
  nets: readonly number[],
  limits: readonly (number | null)[],
  spots: readonly Spot[],
): Spot[] {
  const all = [...spots];
  const left = limits.map(
    (limit, kind) => (limit ?? Infinity) - all.filter((s) => s.kind === kind).length,
  );
  for (let round = 0; round < ROUNDS; round++) {
    const lays = grid.lays.filter((l) => left[l.kind] > 0);
    if (!lays.length) break;
    const taken = all.map((s) => ({
      xMm: s.xMm - grid.kerfMm,
      yMm: s.yMm - grid.kerfMm,
      widthMm: s.widthMm + 2 * grid.kerfMm,
      heightMm: s.heightMm + 2 * grid.kerfMm,
    }));
    const rest = cutGrid({
      widthMm: grid.widthMm,
      heightMm: grid.heightMm,
      kerfMm: grid.kerfMm,
      stepMm: grid.stepMm,
      lays,
      defects: [...grid.defects, ...taken],
    });
    const before = all.length;
    for (const spot of readPlan(solveGrid(rest, nets), wholeRegion(rest)).sort(
      (a, b) => nets[b.kind] - nets[a.kind],
    )) {
      if (left[spot.kind] <= 0 || !knifeCuts(grid, grid.kerfMm, [...all, spot])) continue;
      all.push(spot);
      left[spot.kind]--;
    }
    if (all.length === before) break;
  }
  return all;
}
