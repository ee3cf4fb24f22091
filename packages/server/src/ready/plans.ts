import { z } from 'zod';
import { rowsOf } from '../store/asked.js';
import {
  crushPace,
  drainForecast,
  forecastInput,
  mergeWeather,
  type Batch,
  type DayPlan,
  planDay,
  type Drain,
  type OpenPlans,
  type Range,
  type SiteWeather,
  type WeatherHour,
  CRUSH_METHODS,
  readySay,
  instantOf,
} from '@furrow/core';
import { DateTime } from 'luxon';
import type { Knex } from 'knex';
import { breathe } from '../breathe.js';
import { correctionOf } from '../book/seasons.js';
import { methodPriorOf } from '../drain/runs.js';
import type { WeatherService } from '../instruments/weather.js';
import { find, list } from '../store/rows.js';
import { batchDetails } from '../harvest/detail.js';
import { drainViews } from '../drain/drainViews.js';
import { batchViews, batchViewsOf } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';

/** So many times back the household's own pace is learned from. */
const LEARN_CRUSHES = 20;
/** Ten days, hour by hour. */
const HOURS = 240;

/** Whether this is the demo household: only there may practice weather count in a day's score. */
async function isDemo(db: Knex): Promise<boolean> {
  return Boolean(await db('commands').where({ device: 'demo' }).first());
}

/**
 * The next ten days at a site: what was typed in over what the service says; without a service only
 * what was typed in.
 */
export async function siteWeather(
  db: Knex,
  service: WeatherService,
  siteId: string,
  now: Date,
): Promise<SiteWeather> {
  const site = await find(db, 'sites', siteId, 'site');
  const practice = await isDemo(db);
  const from = DateTime.fromJSDate(now, { zone: site.zone }).startOf('day');
  const rows = await list(db, 'weatherEntries', { siteId }, 'at');
  const byHand = rows
    .filter(
      (r) =>
        r.at >= instantOf(from.toUTC()) && r.at < instantOf(from.plus({ hours: HOURS }).toUTC()),
    )
    .map(({ at, temperatureC, windKmH, rainMm, humidityPercent, cloudPercent }): WeatherHour => ({
      at,
      temperatureC,
      windKmH,
      rainMm,
      humidityPercent,
      cloudPercent,
      source: 'hand',
    }));
  const hours = mergeWeather(practice ? service.hours(site, from.toJSDate(), HOURS) : [], byHand);
  return { siteId, zone: site.zone, hours, practice, gaps: HOURS - hours.length };
}

/** Vessels that stand under a drain, until nine tenths of it are likely out. */
async function vesselsInUse(db: Knex, now: Date): Promise<OpenPlans['inUse']> {
  const vessels = await list(db, 'vessels');
  const { rules } = await currentRules(db);
  const running = (await drainViews(db, { endedAt: null })).filter((d: Drain) => !d.endedAt);
  const inUse: OpenPlans['inUse'] = [];
  for (const drain of running) {
    // A forecast takes some twenty milliseconds: others have their turn between two.
    await breathe();
    const [batch] = await batchViewsOf(db, [drain.batchId]);
    const lower = vessels.find((v) => v.id === drain.lowerVesselId) ?? null;
    const prior = await methodPriorOf(db, drain, batch.hiveKind);
    const { nineTenthsHours } = drainForecast(
      forecastInput(drain, lower, rules, now.toISOString(), prior),
    );
    const untilMs = Date.parse(drain.startedAt) + nineTenthsHours.high * 3_600_000;
    inUse.push({
      vesselIds: [drain.upperVesselId, drain.lowerVesselId].filter((id) => id !== null),
      untilAt: new Date(untilMs).toISOString(),
      what: readySay('ready.in-use.drains', { hive: batch.hiveName }),
    });
  }
  return inUse;
}

/** Every harvest whose hive is not done yet, what is in use meanwhile, gear and ticks. */
export async function openPlans(db: Knex, now: Date): Promise<OpenPlans> {
  const open = (await batchViews(db, { closedAt: null })).filter(
    (b: Batch) => b.stage === 'ready' || b.stage === 'take',
  );
  const newestFirst = await batchDetails(
    db,
    open.map((b) => b.id),
  );
  const details = newestFirst.reverse();
  await breathe();
  const inUse = await vesselsInUse(db, now);
  const corrections: Record<string, Range> = {};
  for (const { hive } of details) {
    await breathe();
    const factor = await correctionOf(db, hive);
    if (factor) corrections[hive.id] = factor;
  }
  return {
    details,
    inUse,
    corrections,
    gear: await list(db, 'gear', {}, 'name'),
    ticks: await list(db, 'ticks'),
    crushPace: crushPace(
      await rowsOf(
        { method: z.enum(CRUSH_METHODS), crushedG: z.number(), minutes: z.number() },
        db('drains')
          .whereNotNull('crushMinutes')
          .where({ removedAt: null })
          .orderBy('startedAt', 'desc')
          .limit(LEARN_CRUSHES)
          .select('method', 'crushedG', 'crushMinutes as minutes'),
      ),
    ),
  };
}

/**
 * The plan of all open harvests as the screen works it out, for the calendar file and the printed
 * sheet.
 */
export async function plannedDay(
  db: Knex,
  service: WeatherService,
  now: Date,
): Promise<{ day: DayPlan; open: OpenPlans }> {
  const open = await openPlans(db, now);
  const { rules } = await currentRules(db);
  const sites = [...new Set(open.details.map((d) => d.hive.siteId))];
  const weather = Object.fromEntries(
    await Promise.all(
      sites.map(async (id) => [id, (await siteWeather(db, service, id, now)).hours] as const),
    ),
  );
  return {
    open,
    day: planDay({
      open,
      plans: {},
      rules,
      jars: await list(db, 'jarKinds', {}, 'netG'),
      vessels: await list(db, 'vessels'),
      weather,
      nowIso: null,
    }),
  };
}
