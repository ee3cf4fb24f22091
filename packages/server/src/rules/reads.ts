import { Router } from 'express';
import type { Knex } from 'knex';
import { page } from '../paging.js';
import { list } from '../store/rows.js';
import { currentRules } from './currentRules.js';

/** What Rules reads: the house rules in force, and the kit. */
export function rulesReads(db: Knex): Router {
  const router = Router();
  router.get('/rules', async (_request, response) => void response.json(await currentRules(db)));
  router.get(
    '/vessels',
    async (request, response) =>
      void response.json(page(request, await list<{ id: string }>(db, 'vessels'))),
  );
  router.get(
    '/jars',
    async (request, response) =>
      void response.json(page(request, await list<{ id: string }>(db, 'jarKinds', {}, 'netG'))),
  );
  router.get(
    '/gear',
    async (request, response) =>
      void response.json(page(request, await list<{ id: string }>(db, 'gear', {}, 'name'))),
  );
  return router;
}
