import { closeDrainSchema, newDrainEventSchema, newDrainSchema, newWeighingSchema, type Drain } from '@furrow/core';
import { z } from 'zod';
import { conflict, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail, batchView, bookView, drainViews } from '../store/views.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { addMinutes, lotOf } from '../take/writes.js';
import { write } from '../store/writes.js';

async function runningDrain(unit: UnitOfWork, id: string): Promise<Drain> {
  await find(unit.db, 'drains', id, 'drain');
  const [drain] = await drainViews(unit.db, { id });
  if (drain.endedAt) throw conflict('closed', 'This drain is closed.');
  if (Date.parse(unit.at) < Date.parse(drain.startedAt)) throw refused('This lies before the drain began.', 'occurredAt');
  return drain;
}

export const drainWrites = [
  write({
    method: 'post', path: '/drains', schema: newDrainSchema,
    sentence: () => 'Drain begun',
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
      const book = await bookView(unit.db, batch.id);
      const comb = book.lots.find((lot) => lot.kind === 'comb');
      if (!comb || comb.nowG <= 0) throw refused('There is no comb left to crush in this harvest.', 'payload.batchId');
      for (const key of ['upperVesselId', 'lowerVesselId'] as const) if (payload[key]) await find(unit.db, 'vessels', payload[key], 'vessel');
      const crushed = await lotOf(unit, batch, 'crushed', 'crushed comb');
      await unit.flow({ from: comb.id, to: crushed, g: comb.nowG, reason: 'Crushed' });
      await unit.insert('drains', { ...payload, crushedG: comb.nowG, startedAt: unit.at, endedAt: null });
      await unit.update('batches', batch.id, { stage: 'drain' });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post', path: '/harvests/:id/join', schema: z.strictObject({ intoBatchId: z.uuid('This is no id.') }),
    sentence: () => 'Two harvests put into one vessel',
    run: async (unit, { intoBatchId }, { id }) => {
      const [batch, into] = [await batchView(unit.db, id), await batchView(unit.db, intoBatchId)];
      if (batch.closedAt || into.closedAt) throw conflict('closed', 'This harvest is closed.');
      if (batch.id === into.id || !batch.lotGroup || batch.lotGroup !== into.lotGroup) throw refused('These were not chosen as one lot. Choose them together first.', 'payload.intoBatchId');
      const comb = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'comb');
      if (!comb || comb.nowG <= 0) throw refused('There is no comb of this harvest to put in.', 'payload.intoBatchId');
      await unit.flow({ from: comb.id, to: await lotOf(unit, into, 'comb', 'comb'), g: comb.nowG, reason: `One lot with ${into.hiveName}` });
      await unit.update('batches', batch.id, { stage: 'book', closedAt: unit.at }, unit.command.baseRevision);
      return { detail: await batchDetail(unit.db, into.id) };
    },
  }),
  write({
    method: 'post', path: '/weighings', schema: newWeighingSchema,
    sentence: (p) => `Weighed ${((p.grossG - p.tareG) / 1000).toFixed(2)} kg`,
    run: async (unit, payload) => {
      const drain = await runningDrain(unit, payload.drainId);
      const netG = payload.grossG - payload.tareG;
      if (netG > drain.crushedG) throw refused(`More than the ${(drain.crushedG / 1000).toFixed(2)} kg that were crushed. Is the tare right?`, 'payload.grossG');
      await unit.insert('weighings', { ...payload, netG, occurredAt: unit.at });
      return { detail: await batchDetail(unit.db, drain.batchId) };
    },
  }),
  write({
    method: 'post', path: '/drainEvents', schema: newDrainEventSchema,
    sentence: (p) => ({ stir: 'Stirred', 'draw-off': `Drew off ${((p.g ?? 0) / 1000).toFixed(2)} kg`, temperature: `Temperature ${p.temperatureC} °C noted` })[p.kind],
    run: async (unit, payload) => {
      const drain = await runningDrain(unit, payload.drainId);
      const batch = await batchView(unit.db, drain.batchId);
      await unit.insert('drainEvents', { ...payload, g: payload.g ?? null, temperatureC: payload.temperatureC ?? null, occurredAt: unit.at });
      if (payload.kind === 'draw-off') {
        const from = await lotOf(unit, batch, 'crushed', 'crushed comb');
        await unit.flow({ from, to: await lotOf(unit, batch, 'honey', 'honey'), g: payload.g!, reason: 'Drawn off' });
      }
      if (payload.kind === 'temperature') await unit.update('drains', drain.id, { temperatureC: payload.temperatureC! });
      await addMinutes(unit, batch, payload.minutes);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write({
    method: 'post', path: '/drains/:id/close', schema: closeDrainSchema,
    sentence: () => 'Drain closed',
    run: async (unit, payload, { id }) => {
      const drain = await runningDrain(unit, id);
      const batch = await batchView(unit.db, drain.batchId);
      const book = await bookView(unit.db, batch.id);
      const crushed = book.lots.find((lot) => lot.kind === 'crushed')!;
      const gapG = crushed.nowG - payload.honeyG - payload.wetWaxG;
      if (gapG !== 0 && payload.gapReason === '') throw refused(`${Math.abs(gapG)} g ${gapG > 0 ? 'missing' : 'too much'}: comb in is not honey and wet wax out. Say why.`, 'payload.gapReason');
      // Found mass comes in first, so that the book never draws the lot below zero.
      if (gapG < 0) await unit.flow({ from: 'outside', to: crushed.id, g: -gapG, reason: `Found: ${payload.gapReason}` });
      await unit.flow({ from: crushed.id, to: await lotOf(unit, batch, 'honey', 'honey'), g: payload.honeyG, reason: 'Drained' });
      if (payload.wetWaxG > 0) await unit.flow({ from: crushed.id, to: await lotOf(unit, batch, 'wet-wax', 'wet wax'), g: payload.wetWaxG, reason: 'Wet wax weighed' });
      if (gapG > 0) await unit.flow({ from: crushed.id, to: 'loss', g: gapG, reason: `Lost: ${payload.gapReason}` });
      await unit.update('drains', id, { endedAt: unit.at }, unit.command.baseRevision);
      await unit.update('batches', batch.id, { stage: 'jar', handsOnMinutes: batch.handsOnMinutes + payload.minutes });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
