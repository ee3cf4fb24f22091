import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import {
  closedFrames,
  firstOf,
  flowSay,
  frameEventsWritten,
  frameNext,
  frameRun,
  frameTakeWritten,
  framesOf,
  hasHoles,
  owedByFrame,
  placeLabel,
  takeInputOf,
  takeSteps,
  vesselWeighed,
  type Batch,
  type Frames,
  type HouseRules,
  type NewFrameEvent,
  type Vessel,
} from '@furrow/core';
import type { Knex } from 'knex';
import { dateAt } from '../look/dateAt.js';
import { conflict, refused } from '../problem.js';
import { find, list } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { batchView } from '../harvest/batches.js';
import { currentRules } from '../rules/currentRules.js';
import { write } from '../store/writes.js';
import { lotOf } from './lots.js';
import { mayLeaveNow } from './mayLeave.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

/**
 * Frames that were opened have to be reset and plugged before their step is done; what was left
 * shut may stay so.
 */
export async function framesAreClosed(unit: UnitOfWork, batch: Batch): Promise<void> {
  const events = await list(unit.db, 'frameEvents', { batchId: batch.id }, 'occurredAt');
  for (const combId of batch.combIds) {
    const run = frameRun(combId, 0, events);
    if (run.openedAt && !run.closed)
      throw conflict('frame-open', houseSay('refusal.frame-still-runs-it-done'), 'payload.stepId');
  }
}

/**
 * A tilt measured at the step is a fact of the colony, as if it had been noted beside the drawing.
 */
export async function noteTilt(unit: UnitOfWork, batch: Batch, degrees: number): Promise<void> {
  const { hive } = await batchDetail(unit.db, batch.id);
  if (hive.colony)
    await unit.insert('colonyFacts', {
      id: randomUUID(),
      colonyId: hive.colony.id,
      onDate: dateAt(unit.at, batch.zone),
      fact: { kind: 'tilt', degrees },
    });
}

/**
 * Honey found on the spill tray came from the frames and is lost to the jars: in and out of the
 * book, with its reason.
 */
export async function bookTray(unit: UnitOfWork, batch: Batch, g: number): Promise<void> {
  const honey = await lotOf(unit, batch, 'honey');
  await unit.flow({ from: 'outside', to: honey, g, reason: flowSay('flow.onto-tray') });
  await unit.flow({ from: honey, to: 'loss', g, reason: flowSay('flow.tray') });
}

const framesNow = async (unit: UnitOfWork, batch: Batch): Promise<Frames> =>
  framesOf(await batchDetail(unit.db, batch.id));

async function wholeVessel(unit: UnitOfWork, id: string): Promise<Vessel> {
  const vessel = await find(unit.db, 'vessels', id, 'vessel');
  if (hasHoles(vessel))
    throw refused(
      houseSay('refusal.has-holes-honey-would-run', { vessel: vessel.name }),
      'payload.vesselId',
    );
  return vessel;
}

/** Steps without which no frame is opened. */
const MADE_SURE = ['tilt', 'checks'];

/** What keeps this from being written now: each act has its own conditions. */
async function mayHappen(
  unit: UnitOfWork,
  batch: Batch,
  { runs, detail, vessels }: Frames,
  payload: NewFrameEvent,
): Promise<void> {
  const run = firstOf(runs, (r) => r.combId === payload.combId);
  if (payload.kind === 'level' || payload.kind === 'lost') {
    if (!run.openedAt)
      throw conflict('not-open', houseSay('refusal.this-frame-not-open'), 'payload.kind');
    return;
  }
  if (payload.kind === 'open') {
    const { rules } = await currentRules(unit.db);
    // A second lot of the same visit is not asked for the tilt again: its steps say what is due
    // before.
    const missing = takeSteps(takeInputOf(detail, rules, unit.at)).some(
      ({ id }) => MADE_SURE.includes(id) && !detail.marks.some((m) => m.stepId === id),
    );
    if (missing)
      throw conflict('not-ready', houseSay('refusal.first-make-sure-tilt-tray'), 'payload.kind');
    await mayLeaveNow(unit, batch, [payload.combId]);

    const next = frameNext(run, runs, rules, unit.at);
    if (!next.mayOpen) throw conflict('not-now', next.whyNot ?? next.says, 'payload.kind');
    if (!run.vesselId && !payload.vesselId)
      throw refused(houseSay('refusal.which-vessel-stands-under-it'), 'payload.vesselId');
  } else if (!run.openedAt)
    throw conflict('not-open', houseSay('refusal.this-frame-not-open'), 'payload.kind');
  if (run.closed) throw conflict('closed', houseSay('refusal.this-frame-closed'), 'payload.kind');
  if (payload.kind === 'open' || payload.kind === 'swap') {
    if (payload.vesselId) await wholeVessel(unit, payload.vesselId);
    else if (payload.kind === 'swap')
      throw refused(houseSay('refusal.which-vessel-stands-under-it-2'), 'payload.vesselId');
  }
  if (payload.kind !== 'plug') return;
  if (!run.isReset)
    throw conflict('not-reset', houseSay('refusal.reset-it-first-plug-only'), 'payload.kind');
  const owed = owedByFrame(run.combId, vessels.values());
  if (owed.length && !payload.later) {
    const { name } = await find(unit.db, 'vessels', owed[0].vesselId, 'vessel');
    throw refused(houseSay('refusal.weigh-first-or-say-that', { name }), 'payload.g');
  }
}

/** What keeps a vessel's weighing from being written: it holds less than before, shares that do not fit. */
async function mayBeWeighed(
  unit: UnitOfWork,
  frames: Frames,
  payload: NewFrameEvent,
  rules: HouseRules,
): Promise<void> {
  const weighed = vesselWeighed(frames, payload, rules);
  if (!weighed) throw refused(houseSay('refusal.no-frame-this-harvest-ran'), 'payload.vesselId');
  const { vesselId, g, stoodG, cameG, shares, combIds } = weighed;
  const { name } = await find(unit.db, 'vessels', vesselId, 'vessel');
  if (g < stoodG)
    throw refused(
      houseSay('refusal.held-before-was-it-emptied', {
        name,
        stoodG: { massG: stoodG, as: 'read' },
      }),
      payload.grossG === null ? 'payload.g' : 'payload.grossG',
    );
  const stranger = Object.keys(shares).find((combId) => !combIds.has(combId));
  if (stranger) throw refused(houseSay('refusal.this-frame-did-not-run'), 'payload.shares');
  const sum = Object.values(shares).reduce((a, b) => a + b, 0);
  if (sum !== cameG)
    throw refused(
      houseSay('refusal.shares-add-up-to-came', {
        sum: { massG: sum, as: 'read' },
        cameG: { massG: cameG, as: 'read' },
      }),
      'payload.shares',
    );
}

/** Whether the frames over one vessel may move to the next one together. */
function maySwap({ runs }: Frames, payload: NewFrameEvent): void {
  const from = firstOf(runs, (r) => r.combId === payload.combId).vesselId;
  const others = payload.alsoCombIds.map((combId) => runs.find((r) => r.combId === combId));
  if (others.some((r) => !r?.openedAt || r.closed || r.vesselId !== from))
    throw refused(houseSay('refusal.this-frame-does-not-run'), 'payload.alsoCombIds');
}

/**
 * A closed frame stands in the book with what was weighed of it; where a vessel is still owed, as
 * soon as that is known.
 */
async function bookClosed(unit: UnitOfWork, batch: Batch): Promise<void> {
  const frames = await framesNow(unit, batch);
  for (const closed of closedFrames(frames)) {
    const { run, netG, take } = closed;
    const bookedG = take?.netG ?? run.bookedBeforeG;
    if (netG !== null && netG > bookedG)
      await unit.flow({
        from: 'outside',
        to: await lotOf(unit, batch, 'honey'),
        g: netG - bookedG,
        reason: flowSay('flow.frame-share', { place: placeLabel(run.slot) }),
      });
    if (take) {
      if (take.netG !== netG) await unit.update('takes', take.id, { netG });
      continue;
    }
    const { withPollen: _never, ...row } = frameTakeWritten(closed, {
      id: randomUUID(),
      batchId: batch.id,
      occurredAt: unit.at,
    });
    await unit.insert('takes', row);
    if (frames.detail.takes.every((t) => t.netG === null))
      await unit.update('visits', batch.visitId, { date: dateAt(unit.at, batch.zone) });
  }
}

export const frameWrites = [
  write('/frameEvents', {
    sentence: (p) => houseSay(`entry.frame.${p.kind}`),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', houseSay('refusal.this-harvest-closed'));
      if (!batch.combIds.includes(payload.combId))
        throw refused(houseSay('refusal.this-frame-was-not-chosen'), 'payload.combId');
      const frames = await framesNow(unit, batch);
      await mayHappen(unit, batch, frames, payload);
      const { rules } = await currentRules(unit.db);
      const isWeighed = payload.g !== null || payload.grossG !== null;
      if (payload.kind === 'level') await mayBeWeighed(unit, frames, payload, rules);
      if (payload.kind === 'swap') {
        if (isWeighed) await mayBeWeighed(unit, frames, { ...payload, vesselId: null }, rules);
        maySwap(frames, payload);
      }
      const writing = { rules, occurredAt: unit.at, nextId: randomUUID };
      for (const event of frameEventsWritten(frames, payload, writing))
        await unit.insert('frameEvents', event);
      await bookClosed(unit, batch);
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];

/** Frames of each hive that its last draining closed, with the instant the plug went in. */
export async function drainedFrames(
  db: Knex,
): Promise<{ hiveId: string; drained: { combId: string; at: string }[] }[]> {
  const plugs = await rowsOf(
    { hiveId: z.string(), batchId: z.string(), combId: z.string(), at: z.string() },
    db('frameEvents')
      .join('batches', 'batches.id', 'frameEvents.batchId')
      .where({ 'frameEvents.kind': 'plug', 'frameEvents.removedAt': null })
      .orderBy('frameEvents.occurredAt', 'desc')
      .select(
        'batches.hiveId as hiveId',
        'batches.id as batchId',
        'frameEvents.combId as combId',
        'frameEvents.occurredAt as at',
      ),
  );
  const lastOf = new Map<string, string>();
  for (const p of plugs) if (!lastOf.has(p.hiveId)) lastOf.set(p.hiveId, p.batchId);
  return [...lastOf].map(([hiveId, batchId]) => ({
    hiveId,
    drained: plugs.filter((p) => p.batchId === batchId).map(({ combId, at }) => ({ combId, at })),
  }));
}
