import { page } from '../paging.js';
import { read } from '../reading.js';
import { batchViews } from './batches.js';
import { batchDetail } from './detail.js';

/** Harvests, all of them by name and each as a whole. */
export const harvestReads = [
  read('/harvests', async ({ db }, { query }) => page(query, await batchViews(db))),
  read('/harvests/:id', ({ db }, { params }) => batchDetail(db, params.id)),
];
