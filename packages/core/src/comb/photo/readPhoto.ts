import type { Say } from '../../say/say.js';
import { combSay } from '../says.js';
import { CELL_CLASSES, cellOf, neighbours, type CellClass, type FaceLattice } from '../face.js';
import { FEATURES, cellFeatures, scaleAt, type Picture } from './features.js';
import { faceToPicture, isConvex, type Quad } from './perspective.js';

/** An example shown by a finger: a cell of the face and what it holds. */
export interface Dab {
  cell: number;
  content: CellClass;
}
export type PhotoRefusal =
  'corners' | 'too-small' | 'dabs' | 'dark' | 'alike' | 'covered' | 'glare' | 'unsure';
export type PhotoReading =
  | {
      read: true;
      cells: Uint8Array;
      sure: Float32Array;
      meanSure: number;
      coveredShare: number;
      cellPx: number;
    }
  | { read: false; why: PhotoRefusal; sentence: Say };

/** Smallest cell in the picture, px across, below which its middle and rim cannot be told apart. */
const SMALLEST_CELL_PX = 4.5;
/** Two classes nearer than this (in spreads) are one to this method. */
const ALIKE = 1.7;
/**
 * A cell this far from every class (squared spreads over all features) is something else: a bee, a
 * glove, a shadow's edge.
 */
const STRANGE = 38;
/** Median brightness of the comb under which grain hides the cells, of 255. */
const DARKEST = 26;
const ROUNDS = 6;
/** Features that say a colour: red against green, green against blue. */
const RED = 1;
const BLUE = 2;
/** Patches over the comb in which the colours are looked at again once class and light are off. */
const PATCHES = { across: 8, down: 5, leastCells: 15 } as const;
/**
 * Colours that lie this far off in one patch (both ratios together, in spreads) come from a veil
 * over it, which changes every class alike: none of the pictures of the first two generators lies
 * above 4.0.
 */
const VEILED = 4.2;

const refuse = (why: PhotoRefusal, sentence: Say): PhotoReading => ({
  read: false,
  why,
  sentence,
});

/**
 * Reads every cell of a face from a picture. Takes the picture, the lattice of the face, its four
 * corners in the picture (top left, top right, bottom right, bottom left, px) and example cells of
 * at least two classes. Cells are told apart by how they look after the light has been taken off:
 * brightness and colour are fitted as class plus a smooth surface over the comb, in turns, from the
 * examples outward; then neighbours are heard. What cannot be read is refused with a sentence.
 * Deterministic.
 */
export function readPhoto(input: {
  picture: Picture;
  lattice: FaceLattice;
  corners: Quad;
  dabs: readonly Dab[];
  onProgress?: (share: number) => void;
}): PhotoReading {
  const { picture, lattice, corners, dabs } = input;
  if (!isConvex(corners)) return refuse('corners', combSay('comb.photo.corners'));
  const map = faceToPicture(lattice.outline, corners);
  const cellPx =
    lattice.pitchMm *
    Math.min(
      ...[0.05, 0.5, 0.95].flatMap((t) =>
        [-0.45, 0, 0.45].map((u) =>
          scaleAt(map, u * lattice.outline.topWidthMm, t * lattice.outline.depthMm),
        ),
      ),
    );
  if (!(cellPx >= SMALLEST_CELL_PX))
    return refuse(
      'too-small',
      combSay('comb.photo.too-small', {
        pixels: Math.max(0, cellPx).toFixed(1),
        least: SMALLEST_CELL_PX,
      }),
    );
  const classes = CELL_CLASSES.filter((c) => dabs.filter((d) => d.content === c).length > 0);
  if (classes.length < 2 || classes.some((c) => dabs.filter((d) => d.content === c).length < 3))
    return refuse('dabs', combSay('comb.photo.dabs'));
  const features = cellFeatures(picture, lattice, map, (share) => input.onProgress?.(share * 0.6));
  const n = lattice.xMm.length;
  const usable = Uint8Array.from({ length: n }, (_, i) =>
    Number.isNaN(features[i * FEATURES]) ? 0 : 1,
  );
  const examples = dabs.filter((d) => usable[d.cell]);
  if (classes.some((c) => examples.filter((d) => d.content === c).length < 3))
    return refuse('dabs', combSay('comb.photo.outside'));

  const bright = Array.from({ length: n }, (_, i) => features[i * FEATURES])
    .filter((v) => !Number.isNaN(v))
    .sort((a, b) => a - b);
  if (Math.exp(bright[bright.length >> 1]) < DARKEST)
    return refuse('dark', combSay('comb.photo.dark'));

  const model = new Model(lattice, features, usable, classes, examples);
  model.learnFromExamples();
  const close = model.closest();
  if (close && close.distance < ALIKE)
    return refuse(
      'alike',
      combSay('comb.photo.alike', { one: word(close.a), other: word(close.b) }),
    );
  for (let round = 0; round < ROUNDS; round++) {
    model.classify();
    model.fitLight();
    model.learn();
    input.onProgress?.(0.6 + (0.35 * (round + 1)) / ROUNDS);
  }
  model.classify();
  const { best, sure, strange } = model;
  let covered = 0;
  for (let i = 0; i < n; i++) covered += strange[i];
  if (covered / n > 0.35)
    return refuse(
      'covered',
      combSay('comb.photo.covered', {
        share: { percent: Math.round((covered / n) * 100) },
      }),
    );
  if (model.patchiness(RED) + model.patchiness(BLUE) > VEILED)
    return refuse('glare', combSay('comb.photo.glare'));
  hearNeighbours(lattice, model);
  let sum = 0;
  for (let i = 0; i < n; i++) sum += sure[i];
  if (sum / n < 0.72) return refuse('unsure', combSay('comb.photo.unsure'));
  for (const dab of dabs) best[dab.cell] = classes.indexOf(dab.content);
  const cells = Uint8Array.from(best, (k) => cellOf(classes[k]));
  input.onProgress?.(1);
  return { read: true, cells, sure, meanSure: sum / n, coveredShare: covered / n, cellPx };
}

const word = (c: CellClass): Say => combSay(`comb.content.${c}`);

/**
 * Classes as Gaussians with one shared spread, and a smooth surface of light under brightness and
 * the two colours.
 */
class Model {
  readonly best: Uint8Array;
  readonly sure: Float32Array;
  readonly strange: Uint8Array;
  readonly scores: Float64Array;
  private means: number[][] = [];
  private spread: number[] = [];
  /** Surface of light for brightness and colours: six coefficients of a quadratic each. */
  private readonly light = [0, 1, 2].map(() => new Float64Array(6));
  private readonly basis: Float64Array;

  constructor(
    private readonly lattice: FaceLattice,
    private readonly features: Float64Array,
    private readonly usable: Uint8Array,
    readonly classes: readonly CellClass[],
    private readonly examples: readonly Dab[],
  ) {
    const n = lattice.xMm.length;
    this.best = new Uint8Array(n);
    this.sure = new Float32Array(n);
    this.strange = new Uint8Array(n);
    this.scores = new Float64Array(n * classes.length);
    this.basis = new Float64Array(n * 6);
    const { topWidthMm, depthMm } = lattice.outline;
    for (let i = 0; i < n; i++) {
      const [x, y] = [
        lattice.xMm[i] / (topWidthMm / 2),
        (lattice.yMm[i] - depthMm / 2) / (depthMm / 2),
      ];
      this.basis.set([1, x, y, x * x - 1 / 3, x * y, y * y - 1 / 3], i * 6);
    }
  }

  private lightAt(i: number, f: number): number {
    if (f > 2) return 0;
    let sum = 0;
    for (let k = 1; k < 6; k++) sum += this.light[f][k] * this.basis[i * 6 + k];
    return sum;
  }
  private value(i: number, f: number): number {
    return this.features[i * FEATURES + f] - this.lightAt(i, f);
  }

  learnFromExamples(): void {
    this.means = this.classes.map((c) =>
      this.meanOf(this.examples.filter((d) => d.content === c).map((d) => d.cell)),
    );
    const within = Array.from({ length: FEATURES }, (_, f) => {
      const squares = this.examples.map(
        (d) => (this.value(d.cell, f) - this.means[this.classes.indexOf(d.content)][f]) ** 2,
      );
      return (
        squares.reduce((a, b) => a + b, 0) / Math.max(1, this.examples.length - this.classes.length)
      );
    });
    // Few examples look more alike than the comb is: no spread is taken smaller than light and wax
    // vary by themselves.
    this.spread = within.map((v, f) =>
      Math.max(Math.sqrt(v), [0.14, 0.04, 0.06, 0.28, 0.09, 0.14][f]),
    );
  }
  private meanOf(cells: readonly number[]): number[] {
    return Array.from(
      { length: FEATURES },
      (_, f) => cells.reduce((sum, i) => sum + this.value(i, f), 0) / cells.length,
    );
  }

  closest(): { a: CellClass; b: CellClass; distance: number } | null {
    let found: { a: CellClass; b: CellClass; distance: number } | null = null;
    for (let a = 0; a < this.classes.length; a++)
      for (let b = a + 1; b < this.classes.length; b++) {
        const distance = Math.sqrt(
          this.means[a].reduce(
            (sum, m, f) => sum + ((m - this.means[b][f]) / this.spread[f]) ** 2,
            0,
          ),
        );
        if (!found || distance < found.distance)
          found = { a: this.classes[a], b: this.classes[b], distance };
      }
    return found;
  }

  classify(): void {
    const k = this.classes.length;
    for (let i = 0; i < this.best.length; i++) {
      let [best, nearest] = [0, Infinity];
      for (let c = 0; c < k; c++) {
        let d = 0;
        if (this.usable[i])
          for (let f = 0; f < FEATURES; f++)
            d += Math.min(16, ((this.value(i, f) - this.means[c][f]) / this.spread[f]) ** 2);
        this.scores[i * k + c] = d;
        if (d < nearest) [best, nearest] = [c, d];
      }
      this.best[i] = best;
      this.strange[i] = !this.usable[i] || nearest > STRANGE ? 1 : 0;
      let total = 0;
      for (let c = 0; c < k; c++) total += Math.exp((nearest - this.scores[i * k + c]) / 2);
      this.sure[i] = this.strange[i] ? 0.5 : 1 / total;
    }
  }

  /**
   * Fits the light to what brightness and colour differ from their class, over the cells that are
   * sure.
   */
  fitLight(): void {
    for (let f = 0; f < 3; f++) {
      const [a, b] = [new Float64Array(36), new Float64Array(6)];
      let used = 0;
      for (let i = 0; i < this.best.length; i++) {
        if (this.strange[i] || this.sure[i] < 0.8) continue;
        used++;
        const rest = this.features[i * FEATURES + f] - this.means[this.best[i]][f];
        const phi = this.basis.subarray(i * 6, i * 6 + 6);
        for (let r = 0; r < 6; r++) {
          b[r] += phi[r] * rest;
          for (let c = 0; c < 6; c++) a[r * 6 + c] += phi[r] * phi[c];
        }
      }
      // Held back where few cells speak: a surface is bent only by many.
      for (let r = 0; r < 6; r++) a[r * 6 + r] += (r === 0 ? 1e-6 : 0.02) * Math.max(60, used);
      const solved = solve(a, b, 6);
      if (solved) this.light[f].set(solved);
      // The level belongs to the classes.
      this.light[f][0] = 0;
    }
  }

  /**
   * The largest mean, over a patch of cells, of what is left of a feature once class and light are
   * off; in spreads.
   */
  patchiness(feature: number): number {
    const patches = new Map<number, { sum: number; count: number }>();
    for (let i = 0; i < this.best.length; i++) {
      if (!this.usable[i]) continue;
      const at = this.patchOf(i);
      const patch = patches.get(at) ?? { sum: 0, count: 0 };
      const rest = this.value(i, feature) - this.means[this.best[i]][feature];
      patch.sum += rest / this.spread[feature];
      patch.count++;
      patches.set(at, patch);
    }
    const means = [...patches.values()]
      .filter((patch) => patch.count >= PATCHES.leastCells)
      .map((patch) => Math.abs(patch.sum / patch.count));
    return Math.max(0, ...means);
  }

  private patchOf(i: number): number {
    const { outline, xMm, yMm } = this.lattice;
    const column = Math.floor((xMm[i] / outline.topWidthMm + 0.5) * PATCHES.across);
    const row = Math.floor((yMm[i] / outline.depthMm) * PATCHES.down);
    return row * PATCHES.across + column;
  }

  /**
   * Class means and the shared spread again, from the sure cells, the examples weighing as thirty
   * each.
   */
  learn(): void {
    const squares = new Float64Array(FEATURES);
    let all = 0;
    this.means = this.classes.map((c, at) => {
      const shown = this.examples.filter((d) => d.content === c).map((d) => d.cell);
      const found: number[] = [];
      for (let i = 0; i < this.best.length; i++)
        if (this.best[i] === at && !this.strange[i] && this.sure[i] > 0.9) found.push(i);
      const weightShown = 30 / (30 + found.length / Math.max(1, shown.length));
      const [m0, m1] = [this.meanOf(shown), found.length ? this.meanOf(found) : null];
      const mean = m0.map((m, f) => (m1 ? weightShown * m + (1 - weightShown) * m1[f] : m));
      for (const i of found)
        for (let f = 0; f < FEATURES; f++) squares[f] += (this.value(i, f) - mean[f]) ** 2;
      all += found.length;
      return mean;
    });
    if (all > 50)
      this.spread = this.spread.map((s, f) =>
        Math.max(
          [0.1, 0.03, 0.045, 0.2, 0.07, 0.12][f],
          0.4 * s + 0.6 * Math.sqrt(squares[f] / all),
        ),
      );
  }
}

/**
 * Cells hear their neighbours: a lone cell between six others of one kind is more likely theirs,
 * and a covered one takes theirs. Three rounds.
 */
function hearNeighbours(
  lattice: FaceLattice,
  model: {
    best: Uint8Array;
    strange: Uint8Array;
    scores: Float64Array;
    sure: Float32Array;
    classes: readonly CellClass[];
  },
): void {
  const { best, strange, scores, classes } = model;
  const k = classes.length;
  const around = Array.from(best, (_, i) => neighbours(lattice, i));
  for (let round = 0; round < 4; round++) {
    const before = best.slice();
    for (let i = 0; i < best.length; i++) {
      let [found, lowest] = [best[i], Infinity];
      for (let c = 0; c < k; c++) {
        const agree = around[i].filter((j) => before[j] === c && (!strange[j] || round > 1)).length;
        const energy = (strange[i] ? 0 : scores[i * k + c] / 2) - 0.9 * agree;
        if (energy < lowest) [found, lowest] = [c, energy];
      }
      best[i] = found;
    }
  }
}

/** Solves a small symmetric positive system by Cholesky; null where it is not positive. */
function solve(a: Float64Array, b: Float64Array, n: number): Float64Array | null {
  const l = new Float64Array(n * n);
  for (let r = 0; r < n; r++)
    for (let c = 0; c <= r; c++) {
      let sum = a[r * n + c];
      for (let k = 0; k < c; k++) sum -= l[r * n + k] * l[c * n + k];
      if (r === c && sum <= 0) return null;
      l[r * n + c] = r === c ? Math.sqrt(sum) : sum / l[c * n + c];
    }
  const x = b.slice();
  for (let r = 0; r < n; r++) {
    for (let k = 0; k < r; k++) x[r] -= l[r * n + k] * x[k];
    x[r] /= l[r * n + r];
  }
  for (let r = n - 1; r >= 0; r--) {
    for (let k = r + 1; k < n; k++) x[r] -= l[k * n + r] * x[k];
    x[r] /= l[r * n + r];
  }
  return x;
}
