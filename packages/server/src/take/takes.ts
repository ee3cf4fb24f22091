import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import {
  boxShares,
  boxTakesWritten,
  combKgSeen,
  combStays,
  owedWeighings,
  placeLabel,
  runsInPlace,
  takeWritten,
  weighsOut,
  type Batch,
  type Take,
  type BarView,
  flowSay,
  isCalled,
  lotSay,
  type Say,
} from '@furrow/core';
import { hiveOfComb } from '../look/placing.js';
import { dateAt } from '../look/dateAt.js';
import { conflict, refused, type Problem } from '../problem.js';
import { find, list } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { standingOf } from '../store/standing.js';
import { write } from '../store/writes.js';
import { restateEstimate } from './estimates.js';
import { addMinutes, lotOf, openBatch } from './lots.js';
import { mayLeaveNow } from './mayLeave.js';

/** The harvest's date is the day its first comb left the hive, not the day it was chosen. */
async function dateFromFirst(unit: UnitOfWork, batch: Batch, takeId: string): Promise<void> {
  const earlier = await unit
    .db('takes')
    .where({ batchId: batch.id, removedAt: null })
    .whereIn('outcome', ['taken', 'broke', 'fell'])
    .whereNot({ id: takeId })
    .first();
  if (!earlier) await unit.update('visits', batch.visitId, { date: dateAt(unit.at, batch.zone) });
}

/**
 * What runs or is drawn off in place is honey at once, and its comb goes on living in the hive;
 * else the comb has ended.
 */
async function intoTheBook(
  unit: UnitOfWork,
  batch: Batch,
  netG: number,
  reason: Say,
): Promise<string> {
  const lot = runsInPlace(batch.method)
    ? await lotOf(unit, batch, 'honey')
    : await lotOf(unit, batch, 'comb');
  await unit.flow({ from: 'outside', to: lot, g: netG, reason });
  return lot;
}
/** Pollen among pots stands on the lot, wherever it is named: its honey ferments sooner. */
async function notePollen(unit: UnitOfWork, lotId: string): Promise<void> {
  const { name } = await find(unit.db, 'lots', lotId, 'lot');
  if (isCalled(name, 'lot.with-pollen')) return;
  await unit.update('lots', lotId, { name: lotSay('lot.with-pollen', { honey: name }) });
}
async function combEnds(unit: UnitOfWork, batch: Batch, combId: string): Promise<void> {
  if (combStays(batch.method)) return;
  await unit.update('combs', combId, {
    endedOn: dateAt(unit.at, batch.zone),
    endReason: 'taken',
  });
}

/**
 * Gives combs that were to be weighed later their weight: on the scale, by depth, or, where it
 * never will be, by estimate.
 */
async function weighOwed(
  unit: UnitOfWork,
  batch: Batch,
  combIds: readonly string[],
  weighed: { grossG: number | null; tareG: number | null; netBy: Take['netBy'] },
): Promise<void> {
  const detail = await batchDetail(unit.db, batch.id);
  const { combs, estimated } = owedWeighings(detail);
  const owed = [...combs, ...(weighed.netBy === 'estimate' ? [] : estimated)].flat();
  const takes = combIds.map((id) => owed.find((t) => t.combId === id));
  if (takes.some((t) => !t))
    throw conflict(
      'weighed-already',
      houseSay('refusal.this-comb-weighed-already'),
      'payload.combIds',
    );
  const estimates = combIds.map((id) => combKgSeen(detail, id));
  const byEstimate = weighed.netBy === 'estimate';
  if (byEstimate && estimates.some((kg) => kg === null))
    throw refused(houseSay('refusal.nobody-looked-at-this-comb'), 'payload.netBy');
  const netG = byEstimate
    ? Math.round(1000 * estimates.reduce((sum: number, kg) => sum + kg!, 0))
    : weighed.grossG! - weighed.tareG!;
  const said = takes.reduce((g, t) => g + (t!.netG ?? 0), 0);
  const wasEstimated = takes.every((t) => t!.netG !== null);
  if (wasEstimated)
    await restateEstimate(
      unit,
      batch,
      takes.map((t) => t!),
      { changeG: netG - said, reason: flowSay('flow.weighed-at-last') },
    );
  const shares = boxShares(netG, estimates);
  for (const [i, take] of takes.entries())
    await unit.update('takes', take!.id, {
      netG: shares[i],
      netBy: weighed.netBy,
      ...(i === 0 && !byEstimate ? { grossG: weighed.grossG, tareG: weighed.tareG } : {}),
    });
  if (wasEstimated) return;
  const key = byEstimate ? 'flow.by-estimate' : 'flow.weighed-later';
  await intoTheBook(unit, batch, netG, flowSay(key, { count: combIds.length }));
}

/** That a comb was taken by somebody, with who and when. */
const takenAlready = async (
  unit: UnitOfWork,
  { id }: { id: string },
  says: Say,
): Promise<Problem> =>
  conflict('taken-already', says, undefined, await standingOf(unit.db, 'takes', id));

/** The bar a comb that was chosen hangs from; null where it hangs no more. Refuses what is taken. */
async function barToTake(unit: UnitOfWork, batch: Batch, combId: string): Promise<BarView | null> {
  if (!batch.combIds.includes(combId))
    throw refused(houseSay('refusal.this-comb-was-not-chosen'), 'payload.combId');
  const comb = await find(unit.db, 'combs', combId, 'comb');
  const [before] = await list(unit.db, 'takes', { batchId: batch.id, combId });
  if (before)
    throw await takenAlready(unit, before, houseSay('refusal.this-comb-written-down-already'));
  if (comb.endedOn) return null;
  const { bars } = await hiveOfComb(unit.db, combId);
  return bars.find((b) => b.comb?.id === combId) ?? null;
}

export const takeWrites = [
  write('/takes', {
    sentence: (p) => {
      const outcome = houseSay(`entry.outcome.${p.outcome}`);
      return p.later ? houseSay('entry.outcome-later', { outcome }) : outcome;
    },
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const bar = await barToTake(unit, batch, payload.combId);
      const leaves = weighsOut(payload.outcome);
      if (leaves) await mayLeaveNow(unit, batch, [payload.combId]);
      const take = takeWritten(payload, { slot: bar?.slot ?? 0, occurredAt: unit.at });
      await unit.insert('takes', take);
      const { netG } = take;
      if (netG !== null) {
        const key = payload.potsEmptied ? 'flow.pots-from' : 'flow.comb-from';
        const reason = flowSay(key, { place: bar ? placeLabel(bar.slot) : '?' });
        const lot = await intoTheBook(unit, batch, netG, reason);
        if (payload.withPollen) await notePollen(unit, lot);
      }
      if (leaves) {
        await dateFromFirst(unit, batch, payload.id);
        await combEnds(unit, batch, payload.combId);
      }
      await addMinutes(unit, batch, payload.minutes ?? 0);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/boxTakes', {
    sentence: (p) =>
      p.grossG === null
        ? houseSay('entry.box-combs-taken-weighed-later', { combs: p.combIds.length })
        : houseSay('entry.box-combs-taken', {
            combs: p.combIds.length,
            netG: { massG: p.grossG - p.emptyG!, as: 'read' },
          }),
    run: async (unit, payload) => {
      const batch = await openBatch(unit, payload.batchId);
      const detail = await batchDetail(unit.db, batch.id);
      const strange = payload.combIds.findIndex((id) => !batch.combIds.includes(id));
      if (strange >= 0)
        throw refused(houseSay('refusal.this-comb-was-not-chosen'), `payload.combIds[${strange}]`);
      const before = detail.takes.find((t) => payload.combIds.includes(t.combId));
      if (before)
        throw await takenAlready(unit, before, houseSay('refusal.comb-this-box-written-down'));
      await mayLeaveNow(unit, batch, payload.combIds);
      const netG = payload.grossG === null ? null : payload.grossG - payload.emptyG!;
      const occurredAt = unit.at;
      for (const take of boxTakesWritten(detail, payload, {
        occurredAt,
        nextId: () => randomUUID(),
      })) {
        await unit.insert('takes', take);
        await combEnds(unit, batch, take.combId);
      }
      if (netG !== null)
        await intoTheBook(
          unit,
          batch,
          netG,
          flowSay('flow.box', { count: payload.combIds.length }),
        );
      await dateFromFirst(unit, batch, payload.id);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/harvests/:id/weighTakes', {
    sentence: (p) =>
      p.netBy === 'estimate'
        ? houseSay('entry.taken-by-its-estimate')
        : houseSay('entry.weighed-at-last'),
    run: async (unit, { combIds, ...weighed }, { id }) => {
      const batch = await openBatch(unit, id);
      await weighOwed(unit, batch, combIds, weighed);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
