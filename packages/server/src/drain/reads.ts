import { Router } from 'express';
import type { Knex } from 'knex';
import { householdRuns } from './runs.js';

/** What Drain reads beside the harvest: the household's drains that are done. */
export function drainReads(db: Knex): Router {
  const router = Router();
  router.get('/runs', async (_request, response) => void response.json(await householdRuns(db)));
  return router;
}
