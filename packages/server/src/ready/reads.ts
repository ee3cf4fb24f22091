import { PAPERS } from '@furrow/core';
import { Router } from 'express';
import type { Knex } from 'knex';
import type { ServerClock } from '../clock.js';
import { inThread } from '../heavy/pool.js';
import type { PhoneAddress } from '../house/phoneAddress.js';
import { practiceWeather } from '../instruments/weather.js';
import { refused } from '../problem.js';
import { currentRules } from '../rules/currentRules.js';
import { calendarReads } from './calendars.js';
import { openPlans, plannedDay, siteWeather } from './plans.js';

/** What Ready reads: the plans that wait for their day, the weather, the calendar and the sheet. */
export function readyReads(
  db: Knex,
  clock: ServerClock,
  seed: number,
  phoneAddress: PhoneAddress,
): Router {
  const router = Router();
  const weather = practiceWeather(seed);

  router.get(
    '/sites/:id/weather',
    async (request, response) =>
      void response.json(await siteWeather(db, weather, request.params.id, clock.now())),
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
