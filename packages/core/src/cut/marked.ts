import type { z } from 'zod';
import type {
  changeCutBoardSchema,
  changeCutPieceSchema,
  NewCutBoard,
  PlanCut,
} from '../records/cut.js';
import type { HouseRules } from '../records/houseRules.js';
import type { BatchDetail, CutBoard, CutPiece, JarKindRecord } from '../records/views.js';
import type { Grade } from '../records/vocabulary/pieces.js';
import { gradePiece } from './grade.js';
import { cutSay } from './says.js';

/** What is said of a board, and of a piece: what is not said stays. */
export type BoardChange = z.output<typeof changeCutBoardSchema>;
export type PieceChange = z.output<typeof changeCutPieceSchema>;
/** What the box a piece is cut for asks of it, and what it brings. */
type Box = Pick<JarKindRecord, 'minG' | 'maxG' | 'value'>;

/**
 * Grade and price of a piece by the rule, from what is seen and weighed now. `own` is another grade
 * by the person's own eye. A piece that is only planned has none.
 */
export function gradedPiece(
  piece: Pick<CutPiece, 'blemishes' | 'netG' | 'state'>,
  box: Box,
  rules: HouseRules,
  own: Grade | undefined,
): Pick<CutPiece, 'grade' | 'price' | 'reason'> {
  if (piece.state === 'planned') return { grade: null, price: null, reason: null };
  const blemishes: CutPiece['blemishes'] =
    piece.state === 'cracked' ? ['cracked', ...piece.blemishes] : piece.blemishes;
  const { minG, maxG, value } = box;
  const found = gradePiece({ blemishes, netG: piece.netG, minG, maxG, price: value, rules });
  if (!own || own === found.grade) return found;
  const discounted = Math.round(value * (100 - rules.pieceDiscountPercent)) / 100;
  const prices: Partial<Record<Grade, number>> = { premium: value, discount: discounted };
  return {
    grade: own,
    price: prices[own] ?? 0,
    reason: cutSay('cut.grade.by-your-own-eye', { reason: found.reason }),
  };
}

/** A comb as it is laid on the board: nothing is planned on it yet. */
export const boardLaid = (payload: NewCutBoard): Omit<CutBoard, 'revision'> => ({
  ...payload,
  ...{ cuts: [], cutsDone: 0, value: null, provenOptimal: false, possiblePieces: null },
  ...{ spoilt: null, doneAt: null },
});

/** A piece of a plan, before anything came of it. */
export const piecePlanned = (
  piece: PlanCut['pieces'][number],
  { id: boardId, batchId }: Pick<CutBoard, 'id' | 'batchId'>,
): Omit<CutPiece, 'revision'> => ({
  ...piece,
  ...{ boardId, batchId, state: 'planned', blemishes: [] },
  ...{ netG: null, grade: null, price: null, reason: null, lotId: null },
});

/** What of a board changes. The house writes this, and a device shows it before the house answers. */
export const boardChanged = ({ done, ...changes }: BoardChange, at: string): Partial<CutBoard> => ({
  ...changes,
  ...(done === undefined ? {} : { doneAt: done ? at : null }),
});

/** What of a piece changes, its grade and price with it. */
export const pieceChanged = (
  piece: CutPiece,
  { grade, ...changes }: PieceChange,
  box: Box,
  rules: HouseRules,
): Partial<CutPiece> => ({
  ...changes,
  ...gradedPiece({ ...piece, ...changes }, box, rules, grade),
});

/** The boxes pieces are cut for, and the rules they are graded by. */
export interface GradedBy {
  jars: readonly JarKindRecord[];
  rules: HouseRules;
}
const changedPiece = (piece: CutPiece, change: PieceChange, by: GradedBy): CutPiece => {
  const box = by.jars.find(({ id }) => id === piece.jarKindId);
  return box ? { ...piece, ...pieceChanged(piece, change, box, by.rules) } : piece;
};

/** A harvest with a comb that was laid on the board on the device. */
export const withBoardLaid = (detail: BatchDetail, payload: NewCutBoard): BatchDetail =>
  detail.boards.some(({ combId }) => combId === payload.combId)
    ? detail
    : { ...detail, boards: [...detail.boards, { ...boardLaid(payload), revision: 0 }] };

/**
 * A harvest with a board's plan as it is on the device: what was only planned and is not in it any
 * more leaves the plan, what was cut or cracked stays as it is.
 */
export function withPlanKept(
  detail: BatchDetail,
  boardId: string,
  { pieces, ...plan }: PlanCut,
): BatchDetail {
  const board = detail.boards.find(({ id }) => id === boardId);
  if (!board) return detail;
  const planned = new Map(pieces.map((piece) => [piece.id, piece]));
  const there = detail.pieces.flatMap((piece) => {
    if (piece.boardId !== boardId || piece.state !== 'planned') return [piece];
    const now = planned.get(piece.id);
    return now ? [{ ...piece, ...now }] : [];
  });
  const known = new Set(there.map(({ id }) => id));
  const fresh = pieces.flatMap((piece) =>
    known.has(piece.id) ? [] : [{ ...piecePlanned(piece, board), revision: 0 }],
  );
  return {
    ...detail,
    boards: detail.boards.map((each) => (each.id === boardId ? { ...each, ...plan } : each)),
    pieces: [...there, ...fresh],
  };
}

/**
 * A harvest with a board as it is on the device: cuts that were made, flaws, spoilt comb. The last
 * cut frees every piece that was planned; on a spoilt comb none will be made.
 */
export function withBoardChanged(
  detail: BatchDetail,
  boardId: string,
  change: BoardChange,
  at: string,
  by: GradedBy,
): BatchDetail {
  if (!detail.boards.some(({ id }) => id === boardId)) return detail;
  const isPlanned = (piece: CutPiece): boolean =>
    piece.boardId === boardId && piece.state === 'planned';
  const freed = detail.pieces.map((piece) =>
    change.done && isPlanned(piece) ? changedPiece(piece, { state: 'cut' }, by) : piece,
  );
  return {
    ...detail,
    boards: detail.boards.map((board) =>
      board.id === boardId ? { ...board, ...boardChanged(change, at) } : board,
    ),
    pieces: change.spoilt ? freed.filter((piece) => !isPlanned(piece)) : freed,
  };
}

/** A harvest with a piece as it is on the device: cracked, looked at, weighed, graded. */
export const withPieceChanged = (
  detail: BatchDetail,
  pieceId: string,
  change: PieceChange,
  by: GradedBy,
): BatchDetail =>
  detail.pieces.some(({ id }) => id === pieceId)
    ? {
        ...detail,
        pieces: detail.pieces.map((piece) =>
          piece.id === pieceId ? changedPiece(piece, change, by) : piece,
        ),
      }
    : detail;
