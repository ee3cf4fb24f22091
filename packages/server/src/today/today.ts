import {
  clockLine,
  countedCombs,
  drainLines,
  drainedFramesLine,
  followUpLine,
  harvestLines,
  harvestMark,
  heldLine,
  hiveLines,
  holdLine,
  lookBackLines,
  lookBackSince,
  mendLines,
  owedLines,
  siteLines,
  takenUnits,
  todayInOrder,
  type Batch,
  type BatchDetail,
  type Clock,
  type Hive,
  type HouseRules,
  type TodayLine,
  type Vessel,
  type Say,
  todaySay,
} from '@furrow/core';
import type { Knex } from 'knex';
import { holdViews } from '../book/holds.js';
import { stockView } from '../book/lots.js';
import { breathe } from '../breathe.js';
import { methodPriorOf } from '../drain/runs.js';
import { batchViews, batchViewsOf } from '../harvest/batches.js';
import { hiveViews } from '../look/hiveViews.js';
import { currentRules } from '../rules/currentRules.js';
import { list } from '../store/rows.js';
import { drainedFrames } from '../take/frames.js';
import { afterLines } from './after.js';
import { clocks, harvestsAtWork, nextDue, runningDrains } from './clocks.js';
import { z } from 'zod';
import { columnOf, rowsOf } from '../store/asked.js';

/** What several lines are made from, read once. */
interface Household {
  db: Knex;
  now: Date;
  rules: HouseRules;
  rulesVersion: number;
  vessels: readonly Vessel[];
  /** Harvests that are not in the book yet. */
  batches: readonly Batch[];
  /** Those of them that are chosen and gone to, whole. */
  atWork: BatchDetail[];
  hives: readonly Hive[];
}

/**
 * What runs, what is due, what is ripe: each line from a running object, with what happens if it is
 * left. What is said of each is the core's; here it is read together.
 */
export async function todayLines(db: Knex, now: Date): Promise<TodayLine[]> {
  const { rules, version: rulesVersion } = await currentRules(db);
  const household: Household = {
    db,
    now,
    rules,
    rulesVersion,
    vessels: await list(db, 'vessels'),
    batches: await batchViews(db, { closedAt: null }),
    atWork: await harvestsAtWork(db),
    hives: await hiveViews(db),
  };
  const running = await clocks(db, now, household.atWork);
  return todayInOrder([
    ...(await ofDrains(household)),
    ...household.atWork.flatMap((detail) => owedLines(detail, household.vessels)),
    ...running.flatMap((clock) => clockLine(clock) ?? []),
    ...(await ofHarvests(household, running)),
    ...(await ofDrainedFrames(household)),
    ...(await ofHives(household)),
    ...(await ofPlaces(household)),
    ...(await holdViews(db)).filter((hold) => !hold.liftedOn).map(holdLine),
    ...(await db('heldCommands').orderBy('recordedAt')).map(heldLine),
    ...(await ofVisits(household)),
    ...(await afterLines(db, rules, now)),
    ...(await ofFollowUps(household)),
  ]);
}

/** How a harvest is called: two of one hive on one day are told apart. */
function nameOf(batch: Batch, batches: readonly Batch[]): Say | string {
  const mark = harvestMark(batch, batches);
  return mark ? todaySay('today.marked', { hive: batch.hiveName, mark }) : batch.hiveName;
}

async function ofDrains({
  db,
  now,
  rules,
  vessels,
  batches,
  atWork,
}: Household): Promise<TodayLine[]> {
  const lines: TodayLine[] = [];
  for (const { drain, batch } of runningDrains(atWork)) {
    await breathe();
    const lower = vessels.find((v) => v.id === drain.lowerVesselId) ?? null;
    const prior = await methodPriorOf(db, drain, batch.hiveKind);
    const due = nextDue(drain, lower, rules, now, prior);
    lines.push(...drainLines(drain, batch, nameOf(batch, batches), due, now));
  }
  return lines;
}

async function ofHarvests(
  { db, batches, hives }: Household,
  running: readonly Clock[],
): Promise<TodayLine[]> {
  const settled = new Map(
    running.filter((c) => c.kind === 'settle').map((c) => [c.batchId, c.dueAt]),
  );
  const leftOpen = await attacksLeftOpen(db, batches);
  const combG = new Map((await stockView(db, ['comb'])).map((lot) => [lot.batchId, lot.nowG]));
  return batches.flatMap((batch) =>
    harvestLines(batch, {
      name: nameOf(batch, batches),
      leftToTake: leftToTake(batch, hives),
      leftOpen: leftOpen.get(batch.id) ?? null,
      combG: combG.get(batch.id) ?? 0,
      settledAt: settled.get(batch.id),
    }),
  );
}

/**
 * What a harvest still has to take, as it hangs: "box 4", "3 combs"; all of it where everything is
 * out.
 */
function leftToTake(batch: Batch, hives: readonly Hive[]): Say {
  const hive = hives.find((h) => h.id === batch.hiveId);
  const held = hive?.bars.filter((b) => b.comb && batch.combIds.includes(b.comb.id)) ?? [];
  if (!hive || !held.length) return countedCombs(batch.combIds.length, batch.hiveKind);
  return takenUnits(
    hive,
    held.map((b) => b.slot),
  );
}

/** The last attack of each harvest at the hive after which nobody closed it yet. */
async function attacksLeftOpen(
  db: Knex,
  batches: readonly Batch[],
): Promise<Map<string, { occurredAt: string }>> {
  const taking = batches.filter((b) => b.stage === 'take').map((b) => b.id);
  const attacks = await rowsOf(
    { id: z.string(), batchId: z.string(), occurredAt: z.string() },
    db('incidents')
      .whereIn('batchId', taking)
      .where({ kind: 'attack', removedAt: null })
      .orderBy('occurredAt')
      .select('id', 'batchId', 'occurredAt'),
  );
  const last = new Map(attacks.map((attack) => [attack.batchId, attack]));
  const closed = new Set(
    await columnOf(
      z.string(),
      db('stepMarks')
        .whereIn(
          'stepId',
          [...last.values()].map(({ id }) => `left-${id}`),
        )
        .where({ removedAt: null })
        .pluck('batchId'),
    ),
  );
  return new Map([...last].filter(([batchId]) => !closed.has(batchId)));
}

async function ofDrainedFrames({ db, now, rules, hives }: Household): Promise<TodayLine[]> {
  return (await drainedFrames(db)).flatMap(({ hiveId, drained }) => {
    const hive = hives.find((h) => h.id === hiveId);
    return (hive && drainedFramesLine(hive, drained, rules, now.toISOString())) ?? [];
  });
}

/** How long what is due at a hive stands as it was judged, while nothing is written of it. */
const JUDGED_MS = 5 * 60_000;
/** What was last judged of a hive as it was read, and of what it was judged. */
const judged = new WeakMap<Hive, { by: string; lines: TodayLine[] }>();

/** What is due at a hive, judged anew where it, the rules, what is taken soon or the time changed. */
function dueAt(
  hive: Hive,
  { rules, rulesVersion, now }: Household,
  takenSoon: string[],
): TodayLine[] {
  const by = [rulesVersion, Math.floor(now.getTime() / JUDGED_MS), ...takenSoon].join();
  const before = judged.get(hive);
  if (before?.by === by) return before.lines;
  const lines = hiveLines(hive, rules, now.toISOString(), takenSoon);
  judged.set(hive, { by, lines });
  return lines;
}

async function ofHives(household: Household): Promise<TodayLine[]> {
  const lines: TodayLine[] = [];
  const { batches, hives } = household;
  for (const hive of hives) {
    // Judging every comb of a large yard is long: others are answered between two hives.
    await breathe();
    const takenSoon = batches
      .filter((b) => b.hiveId === hive.id && (b.stage === 'ready' || b.stage === 'take'))
      .flatMap((b) => b.combIds);
    lines.push(...dueAt(hive, household, takenSoon));
  }
  return lines;
}

/** Where a household without a site is thought to be. */
const NOWHERE = 'UTC';
async function ofPlaces({ db, now, hives }: Household): Promise<TodayLine[]> {
  const nowIso = now.toISOString();
  const sites = await list(db, 'sites');
  const gear = await list(db, 'gear');
  return [
    ...mendLines(gear, sites[0]?.zone ?? NOWHERE, nowIso),
    ...sites.flatMap((site) =>
      siteLines(site, hives.find((h) => h.siteId === site.id)?.id ?? null, nowIso),
    ),
  ];
}

/** When something was last taken, by a column of the harvest. */
async function lastTaken(db: Knex, by: 'id' | 'hiveId'): Promise<{ id: string; at: string }[]> {
  return await rowsOf(
    { id: z.string(), at: z.string() },
    db('takes')
      .join('batches', 'batches.id', 'takes.batchId')
      .whereIn('takes.outcome', ['taken', 'broke', 'fell'])
      .where({ 'takes.removedAt': null })
      .groupBy(`batches.${by}`)
      .select(`batches.${by} as id`)
      .max('takes.occurredAt as at'),
  );
}

/** A hive is looked back at, whatever became of its honey meanwhile: joined, or in the book. */
async function ofVisits({ db, now }: Household): Promise<TodayLine[]> {
  const fresh = (await lastTaken(db, 'id')).filter(({ at }) => at > lookBackSince(now));
  const batches = await batchViewsOf(
    db,
    fresh.map(({ id }) => id),
  );
  const visits = fresh.flatMap(({ id, at }) => {
    const batch = batches.find((b) => b.id === id);
    return batch ? [{ batch, lastTakenAt: at }] : [];
  });
  return lookBackLines(visits, now);
}

async function ofFollowUps({ db, now, rules, hives }: Household): Promise<TodayLine[]> {
  return (await lastTaken(db, 'hiveId')).flatMap(({ id, at }) => {
    const hive = hives.find((h) => h.id === id);
    return (hive && followUpLine(hive, at, rules, now.toISOString())) ?? [];
  });
}
