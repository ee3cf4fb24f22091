import { houseSay } from '@furrow/words';
import { endHarvest } from './ending.js';
import {
  expectedOutcome,
  marketOf,
  judgeHiveAt,
  standingAgainst,
  takenEstimate,
  type Batch,
  type JudgedComb,
  type NewChoice,
} from '@furrow/core';
import { DateTime } from 'luxon';

import { holdByFindings } from '../book/holds.js';
import { correctionOf } from '../book/seasons.js';
import { dateAt } from '../look/dateAt.js';
import { conflict, refused } from '../problem.js';
import { list, openRows } from '../store/rows.js';
import { hiveView } from '../look/hiveViews.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { write } from '../store/writes.js';

/**
 * Combs of one hive that go one way: judged again here, so that no screen can choose what the rules
 * forbid.
 */
async function makeBatch(
  unit: UnitOfWork,
  payload: NewChoice['batches'][number],
  question: Record<string, unknown>,
  at = 'payload',
): Promise<Batch> {
  const hive = await hiveView(unit.db, payload.hiveId);
  const { rules, version } = await currentRules(unit.db);
  // The flow still counted on is part of the question: verdict and chooser weigh the same winter.
  const flowKg = typeof question.flowKg === 'number' ? question.flowKg : 0;
  const judged = judgeHiveAt(hive, rules, unit.at, null, flowKg);
  const open = await openRows(
    'batches',
    unit
      .db('batches')
      .where({ hiveId: hive.id, closedAt: null, removedAt: null })
      .whereIn('stage', ['ready', 'take']),
  );
  const chosen = payload.combIds.map((combId, i) => {
    const path = `${at}.combIds[${i}]`;
    const comb = judged.find((j) => j.combId === combId);
    if (!comb) throw refused(houseSay('refusal.this-comb-does-not-hang'), path);
    if (open.some((b) => b.combIds.includes(combId)))
      throw conflict(
        'chosen-already',
        houseSay('refusal.comb-chosen-in-another-harvest', { comb: comb.label }),
        path,
      );
    const forbids = standingAgainst(comb.verdict.findings).find((f) => f.weight === 'forbids');
    if (forbids)
      throw refused(
        houseSay('refusal.comb', { comb: comb.label, sentence: forbids.sentence }),
        path,
      );
    if (comb.verdict.verdict !== 'take' && !payload.anyway.some((a) => a.combId === combId))
      throw refused(
        houseSay('refusal.comb-say-why-it-taken', {
          comb: comb.label,
          headline: comb.verdict.headline,
        }),
        `${at}.anyway`,
      );
    return comb;
  });
  const jars = await list(unit.db, 'jarKinds');
  const { outcome } = expectedOutcome(
    {
      kind: hive.kind,
      combIds: payload.combIds,
      estimates: chosen.flatMap((c) => (c.seen ? (takenEstimate(c.seen, hive, rules) ?? []) : [])),
      wettestPercent: wettestOf(chosen),
      correction: await correctionOf(unit.db, hive),
    },
    payload.method,
    rules,
    marketOf(jars, rules),
  );
  if (!(await unit.db('visits').where({ id: payload.visitId }).first()))
    await unit.insert('visits', {
      id: payload.visitId,
      hiveId: hive.id,
      date: dateAt(unit.at, hive.site.zone),
      occurredAt: unit.at,
    });
  await unit.insert('batches', {
    id: payload.batchId,
    visitId: payload.visitId,
    hiveId: hive.id,
    method: payload.method,
    lotGroup: payload.lotGroup,
    stage: 'ready',
    code: null,
    combIds: payload.combIds,
    anyway: payload.anyway,
    decision: {
      combs: chosen.map(({ slot, combId, verdict, estimate }) => ({
        slot,
        combId,
        verdict,
        estimate,
      })),
      outcome: { ...outcome },
      question,
    },
    plan: null,
    rulesVersion: version,
    handsOnMinutes: 0,
    closedAt: null,
    lookedBackAt: null,
    createdAt: unit.at,
  });
  await holdByFindings(unit, payload.batchId, hive.name, chosen);
  return batchView(unit.db, payload.batchId);
}

/** The wettest sample of combs that go together, percent; null where nobody measured. */
function wettestOf(chosen: readonly JudgedComb[]): number | null {
  const measured = chosen.flatMap(({ verdict }) => verdict.wettestPercent ?? []);
  return measured.length ? Math.max(...measured) : null;
}

export const chooseWrites = [
  write('/harvests/:id/withdraw', {
    sentence: () => houseSay('entry.choice-withdrawn-combs-stay'),
    run: async (unit, _payload, { id }) => {
      const batch = await batchView(unit.db, id);
      if (await unit.db('takes').where({ batchId: id, removedAt: null }).first())
        throw conflict('built-upon', houseSay('refusal.combs-were-taken-already-this'));
      await unit.update('batches', id, { removedAt: unit.recordedAt }, unit.command.baseRevision);
      const others = await unit
        .db('batches')
        .where({ visitId: batch.visitId, removedAt: null })
        .first();
      if (!others) await unit.update('visits', batch.visitId, { removedAt: unit.recordedAt });
      return { hiveId: batch.hiveId };
    },
  }),
  write('/harvests', {
    sentence: (p) => houseSay('entry.combs-chosen', { combs: p.combIds.length }),
    run: async (unit, payload) => ({
      batch: await makeBatch(unit, { ...payload, lotGroup: null }, {}),
    }),
  }),
  write('/choices', {
    sentence: (p) => {
      const n = p.batches.reduce((sum, b) => sum + b.combIds.length, 0);
      return houseSay('entry.combs-chosen', { combs: n });
    },
    run: async (unit, payload) => {
      const batches = [];
      for (const [i, batch] of payload.batches.entries())
        batches.push(await makeBatch(unit, batch, payload.question, `payload.batches[${i}]`));
      return { batches };
    },
  }),
  write('/harvests/:id/look-back', {
    sentence: () => houseSay('entry.looked-back-at-hive'),
    run: async (unit, _payload, { id }) => {
      const { visitId } = await batchView(unit.db, id);
      const lots = await list(unit.db, 'batches', { visitId });
      for (const { id: lot } of lots) await unit.update('batches', lot, { lookedBackAt: unit.at });
      return { batch: await batchView(unit.db, id) };
    },
  }),
  write('/harvests/:id/plan', {
    sentence: () => houseSay('entry.day-planned'),
    run: async (unit, payload, { id }) => {
      const batch = await batchView(unit.db, id);
      if (!DateTime.fromISO(payload.startLocal, { zone: batch.zone }).isValid)
        throw refused(houseSay('refusal.this-no-date-and-time'), 'payload.startLocal');
      await unit.update(
        'batches',
        id,
        { plan: payload, stage: batch.stage === 'ready' ? 'take' : batch.stage },
        unit.command.baseRevision,
      );
      return { batch: await batchView(unit.db, id) };
    },
  }),
  write('/harvests/:id/stage', {
    sentence: (p) => houseSay(`entry.on-to.${p.stage}`),
    run: async (unit, payload, { id }) => {
      const batch = await batchView(unit.db, id);
      if (batch.closedAt) throw conflict('closed', houseSay('refusal.this-harvest-closed'));
      if (payload.stage === 'drain' || payload.stage === 'cut') {
        const taken = await unit
          .db('takes')
          .where({ batchId: id, removedAt: null })
          .whereIn('outcome', ['taken', 'broke', 'fell'])
          .first();
        if (!taken) throw refused(houseSay('refusal.no-comb-was-taken-yet'), 'payload.stage');
      }
      if (payload.stage === 'book') await endHarvest(unit, batch, payload.rest);
      await unit.update(
        'batches',
        id,
        {
          stage: payload.stage,
          handsOnMinutes: batch.handsOnMinutes + (payload.handsOnMinutes ?? 0),
          ...(payload.stage === 'book' ? { closedAt: unit.at } : {}),
        },
        unit.command.baseRevision,
      );
      return { batch: await batchView(unit.db, id) };
    },
  }),
];
