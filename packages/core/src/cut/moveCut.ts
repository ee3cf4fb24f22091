import type { Say } from '../say/say.js';
import { cutSay } from './says.js';
import { between } from '../units/between.js';
import { FLAW_WORDS } from './board.js';
import { knifeCuts } from './knifeCuts.js';
import type { FlawKind, Rect } from '../records/vocabulary/flaws.js';

/** What a piece may not lie on; with `bars` only pieces of those boxes. */
type Barrier = Rect & { kind: string; bars?: readonly string[] };
type Piece = Rect & { jarKindId?: string };
export interface Moved<P extends Rect> {
  pieces: P[];
  cuts: ReturnType<typeof knifeCuts>;
  says: Say | null;
}

const hits = (a: Rect, b: Rect, kerf = 0): boolean =>
  a.xMm < b.xMm + b.widthMm + kerf - 1e-9 &&
  b.xMm < a.xMm + a.widthMm + kerf - 1e-9 &&
  a.yMm < b.yMm + b.heightMm + kerf - 1e-9 &&
  b.yMm < a.yMm + a.heightMm + kerf - 1e-9;

const lies = (piece: Piece, flaw: Barrier): boolean =>
  hits(piece, flaw) &&
  (!flaw.bars || (piece.jarKindId !== undefined && flaw.bars.includes(piece.jarKindId)));

/** Why a piece cannot lie where a flaw is. */
function whyNotOn(kind: string): Say {
  if (kind === 'thickness') return cutSay('cut.moveCut.there-comb-not-thickness-for');
  if (kind === 'edge') return cutSay('cut.moveCut.there-it-would-lie-on');
  return cutSay('cut.moveCut.flaw-there', { kind: FLAW_WORDS[kind as FlawKind] });
}

/**
 * Moves one piece with the knife that follows it: to the nearest place of the lattice, within the
 * comb. Says what is against it (a flaw, a neighbour, no straight cut frees it) and then leaves
 * everything as it was.
 */
export function movePiece<P extends Piece>(
  board: { widthMm: number; heightMm: number; flaws: readonly Barrier[] },
  kerfMm: number,
  stepMm: number,
  pieces: readonly P[],
  index: number,
  to: { xMm: number; yMm: number },
): Moved<P> {
  const piece = pieces[index];
  const snap = (v: number, most: number): number =>
    between(0, Math.floor(most / stepMm + 1e-9), Math.round(v / stepMm)) * stepMm;
  const moved: P = {
    ...piece,
    xMm: snap(to.xMm, board.widthMm - piece.widthMm),
    yMm: snap(to.yMm, board.heightMm - piece.heightMm),
  };
  const stays = (says: Say): Moved<P> => ({
    pieces: [...pieces],
    cuts: knifeCuts(board, kerfMm, pieces),
    says,
  });
  const flaw = board.flaws.find((f) => lies(moved, f));
  if (flaw) return stays(whyNotOn(flaw.kind));
  if (pieces.some((p, i) => i !== index && hits(moved, p, kerfMm)))
    return stays(cutSay('cut.moveCut.there-it-meets-another-piece'));
  const all = pieces.map((p, i) => (i === index ? moved : p));
  const cuts = knifeCuts(board, kerfMm, all);
  return cuts
    ? { pieces: all, cuts, says: null }
    : stays(cutSay('cut.moveCut.no-straight-cuts-would-free'));
}

/**
 * Moves a line of the knife along the lattice: the pieces behind it (to its right or below, in the
 * part it cuts) go with it; where it only trims, those before it do. Refused like {@link
 * movePiece}, with the reason, where any of them would meet a flaw, a neighbour or the comb's edge.
 */
export function moveCutLine<P extends Piece>(
  board: { widthMm: number; heightMm: number; flaws: readonly Barrier[] },
  kerfMm: number,
  stepMm: number,
  pieces: readonly P[],
  cut: { x1Mm: number; y1Mm: number; x2Mm: number; y2Mm: number },
  byMm: number,
): Moved<P> {
  const upright = cut.x1Mm === cut.x2Mm;
  const delta = Math.round(byMm / stepMm) * stepMm;
  const within = (p: P): boolean =>
    upright
      ? p.yMm + p.heightMm > cut.y1Mm && p.yMm < cut.y2Mm
      : p.xMm + p.widthMm > cut.x1Mm && p.xMm < cut.x2Mm;
  const near = (p: P): boolean =>
    Math.abs(upright ? p.xMm - cut.x1Mm : p.yMm - cut.y1Mm) <= kerfMm + stepMm;
  const far = (p: P): boolean =>
    Math.abs(upright ? p.xMm + p.widthMm - cut.x1Mm : p.yMm + p.heightMm - cut.y1Mm) <=
    kerfMm + stepMm;
  const behind = pieces.flatMap((p, i) => (within(p) && near(p) ? [i] : []));
  const group = behind.length ? behind : pieces.flatMap((p, i) => (within(p) && far(p) ? [i] : []));
  const stays = (says: Say | null): Moved<P> => ({
    pieces: [...pieces],
    cuts: knifeCuts(board, kerfMm, pieces),
    says,
  });
  if (!group.length || delta === 0) return stays(null);
  const all = pieces.map((p, i) =>
    group.includes(i)
      ? { ...p, ...(upright ? { xMm: p.xMm + delta } : { yMm: p.yMm + delta }) }
      : p,
  );
  if (
    group.some(
      (i) =>
        all[i].xMm < 0 ||
        all[i].yMm < 0 ||
        all[i].xMm + all[i].widthMm > board.widthMm + 1e-9 ||
        all[i].yMm + all[i].heightMm > board.heightMm + 1e-9,
    )
  )
    return stays(cutSay('cut.moveCut.there-comb-ends'));
  if (group.some((i) => board.flaws.some((f) => lies(all[i], f))))
    return stays(cutSay('cut.moveCut.there-piece-would-lie-on'));
  if (group.some((i) => all.some((p, j) => j !== i && hits(all[i], p, kerfMm))))
    return stays(cutSay('cut.moveCut.there-it-meets-another-piece'));
  const cuts = knifeCuts(board, kerfMm, all);
  return cuts
    ? { pieces: all, cuts, says: null }
    : stays(cutSay('cut.moveCut.no-straight-cuts-would-free'));
}
