import { type Batch, type LotKind, type Reserve, type TraceShare } from '@furrow/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import { lotByCode } from '../jar/codes.js';
import type { ServerClock } from '../clock.js';
import { notFound, refused } from '../problem.js';
import { list } from '../store/rows.js';
import { page } from '../paging.js';
import { aftercareOf } from './aftercare.js';
import { holdViews } from './holds.js';
import { bookView, stockView } from './lots.js';
import { openQuestions } from './questions.js';
import { estimatePairs, seasonsOf } from './seasons.js';
import { traceOf } from './trace.js';
import { watersOfStock } from './waters.js';
import { batchViewsOf } from '../harvest/batches.js';

interface LotRow {
  id: string;
  batchId: string;
  kind: LotKind;
  name: string;
  code: string | null;
}
/** What the ends of the book are called. */
const ENDS: Record<string, string> = { outside: 'gone out', loss: 'lost' };

export interface TraceAnswer {
  lot: {
    id: string;
    name: string;
    code: string | null;
    batchId: string;
    hiveName: string;
    date: string;
  };
  shares: (TraceShare & {
    name: string;
    batchId: string | null;
    hiveName: string | null;
    date: string | null;
  })[];
}

/**
 * Traces of the book: where a lot came from, where it is now; found by its id or by the code on its
 * label.
 */
export function bookReads(db: Knex, clock: ServerClock): Router {
  const router = Router();
  router.get(
    '/lots',
    async (request, response) => void response.json(page(request, (await bookView(db)).lots)),
  );
  router.get(
    '/flows',
    async (request, response) => void response.json(page(request, (await bookView(db)).flows)),
  );
  router.get('/book', async (_request, response) => void response.json(await bookView(db)));
  router.get(
    '/holds',
    async (_request, response) => void response.json({ items: await holdViews(db) }),
  );
  router.get('/traces', async (request, response) => {
    const { lot: id, code, direction } = request.query;
    if (direction !== 'back' && direction !== 'forward')
      throw refused('Back or forward?', 'direction');
    const byId = typeof id === 'string' ? await list<LotRow>(db, 'lots', { id }) : [];
    const lot = typeof code === 'string' ? await lotByCode(db, code) : (byId[0] ?? null);
    if (!lot)
      throw typeof code === 'string'
        ? refused(
            `No lot has the code "${code.slice(0, 40)}". It stands on the label behind "Batch".`,
            'code',
          )
        : notFound('lot');
    const { shares } = await traceOf(db, lot.id, direction);
    const rows = (await db('lots')
      .whereIn('id', [lot.id, ...shares.map((s) => s.lot)])
      .where({ removedAt: null })
      .select('id', 'batchId', 'kind', 'name', 'code')) as LotRow[];
    const lotsById = new Map(rows.map((l) => [l.id, l]));
    const batches = new Map(
      (
        await batchViewsOf(
          db,
          rows.map((r) => r.batchId),
        )
      ).map((b): [string, Batch] => [b.id, b]),
    );
    const about = (
      lotId: string,
    ): { name: string; batchId: string | null; hiveName: string | null; date: string | null } => {
      const row = lotsById.get(lotId);
      const batch = row ? batches.get(row.batchId) : undefined;
      const name = ENDS[lotId] ?? row?.name ?? 'a lot that was taken back';
      return {
        name,
        batchId: batch?.id ?? null,
        hiveName: batch?.hiveName ?? null,
        date: batch?.date ?? null,
      };
    };
    const own = about(lot.id);
    const answer: TraceAnswer = {
      lot: {
        id: lot.id,
        name: lot.name,
        code: lot.code,
        batchId: lot.batchId,
        hiveName: own.hiveName ?? '',
        date: own.date ?? '',
      },
      shares: shares.map((s) => ({ ...s, ...about(s.lot) })),
    };
    response.json(answer);
  });
  router.get(
    '/harvests/:id/aftercare',
    async (request, response) =>
      void response.json(await aftercareOf(db, request.params.id, clock.now().toISOString())),
  );
  router.get(
    '/stock',
    async (_request, response) =>
      void response.json({ items: await stockView(db, ['honey', 'jars', 'pieces']) }),
  );
  router.get(
    '/stock/waters',
    async (_request, response) => void response.json({ items: await watersOfStock(db) }),
  );
  router.get('/seasons', async (_request, response) => void response.json(await seasonsOf(db)));
  router.get(
    '/estimatePairs',
    async (_request, response) => void response.json({ items: await estimatePairs(db) }),
  );
  router.get(
    '/questions',
    async (_request, response) => void response.json({ items: await openQuestions(db) }),
  );
  router.get(
    '/reserves',
    async (_request, response) =>
      void response.json({ items: (await list<Reserve>(db, 'reserves')).filter((r) => !r.doneAt) }),
  );
  router.get(
    '/people',
    async (_request, response) =>
      void response.json({
        items: (await list<{ id: string; name: string }>(db, 'people'))
          .filter((p) => p.name)
          .map(({ id, name }) => ({ id, name })),
      }),
  );
  return router;
}
