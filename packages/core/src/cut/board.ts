import type { Say } from '../say/say.js';
import { cutSay } from './says.js';
import { cellAt, classOf, faceHalfWidthMm, type FaceLattice, toneOf } from '../comb/face.js';
import { bandEdges } from '../comb/contents.js';
import { CONTENTS } from '../records/vocabulary/comb.js';
import type { Shares } from '../records/vocabulary/combShapes.js';
import { type CombOutline, depthOfAreaShare } from '../comb/outline.js';
import { STEP_MM } from './cutPlan.js';
import { type Flaw, FLAW_KINDS, type FlawKind, type Rect } from '../records/vocabulary/flaws.js';

export const FLAW_WORDS: Record<FlawKind, Say> = {
  edge: cutSay('cut.board.outside-comb'),
  open: cutSay('cut.board.open-cells'),
  pollen: cutSay('cut.board.pollen'),
  brood: cutSay('cut.board.brood'),
  empty: cutSay('cut.board.empty-cells'),
  damaged: cutSay('cut.board.torn-or-ragged'),
  dark: cutSay('cut.board.dark-comb'),
  crack: cutSay('cut.board.crack'),
  dent: cutSay('cut.board.dent'),
  wire: cutSay('cut.board.wire-or-bar'),
  thin: cutSay('cut.board.too-thin'),
  thickness: cutSay('cut.board.another-thickness'),
};
/** Flaws a person draws. */
export const DRAWN_FLAWS = [
  'crack',
  'dent',
  'damaged',
  'wire',
  'thickness',
  'pollen',
  'brood',
  'open',
  'dark',
] as const satisfies readonly FlawKind[];
/** A face as it was painted or measured; its cells by the lattice they were read on. */
export interface SeenFace {
  lattice: FaceLattice;
  cells: Uint8Array;
}
export interface SeenSide {
  face: SeenFace | null;
  shares: Shares | null;
}

/**
 * Which flaws spoil a piece by the mere sight, whatever their size: the others count from a patch
 * on.
 */
const ALWAYS: ReadonlySet<FlawKind> = new Set(['edge', 'brood', 'damaged']);

/** What the cell of one face at a point is for the knife; null where it is sealed honey. */
function flawOfCell(
  side: SeenSide,
  outline: CombOutline,
  xMm: number,
  yMm: number,
  mirrored: boolean,
): FlawKind | null {
  if (side.face) {
    const i = cellAt(side.face.lattice, mirrored ? -xMm : xMm, yMm);
    if (i < 0) return null;
    const what = classOf(side.face.cells[i]);
    if (what === 'capped') return toneOf(side.face.cells[i]) === 'dark' ? 'dark' : null;
    return what === 'drone' ? 'brood' : what;
  }
  if (!side.shares) return null;
  const depth = yMm / outline.depthMm;
  const edges = bandEdges(side.shares).map((edge) => depthOfAreaShare(outline, edge));
  const band = CONTENTS.findIndex((_, i) => depth < edges[i + 1] - 1e-9);
  const content = CONTENTS[band < 0 ? CONTENTS.length - 1 : band];
  return content === 'capped' ? null : content;
}

/**
 * Squares of one kind joined to as few rectangles as rows allow: runs along a row, then equal runs
 * below each other.
 */
export function joinedSquares(
  kind: FlawKind,
  bad: readonly boolean[][],
  stepMm: number,
  widthMm: number,
  heightMm: number,
): Flaw[] {
  const open = new Map<string, Flaw>();
  const done: Flaw[] = [];
  bad.forEach((row, r) => {
    const here = new Set<string>();
    for (let c = 0; c < row.length; c++) {
      if (!row[c]) continue;
      const from = c;
      while (c + 1 < row.length && row[c + 1]) c++;
      const key = `${from}-${c}`;
      here.add(key);
      const [x, y] = [from * stepMm, r * stepMm];
      const bottom = Math.min(heightMm, y + stepMm);
      const above = open.get(key);
      if (above) above.heightMm = bottom - above.yMm;
      else
        open.set(key, {
          kind,
          xMm: x,
          yMm: y,
          widthMm: Math.min(widthMm, (c + 1) * stepMm) - x,
          heightMm: bottom - y,
        });
    }
    for (const [key, flaw] of open)
      if (!here.has(key)) {
        done.push(flaw);
        open.delete(key);
      }
  });
  return [...done, ...open.values()];
}

/** Patches of bad squares (touching along a side) smaller than so many are let go. */
function withoutSmall(bad: boolean[][], least: number): void {
  const seen = bad.map((row) => row.map(() => false));
  for (let r = 0; r < bad.length; r++)
    for (let c = 0; c < bad[r].length; c++) {
      if (!bad[r][c] || seen[r][c]) continue;
      const patch: [number, number][] = [[r, c]];
      seen[r][c] = true;
      for (let head = 0; head < patch.length; head++) {
        const [pr, pc] = patch[head];
        for (const [nr, nc] of [
          [pr - 1, pc],
          [pr + 1, pc],
          [pr, pc - 1],
          [pr, pc + 1],
        ]) {
          if (bad[nr]?.[nc] && !seen[nr][nc]) {
            seen[nr][nc] = true;
            patch.push([nr, nc]);
          }
        }
      }
      if (patch.length < least) for (const [pr, pc] of patch) bad[pr][pc] = false;
    }
}

export interface Board {
  widthMm: number;
  heightMm: number;
  flaws: Flaw[];
  seen: 'both' | 'one' | 'none';
}

/**
 * A comb laid on the board, side A up, as the knife sees it: its rectangle, and everything on
 * either side that must not be on a piece. Painted faces are read on the lattice of the knife;
 * where only shares are known their bands from the bar down are flaws. Side B is turned over.
 * Patches under `leastCm2` are let go, but never brood or damage. A side that was not seen adds
 * nothing, and `seen` says so.
 */
export function boardOf(input: {
  outline: CombOutline;
  sides: { A: SeenSide; B: SeenSide };
  leastCm2: number;
  stepMm?: number;
}): Board {
  const { outline, sides, stepMm = STEP_MM } = input;
  const [widthMm, heightMm] = [
    Math.max(outline.topWidthMm, outline.bottomWidthMm),
    outline.depthMm,
  ];
  const [columns, rows] = [Math.ceil(widthMm / stepMm), Math.ceil(heightMm / stepMm)];
  const kinds: (FlawKind | null)[][] = Array.from({ length: rows }, () =>
    Array.from({ length: columns }, () => null),
  );
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      const [top, bottom] = [r * stepMm, Math.min(heightMm, (r + 1) * stepMm)];
      const [left, right] = [
        c * stepMm - widthMm / 2,
        Math.min(widthMm, (c + 1) * stepMm) - widthMm / 2,
      ];
      const half = Math.min(faceHalfWidthMm(outline, top), faceHalfWidthMm(outline, bottom - 0.5));
      if (left < -half - 1 || right > half + 1) {
        kinds[r][c] = 'edge';
        continue;
      }
      const [x, y] = [(left + right) / 2, (top + bottom) / 2];
      kinds[r][c] =
        flawOfCell(sides.A, outline, x, y, false) ?? flawOfCell(sides.B, outline, x, y, true);
    }
  const seen = [sides.A, sides.B].filter((s) => s.face || s.shares).length;
  const least = Math.max(1, Math.round((input.leastCm2 * 100) / stepMm ** 2));
  const any = kinds.map((row) => row.map((kind) => kind !== null && !ALWAYS.has(kind)));
  withoutSmall(any, least);
  const flaws = FLAW_KINDS.flatMap((kind) =>
    joinedSquares(
      kind,
      kinds.map((row, r) => row.map((k, c) => k === kind && (ALWAYS.has(kind) || any[r][c]))),
      stepMm,
      widthMm,
      heightMm,
    ),
  );
  return { widthMm, heightMm, flaws, seen: (['none', 'one', 'both'] as const)[seen] };
}

/**
 * Area of the board that is free of flaws, cm²: what could at most become pieces. Flaws may overlap
 * each other.
 */
export function freeCm2(
  board: Pick<Board, 'widthMm' | 'heightMm'> & { flaws: readonly (Rect & { kind?: string })[] },
  stepMm = STEP_MM,
): number {
  const flaws = board.flaws.filter((f) => f.kind !== 'thickness');
  let free = 0;
  for (let y = 0; y < board.heightMm; y += stepMm)
    for (let x = 0; x < board.widthMm; x += stepMm) {
      const [w, h] = [Math.min(stepMm, board.widthMm - x), Math.min(stepMm, board.heightMm - y)];
      if (
        !flaws.some(
          (f) =>
            f.xMm < x + w - 1e-9 &&
            x < f.xMm + f.widthMm - 1e-9 &&
            f.yMm < y + h - 1e-9 &&
            y < f.yMm + f.heightMm - 1e-9,
        )
      )
        free += (w * h) / 100;
    }
  return free;
}

/**
 * Which side of a piece is the better one to lie up: the one with fewer cells that are not sealed
 * (small patches that are let pass, dark ones too). Null where either side was not seen, or both
 * are alike within a hundredth.
 */
export function bestSideUp(
  outline: CombOutline,
  sides: { A: SeenSide; B: SeenSide },
  piece: Rect,
  stepMm = STEP_MM,
): 'A' | 'B' | null {
  if (![sides.A, sides.B].every((s) => s.face || s.shares)) return null;
  const half = Math.max(outline.topWidthMm, outline.bottomWidthMm) / 2;
  let [a, b, all] = [0, 0, 0];
  for (let y = piece.yMm + stepMm / 2; y < piece.yMm + piece.heightMm; y += stepMm)
    for (let x = piece.xMm + stepMm / 2; x < piece.xMm + piece.widthMm; x += stepMm) {
      all++;
      if (flawOfCell(sides.A, outline, x - half, y, false)) a++;
      if (flawOfCell(sides.B, outline, x - half, y, true)) b++;
    }
  if (all === 0 || Math.abs(a - b) / all < 0.01) return null;
  return a < b ? 'A' : 'B';
}
