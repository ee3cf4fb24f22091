import type { Batch } from '@furrow/core';
import type { Knex } from 'knex';
import { find, fromRow, list } from '../store/rows.js';
import type { RowOf } from '../store/tables.js';
import { flowsOfLots } from '../store/unitOfWork.js';

type BatchRow = RowOf<'batches'>;

/** Rows of batches with the names a person knows them by. */
async function named(db: Knex, rows: readonly BatchRow[]): Promise<Batch[]> {
  const hives = new Map((await list(db, 'hives')).map((h) => [h.id, h]));
  const sites = new Map((await list(db, 'sites')).map((s) => [s.id, s]));
  // A few are read by their ids, a whole book as a whole: a list of ids has its limit.
  const visitRows = (await (rows.length > 400
    ? db('visits').select('id', 'date')
    : db('visits')
        .whereIn(
          'id',
          rows.map((r) => r.visitId),
        )
        .select('id', 'date'))) as { id: string; date: string }[];
  const visits = new Map(visitRows.map((v) => [v.id, v]));
  return rows.map(({ decision, ...row }) => {
    const hive = hives.get(row.hiveId)!;
    const site = sites.get(hive.siteId)!;
    return {
      ...row,
      expectedHoneyKg: decision.outcome?.honeyKg ?? decision.outcome?.honeyOutKg ?? null,
      hiveName: hive.name,
      hiveKind: hive.kind,
      siteName: site.name,
      zone: site.zone,
      date: visits.get(row.visitId)!.date,
    };
  });
}

/** Batches with the names a person knows them by, newest first. */
export async function batchViews(db: Knex, where: Partial<BatchRow> = {}): Promise<Batch[]> {
  return named(db, (await list(db, 'batches', where, 'createdAt')).reverse());
}

/** Batches by their ids, newest first. */
export async function batchViewsOf(db: Knex, ids: readonly string[]): Promise<Batch[]> {
  const rows = (await db('batches')
    .whereIn('id', [...new Set(ids)])
    .where({ removedAt: null })
    .orderBy('createdAt', 'desc')
    .orderBy('rowid', 'desc')) as Record<string, unknown>[];
  return named(
    db,
    rows.map((row) => fromRow('batches', row)),
  );
}

export async function batchView(db: Knex, id: string): Promise<Batch> {
  await find(db, 'batches', id, 'harvest');
  return (await batchViews(db, { id }))[0];
}

/**
 * Hives and sites whose comb a batch holds: its own, and those that were put into one vessel with
 * it.
 */
export async function originsOf(
  db: Knex,
  batch: Batch,
): Promise<{ hiveName: string; siteName: string }> {
  const lots = (await db('lots')
    .where({ batchId: batch.id, removedAt: null })
    .pluck('id')) as string[];
  const flows = await flowsOfLots(db, lots);
  const from = new Set(
    flows.filter((f) => lots.includes(f.to) && !lots.includes(f.from)).map((f) => f.from),
  );
  const joined = from.size
    ? ((await db('lots')
        .whereIn('id', [...from])
        .pluck('batchId')) as string[])
    : [];
  const all = [batch, ...(await batchViewsOf(db, joined)).reverse()];
  const said = (pick: (b: Batch) => string): string => [...new Set(all.map(pick))].join(' and ');
  return { hiveName: said((b) => b.hiveName), siteName: said((b) => b.siteName) };
}
