import { massBalance, type BarView, type Batch, type BatchDetail, type Colony, type Drain, type DrainEvent, type Flow, type Hive, type Look, type Lot, type RulesVersion, type Site, type Take, type Weighing } from '@furrow/core';
import type { Knex } from 'knex';
import { find, fromRow, list } from './rows.js';
import { asBookFlow, type FlowRow } from './unitOfWork.js';

interface PlacementRow { carrierId: string; slot: number; parentHiveId: string }
interface CombRow { id: string; carrierId: string; builtOn: string; endedOn: string | null }

/** The house rules in force. */
export async function currentRules(db: Knex): Promise<RulesVersion> {
  const row = await db('ruleVersions').orderBy('version', 'desc').first();
  return fromRow<RulesVersion>('ruleVersions', row);
}

/** Hives as they hang now: bars in order, the comb on each, its looks from old to new. */
export async function hiveViews(db: Knex, where: Record<string, unknown> = {}): Promise<Hive[]> {
  const hives = await list<Omit<Hive, 'site' | 'colony' | 'bars'>>(db, 'hives', where);
  const ids = hives.map((h) => h.id);
  const sites = new Map((await list<Site>(db, 'sites')).map((s) => [s.id, s]));
  const placements = (await db('placements').whereIn('parentHiveId', ids).where({ toOn: null, removedAt: null }).orderBy('slot')) as PlacementRow[];
  const combs = (await db('combs').whereIn('carrierId', placements.map((p) => p.carrierId)).where({ endedOn: null, removedAt: null })) as CombRow[];
  const looks = ((await db('looks').whereIn('combId', combs.map((c) => c.id)).where({ removedAt: null }).orderBy('occurredAt')) as Record<string, unknown>[]).map((r) => fromRow<Look>('looks', r));
  const stays = (await db('colonyStays').join('colonies', 'colonies.id', 'colonyStays.colonyId').whereIn('hiveId', ids).where({ 'colonyStays.toOn': null, 'colonyStays.removedAt': null })
    .select('hiveId', 'colonies.id as id', 'startedOn', 'colonies.revision as revision')) as (Colony & { hiveId: string })[];
  const byCarrier = new Map(combs.map((c) => [c.carrierId, c]));
  return hives.map((hive) => {
    const colony = stays.find((s) => s.hiveId === hive.id);
    const bars: BarView[] = placements.filter((p) => p.parentHiveId === hive.id).map(({ carrierId, slot }) => {
      const comb = byCarrier.get(carrierId);
      return { carrierId, slot, comb: comb ? { id: comb.id, builtOn: comb.builtOn, looks: looks.filter((l) => l.combId === comb.id) } : null };
    });
    return { ...hive, site: sites.get(hive.siteId)!, colony: colony ? { id: colony.id, startedOn: colony.startedOn, revision: colony.revision } : null, bars };
  });
}

export async function hiveView(db: Knex, id: string): Promise<Hive> {
  await find(db, 'hives', id, 'hive');
  return (await hiveViews(db, { id }))[0];
}

type BatchRow = Omit<Batch, 'hiveName' | 'siteName' | 'zone' | 'date'>;

/** Batches with the names a person knows them by, newest first. */
export async function batchViews(db: Knex, where: Record<string, unknown> = {}): Promise<Batch[]> {
  const rows = await list<BatchRow>(db, 'batches', where, 'createdAt');
  const hives = new Map((await list<{ id: string; name: string; siteId: string }>(db, 'hives')).map((h) => [h.id, h]));
  const sites = new Map((await list<Site>(db, 'sites')).map((s) => [s.id, s]));
  const visits = new Map((await list<{ id: string; date: string }>(db, 'visits')).map((v) => [v.id, v]));
  return rows.reverse().map((row) => {
    const hive = hives.get(row.hiveId)!;
    const site = sites.get(hive.siteId)!;
    return { ...row, hiveName: hive.name, siteName: site.name, zone: site.zone, date: visits.get(row.visitId)!.date };
  });
}

export async function batchView(db: Knex, id: string): Promise<Batch> {
  await find(db, 'batches', id, 'harvest');
  return (await batchViews(db, { id }))[0];
}

export async function drainViews(db: Knex, where: Record<string, unknown>): Promise<Drain[]> {
  const drains = await list<Omit<Drain, 'weighings' | 'events'>>(db, 'drains', where, 'startedAt');
  return Promise.all(drains.map(async (drain) => ({
    ...drain,
    weighings: await list<Weighing>(db, 'weighings', { drainId: drain.id }, 'occurredAt'),
    events: await list<DrainEvent>(db, 'drainEvents', { drainId: drain.id }, 'occurredAt'),
  })));
}

const asFlow = (row: FlowRow): Flow => ({ id: row.id, from: row.fromLot, to: row.toLot, g: row.g, at: row.at, recordedAt: row.recordedAt, voids: row.voids, reason: row.reason, commandId: row.commandId });

/** Lots of one batch, or of all, with their flows and balance. */
export async function bookView(db: Knex, batchId?: string): Promise<{ lots: Lot[]; flows: Flow[]; lossG: number; balanced: boolean; problems: BatchDetail['problems'] }> {
  const rows = await list<Omit<Lot, 'inG' | 'outG' | 'nowG'>>(db, 'lots', batchId ? { batchId } : {});
  const ids = new Set(rows.map((lot) => lot.id));
  const query = db('flows').orderBy('at').orderBy('recordedAt');
  if (batchId) query.whereIn('fromLot', [...ids]).orWhereIn('toLot', [...ids]);
  const flowRows = (await query) as FlowRow[];
  // Flows of lots that an undo took back stand in the book with their voids, and count for nothing.
  const voided = new Set(flowRows.flatMap((f) => (f.voids ? [f.voids] : [])));
  const shown = flowRows.filter((f) => !f.voids && !voided.has(f.id));
  const balance = massBalance({ lots: rows.map(({ id, kind }) => ({ id, kind })), flows: flowRows.map(asBookFlow) });
  const lots = rows.map((lot) => ({ ...lot, ...balance.lots.find((b) => b.id === lot.id)! }));
  return { lots, flows: shown.map(asFlow), lossG: balance.lossG, balanced: balance.balanced, problems: balance.problems };
}

export async function batchDetail(db: Knex, id: string): Promise<BatchDetail> {
  const batch = await batchView(db, id);
  const looks = ((await db('looks').whereIn('combId', batch.combIds).where({ removedAt: null }).orderBy('occurredAt')) as Record<string, unknown>[]).map((r) => fromRow<Look>('looks', r));
  return {
    batch,
    hive: await hiveView(db, batch.hiveId),
    looks,
    takes: await list<Take>(db, 'takes', { batchId: id }, 'occurredAt'),
    drains: await drainViews(db, { batchId: id }),
    ...(await bookView(db, id)),
  };
}
