import { randomUUID } from 'node:crypto';
import { newTakeSchema, placeLabel, runsInPlace, type Batch } from '@furrow/core';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { hiveOfComb } from '../look/placing.js';
import { dateAt } from '../look/writes.js';
import { conflict, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail, batchView } from '../store/views.js';
import { write } from '../store/writes.js';

/** The lot of a kind in a batch, made when first needed. */
export async function lotOf(unit: UnitOfWork, batch: Batch, kind: string, name: string): Promise<string> {
  const there = await unit.db('lots').where({ batchId: batch.id, kind, removedAt: null }).first();
  if (there) return there.id as string;
  const id = randomUUID();
  await unit.insert('lots', { id, batchId: batch.id, kind, name: `${batch.hiveName}, ${name}`, code: null, count: null, netG: null, jarKindId: null, lowestWeighedG: null });
  return id;
}

export async function addMinutes(unit: UnitOfWork, batch: Batch, minutes: number): Promise<void> {
  if (minutes > 0) await unit.update('batches', batch.id, { handsOnMinutes: batch.handsOnMinutes + minutes });
}

export const takeWrites = [
  write({
    method: 'post', path: '/takes', schema: newTakeSchema,
    sentence: (p) => ({ taken: 'Comb taken', broke: 'Broken comb taken', 'put-back': 'Comb put back', 'brood-seen': 'Brood seen, comb put back' })[p.outcome],
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
      if (!batch.combIds.includes(payload.combId)) throw refused('This comb was not chosen for this harvest.', 'payload.combId');
      const comb = await find<{ carrierId: string; endedOn: string | null }>(unit.db, 'combs', payload.combId, 'comb');
      const before = await unit.db('takes').where({ batchId: batch.id, combId: payload.combId, removedAt: null }).first();
      if (before) throw conflict('taken-already', 'This comb is written down already. Undo that first.');
      const bar = comb.endedOn ? null : ((await hiveOfComb(unit.db, payload.combId)).bars.find((b) => b.comb?.id === payload.combId) ?? null);
      const weighed = payload.grossG !== null && payload.tareG !== null && (payload.outcome === 'taken' || payload.outcome === 'broke');
      const netG = weighed ? payload.grossG! - payload.tareG! : null;
      const { minutes = 0, ...take } = payload;
      await unit.insert('takes', { ...take, slot: bar?.slot ?? 0, netG, occurredAt: unit.at });
      if (netG !== null) {
        // What runs or is drawn off in place is honey at once, and its comb goes on living in the hive.
        const lot = runsInPlace(batch.method) ? await lotOf(unit, batch, 'honey', 'honey') : await lotOf(unit, batch, 'comb', 'comb');
        await unit.flow({ from: 'outside', to: lot, g: netG, reason: `Comb from bar ${bar ? placeLabel(bar.slot) : '?'}` });
        const earlier = await unit.db('takes').where({ batchId: batch.id, removedAt: null }).whereNotNull('netG').whereNot({ id: payload.id }).first();
        // The harvest's date is the day its first comb left the hive, not the day it was chosen.
        if (!earlier) await unit.update('visits', batch.visitId, { date: dateAt(unit.at, batch.zone) });
        if (!runsInPlace(batch.method)) await unit.update('combs', payload.combId, { endedOn: dateAt(unit.at, batch.zone), endReason: 'taken' });
      }
      await addMinutes(unit, batch, minutes);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
