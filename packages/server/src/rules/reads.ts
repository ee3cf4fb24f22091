import { page } from '../paging.js';
import { read } from '../reading.js';
import { list } from '../store/rows.js';
import { currentRules } from './currentRules.js';

/** What Rules reads: the house rules in force, and the kit. */
export const rulesReads = [
  read('/rules', ({ db }) => currentRules(db)),
  read('/vessels', async ({ db }, { query }) => page(query, await list(db, 'vessels'))),
  read('/jars', async ({ db }, { query }) => page(query, await list(db, 'jarKinds', {}, 'netG'))),
  read('/gear', async ({ db }, { query }) => page(query, await list(db, 'gear', {}, 'name'))),
];
