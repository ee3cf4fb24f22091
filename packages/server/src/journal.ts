import { Router } from 'express';
import type { Knex } from 'knex';
import { writerText } from './store/writer.js';

/** What was written last, and what came too late to fit. */
export function journalReads(db: Knex): Router {
  const router = Router();
  router.get(
    '/held',
    async (_request, response) =>
      void response.json({ items: await db('heldCommands').orderBy('recordedAt') }),
  );
  router.get('/journal', async (_request, response) => {
    const rows = await db('commands').whereNull('undoes').orderBy('sequence', 'desc').limit(30);
    response.json({
      items: rows.map((r) => ({
        by: writerText(r),
        commandId: r.id,
        kind: r.route,
        sentence: r.sentence,
        occurredAt: r.occurredAt,
        recordedAt: r.recordedAt,
        undoneBy: r.undoneBy,
      })),
    });
  });
  return router;
}
