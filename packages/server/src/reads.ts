import { PAPERS, boxHistory } from '@furrow/core';
import { Router, type Request } from 'express';
import type { Knex } from 'knex';
import type { ServerClock } from './clock.js';
import { holdViews } from './book/holds.js';
import { householdRuns } from './drain/runs.js';
import { practiceWeather } from './instruments/weather.js';
import type { PhoneAddress } from './house/phoneAddress.js';
import { calendarReads } from './ready/calendars.js';
import { openPlans, plannedDay, siteWeather } from './ready/plans.js';
import { inThread } from './heavy/pool.js';
import { damageLine } from './store/damage.js';
import { refused } from './problem.js';
import { list } from './store/rows.js';
import { writerText } from './store/writer.js';
import { boxStays, harvestEvents, hiveView, hiveViews, lookFaces } from './look/hiveViews.js';
import { batchDetail } from './harvest/detail.js';
import { bookView } from './book/lots.js';
import { batchViews } from './harvest/batches.js';
import { currentRules } from './rules/currentRules.js';
import { clocks } from './today/clocks.js';
import type { CopyWatch } from './copies/copyWatch.js';
import { todayLines } from './today/today.js';

const text = (request: Request, key: string): string | null =>
  typeof request.query[key] === 'string' ? request.query[key] : null;

/**
 * A page of a list: `limit` things after the one whose id is `cursor`; `next` is the cursor of the
 * page after, or null.
 */
function page<T extends { id: string }>(
  request: Request,
  items: readonly T[],
): { items: T[]; next: string | null } {
  const limit = Math.min(1000, Math.max(1, Number(request.query.limit) || 1000));
  const cursor = text(request, 'cursor');
  const from = cursor ? items.findIndex((item) => item.id === cursor) + 1 : 0;
  if (cursor && from === 0) throw refused('This cursor is not from this list.', 'cursor');
  const part = items.slice(from, from + limit);
  return { items: part, next: from + limit < items.length ? part[part.length - 1].id : null };
}

/**
 * Every read of the interface: plural nouns, camelCase, one shape per thing (core records/views).
 */
export function readRoutes(
  db: Knex,
  clock: ServerClock,
  seed: number,
  phoneAddress: PhoneAddress,
  copies?: Pick<CopyWatch, 'line'>,
): Router {
  const router = Router();
  const weather = practiceWeather(seed);

  router.get('/health', async (_request, response) => {
    await db.raw('select 1');
    response.json({ ready: true, now: clock.now().toISOString() });
  });
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
    '/harvests',
    async (request, response) => void response.json(page(request, await batchViews(db))),
  );
  router.get(
    '/harvests/:id',
    async (request, response) => void response.json(await batchDetail(db, request.params.id)),
  );
  router.get(
    '/lots',
    async (request, response) => void response.json(page(request, (await bookView(db)).lots)),
  );
  router.get(
    '/flows',
    async (request, response) => void response.json(page(request, (await bookView(db)).flows)),
  );
  router.get('/book', async (_request, response) => void response.json(await bookView(db)));
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
  router.get(
    '/holds',
    async (_request, response) => void response.json({ items: await holdViews(db) }),
  );
  router.get(
    '/held',
    async (_request, response) =>
      void response.json({ items: await db('heldCommands').orderBy('recordedAt') }),
  );
  router.get('/journal', async (_request, response) => {
    const rows = await db('commands').whereNull('undoes').orderBy('sequence', 'desc').limit(30);
    response.json({
      items: rows.map((r) => ({
        by: writerText(r),
        commandId: r.id,
        kind: r.route,
        sentence: r.sentence,
        occurredAt: r.occurredAt,
        recordedAt: r.recordedAt,
        undoneBy: r.undoneBy,
      })),
    });
  });
  router.get('/guesses', async (_request, response) => {
    // Every guess with what the scale then said, so that a person's own bias is learned over all
    // harvests.
    const takes = await list<{
      id: string;
      guessG: number | null;
      netG: number | null;
      netBy: string;
      byBox: boolean;
      batchId: string;
    }>(db, 'takes', {}, 'occurredAt');
    const boxG = (batchId: string): number =>
      takes
        .filter((t) => t.batchId === batchId && t.byBox)
        .reduce((sum, t) => sum + (t.netG ?? 0), 0);
    response.json({
      items: takes
        .filter((t) => t.guessG && t.netG && t.netBy === 'scale')
        .map((t) => ({ guess: t.guessG, weighed: t.byBox ? boxG(t.batchId) : t.netG })),
    });
  });
  router.get('/runs', async (_request, response) => void response.json(await householdRuns(db)));
  router.get(
    '/sites/:id/weather',
    async (request, response) =>
      void response.json(await siteWeather(db, weather, request.params.id, clock.now())),
  );
  router.get(
    '/gear',
    async (request, response) =>
      void response.json(page(request, await list<{ id: string }>(db, 'gear', {}, 'name'))),
  );
  router.get(
    '/plans',
    async (_request, response) => void response.json(await openPlans(db, clock.now())),
  );
  router.use(calendarReads(db, clock, weather));
  router.get('/plans/sheet.pdf', async (_request, response) => {
    const { day } = await plannedDay(db, weather, clock.now());
    if (!day.steps.length) throw refused('No day is planned yet.');
    const { rules } = await currentRules(db);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', 'inline; filename="furrow-plan.pdf"');
    const { zone } = day.harvests[0].detail.batch;
    const [paper, units] = [PAPERS[rules.paper], rules.units];
    const address = await phoneAddress();
    const tickLink = address && `${address}/bring`;
    response.send(Buffer.from(await inThread('sheetPdf', [day, { zone, paper, units, tickLink }])));
  });
  return router;
}
