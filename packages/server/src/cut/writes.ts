import { houseSay } from '@furrow/words';
import {
  boardChanged,
  boardLaid,
  pieceChanged,
  piecePlanned,
  type Batch,
  type CutBoard,
  type CutPiece,
  type PieceChange,
  type PlanCut,
} from '@furrow/core';
import { conflict, refused } from '../problem.js';
import { find, list } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';

export async function openBatch(unit: UnitOfWork, id: string): Promise<Batch> {
  const batch = await batchView(unit.db, id);
  if (batch.closedAt) throw conflict('closed', houseSay('refusal.this-harvest-closed'));
  return batch;
}
const boardOf = (unit: UnitOfWork, id: string): Promise<CutBoard> =>
  find(unit.db, 'cutBoards', id, 'board');

/**
 * A board's plan as it stands now: pieces that are not in it any more leave the plan, those cut or
 * packed never do.
 */
async function keepPlan(unit: UnitOfWork, boardId: string, plan: PlanCut): Promise<void> {
  const board = await boardOf(unit, boardId);
  const there = await list(unit.db, 'cutPieces', { boardId });
  const known = new Map(there.map((p) => [p.id, p]));
  const planned = new Set(plan.pieces.map((p) => p.id));
  for (const p of plan.pieces) {
    if (p.xMm + p.widthMm > board.widthMm + 0.01 || p.yMm + p.heightMm > board.heightMm + 0.01)
      throw refused(houseSay('refusal.piece-lies-beyond-comb'), 'payload.pieces');
    if (!(await unit.db('jarKinds').where({ id: p.jarKindId }).first()))
      throw refused(houseSay('refusal.there-no-such-box-in'), 'payload.pieces');
  }
  for (const p of there)
    if (!planned.has(p.id)) {
      if (p.state === 'cut')
        throw conflict('piece-cut', houseSay('refusal.piece-that-cut-stays-in'), 'payload.pieces');
      if (p.state === 'planned')
        await unit.update('cutPieces', p.id, { removedAt: unit.recordedAt });
    }
  for (const p of plan.pieces) {
    const before = known.get(p.id);
    if (!before) await unit.insert('cutPieces', piecePlanned(p, board));
    else if (before.state === 'planned') await unit.update('cutPieces', p.id, p);
  }
  const { pieces: _pieces, ...kept } = plan;
  await unit.update('cutBoards', boardId, kept);
}

/** A piece as it becomes, with its grade and price by the rule. */
async function changedPiece(
  unit: UnitOfWork,
  piece: CutPiece,
  change: PieceChange,
): Promise<Partial<CutPiece>> {
  const box = await find(unit.db, 'jarKinds', piece.jarKindId, 'kind-of-box');
  const { rules } = await currentRules(unit.db);
  return pieceChanged(piece, change, box, rules);
}

export const cutWrites = [
  write('/cutBoards', {
    sentence: () => houseSay('entry.comb-laid-on-board'),
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      if (!batch.combIds.includes(payload.combId))
        throw refused(houseSay('refusal.this-comb-not-this-harvest'), 'payload.combId');
      if (
        await unit
          .db('cutBoards')
          .where({ batchId: batch.id, combId: payload.combId, removedAt: null })
          .first()
      )
        throw conflict('on-board', houseSay('refusal.this-comb-lies-on-board'), 'payload.combId');
      await unit.insert('cutBoards', boardLaid(payload));
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/cutBoards/:id/plan', {
    sentence: (p) => houseSay('entry.pieces-planned', { pieces: p.pieces.length }),
    run: async (unit, payload, { id }) => {
      const batch = await openBatch(unit, (await boardOf(unit, id)).batchId);
      await keepPlan(unit, id, payload);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/cutBoards/plans', {
    sentence: (p) => houseSay('entry.combs-planned-together', { combs: p.boards.length }),
    run: async (unit, { boards }) => {
      const first = await boardOf(unit, boards[0].boardId);
      for (const { boardId, plan } of boards) {
        await openBatch(unit, (await boardOf(unit, boardId)).batchId);
        await keepPlan(unit, boardId, plan);
      }
      return { detail: await batchDetail(unit.db, first.batchId) };
    },
  }),
  write('/cutBoards/:id', {
    sentence: (p) => {
      if (p.spoilt) return houseSay(`entry.spoilt.${p.spoilt}`);
      if (p.done) return houseSay('entry.comb-cut');
      if (p.flaws) return houseSay('entry.flaws-drawn');
      return p.cutsDone === undefined
        ? houseSay('entry.board-changed')
        : houseSay('entry.cut-made', { cut: p.cutsDone });
    },
    run: async (unit, change, { id }) => {
      const board = await boardOf(unit, id);
      const batch = await openBatch(unit, board.batchId);
      if (change.cutsDone !== undefined && change.cutsDone > board.cuts.length)
        throw refused(houseSay('refusal.so-many-cuts-are-not'), 'payload.cutsDone');
      await unit.update('cutBoards', id, boardChanged(change, unit.at), unit.command.baseRevision);
      // The last cut frees every piece that was planned and did not crack.
      if (change.done)
        for (const p of await list(unit.db, 'cutPieces', {
          boardId: id,
          state: 'planned',
        }))
          await unit.update('cutPieces', p.id, await changedPiece(unit, p, { state: 'cut' }));
      // What was planned on a spoilt comb will not be made.
      if (change.spoilt)
        for (const p of await list(unit.db, 'cutPieces', {
          boardId: id,
          state: 'planned',
        }))
          await unit.update('cutPieces', p.id, { removedAt: unit.recordedAt });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/cutPieces/:id', {
    sentence: (p) => {
      if (p.netG != null)
        return houseSay('entry.piece-weighed', { netG: { massG: p.netG, as: 'read' } });
      if (p.state === 'cracked') return houseSay('entry.piece-cracked');
      return p.state === 'cut' ? houseSay('entry.piece-cut') : houseSay('entry.piece-looked-at');
    },
    run: async (unit, change, { id }) => {
      const piece = await find(unit.db, 'cutPieces', id, 'piece');
      const batch = await openBatch(unit, piece.batchId);
      if (piece.lotId) throw conflict('packed', houseSay('refusal.this-piece-packed-already-undo'));
      const changed = await changedPiece(unit, piece, change);
      await unit.update('cutPieces', id, changed, unit.command.baseRevision);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
