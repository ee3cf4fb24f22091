import { houseSay } from '@furrow/words';
import { refused } from '../problem.js';
import { batchDetail } from '../harvest/detail.js';
import { bookView } from '../book/lots.js';
import { batchView } from '../harvest/batches.js';
import { find } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { write } from '../store/writes.js';
import { calledAfter, flowSay } from '@furrow/core';
import { harvestCalled, lotOf, openBatch } from './lots.js';

/** Lots that exist already are called by the new name of their harvest too. */
async function rename(unit: UnitOfWork, batchId: string, from: string, to: string): Promise<void> {
  for (const lot of (await bookView(unit.db, batchId)).lots)
    await unit.update('lots', lot.id, { name: calledAfter(lot.name, from, to) });
}

/**
 * Comb on the bench that becomes lots of their own: by colour, by season, as the person cuts it
 * apart.
 */
export const splitWrites = [
  write('/harvests/:id/lotName', {
    sentence: (p) => houseSay('entry.this-lot-called', { name: p.name }),
    run: async (unit, { name }, { id }) => {
      const batch = await openBatch(unit, id);
      await unit.update('batches', id, { lotName: name });
      await rename(unit, id, harvestCalled(batch), harvestCalled({ ...batch, lotName: name }));
      return { detail: await batchDetail(unit.db, id) };
    },
  }),
  write('/harvests/:id/split', {
    sentence: (p) => houseSay('entry.cut-apart-into-lot-its', { name: p.name }),
    run: async (unit, { batchId, name, grossG, tareG }, { id }) => {
      const batch = await openBatch(unit, id);
      const comb = (await bookView(unit.db, id)).lots.find((l) => l.kind === 'comb');
      const netG = grossG - tareG;
      if (!comb || netG >= comb.nowG)
        throw refused(
          houseSay('refusal.this-lot-comb-are-here', {
            nowG: { massG: comb?.nowG ?? 0, as: 'read' },
          }),
          'payload.grossG',
        );
      const { visitId } = await find(unit.db, 'batches', id, 'harvest');
      await unit.insert('batches', {
        id: batchId,
        visitId,
        hiveId: batch.hiveId,
        method: batch.method,
        lotGroup: null,
        lotName: name,
        stage: 'drain',
        code: null,
        combIds: [],
        anyway: [],
        decision: { splitFrom: id },
        plan: batch.plan,
        rulesVersion: batch.rulesVersion,
        handsOnMinutes: 0,
        closedAt: null,
        lookedBackAt: batch.lookedBackAt,
        createdAt: unit.at,
      });
      await unit.flow({
        from: comb.id,
        to: await lotOf(unit, await batchView(unit.db, batchId), 'comb'),
        g: netG,
        reason: flowSay('flow.cut-apart', { name }),
      });
      return { detail: await batchDetail(unit.db, id), batchId };
    },
  }),
];
