import type { Say } from '../say/say.js';
import { cutSay } from './says.js';
import { entryOf } from '../units/known.js';
import type { Range } from '../units/format.js';
import { joinedSquares } from './board.js';
import type { Flaw, Rect } from '../records/vocabulary/flaws.js';
import { type CombDefect, STEP_MM } from './cutPlan.js';
import { boxFit, type CombBox, pieceG } from './pieces.js';

/**
 * A board as the knife asks its thickness: of the comb, and of the regions that were measured
 * apart.
 */
export interface ThickBoard {
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
  flaws: readonly Flaw[];
}

const regionsOf = (board: Pick<ThickBoard, 'flaws'>): (Flaw & { thicknessMm: number })[] =>
  board.flaws.filter(
    (f): f is Flaw & { thicknessMm: number } =>
      f.kind === 'thickness' && f.thicknessMm !== undefined,
  );

/** Thickness at one point of a comb, mm: of the region drawn last, else the comb's own. */
function thicknessAt(board: ThickBoard, xMm: number, yMm: number): number {
  return (
    regionsOf(board).findLast(
      (r) => xMm >= r.xMm && xMm < r.xMm + r.widthMm && yMm >= r.yMm && yMm < r.yMm + r.heightMm,
    )?.thicknessMm ?? board.thicknessMm
  );
}

/** Mean thickness of a piece by area, mm, for its weight: looked up on the knife's lattice. */
export function pieceThicknessMm(board: ThickBoard, piece: Rect, stepMm = STEP_MM): number {
  if (!regionsOf(board).length) return board.thicknessMm;
  let [sum, n] = [0, 0];
  for (let y = piece.yMm + stepMm / 2; y < piece.yMm + piece.heightMm; y += stepMm)
    for (let x = piece.xMm + stepMm / 2; x < piece.xMm + piece.widthMm; x += stepMm) {
      sum += thicknessAt(board, x, y);
      n++;
    }
  return n ? sum / n : thicknessAt(board, piece.xMm, piece.yMm);
}

/**
 * Why comb of a thickness does not make a piece for a box; null where it does. It must close over
 * it, its expected weight must not miss the window of the box as a whole range, and where no least
 * weight says it, it must not lie lost in its box. Takes mm; the sentence names what spoke.
 */
export function unfitFor(box: CombBox, thicknessMm: number): Say | null {
  if (box.purpose === 'piece' && boxFit(thicknessMm, box.depthMm) === 'too-thick')
    return cutSay('cut.thickness.thick-its-box-deep', {
      thicknessMm: { lengthMm: thicknessMm },
      depthMm: { lengthMm: box.depthMm! },
    });
  const g: Range = pieceG({
    widthMm: box.widthMm,
    heightMm: box.heightMm,
    shape: box.shape,
    thicknessMm,
  });
  const range = {
    massG: { low: Math.round(g.low / 10) * 10, high: Math.round(g.high / 10) * 10 },
    as: 'estimate' as const,
  };
  if (box.minG !== null && g.high < box.minG)
    return cutSay('cut.thickness.it-would-weigh-under-its', {
      range,
      minG: { massG: box.minG, as: 'read' },
    });
  if (box.maxG !== null && g.low > box.maxG)
    return cutSay('cut.thickness.it-would-weigh-over-its', {
      range,
      maxG: { massG: box.maxG, as: 'read' },
    });
  if (box.purpose === 'piece' && box.minG === null && boxFit(thicknessMm, box.depthMm) === 'low')
    return cutSay('cut.thickness.thick-low-in-box-deep', {
      thicknessMm: { lengthMm: thicknessMm },
      depthMm: { lengthMm: box.depthMm! },
    });
  return null;
}

/**
 * What the knife must keep off: the flaws as they are, and for each box the places whose thickness
 * does not suit it ({@link unfitFor}), which bar only that box. Boxes in `allTheSame` are cut
 * wherever there is no flaw.
 */
export function knifeDefects(
  board: ThickBoard,
  boxes: readonly CombBox[],
  allTheSame: ReadonlySet<string> = new Set(),
  stepMm = STEP_MM,
): CombDefect[] {
  const flaws: CombDefect[] = board.flaws.filter((f) => f.kind !== 'thickness');
  const asked = boxes.filter((b) => !allTheSame.has(b.id));
  const [columns, rows] = [Math.ceil(board.widthMm / stepMm), Math.ceil(board.heightMm / stepMm)];
  const at = Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (_, c) =>
      thicknessAt(board, (c + 0.5) * stepMm, (r + 0.5) * stepMm),
    ),
  );
  const fits = new Map<string, boolean>();
  const unfit = (box: CombBox, mm: number): boolean => {
    const key = `${box.id}/${mm}`;
    if (!fits.has(key)) fits.set(key, unfitFor(box, mm) === null);
    return !entryOf(fits, key);
  };
  const byPlaces = new Map<string, { bars: string[]; bad: boolean[][] }>();
  for (const box of asked) {
    const bad = at.map((row) => row.map((mm) => unfit(box, mm)));
    const key = bad.map((row) => row.map(Number).join('')).join();
    if (byPlaces.has(key)) entryOf(byPlaces, key).bars.push(box.id);
    else byPlaces.set(key, { bars: [box.id], bad });
  }
  return [
    ...flaws,
    ...[...byPlaces.values()].flatMap(({ bars, bad }) =>
      joinedSquares('thickness', bad, stepMm, board.widthMm, board.heightMm).map(
        (f): CombDefect => ({ ...f, bars }),
      ),
    ),
  ];
}
