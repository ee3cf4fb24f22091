import { entryOf, type Drain, type StreamReading } from '@furrow/core';
import type { Knex } from 'knex';
import { groupedBy, list, listsOf } from '../store/rows.js';
import type { RowOf } from '../store/tables.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

interface ReadingRow {
  tareG: number;
  readings: { at: string; g: number }[];
}

/** Rows of readings as one row, net; an instant that came twice counts once. */
function joined(rows: readonly ReadingRow[]): StreamReading[] {
  const byInstant = new Map<string, StreamReading>();
  for (const row of rows)
    for (const r of row.readings)
      if (!byInstant.has(r.at)) byInstant.set(r.at, { at: r.at, g: r.g - row.tareG });
  return [...byInstant.values()].sort((a, b) => a.at.localeCompare(b.at));
}

/**
 * Zones of the benches of some batches, by batch: a bench goes by its hive's site until it has a
 * place of its own.
 */
async function zonesOf(db: Knex, batchIds: readonly string[]): Promise<Map<string, string>> {
  const rows = await rowsOf(
    { id: z.string(), zone: z.string() },
    db('batches')
      .join('hives', 'hives.id', 'batches.hiveId')
      .join('sites', 'sites.id', 'hives.siteId')
      .whereIn('batches.id', [...batchIds])
      .select('batches.id as id', 'sites.zone as zone'),
  );
  return new Map(rows.map((r) => [r.id, r.zone]));
}

/** Drains by equal columns, oldest first, with all that was weighed, done and read of each. */
export async function drainViews(db: Knex, where: Partial<RowOf<'drains'>>): Promise<Drain[]> {
  return asViews(db, await list(db, 'drains', where, 'startedAt'));
}

/** The drains of several harvests, by harvest: each list as `drainViews` would give it. */
export async function drainsOf(
  db: Knex,
  batchIds: readonly string[],
): Promise<(batchId: string) => Drain[]> {
  const rowsOfBatch = await listsOf(db, 'drains', 'batchId', batchIds, 'startedAt');
  const views = await asViews(db, batchIds.flatMap(rowsOfBatch));
  return groupedBy(views, (drain) => drain.batchId);
}

async function asViews(db: Knex, drains: readonly RowOf<'drains'>[]): Promise<Drain[]> {
  const ids = drains.map((d) => d.id);
  const zones = await zonesOf(
    db,
    drains.map((d) => d.batchId),
  );
  const weighings = await listsOf(db, 'weighings', 'drainId', ids, 'occurredAt');
  const events = await listsOf(db, 'drainEvents', 'drainId', ids, 'occurredAt');
  const readings = await listsOf(db, 'readings', 'drainId', ids, 'occurredAt');
  return drains.map((drain) => ({
    ...drain,
    zone: entryOf(zones, drain.batchId),
    weighings: weighings(drain.id),
    events: events(drain.id),
    readings: joined(readings(drain.id)),
  }));
}
