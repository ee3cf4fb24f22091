import type { BatchDetail } from '../records/harvestViews.js';
import type { HouseRules } from '../records/houseRules.js';
import type { NewFrameEvent } from '../records/take.js';
import type { FrameEvent, Take } from '../records/takeViews.js';
import { slotSeen } from './boxTakesWritten.js';
import { frameHoney, mayHaveGivenG, vesselsBefore } from './frameHoney.js';
import { frameRun, type FrameRun } from './frameRun.js';
import { frameVessels, owedByFrame, sharesByEstimate, type FrameVessel } from './frameVessels.js';

/** All frames of a harvest and the vessels under them, as the events written so far say. */
export interface Frames {
  detail: BatchDetail;
  runs: FrameRun[];
  vessels: Map<string, FrameVessel>;
}

export function framesOf(detail: BatchDetail): Frames {
  const slotOf = (combId: string): number =>
    slotSeen(detail, combId) || (detail.takes.find((t) => t.combId === combId)?.slot ?? 0);
  const { combIds } = detail.batch;
  return {
    detail,
    runs: combIds.map((combId) => frameRun(combId, slotOf(combId), detail.frameEvents)),
    vessels: frameVessels(detail.frameEvents, vesselsBefore(detail)),
  };
}

const runOf = ({ runs }: Frames, combId: string): FrameRun | undefined =>
  runs.find((run) => run.combId === combId);

/** A vessel that is weighed: what it held, what came since, and what of it is each frame's. */
export interface VesselWeighed {
  vesselId: string;
  g: number;
  stoodG: number;
  cameG: number;
  shares: Record<string, number>;
  sharedBy: 'alone' | 'estimate' | 'asked';
  /** The frames that ran into it since it was last weighed. */
  combIds: ReadonlySet<string>;
}

/**
 * What a weighing of the vessel under a frame comes to; null where no frame ran into that vessel.
 * What came is shared out as it was said, else by what each frame may have given.
 */
export function vesselWeighed(
  frames: Frames,
  said: NewFrameEvent,
  { frameParts }: Pick<HouseRules, 'frameParts'>,
): VesselWeighed | null {
  const vesselId = said.vesselId ?? runOf(frames, said.combId)?.vesselId ?? null;
  const vessel = vesselId === null ? undefined : frames.vessels.get(vesselId);
  if (vesselId === null || !vessel) return null;
  const g = said.grossG === null || said.tareG === null ? (said.g ?? 0) : said.grossG - said.tareG;
  const stoodG = said.emptied ? 0 : vessel.heldG;
  const cameG = g - stoodG;
  const mayGiveG = (combId: string): number => {
    const run = runOf(frames, combId);
    return run ? mayHaveGivenG(run, frameParts, frameHoney(frames.detail, combId).honeyKg) : 0;
  };
  const combIds = new Set(vessel.spells.map((s) => s.combId));
  const estimatedOrAlone = combIds.size > 1 ? 'estimate' : 'alone';
  return {
    vesselId,
    g,
    stoodG,
    cameG,
    shares: said.shares ?? sharesByEstimate(vessel, Math.max(0, cameG), mayGiveG),
    sharedBy: said.shares ? 'asked' : estimatedOrAlone,
    combIds,
  };
}

/** By what it is written, and when. */
interface Writing {
  rules: Pick<HouseRules, 'frameParts'>;
  occurredAt: string;
  nextId: () => string;
}
const UNWEIGHED = { g: null, grossG: null, tareG: null, shares: null, sharedBy: null };
const bareEvent = (said: NewFrameEvent) => {
  const { emptied: _emptied, alsoCombIds: _also, later: _later, ...event } = said;
  return event;
};

/**
 * What is written of something said of a frame, in its order: a vessel that was emptied before it
 * was weighed, and frames that move to another vessel together, are events of their own. The house
 * writes this, and a device shows it before the house has answered; `nextId` names what goes beside.
 */
export function frameEventsWritten(
  frames: Frames,
  said: NewFrameEvent,
  { rules, occurredAt, nextId }: Writing,
): FrameEvent[] {
  const row = { ...bareEvent(said), occurredAt };
  if (said.kind === 'level') return levelWritten(frames, said, { rules, occurredAt, nextId });
  if (said.kind !== 'swap') return [{ ...row, ...UNWEIGHED }];
  // The full one may be weighed in the same breath; a swap alone weighs nothing.
  const isWeighed = said.g !== null || said.grossG !== null;
  const full = { ...said, id: isWeighed ? nextId() : said.id, vesselId: null };
  return [
    ...(isWeighed ? levelWritten(frames, full, { rules, occurredAt, nextId }) : []),
    ...[said.combId, ...said.alsoCombIds].map((combId) => ({
      ...row,
      ...UNWEIGHED,
      id: combId === said.combId ? said.id : nextId(),
      combId,
    })),
  ];
}

function levelWritten(
  frames: Frames,
  said: NewFrameEvent,
  { rules, occurredAt, nextId }: Writing,
): FrameEvent[] {
  const weighed = vesselWeighed(frames, said, rules);
  if (!weighed) return [];
  const { vesselId, g, shares, sharedBy } = weighed;
  const row = { ...bareEvent(said), vesselId, occurredAt };
  const emptied: FrameEvent = { ...row, ...UNWEIGHED, id: nextId(), kind: 'emptied' };
  return [...(said.emptied ? [emptied] : []), { ...row, kind: 'level', g, shares, sharedBy }];
}

/** A frame that is closed: what was weighed of it, null while a vessel of it is still owed. */
export interface ClosedFrame {
  run: FrameRun;
  netG: number | null;
  take: Take | null;
}

export const closedFrames = ({ detail, runs, vessels }: Frames): ClosedFrame[] =>
  runs
    .filter((run) => run.closed)
    .map((run) => ({
      run,
      netG: owedByFrame(run.combId, vessels.values()).length === 0 ? run.outG : null,
      take: detail.takes.find((take) => take.combId === run.combId) ?? null,
    }));

/** The take of a closed frame: it went on living, and gave what was weighed of it. */
export const frameTakeWritten = (
  { run, netG }: ClosedFrame,
  { id, batchId, occurredAt }: Pick<Take, 'id' | 'batchId' | 'occurredAt'>,
): Take => ({
  id,
  batchId,
  combId: run.combId,
  slot: run.slot,
  outcome: 'taken',
  vesselId: run.vesselId,
  grossG: null,
  tareG: null,
  netG,
  netBy: 'scale',
  guessG: null,
  condition: null,
  wentTo: null,
  potsEmptied: null,
  withPollen: false,
  byBox: false,
  occurredAt,
});
