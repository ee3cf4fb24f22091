import { Router } from 'express';
import type { Knex } from 'knex';
import { page } from '../paging.js';
import { batchViews } from './batches.js';
import { batchDetail } from './detail.js';

/** Harvests, all of them by name and each as a whole. */
export function harvestReads(db: Knex): Router {
  const router = Router();
  router.get(
    '/harvests',
    async (request, response) => void response.json(page(request, await batchViews(db))),
  );
  router.get(
    '/harvests/:id',
    async (request, response) => void response.json(await batchDetail(db, request.params.id)),
  );
  return router;
}
