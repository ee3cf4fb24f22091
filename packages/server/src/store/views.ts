import { DEFAULT_RULES, massBalance, type Batch, type BatchDetail, type Drain, type DrainEvent, type Flow, type Lot, type RulesVersion, type Site, type Take, type Weighing } from '@furrow/core';
import type { Knex } from 'knex';
import { hiveView, lookRows } from './hiveViews.js';
import { find, fromRow, list } from './rows.js';
import { asBookFlow, type FlowRow } from './unitOfWork.js';

/** The house rules in force. */
export async function currentRules(db: Knex): Promise<RulesVersion> {
  const row = await db('ruleVersions').orderBy('version', 'desc').first();
  const version = fromRow<RulesVersion>('ruleVersions', row);
  // A rule that came with a later Furrow stands at its start until the household says otherwise.
  return { ...version, rules: { ...DEFAULT_RULES, ...version.rules } };
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
  // Of one batch, what comes from or goes to another batch's lot comes from or goes outside.
  const own = (id: string): string => (!batchId || ids.has(id) || id === 'loss' ? id : 'outside');
  const balance = massBalance({ lots: rows.map(({ id, kind }) => ({ id, kind })), flows: flowRows.map(asBookFlow).map((f) => ({ ...f, from: own(f.from), to: own(f.to) })) });
  const lots = rows.map((lot) => ({ ...lot, ...balance.lots.find((b) => b.id === lot.id)! }));
  return { lots, flows: shown.map(asFlow), lossG: balance.lossG, balanced: balance.balanced, problems: balance.problems };
}

/** Hives and sites whose comb a batch holds: its own, and those that were put into one vessel with it. */
export async function originsOf(db: Knex, batch: Batch): Promise<{ hiveName: string; siteName: string }> {
  const lots = (await db('lots').where({ batchId: batch.id, removedAt: null }).pluck('id')) as string[];
  const { flows } = await bookView(db);
  const from = new Set(flows.filter((f) => lots.includes(f.to) && !lots.includes(f.from)).map((f) => f.from));
  const joined = from.size ? ((await db('lots').whereIn('id', [...from]).pluck('batchId')) as string[]) : [];
  const all = [batch, ...(await batchViews(db)).filter((b) => joined.includes(b.id)).reverse()];
  const said = (pick: (b: Batch) => string): string => [...new Set(all.map(pick))].join(' and ');
  return { hiveName: said((b) => b.hiveName), siteName: said((b) => b.siteName) };
}

export async function batchDetail(db: Knex, id: string): Promise<BatchDetail> {
  const batch = await batchView(db, id);
  const looks = await lookRows(db, batch.combIds);
  return {
    batch,
    hive: await hiveView(db, batch.hiveId),
    looks,
    takes: await list<Take>(db, 'takes', { batchId: id }, 'occurredAt'),
    drains: await drainViews(db, { batchId: id }),
    ...(await bookView(db, id)),
  };
}
