import { holdsByLot } from '../book/holds.js';
import { NEXT_LOT, type Batch, type BatchDetail, STAGES, entryOf } from '@furrow/core';
import type { Knex } from 'knex';
import { hiveViews, lookRows } from '../look/hiveViews.js';
import { find, listsOf } from '../store/rows.js';
import { batchViewsOf } from './batches.js';
import { drainsOf } from '../drain/drainViews.js';
import { booksOf } from '../book/lots.js';
import { z } from 'zod';
import { columnOf, rowsOf } from '../store/asked.js';

/** The other lots of each batch's visit, in the order they were chosen. */
async function sameVisitsOf(
  db: Knex,
  batches: readonly Batch[],
): Promise<(batch: Batch) => BatchDetail['sameVisit']> {
  const all = await rowsOf(
    { id: z.string(), visitId: z.string(), stage: z.enum(STAGES) },
    db('batches')
      .whereIn(
        'visitId',
        batches.map((b) => b.visitId),
      )
      .where({ removedAt: null })
      .orderBy('createdAt')
      .orderBy('rowid')
      .select('id', 'visitId', 'stage'),
  );
  const markedWith = async (stepId: string): Promise<Set<string>> =>
    new Set(
      await columnOf(
        z.string(),
        db('stepMarks')
          .whereIn(
            'batchId',
            all.map((b) => b.id),
          )
          .where({ stepId, removedAt: null })
          .pluck('batchId'),
      ),
    );
  const open = await markedWith(NEXT_LOT);
  const shut = await markedWith('shut');
  return ({ id, visitId }) => {
    const others = all.filter((b) => b.visitId === visitId && b.id !== id);
    const isShut = others.some((b) => shut.has(b.id));
    return others.map((b) => ({
      id: b.id,
      stage: b.stage,
      leftOpen: open.has(b.id) && !isShut,
    }));
  };
}

/** One harvest, whole. Throws a 404 where it is not there. */
export async function batchDetail(db: Knex, id: string): Promise<BatchDetail> {
  await find(db, 'batches', id, 'harvest');
  const [detail] = await batchDetails(db, [id]);
  return detail;
}

/** Several harvests, whole, newest first: as many queries as for one. */
export async function batchDetails(db: Knex, ids: readonly string[]): Promise<BatchDetail[]> {
  const batches = await batchViewsOf(db, ids);
  const hiveIds = batches.map((b) => b.hiveId);
  const hives = new Map((await hiveViews(db, hiveIds)).map((h) => [h.id, h]));
  const looks = await lookRows(
    db,
    batches.flatMap((b) => b.combIds),
  );
  const books = await booksOf(db, ids);
  const byLot = await holdsByLot(db);
  const sameVisit = await sameVisitsOf(db, batches);
  const takes = await listsOf(db, 'takes', 'batchId', ids, 'occurredAt');
  const marks = await listsOf(db, 'stepMarks', 'batchId', ids, 'occurredAt');
  const incidents = await listsOf(db, 'incidents', 'batchId', ids, 'occurredAt');
  const frameEvents = await listsOf(db, 'frameEvents', 'batchId', ids, 'occurredAt');
  const waterReadings = await listsOf(db, 'waterReadings', 'batchId', ids, 'occurredAt');
  const drains = await drainsOf(db, ids);
  const boards = await listsOf(db, 'cutBoards', 'batchId', ids);
  const pieces = await listsOf(db, 'cutPieces', 'batchId', ids);
  const keepings = await listsOf(db, 'keepings', 'batchId', ids, 'startedAt');
  const outs = await listsOf(
    db,
    'outs',
    'lotId',
    ids.flatMap((id) => books(id).lots.map((lot) => lot.id)),
    'occurredAt',
  );
  return batches.map((batch) => {
    const book = books(batch.id);
    const held = book.lots.filter((lot) => byLot.has(lot.id));
    return {
      batch,
      hive: entryOf(hives, batch.hiveId),
      sameVisit: sameVisit(batch),
      looks: looks.filter((look) => batch.combIds.includes(look.combId)),
      takes: takes(batch.id),
      marks: marks(batch.id),
      incidents: incidents(batch.id),
      frameEvents: frameEvents(batch.id),
      waterReadings: waterReadings(batch.id),
      drains: drains(batch.id),
      boards: boards(batch.id),
      pieces: pieces(batch.id),
      keepings: keepings(batch.id),
      outs: book.lots
        .flatMap((lot) => outs(lot.id))
        .sort((a, b) => a.occurredAt.localeCompare(b.occurredAt)),
      holds: Object.fromEntries(held.map((lot) => [lot.id, entryOf(byLot, lot.id)])),
      ...book,
    };
  });
}
