/**
 * One way a piece may lie: its sides as it lies, what it is worth above waste, and which kind of
 * piece it is.
 */
export interface Lay {
  kind: number;
  widthMm: number;
  heightMm: number;
  net: number;
}
/** A place no piece may lie on; with `barsKinds` only pieces of those kinds. */
export interface Defect {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
  barsKinds?: readonly number[];
}
export interface Spot {
  kind: number;
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

/**
 * Where pieces may begin in a comb, and which lays fit where: made once, solved many times with
 * other prices.
 */
export interface CutGrid {
  widthMm: number;
  heightMm: number;
  kerfMm: number;
  stepMm: number;
  defects: readonly Defect[];
  xs: number[];
  ys: number[];
  lays: readonly Lay[];
  /**
   * For each start (x major): lays free of defects there, with the first bounds their ends allow.
   */
  free: { lay: number; b: number; d: number }[][];
  /** True where all starts that a best plan can need are in it. */
  whole: boolean;
}

/** Two lengths closer than this are one. */
const EPS = 1e-9;
/**
 * Regions a table may have (8 bytes each), and steps one solution may take: what fits into two
 * seconds and a small device.
 */
const [MOST_REGIONS, MOST_STEPS] = [9_000_000, 480_000_000];

/**
 * Lattice places where a piece of a best plan may begin along one side: pushed toward the origin
 * each piece stops at the edge, behind a defect or a kerf behind another piece (canonical patterns
 * of guillotine cutting). So only these need to be looked at, and none else can do better.
 */
function starts(
  lengthMm: number,
  stepMm: number,
  kerfMm: number,
  sizes: readonly number[],
  defectEnds: readonly number[],
): number[] {
  const up = (v: number): number => Math.ceil(v / stepMm - EPS);
  const last = Math.ceil(lengthMm / stepMm - EPS) - 1;
  const seen = new Uint8Array(Math.max(1, last + 1));
  const queue = [0];
  for (const end of defectEnds) if (end > EPS) queue.push(up(end));
  while (queue.length) {
    const at = queue.pop()!;
    if (at > last || at < 0 || seen[at]) continue;
    seen[at] = 1;
    for (const size of sizes)
      if (at * stepMm + size <= lengthMm + EPS) queue.push(up(at * stepMm + size + kerfMm));
  }
  const list: number[] = [];
  for (let i = 0; i <= last; i++) if (seen[i]) list.push(i * stepMm);
  return list;
}

const pairs = (n: number): number => (n * (n + 1)) / 2;
const steps = (nx: number, ny: number): number => pairs(nx) * pairs(ny) * ((nx + ny) / 3 + 1);

/** Every k-th start and the first: a coarser choice of the same lattice. */
const thinned = (list: number[], k: number): number[] => list.filter((_, i) => i % k === 0);

/**
 * The grid of a comb for some lays and defects. Where it would be too large, starts are thinned and
 * `whole` is false.
 */
export function cutGrid(input: {
  widthMm: number;
  heightMm: number;
  kerfMm: number;
  stepMm: number;
  lays: readonly Lay[];
  defects: readonly Defect[];
  mostSteps?: number;
}): CutGrid {
  const { widthMm, heightMm, kerfMm, stepMm, defects, mostSteps = MOST_STEPS } = input;
  const lays = input.lays.filter((l) => l.widthMm <= widthMm + EPS && l.heightMm <= heightMm + EPS);
  const near = defects.filter(
    (d) => d.xMm < widthMm && d.yMm < heightMm && d.xMm + d.widthMm > 0 && d.yMm + d.heightMm > 0,
  );
  let xs = starts(
    widthMm,
    stepMm,
    kerfMm,
    [...new Set(lays.map((l) => l.widthMm))],
    near.map((d) => d.xMm + d.widthMm),
  );
  let ys = starts(
    heightMm,
    stepMm,
    kerfMm,
    [...new Set(lays.map((l) => l.heightMm))],
    near.map((d) => d.yMm + d.heightMm),
  );
  let whole = true;
  const [allX, allY] = [xs, ys];
  for (
    let k = 2;
    pairs(xs.length) * pairs(ys.length) > MOST_REGIONS || steps(xs.length, ys.length) > mostSteps;
    k++
  ) {
    whole = false;
    if (xs.length >= ys.length) xs = thinned(allX, k);
    else ys = thinned(allY, k);
  }
  const limit = (list: readonly number[], length: number, i: number): number =>
    i < list.length ? list[i] - kerfMm : length;
  const firstBound = (
    list: readonly number[],
    length: number,
    from: number,
    end: number,
  ): number => {
    let i = from + 1;
    while (i <= list.length && limit(list, length, i) < end - EPS) i++;
    return i;
  };
  const free: CutGrid['free'] = [];
  for (let a = 0; a < xs.length; a++) {
    for (let c = 0; c < ys.length; c++) {
      const here: { lay: number; b: number; d: number }[] = [];
      lays.forEach((l, i) => {
        const [x, y] = [xs[a], ys[c]];
        if (x + l.widthMm > widthMm + EPS || y + l.heightMm > heightMm + EPS) return;
        if (
          near.some(
            (d) =>
              (!d.barsKinds || d.barsKinds.includes(l.kind)) &&
              x < d.xMm + d.widthMm - EPS &&
              d.xMm < x + l.widthMm - EPS &&
              y < d.yMm + d.heightMm - EPS &&
              d.yMm < y + l.heightMm - EPS,
          )
        )
          return;
        here.push({
          lay: i,
          b: firstBound(xs, widthMm, a, x + l.widthMm),
          d: firstBound(ys, heightMm, c, y + l.heightMm),
        });
      });
      free.push(here);
    }
  }
  return { widthMm, heightMm, kerfMm, stepMm, defects: near, xs, ys, lays, free, whole };
}

/** Steps one solution of a grid takes: what is planned around, in place of a clock. */
export const gridSteps = (grid: CutGrid): number => steps(grid.xs.length, grid.ys.length);

/**
 * For each start the first bound that leaves room for any piece, and for each bound the last start
 * that does: a region narrower holds nothing, so no cut needs to be tried there.
 */
export interface Room {
  first: Int32Array;
  last: Int32Array;
}
function room(n: number, firstBound: (start: number) => number): Room {
  const first = new Int32Array(n + 1).fill(n + 1);
  for (let i = n - 1; i >= 0; i--) first[i] = Math.min(first[i + 1], firstBound(i));
  const last = new Int32Array(n + 1);
  for (let bound = 0, i = -1; bound <= n; bound++) {
    while (i + 1 < n && first[i + 1] <= bound) i++;
    last[bound] = i;
  }
  return { first, last };
}

/**
 * Room across and along a grid for the lays that are worth something by themselves.
 *
 * @param nets Worth of each kind; one at or under 0 needs no room.
 */
export function roomOf(
  { xs, ys, lays, free }: CutGrid,
  nets: readonly number[],
): { inX: Room; inY: Room } {
  const [nx, ny] = [xs.length, ys.length];
  const [firstB, firstD] = [new Int32Array(nx).fill(nx + 1), new Int32Array(ny).fill(ny + 1)];
  for (let a = 0; a < nx; a++)
    for (let c = 0; c < ny; c++)
      for (const { lay, b, d } of free[a * ny + c])
        if (nets[lays[lay].kind] > 0) {
          firstB[a] = Math.min(firstB[a], b);
          firstD[c] = Math.min(firstD[c], d);
        }
  return { inX: room(nx, (a) => firstB[a]), inY: room(ny, (c) => firstD[c]) };
}

/** Where each region of a grid stands in a table: a row for each pair of bounds across. */
interface RegionIndex {
  /** Regions in a row: every pair of bounds along. */
  width: number;
  size: number;
  row: (a: number, b: number) => number;
  column: (c: number, d: number) => number;
}
function regionIndex({ xs, ys }: CutGrid): RegionIndex {
  const [rowOf, columnOf] = [offsets(xs.length), offsets(ys.length)];
  const width = pairs(ys.length);
  return {
    width,
    size: pairs(xs.length) * width,
    row: (a, b) => (rowOf[a] + b - a - 1) * width,
    column: (c, d) => columnOf[c] + d - c - 1,
  };
}

export interface CutTable {
  grid: CutGrid;
  index: RegionIndex;
  /** Best net worth of each region, by its place in the index. */
  worth: Float64Array;
  /** Net worth of each kind, as it was solved. */
  nets: readonly number[];
  best: number;
  /** Best net worth of the region from start a, c to bounds b, d. */
  at: (a: number, b: number, c: number, d: number) => number;
}

/**
 * Best net worth of every region of a grid under straight edge-to-edge cuts, by dynamic programming
 * over all regions: a region is one piece at its corner, or two regions apart by a cut. `nets` are
 * the worths of the kinds; a kind at or under 0 is left out. Exact for the starts of the grid.
 */
export function solveGrid(grid: CutGrid, nets: readonly number[]): CutTable {
  const { xs, ys } = grid;
  const [nx, ny] = [xs.length, ys.length];
  const solver = gridSolver(grid, nets);
  // From narrow to wide: a region is made of narrower ones that stand already.
  for (let span = 1; span <= nx; span++)
    for (let a = 0; a + span <= nx; a++) {
      if (!solver.isRoomy(a, a + span)) continue;
      solver.layPieces(a, a + span);
      if (span > 1) solver.takeNarrower(a, a + span);
      solver.cutAcross(a, a + span);
      solver.cutAlong(a, a + span);
    }
  const { index, worth } = solver;
  const at = (a: number, b: number, c: number, d: number): number =>
    b > a && d > c ? worth[index.row(a, b) + index.column(c, d)] : 0;
  return { grid, index, worth, nets, best: nx && ny ? at(0, nx, 0, ny) : 0, at };
}

/** Where the regions with each first bound begin in a row of all pairs of bounds. */
function offsets(n: number): Int32Array {
  const at = new Int32Array(n + 1);
  for (let i = 1; i <= n; i++) at[i] = at[i - 1] + (n - i + 1);
  return at;
}

/**
 * The table of a grid and the steps that fill it, for all regions between two bounds across at a
 * time: a row of it holds every pair of bounds along.
 */
function gridSolver(grid: CutGrid, nets: readonly number[]) {
  const { ys, lays, free } = grid;
  const ny = ys.length;
  const index = regionIndex(grid);
  const { row, column } = index;
  const columnOf = offsets(ny);
  const table = new Float64Array(index.size);
  const { inX, inY } = roomOf(grid, nets);
  /** Stretches of a row whose regions are high enough for any piece: the others hold nothing. */
  const roomy = ys.flatMap((_, c) =>
    inY.first[c] > ny ? [] : [{ from: column(c, inY.first[c]), to: column(c, ny) + 1 }],
  );

  /** A piece in the corner of a region, in every region that is long enough for it. */
  function layPieces(a: number, b: number): void {
    const here = row(a, b);
    for (let c = 0; c < ny; c++)
      for (const { lay, b: narrowest, d: first } of free[a * ny + c]) {
        const net = nets[lays[lay].kind];
        if (narrowest > b || net <= 0) continue;
        for (let i = here + column(c, first), end = here + column(c, ny); i <= end; i++)
          if (table[i] < net) table[i] = net;
      }
  }

  /** What a narrower region holds, a wider one holds too. */
  function takeNarrower(a: number, b: number): void {
    const [here, later, shorter] = [row(a, b), row(a + 1, b), row(a, b - 1)];
    for (const { from, to } of roomy)
      for (let i = from; i < to; i++) {
        const most = table[later + i] > table[shorter + i] ? table[later + i] : table[shorter + i];
        if (most > table[here + i]) table[here + i] = most;
      }
  }

  /** Cuts across, where there is room for a piece on both sides. */
  function cutAcross(a: number, b: number): void {
    const here = row(a, b);
    const last = Math.min(b - 1, inX.last[b]);
    for (let s = Math.max(a + 1, inX.first[a]); s <= last; s++) {
      const [left, right] = [row(a, s), row(s, b)];
      for (const { from, to } of roomy)
        for (let i = from; i < to; i++) {
          const sum = table[left + i] + table[right + i];
          if (sum > table[here + i]) table[here + i] = sum;
        }
    }
  }

  /** Cuts along, from short regions to long ones. */
  function cutAlong(a: number, b: number): void {
    const here = row(a, b);
    for (let height = 2; height <= ny; height++)
      for (let c = 0; c + height <= ny; c++) {
        const d = c + height;
        if (d < inY.first[c]) continue;
        // Where the regions from c begin, and those that end at d: no call in the innermost loop.
        const [upper, at] = [here + columnOf[c] - c - 1, here + column(c, d)];
        let best = Math.max(table[at], table[here + column(c + 1, d)], table[at - 1]);
        const last = Math.min(d - 1, inY.last[d]);
        for (let t = Math.max(c + 1, inY.first[c]); t <= last; t++) {
          const sum = table[upper + t] + table[here + columnOf[t] + d - t - 1];
          if (sum > best) best = sum;
        }
        table[at] = best;
      }
  }

  /** Whether any piece fits between two bounds across. */
  const isRoomy = (a: number, b: number): boolean => b >= inX.first[a];
  return { index, worth: table, isRoomy, layPieces, takeNarrower, cutAcross, cutAlong };
}

export interface Region {
  a: number;
  b: number;
  c: number;
  d: number;
}

/**
 * The pieces of the best plan of a region, read back from the table. `take` may refuse a piece (its
 * kind is used up); it then says which spots stand there instead.
 */
export function readPlan(
  table: CutTable,
  region: Region,
  take: (kind: number, region: Region) => Spot[] | null = () => null,
): Spot[] {
  const { grid, nets, at } = table;
  const { a, b, c, d } = region;
  const best = at(a, b, c, d);
  if (best <= 0) return [];
  for (const { lay, b: least, d: first } of grid.free[a * grid.ys.length + c]) {
    const { kind, widthMm, heightMm } = grid.lays[lay];
    if (least <= b && first <= d && nets[kind] === best)
      return take(kind, region) ?? [{ kind, xMm: grid.xs[a], yMm: grid.ys[c], widthMm, heightMm }];
  }
  for (let s = a + 1; s < b; s++)
    if (at(a, s, c, d) + at(s, b, c, d) === best)
      return [
        ...readPlan(table, { a, b: s, c, d }, take),
        ...readPlan(table, { a: s, b, c, d }, take),
      ];
  for (let t = c + 1; t < d; t++)
    if (at(a, b, c, t) + at(a, b, t, d) === best)
      return [
        ...readPlan(table, { a, b, c, d: t }, take),
        ...readPlan(table, { a, b, c: t, d }, take),
      ];
  return [];
}

export const wholeRegion = (grid: CutGrid): Region => ({
  a: 0,
  b: grid.xs.length,
  c: 0,
  d: grid.ys.length,
});
