import { boxHistory } from '@furrow/core';
import { page } from '../paging.js';
import { read } from '../reading.js';
import { list } from '../store/rows.js';
import { boxStays, harvestEvents, hiveView, hiveViews, lookFaces } from './hiveViews.js';

/** What Look reads: places, hives with their combs and looks, what became of their boxes. */
export const lookReads = [
  read('/sites', async ({ db }, { query }) => page(query, await list(db, 'sites'))),
  read('/hives', async ({ db }, { query }) => page(query, await hiveViews(db))),
  read('/hives/:id', ({ db }, { params }) => hiveView(db, params.id)),
  read('/hives/:id/boxHistory', async ({ db }, { params: { id } }) => ({
    items: boxHistory(await boxStays(db, id), id, await harvestEvents(db, id)),
  })),
  read('/looks/:id/faces', ({ db }, { params }) => lookFaces(db, params.id)),
];
