import { houseSay } from '@furrow/words';
import {
  type Mass,
  type Say,
  type SayValue,
  closeMass,
  drainSay,
  together,
  drawnBefore,
  outByWeighing,
  potLeftG,
  type Batch,
  type Drain,
  type NewDrain,
  type NewDrainEvent,
  firstOf,
  drainEventWritten,
  flowSay,
  asWritten,
  weighingWritten,
} from '@furrow/core';

import { conflict, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail } from '../harvest/detail.js';
import { bookView, lotView } from '../book/lots.js';
import { drainViews } from './drainViews.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { askIfWrittenByAnother } from '../store/twice.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { estimateEnds, estimateGivesWay } from '../take/estimates.js';
import { addMinutes, lotOf, pressedLotOf } from '../take/lots.js';
import { write } from '../store/writes.js';

async function anyDrain(unit: UnitOfWork, id: string): Promise<Drain> {
  await find(unit.db, 'drains', id, 'drain');
  return (await drainViews(unit.db, { id }))[0];
}

async function runningDrain(unit: UnitOfWork, id: string): Promise<Drain> {
  const drain = await anyDrain(unit, id);
  if (drain.endedAt) throw conflict('closed', houseSay('refusal.this-drain-closed'));
  if (Date.parse(unit.at) < Date.parse(drain.startedAt))
    throw refused(houseSay('refusal.this-lies-before-drain-began'), 'occurredAt');
  return drain;
}

/**
 * Honey that stands in the lower vessel becomes one with what drips: out of its own lot, into this
 * one.
 */
async function pourToPot(
  unit: UnitOfWork,
  batch: Batch,
  { potStartG, potFromLotId }: NewDrain,
): Promise<void> {
  const from = await lotView(unit.db, potFromLotId!);
  if (from?.kind !== 'honey')
    throw refused(houseSay('refusal.choose-lot-honey-that-in'), 'payload.potFromLotId');
  if (from.nowG < potStartG)
    throw refused(
      houseSay('refusal.only-are-there', {
        nowG: { massG: from.nowG, as: 'read' },
        from: from.name,
      }),
      'payload.potStartG',
    );
  await unit.flow({
    from: from.id,
    to: await lotOf(unit, batch, 'honey'),
    g: potStartG,
    reason: flowSay('flow.stood-in-pot'),
  });
  await closeIfEmpty(unit, from.batchId);
}
/**
 * A harvest whose last honey was poured to another one is in the book: nothing of it is left to
 * fill.
 */
async function closeIfEmpty(unit: UnitOfWork, batchId: string): Promise<void> {
  const batch = await batchView(unit.db, batchId);
  const { lots } = await bookView(unit.db, batchId);
  if (batch.stage === 'jar' && lots.every((l) => l.nowG === 0))
    await unit.update('batches', batchId, { stage: 'book', closedAt: unit.at });
}

const degrees = ({ temperatureC }: NewDrainEvent): SayValue => ({ temperatureC: temperatureC! });
const EVENT_SENTENCES: Record<NewDrainEvent['kind'], (p: NewDrainEvent) => Say> = {
  stir: () => houseSay('entry.stirred'),
  mash: () => houseSay('entry.mashed'),
  'draw-off': (p) => houseSay('entry.drew-off', { g: { massG: p.g!, as: 'read' } }),
  temperature: (p) => houseSay('entry.temperature', { temperature: degrees(p) }),
  warm: (p) => houseSay('entry.warming', { temperature: degrees(p) }),
  'warm-end': () => houseSay('entry.warming-ended'),
  press: () => houseSay('entry.press-turned'),
  skim: (p) => houseSay('entry.skimmed', { g: { massG: p.g!, as: 'read' } }),
  moisture: (p) => houseSay('entry.water', { water: { percent: p.moisturePercent! } }),
};

/** More weighs out than was put in: said with what was drawn off, where something was. */
function moreCameOut(drain: Drain, at: string): Say {
  const crushed: Mass = { massG: drain.crushedG, as: 'read' };
  return drawnBefore(drain.events, at) > 0
    ? houseSay('refusal.more-than-crushed-and-drawn', { crushed })
    : houseSay('refusal.more-than-crushed', { crushed });
}

export const drainWrites = [
  write('/drains', {
    sentence: () => houseSay('entry.drain-begun'),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', houseSay('refusal.this-harvest-closed'));
      const book = await bookView(unit.db, batch.id);
      const comb = book.lots.find((lot) => lot.kind === 'comb');
      if (!comb || comb.nowG <= 0)
        throw refused(houseSay('refusal.there-no-comb-left-to'), 'payload.batchId');
      for (const key of ['upperVesselId', 'lowerVesselId'] as const)
        if (payload[key]) await find(unit.db, 'vessels', payload[key], 'vessel');
      const crushed = await lotOf(unit, batch, 'crushed');
      await unit.flow({
        from: comb.id,
        to: crushed,
        g: comb.nowG,
        reason: flowSay('flow.crushed'),
      });
      await unit.insert('drains', {
        ...payload,
        crushedG: comb.nowG,
        startedAt: unit.at,
        endedAt: null,
      });
      if (payload.potStartG > 0) await pourToPot(unit, batch, payload);
      await unit.update('batches', batch.id, {
        stage: 'drain',
        handsOnMinutes: batch.handsOnMinutes + (payload.crushMinutes ?? 0),
      });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/harvests/:id/join', {
    sentence: () => houseSay('entry.two-harvests-put-into-one'),
    run: async (unit, { intoBatchId, agreed }, { id }) => {
      const [batch, into] = [await batchView(unit.db, id), await batchView(unit.db, intoBatchId)];
      if (batch.closedAt || into.closedAt)
        throw conflict('closed', houseSay('refusal.this-harvest-closed'));
      if (batch.id === into.id)
        throw refused(houseSay('refusal.choose-another-harvest'), 'payload.intoBatchId');
      if (!agreed && (!batch.lotGroup || batch.lotGroup !== into.lotGroup))
        throw refused(houseSay('refusal.these-were-not-chosen-as'), 'payload.intoBatchId');
      const comb = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'comb');
      if (!comb || comb.nowG <= 0)
        throw refused(houseSay('refusal.there-no-comb-this-harvest'), 'payload.intoBatchId');
      await unit.flow({
        from: comb.id,
        to: await lotOf(unit, into, 'comb'),
        g: comb.nowG,
        reason: flowSay('flow.one-lot-with', { hive: into.hiveName }),
      });
      await unit.update(
        'batches',
        batch.id,
        { stage: 'book', closedAt: unit.at },
        unit.command.baseRevision,
      );
      return { detail: await batchDetail(unit.db, into.id) };
    },
  }),
  write('/weighings', {
    sentence: (p) =>
      houseSay('entry.weighed', {
        netG: { massG: p.grossG - p.tareG, as: 'read' },
      }),
    run: async (unit, payload) => {
      const drain = await runningDrain(unit, payload.drainId);
      const netG = payload.grossG - payload.tareG;
      const same = { drainId: drain.id, of: payload.of };
      await askIfWrittenByAnother(unit, 'weighings', same, 'netG', netG);
      const outG = outByWeighing(drain, { of: payload.of, netG, occurredAt: unit.at });
      await estimateGivesWay(unit, await batchView(unit.db, drain.batchId), drain, {
        overG: Math.max(outG, netG - drain.potStartG) - drain.crushedG,
        otherwise: moreCameOut(drain, unit.at),
        field: 'payload.grossG',
      });
      await unit.insert('weighings', weighingWritten(payload, unit.at));
      return { detail: await batchDetail(unit.db, drain.batchId) };
    },
  }),
  write('/weighings/:id', {
    sentence: (p) =>
      p.leftOut ? houseSay('entry.weighing-left-out') : houseSay('entry.weighing-counted-again'),
    run: async (unit, payload, { id }) => {
      const weighing = await find(unit.db, 'weighings', id, 'weighing');
      const drain = await runningDrain(unit, weighing.drainId);
      await unit.update('weighings', id, payload);
      return { detail: await batchDetail(unit.db, drain.batchId) };
    },
  }),
  write('/readings', {
    sentence: (p) =>
      houseSay('entry.readings', { readings: p.readings.length, instrument: p.instrument }),
    run: async (unit, { id, drainId, instrument, readings }) => {
      const drain = await runningDrain(unit, drainId);
      const vessel = drain.lowerVesselId
        ? await find(unit.db, 'vessels', drain.lowerVesselId, 'vessel')
        : null;
      const known = new Set(drain.readings.map((r) => r.at));
      const fresh = readings.filter((r) => !known.has(r.at) && r.at >= drain.startedAt);
      if (fresh.length)
        await unit.insert('readings', {
          id,
          drainId,
          instrument,
          tareG: vessel?.tareG ?? 0,
          readings: fresh,
          occurredAt: fresh[0].at,
        });
      return { added: fresh.length, known: readings.length - fresh.length };
    },
  }),
  write('/drainEvents', {
    sentence: (p) => EVENT_SENTENCES[p.kind](p),
    run: async (unit, payload) => {
      const after = payload.kind === 'skim' || payload.kind === 'moisture';
      const drain = after
        ? await anyDrain(unit, payload.drainId)
        : await runningDrain(unit, payload.drainId);
      const batch = await batchView(unit.db, drain.batchId);
      const { rules } = await currentRules(unit.db);
      if (payload.kind === 'warm' && rules.warm === 'never')
        throw refused(houseSay('refusal.your-house-rule-never-to'), 'payload.temperatureC');
      if (payload.kind === 'warm' && payload.temperatureC! > rules.warmLimitC)
        throw refused(
          houseSay('refusal.your-house-rule-warms-to', {
            warmLimitC: { temperatureC: rules.warmLimitC },
          }),
          'payload.temperatureC',
        );
      if (payload.g) {
        const same = { drainId: drain.id, kind: payload.kind };
        await askIfWrittenByAnother(unit, 'drainEvents', same, 'g', payload.g);
      }
      await unit.insert('drainEvents', drainEventWritten(payload, unit.at));
      if (payload.kind === 'press')
        await estimateGivesWay(unit, batch, drain, {
          overG: (payload.g ?? 0) - drain.crushedG,
          otherwise: houseSay('refusal.more-than-crushed-now', {
            crushed: { massG: drain.crushedG, as: 'read' },
          }),
          field: 'payload.g',
        });
      if (payload.kind === 'draw-off') {
        const from = await lotOf(unit, batch, 'crushed');
        const { nowG } = (await lotView(unit.db, from))!;
        const drippedG = Math.max(0, payload.g! - potLeftG(drain, unit.at));
        await estimateGivesWay(unit, batch, drain, {
          overG: drippedG - nowG,
          otherwise: houseSay('refusal.more-than-can-have-come', {
            left: { massG: nowG, as: 'read' },
          }),
          field: 'payload.g',
        });
        await unit.flow({
          from,
          to: await lotOf(unit, batch, 'honey'),
          g: drippedG,
          reason: flowSay('flow.drawn-off'),
        });
      }
      if (payload.kind === 'skim' && payload.g)
        await unit.flow({
          from: await lotOf(unit, batch, 'honey'),
          to: await lotOf(unit, batch, 'wet-wax'),
          g: payload.g,
          reason: flowSay('flow.skimmed'),
        });
      await addMinutes(unit, batch, payload.minutes);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/blends', {
    sentence: (p) => houseSay('entry.poured-together', { g: { massG: p.g, as: 'read' } }),
    run: async (unit, { fromLotId, intoLotId, g }) => {
      const [from, into] = [await lotView(unit.db, fromLotId), await lotView(unit.db, intoLotId)];
      if (from?.kind !== 'honey' || into?.kind !== 'honey')
        throw refused(houseSay('refusal.only-honey-poured-to-honey'), 'payload.fromLotId');
      if (from.nowG < g)
        throw refused(
          houseSay('refusal.only-are-there', {
            nowG: { massG: from.nowG, as: 'read' },
            from: from.name,
          }),
          'payload.g',
        );
      await unit.flow({ from: from.id, to: into.id, g, reason: flowSay('flow.blended') });
      return { detail: await batchDetail(unit.db, into.batchId) };
    },
  }),
  write('/drains/:id/close', {
    sentence: () => houseSay('entry.drain-closed'),
    run: async (unit, payload, { id }) => {
      const drain = await runningDrain(unit, id);
      const batch = await batchView(unit.db, drain.batchId);
      const book = await bookView(unit.db, batch.id);
      const crushed = firstOf(book.lots, (lot) => lot.kind === 'crushed');
      const honeyG = payload.honeyG + payload.pressedG;
      const wasteG = payload.waste.reduce((sum, w) => sum + w.g, 0);
      await estimateEnds(unit, batch, drain, {
        leftG: crushed.nowG,
        honeyG,
        outG: honeyG + payload.wetWaxG + wasteG,
      });
      const { gapG, asks, sentence } = closeMass({
        crushedG: drain.crushedG,
        leftG: (await lotView(unit.db, crushed.id))!.nowG,
        honeyG,
        wetWaxG: payload.wetWaxG,
        debrisG: wasteG,
      });
      if (asks && payload.gapReason === '')
        throw refused(together(sentence, drainSay('drain.closing.say-why')), 'payload.gapReason');
      const why = payload.gapReason ? asWritten(payload.gapReason) : flowSay('flow.stuck');
      // Found mass comes in first, so that the book never draws the lot below zero.
      if (gapG < 0)
        await unit.flow({
          from: 'outside',
          to: crushed.id,
          g: -gapG,
          reason: flowSay('flow.found', { why }),
        });
      await unit.flow({
        from: crushed.id,
        to: await lotOf(unit, batch, 'honey'),
        g: payload.honeyG,
        reason: flowSay('flow.drained'),
      });
      if (payload.pressedG > 0)
        await unit.flow({
          from: crushed.id,
          to: await pressedLotOf(unit, batch),
          g: payload.pressedG,
          reason: flowSay('flow.pressed'),
        });
      if (payload.wetWaxG > 0)
        await unit.flow({
          from: crushed.id,
          to: await lotOf(unit, batch, 'wet-wax'),
          g: payload.wetWaxG,
          reason: flowSay('flow.wax-weighed'),
        });
      for (const { what, g } of payload.waste)
        await unit.flow({
          from: crushed.id,
          to: 'loss',
          g,
          reason: flowSay('flow.waste', { what }),
        });
      if (gapG > 0)
        await unit.flow({
          from: crushed.id,
          to: 'loss',
          g: gapG,
          reason: flowSay('flow.lost', { why }),
        });
      await unit.update('drains', id, { endedAt: unit.at }, unit.command.baseRevision);
      await unit.update('batches', batch.id, {
        stage: 'jar',
        handsOnMinutes: batch.handsOnMinutes + payload.minutes,
      });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];
