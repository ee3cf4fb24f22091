import { houseSay } from '@furrow/words';
import { type NewBegun, flowSay, lotSay, type Say } from '@furrow/core';
import { refused } from '../problem.js';
import { hiveView } from '../look/hiveViews.js';
import { batchDetail } from '../harvest/detail.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { write } from '../store/writes.js';
import { lotOf } from '../take/lots.js';
import { dateAt } from '../look/dateAt.js';

const REASONS = {
  comb: flowSay('flow.begun-comb'),
  honey: flowSay('flow.begun-honey'),
} as const satisfies Record<NewBegun['stands'], Say>;

/**
 * A harvest that was begun without Furrow: what stands there is weighed and opens a lot, and the
 * row goes on from it.
 */
async function begin(unit: UnitOfWork, payload: NewBegun): Promise<void> {
  const hive = await hiveView(unit.db, payload.hiveId);
  if (payload.harvestedOn > dateAt(unit.at, hive.site.zone))
    throw refused(houseSay('refusal.this-lies-in-future'), 'payload.harvestedOn');
  const { version } = await currentRules(unit.db);
  await unit.insert('visits', {
    id: payload.visitId,
    hiveId: hive.id,
    date: payload.harvestedOn,
    occurredAt: unit.at,
  });
  await unit.insert('batches', {
    id: payload.batchId,
    visitId: payload.visitId,
    hiveId: hive.id,
    method: 'crush',
    lotGroup: null,
    stage: payload.stands === 'comb' ? 'drain' : 'jar',
    code: null,
    combIds: [],
    anyway: [],
    decision: { begun: payload.stands, note: payload.note },
    plan: null,
    rulesVersion: version,
    handsOnMinutes: 0,
    closedAt: null,
    lookedBackAt: unit.at,
    createdAt: unit.at,
  });
  const batch = await batchView(unit.db, payload.batchId);
  const { stands, note } = payload;
  const lot = await lotOf(
    unit,
    batch,
    stands,
    lotSay(stands === 'comb' ? 'lot.comb' : 'lot.honey-before'),
  );
  const what = REASONS[stands];
  const reason = note ? flowSay('flow.begun-noted', { what, note }) : what;
  await unit.flow({ from: 'outside', to: lot, g: payload.grossG - payload.tareG, reason });
}

export const begunWrites = [
  write('/begunHarvests', {
    sentence: (p) =>
      p.stands === 'comb'
        ? houseSay('entry.comb-already-cut-out')
        : houseSay('entry.honey-from-before-furrow'),
    run: async (unit, payload) => {
      await begin(unit, payload);
      return { detail: await batchDetail(unit.db, payload.batchId) };
    },
  }),
];
