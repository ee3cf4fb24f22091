import { houseSay } from '@furrow/words';
import {
  estimateSeen,
  frameHoney,
  frameRun,
  frameVessels,
  outBy,
  temperatureSteps,
  viscousTime,
  weighsOut,
  type BatchDetail,
  type Bed,
  type Look,
  vesselForecast,
  vesselsBefore,
  isStingless,
  firstOf,
} from '@furrow/core';
import type { Knex } from 'knex';
import { batchDetail } from '../harvest/detail.js';
import { drainViews } from '../drain/drainViews.js';
import { currentRules } from '../rules/currentRules.js';
import { hiveView } from '../look/hiveViews.js';
import { find, list, openRow } from '../store/rows.js';
import { refused } from '../problem.js';

/**
 * The stand-in's own honey: its share out and tau, quicker than one rate at first. Not what the
 * forecast reckons with.
 */
const [SHARE, TAU_HOURS, POWER] = [0.8, 5.2, 0.9];

/**
 * What stands on the simulated bench scale, in grams: the lower vessel of a drain with what would
 * have run into it by now (stirs free some more, a press nearly all), or its upper one with what is
 * left.
 */
export async function drainLoadG(
  db: Knex,
  drainId: string,
  now: Date,
  of: 'lower' | 'upper' = 'lower',
): Promise<number> {
  await find(db, 'drains', drainId, 'drain');
  const [drain] = await drainViews(db, { id: drainId });
  const tareOf = async (id: string | null): Promise<number> =>
    id ? ((await openRow('vessels', db('vessels').where({ id })))?.tareG ?? 0) : 0;
  const hours = (at: string): number => (Date.parse(at) - Date.parse(drain.startedAt)) / 3_600_000;
  const time = viscousTime(
    temperatureSteps(drain, drain.zone, now.toISOString()),
    drain.moisturePercent,
  );
  let held = 1 - SHARE;
  const beds: Bed[] = [{ hours: 0, share: SHARE, tauPart: 1 }];
  for (const e of drain.events) {
    if (e.kind !== 'stir' && e.kind !== 'mash' && e.kind !== 'press') continue;
    const share = e.kind === 'press' ? held * 0.55 : held * 0.22;
    beds.push({ hours: hours(e.occurredAt), share, tauPart: e.kind === 'press' ? 0.04 : 1 });
    held -= share;
  }
  const outG =
    drain.crushedG *
    0.95 *
    outBy({ scale: 1, tau: TAU_HOURS, power: POWER, beds, clock: time.at })(
      Math.max(0, hours(now.toISOString())),
    );
  if (of === 'upper')
    return (await tareOf(drain.upperVesselId)) + Math.max(0, drain.crushedG - outG);
  const drawnG = drain.events
    .filter((e) => e.kind === 'draw-off')
    .reduce((sum, e) => sum + (e.g ?? 0), 0);
  return (await tareOf(drain.lowerVesselId)) + drain.potStartG + Math.max(0, outG - drawnG);
}

function combG(detail: BatchDetail, combId: string): number {
  const look = detail.looks.filter((l: Look) => l.combId === combId).at(-1);
  const estimate = look ? estimateSeen(look, detail.hive) : null;
  return estimate ? (estimate.honeyKg.mid + estimate.waxKg.mid) * 1030 : 1500;
}

export async function takeLoadG(
  db: Knex,
  batchId: string,
  combId: string,
  vesselId: string | null,
): Promise<number> {
  const detail = await batchDetail(db, batchId);
  const vessel = vesselId ? await find(db, 'vessels', vesselId, 'vessel') : null;
  const takenG = detail.takes
    .filter((t) => t.vesselId === vesselId)
    .reduce((sum, t) => sum + (t.netG ?? 0), 0);
  return (vessel?.tareG ?? 0) + takenG + combG(detail, combId);
}

/** Wood of a box with its bars or crossbars, grams: the stand-in's. */
const BOX_G = 3180;

/** A whole box with its combs on the scale, or the empty box afterwards. */
export async function boxLoadG(
  db: Knex,
  batchId: string,
  combIds: readonly string[],
  empty: boolean,
): Promise<number> {
  const detail = await batchDetail(db, batchId);
  return BOX_G + (empty ? 45 : combIds.reduce((sum, id) => sum + combG(detail, id), 0));
}

/**
 * The vessel under one drain frame, or the one named, with all that has run into it from its
 * frames.
 */
export async function frameLoadG(
  db: Knex,
  batchId: string,
  combId: string,
  now: Date,
  vesselId?: string,
): Promise<number> {
  const detail = await batchDetail(db, batchId);
  if (!detail.batch.combIds.includes(combId))
    throw refused(houseSay('refusal.this-frame-was-not-chosen'), 'combId');
  const { rules } = await currentRules(db);
  const runs = detail.batch.combIds.map((id) => frameRun(id, 0, detail.frameEvents));
  const id = vesselId ?? firstOf(runs, (r) => r.combId === combId).vesselId;
  const kit = id ? await find(db, 'vessels', id, 'vessel') : null;
  const held = id ? frameVessels(detail.frameEvents, vesselsBefore(detail)).get(id) : undefined;
  if (!held) return kit?.tareG ?? 0;
  const { inVesselKg } = vesselForecast(
    held,
    runs.map((run) => ({
      run,
      parts: rules.frameParts,
      honeyKg: frameHoney(detail, run.combId).honeyKg,
      moisturePercent: 18,
    })),
    { vesselFullKg: null, nowIso: now.toISOString() },
  );
  return (kit?.tareG ?? 0) + Math.round(Math.max(held.heldG, inVesselKg.mid * 1000));
}

/**
 * A hive on its scale: wood, bees, brood and what its combs hold, less what was taken and is not in
 * it any more.
 */
export async function hiveLoadG(db: Knex, hiveId: string): Promise<number> {
  const hive = await hiveView(db, hiveId);
  const drawn = (await list(db, 'takes')).filter((t) => weighsOut(t.outcome));
  const stores = hive.bars.reduce((sum, bar) => {
    const look = bar.comb?.looks.at(-1);
    const estimate = look ? estimateSeen(look, hive) : null;
    // What ran out or was drawn off in place since this look is not in the comb any more.
    const gone = look
      ? drawn
          .filter((t) => t.combId === bar.comb!.id && t.occurredAt > look.occurredAt)
          .reduce((g, t) => g + (t.netG ?? 0), 0)
      : 0;
    return (
      sum + Math.max(0, (estimate ? (estimate.honeyKg.mid + estimate.waxKg.mid) * 1000 : 0) - gone)
    );
  }, 0);
  return (isStingless(hive.kind) ? 3500 : 24_000 + hive.boxes.length * 3000) + stores;
}
