import { entryOf, type Batch } from '@furrow/core';
import type { Knex } from 'knex';
import { find, list, openRows } from '../store/rows.js';
import type { RowOf } from '../store/tables.js';
import { untilWritten } from '../store/untilWritten.js';
import { flowsOfLots } from '../store/unitOfWork.js';
import { z } from 'zod';
import { columnOf, rowsOf } from '../store/asked.js';

type BatchRow = RowOf<'batches'>;

/** Rows of batches with the names a person knows them by. */
async function named(db: Knex, rows: readonly BatchRow[]): Promise<Batch[]> {
  const hives = new Map((await list(db, 'hives')).map((h) => [h.id, h]));
  const sites = new Map((await list(db, 'sites')).map((s) => [s.id, s]));
  // A few are read by their ids, a whole book as a whole: a list of ids has its limit.
  const visitRows = await rowsOf(
    { id: z.string(), date: z.string() },
    rows.length > 400
      ? db('visits').select('id', 'date')
      : db('visits')
          .whereIn(
            'id',
            rows.map((r) => r.visitId),
          )
          .select('id', 'date'),
  );
  const visits = new Map(visitRows.map((v) => [v.id, v]));
  return rows.map(({ decision, ...row }) => {
    const hive = entryOf(hives, row.hiveId);
    const site = entryOf(sites, hive.siteId);
    return {
      ...row,
      expectedHoneyKg: decision.outcome?.honeyKg ?? decision.outcome?.honeyOutKg ?? null,
      hiveName: hive.name,
      hiveKind: hive.kind,
      siteName: site.name,
      zone: site.zone,
      date: entryOf(visits, row.visitId).date,
    };
  });
}

/** Batches with the names a person knows them by, newest first: all, or those not closed yet. */
export function batchViews(db: Knex, where: { closedAt?: null } = {}): Promise<Batch[]> {
  return untilWritten(db, `batches:${JSON.stringify(where)}`, async () =>
    named(db, (await list(db, 'batches', where, 'createdAt')).reverse()),
  );
}

/** Batches by their ids, newest first. */
export async function batchViewsOf(db: Knex, ids: readonly string[]): Promise<Batch[]> {
  const newestFirst = db('batches')
    .whereIn('id', [...new Set(ids)])
    .where({ removedAt: null })
    .orderBy('createdAt', 'desc')
    .orderBy('rowid', 'desc');
  return named(db, await openRows('batches', newestFirst));
}

export async function batchView(db: Knex, id: string): Promise<Batch> {
  await find(db, 'batches', id, 'harvest');
  return (await batchViewsOf(db, [id]))[0];
}

/**
 * Hives and sites whose comb a batch holds: its own, and those that were put into one vessel with
 * it.
 */
export async function originsOf(
  db: Knex,
  batch: Batch,
): Promise<{ hiveName: string; siteName: string }> {
  const lots = await columnOf(
    z.string(),
    db('lots').where({ batchId: batch.id, removedAt: null }).pluck('id'),
  );
  const flows = await flowsOfLots(db, lots);
  const from = new Set(
    flows.filter((f) => lots.includes(f.to) && !lots.includes(f.from)).map((f) => f.from),
  );
  const joined = from.size
    ? await columnOf(
        z.string(),
        db('lots')
          .whereIn('id', [...from])
          .pluck('batchId'),
      )
    : [];
  const all = [batch, ...(await batchViewsOf(db, joined)).reverse()];
  const said = (pick: (b: Batch) => string): string => [...new Set(all.map(pick))].join(' and ');
  return { hiveName: said((b) => b.hiveName), siteName: said((b) => b.siteName) };
}
