import { holdsByLot } from '../book/holds.js';
import { NEXT_LOT, type Batch, type BatchDetail, type Out, STAGES, entryOf } from '@furrow/core';
import type { Knex } from 'knex';
import { hiveView, lookRows } from '../look/hiveViews.js';
import { list, openRows } from '../store/rows.js';
import { batchView } from './batches.js';
import { drainViews } from '../drain/drainViews.js';
import { bookView } from '../book/lots.js';
import { z } from 'zod';
import { columnOf, rowsOf } from '../store/asked.js';

/** What left the shelf of one harvest, oldest first. */
async function outsOf(db: Knex, batchId: string): Promise<Out[]> {
  const lots = await columnOf(
    z.string(),
    db('lots').where({ batchId, removedAt: null }).pluck('id'),
  );
  return openRows(
    'outs',
    db('outs').whereIn('lotId', lots).where({ removedAt: null }).orderBy('occurredAt'),
  );
}

/** The other lots of a batch's visit, in the order they were chosen. */
async function sameVisitAs(db: Knex, batch: Batch): Promise<BatchDetail['sameVisit']> {
  const others = await rowsOf(
    { id: z.string(), stage: z.enum(STAGES) },
    db('batches')
      .where({ visitId: batch.visitId, removedAt: null })
      .whereNot({ id: batch.id })
      .orderBy('createdAt')
      .orderBy('rowid')
      .select('id', 'stage'),
  );
  const open = new Set(
    await columnOf(
      z.string(),
      db('stepMarks')
        .whereIn(
          'batchId',
          others.map((o) => o.id),
        )
        .where({ stepId: NEXT_LOT, removedAt: null })
        .pluck('batchId'),
    ),
  );
  const isShut = await db('stepMarks')
    .whereIn(
      'batchId',
      others.map((o) => o.id),
    )
    .where({ stepId: 'shut', removedAt: null })
    .first();
  return others.map((o) => ({ ...o, leftOpen: open.has(o.id) && !isShut }));
}

export async function batchDetail(db: Knex, id: string): Promise<BatchDetail> {
  const batch = await batchView(db, id);
  const looks = await lookRows(db, batch.combIds);
  const book = await bookView(db, id);
  const byLot = await holdsByLot(db);
  return {
    batch,
    hive: await hiveView(db, batch.hiveId),
    sameVisit: await sameVisitAs(db, batch),
    looks,
    takes: await list(db, 'takes', { batchId: id }, 'occurredAt'),
    marks: await list(db, 'stepMarks', { batchId: id }, 'occurredAt'),
    incidents: await list(db, 'incidents', { batchId: id }, 'occurredAt'),
    frameEvents: await list(db, 'frameEvents', { batchId: id }, 'occurredAt'),
    waterReadings: await list(db, 'waterReadings', { batchId: id }, 'occurredAt'),
    drains: await drainViews(db, { batchId: id }),
    boards: await list(db, 'cutBoards', { batchId: id }),
    pieces: await list(db, 'cutPieces', { batchId: id }),
    keepings: await list(db, 'keepings', { batchId: id }, 'startedAt'),
    outs: await outsOf(db, id),
    holds: Object.fromEntries(
      book.lots.flatMap((lot) => (byLot.has(lot.id) ? [[lot.id, entryOf(byLot, lot.id)]] : [])),
    ),
    ...book,
  };
}
