import {
  contradictions,
  runsInPlace,
  type Contradiction,
  type HiveKindName,
  type Site,
  type Take,
  type TopBarGeometry,
} from '@furrow/core';
import type { Knex } from 'knex';
import { dateAt } from '../look/writes.js';
import { list } from '../store/rows.js';
import { batchViews } from '../store/views.js';
import { hiveViews } from '../store/hiveViews.js';

/** What cannot all be true in what was written down, without what a person has answered. */
export async function openQuestions(db: Knex): Promise<Contradiction[]> {
  const batches = await batchViews(db);
  const batchOf = new Map(batches.map((b) => [b.id, b]));
  const hives = await list<{
    id: string;
    name: string;
    siteId: string;
    kind: HiveKindName;
    geometry: TopBarGeometry;
  }>(db, 'hives');
  const sites = new Map((await list<Site>(db, 'sites')).map((s) => [s.id, s]));
  const looks = (await db('looks').where({ removedAt: null }).select('combId', 'date')) as {
    combId: string;
    date: string;
  }[];
  const takes = (await list<Take>(db, 'takes')).filter((t) => batchOf.has(t.batchId));
  const taken = new Set(takes.map((t) => t.batchId));
  const boards = (await db('cutBoards')
    .where({ removedAt: null, doneAt: null })
    .select('combId', 'batchId')) as { combId: string; batchId: string }[];
  const hanging = (await hiveViews(db)).flatMap((h) =>
    h.bars.flatMap((b) =>
      b.comb ? [{ combId: b.comb.id, hiveId: h.id, hiveName: h.name, slot: b.slot }] : [],
    ),
  );
  const answered = new Set((await list<{ key: string }>(db, 'answers')).map((a) => a.key));
  const found = contradictions({
    hives: hives.map((h) => ({
      id: h.id,
      name: h.name,
      siteName: sites.get(h.siteId)?.name ?? '',
      followerAfterBar: h.kind === 'top-bar' ? h.geometry.followerAfterBar : null,
    })),
    batches: batches.filter((b) => taken.has(b.id)),
    looks,
    takes: takes.map((t) => {
      const b = batchOf.get(t.batchId)!;
      return {
        batchId: t.batchId,
        combId: t.combId,
        outcome: t.outcome,
        date: dateAt(t.occurredAt, b.zone),
        inPlace: runsInPlace(b.method),
      };
    }),
    hanging,
    onBoard: boards.map((b) => ({ ...b, hiveName: batchOf.get(b.batchId)?.hiveName ?? '' })),
  });
  return found.filter((q) => !answered.has(q.id));
}
