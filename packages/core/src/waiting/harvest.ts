import type { Batch, BatchDetail } from '../records/harvestViews.js';
import type { Take } from '../records/takeViews.js';
import { drainEventWritten, weighingWritten } from '../drain/index.js';
import { withJarsFilled } from '../jar/index.js';
import type { Drain } from '../records/drainViews.js';
import {
  boxTakesWritten,
  closedFrames,
  framesOf,
  frameEventsWritten,
  frameTakeWritten,
  slotSeen,
  takeWritten,
} from '../take/index.js';
import { withCutEntry } from './cut.js';
import type { WaitingEntry } from './entries.js';
import { hiveWith, type Known } from './hives.js';

/**
 * A harvest with what waits on the device written on it: what was taken, steps that were done, what
 * went otherwise, and how far it came. Takes what was read of the house.
 */
export function harvestWith(
  detail: BatchDetail,
  entries: readonly WaitingEntry[],
  known: Known,
): BatchDetail {
  const hive = hiveWith(detail.hive, entries, known);
  return entries.reduce(
    (now, entry) => withEntry(now, entry, known),
    hive === detail.hive ? detail : { ...detail, hive },
  );
}

/** Harvests of the list, as far as they came on this device. */
export const batchesWith = (batches: readonly Batch[], entries: readonly WaitingEntry[]): Batch[] =>
  batches.map((batch) => entries.reduce(withStage, batch));

function withEntry(detail: BatchDetail, entry: WaitingEntry, known: Known): BatchDetail {
  switch (entry.path) {
    case '/takes':
      return ofThis(detail, entry.payload.batchId)
        ? withTakes(detail, [
            takeWritten(entry.payload, {
              slot: slotSeen(detail, entry.payload.combId),
              occurredAt: entry.occurredAt,
            }),
          ])
        : detail;
    case '/boxTakes':
      return ofThis(detail, entry.payload.batchId)
        ? withTakes(
            detail,
            boxTakesWritten(detail, entry.payload, {
              occurredAt: entry.occurredAt,
              nextId: (combId) => `${entry.payload.id}.${combId}`,
            }),
          )
        : detail;
    case '/stepMarks':
      return ofThis(detail, entry.payload.batchId) ? withMark(detail, entry) : detail;
    case '/incidents':
      return ofThis(detail, entry.payload.batchId) ? withIncident(detail, entry) : detail;
    case '/frameEvents':
      return ofThis(detail, entry.payload.batchId) ? withFrame(detail, entry, known) : detail;
    case '/weighings':
    case '/drainEvents':
      return { ...detail, drains: detail.drains.map((drain) => withBench(drain, entry)) };
    case '/fillings':
      return ofThis(detail, entry.payload.batchId)
        ? withJarsFilled(detail, entry.payload, entry.occurredAt)
        : detail;
    case '/harvests/:id/stage':
      return { ...detail, batch: withStage(detail.batch, entry) };
    default:
      return withCutEntry(detail, entry, known);
  }
}

const ofThis = (detail: BatchDetail, batchId: string): boolean => detail.batch.id === batchId;

/** What is known already is not shown twice: the house may have it before the device hears so. */
function withTakes(detail: BatchDetail, takes: readonly Take[]): BatchDetail {
  const fresh = takes.filter(({ combId }) => !detail.takes.some((t) => t.combId === combId));
  return fresh.length ? { ...detail, takes: [...detail.takes, ...fresh] } : detail;
}

function withMark(
  detail: BatchDetail,
  { payload, occurredAt }: Extract<WaitingEntry, { path: '/stepMarks' }>,
): BatchDetail {
  const isKnown = detail.marks.some(({ stepId }) => stepId === payload.stepId);
  return isKnown ? detail : { ...detail, marks: [...detail.marks, { ...payload, occurredAt }] };
}

function withIncident(
  detail: BatchDetail,
  { payload, occurredAt }: Extract<WaitingEntry, { path: '/incidents' }>,
): BatchDetail {
  if (detail.incidents.some(({ id }) => id === payload.id)) return detail;
  return { ...detail, incidents: [...detail.incidents, { ...payload, occurredAt }] };
}

/** What happened to a frame that runs in place; one that is closed by it stands among the taken. */
function withFrame(
  detail: BatchDetail,
  { payload, occurredAt }: Extract<WaitingEntry, { path: '/frameEvents' }>,
  { rules }: Known,
): BatchDetail {
  if (detail.frameEvents.some(({ id }) => id === payload.id)) return detail;
  let beside = 0;
  const nextId = (): string => `${payload.id}.${++beside}`;
  const events = frameEventsWritten(framesOf(detail), payload, {
    rules: rules.rules,
    occurredAt,
    nextId,
  });
  const now = { ...detail, frameEvents: [...detail.frameEvents, ...events] };
  return closedFrames(framesOf(now)).reduce((after, closed) => {
    const { take, netG } = closed;
    if (take?.netG === netG) return after;
    const written = take
      ? { ...take, netG }
      : frameTakeWritten(closed, { id: nextId(), batchId: payload.batchId, occurredAt });
    const others = after.takes.filter(({ combId }) => combId !== written.combId);
    return { ...after, takes: [...others, written] };
  }, now);
}

/** A drain with what was weighed of it, and what happened to it. */
function withBench(
  drain: Drain,
  entry: Extract<WaitingEntry, { path: '/weighings' | '/drainEvents' }>,
): Drain {
  const { id, drainId } = entry.payload;
  const isKnown = [...drain.weighings, ...drain.events].some((each) => each.id === id);
  if (drainId !== drain.id || isKnown) return drain;
  if (entry.path === '/weighings')
    return {
      ...drain,
      weighings: [...drain.weighings, weighingWritten(entry.payload, entry.occurredAt)],
    };
  return {
    ...drain,
    events: [...drain.events, drainEventWritten(entry.payload, entry.occurredAt)],
  };
}

function withStage(batch: Batch, entry: WaitingEntry): Batch {
  if (entry.path !== '/harvests/:id/stage' || entry.placeId !== batch.id) return batch;
  const { stage } = entry.payload;
  return { ...batch, stage, ...(stage === 'book' ? { closedAt: entry.occurredAt } : {}) };
}
