import { knifeCuts, type Rect } from './knifeCuts.js';

export interface Moved<P extends Rect> { pieces: P[]; cuts: ReturnType<typeof knifeCuts>; says: string | null }

const hits = (a: Rect, b: Rect, kerf = 0): boolean => a.xMm < b.xMm + b.widthMm + kerf - 1e-9 && b.xMm < a.xMm + a.widthMm + kerf - 1e-9 && a.yMm < b.yMm + b.heightMm + kerf - 1e-9 && b.yMm < a.yMm + a.heightMm + kerf - 1e-9;

/**
 * Moves one piece with the knife that follows it: to the nearest place of the lattice, within the comb. Says what is
 * against it (a flaw, a neighbour, no straight cut frees it) and then leaves everything as it was.
 */
export function movePiece<P extends Rect>(board: { widthMm: number; heightMm: number; flaws: readonly (Rect & { kind: string })[] }, kerfMm: number, stepMm: number, pieces: readonly P[], index: number, to: { xMm: number; yMm: number }): Moved<P> {
  const piece = pieces[index];
  const snap = (v: number, most: number): number => Math.min(Math.floor(most / stepMm + 1e-9), Math.max(0, Math.round(v / stepMm))) * stepMm;
  const moved: P = { ...piece, xMm: snap(to.xMm, board.widthMm - piece.widthMm), yMm: snap(to.yMm, board.heightMm - piece.heightMm) };
  const stays = (says: string): Moved<P> => ({ pieces: [...pieces], cuts: knifeCuts(board, kerfMm, pieces), says });
  const flaw = board.flaws.find((f) => hits(moved, f));
  if (flaw) return stays(`There it would lie on ${flaw.kind === 'edge' ? 'the edge of the comb' : `a flaw: ${flaw.kind}`}.`);
  if (pieces.some((p, i) => i !== index && hits(moved, p, kerfMm))) return stays('There it meets another piece.');
  const all = pieces.map((p, i) => (i === index ? moved : p));
  const cuts = knifeCuts(board, kerfMm, all);
  return cuts ? { pieces: all, cuts, says: null } : stays('No straight cuts would free the pieces then.');
}
