import { randomUUID } from 'node:crypto';
import {
  frameNext,
  frameRun,
  newFrameEventSchema,
  placeLabel,
  type Batch,
  type FrameEvent,
  type FrameEventKind,
} from '@furrow/core';
import type { Knex } from 'knex';
import { dateAt } from '../look/writes.js';
import { conflict, refused } from '../problem.js';
import { list } from '../store/rows.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail, batchView, currentRules } from '../store/views.js';
import { write } from '../store/writes.js';
import { lotOf } from './lots.js';
import { mayLeaveNow } from './mayLeave.js';

const SENTENCES: Record<FrameEventKind, string> = {
  open: 'A part opened',
  level: 'Vessel weighed',
  swap: 'Vessel swapped',
  leak: 'A leak seen',
  'no-leak': 'Looked: no leak',
  'leak-handled': 'Leak seen to',
  drops: 'Only drops now',
  wiped: 'Channel wiped',
  reset: 'Frame reset',
  plug: 'Plug in, frame closed',
};

/** Frames that were opened have to be reset and plugged before their step is done; what was left shut may stay so. */
export async function framesAreClosed(unit: UnitOfWork, batch: Batch): Promise<void> {
  const events = await list<FrameEvent>(
    unit.db,
    'frameEvents',
    { batchId: batch.id },
    'occurredAt',
  );
  for (const combId of batch.combIds) {
    const run = frameRun(combId, 0, events);
    if (run.openedAt && !run.closed)
      throw conflict(
        'frame-open',
        'A frame still runs: it is done when it is reset and its plug is in.',
        'payload.stepId',
      );
  }
}

/** A tilt measured at the step is a fact of the colony, as if it had been noted beside the drawing. */
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

/** Honey found on the spill tray came from the frames and is lost to the jars: in and out of the book, with its reason. */
export async function bookTray(unit: UnitOfWork, batch: Batch, g: number): Promise<void> {
  const honey = await lotOf(unit, batch, 'honey', 'honey');
  await unit.flow({ from: 'outside', to: honey, g, reason: 'Ran onto the spill tray' });
  await unit.flow({ from: honey, to: 'loss', g, reason: 'Spill tray' });
}

export const frameWrites = [
  write({
    method: 'post',
    path: '/frameEvents',
    schema: newFrameEventSchema,
    sentence: (p) => SENTENCES[p.kind],
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
      if (!batch.combIds.includes(payload.combId))
        throw refused('This frame was not chosen for this harvest.', 'payload.combId');
      const detail = await batchDetail(unit.db, batch.id);
      const slotOf = (combId: string): number =>
        detail.hive.bars.find((b) => b.comb?.id === combId)?.slot ?? 0;
      const runs = batch.combIds.map((combId) =>
        frameRun(combId, slotOf(combId), detail.frameEvents),
      );
      const run = runs.find((r) => r.combId === payload.combId)!;
      const { rules } = await currentRules(unit.db);
      if (payload.kind === 'open') {
        const missing = ['tilt', 'checks'].filter(
          (id) => !detail.marks.some((m) => m.stepId === id),
        );
        if (missing.length)
          throw conflict(
            'not-ready',
            'First make sure of tilt, tray, floor, caps, hoses and vessels: then it is opened.',
            'payload.kind',
          );
        await mayLeaveNow(unit, batch, [payload.combId]);
        const next = frameNext(run, runs, rules, unit.at);
        if (!next.mayOpen) throw conflict('not-now', next.whyNot ?? next.says, 'payload.kind');
        if (!run.vesselId && !payload.vesselId)
          throw refused('Which vessel stands under it?', 'payload.vesselId');
      } else if (!run.openedAt)
        throw conflict('not-open', 'This frame is not open.', 'payload.kind');
      if (run.closed) throw conflict('closed', 'This frame is closed.', 'payload.kind');
      if (payload.kind === 'plug') {
        if (!run.isReset)
          throw conflict('not-reset', 'Reset it first: the plug only fits then.', 'payload.kind');
        if (run.weighedAt === null)
          throw refused(
            'Weigh what came from this frame first; 0 where nothing came.',
            'payload.g',
          );
      }
      await unit.insert('frameEvents', { ...payload, occurredAt: unit.at });
      if (payload.kind === 'swap' && payload.g)
        await unit.flow({
          from: 'outside',
          to: await lotOf(unit, batch, 'honey', 'honey'),
          g: payload.g,
          reason: `Frame ${placeLabel(run.slot)}, full vessel`,
        });
      if (payload.kind === 'plug') {
        if (run.inVesselG > 0)
          await unit.flow({
            from: 'outside',
            to: await lotOf(unit, batch, 'honey', 'honey'),
            g: run.inVesselG,
            reason: `Frame ${placeLabel(run.slot)}, last vessel`,
          });
        await unit.insert('takes', {
          id: randomUUID(),
          batchId: batch.id,
          combId: run.combId,
          slot: run.slot,
          outcome: 'taken',
          vesselId: run.vesselId,
          grossG: null,
          tareG: null,
          netG: run.outG,
          guessG: null,
          condition: null,
          wentTo: null,
          potsEmptied: null,
          byBox: false,
          occurredAt: unit.at,
        });
        const first = detail.takes.every((t) => t.netG === null);
        if (first)
          await unit.update('visits', batch.visitId, { date: dateAt(unit.at, batch.zone) });
      }
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];

/** Frames of each hive that its last draining closed, with the instant the plug went in. */
export async function drainedFrames(
  db: Knex,
): Promise<{ hiveId: string; drained: { combId: string; at: string }[] }[]> {
  const plugs = (await db('frameEvents')
    .join('batches', 'batches.id', 'frameEvents.batchId')
    .where({ 'frameEvents.kind': 'plug', 'frameEvents.removedAt': null })
    .orderBy('frameEvents.occurredAt', 'desc')
    .select(
      'batches.hiveId as hiveId',
      'batches.id as batchId',
      'frameEvents.combId as combId',
      'frameEvents.occurredAt as at',
    )) as { hiveId: string; batchId: string; combId: string; at: string }[];
  const lastOf = new Map<string, string>();
  for (const p of plugs) if (!lastOf.has(p.hiveId)) lastOf.set(p.hiveId, p.batchId);
  return [...lastOf].map(([hiveId, batchId]) => ({
    hiveId,
    drained: plugs.filter((p) => p.batchId === batchId).map(({ combId, at }) => ({ combId, at })),
  }));
}
