import {
  contradictions,
  runsInPlace,
  type Batch,
  type Contradiction,
  type Hive,
  type Take,
  type Written,
  followerAfterBar,
  entryOf,
} from '@furrow/core';
import type { Knex } from 'knex';
import { dateAt } from '../look/dateAt.js';
import { list } from '../store/rows.js';
import { batchViews } from '../harvest/batches.js';
import { hiveViews } from '../look/hiveViews.js';
import { z } from 'zod';
import { columnOf, rowsOf } from '../store/asked.js';
import { untilWritten } from '../store/untilWritten.js';

/** What cannot all be true in what was written down, without what a person has answered. */
export function openQuestions(db: Knex): Promise<Contradiction[]> {
  return untilWritten(db, 'questions', () => askQuestions(db));
}

async function askQuestions(db: Knex): Promise<Contradiction[]> {
  const batches = await batchViews(db);
  const batchOf = new Map(batches.map((b) => [b.id, b]));
  const hives = await list(db, 'hives');
  const sites = new Map((await list(db, 'sites')).map((s) => [s.id, s]));
  const looks = await rowsOf(
    { combId: z.string(), date: z.string() },
    db('looks').where({ removedAt: null }).select('combId', 'date'),
  );
  const takes = (await list(db, 'takes')).filter((t) => batchOf.has(t.batchId));
  const taken = new Set(takes.map((t) => t.batchId));
  const boards = await rowsOf(
    { combId: z.string(), batchId: z.string() },
    db('cutBoards').where({ removedAt: null, doneAt: null }).select('combId', 'batchId'),
  );
  const standing = await hiveViews(db);
  const opened = daysOpened(standing, batches, looks, takes);
  /** Hives where another colony lived before the one of now. */
  const succeeded = new Set(
    await columnOf(
      z.string(),
      db('colonyStays').whereNotNull('toOn').where({ removedAt: null }).pluck('hiveId'),
    ),
  );
  const hanging = standing.flatMap((h) =>
    h.bars.flatMap((b) =>
      b.comb ? [{ combId: b.comb.id, hiveId: h.id, hiveName: h.name, slot: b.slot }] : [],
    ),
  );
  const answered = new Set((await list(db, 'answers')).map((a) => a.key));
  const found = contradictions({
    hives: hives.map((h) => ({
      id: h.id,
      name: h.name,
      siteName: sites.get(h.siteId)?.name ?? '',
      followerAfterBar: followerAfterBar(h),
      ...saidOf(standing.find((s) => s.id === h.id) ?? null, succeeded),
      openedOn: opened.get(h.id) ?? [],
    })),
    batches: batches.filter((b) => taken.has(b.id)),
    looks,
    takes: takes.map((t) => {
      const b = entryOf(batchOf, t.batchId);
      return {
        batchId: t.batchId,
        combId: t.combId,
        outcome: t.outcome,
        date: dateAt(t.occurredAt, b.zone),
        inPlace: runsInPlace(b.method),
      };
    }),
    hanging,
    photographed: await photographed(db),
    onBoard: boards.map((b) => ({ ...b, hiveName: batchOf.get(b.batchId)?.hiveName ?? '' })),
  });
  return found.filter((q) => !answered.has(q.id));
}

/** Looks that have a photo of either side, with what tells the pictures apart. */
async function photographed(db: Knex): Promise<Written['photographed']> {
  return rowsOf(
    {
      lookId: z.string(),
      combId: z.string(),
      date: z.string(),
      pictureA: z.string(),
      pictureB: z.string(),
    },
    db('looks')
      .join('photos as a', 'a.id', 'looks.photoA')
      .join('photos as b', 'b.id', 'looks.photoB')
      .where({ 'looks.removedAt': null })
      .select(
        'looks.id as lookId',
        'looks.combId as combId',
        'looks.date as date',
        'a.sha256 as pictureA',
        'b.sha256 as pictureB',
      ),
  );
}

/**
 * Since when a hive's colony lives there and when its queen was seen, as far as somebody said so.
 */
function saidOf(
  hive: Hive | null,
  succeeded: ReadonlySet<string>,
): { livesSince: string | null; queenSeenOn: string[] } {
  const colony = hive?.colony ?? null;
  if (!hive || !colony) return { livesSince: null, queenSeenOn: [] };
  const isSaid = !colony.startedAssumed && !succeeded.has(hive.id);
  return {
    livesSince: isSaid ? colony.startedOn : null,
    queenSeenOn: colony.facts.flatMap(({ fact, on }) =>
      fact.kind === 'queen' && fact.seen ? [on] : [],
    ),
  };
}

/**
 * The days on which a hive was opened: a comb that hangs there or was harvested from it was looked
 * at or taken.
 */
function daysOpened(
  hives: readonly Hive[],
  batches: readonly Batch[],
  looks: readonly { combId: string; date: string }[],
  takes: readonly Take[],
): Map<string, string[]> {
  const hiveOf = new Map(
    hives.flatMap((h) => h.bars.flatMap((b) => (b.comb ? [[b.comb.id, h.id] as const] : []))),
  );
  for (const b of batches) for (const combId of b.combIds) hiveOf.set(combId, b.hiveId);
  const zoneOf = new Map(hives.map((h) => [h.id, h.site.zone]));
  const days = [
    ...looks,
    ...takes.map((t) => {
      const zone = zoneOf.get(hiveOf.get(t.combId) ?? '') ?? 'UTC';
      return { combId: t.combId, date: dateAt(t.occurredAt, zone) };
    }),
  ];
  const opened = new Map<string, string[]>();
  for (const { combId, date } of days) {
    const hiveId = hiveOf.get(combId);
    if (hiveId) opened.set(hiveId, [...(opened.get(hiveId) ?? []), date]);
  }
  return opened;
}
