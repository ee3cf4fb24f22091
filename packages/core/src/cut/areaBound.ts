import type { CutGrid } from './guillotine.js';
import type { Limits } from './limitPrices.js';

/**
 * The most that pieces of one comb can be worth by the room they take, each with one kerf on either
 * axis: kinds by their worth a square millimetre, up to their limit, the last one in part. Flaws are
 * not looked at, so it is a loose bound; it holds for any lattice.
 */
export function areaBound(grid: CutGrid, nets: readonly number[], limits: Limits): number {
  const { widthMm, heightMm, kerfMm } = grid;
  const kinds = new Map(
    grid.lays.map((lay) => [lay.kind, (lay.widthMm + kerfMm) * (lay.heightMm + kerfMm)]),
  );
  const byWorth = [...kinds]
    .map(([kind, mm2]) => ({ net: nets[kind], mm2, most: limits[kind] ?? Infinity }))
    .filter(({ net }) => net > 0)
    .sort((a, b) => b.net / b.mm2 - a.net / a.mm2);
  let left = (widthMm + kerfMm) * (heightMm + kerfMm);
  let worth = 0;
  for (const { net, mm2, most } of byWorth) {
    const count = Math.min(most, left / mm2);
    worth += count * net;
    left -= count * mm2;
  }
  return worth;
}
