import { holdsByLot } from '../book/holds.js';
import {
  DEFAULT_RULES,
  NEXT_LOT,
  massBalance,
  type Batch,
  type BatchDetail,
  type CutBoard,
  type CutPiece,
  type Drain,
  type Hive,
  type DrainEvent,
  type Flow,
  type FrameEvent,
  type Incident,
  type Keeping,
  type Lot,
  type LotKind,
  type Out,
  type Range,
  type RulesVersion,
  type Site,
  type Stage,
  type StepMark,
  type StreamReading,
  type Take,
  type WaterReading,
  type Weighing,
} from '@furrow/core';
import type { Knex } from 'knex';
import { hiveView, lookRows } from './hiveViews.js';
import { find, fromRow, list } from './rows.js';
import { asBookFlow, flowsOfLots, type FlowRow } from './unitOfWork.js';
import { writerText } from './writer.js';

/** The house rules in force. */
export async function currentRules(db: Knex): Promise<RulesVersion> {
  const row = await db('ruleVersions').orderBy('version', 'desc').first();
  const version = fromRow<RulesVersion>('ruleVersions', row);
  // A rule that came with a later Furrow stands at its start until the household says otherwise.
  return { ...version, rules: { ...DEFAULT_RULES, ...version.rules } };
}

type BatchRow = Omit<Batch, 'hiveName' | 'hiveKind' | 'siteName' | 'zone' | 'date'> & {
  /** What was expected of the way chosen; what was decided before it was reckoned by way has `honeyOutKg`, as crushed. */
  decision: { outcome?: { honeyKg?: Range; honeyOutKg?: Range } };
};

type HiveNamed = Pick<Hive, 'id' | 'name' | 'kind' | 'siteId'>;

/** Rows of batches with the names a person knows them by. */
async function named(db: Knex, rows: readonly BatchRow[]): Promise<Batch[]> {
  const hives = new Map((await list<HiveNamed>(db, 'hives')).map((h) => [h.id, h]));
  const sites = new Map((await list<Site>(db, 'sites')).map((s) => [s.id, s]));
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
export async function batchViews(db: Knex, where: Record<string, unknown> = {}): Promise<Batch[]> {
  return named(db, (await list<BatchRow>(db, 'batches', where, 'createdAt')).reverse());
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
    rows.map((row) => fromRow<BatchRow>('batches', row)),
  );
}

export async function batchView(db: Knex, id: string): Promise<Batch> {
  await find(db, 'batches', id, 'harvest');
  return (await batchViews(db, { id }))[0];
}

/** Zones of the benches of some batches, by batch: a bench goes by its hive's site until it has a place of its own. */
async function zonesOf(db: Knex, batchIds: readonly string[]): Promise<Map<string, string>> {
  const rows = (await db('batches')
    .join('hives', 'hives.id', 'batches.hiveId')
    .join('sites', 'sites.id', 'hives.siteId')
    .whereIn('batches.id', [...batchIds])
    .select('batches.id as id', 'sites.zone as zone')) as { id: string; zone: string }[];
  return new Map(rows.map((r) => [r.id, r.zone]));
}

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

export async function drainViews(db: Knex, where: Record<string, unknown>): Promise<Drain[]> {
  const drains = await list<Omit<Drain, 'weighings' | 'events' | 'readings' | 'zone'>>(
    db,
    'drains',
    where,
    'startedAt',
  );
  const zones = await zonesOf(
    db,
    drains.map((d) => d.batchId),
  );
  return Promise.all(
    drains.map(async (drain) => ({
      ...drain,
      zone: zones.get(drain.batchId)!,
      weighings: await list<Weighing>(db, 'weighings', { drainId: drain.id }, 'occurredAt'),
      events: await list<DrainEvent>(db, 'drainEvents', { drainId: drain.id }, 'occurredAt'),
      readings: joined(await list<ReadingRow>(db, 'readings', { drainId: drain.id }, 'occurredAt')),
    })),
  );
}

/** An entry of the book with who wrote it, as its command says. */
type WrittenFlow = FlowRow & { person: string | null; device: string | null };
const asFlow = (row: WrittenFlow): Flow => ({
  id: row.id,
  from: row.fromLot,
  to: row.toLot,
  g: row.g,
  at: row.at,
  recordedAt: row.recordedAt,
  voids: row.voids,
  reason: row.reason,
  commandId: row.commandId,
  by: writerText(row),
});

/** One lot with what came in and went out of it; null where it is not there. */
export async function lotView(db: Knex, id: string): Promise<Lot | null> {
  const [lot] = await list<Omit<Lot, 'inG' | 'outG' | 'nowG'>>(db, 'lots', { id });
  if (!lot) return null;
  const flows = await flowsOfLots(db, [id]);
  const inG = flows.filter((f) => f.to === id).reduce((g, f) => g + f.g, 0);
  const outG = flows.filter((f) => f.from === id).reduce((g, f) => g + f.g, 0);
  return { ...lot, inG, outG, nowG: inG - outG };
}

/** Sums of stock by kinds, as long as neither a flow nor a lot was written: flows are only ever added, a changed lot counts its revision up. */
const stockKnown = new WeakMap<Knex, { key: string; byKinds: Map<string, Lot[]> }>();
async function stockKey(db: Knex): Promise<string> {
  const flows = (await db('flows').max('rowid as n').max('recordedAt as at').first()) as {
    n: number | null;
    at: string | null;
  };
  const lots = (await db('lots').count('* as n').sum('revision as r').first()) as {
    n: number;
    r: number | null;
  };
  return [flows.n, flows.at, lots.n, lots.r].join(' ');
}

/** What stands there now: lots of these kinds that hold something, oldest first. */
export async function stockView(db: Knex, kinds: readonly LotKind[]): Promise<Lot[]> {
  const key = await stockKey(db);
  let known = stockKnown.get(db);
  if (known?.key !== key) stockKnown.set(db, (known = { key, byKinds: new Map() }));
  const of = kinds.join(' ');
  if (!known.byKinds.has(of)) known.byKinds.set(of, await readStock(db, kinds));
  return known.byKinds.get(of)!;
}

async function readStock(db: Knex, kinds: readonly LotKind[]): Promise<Lot[]> {
  const marks = kinds.map(() => '?').join(', ');
  const inForce = 'f.voids IS NULL AND NOT EXISTS (SELECT 1 FROM flows v WHERE v.voids = f.id)';
  const sums = (await db.raw(
    `
    SELECT l.id AS id, (SELECT COALESCE(SUM(f.g), 0) FROM flows f WHERE f.toLot = l.id AND ${inForce}) AS inG, (SELECT COALESCE(SUM(f.g), 0) FROM flows f WHERE f.fromLot = l.id AND ${inForce}) AS outG
    FROM lots l WHERE l.removedAt IS NULL AND l.kind IN (${marks})`,
    [...kinds],
  )) as { id: string; inG: number; outG: number }[];
  const standing = new Map(sums.filter((s) => s.inG > s.outG).map((s) => [s.id, s]));
  if (!standing.size) return [];
  const rows = (
    (await db('lots')
      .whereIn('id', [...standing.keys()])
      .orderBy('recordedAt')
      .orderBy('rowid')) as Record<string, unknown>[]
  ).map((r) => fromRow<Omit<Lot, 'inG' | 'outG' | 'nowG'>>('lots', r));
  return rows.map((r) => {
    const { inG, outG } = standing.get(r.id)!;
    return { ...r, inG, outG, nowG: inG - outG };
  });
}

/** Lots of one batch, or of all, with their flows and balance. */
export async function bookView(
  db: Knex,
  batchId?: string,
): Promise<{
  lots: Lot[];
  flows: Flow[];
  lossG: number;
  balanced: boolean;
  problems: BatchDetail['problems'];
}> {
  const rows = await list<Omit<Lot, 'inG' | 'outG' | 'nowG'>>(
    db,
    'lots',
    batchId ? { batchId } : {},
  );
  const ids = new Set(rows.map((lot) => lot.id));
  const query = db('flows')
    .leftJoin('commands', 'commands.id', 'flows.commandId')
    .select('flows.*', 'commands.person', 'commands.device')
    .orderBy('flows.at')
    .orderBy('flows.recordedAt');
  if (batchId) query.whereIn('fromLot', [...ids]).orWhereIn('toLot', [...ids]);
  const flowRows = (await query) as WrittenFlow[];
  // Flows of lots that an undo took back stand in the book with their voids, and count for nothing.
  const voided = new Set(flowRows.flatMap((f) => (f.voids ? [f.voids] : [])));
  const shown = flowRows.filter((f) => !f.voids && !voided.has(f.id));
  // Of one batch, what comes from or goes to another batch's lot comes from or goes outside.
  const own = (id: string): string => (!batchId || ids.has(id) || id === 'loss' ? id : 'outside');
  const balance = massBalance({
    lots: rows.map(({ id, kind }) => ({ id, kind })),
    flows: flowRows.map(asBookFlow).map((f) => ({ ...f, from: own(f.from), to: own(f.to) })),
  });
  const sums = new Map(balance.lots.map((b) => [b.id, b]));
  const lots = rows.map((lot) => ({ ...lot, ...sums.get(lot.id)! }));
  return {
    lots,
    flows: shown.map(asFlow),
    lossG: balance.lossG,
    balanced: balance.balanced,
    problems: balance.problems,
  };
}

/** Hives and sites whose comb a batch holds: its own, and those that were put into one vessel with it. */
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

/** What left the shelf of one harvest, oldest first. */
export async function outsOf(db: Knex, batchId: string): Promise<Out[]> {
  const lots = (await db('lots').where({ batchId, removedAt: null }).pluck('id')) as string[];
  const rows = (await db('outs')
    .whereIn('lotId', lots)
    .where({ removedAt: null })
    .orderBy('occurredAt')) as Record<string, unknown>[];
  return rows.map((row) => fromRow<Out>('outs', row));
}

/** The other lots of a batch's visit, in the order they were chosen. */
async function sameVisitAs(db: Knex, batch: Batch): Promise<BatchDetail['sameVisit']> {
  const others = (await db('batches')
    .where({ visitId: batch.visitId, removedAt: null })
    .whereNot({ id: batch.id })
    .orderBy('createdAt')
    .orderBy('rowid')
    .select('id', 'stage')) as { id: string; stage: Stage }[];
  const open = new Set(
    (await db('stepMarks')
      .whereIn(
        'batchId',
        others.map((o) => o.id),
      )
      .where({ stepId: NEXT_LOT, removedAt: null })
      .pluck('batchId')) as string[],
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
    takes: await list<Take>(db, 'takes', { batchId: id }, 'occurredAt'),
    marks: await list<StepMark>(db, 'stepMarks', { batchId: id }, 'occurredAt'),
    incidents: await list<Incident>(db, 'incidents', { batchId: id }, 'occurredAt'),
    frameEvents: await list<FrameEvent>(db, 'frameEvents', { batchId: id }, 'occurredAt'),
    waterReadings: await list<WaterReading>(db, 'waterReadings', { batchId: id }, 'occurredAt'),
    drains: await drainViews(db, { batchId: id }),
    boards: await list<CutBoard>(db, 'cutBoards', { batchId: id }),
    pieces: await list<CutPiece>(db, 'cutPieces', { batchId: id }),
    keepings: await list<Keeping>(db, 'keepings', { batchId: id }, 'startedAt'),
    outs: await outsOf(db, id),
    holds: Object.fromEntries(
      book.lots.flatMap((lot) => (byLot.has(lot.id) ? [[lot.id, byLot.get(lot.id)!]] : [])),
    ),
    ...book,
  };
}
