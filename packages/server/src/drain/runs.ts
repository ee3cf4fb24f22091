import {
  forecastWaterPercent,
  dripPress,
  drippedBeforePress,
  drainedG,
  frameRun,
  ownPrior,
  pastRun,
  runKind,
  estimateSeen,
  flowFactor,
  SUPER_TEMPERATURE_C,
  workingWater,
  type Batch,
  type BatchDetail,
  type Drain,
  type FrameEvent,
  type HiveKindName,
  type HouseholdRun,
  type HouseholdRuns,
  type MethodPrior,
  type PastRun,
} from '@furrow/core';
import type { Knex } from 'knex';
import { batchDetails } from '../harvest/detail.js';
import { booksOf } from '../book/lots.js';
import { drainsOf } from './drainViews.js';
import { batchViewsOf } from '../harvest/batches.js';
import { z } from 'zod';
import { columnOf } from '../store/asked.js';

/**
 * Closed runs do not change by themselves: read again only when one was closed, undone or changed.
 */
const known = new WeakMap<Knex, { key: string; runs: HouseholdRuns }>();

/** Closed drains and closed frames of the household, oldest first. */
export async function householdRuns(db: Knex): Promise<HouseholdRuns> {
  const ended = await db('drains')
    .whereNotNull('endedAt')
    .where({ removedAt: null })
    .count('id as n')
    .sum('revision as r')
    .first();
  // A vessel weighed after its frame was closed changes what is known of that frame.
  const plugged = await db('frameEvents')
    .whereIn('kind', ['plug', 'level', 'lost'])
    .where({ removedAt: null })
    .count('id as n')
    .first();
  const key = `${ended?.n}-${ended?.r}-${plugged?.n}`;
  const before = known.get(db);
  if (before?.key === key) return before.runs;
  const runs = await readRuns(db);
  known.set(db, { key, runs });
  return runs;
}

/** So many harvests back the household learns from: ten years ago the hands were others. */
const LEARN_FROM = 200;
async function batchesToLearnFrom(db: Knex): Promise<Batch[]> {
  const ids = new Set<string>(
    await columnOf(
      z.string(),
      db('drains')
        .whereNotNull('endedAt')
        .where({ removedAt: null })
        .orderBy('endedAt', 'desc')
        .limit(LEARN_FROM)
        .pluck('batchId'),
    ),
  );
  for (const id of await columnOf(
    z.string(),
    db('frameEvents')
      .where({ kind: 'plug', removedAt: null })
      .orderBy('occurredAt', 'desc')
      .limit(LEARN_FROM)
      .pluck('batchId'),
  ))
    ids.add(id);
  return (await batchViewsOf(db, [...ids])).reverse();
}

async function readRuns(db: Knex): Promise<HouseholdRuns> {
  const drains: HouseholdRun[] = [];
  const batches = await batchesToLearnFrom(db);
  const ids = batches.map((b) => b.id);
  const drainsOfBatch = await drainsOf(db, ids);
  const books = await booksOf(db, ids);
  for (const batch of batches) {
    const ended = drainsOfBatch(batch.id).filter((d) => d.endedAt);
    const outG = ended.length ? drainedG(books(batch.id)) : 0;
    for (const drain of ended) {
      const pressed = drain.events.some((e) => e.kind === 'press');
      const split = dripPress(
        drain,
        outG,
        pressed ? drippedBeforePress(drain, drain.endedAt!) : outG,
      );
      if (split)
        drains.push({
          ...pastRun(drain, outG),
          drainId: drain.id,
          batchId: batch.id,
          hiveName: batch.hiveName,
          date: batch.date,
          ...runKind(drain, batch.hiveKind),
          pressed,
          drippedG: split.drippedG,
          pressedG: split.pressedG,
          residualShare: split.residualShare.mid,
        });
    }
  }
  const plugged = await columnOf(
    z.string(),
    db('frameEvents')
      .whereIn('batchId', ids)
      .where({ kind: 'plug', removedAt: null })
      .distinct()
      .pluck('batchId'),
  );
  const frames = (await batchDetails(db, plugged)).reverse().flatMap(framesOf);
  return { drains, frames };
}

/**
 * What the household's runs of its kind say of a drain's share and tau; the starting range until
 * there are enough.
 */
export async function methodPriorOf(
  db: Knex,
  drain: Pick<Drain, 'id' | 'method' | 'fineness' | 'thixotropic' | 'events'>,
  hiveKind: HiveKindName,
): Promise<MethodPrior> {
  const { drains } = await householdRuns(db);
  return ownPrior(
    drain,
    hiveKind,
    drains.filter((run) => run.drainId !== drain.id),
  ).applied;
}

/**
 * Each closed frame as a run: what came of what was estimated, and tau from its opening to the
 * drops (nine tenths, 2.3 tau).
 */
function framesOf(detail: BatchDetail): PastRun[] {
  const waterPercent = forecastWaterPercent(workingWater(detail).percent);
  return detail.batch.combIds.flatMap((combId) => {
    const run = frameRun(combId, 0, detail.frameEvents);
    const look = detail.looks.filter((l) => l.combId === combId).at(-1);
    const honeyKg = look ? estimateSeen(look, detail.hive)?.honeyKg.mid : undefined;
    if (!run.closed || !honeyKg || run.outG <= 0) return [];
    const drops = detail.frameEvents.find(
      (e: FrameEvent) => e.combId === combId && e.kind === 'drops',
    );
    const hours =
      drops && run.openedAt
        ? (Date.parse(drops.occurredAt) - Date.parse(run.openedAt)) / 3_600_000
        : null;
    return [
      {
        share: Math.min(1, run.outG / 1000 / honeyKg),
        tauHours:
          hours !== null && hours > 0
            ? (hours * flowFactor(waterPercent, SUPER_TEMPERATURE_C.mid)) / Math.LN10
            : null,
      },
    ];
  });
}
