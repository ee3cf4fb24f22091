import { boxHistory } from '@furrow/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import { page } from '../paging.js';
import { list } from '../store/rows.js';
import { boxStays, harvestEvents, hiveView, hiveViews, lookFaces } from './hiveViews.js';

/** What Look reads: places, hives with their combs and looks, what became of their boxes. */
export function lookReads(db: Knex): Router {
  const router = Router();
  router.get(
    '/sites',
    async (request, response) =>
      void response.json(page(request, await list<{ id: string }>(db, 'sites'))),
  );
  router.get(
    '/hives',
    async (request, response) => void response.json(page(request, await hiveViews(db))),
  );
  router.get(
    '/hives/:id',
    async (request, response) => void response.json(await hiveView(db, request.params.id)),
  );
  router.get(
    '/hives/:id/boxHistory',
    async (request, response) =>
      void response.json({
        items: boxHistory(
          await boxStays(db, request.params.id),
          request.params.id,
          await harvestEvents(db, request.params.id),
        ),
      }),
  );
  router.get(
    '/looks/:id/faces',
    async (request, response) => void response.json(await lookFaces(db, request.params.id)),
  );
  return router;
}
