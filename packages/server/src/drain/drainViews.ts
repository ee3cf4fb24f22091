import { entryOf, type Drain, type StreamReading } from '@furrow/core';
import type { Knex } from 'knex';
import { list } from '../store/rows.js';
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

export async function drainViews(db: Knex, where: Record<string, unknown>): Promise<Drain[]> {
  const drains = await list(db, 'drains', where, 'startedAt');
  const zones = await zonesOf(
    db,
    drains.map((d) => d.batchId),
  );
  return Promise.all(
    drains.map(async (drain) => ({
      ...drain,
      zone: entryOf(zones, drain.batchId),
      weighings: await list(db, 'weighings', { drainId: drain.id }, 'occurredAt'),
      events: await list(db, 'drainEvents', { drainId: drain.id }, 'occurredAt'),
      readings: joined(await list(db, 'readings', { drainId: drain.id }, 'occurredAt')),
    })),
  );
}
