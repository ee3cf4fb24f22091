import {
  bookBalance,
  type BatchDetail,
  type Flow,
  type Lot,
  type LotKind,
  entryOf,
} from '@furrow/core';
import { FLOW_COLUMNS, asBookFlow, flowsOfLots } from '../store/unitOfWork.js';
import { lotSums } from './keptSums.js';
import { writerText } from '../store/writer.js';
import type { Knex } from 'knex';
import { fromKept } from '../store/kept.js';
import { list, listsOf, openRows } from '../store/rows.js';
import type { RowOf } from '../store/tables.js';
import { z } from 'zod';
import { rowsOf, type AskedRow } from '../store/asked.js';
import { pageAfter, type PageAsked } from '../paging.js';
import { untilWritten } from '../store/untilWritten.js';

/** An entry of the book with who wrote it, as its command says. */
const WRITTEN_FLOW = {
  ...FLOW_COLUMNS,
  person: z.string().nullable(),
  device: z.string().nullable(),
};
type WrittenFlow = AskedRow<typeof WRITTEN_FLOW>;
const asFlow = (row: WrittenFlow): Flow => ({
  id: row.id,
  from: row.fromLot,
  to: row.toLot,
  g: row.g,
  at: row.at,
  recordedAt: row.recordedAt,
  voids: row.voids,
  reason: fromKept(row.reason),
  commandId: row.commandId,
  by: writerText(row),
});

/** One lot with what came in and went out of it; null where it is not there. */
export async function lotView(db: Knex, id: string): Promise<Lot | null> {
  const [lot] = await list(db, 'lots', { id });
  if (!lot) return null;
  const flows = await flowsOfLots(db, [id]);
  const inG = flows.filter((f) => f.to === id).reduce((g, f) => g + f.g, 0);
  const outG = flows.filter((f) => f.from === id).reduce((g, f) => g + f.g, 0);
  return { ...lot, inG, outG, nowG: inG - outG };
}

async function readStock(db: Knex, kinds: readonly LotKind[]): Promise<Lot[]> {
  const sums = await lotSums(db);
  const standing: string[] = [];
  for (const [id, { kind, inG, outG }] of sums)
    if (inG > outG && kinds.some((one) => one === kind)) standing.push(id);
  const rows = await openRows(
    'lots',
    db('lots')
      // As one value: a statement takes only so many.
      .whereRaw('id in (select value from json_each(?))', JSON.stringify(standing))
      .where({ removedAt: null })
      .orderBy('recordedAt')
      .orderBy('rowid'),
  );
  return rows.map((row) => {
    const { inG, outG } = entryOf(sums, row.id);
    return { ...row, inG, outG, nowG: inG - outG };
  });
}

/** What stands there now: lots of these kinds that hold something, oldest first. */
export function stockView(db: Knex, kinds: readonly LotKind[]): Promise<Lot[]> {
  return untilWritten(db, `stock:${kinds.join()}`, () => readStock(db, kinds));
}

/** Lots with their flows and balance. */
export interface BookView {
  lots: Lot[];
  flows: Flow[];
  lossG: number;
  balanced: boolean;
  problems: BatchDetail['problems'];
}

const writtenFlows = (db: Knex): Knex.QueryBuilder =>
  db('flows')
    .leftJoin('commands', 'commands.id', 'flows.commandId')
    .select('flows.*', 'commands.person', 'commands.device')
    .orderBy('flows.at')
    .orderBy('flows.recordedAt');

/** Lots of one batch, or of all, with their flows and balance. */
export async function bookView(db: Knex, batchId?: string): Promise<BookView> {
  if (batchId) return (await booksOf(db, [batchId]))(batchId);
  return summed(await list(db, 'lots'), await rowsOf(WRITTEN_FLOW, writtenFlows(db)), null);
}

/** What is in force of the book: neither a correction nor corrected. */
const IN_FORCE =
  'flows.voids IS NULL AND flows.id NOT IN (SELECT voids FROM flows WHERE voids IS NOT NULL)';

/** A page of the entries that are in force, from the first on. */
export async function flowPage(
  db: Knex,
  asked: PageAsked,
): Promise<{ items: Flow[]; next: string | null }> {
  const { query, pageOf } = await pageAfter(db, 'flows', ['at', 'recordedAt'], asked);
  const flows = query
    .leftJoin('commands', 'commands.id', 'flows.commandId')
    .select('flows.*', 'commands.person', 'commands.device')
    .whereRaw(IN_FORCE);
  return pageOf((await rowsOf(WRITTEN_FLOW, flows)).map(asFlow));
}

/** A page of the lots, from the first on, each with what came in and went out of it. */
export async function lotPage(
  db: Knex,
  asked: PageAsked,
): Promise<{ items: Lot[]; next: string | null }> {
  const { query, pageOf } = await pageAfter(db, 'lots', ['recordedAt'], asked);
  const rows = await openRows('lots', query.where({ 'lots.removedAt': null }).select('lots.*'));
  const ids = rows.map((row) => row.id);
  const sums = async (end: 'fromLot' | 'toLot'): Promise<Map<string, number>> =>
    new Map(
      (
        await rowsOf(
          { lot: z.string(), g: z.number() },
          db('flows')
            .whereIn(end, ids)
            .whereRaw(IN_FORCE)
            .groupBy(end)
            .select({ lot: end })
            .sum({ g: 'g' }),
        )
      ).map(({ lot, g }) => [lot, g]),
    );
  const [came, went] = [await sums('toLot'), await sums('fromLot')];
  return pageOf(
    rows.map((row) => {
      const [inG, outG] = [came.get(row.id) ?? 0, went.get(row.id) ?? 0];
      return { ...row, inG, outG, nowG: inG - outG };
    }),
  );
}

/** The books of several harvests, by harvest: each as `bookView` would give it. */
export async function booksOf(
  db: Knex,
  batchIds: readonly string[],
): Promise<(batchId: string) => BookView> {
  const lotsOf = await listsOf(db, 'lots', 'batchId', batchIds);
  const allIds = batchIds.flatMap(lotsOf).map((lot) => lot.id);
  const flows = await rowsOf(
    WRITTEN_FLOW,
    writtenFlows(db).whereIn('fromLot', allIds).orWhereIn('toLot', allIds),
  );
  return (batchId) => {
    const lots = lotsOf(batchId);
    const ids = new Set(lots.map((lot) => lot.id));
    const own = flows.filter((f) => ids.has(f.fromLot) || ids.has(f.toLot));
    return summed(lots, own, ids);
  };
}

/** Takes the lots that are the book's own, null where all are. */
function summed(
  rows: readonly RowOf<'lots'>[],
  flowRows: readonly WrittenFlow[],
  ids: ReadonlySet<string> | null,
): BookView {
  // Flows of lots that an undo took back stand in the book with their voids, and count for nothing.
  const voided = new Set(flowRows.flatMap((f) => (f.voids ? [f.voids] : [])));
  const shown = flowRows.filter((f) => !f.voids && !voided.has(f.id));
  // Of one batch, what comes from or goes to another batch's lot comes from or goes outside.
  const own = (id: string): string => (!ids || ids.has(id) || id === 'loss' ? id : 'outside');
  const balance = bookBalance({
    lots: rows.map(({ id, kind }) => ({ id, kind })),
    flows: flowRows.map(asBookFlow).map((f) => ({ ...f, from: own(f.from), to: own(f.to) })),
  });
  const sums = new Map(balance.lots.map((b) => [b.id, b]));
  return {
    lots: rows.map((lot) => ({ ...lot, ...entryOf(sums, lot.id) })),
    flows: shown.map(asFlow),
    lossG: balance.lossG,
    balanced: balance.balanced,
    problems: balance.problems,
  };
}
