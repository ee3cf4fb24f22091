import {
  combOutHours,
  cutsComb,
  drainDue,
  drainForecast,
  forecastInput,
  honeyDepthMm,
  measuredWaterPercent,
  pressAdvice,
  pressTurns,
  settlingHours,
  takeInputOf,
  takeProgress,
  takeSteps,
  todaySay,
  type Batch,
  type BatchDetail,
  type Clock,
  type Drain,
  type DrainDue,
  type DrainWaitsFor,
  type Say,
  type HouseRules,
  type Keeping,
  type MethodPrior,
  type Vessel,
  type DrainForecast,
  type DrainForecastInput,
} from '@furrow/core';
import type { Knex } from 'knex';
import { breathe } from '../breathe.js';
import { frameClocks } from './frameClocks.js';
import { methodPriorOf } from '../drain/runs.js';
import { list } from '../store/rows.js';
import { untilWritten } from '../store/untilWritten.js';
import { batchDetails } from '../harvest/detail.js';
import { currentRules } from '../rules/currentRules.js';
import { afterClocks } from './after.js';
import { z } from 'zod';
import { columnOf } from '../store/asked.js';

const DRAIN_WAITS_FOR: Record<DrainWaitsFor, Say> = {
  stopped: todaySay('clock.stopped'),
  stir: todaySay('clock.stir'),
  'draw-off': todaySay('clock.draw-off'),
  'nine-tenths': todaySay('clock.nine-tenths'),
};

const soon = (dueAt: string | null, now: Date, minutes: number): boolean =>
  dueAt !== null && Date.parse(dueAt) - now.getTime() < minutes * 60_000;

const hoursAfter = (at: string, hours: number): string =>
  new Date(Date.parse(at) + hours * 3_600_000).toISOString();

/** Harvests at work, whole: chosen and not in the book yet. Read once for all that is said of them. */
export function harvestsAtWork(db: Knex): Promise<BatchDetail[]> {
  return untilWritten(db, 'harvestsAtWork', () => readAtWork(db));
}

async function readAtWork(db: Knex): Promise<BatchDetail[]> {
  const open = await columnOf(
    z.string(),
    db('batches')
      .where({ closedAt: null, removedAt: null })
      .whereNot({ stage: 'ready' })
      .pluck('id'),
  );
  return batchDetails(db, open);
}

/**
 * Clocks that run now, told by instants: waits and frames at the hive, drains, warmings and presses
 * at the bench, by the unfavourable edge. Takes the harvests at work where they are read already.
 */
export async function clocks(db: Knex, now: Date, known?: BatchDetail[]): Promise<Clock[]> {
  const { rules } = await currentRules(db);
  const vessels = await list(db, 'vessels');
  const atWork = known ?? (await harvestsAtWork(db));
  const running: Clock[] = [];
  for (const { drain, batch } of runningDrains(atWork)) {
    await breathe();
    const { dueAt, dueWhat } = nextDue(
      drain,
      vessels.find((v) => v.id === drain.lowerVesselId) ?? null,
      rules,
      now,
      await methodPriorOf(db, drain, batch.hiveKind),
    );
    const base = { batchId: drain.batchId, hiveName: batch.hiveName };
    running.push(
      {
        ...base,
        id: drain.id,
        kind: 'drain',
        startedAt: drain.startedAt,
        dueAt,
        dueWhat: dueWhat && DRAIN_WAITS_FOR[dueWhat],
        urgent: soon(dueAt, now, 60),
      },
      ...benchClocks(drain, base, rules, now),
    );
  }
  const taking: Clock[] = [];
  for (const detail of atWork.filter((d) => d.batch.stage === 'take' && d.marks.length)) {
    await breathe();
    taking.push(...takeClocks(detail, rules, vessels, now));
  }
  return [
    ...taking,
    ...running,
    ...atWork.flatMap((detail) => settleClock(detail, vessels) ?? []),
    ...keepingClocks(atWork, rules, now),
    ...(await afterClocks(db, rules, now)),
  ];
}

/** Drains that run, with their harvests, in the order they were begun. */
export function runningDrains(atWork: readonly BatchDetail[]): { drain: Drain; batch: Batch }[] {
  return atWork
    .flatMap(({ batch, drains }) => drains.map((drain) => ({ drain, batch })))
    .filter(({ drain }) => drain.endedAt === null)
    .sort((a, b) => a.drain.startedAt.localeCompare(b.drain.startedAt));
}

/** A warming that lasts and a press that rests have their own clock beside the drain's. */
function benchClocks(
  drain: Drain,
  base: { batchId: string; hiveName: string },
  rules: HouseRules,
  now: Date,
): Clock[] {
  const found: Clock[] = [];
  const last = drain.events.filter((e) => e.kind === 'warm' || e.kind === 'warm-end').at(-1);
  if (last?.kind === 'warm')
    found.push({
      ...base,
      id: `${drain.id}-warm`,
      kind: 'warm',
      startedAt: last.occurredAt,
      dueAt: new Date(Date.parse(last.occurredAt) + 2 * 3_600_000).toISOString(),
      dueWhat: todaySay('clock.warmth'),
      urgent: false,
    });
  const turns = pressTurns(drain);
  const advice = pressAdvice(turns, rules, now.toISOString());
  if (turns.length && advice.nextTurnAt)
    found.push({
      ...base,
      id: `${drain.id}-press`,
      kind: 'press',
      startedAt: turns[turns.length - 1].at,
      dueAt: advice.nextTurnAt,
      dueWhat: todaySay('clock.press'),
      urgent: soon(advice.nextTurnAt, now, 5),
    });
  return found;
}

/**
 * What runs at the hive: the wait of the step, the minutes a stingless box may stay open, each
 * frame's vessel.
 */
function takeClocks(
  detail: BatchDetail,
  rules: HouseRules,
  vessels: readonly Vessel[],
  now: Date,
): Clock[] {
  const { batch } = detail;
  const progress = takeProgress(
    takeSteps(takeInputOf(detail, rules, now.toISOString())),
    detail,
    rules,
  );
  const base = { batchId: batch.id, hiveName: batch.hiveName };
  const since = detail.marks.at(-1)?.occurredAt ?? batch.createdAt;
  const found: Clock[] = [];
  if (progress.waitUntil)
    found.push({
      ...base,
      id: `${batch.id}-wait`,
      kind: 'wait',
      startedAt: since,
      dueAt: progress.waitUntil,
      dueWhat: todaySay('clock.go-on'),
      urgent: soon(progress.waitUntil, now, 1),
    });
  if (progress.shutBy)
    found.push({
      ...base,
      id: `${batch.id}-shut`,
      kind: 'wait',
      startedAt: since,
      dueAt: progress.shutBy,
      dueWhat: todaySay('clock.close-box'),
      urgent: true,
    });
  found.push(...frameClocks(detail, rules, vessels, now));
  return found;
}

/**
 * Honey that settles: from the close of its drain until it is skimmed or filled, due to be skimmed by
 * the slow edge of Stokes. Null where nothing settles.
 */
function settleClock(detail: BatchDetail, vessels: readonly Vessel[]): Clock | null {
  const { batch, lots } = detail;
  const drain = detail.drains.at(-1);
  const honeyG = lots.find((lot) => lot.kind === 'honey')?.nowG ?? 0;
  const isFilled = lots.some((lot) => lot.kind === 'jars');
  if (batch.stage !== 'jar' || !drain?.endedAt || honeyG === 0 || isFilled) return null;
  const { endedAt } = drain;
  const isSkimmed = drain.events.some(
    (event) => event.kind === 'skim' && event.occurredAt >= endedAt,
  );
  if (isSkimmed) return null;
  const vessel =
    vessels.find((v) => v.role === 'settling') ?? vessels.find((v) => v.id === drain.lowerVesselId);
  const { temperatureC } = drain;
  // What was measured since counts, as it does on the screen of what settles.
  const moisturePercent = measuredWaterPercent(detail) ?? drain.moisturePercent;
  const depthMm = honeyDepthMm({
    honeyKg: honeyG / 1000,
    innerDiameterMm: vessel?.innerDiameterMm ?? 250,
    moisturePercent,
    temperatureC,
  });
  const { high } = settlingHours({ depthMm, temperatureC, moisturePercent });
  return {
    id: `${drain.id}-settle`,
    kind: 'settle',
    batchId: batch.id,
    hiveName: batch.hiveName,
    startedAt: endedAt,
    dueAt: hoursAfter(endedAt, high),
    dueWhat: todaySay('clock.skim'),
    urgent: false,
  };
}

const KEEPING_DUE: Record<Keeping['kind'], Say> = {
  rack: todaySay('clock.rack'),
  freeze: todaySay('clock.freeze'),
  thaw: todaySay('clock.thaw'),
};

/**
 * Racks, the freezer, the thaw; and comb for pieces that lies outside the hive, until the cold or
 * its boxes have it.
 */
function keepingClocks(atWork: readonly BatchDetail[], rules: HouseRules, now: Date): Clock[] {
  const running = atWork.flatMap(({ batch, keepings }) =>
    keepings
      .filter((k) => !k.endedAt)
      .map((k): Clock => ({
        id: k.id,
        kind: k.kind,
        batchId: batch.id,
        hiveName: batch.hiveName,
        startedAt: k.startedAt,
        dueAt: k.dueAt,
        dueWhat: KEEPING_DUE[k.kind],
        urgent: soon(k.dueAt, now, 30),
      })),
  );
  if (rules.freeze === 'none') return running;
  return [...running, ...atWork.flatMap((detail) => combOutClock(detail, rules, now) ?? [])];
}

/** Comb that is to be cut and lies outside the hive; null where none does. */
function combOutClock(detail: BatchDetail, rules: HouseRules, now: Date): Clock | null {
  const { batch, lots, keepings } = detail;
  const isToCut = batch.stage === 'cut' && cutsComb(batch.method);
  const first = detail.takes.find((take) => take.netG !== null);
  const isOut = lots.some(({ kind, nowG }) => (kind === 'comb' || kind === 'pieces') && nowG > 0);
  if (!isToCut || keepings.some((k) => k.kind === 'freeze') || !first || !isOut) return null;
  const dueAt = hoursAfter(first.occurredAt, combOutHours(rules.kitchenTemperatureC));
  return {
    id: `${batch.id}-out`,
    kind: 'out',
    batchId: batch.id,
    hiveName: batch.hiveName,
    startedAt: first.occurredAt,
    dueAt,
    dueWhat: todaySay('clock.comb-out'),
    urgent: soon(dueAt, now, 180),
  };
}

/** To the minute, so that everything asked within one shares its forecast. */
const toTheMinute = (now: Date): string =>
  new Date(Math.floor(now.getTime() / 60_000) * 60_000).toISOString();
/**
 * The last few forecasts by what they were made from: Today and the clocks ask for the same ones,
 * one after the other.
 */
const forecasts = new Map<string, DrainForecast>();
const KEPT_FORECASTS = 16;
function forecastOf(input: DrainForecastInput): DrainForecast {
  const key = JSON.stringify(input);
  const known = forecasts.get(key);
  if (known) return known;
  const forecast = drainForecast(input);
  forecasts.set(key, forecast);
  if (forecasts.size > KEPT_FORECASTS) forecasts.delete(forecasts.keys().next().value!);
  return forecast;
}

/** What a drain waits for, by its forecast as it stands this minute. */
export function nextDue(
  drain: Drain,
  lower: Vessel | null,
  rules: HouseRules,
  now: Date,
  prior?: MethodPrior,
): DrainDue {
  const forecast = forecastOf(forecastInput(drain, lower, rules, toTheMinute(now), prior));
  return drainDue(drain, forecast, rules, now);
}
