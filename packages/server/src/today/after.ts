import {
  promiseLines,
  rinseClock,
  rinseLine,
  useFirstLines,
  waxClocks,
  waxLines,
  type Batch,
  type Clock,
  type HouseRules,
  type Rinse,
  type StandingWax,
  type TodayLine,
  type UseFirst,
  entryOf,
} from '@furrow/core';
import type { Knex } from 'knex';
import { stockView } from '../book/lots.js';
import { batchViewsOf } from '../harvest/batches.js';
import { list } from '../store/rows.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

/** Wet wax that stands somewhere, with what was last done with it. */
async function standingWax(db: Knex): Promise<StandingWax[]> {
  const standing = await stockView(db, ['wet-wax']);
  if (!standing.length) return [];
  const batches = await batchViewsOf(
    db,
    standing.map((l) => l.batchId),
  );
  const cares = await list(db, 'waxCares', {}, 'occurredAt');
  const firstAt = new Map(
    (
      await rowsOf(
        { toLot: z.string(), at: z.string() },
        db('flows')
          .whereIn(
            'toLot',
            standing.map((l) => l.id),
          )
          .groupBy('toLot')
          .select('toLot')
          .min('at as at'),
      )
    ).map((f) => [f.toLot, f.at]),
  );
  return standing.flatMap(({ id, batchId }) => {
    const batch = batches.find((b) => b.id === batchId);
    const last = cares.filter((c) => c.batchId === batchId && c.kind !== 'rinsed').at(-1);
    return batch
      ? [
          {
            batch,
            since: last?.occurredAt ?? entryOf(firstAt, id),
            frozen: last?.kind === 'frozen',
          },
        ]
      : [];
  });
}

/** Rinses that wait to be used, with their harvests. */
async function waitingRinses(db: Knex): Promise<{ rinse: Rinse; batch: Batch }[]> {
  const waiting = await list(db, 'rinses', { usedAt: null });
  const batches = await batchViewsOf(
    db,
    waiting.map((r) => r.batchId),
  );
  return waiting.flatMap((rinse) => {
    const batch = batches.find((b) => b.id === rinse.batchId);
    return batch ? [{ rinse, batch }] : [];
  });
}

/** Filled lots that are to be used first, with what of them still stands there. */
async function lotsToUseFirst(db: Knex): Promise<UseFirst[]> {
  const lots = await rowsOf(
    {
      id: z.string(),
      batchId: z.string(),
      code: z.string(),
      useBy: z.string(),
      count: z.number(),
    },
    db('lots')
      .where({ removedAt: null })
      .whereNotNull('useBy')
      .whereIn('kind', ['jars', 'pieces'])
      .select('id', 'batchId', 'code', 'useBy', 'count'),
  );
  const gone = await rowsOf(
    { lotId: z.string(), n: z.number() },
    db('outs')
      .whereIn(
        'lotId',
        lots.map((l) => l.id),
      )
      .where({ removedAt: null })
      .groupBy('lotId')
      .select('lotId')
      .sum('count as n'),
  );
  const goneOf = new Map(gone.map(({ lotId, n }) => [lotId, Number(n)]));
  return lots.map(({ count, ...lot }) => ({ ...lot, left: count - (goneOf.get(lot.id) ?? 0) }));
}

/** Clocks of what comes after the honey: a rinse that soon ferments, wet wax in its last week. */
export async function afterClocks(db: Knex, rules: HouseRules, now: Date): Promise<Clock[]> {
  const rinses = await waitingRinses(db);
  return [
    ...rinses.map(({ rinse, batch }) => rinseClock(rinse, batch, rules, now)),
    ...waxClocks(await standingWax(db), rules, now),
  ];
}

/** Lines of Today: wax, rinse, honey to be used first, jars that were promised. */
export async function afterLines(db: Knex, rules: HouseRules, now: Date): Promise<TodayLine[]> {
  const rinses = await waitingRinses(db);
  const jars = new Map((await list(db, 'jarKinds')).map((k) => [k.id, k.name]));
  return [
    ...waxLines(await standingWax(db), rules, now),
    ...rinses.map(({ rinse, batch }) => rinseLine(rinse, batch, rules)),
    ...useFirstLines(await lotsToUseFirst(db), now),
    ...promiseLines(await list(db, 'reserves'), (id) => jars.get(id), now),
  ];
}
