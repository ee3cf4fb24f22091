import { lotSay, type Person, type QueryOf, type Say, type Trace } from '@furrow/core';
import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import { lotByCode } from '../jar/codes.js';
import { notFound, refused } from '../problem.js';
import { find, list, openRows } from '../store/rows.js';
import type { RowOf } from '../store/tables.js';
import { inThread } from '../heavy/pool.js';
import { read } from '../reading.js';
import { fileOf } from '../store/database.js';
import { aftercareOf } from './aftercare.js';
import { holdViews } from './holds.js';
import { flowPage, lotPage, stockView } from './lots.js';
import { openQuestions } from './questions.js';
import { estimatePairs, seasonsOf } from './seasons.js';
import { traceOf } from './trace.js';
import { watersOfStock } from './waters.js';
import { batchViewsOf } from '../harvest/batches.js';

type LotRow = RowOf<'lots'>;
/** What the ends of the book are called. */
const ENDS: Record<string, Say> = {
  outside: lotSay('lot.gone-out'),
  loss: lotSay('lot.lost'),
};

/** The lot that is asked for: by its id, or by the code on its label. */
async function lotAsked(db: Knex, { lot, code }: { lot?: string; code?: string }): Promise<LotRow> {
  if (code !== undefined) {
    const found = await lotByCode(db, code);
    if (found) return find(db, 'lots', found.id, 'lot');
    throw refused(houseSay('refusal.no-lot-of-code', { code: code.slice(0, 40) }), 'code');
  }
  const [found] = lot === undefined ? [] : await list(db, 'lots', { id: lot });
  if (!found) throw notFound('lot');
  return found;
}

/** Where a lot came from, or where it is now, with the names of what is on the way. */
async function traceTold(db: Knex, asked: QueryOf<'/traces'>): Promise<Trace> {
  const lot = await lotAsked(db, asked);
  const { shares } = await traceOf(db, lot.id, asked.direction);
  const rows = await openRows(
    'lots',
    db('lots')
      .whereIn('id', [lot.id, ...shares.map((s) => s.lot)])
      .where({ removedAt: null }),
  );
  const lots = new Map(rows.map((row) => [row.id, row]));
  const batchIds = rows.map((row) => row.batchId);
  const batches = new Map((await batchViewsOf(db, batchIds)).map((batch) => [batch.id, batch]));
  const about = (id: string) => {
    const row = lots.get(id);
    const batch = row && batches.get(row.batchId);
    return {
      name: ENDS[id] ?? row?.name ?? lotSay('lot.taken-back'),
      batchId: batch?.id ?? null,
      hiveName: batch?.hiveName ?? null,
      date: batch?.date ?? null,
    };
  };
  const { hiveName, date } = about(lot.id);
  const { id, name, code, batchId } = lot;
  return {
    lot: { id, name, code, batchId, hiveName: hiveName ?? '', date: date ?? '' },
    shares: shares.map((s) => ({ ...s, ...about(s.lot) })),
  };
}

/** Names of those honey went to, as long as they are not forgotten. */
async function peopleKnown(db: Knex): Promise<Person[]> {
  const people = await list(db, 'people');
  return people.filter((p) => p.name).map(({ id, name }) => ({ id, name }));
}

/** What Book reads: lots and flows, traces, what stands there, what was promised, years. */
export const bookReads = [
  read('/lots', ({ db }, { query }) => lotPage(db, query)),
  read('/flows', ({ db }, { query }) => flowPage(db, query)),
  read('/book', ({ db }) => inThread('wholeBalance', [fileOf(db)])),
  read('/holds', async ({ db }) => ({ items: await holdViews(db) })),
  read('/traces', ({ db }, { query }) => traceTold(db, query)),
  read('/harvests/:id/aftercare', ({ db, clock }, { params }) =>
    aftercareOf(db, params.id, clock.now().toISOString()),
  ),
  read('/stock', async ({ db }) => ({ items: await stockView(db, ['honey', 'jars', 'pieces']) })),
  read('/stock/waters', async ({ db }) => ({ items: await watersOfStock(db) })),
  read('/seasons', ({ db }) => seasonsOf(db)),
  read('/estimatePairs', async ({ db }) => ({ items: await estimatePairs(db) })),
  read('/questions', async ({ db }) => ({ items: await openQuestions(db) })),
  read('/reserves', async ({ db }) => ({
    items: (await list(db, 'reserves')).filter((r) => !r.doneAt),
  })),
  read('/people', async ({ db }) => ({ items: await peopleKnown(db) })),
];
