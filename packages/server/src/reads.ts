import { READS, type ReadPath } from '@furrow/core';
import { Router, type Request, type Response } from 'express';
import { tableReads } from './archive/reads.js';
import { bookReads } from './book/reads.js';
import { cutReads } from './cut/reads.js';
import { drainReads } from './drain/reads.js';
import { harvestReads } from './harvest/reads.js';
import { instrumentReads } from './instruments/reads.js';
import { jarReads } from './jar/reads.js';
import { journalReads } from './journal.js';
import { lookReads } from './look/reads.js';
import { read, type Read, type Reading } from './reading.js';
import { readyReads } from './ready/reads.js';
import { rulesReads } from './rules/reads.js';
import { SAYS_HEADER } from './spoken.js';
import { textOf } from './store/keptText.js';
import { takeReads } from './take/reads.js';
import { todayReads } from './today/reads.js';

const healthReads = [
  read('/health', async ({ db, clock }) => {
    await db.raw('select 1');
    return { ready: true as const, now: clock.now().toISOString() };
  }),
];

const ALL_READS = [
  ...healthReads,
  ...todayReads,
  ...lookReads,
  ...readyReads,
  ...harvestReads,
  ...takeReads,
  ...drainReads,
  ...cutReads,
  ...jarReads,
  ...bookReads,
  ...rulesReads,
  ...instrumentReads,
  ...tableReads,
  ...journalReads,
];

/** A read of the interface that nobody answers does not compile here. */
type Unanswered = Exclude<ReadPath, (typeof ALL_READS)[number]['path']>;
const everyReadIsAnswered: [Unanswered] extends [never] ? true : Unanswered = true;
void everyReadIsAnswered;

/** Sends an answer: with texts to whoever asks for them, else as it was written once for all. */
function send(request: Request, response: Response, answer: unknown): void {
  if (request.get(SAYS_HEADER) !== 'keys') return void response.json(answer);
  response.type('json').send(textOf(answer));
}

/**
 * Every read of the interface, stage by stage: plural nouns, camelCase, one shape per thing (core
 * records).
 */
export function readRoutes(reading: Reading): Router {
  const router = Router();
  for (const { path, run } of ALL_READS as readonly Read[]) {
    const told = READS[path];
    const query = 'query' in told ? told.query : null;
    router.get(path, async (request, response) => {
      const asked = { params: request.params, query: query?.parse(request.query) ?? {} };
      send(request, response, await run(reading, asked as never));
    });
  }
  return router;
}
