import { measuredWaterPercent, type Batch, type LotWater, type WaterSources } from '@furrow/core';
import type { Knex } from 'knex';
import { lookRows } from '../look/hiveViews.js';
import { list } from '../store/rows.js';
import { stockView } from './lots.js';
import { drainViews } from '../drain/drainViews.js';
import { batchViewsOf } from '../harvest/batches.js';

/** Everything that may have measured the water of a harvest's honey. */
export async function waterSourcesOf(
  db: Knex,
  batch: Pick<Batch, 'id' | 'combIds'>,
): Promise<WaterSources> {
  return {
    drains: await drainViews(db, { batchId: batch.id }),
    waterReadings: await list(db, 'waterReadings', { batchId: batch.id }),
    looks: await lookRows(db, batch.combIds),
    takes: await list(db, 'takes', { batchId: batch.id }),
  };
}

/**
 * Water of all honey that stands there now, by lot, as it was measured; null where nobody measured.
 */
export async function watersOfStock(db: Knex): Promise<LotWater[]> {
  const lots = await stockView(db, ['honey']);
  const batches = await batchViewsOf(db, [...new Set(lots.map((l) => l.batchId))]);
  const percents = new Map<string, number | null>();
  for (const batch of batches)
    percents.set(batch.id, measuredWaterPercent(await waterSourcesOf(db, batch)));
  return lots.map((l) => ({ lotId: l.id, measuredPercent: percents.get(l.batchId) ?? null }));
}
