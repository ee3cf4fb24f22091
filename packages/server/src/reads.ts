import { Router } from 'express';
import type { Knex } from 'knex';
import { bookReads } from './book/reads.js';
import type { ServerClock } from './clock.js';
import type { CopyWatch } from './copies/copyWatch.js';
import { cutReads } from './cut/reads.js';
import { drainReads } from './drain/reads.js';
import { harvestReads } from './harvest/reads.js';
import type { PhoneAddress } from './house/phoneAddress.js';
import { jarReads } from './jar/reads.js';
import { journalReads } from './journal.js';
import { lookReads } from './look/reads.js';
import { readyReads } from './ready/reads.js';
import { rulesReads } from './rules/reads.js';
import { takeReads } from './take/reads.js';
import { todayReads } from './today/reads.js';

/** What the reads are made with. */
export interface Reading {
  db: Knex;
  clock: ServerClock;
  seed: number;
  phoneAddress: PhoneAddress;
  copies?: Pick<CopyWatch, 'line'>;
}

function healthReads(db: Knex, clock: ServerClock): Router {
  const router = Router();
  router.get('/health', async (_request, response) => {
    await db.raw('select 1');
    response.json({ ready: true, now: clock.now().toISOString() });
  });
  return router;
}

/**
 * Every read of the interface, stage by stage: plural nouns, camelCase, one shape per thing (core
 * records).
 */
export function readRoutes({ db, clock, seed, phoneAddress, copies }: Reading): Router {
  const router = Router();
  const stages = [
    healthReads(db, clock),
    todayReads(db, clock, copies),
    lookReads(db),
    readyReads(db, clock, seed, phoneAddress),
    harvestReads(db),
    takeReads(db),
    drainReads(db),
    cutReads(db),
    jarReads(db, phoneAddress),
    bookReads(db, clock),
    rulesReads(db),
    journalReads(db),
  ];
  for (const stage of stages) router.use(stage);
  return router;
}
