import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import {
  FATES_UNDER_HOLD,
  FATE_WORDS,
  HOLD_WORDS,
  discountIssue,
  type Fate,
  type Say,
  flowSay,
} from '@furrow/core';

import { notFound, refused } from '../problem.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { find } from '../store/rows.js';
import { holdSaid } from '../book/holds.js';
import { batchDetail } from '../harvest/detail.js';
import { lotView } from '../book/lots.js';
import { currentRules } from '../rules/currentRules.js';
import { filledLot, keepingOf } from './labels.js';
import { write } from '../store/writes.js';
import { z } from 'zod';
import { rowOf } from '../store/asked.js';

/**
 * The row of a name, made when first said. Written past the journal on purpose: a name must be
 * forgettable.
 */
async function personOf(unit: UnitOfWork, who: string): Promise<string | null> {
  if (!who) return null;
  const there = await rowOf(
    { id: z.string() },
    unit.db('people').where({ name: who, removedAt: null }).first(),
  );
  if (there) return there.id;
  const id = randomUUID();
  await unit.db('people').insert({ id, name: who, revision: 1, recordedAt: unit.recordedAt });
  return id;
}

/** Why a filled lot may not go this way; null where the record does not speak against it. */
async function fateRefused(unit: UnitOfWork, lotId: string, fate: Fate): Promise<Say | null> {
  const filled = await filledLot(unit.db, lotId);
  const held = filled.holds.find((hold) => !FATES_UNDER_HOLD[hold.cause].includes(fate));
  if (held)
    return houseSay('refusal.held-back-2', {
      held: holdSaid(held),
      ask: HOLD_WORDS[held.cause].ask,
    });
  if (fate !== 'sold') return null;
  if (filled.lot.useBy) return houseSay('refusal.used-first-not-sold');
  const { rules } = await currentRules(unit.db);
  const { notForSale } = keepingOf(filled, rules);
  if (notForSale) return notForSale;
  const unsaid = filled.bee === 'stingless' && !(rules.stinglessSpecies && rules.stinglessPermit);
  if (unsaid) return houseSay('refusal.species-unsaid');
  if (!rules.registeredToSell) return houseSay('refusal.not-registered');
  return null;
}

/** What leaves the shelf: sold, given, eaten, into mead or cosmetics, spoilt. */
export const outWrites = [
  write('/outs', {
    sentence: (p) => houseSay(`entry.out.${p.fate}`, { count: p.count }),
    run: async (unit, payload) => {
      const lot = await lotView(unit.db, payload.lotId);
      if (!lot?.count || (lot.kind !== 'pieces' && lot.kind !== 'jars'))
        throw refused(houseSay('refusal.choose-jars-or-pieces-that'), 'payload.lotId');
      const against = await fateRefused(unit, lot.id, payload.fate);
      if (against) throw refused(against, 'payload.fate');
      const gone = Number(
        (await unit.db('outs').where({ lotId: lot.id, removedAt: null }).sum('count as n').first())
          ?.n ?? 0,
      );
      const left = lot.count - gone;
      if (payload.count > left)
        throw refused(
          left === 0
            ? houseSay('refusal.none-them-left')
            : houseSay('refusal.only-them-are-left', { left }),
          'payload.count',
        );
      const issue = discountIssue(payload);
      if (issue) throw refused(issue, 'payload.discountAmount');
      // The last ones take what is there, so that no gram stays behind by rounding.
      const g =
        payload.count === left
          ? lot.nowG
          : Math.min(lot.nowG, Math.round((lot.inG / lot.count) * payload.count));
      const { who, ...out } = payload;
      await unit.insert('outs', {
        ...out,
        g,
        personId: await personOf(unit, who),
        occurredAt: unit.at,
      });
      await unit.flow({
        from: lot.id,
        to: payload.fate === 'spoilt' ? 'loss' : 'outside',
        g,
        reason: flowSay('flow.went', { fate: FATE_WORDS[payload.fate], count: payload.count }),
      });
      return { detail: await batchDetail(unit.db, lot.batchId) };
    },
  }),
  write('/reserves', {
    sentence: (p) => houseSay('entry.jars-promised', { count: p.count }),
    run: async (unit, { who, ...reserve }) => {
      await find(unit.db, 'jarKinds', reserve.jarKindId, 'kind-of-jar');
      await unit.insert('reserves', {
        ...reserve,
        personId: await personOf(unit, who),
        doneAt: null,
      });
      return { id: reserve.id };
    },
  }),
  ...(['done', 'withdraw'] as const).map((act) =>
    write(`/reserves/:id/${act}`, {
      sentence: () =>
        act === 'done' ? houseSay('entry.promise-kept') : houseSay('entry.promise-withdrawn'),
      run: async (unit, _payload, { id }) => {
        const reserve = await find(unit.db, 'reserves', id, 'promise');
        if (reserve.doneAt) throw refused(houseSay('refusal.this-promise-kept-already'), 'id');
        await unit.update(
          'reserves',
          id,
          act === 'done' ? { doneAt: unit.at } : { removedAt: unit.recordedAt },
        );
        return { id };
      },
    }),
  ),
  write('/people/:id/forget', {
    sentence: () => houseSay('entry.name-forgotten'),
    run: async (unit, _payload, { id }) => {
      // Not undone by the journal: what is forgotten is not written anywhere.
      if ((await unit.db('people').where({ id }).update({ name: '' })) === 0)
        throw notFound('name');
      return { id };
    },
  }),
];
