import { measuredWaterPercent, type Batch, type LotWater, type WaterSources } from '@furrow/core';
import type { Knex } from 'knex';
import { lookRows } from '../look/hiveViews.js';
import { groupedBy, listsOf } from '../store/rows.js';
import { untilWritten } from '../store/untilWritten.js';
import { stockView } from './lots.js';
import { drainsOf } from '../drain/drainViews.js';
import { batchViewsOf } from '../harvest/batches.js';

type Harvest = Pick<Batch, 'id' | 'combIds'>;

/** Everything that may have measured the water of a harvest's honey, of each of several. */
async function waterSources(
  db: Knex,
  batches: readonly Harvest[],
): Promise<(batch: Harvest) => WaterSources> {
  const ids = batches.map((b) => b.id);
  const drains = await drainsOf(db, ids);
  const waterReadings = await listsOf(db, 'waterReadings', 'batchId', ids);
  const takes = await listsOf(db, 'takes', 'batchId', ids);
  const looks = groupedBy(
    await lookRows(
      db,
      batches.flatMap((b) => b.combIds),
    ),
    (look) => look.combId,
  );
  return ({ id, combIds }) => ({
    drains: drains(id),
    waterReadings: waterReadings(id),
    looks: combIds.flatMap(looks),
    takes: takes(id),
  });
}

/** Everything that may have measured the water of one harvest's honey. */
export async function waterSourcesOf(db: Knex, batch: Harvest): Promise<WaterSources> {
  return (await waterSources(db, [batch]))(batch);
}

/**
 * Water of all honey that stands there now, by lot, as it was measured; null where nobody measured.
 */
export function watersOfStock(db: Knex): Promise<LotWater[]> {
  return untilWritten(db, 'watersOfStock', () => readWaters(db));
}

async function readWaters(db: Knex): Promise<LotWater[]> {
  const lots = await stockView(db, ['honey']);
  const batches = await batchViewsOf(db, [...new Set(lots.map((l) => l.batchId))]);
  const sourcesOf = await waterSources(db, batches);
  const percents = new Map(batches.map((b) => [b.id, measuredWaterPercent(sourcesOf(b))]));
  return lots.map((l) => ({ lotId: l.id, measuredPercent: percents.get(l.batchId) ?? null }));
}
