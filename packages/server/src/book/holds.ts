import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import {
  HOLD_WORDS,
  standingAgainst,
  type ColonyFact,
  type DatedFact,
  type Hold,
  type HoldCause,
  type HoldView,
  type JudgedComb,
  type Question,
  entryOf,
  holdSay,
  type Say,
  asWritten,
} from '@furrow/core';
import type { Knex } from 'knex';
import { dateAt } from '../look/dateAt.js';
import { conflict } from '../problem.js';
import { find, list } from '../store/rows.js';
import { flowsOfLots, type UnitOfWork } from '../store/unitOfWork.js';
import { lotView } from './lots.js';
import { batchView, batchViewsOf } from '../harvest/batches.js';
import { write } from '../store/writes.js';
import { z } from 'zod';
import { columnOf } from '../store/asked.js';

type HoldRow = Omit<Hold, 'on'> & { onDate: string };
const asHold = ({ onDate, ...hold }: HoldRow): Hold => ({ ...hold, on: onDate });

/** What a fact about a colony says of honey taken from it before; null where it says nothing. */
export function holdCauseOf(fact: ColonyFact): { cause: HoldCause; key: FoundKey } | null {
  if (fact.kind === 'brood-check' && fact.result === 'sick')
    return { cause: 'sick', key: 'hold.brood-sick' };
  if (fact.kind === 'inspector' && fact.said === 'disease')
    return { cause: 'sick', key: 'hold.inspector' };
  if (fact.kind !== 'death') return null;
  if (fact.word === 'disease' || fact.causes.includes('foulbrood'))
    return { cause: 'sick', key: 'hold.died-diseased' };
  if (fact.causes.includes('poisoned')) return { cause: 'dead', key: 'hold.died-poisoned' };
  return null;
}
type FoundKey = 'hold.brood-sick' | 'hold.inspector' | 'hold.died-diseased' | 'hold.died-poisoned';

/** Holds what came of a harvest, unless it is held for the same cause already. */
async function placeHold(
  unit: UnitOfWork,
  batchId: string,
  cause: HoldCause,
  sentence: Say,
  on: string,
): Promise<void> {
  const there = await unit
    .db('holds')
    .where({ batchId, cause, liftedOn: null, removedAt: null })
    .first();
  if (there) return;
  await unit.insert('holds', {
    id: randomUUID(),
    batchId,
    cause,
    sentence,
    onDate: on,
    liftedOn: null,
    liftedWord: null,
  });
}

/** Findings that follow the honey: comb taken in spite of them is held until somebody's word. */
const HELD_BY: Partial<Record<Question, HoldCause>> = {
  healthy: 'sick',
  dead: 'dead',
  treated: 'treated',
  syrup: 'syrup',
};

/** Holds a harvest for what stands against its combs when they are chosen, or taken. */
export async function holdByFindings(
  unit: UnitOfWork,
  batchId: string,
  hiveName: string,
  chosen: readonly JudgedComb[],
): Promise<void> {
  const batch = await batchView(unit.db, batchId);
  const day = dateAt(unit.at, batch.zone);
  for (const comb of chosen)
    for (const finding of standingAgainst(comb.verdict.findings)) {
      const cause = HELD_BY[finding.question];
      if (cause)
        await placeHold(
          unit,
          batchId,
          cause,
          holdSay('hold.for', { hive: hiveName, why: finding.sentence }),
          day,
        );
    }
}

/**
 * Combs that hung in a colony's hive from a day to another, wherever they are now, those taken
 * since among them: by the placements of bars and boxes, and of frames in those boxes.
 */
export async function combsThatHung(
  db: Knex,
  hiveId: string,
  since: string,
  until: string,
): Promise<string[]> {
  const during = (query: Knex.QueryBuilder): Knex.QueryBuilder =>
    query
      .where({ removedAt: null })
      .where('fromOn', '<=', until)
      .where((q) => void q.whereNull('toOn').orWhere('toOn', '>=', since));
  const inHive = await columnOf(
    z.string(),
    during(db('placements').where({ parentHiveId: hiveId })).pluck('carrierId'),
  );
  const inBox = await columnOf(
    z.string(),
    during(db('placements').whereIn('parentCarrierId', inHive)).pluck('carrierId'),
  );
  return await columnOf(
    z.string(),
    db('combs')
      .whereIn('carrierId', [...inHive, ...inBox])
      .where({ removedAt: null })
      .where('builtOn', '<=', until)
      .where((q) => void q.whereNull('endedOn').orWhere('endedOn', '>=', since))
      .pluck('id'),
  );
}

/**
 * The day from which a danger may have been there: the last healthy word before it, else the
 * colony's first day.
 */
export function unknownSince(facts: readonly DatedFact[], startedOn: string, on: string): string {
  const healthy = facts.filter(
    ({ fact, on: day }) =>
      day <= on &&
      ((fact.kind === 'brood-check' && fact.result === 'healthy') ||
        (fact.kind === 'inspector' && fact.said === 'no-disease')),
  );
  return (
    healthy
      .map((f) => f.on)
      .sort()
      .at(-1) ?? startedOn
  );
}

/**
 * A colony found sick, or dead of disease, after its comb was taken: every harvest of comb that
 * hung there since the check before is held, and what came of it with it.
 */
export async function holdEarlierHarvests(
  unit: UnitOfWork,
  colony: { name: string; facts: readonly DatedFact[] },
  combIds: readonly string[],
  fact: ColonyFact,
  on: string,
): Promise<void> {
  const found = holdCauseOf(fact);
  if (!found) return;
  const batchIds = await columnOf(
    z.string(),
    unit
      .db('takes')
      .whereIn('combId', [...combIds])
      .where({ removedAt: null })
      .whereNotNull('netG')
      .distinct()
      .pluck('batchId'),
  );
  for (const batchId of batchIds)
    await placeHold(
      unit,
      batchId,
      found.cause,
      holdSay(found.key, { hive: colony.name, on: { date: on } }),
      on,
    );
}

/** Lifts holds of a dead colony's harvests once its checklist is answered and clears them. */
export async function liftAnswered(unit: UnitOfWork, hiveId: string, on: string): Promise<void> {
  const open = await columnOf(
    z.string(),
    unit
      .db('holds')
      .join('batches', 'batches.id', 'holds.batchId')
      .where({
        'batches.hiveId': hiveId,
        'holds.cause': 'dead',
        'holds.liftedOn': null,
        'holds.removedAt': null,
      })
      .pluck('holds.id'),
  );
  for (const id of open)
    await unit.update('holds', id, {
      liftedOn: on,
      liftedWord: holdSay('hold.answered'),
    });
}

/** Lots that hold anything of a harvest: its own, and all they flowed into. */
async function lotsReached(db: Knex, batchId: string): Promise<Set<string>> {
  const own = await columnOf(
    z.string(),
    db('lots').where({ batchId, removedAt: null }).pluck('id'),
  );
  const reached = new Set(own);
  for (let wave = own; wave.length;) {
    const next = new Set<string>();
    for (const flow of await flowsOfLots(db, wave)) {
      const goesOn = reached.has(flow.from) && flow.to !== 'outside' && flow.to !== 'loss';
      if (goesOn && !reached.has(flow.to)) next.add(flow.to);
    }
    for (const id of next) reached.add(id);
    wave = [...next];
  }
  return reached;
}

/**
 * Holds that nobody lifted on each lot, through every blend. Empty where nothing is held, without
 * reading the book.
 */
export async function holdsByLot(db: Knex): Promise<Map<string, Hold[]>> {
  const holds = (await list(db, 'holds', { liftedOn: null })).map(asHold);
  const byLot = new Map<string, Hold[]>();
  for (const hold of holds)
    for (const lotId of await lotsReached(db, hold.batchId))
      byLot.set(lotId, [...(byLot.get(lotId) ?? []), hold]);
  return byLot;
}

/** Holds that nobody lifted on one lot. */
export const holdsOnLot = async (db: Knex, lotId: string): Promise<Hold[]> =>
  (await holdsByLot(db)).get(lotId) ?? [];

/** A hold in one sentence, with what it bars. */
export const holdSaid = (hold: Hold): Say =>
  holdSay('hold.said', { why: hold.sentence, bars: HOLD_WORDS[hold.cause].bars });

/** All holds, the open ones first, with the lots that still stand somewhere. */
export async function holdViews(db: Knex): Promise<HoldView[]> {
  const holds = (await list(db, 'holds', {}, 'onDate')).map(asHold).reverse();
  const held = await batchViewsOf(
    db,
    holds.map((h) => h.batchId),
  );
  const batches = new Map(held.map((b) => [b.id, b]));
  const views = await Promise.all(
    holds.map(async (hold): Promise<HoldView> => {
      const batch = entryOf(batches, hold.batchId);
      const ids = hold.liftedOn ? [] : [...(await lotsReached(db, hold.batchId))];
      const lots = await Promise.all(ids.map((id) => lotView(db, id)));
      return {
        ...hold,
        hiveName: batch.hiveName,
        harvestedOn: batch.date,
        lots: lots.flatMap((lot) =>
          lot && lot.nowG > 0
            ? [
                {
                  id: lot.id,
                  batchId: lot.batchId,
                  kind: lot.kind,
                  name: lot.name,
                  code: lot.code,
                  nowG: lot.nowG,
                },
              ]
            : [],
        ),
      };
    }),
  );
  return views.sort((a, b) => Number(a.liftedOn !== null) - Number(b.liftedOn !== null));
}

export const holdWrites = [
  write('/holds/:id/lift', {
    sentence: ({ word }) => houseSay('entry.hold-lifted', { word }),
    run: async (unit, { word }, { id }) => {
      const hold = await find(unit.db, 'holds', id, 'hold');
      if (hold.liftedOn) throw conflict('lifted', houseSay('refusal.this-hold-was-lifted-already'));
      const batch = await batchView(unit.db, hold.batchId);
      await unit.update('holds', id, {
        liftedOn: dateAt(unit.at, batch.zone),
        liftedWord: asWritten(word),
      });
      return { id };
    },
  }),
];
