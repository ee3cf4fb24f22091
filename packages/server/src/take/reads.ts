import { Router } from 'express';
import type { Knex } from 'knex';
import { list } from '../store/rows.js';

/** What Take reads beside the harvest: how people's guesses compare with the scale. */
export function takeReads(db: Knex): Router {
  const router = Router();
  router.get('/guesses', async (_request, response) => {
    // Every guess with what the scale then said, so that a person's own bias is learned over all
    // harvests.
    const takes = await list<{
      id: string;
      guessG: number | null;
      netG: number | null;
      netBy: string;
      byBox: boolean;
      batchId: string;
    }>(db, 'takes', {}, 'occurredAt');
    const boxG = (batchId: string): number =>
      takes
        .filter((t) => t.batchId === batchId && t.byBox)
        .reduce((sum, t) => sum + (t.netG ?? 0), 0);
    response.json({
      items: takes
        .filter((t) => t.guessG && t.netG && t.netBy === 'scale')
        .map((t) => ({ guess: t.guessG, weighed: t.byBox ? boxG(t.batchId) : t.netG })),
    });
  });
  return router;
}
