import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import { freezingPlan, rackHours, type RackRun } from '@furrow/core';
import type { Knex } from 'knex';
import { conflict, refused } from '../problem.js';
import { find, list } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';
import { openBatch } from './writes.js';

const HOURS_A_WEEK = 168;
const after = (iso: string, hours: number): string =>
  new Date(Date.parse(iso) + hours * 3_600_000).toISOString();

/** Racks that ended, as the household's own experience. */
export async function rackRuns(db: Knex): Promise<RackRun[]> {
  return (await list(db, 'keepings', { kind: 'rack' }))
    .filter((k) => k.endedAt)
    .map((k) => ({
      hours: (Date.parse(k.endedAt!) - Date.parse(k.startedAt)) / 3_600_000,
      temperatureC: k.roomC,
      moisturePercent: k.moisturePercent,
    }));
}

/** Litres that stand in the freezer now. */
async function frozenLitres(unit: UnitOfWork): Promise<number> {
  return (await list(unit.db, 'keepings', { kind: 'freeze', endedAt: null })).reduce(
    (sum, k) => sum + k.litres,
    0,
  );
}

export const keepingWrites = [
  write('/keepings', {
    sentence: (p) =>
      p.kind === 'rack'
        ? houseSay('entry.on-rack', { pieces: p.pieces })
        : houseSay('entry.into-freezer', { pieces: p.pieces }),
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const { rules } = await currentRules(unit.db);
      if (
        await unit
          .db('keepings')
          .where({ batchId: batch.id, kind: payload.kind, endedAt: null, removedAt: null })
          .first()
      )
        throw conflict(
          'running',
          payload.kind === 'rack'
            ? houseSay('refusal.this-harvest-on-rack-already')
            : houseSay('refusal.this-harvest-in-freezer-already'),
        );
      let hours: number;
      if (payload.kind === 'freeze') {
        const there = await frozenLitres(unit);
        if (rules.freezerL !== null && there + payload.litres > rules.freezerL)
          throw refused(
            houseSay('refusal.freezer-holds-stand-in-it', {
              freezerL: { volumeL: rules.freezerL },
              there: { volumeL: there },
              litres: { volumeL: payload.litres },
            }),
            'payload.litres',
          );
        const plan = freezingPlan({
          ...payload,
          litres: there + payload.litres,
          freezerL: rules.freezerL,
          freezerC: payload.freezerC!,
          startC: payload.roomC,
        });
        if (!plan.possible) throw refused(plan.sentence, 'payload.freezerC');
        // The household's weeks against moth stand over what the cold alone would ask.
        hours = Math.max(plan.freezeHours.high, (rules.waxFrozenWeeks ?? 0) * HOURS_A_WEEK);
      } else
        hours = rackHours({
          temperatureC: payload.roomC,
          moisturePercent: payload.moisturePercent,
          own: await rackRuns(unit.db),
        }).high;
      await unit.insert('keepings', {
        ...payload,
        startedAt: unit.at,
        dueAt: after(unit.at, hours),
        endedAt: null,
        cracked: 0,
        note: '',
      });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/keepings/:id/end', {
    sentence: (p) =>
      p.cracked ? houseSay('entry.done-cracked', { cracked: p.cracked }) : houseSay('entry.done'),
    run: async (unit, payload, { id }) => {
      const keeping = await find(unit.db, 'keepings', id, 'rack-or-freezer');
      const batch = await openBatch(unit, keeping.batchId);
      if (keeping.endedAt) throw conflict('ended', houseSay('refusal.this-has-ended-already'));
      if (payload.cracked > keeping.pieces)
        throw refused(
          houseSay('refusal.only-were-there', { pieces: keeping.pieces }),
          'payload.cracked',
        );
      await unit.update('keepings', id, { ...payload, endedAt: unit.at });
      if (keeping.kind === 'freeze') {
        const { thawHours } = freezingPlan({
          ...keeping,
          freezerL: null,
          freezerC: keeping.freezerC!,
          startC: keeping.roomC,
        });
        const { revision: _, ...there } = keeping;
        await unit.insert('keepings', {
          ...there,
          id: randomUUID(),
          kind: 'thaw',
          startedAt: unit.at,
          dueAt: after(unit.at, thawHours.high),
          endedAt: null,
          cracked: 0,
          note: '',
        });
      }
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
