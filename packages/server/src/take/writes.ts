import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import { INCIDENT_WORDS } from '@furrow/core';

import { refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail } from '../harvest/detail.js';
import { write } from '../store/writes.js';
import { bookTray, framesAreClosed, noteTilt } from './frames.js';
import { openBatch } from './lots.js';

export const stepWrites = [
  write('/stepMarks', {
    sentence: () => houseSay('entry.step-done'),
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
  write('/stepMarks/:id/back', {
    sentence: () => houseSay('entry.step-not-done-after-all'),
    run: async (unit, _payload, { id }) => {
      const mark = await find(unit.db, 'stepMarks', id, 'step');
      await openBatch(unit, mark.batchId);
      await unit.update('stepMarks', id, { removedAt: unit.recordedAt });
      return { detail: await batchDetail(unit.db, mark.batchId) };
    },
  }),
  write('/incidents', {
    sentence: (p) => INCIDENT_WORDS[p.kind],
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      await unit.insert('incidents', { ...payload, occurredAt: unit.at });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/harvests/:id/lot', {
    sentence: () => houseSay('entry.two-harvests-agreed-as-one'),
    run: async (unit, { withBatchId }, { id }) => {
      const [batch, other] = [await openBatch(unit, id), await openBatch(unit, withBatchId)];
      if (batch.id === other.id)
        throw refused(houseSay('refusal.choose-another-harvest'), 'payload.withBatchId');
      const group = other.lotGroup ?? randomUUID();
      if (!other.lotGroup) await unit.update('batches', other.id, { lotGroup: group });
      await unit.update('batches', batch.id, { lotGroup: group });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
