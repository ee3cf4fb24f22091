import { randomUUID } from 'node:crypto';
import {
  OUTCOME_WORDS,
  boxShares,
  estimateSeen,
  newBoxTakeSchema,
  newIncidentSchema,
  newStepMarkSchema,
  newTakeSchema,
  INCIDENT_WORDS,
  placeLabel,
  runsInPlace,
  weighsOut,
  type Batch,
} from '@furrow/core';
import { z } from 'zod';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { hiveOfComb } from '../look/placing.js';
import { dateAt } from '../look/writes.js';
import { conflict, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail, batchView } from '../store/views.js';
import { write } from '../store/writes.js';
import { bookTray, frameWrites, framesAreClosed, noteTilt } from './frames.js';
import { addMinutes, lotOf } from './lots.js';
import { mayLeaveNow } from './mayLeave.js';

/** The harvest's date is the day its first comb left the hive, not the day it was chosen. */
export async function dateFromFirst(unit: UnitOfWork, batch: Batch, takeId: string): Promise<void> {
  const earlier = await unit
    .db('takes')
    .where({ batchId: batch.id, removedAt: null })
    .whereNotNull('netG')
    .whereNot({ id: takeId })
    .first();
  if (!earlier) await unit.update('visits', batch.visitId, { date: dateAt(unit.at, batch.zone) });
}

async function openBatch(unit: UnitOfWork, id: string): Promise<Batch> {
  const batch = await batchView(unit.db, id);
  if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
  return batch;
}

export const takeWrites = [
  write({
    method: 'post',
    path: '/takes',
    schema: newTakeSchema,
    sentence: (p) => `Comb ${OUTCOME_WORDS[p.outcome]}`,
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
      if (!batch.combIds.includes(payload.combId))
        throw refused('This comb was not chosen for this harvest.', 'payload.combId');
      const comb = await find<{ carrierId: string; endedOn: string | null }>(
        unit.db,
        'combs',
        payload.combId,
        'comb',
      );
      const before = await unit
        .db('takes')
        .where({ batchId: batch.id, combId: payload.combId, removedAt: null })
        .first();
      if (before)
        throw conflict('taken-already', 'This comb is written down already. Undo that first.');
      const bar = comb.endedOn
        ? null
        : ((await hiveOfComb(unit.db, payload.combId)).bars.find(
            (b) => b.comb?.id === payload.combId,
          ) ?? null);
      if (weighsOut(payload.outcome)) await mayLeaveNow(unit, batch, [payload.combId]);
      const weighed =
        payload.grossG !== null && payload.tareG !== null && weighsOut(payload.outcome);
      const netG = weighed ? payload.grossG! - payload.tareG! : null;
      const { minutes = 0, ...take } = payload;
      await unit.insert('takes', {
        ...take,
        guessG: take.guessG ?? null,
        potsEmptied: take.potsEmptied ?? null,
        condition:
          take.condition ??
          (payload.outcome === 'broke' || payload.outcome === 'fell' ? 'torn' : null),
        wentTo: take.wentTo ?? null,
        byBox: false,
        slot: bar?.slot ?? 0,
        netG,
        occurredAt: unit.at,
      });
      if (netG !== null) {
        // What runs or is drawn off in place is honey at once, and its comb goes on living in the hive.
        const lot = runsInPlace(batch.method)
          ? await lotOf(unit, batch, 'honey', 'honey')
          : await lotOf(unit, batch, 'comb', 'comb');
        await unit.flow({
          from: 'outside',
          to: lot,
          g: netG,
          reason: `Comb from bar ${bar ? placeLabel(bar.slot) : '?'}`,
        });
        await dateFromFirst(unit, batch, payload.id);
        if (!runsInPlace(batch.method))
          await unit.update('combs', payload.combId, {
            endedOn: dateAt(unit.at, batch.zone),
            endReason: 'taken',
          });
      }
      await addMinutes(unit, batch, minutes);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post',
    path: '/boxTakes',
    schema: newBoxTakeSchema,
    sentence: (p) =>
      `Box of ${p.combIds.length} combs taken, ${((p.grossG - p.emptyG) / 1000).toFixed(2)} kg`,
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const detail = await batchDetail(unit.db, batch.id);
      const strange = payload.combIds.findIndex((id) => !batch.combIds.includes(id));
      if (strange >= 0)
        throw refused('This comb was not chosen for this harvest.', `payload.combIds[${strange}]`);
      if (detail.takes.some((t) => payload.combIds.includes(t.combId)))
        throw conflict(
          'taken-already',
          'A comb of this box is written down already. Undo that first.',
        );
      await mayLeaveNow(unit, batch, payload.combIds);
      const looks = payload.combIds.map((id) => detail.looks.filter((l) => l.combId === id).at(-1));
      const estimates = looks.map((look) => {
        const e = look ? estimateSeen(look, detail.hive) : null;
        return e ? e.honeyKg.mid + e.waxKg.mid : null;
      });
      const netG = payload.grossG - payload.emptyG;
      const shares = boxShares(netG, estimates);
      const lot = await lotOf(unit, batch, 'comb', 'comb');
      const slots = new Map(
        detail.hive.bars.flatMap((b) => (b.comb ? [[b.comb.id, b.slot] as const] : [])),
      );
      for (const [i, combId] of payload.combIds.entries()) {
        const id = i === 0 ? payload.id : randomUUID();
        await unit.insert('takes', {
          id,
          batchId: batch.id,
          combId,
          slot: slots.get(combId) ?? looks[i]?.slot ?? 0,
          outcome: 'taken',
          vesselId: payload.vesselId,
          grossG: i === 0 ? payload.grossG : null,
          tareG: i === 0 ? payload.emptyG : null,
          netG: shares[i],
          guessG: i === 0 ? (payload.guessG ?? null) : null,
          condition: payload.condition ?? null,
          wentTo: null,
          potsEmptied: null,
          byBox: true,
          occurredAt: unit.at,
        });
        await unit.update('combs', combId, {
          endedOn: dateAt(unit.at, batch.zone),
          endReason: 'taken',
        });
      }
      await unit.flow({
        from: 'outside',
        to: lot,
        g: netG,
        reason: `Box of ${payload.combIds.length} combs, weighed full and empty`,
      });
      await dateFromFirst(unit, batch, payload.id);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post',
    path: '/stepMarks',
    schema: newStepMarkSchema,
    sentence: () => 'Step done',
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const there = await unit
        .db('stepMarks')
        .where({ batchId: batch.id, stepId: payload.stepId, removedAt: null })
        .first();
      // Two hands on two screens touch the same step: it is done once.
      if (there) return { detail: await batchDetail(unit.db, batch.id) };
      if (payload.stepId === 'frames') await framesAreClosed(unit, batch);
      await unit.insert('stepMarks', { ...payload, occurredAt: unit.at });
      const { tiltDegrees, trayG } = payload.answer;
      if (typeof tiltDegrees === 'number') await noteTilt(unit, batch, tiltDegrees);
      if (typeof trayG === 'number' && trayG > 0) await bookTray(unit, batch, Math.round(trayG));
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post',
    path: '/stepMarks/:id/back',
    schema: z.strictObject({}),
    sentence: () => 'Step not done after all',
    run: async (unit, _payload, { id }) => {
      const mark = await find<{ batchId: string }>(unit.db, 'stepMarks', id, 'step');
      await openBatch(unit, mark.batchId);
      await unit.update('stepMarks', id, { removedAt: unit.recordedAt });
      return { detail: await batchDetail(unit.db, mark.batchId) };
    },
  }),
  write({
    method: 'post',
    path: '/incidents',
    schema: newIncidentSchema,
    sentence: (p) => INCIDENT_WORDS[p.kind],
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      await unit.insert('incidents', { ...payload, occurredAt: unit.at });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post',
    path: '/harvests/:id/lot',
    schema: z.strictObject({ withBatchId: z.uuid('This is no id.') }),
    sentence: () => 'Two harvests agreed as one lot',
    run: async (unit, { withBatchId }, { id }) => {
      const [batch, other] = [await openBatch(unit, id), await openBatch(unit, withBatchId)];
      if (batch.id === other.id) throw refused('Choose another harvest.', 'payload.withBatchId');
      const group = other.lotGroup ?? randomUUID();
      if (!other.lotGroup) await unit.update('batches', other.id, { lotGroup: group });
      await unit.update('batches', batch.id, { lotGroup: group });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  ...frameWrites,
];
