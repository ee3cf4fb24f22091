import { houseSay } from '@furrow/words';
import { PAPERS } from '@furrow/core';
import { Router } from 'express';
import { inThread } from '../heavy/pool.js';
import { page } from '../paging.js';
import { readerAtHome } from '../spoken.js';
import { refused } from '../problem.js';
import { read, type Reading } from '../reading.js';
import { currentRules } from '../rules/currentRules.js';
import { list } from '../store/rows.js';
import { openPlans, plannedDay, siteWeather } from './plans.js';

/** What Ready reads: the plans that wait for their day, the weather, who follows the calendar. */
export const readyReads = [
  read('/sites/:id/weather', ({ db, weather, clock }, { params }) =>
    siteWeather(db, weather, params.id, clock.now()),
  ),
  read('/plans', ({ db, clock }) => openPlans(db, clock.now())),
  read('/calendarLinks', async ({ db }, { query }) => {
    const links = await list(db, 'calendarLinks', {}, 'recordedAt');
    return page(
      query,
      links.map(({ id, recordedAt }) => ({ id, recordedAt })),
    );
  }),
];

/** The planned day on paper. */
export function readyFiles({ db, weather, clock, phoneAddress }: Reading): Router {
  const router = Router();
  router.get('/plans/sheet.pdf', async (_request, response) => {
    const { day } = await plannedDay(db, weather, clock.now());
    if (!day.steps.length) throw refused(houseSay('refusal.no-day-planned-yet'));
    const { rules } = await currentRules(db);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', 'inline; filename="furrow-plan.pdf"');
    const { zone } = day.harvests[0].detail.batch;
    const [paper, reader] = [PAPERS[rules.paper], readerAtHome(rules)];
    const address = await phoneAddress();
    const tickLink = address && `${address}/bring`;
    response.send(
      Buffer.from(await inThread('dayPlanPdf', [day, { zone, paper, reader, tickLink }])),
    );
  });
  return router;
}
