import type { CutTable, Room } from './guillotine.js';

/** What rounding may take from a sum of worths. */
export const ROUNDING = 1e-7;

/**
 * For each region of a solved grid the most that a plan of the whole comb can be worth beside it;
 * -Infinity where no plan that is worth `floor` holds the region. The way back through the table:
 * from the whole comb along every cut that such a plan may make.
 *
 * @param room Room for the pieces of any plan looked for, those too that the table leaves out.
 */
export function outsideOf(
  { grid, index, worth }: CutTable,
  room: { inX: Room; inY: Room },
  floor: number,
): Float64Array {
  const [nx, ny] = [grid.xs.length, grid.ys.length];
  const { row, column } = index;
  const outside = new Float64Array(index.size).fill(-Infinity);
  const least = floor - ROUNDING;
  const raise = (region: number, to: number): void => {
    if (to > outside[region]) outside[region] = to;
  };
  /** What stands beside the two parts of a region, if a plan may cut it there. */
  const part = (first: number, second: number, out: number): void => {
    if (worth[first] + worth[second] + out < least) return;
    raise(first, out + worth[second]);
    raise(second, out + worth[first]);
  };
  const open = (a: number, b: number, c: number, d: number): void => {
    const [here, along] = [row(a, b), column(c, d)];
    const out = outside[here + along];
    if (b - a > 1) raise(row(a + 1, b) + along, out);
    if (d - c > 1) raise(here + column(c + 1, d), out);
    const lastAcross = Math.min(b - 1, room.inX.last[b]);
    for (let s = Math.max(a + 1, room.inX.first[a]); s <= lastAcross; s++)
      part(row(a, s) + along, row(s, b) + along, out);
    const lastAlong = Math.min(d - 1, room.inY.last[d]);
    for (let t = Math.max(c + 1, room.inY.first[c]); t <= lastAlong; t++)
      part(here + column(c, t), here + column(t, d), out);
  };
  if (nx && ny) outside[row(0, nx) + column(0, ny)] = 0;
  for (let span = nx; span > 0; span--)
    for (let a = 0; a + span <= nx; a++)
      for (let height = ny; height > 0; height--)
        for (let c = 0; c + height <= ny; c++) {
          const region = row(a, a + span) + column(c, c + height);
          if (outside[region] + worth[region] < least) outside[region] = -Infinity;
          else open(a, a + span, c, c + height);
        }
  return outside;
}
