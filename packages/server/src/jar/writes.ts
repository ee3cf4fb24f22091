import { houseSay } from '@furrow/words';
import {
  honeyOfFilling,
  jarsFilled,
  overfull,
  type Batch,
  type JarKindRecord,
  type Lot,
  dayOf,
  type Say,
  flowSay,
  lotNamed,
  lotSay,
  asWritten,
} from '@furrow/core';
import { DateTime } from 'luxon';

import { notFound, type Problem, refused } from '../problem.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { find } from '../store/rows.js';
import { batchDetail } from '../harvest/detail.js';
import { bookView, lotView } from '../book/lots.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { lotCode } from './codes.js';
import { write } from '../store/writes.js';

/** Density goes by the water; where none was measured it is taken so. */
const WATER_TAKEN_PERCENT = 18;

interface Filling {
  id: string;
  jarKindId: string;
  count: number;
  netG: number;
  lowestWeighedG: number | null;
  weights: number[];
  /** A number that was taken along and stands on the jars; null where the house gives one. */
  code: string | null;
}

/** What stands against filling so many jars of a kind; null where nothing does. */
function fillRefused(
  { count, netG, weights }: Filling,
  jar: JarKindRecord,
  honey: Lot | undefined,
  path: string,
): Problem | null {
  const netPath = path.replace(/count$/, 'netG');
  const [nowG, totalG] = [honey?.nowG ?? 0, count * netG];
  if (nowG < totalG)
    return refused(
      houseSay('refusal.jars-are-honey-are-there', {
        count,
        netG: { massG: netG, as: 'read' },
        totalG: { massG: totalG, as: 'read' },
        nowG: { massG: nowG, as: 'read' },
      }),
      path,
    );
  if (jar.stock < count)
    return refused(
      houseSay('refusal.only-are-in-stock', { stock: jar.stock, kind: jar.name }),
      path,
    );
  const tooSmall = roomRefused(netG, jar);
  if (tooSmall) return refused(tooSmall, netPath);
  const { minG, maxG } = jar;
  if (netG < (minG ?? 0) || netG > (maxG ?? Infinity))
    return refused(
      houseSay('refusal.filled-with-to', {
        jar: jar.name,
        minG: { massG: minG ?? 1, as: 'read' },
        maxG: { massG: maxG ?? jar.netG, as: 'read' },
      }),
      netPath,
    );
  return weights.length > count
    ? refused(houseSay('refusal.jars-weights', { count, weights: weights.length }), path)
    : null;
}

/** A jar of a net weight holds so much more at most, before it runs over. A starting value. */
const HOLDS_OF_NET = 1.1;
function roomRefused(netG: number, jar: JarKindRecord): Say | null {
  if (netG > jar.netG * HOLDS_OF_NET)
    return houseSay('refusal.does-not-fit-into', {
      net: { massG: netG, as: 'read' },
      jar: jar.name,
      jarNet: { massG: jar.netG, as: 'read' },
    });
  const tooMuch = jar.volumeMl ? overfull(netG, jar.volumeMl, WATER_TAKEN_PERCENT) : null;
  return tooMuch && houseSay('refusal.jar-says', { jar: jar.name, why: tooMuch });
}

/**
 * Fills jars of one kind from one lot of honey: stock, book and the lot of n like jars. A use-first
 * lot stays one in its jars.
 */
async function fill(
  unit: UnitOfWork,
  batch: Batch,
  honey: Lot | undefined,
  filling: Filling,
  path: string,
): Promise<void> {
  const { id, count, netG } = filling;
  const jar = await find(unit.db, 'jarKinds', filling.jarKindId, 'kind-of-jar');
  const problem = fillRefused(filling, jar, honey, path);
  if (problem || !honey) throw problem ?? notFound('lot-of-honey');
  await unit.insert('lots', {
    id,
    batchId: batch.id,
    code: await lotCode(unit, batch, filling.code),
    ...jarsFilled(filling, honey, batch.hiveName),
  });
  await unit.flow({ from: honey.id, to: id, g: count * netG, reason: flowSay('flow.filled') });
  await unit.update('jarKinds', jar.id, { stock: jar.stock - count });
}

export const jarWrites = [
  write('/pieces', {
    sentence: (p) => houseSay('entry.pieces-comb-honey-cut', { count: p.count }),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const comb = (await bookView(unit.db, batch.id)).lots.find((lot) => lot.kind === 'comb');
      if (!comb || comb.nowG < payload.totalG)
        throw refused(
          houseSay('refusal.only-comb-are-there-to', {
            nowG: { massG: comb?.nowG ?? 0, as: 'read' },
          }),
          'payload.totalG',
        );
      await unit.insert('lots', {
        id: payload.id,
        batchId: batch.id,
        kind: 'pieces',
        name: lotNamed(batch.hiveName, lotSay('lot.pieces', { count: payload.count })),
        code: await lotCode(unit, batch),
        count: payload.count,
        netG: Math.floor(payload.totalG / payload.count),
        jarKindId: null,
        lowestWeighedG: null,
      });
      await unit.flow({
        from: comb.id,
        to: payload.id,
        g: payload.totalG,
        reason: flowSay('flow.cut'),
      });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/fillings', {
    sentence: (p) =>
      houseSay('entry.jars-filled', { count: p.count, netG: { massG: p.netG, as: 'read' } }),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      const honey = honeyOfFilling((await bookView(unit.db, batch.id)).lots, payload);
      await fill(unit, batch, honey, payload, 'payload.count');
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
  write('/fillings/several', {
    sentence: (p) => {
      const n = p.fillings.reduce((sum, f) => sum + f.count, 0);
      return houseSay('entry.jars-filled-from-several-lots', { count: n });
    },
    run: async (unit, { fillings }) => {
      for (const [i, { honeyLotId, ...filling }] of fillings.entries()) {
        const honey = await lotView(unit.db, honeyLotId);
        if (honey?.kind !== 'honey')
          throw refused(
            houseSay('refusal.there-no-such-lot-honey'),
            `payload.fillings[${i}].honeyLotId`,
          );
        await fill(
          unit,
          await batchView(unit.db, honey.batchId),
          honey,
          { ...filling, lowestWeighedG: null, weights: [], code: null },
          `payload.fillings[${i}].count`,
        );
      }
      return { lotIds: fillings.map((f) => f.id) };
    },
  }),
  write('/lots/:id/weights', {
    sentence: (p) => houseSay('entry.jars-weighed', { weights: p.weights.length }),
    run: async (unit, { weights }, { id }) => {
      const lot = await lotView(unit.db, id);
      if (lot?.kind !== 'jars' || !lot.count || !lot.netG)
        throw refused(houseSay('refusal.choose-jars-that-were-filled'), 'payload.weights');
      if (weights.length > lot.count)
        throw refused(
          houseSay('refusal.lot-has-jars-weights', { count: lot.count, weights: weights.length }),
          'payload.weights',
        );
      const odd = weights.find((w) => w > lot.netG! * 1.3 || w < lot.netG! * 0.5);
      if (odd !== undefined)
        throw refused(
          houseSay('refusal.far-from-was-jars-tare', {
            odd: { massG: odd, as: 'read' },
            netG: { massG: lot.netG, as: 'read' },
          }),
          'payload.weights',
        );
      await unit.update(
        'lots',
        id,
        { weights, lowestWeighedG: weights.length ? Math.min(...weights) : null },
        unit.command.baseRevision,
      );
      return { detail: await batchDetail(unit.db, lot.batchId) };
    },
  }),
  write('/lots/:id/use-first', {
    sentence: (p) =>
      p.on ? houseSay('entry.lot-to-be-used-first') : houseSay('entry.not-use-first-lot-any'),
    run: async (unit, { on, useBy }, { id }) => {
      const lot = await lotView(unit.db, id);
      if (!lot || !['honey', 'jars', 'pieces'].includes(lot.kind))
        throw refused(houseSay('refusal.choose-honey-jars-or-pieces'), 'payload.on');
      const batch = await batchView(unit.db, lot.batchId);
      const { rules } = await currentRules(unit.db);
      const by = on
        ? (useBy ?? dayOf(DateTime.fromISO(batch.date).plus({ days: rules.useFirstDays })))
        : null;
      if (by && by < batch.date)
        throw refused(
          houseSay('refusal.it-was-harvested-on', { date: { date: batch.date } }),
          'payload.useBy',
        );
      await unit.update('lots', id, { useBy: by });
      return { detail: await batchDetail(unit.db, lot.batchId) };
    },
  }),
  write('/lots/:id/granulating', {
    sentence: (p) =>
      p.granulating
        ? houseSay('entry.honey-granulates')
        : houseSay('entry.honey-does-not-granulate'),
    run: async (unit, { granulating }, { id }) => {
      const lot = await lotView(unit.db, id);
      if (!lot || !['honey', 'jars'].includes(lot.kind))
        throw refused(houseSay('refusal.choose-honey-or-jars'), 'payload.granulating');
      await unit.update('lots', id, { granulating });
      return { detail: await batchDetail(unit.db, lot.batchId) };
    },
  }),
  write('/flows', {
    sentence: ({ g, reason }) => houseSay('entry.flow', { g: { massG: g, as: 'read' }, reason }),
    run: async (unit, payload) => {
      for (const key of ['from', 'to'] as const) {
        const end = payload[key];
        if (end === 'outside' || (end === 'loss' && key === 'to')) continue;
        if (!(await unit.db('lots').where({ id: end, removedAt: null }).first()))
          throw refused(houseSay('refusal.there-no-such-lot'), `payload.${key}`);
      }
      if (payload.from === 'outside' && (payload.to === 'loss' || payload.to === 'outside'))
        throw refused(houseSay('refusal.flow-touches-at-least-one'), 'payload.to');
      await unit.flow({ ...payload, reason: asWritten(payload.reason) });
      return { flowId: payload.id };
    },
  }),
];
