import type { Knex } from 'knex';
import { z } from 'zod';
import { columnOf, rowsOf, sumsOf, type AskedRow } from '../store/asked.js';

/**
 * Mass that went from lots of one kind and harvest into those of another, flows in force alone;
 * null: from or to outside.
 */
export interface Moved {
  fromBatchId: string | null;
  fromKind: string | null;
  /** Whether it came from outside: 1, else 0. */
  fromOutside: number;
  toBatchId: string | null;
  toKind: string | null;
  g: number;
}
const MOVED = {
  fromBatchId: z.string().nullable(),
  fromKind: z.string().nullable(),
  fromOutside: z.number(),
  toBatchId: z.string().nullable(),
  toKind: z.string().nullable(),
  g: z.number(),
};
const LATER = {
  ...MOVED,
  row: z.number(),
  voided: z.string().nullable(),
  fromLot: z.string(),
  toLot: z.string(),
};
type Later = AskedRow<typeof LATER>;

/** What came into a lot and went out of it, grams. */
export interface LotSums {
  /** Null for outside and loss. */
  kind: string | null;
  inG: number;
  outG: number;
}

/** The sums so far, and how much of the book is in them. */
interface Kept {
  moved: Map<string, Moved>;
  lots: Map<string, LotSums>;
  voided: Set<string>;
  /** Flows that are counted in, voids as well, and the last of them in the order of writing. */
  flows: number;
  lastRow: number;
}
/** By connection: another file in its place is summed anew. */
const keptBy = new WeakMap<object, Kept>();

const keyOf = ({ fromBatchId, fromKind, fromOutside, toBatchId, toKind }: Moved): string =>
  [fromBatchId, fromKind, fromOutside, toBatchId, toKind].join(' ');

/** How many flows there are and which was written last. */
const extentOf = (db: Knex): Promise<{ flows: number; lastRow: number }> =>
  sumsOf(
    { flows: z.number(), lastRow: z.number() },
    db('flows').first(db.raw('count(*) as flows, coalesce(max(rowid), 0) as lastRow')),
  );

/** Flows, or what `of` names them, with the kinds and harvests of both their lots. */
const withLots = (query: Knex.QueryBuilder, of: string): Knex.QueryBuilder =>
  query
    .leftJoin('lots as a', 'a.id', `${of}.fromLot`)
    .leftJoin('lots as b', 'b.id', `${of}.toLot`)
    .select({ fromBatchId: 'a.batchId', fromKind: 'a.kind' })
    .select({ toBatchId: 'b.batchId', toKind: 'b.kind' });

function addToLot(lots: Map<string, LotSums>, lot: string, { kind, inG, outG }: LotSums): void {
  const there = lots.get(lot) ?? { inG: 0, outG: 0 };
  lots.set(lot, { kind, inG: there.inG + inG, outG: there.outG + outG });
}

/** Every flow summed at once, where they are kept: thousands of rows become a few. */
async function sumAll(db: Knex): Promise<Kept> {
  const extent = await extentOf(db);
  const upTo = (query: Knex.QueryBuilder): Knex.QueryBuilder =>
    query.where('f.rowid', '<=', extent.lastRow);
  const inForce = (query: Knex.QueryBuilder): Knex.QueryBuilder =>
    upTo(query)
      .whereNull('f.voids')
      .whereNotIn('f.id', upTo(db('flows as f')).whereNotNull('f.voids').select('f.voids'));
  const voided = await columnOf(
    z.string(),
    upTo(db('flows as f')).whereNotNull('f.voids').pluck('f.voids'),
  );
  const rows = await rowsOf(
    MOVED,
    inForce(withLots(db('flows as f'), 'f'))
      .groupBy('a.batchId', 'a.kind', 'b.batchId', 'b.kind')
      .groupByRaw("f.fromLot = 'outside'")
      .select(db.raw("f.fromLot = 'outside' as fromOutside"))
      .sum({ g: 'f.g' }),
  );
  const lots = new Map<string, LotSums>();
  for (const end of ['fromLot', 'toLot'] as const) {
    const byLot = await rowsOf(
      { lot: z.string(), kind: z.string().nullable(), g: z.number() },
      inForce(db('flows as f').leftJoin('lots as l', 'l.id', `f.${end}`))
        .groupBy(`f.${end}`)
        .select({ lot: `f.${end}`, kind: 'l.kind' })
        .sum({ g: 'f.g' }),
    );
    for (const { lot, kind, g } of byLot)
      addToLot(lots, lot, {
        kind,
        ...(end === 'toLot' ? { inG: g, outG: 0 } : { inG: 0, outG: g }),
      });
  }
  const moved = new Map(rows.map((row) => [keyOf(row), row]));
  return { moved, lots, voided: new Set(voided), ...extent };
}

/** Flows that were written after those that are kept, each void as the flow that it cancels. */
const laterThan = (db: Knex, lastRow: number, upTo: number) =>
  rowsOf(
    LATER,
    withLots(
      db('flows as f').join('flows as what', (on) =>
        on.on(db.raw('?? = coalesce(??, ??)', ['what.id', 'f.voids', 'f.id'])),
      ),
      'what',
    )
      .where('f.rowid', '>', lastRow)
      .where('f.rowid', '<=', upTo)
      .orderBy('f.rowid')
      .select({ row: 'f.rowid', voided: 'f.voids', g: 'what.g' })
      .select({ fromLot: 'what.fromLot', toLot: 'what.toLot' })
      .select(db.raw("what.fromLot = 'outside' as fromOutside")),
  );

/** Counts these flows in; a flow that is voided twice is taken out once. */
function countIn(kept: Kept, later: readonly Later[]): void {
  for (const { row, voided, fromLot, toLot, ...flow } of later) {
    kept.flows++;
    kept.lastRow = row;
    if (voided !== null && kept.voided.has(voided)) continue;
    if (voided !== null) kept.voided.add(voided);
    const by = voided === null ? flow.g : -flow.g;
    const key = keyOf(flow);
    const g = (kept.moved.get(key)?.g ?? 0) + by;
    if (g === 0) kept.moved.delete(key);
    else kept.moved.set(key, { ...flow, g });
    addToLot(kept.lots, fromLot, { kind: flow.fromKind, inG: 0, outG: by });
    addToLot(kept.lots, toLot, { kind: flow.toKind, inG: by, outG: 0 });
  }
}

/**
 * The sums as they stand. The book is only ever added to, so they are kept from one write to the
 * next and what is new is counted in; where the book is not what was added up, and within a
 * transaction, everything is summed anew.
 */
async function sumsNow(db: Knex): Promise<Kept> {
  if (db.isTransaction) return sumAll(db);
  const client = db.client as object;
  const kept = keptBy.get(client);
  if (!kept) return keep(client, await sumAll(db));
  const { lastRow } = kept;
  const extent = await extentOf(db);
  const later = await laterThan(db, lastRow, extent.lastRow);
  // Somebody else may have counted them in meanwhile.
  if (kept.lastRow === lastRow) countIn(kept, later);
  const isAhead = lastRow <= extent.lastRow && extent.lastRow < kept.lastRow;
  const isEqual = kept.lastRow === extent.lastRow && kept.flows === extent.flows;
  return isAhead || isEqual ? kept : keep(client, await sumAll(db));
}

function keep(client: object, kept: Kept): Kept {
  keptBy.set(client, kept);
  return kept;
}

/** Flows in force, summed by kind of lot and harvest. */
export async function movedSums(db: Knex): Promise<Moved[]> {
  return [...(await sumsNow(db)).moved.values()];
}

/** What came into each lot and went out of it by the flows in force, by lot; to be read alone. */
export async function lotSums(db: Knex): Promise<ReadonlyMap<string, LotSums>> {
  return (await sumsNow(db)).lots;
}
