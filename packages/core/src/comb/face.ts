import { BadInput } from '../badInput.js';
import { calcSay } from '../calcSays.js';
import { tableOf } from '../units/known.js';
import { deflateSync, inflateSync } from 'fflate';
import { type Content, CONTENTS } from '../records/vocabulary/comb.js';
import type { Shares, StoredFace } from '../records/vocabulary/combShapes.js';
import { type CombOutline, widthAtMm } from './outline.js';

/**
 * What one cell may hold, in the order of class table 1: its place here is its code. Drone counts
 * as brood, damaged as empty.
 */
export const CELL_CLASSES = [
  'capped',
  'open',
  'pollen',
  'brood',
  'empty',
  'damaged',
  'drone',
] as const;
export type CellClass = (typeof CELL_CLASSES)[number];
/** Tone of the honey in a capped or open cell, a second channel beside the class. */
export const TONES = ['none', 'pale', 'amber', 'dark'] as const;
export type Tone = (typeof TONES)[number];
/** The class each counts as in shares and estimates. */
export const COUNTS_AS: Record<CellClass, Content> = {
  capped: 'capped',
  open: 'open',
  pollen: 'pollen',
  brood: 'brood',
  empty: 'empty',
  damaged: 'empty',
  drone: 'brood',
};

/** Cells across the flats of a worker comb, mm; a fact of the colony, 4.9 to 5.5 (SCIENCE 7). */
export const CELL_MM = 5.3;

export interface FaceLattice {
  pitchMm: number;
  outline: CombOutline;
  /** Middle of each cell, mm right of the bar's middle and below the bar, row by row. */
  xMm: Float32Array;
  yMm: Float32Array;
  /** First cell of each row, with the number of cells at the end. */
  rowStart: number[];
}

/**
 * Half the width of a face at a depth below the bar, mm: the outline with its lower corners rounded
 * as bees leave them.
 */
export function faceHalfWidthMm(outline: CombOutline, yMm: number): number {
  const t = yMm / outline.depthMm;
  const half = widthAtMm(outline, t) / 2;
  return t > 0.88 ? half * Math.sqrt(Math.max(0, 1 - ((t - 0.88) / 0.15) ** 2)) : half;
}

/**
 * The cells of one face at real size: a point-up grid of `pitchMm` (4 to 8 mm) within the outline,
 * the same to the left and right of the bar's middle. The lower corners are rounded as bees leave
 * them.
 */
export function faceLattice(outline: CombOutline, pitchMm = CELL_MM): FaceLattice {
  const step = pitchMm * 0.866;
  const [xMm, yMm, rowStart]: [number[], number[], number[]] = [[], [], []];
  for (let row = 0, y = step * 0.62; y < outline.depthMm - 1; row++, y += step) {
    const half = faceHalfWidthMm(outline, y);
    rowStart.push(xMm.length);
    const offset = row % 2 ? 0.5 : 0;
    const n = Math.floor((half - pitchMm * 0.45) / pitchMm - offset);
    for (let k = -n - (row % 2 ? 1 : 0); k <= n; k++) {
      xMm.push((k + offset) * pitchMm);
      yMm.push(y);
    }
  }
  rowStart.push(xMm.length);
  return { pitchMm, outline, xMm: Float32Array.from(xMm), yMm: Float32Array.from(yMm), rowStart };
}

export const cellCount = (lattice: FaceLattice): number => lattice.xMm.length;
export const classOf = (cell: number): CellClass => CELL_CLASSES[cell & 7] ?? 'empty';
export const toneOf = (cell: number): Tone => TONES[(cell >> 3) & 3];
export const cellOf = (content: CellClass, tone: Tone = 'none'): number =>
  CELL_CLASSES.indexOf(content) | (TONES.indexOf(tone) << 3);

/** The cell nearest to a point on the face in mm, or -1 where none is within one pitch. */
export function cellAt(lattice: FaceLattice, xMm: number, yMm: number): number {
  const step = lattice.pitchMm * 0.866;
  const middle = Math.round(yMm / step - 0.62);
  let [best, bestD] = [-1, lattice.pitchMm ** 2];
  for (const row of [middle - 1, middle, middle + 1]) {
    if (row < 0 || row >= lattice.rowStart.length - 1) continue;
    const [from, to] = [lattice.rowStart[row], lattice.rowStart[row + 1]];
    if (from === to) continue;
    const guess = from + Math.round((xMm - lattice.xMm[from]) / lattice.pitchMm);
    for (let i = Math.max(from, guess - 1); i <= Math.min(to - 1, guess + 1); i++) {
      const d = (lattice.xMm[i] - xMm) ** 2 + (lattice.yMm[i] - yMm) ** 2;
      if (d < bestD) [best, bestD] = [i, d];
    }
  }
  return best;
}

/**
 * Cells whose middle lies within `radiusMm` of a point: what a brush of that size paints. At least
 * the one beneath it.
 */
export function cellsWithin(
  lattice: FaceLattice,
  xMm: number,
  yMm: number,
  radiusMm: number,
): number[] {
  const found: number[] = [];
  const step = lattice.pitchMm * 0.866;
  const rows = lattice.rowStart.length - 1;
  for (
    let row = Math.max(0, Math.floor((yMm - radiusMm) / step - 0.62));
    row < Math.min(rows, Math.ceil((yMm + radiusMm) / step - 0.62) + 1);
    row++
  ) {
    const [from, to] = [lattice.rowStart[row], lattice.rowStart[row + 1]];
    if (from === to) continue;
    const first = Math.max(
      from,
      from + Math.floor((xMm - radiusMm - lattice.xMm[from]) / lattice.pitchMm),
    );
    for (let i = first; i < to && lattice.xMm[i] <= xMm + radiusMm; i++) {
      if ((lattice.xMm[i] - xMm) ** 2 + (lattice.yMm[i] - yMm) ** 2 <= radiusMm ** 2) found.push(i);
    }
  }
  if (!found.length) {
    const one = cellAt(lattice, xMm, yMm);
    if (one >= 0) found.push(one);
  }
  return found;
}

/** The up to six cells around a cell. */
export function neighbours(lattice: FaceLattice, i: number): number[] {
  const p = lattice.pitchMm;
  const around: [number, number][] = [
    [-p, 0],
    [p, 0],
    [-p / 2, -p * 0.866],
    [p / 2, -p * 0.866],
    [-p / 2, p * 0.866],
    [p / 2, p * 0.866],
  ];
  return around.flatMap(([dx, dy]) => {
    const found = cellAt(lattice, lattice.xMm[i] + dx, lattice.yMm[i] + dy);
    const near =
      found >= 0 &&
      found !== i &&
      Math.hypot(lattice.xMm[found] - lattice.xMm[i], lattice.yMm[found] - lattice.yMm[i]) <
        p * 1.2;
    return near ? [found] : [];
  });
}

/** All cells of one class that hang together with `start`: what 'fill' paints. */
export function patchOf(lattice: FaceLattice, cells: Uint8Array, start: number): number[] {
  const wanted = cells[start];
  const seen = new Uint8Array(cells.length);
  const queue = [start];
  seen[start] = 1;
  for (let head = 0; head < queue.length; head++) {
    for (const next of neighbours(lattice, queue[head])) {
      if (!seen[next] && cells[next] === wanted) {
        seen[next] = 1;
        queue.push(next);
      }
    }
  }
  return queue;
}

/**
 * The face as it is seen from the other side of the comb: left and right change places, depth
 * stays.
 */
export function mirrorFace(lattice: FaceLattice, cells: Uint8Array): Uint8Array {
  const mirrored = new Uint8Array(cells.length);
  for (let row = 0; row < lattice.rowStart.length - 1; row++) {
    const [from, to] = [lattice.rowStart[row], lattice.rowStart[row + 1]];
    for (let i = from; i < to; i++) mirrored[i] = cells[from + to - 1 - i];
  }
  return mirrored;
}

/** Shares of what the cells hold; damaged counts as empty, drone as brood. */
export function faceShares(cells: Uint8Array): Shares {
  const counts: Record<Content, number> = { capped: 0, open: 0, pollen: 0, brood: 0, empty: 0 };
  for (const cell of cells) counts[COUNTS_AS[classOf(cell)]]++;
  const all = Math.max(1, cells.length);
  return tableOf(CONTENTS, (content) => counts[content] / all);
}

/** Smooth reproducible noise in 0 to 1 for the uneven front between bands. */
function unevenness(x: number, y: number, seed: number): number {
  const at = (ix: number, iy: number): number => {
    let h = (ix * 374761393 + iy * 668265263 + seed * 2147483647) | 0;
    h = Math.imul(h ^ (h >>> 13), 1274126177);
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
  };
  const [xi, yi] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [(x - xi) ** 2 * (3 - 2 * (x - xi)), (y - yi) ** 2 * (3 - 2 * (y - yi))];
  const [a, b, c, d] = [at(xi, yi), at(xi + 1, yi), at(xi, yi + 1), at(xi + 1, yi + 1)];
  return a + (b - a) * u + (c - a) * v + (a - b - c + d) * u * v;
}

/**
 * Cells in the order bees fill a comb: honey at the bar and the edges first, the lower middle last.
 */
export function fillOrder(lattice: FaceLattice, seed: number): Uint32Array {
  const { outline, xMm, yMm } = lattice;
  const score = Float64Array.from(xMm, (x, i) => {
    const t = yMm[i] / outline.depthMm;
    const off = Math.abs(x) / Math.max(1, widthAtMm(outline, t) / 2);
    return (
      t -
      0.1 * off * off +
      0.13 * (unevenness(x / 52 + 9, yMm[i] / 44, seed) - 0.5) +
      0.05 * (unevenness(x / 11, yMm[i] / 11, seed + 5) - 0.5)
    );
  });
  return Uint32Array.from(xMm.keys()).sort((a, b) => score[a] - score[b]);
}

/** Cells as bands of these shares lie in a comb, for a face of which only the shares are known. */
export function bandCells(order: Uint32Array, shares: Shares): Uint8Array {
  const cells = new Uint8Array(order.length).fill(cellOf('empty'));
  let [from, sum] = [0, 0];
  for (const content of CONTENTS) {
    sum += shares[content];
    const to =
      content === 'empty' ? order.length : Math.min(order.length, Math.round(sum * order.length));
    for (let k = from; k < to; k++) cells[order[k]] = cellOf(content);
    from = Math.max(from, to);
  }
  return cells;
}

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';
function toText(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += 3) {
    const n = (bytes[i] << 16) | ((bytes[i + 1] ?? 0) << 8) | (bytes[i + 2] ?? 0);
    text +=
      ALPHABET[n >> 18] +
      ALPHABET[(n >> 12) & 63] +
      (i + 1 < bytes.length ? ALPHABET[(n >> 6) & 63] : '=') +
      (i + 2 < bytes.length ? ALPHABET[n & 63] : '=');
  }
  return text;
}
function fromText(text: string): Uint8Array {
  const clean = text.replace(/=+$/, '');
  const bytes = new Uint8Array(Math.floor((clean.length * 3) / 4));
  for (let i = 0, at = 0; i < clean.length; i += 4) {
    const n = [0, 1, 2, 3].reduce(
      (sum, k) => (sum << 6) | Math.max(0, ALPHABET.indexOf(clean[i + k] ?? 'A')),
      0,
    );
    for (const byte of [n >> 16, (n >> 8) & 255, n & 255])
      if (at < bytes.length) bytes[at++] = byte;
  }
  return bytes;
}

/** Packs the cells of a face for keeping. */
export function packFace(lattice: FaceLattice, cells: Uint8Array): StoredFace {
  return {
    pitchMm: lattice.pitchMm,
    outline: { ...lattice.outline },
    classTable: 1,
    packed: toText(deflateSync(cells, { level: 9 })),
  };
}

/**
 * Unpacks a kept face.
 *
 * @throws {BadInput} where the cells do not belong to the lattice it names.
 */
export function unpackFace(face: StoredFace): { lattice: FaceLattice; cells: Uint8Array } {
  const lattice = faceLattice(face.outline, face.pitchMm);
  let cells: Uint8Array;
  try {
    cells = inflateSync(fromText(face.packed), { out: new Uint8Array(cellCount(lattice) + 1) });
  } catch {
    throw new BadInput(calcSay('calc.face-unreadable'));
  }
  if (cells.length !== cellCount(lattice))
    throw new BadInput(
      calcSay('calc.face-cells', { cells: cells.length, outline: cellCount(lattice) }),
    );
  for (const cell of cells)
    if ((cell & 7) >= CELL_CLASSES.length || cell >> 5)
      throw new BadInput(calcSay('calc.cell-unknown'));
  return { lattice, cells: cells.slice() };
}

/**
 * Cells of an earlier face laid on the lattice of a later one, compared in mm; 255 where the
 * earlier one did not reach.
 */
export function layOver(
  earlier: { lattice: FaceLattice; cells: Uint8Array },
  lattice: FaceLattice,
): Uint8Array {
  return Uint8Array.from(lattice.xMm, (x, i) => {
    const at = cellAt(earlier.lattice, x, lattice.yMm[i]);
    return at < 0 ? 255 : earlier.cells[at];
  });
}
