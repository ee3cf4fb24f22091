import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import {
  FATES_UNDER_HOLD,
  HOLD_WORDS,
  holdSay,
  type Say,
  mayFeed,
  rinseHolds,
  stateAt,
  type Aftercare,
  type Batch,
  flowSay,
  lotNamed,
  lotSay,
} from '@furrow/core';
import type { Knex } from 'knex';
import { dateAt } from '../look/dateAt.js';
import { conflict, refused } from '../problem.js';
import { hiveView } from '../look/hiveViews.js';
import { find, list, openRow } from '../store/rows.js';
import { batchDetail } from '../harvest/detail.js';
import { bookView, lotView } from './lots.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';
import { lotOf } from '../take/lots.js';
import { holdsOnLot } from './holds.js';
import { traceOf } from './trace.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

/**
 * Hives that a lot's honey came from by the trace; null for what came from outside the book into no
 * harvest. Water is tagged with the rinse it was poured into: it is no honey of anyone.
 */
async function originsByTrace(db: Knex, lotId: string): Promise<(string | null)[]> {
  const { shares } = await traceOf(db, lotId, 'back');
  const lots = new Map(
    (
      await rowsOf(
        { id: z.string(), kind: z.string(), hiveId: z.string() },
        db('lots')
          .join('batches', 'batches.id', 'lots.batchId')
          .whereIn(
            'lots.id',
            shares.map((s) => s.lot),
          )
          .where({ 'lots.removedAt': null })
          .select('lots.id as id', 'lots.kind as kind', 'batches.hiveId as hiveId'),
      )
    ).map((l) => [l.id, l]),
  );
  return [
    ...new Set(
      shares
        .filter((s) => !['rinse', 'mead'].includes(lots.get(s.lot)?.kind ?? ''))
        .map((s) => lots.get(s.lot)?.hiveId ?? null),
    ),
  ];
}

/** Whether this batch's honey, wax or rinse may go back to its own hive, with the reason. */
async function feedAnswer(
  db: Knex,
  batch: Batch,
  at: string,
  lotId?: string,
): Promise<Aftercare['feed']> {
  const hive = await hiveView(db, batch.hiveId);
  const { rules } = await currentRules(db);
  const state = stateAt(hive, at, rules);
  const lot =
    lotId ??
    (
      await openRow(
        'lots',
        db('lots')
          .where({ batchId: batch.id, removedAt: null })
          .whereIn('kind', ['wet-wax', 'honey', 'comb'])
          .orderBy('kind', 'desc'),
      )
    )?.id;
  const answer = mayFeed({
    origins: lot ? await originsByTrace(db, lot) : [],
    toHiveId: hive.id,
    toHiveName: hive.name,
    dead: state.dead,
    broodCheck: state.lastKnown.broodCheck,
    broodCheckDays: rules.shelfDays.broodCheck,
    sick: state.health.state === 'sick',
    heldBy: lot ? await heldText(db, lot) : null,
    date: dateAt(at, batch.zone),
  });
  return { hiveId: hive.id, hiveName: hive.name, ...answer };
}

/** Why a lot is held back and whom to ask; null where it is not. */
async function heldText(db: Knex, lotId: string): Promise<Say | null> {
  const [hold] = await holdsOnLot(db, lotId);
  return hold ? holdSay('hold.ask', { why: hold.sentence, ask: HOLD_WORDS[hold.cause].ask }) : null;
}

/** All that came after the honey of a harvest, and what the household's runs of wax gave. */
export async function aftercareOf(db: Knex, batchId: string, now: string): Promise<Aftercare> {
  const batch = await batchView(db, batchId);
  const drains = await rowsOf(
    { crushedG: z.number() },
    db('drains').where({ batchId, removedAt: null }).select('crushedG'),
  );
  const rinses = await list(db, 'rinses', { batchId }, 'occurredAt');
  return {
    waxCares: await list(db, 'waxCares', { batchId }, 'occurredAt'),
    waxRuns: await list(db, 'waxRuns', { batchId }, 'occurredAt'),
    rinses,
    gearCares: await list(db, 'gearCares', { batchId }, 'occurredAt'),
    combG: drains.reduce((g, d) => g + d.crushedG, 0),
    householdRuns: (await list(db, 'waxRuns')).map(({ way, inG, cleanG }) => ({
      way,
      inG,
      cleanG,
    })),
    feed: await feedAnswer(db, batch, now, rinses.find((r) => !r.usedAt)?.lotId),
  };
}

/**
 * What comes after the honey: wax, rinse, wet gear, and questions of the book that were answered.
 */
export const aftercareWrites = [
  write('/waxCares', {
    sentence: (p) => houseSay(`entry.wet-wax.${p.kind}`),
    run: async (unit, payload) => {
      await batchView(unit.db, payload.batchId);
      await unit.insert('waxCares', { ...payload, occurredAt: unit.at });
      return { id: payload.id };
    },
  }),
  write('/waxDiscs', {
    sentence: (p) =>
      houseSay('entry.pressed-wax-with-its-honey', { g: { massG: p.g, as: 'read' } }),
    run: async (unit, { batchId, g }) => {
      const detail = await batchDetail(unit.db, batchId);
      const wet = detail.lots.find((lot) => lot.kind === 'wet-wax');
      if (!wet || wet.nowG <= 0)
        throw conflict('no-wax', houseSay('refusal.no-pressed-wax-this-harvest'));
      if (g > wet.nowG)
        throw refused(
          houseSay('refusal.only-it-are-there', { nowG: { massG: wet.nowG, as: 'read' } }),
          'payload.g',
        );
      const held = (detail.holds[wet.id] ?? []).find(
        (hold) => !FATES_UNDER_HOLD[hold.cause].includes('eaten'),
      );
      if (held)
        throw refused(
          houseSay('refusal.held-back', { why: (await heldText(unit.db, wet.id))! }),
          'payload.g',
        );
      await unit.flow({ from: wet.id, to: 'outside', g, reason: flowSay('flow.disc-eaten') });
      return { detail: await batchDetail(unit.db, batchId) };
    },
  }),
  write('/waxes', {
    sentence: (p) => houseSay('entry.clean-wax', { cleanG: { massG: p.cleanG, as: 'read' } }),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const wet = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'wet-wax');
      if (!wet || wet.nowG <= 0)
        throw conflict('no-wax', houseSay('refusal.no-wet-wax-this-harvest'));
      if (payload.cleanG > wet.nowG)
        throw refused(
          houseSay('refusal.only-wet-wax-are-there', { nowG: { massG: wet.nowG, as: 'read' } }),
          'payload.cleanG',
        );
      await unit.flow({
        from: wet.id,
        to: await lotOf(unit, batch, 'clean-wax'),
        g: payload.cleanG,
        reason: flowSay('flow.rendered'),
      });
      if (payload.restIsSlumgum)
        await unit.flow({
          from: wet.id,
          to: 'loss',
          g: wet.nowG - payload.cleanG,
          reason: flowSay('flow.slumgum'),
        });
      // A yield is learned only from a whole rendering whose way is known.
      const rinsed = Boolean(
        await unit
          .db('waxCares')
          .where({ batchId: batch.id, kind: 'rinsed', removedAt: null })
          .first(),
      );
      if (payload.way)
        await unit.insert('waxRuns', {
          id: randomUUID(),
          batchId: batch.id,
          way: payload.way,
          rinsed,
          filtered: payload.filtered,
          inG: payload.restIsSlumgum ? wet.nowG : payload.cleanG,
          cleanG: payload.cleanG,
          blocks: payload.blocks,
          occurredAt: unit.at,
        });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/rinses', {
    sentence: (p) =>
      houseSay('entry.rinse-at-brix', {
        litres: { volumeL: p.litres },
        brixPercent: p.brixPercent,
      }),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const wet = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'wet-wax');
      const holds = rinseHolds(payload.litres, payload.brixPercent);
      const honeyG = Math.min(Math.round(holds.honeyKg * 1000), wet?.nowG ?? 0);
      const lotId = randomUUID();
      await unit.insert('lots', {
        id: lotId,
        batchId: batch.id,
        kind: 'rinse',
        name: lotNamed(batch.hiveName, lotSay('lot.rinse')),
        code: null,
        count: null,
        netG: null,
        jarKindId: null,
        lowestWeighedG: null,
      });
      if (honeyG > 0)
        await unit.flow({
          from: wet!.id,
          to: lotId,
          g: honeyG,
          reason: flowSay('flow.rinsed-off'),
        });
      // What the reading says beyond the wax came from bars and tools: it was booked as lost and is
      // found again.
      const foundG = Math.round(holds.honeyKg * 1000) - honeyG;
      if (foundG > 0)
        await unit.flow({
          from: 'outside',
          to: lotId,
          g: foundG,
          reason: flowSay('flow.found', { why: flowSay('flow.bars-and-tools') }),
        });
      await unit.flow({
        from: 'outside',
        to: lotId,
        g: Math.max(0, Math.round(holds.massKg * 1000) - honeyG - foundG),
        reason: flowSay('flow.water'),
      });
      await unit.insert('rinses', {
        ...payload,
        lotId,
        honeyG: honeyG + foundG,
        fate: null,
        fedHiveId: null,
        targetGravity: null,
        finalGravity: null,
        addedHoneyG: 0,
        addedWaterL: 0,
        occurredAt: unit.at,
        usedAt: null,
      });
      return { id: payload.id };
    },
  }),
  write('/rinses/:id/use', {
    sentence: (p) => houseSay(`entry.rinse.${p.fate}`),
    run: async (unit, payload, { id }) => {
      const rinse = await find(unit.db, 'rinses', id, 'rinse');
      if (rinse.usedAt) throw conflict('used', houseSay('refusal.this-rinse-used-already'));
      const batch = await batchView(unit.db, rinse.batchId);
      const nowG = (await lotView(unit.db, rinse.lotId))?.nowG ?? 0;
      if (payload.fate === 'fed') {
        const answer = await feedAnswer(unit.db, batch, unit.at, rinse.lotId);
        if (payload.hiveId !== answer.hiveId)
          throw refused(houseSay('refusal.it-may-go-back-only'), 'payload.hiveId');
        if (!answer.may) throw refused(answer.reason, 'payload.fate');
        await unit.flow({
          from: rinse.lotId,
          to: 'outside',
          g: nowG,
          reason: flowSay('flow.fed-back', { hive: answer.hiveName }),
        });
      } else if (payload.fate === 'poured-away')
        await unit.flow({
          from: rinse.lotId,
          to: 'loss',
          g: nowG,
          reason: flowSay('flow.rinse-poured'),
        });
      else {
        if (payload.targetGravity === null)
          throw refused(houseSay('refusal.say-at-which-gravity-it'), 'payload.targetGravity');
        const meadId = randomUUID();
        await unit.insert('lots', {
          id: meadId,
          batchId: batch.id,
          kind: 'mead',
          name: lotNamed(batch.hiveName, lotSay('lot.mead')),
          code: null,
          count: null,
          netG: null,
          jarKindId: null,
          lowestWeighedG: null,
        });
        await unit.flow({
          from: rinse.lotId,
          to: meadId,
          g: nowG,
          reason: flowSay('flow.into-mead'),
        });
        if (payload.honeyG > 0) {
          const honey = payload.honeyLotId ? await lotView(unit.db, payload.honeyLotId) : null;
          if (honey?.kind !== 'honey' || honey.nowG < payload.honeyG)
            throw refused(
              houseSay('refusal.only-that-honey-are-there', {
                nowG: { massG: honey?.nowG ?? 0, as: 'read' },
              }),
              'payload.honeyG',
            );
          await unit.flow({
            from: honey.id,
            to: meadId,
            g: payload.honeyG,
            reason: flowSay('flow.honey-into-mead'),
          });
        }
        if (payload.waterL > 0)
          await unit.flow({
            from: 'outside',
            to: meadId,
            g: Math.round(payload.waterL * 998.2),
            reason: flowSay('flow.water'),
          });
      }
      await unit.update('rinses', id, {
        fate: payload.fate,
        fedHiveId: payload.fate === 'fed' ? payload.hiveId : null,
        targetGravity: payload.targetGravity,
        finalGravity: payload.fate === 'mead' ? payload.finalGravity : null,
        addedHoneyG: payload.honeyG,
        addedWaterL: payload.waterL,
        usedAt: unit.at,
      });
      return { id };
    },
  }),
  write('/gearCares', {
    sentence: (p) => houseSay(`entry.wet-gear.${p.way}`),
    run: async (unit, { warned, ...payload }) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (payload.way === 'open' && !warned)
        throw refused(houseSay('refusal.in-open-it-calls-robbers'), 'payload.warned');
      if (payload.way === 'same-hive') {
        const answer = await feedAnswer(unit.db, batch, unit.at);
        if (!answer.may) throw refused(answer.reason, 'payload.way');
      }
      await unit.insert('gearCares', { ...payload, occurredAt: unit.at });
      return { id: payload.id };
    },
  }),
  write('/answers', {
    sentence: (p) => houseSay('entry.answered', { answer: p.answer }),
    run: async (unit, payload) => {
      const id = randomUUID();
      await unit.insert('answers', { id, ...payload, occurredAt: unit.at });
      return { id };
    },
  }),
];
