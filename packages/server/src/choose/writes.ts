import { crushOutcome, judgeHiveAt, moveBatchSchema, newHarvestSchema, planSchema, type JarKindRecord } from '@furrow/core';
import { DateTime } from 'luxon';
import { z } from 'zod';
import { dateAt } from '../look/writes.js';
import { conflict, refused } from '../problem.js';
import { list } from '../store/rows.js';
import { hiveView } from '../store/hiveViews.js';
import { batchView, currentRules } from '../store/views.js';
import { write } from '../store/writes.js';

export const chooseWrites = [
  write({
    method: 'post', path: '/harvests/:id/withdraw', schema: z.strictObject({}),
    sentence: () => 'Choice withdrawn, the combs stay',
    run: async (unit, _payload, { id }) => {
      const batch = await batchView(unit.db, id);
      if (await unit.db('takes').where({ batchId: id, removedAt: null }).first()) throw conflict('built-upon', 'Combs were taken already: this harvest is not withdrawn but closed.');
      await unit.update('batches', id, { removedAt: unit.recordedAt }, unit.command.baseRevision);
      await unit.update('visits', batch.visitId, { removedAt: unit.recordedAt });
      return { hiveId: batch.hiveId };
    },
  }),
  write({
    method: 'post', path: '/harvests', schema: newHarvestSchema,
    sentence: (p) => `${p.combIds.length} ${p.combIds.length === 1 ? 'comb' : 'combs'} chosen`,
    run: async (unit, payload) => {
      const hive = await hiveView(unit.db, payload.hiveId);
      const { rules, version } = await currentRules(unit.db);
      const date = dateAt(unit.at, hive.site.zone);
      const judged = judgeHiveAt(hive, rules, unit.at);
      const open = await unit.db('batches').where({ hiveId: hive.id, closedAt: null, removedAt: null }).whereIn('stage', ['ready', 'take']);
      const chosen = payload.combIds.map((combId, i) => {
        const comb = judged.find((j) => j.combId === combId);
        if (!comb) throw refused('This comb does not hang in that hive.', `payload.combIds[${i}]`);
        if (open.some((b) => (JSON.parse(b.combIds) as string[]).includes(combId))) throw conflict('chosen-already', `Comb ${comb.slot} is chosen in another harvest already.`, `payload.combIds[${i}]`);
        if (comb.verdict.decidedBy === 'brood') throw refused(`Comb ${comb.slot} carries brood: it is never taken.`, `payload.combIds[${i}]`);
        if (comb.verdict.verdict !== 'take' && !payload.anyway.some((a) => a.combId === combId)) throw refused(`Comb ${comb.slot}: ${comb.verdict.headline} Say why it is taken anyway.`, 'payload.anyway');
        return comb;
      });
      const jars = await list<JarKindRecord>(unit.db, 'jarKinds');
      const outcome = crushOutcome({ combs: chosen.flatMap((c) => (c.estimate ? [c.estimate] : [])), jars, rules, moisturePercent: null });
      await unit.insert('visits', { id: payload.visitId, hiveId: hive.id, date, occurredAt: unit.at });
      await unit.insert('batches', {
        id: payload.batchId, visitId: payload.visitId, hiveId: hive.id, method: payload.method, stage: 'ready', code: null, combIds: payload.combIds, anyway: payload.anyway,
        decision: { combs: chosen.map(({ slot, combId, verdict, estimate }) => ({ slot, combId, verdict, estimate })), outcome },
        plan: null, rulesVersion: version, handsOnMinutes: 0, closedAt: null, lookedBackAt: null, createdAt: unit.at,
      });
      return { batch: await batchView(unit.db, payload.batchId) };
    },
  }),
  write({
    method: 'post', path: '/harvests/:id/look-back', schema: z.strictObject({}),
    sentence: () => 'Looked back at the hive',
    run: async (unit, _payload, { id }) => {
      await unit.update('batches', id, { lookedBackAt: unit.at });
      return { batch: await batchView(unit.db, id) };
    },
  }),
  write({
    method: 'post', path: '/harvests/:id/plan', schema: planSchema,
    sentence: () => 'Day planned',
    run: async (unit, payload, { id }) => {
      const batch = await batchView(unit.db, id);
      if (!DateTime.fromISO(payload.startLocal, { zone: batch.zone }).isValid) throw refused('This is no date and time of that place.', 'payload.startLocal');
      await unit.update('batches', id, { plan: payload, stage: batch.stage === 'ready' ? 'take' : batch.stage }, unit.command.baseRevision);
      return { batch: await batchView(unit.db, id) };
    },
  }),
  write({
    method: 'post', path: '/harvests/:id/stage', schema: moveBatchSchema,
    sentence: (p) => `On to ${p.stage}`,
    run: async (unit, payload, { id }) => {
      const batch = await batchView(unit.db, id);
      if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
      if (payload.stage === 'drain' || payload.stage === 'cut') {
        const taken = await unit.db('takes').where({ batchId: id, removedAt: null }).whereIn('outcome', ['taken', 'broke']).first();
        if (!taken) throw refused('No comb was taken yet: there is nothing to go on with.', 'payload.stage');
      }
      await unit.update('batches', id, {
        stage: payload.stage,
        handsOnMinutes: batch.handsOnMinutes + (payload.handsOnMinutes ?? 0),
        ...(payload.stage === 'book' ? { closedAt: unit.at } : {}),
      }, unit.command.baseRevision);
      return { batch: await batchView(unit.db, id) };
    },
  }),
];
