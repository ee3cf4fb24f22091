import { estimateSeen, flowFactor, type Look } from '@furrow/core';
import type { Knex } from 'knex';
import { batchDetail, drainViews } from '../store/views.js';
import { find } from '../store/rows.js';

/**
 * What stands on the simulated bench scale, in grams: the lower vessel of a drain with what would have run
 * into it by now, or the tub with the combs taken so far and the one being taken.
 */
export async function drainLoadG(db: Knex, drainId: string, now: Date): Promise<number> {
  await find(db, 'drains', drainId, 'drain');
  const [drain] = await drainViews(db, { id: drainId });
  const tareG = drain.lowerVesselId ? ((await db('vessels').where({ id: drain.lowerVesselId }).first())?.tareG ?? 0) : 0;
  const hours = Math.max(0, (now.getTime() - Date.parse(drain.startedAt)) / 3_600_000);
  const viscous = hours * flowFactor(drain.moisturePercent, drain.temperatureC);
  const outG = drain.crushedG * 0.95 * 0.83 * -Math.expm1(-viscous / 5.4);
  const drawnG = drain.events.reduce((sum, e) => sum + (e.g ?? 0), 0);
  return tareG + Math.max(0, outG - drawnG);
}

export async function takeLoadG(db: Knex, batchId: string, combId: string, vesselId: string | null): Promise<number> {
  const detail = await batchDetail(db, batchId);
  const vessel = vesselId ? await find<{ tareG: number }>(db, 'vessels', vesselId, 'vessel') : null;
  const takenG = detail.takes.filter((t) => t.vesselId === vesselId).reduce((sum, t) => sum + (t.netG ?? 0), 0);
  const look = detail.looks.filter((l: Look) => l.combId === combId).at(-1);
  const estimate = look ? estimateSeen(look, detail.hive) : null;
  const combG = estimate ? (estimate.honeyKg.mid + estimate.waxKg.mid) * 1030 : 1500;
  return (vessel?.tareG ?? 0) + takenG + combG;
}
