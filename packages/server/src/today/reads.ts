import { Router } from 'express';
import type { Knex } from 'knex';
import type { ServerClock } from '../clock.js';
import type { CopyWatch } from '../copies/copyWatch.js';
import { damageLine } from '../store/damage.js';
import { clocks } from './clocks.js';
import { todayLines } from './today.js';

/** What Today reads: the clocks that run, and what is due. */
export function todayReads(db: Knex, clock: ServerClock, copies?: Pick<CopyWatch, 'line'>): Router {
  const router = Router();
  router.get(
    '/clocks',
    async (_request, response) =>
      void response.json({
        now: clock.now().toISOString(),
        speed: clock.speed ?? 1,
        set: clock.set ?? false,
        items: await clocks(db, clock.now()),
      }),
  );
  router.get(
    '/today',
    async (_request, response) =>
      void response.json({
        now: clock.now().toISOString(),
        items: [
          damageLine(db) ?? [],
          copies?.line() ?? [],
          await todayLines(db, clock.now()),
        ].flat(),
      }),
  );
  return router;
}
