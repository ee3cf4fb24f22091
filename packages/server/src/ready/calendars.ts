import { houseSay, speak } from '@furrow/words';
import { readerAtHome } from '../spoken.js';
import { rowsOf } from '../store/asked.js';
import { createHash } from 'node:crypto';

import { Router } from 'express';
import type { Knex } from 'knex';

import { givenStep, timetableCalendar, type GivenStep, GIVEN_STEP } from '../files/calendar.js';
import { currentRules } from '../rules/currentRules.js';
import type { Reading } from '../reading.js';
import type { WeatherService } from '../instruments/weather.js';
import { notFound, refused } from '../problem.js';

import { write } from '../store/writes.js';
import { clocks } from '../today/clocks.js';
import { plannedDay } from './plans.js';

/** Steps that a calendar was given, lie ahead, and are not planned any more. */
async function droppedSteps(
  db: Knex,
  planned: readonly GivenStep[],
  only: string | null,
  now: Date,
): Promise<GivenStep[]> {
  const here = new Set(planned.map((s) => s.uid));
  const given = await rowsOf(
    GIVEN_STEP,
    db('calendarSteps')
      .where('endsAt', '>', now.toISOString())
      .modify((q) => {
        if (only) void q.where({ harvestId: only });
      }),
  );
  return given.filter((s) => !here.has(s.uid));
}

/** Remembers what calendars are given now; what is over is forgotten. */
async function remember(db: Knex, steps: readonly GivenStep[], now: Date): Promise<void> {
  await db('calendarSteps').where('endsAt', '<=', now.toISOString()).delete();
  for (const step of steps) await db('calendarSteps').insert(step).onConflict('uid').merge();
}

/**
 * The household's calendar: the steps of every day that is planned, those that were dropped since a
 * calendar was given them, and what runs at the bench. Takes one harvest alone where it is named.
 */
async function householdCalendar(
  db: Knex,
  weather: WeatherService,
  now: Date,
  only: string | null = null,
): Promise<{ text: string; from: string | null }> {
  const { day } = await plannedDay(db, weather, now);
  const { rules } = await currentRules(db);
  const steps = day.steps.filter((step) => !only || step.harvestId === only);
  const running = (await clocks(db, now)).filter((c) => !only || c.batchId === only);
  const given = steps.map(givenStep);
  const dropped = await droppedSteps(db, given, only, now);
  await remember(db, given, now);
  const names = [...new Set(steps.map((step) => step.harvestName))].join(', ');
  const reader = readerAtHome(rules);
  const name = names ? speak(houseSay('paper.calendar', { names }), reader) : 'Furrow';
  const text = timetableCalendar(name, steps, {
    cautions: new Map(day.harvests.map((h) => [h.id, h.cautions])),
    sites: new Map(day.harvests.map((h) => [h.id, h.detail.batch.siteName])),
    dropped,
    clocks: running,
    reader,
    now,
  });
  const from = steps[0]?.startsAt ?? running.find((c) => c.dueAt)?.dueAt ?? null;
  return { text, from: from ?? dropped[0]?.startsAt ?? null };
}

/** The calendar as a file, and behind its secret address for a calendar that subscribes to it. */
export function calendarFiles({ db, clock, weather }: Reading): Router {
  const router = Router();
  router.get('/plans/timetable.ics', async (request, response) => {
    const only = typeof request.query.harvest === 'string' ? request.query.harvest : null;
    const { text, from } = await householdCalendar(db, weather, clock.now(), only);
    if (!from) throw refused(houseSay('refusal.no-day-planned-and-nothing'));
    response
      .type('text/calendar')
      .attachment(`furrow-${from.slice(0, 10)}.ics`)
      .send(text);
  });
  router.get('/calendar/:token.ics', async (request, response) => {
    const tokenHash = createHash('sha256').update(request.params.token).digest('hex');
    const link = await db('calendarLinks').where({ tokenHash, removedAt: null }).first();
    if (!link) throw notFound('calendar');
    const { text } = await householdCalendar(db, weather, clock.now());
    response.type('text/calendar').setHeader('Cache-Control', 'private, max-age=300').send(text);
  });
  return router;
}

export const calendarWrites = [
  write('/calendarLinks', {
    sentence: () => houseSay('entry.calendar-may-read-plan'),
    run: async (unit, payload) => {
      const { recordedAt } = await unit.insert('calendarLinks', payload);
      return { link: { id: payload.id, recordedAt } };
    },
  }),
  write('/calendarLinks/:id/remove', {
    sentence: () => houseSay('entry.calendar-may-not-read-plan'),
    run: async (unit, _payload, { id }) => {
      await unit.update('calendarLinks', id, { removedAt: unit.recordedAt });
      return {};
    },
  }),
];
