import type { Say } from '../say/say.js';
import { takeSay } from './says.js';
import { firstOf } from '../units/known.js';
import type { FrameEvent, Vessel } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Range } from '../units/format.js';
import { vesselFullKg } from '../drain/index.js';

type FrameRules = Pick<
  HouseRules,
  'frameParts' | 'framesAtOnce' | 'frameReset' | 'frameDone' | 'frameMaxWeeks'
>;

/** Where one drain frame stands, from what was written down of it. */
export interface FrameRun {
  combId: string;
  slot: number;
  partsOpen: number;
  openedAt: string | null;
  /** When each part was opened, in order. */
  partsAt: string[];
  vesselId: string | null;
  /**
   * Honey that came from it, grams: its shares of every weighing; and of those what stands in its
   * vessel now.
   */
  outG: number;
  inVesselG: number;
  /** Instant of the last weighing of its vessel. */
  weighedAt: string | null;
  leaking: boolean;
  /** Whether it ever leaked at this harvest: then nothing more is opened. */
  hasLeaked: boolean;
  /** Parts whose surroundings were looked at and found dry. */
  checkedParts: number;
  drops: boolean;
  /** When only drops were said to come, and when it was reset. */
  dropsAt: string | null;
  resetAt: string | null;
  isReset: boolean;
  isPlugged: boolean;
  closed: boolean;
  /** Grams that an older way of writing booked at the swap already. */
  bookedBeforeG: number;
}

/**
 * State of one frame from the events of its harvest, in the order they happened. A weighing is of a
 * vessel, whichever frame it was written under: each frame takes its share of it. Weighings without
 * shares are of a time when each frame had a vessel of its own, and their grams are the frame's.
 */
export function frameRun(combId: string, slot: number, events: readonly FrameEvent[]): FrameRun {
  const run: FrameRun = {
    combId,
    slot,
    partsOpen: 0,
    openedAt: null,
    partsAt: [],
    vesselId: null,
    outG: 0,
    inVesselG: 0,
    weighedAt: null,
    leaking: false,
    hasLeaked: false,
    checkedParts: 0,
    drops: false,
    dropsAt: null,
    resetAt: null,
    isReset: false,
    isPlugged: false,
    closed: false,
    bookedBeforeG: 0,
  };
  for (const e of eventsInOrder(events)) {
    takeShare(run, e);
    if (e.combId === combId) step(run, e);
  }
  run.closed = run.isReset && run.isPlugged;
  return run;
}

export const eventsInOrder = (events: readonly FrameEvent[]): FrameEvent[] =>
  [...events].sort((a, b) => a.occurredAt.localeCompare(b.occurredAt));

/** What a weighing of a vessel gives to this frame. */
function takeShare(run: FrameRun, e: FrameEvent): void {
  const share = e.shares?.[run.combId];
  if (share === undefined) return;
  run.outG += share;
  run.weighedAt = e.occurredAt;
  if (e.vesselId === run.vesselId) run.inVesselG += share;
}

/** A vessel that held only this frame's honey, weighed before shares were written. */
function weighAlone(run: FrameRun, e: FrameEvent): void {
  const g = e.g ?? 0;
  run.outG += g - run.inVesselG;
  run.inVesselG = g;
  run.weighedAt = e.occurredAt;
}

const STEPS: Partial<Record<FrameEvent['kind'], (run: FrameRun, e: FrameEvent) => void>> = {
  open: (run, e) => {
    run.partsOpen += 1;
    run.partsAt.push(e.occurredAt);
    run.openedAt ??= e.occurredAt;
    run.vesselId = e.vesselId ?? run.vesselId;
    run.drops = false;
    run.dropsAt = null;
  },
  level: (run, e) => {
    if (!e.shares) weighAlone(run, e);
  },
  swap: (run, e) => {
    if (e.g !== null && !e.shares) {
      weighAlone(run, e);
      run.bookedBeforeG += e.g;
    }
    run.inVesselG = 0;
    run.vesselId = e.vesselId ?? run.vesselId;
  },
  leak: (run) => {
    run.leaking = true;
    run.hasLeaked = true;
  },
  'leak-handled': (run) => {
    run.leaking = false;
    run.checkedParts = run.partsOpen;
  },
  'no-leak': (run) => {
    run.checkedParts = run.partsOpen;
  },
  drops: (run, e) => {
    run.drops = true;
    run.dropsAt = e.occurredAt;
  },
  reset: (run, e) => {
    run.isReset = true;
    run.resetAt = e.occurredAt;
  },
  plug: (run) => {
    run.isPlugged = true;
  },
};

function step(run: FrameRun, e: FrameEvent): void {
  STEPS[e.kind]?.(run, e);
}

export interface FrameNext {
  act:
    'open' | 'check-leak' | 'handle-leak' | 'weigh' | 'reset' | 'plug' | 'closed' | 'wait' | 'stop';
  /** What to do and why, a sentence. */
  says: Say;
  /** Whether the next part may be opened now, and why not. */
  mayOpen: boolean;
  whyNot: Say | null;
}

/** Minutes after which an hour-school frame counts as empty, and the overnight one. */
const DONE_AFTER_MINUTES: Record<HouseRules['frameDone'], number> = {
  droplet: Infinity,
  hour: 60,
  overnight: 600,
  // A starting value: most of the honey of a warm frame is out, what still runs is left to the
  // bees.
  early: 20,
};

/**
 * What a frame asks for next, and whether another part of it may be opened. A running frame is
 * never told to stop: only parts still shut can stay shut. Reset and plug close it; the plug that
 * only then fits is the proof.
 */
export function frameNext(
  run: FrameRun,
  all: readonly FrameRun[],
  rules: FrameRules,
  nowIso: string,
): FrameNext {
  const running = all.filter((r) => r.openedAt && !r.closed).length;
  return (
    closingNext(run) ??
    leakNext(run, all) ??
    (run.openedAt ? null : firstPartNext(running, rules)) ??
    nextPart(run, all, rules) ??
    runningNext(run, all, rules, nowIso)
  );
}

const refuse = (act: FrameNext['act'], says: Say, whyNot: Say): FrameNext => ({
  act,
  says,
  mayOpen: false,
  whyNot,
});
const mayOpen = (says: Say): FrameNext => ({ act: 'open', says, mayOpen: true, whyNot: null });
const hasLeaked = (all: readonly FrameRun[]): boolean => all.some((r) => r.hasLeaked);

/** A frame that is closed, or being closed. */
function closingNext(run: FrameRun): FrameNext | null {
  if (run.closed)
    return refuse(
      'closed',
      takeSay('take.frameRun.reset-and-plugged-what-left'),
      takeSay('take.frameRun.this-frame-closed'),
    );
  return run.isReset
    ? refuse(
        'plug',
        takeSay('take.frameRun.put-plug-in-it-only'),
        takeSay('take.frameRun.it-being-closed'),
      )
    : null;
}

/** A leak here, beside it, or before. */
function leakNext(run: FrameRun, all: readonly FrameRun[]): FrameNext | null {
  if (run.leaking)
    return refuse(
      'handle-leak',
      takeSay('take.frameRun.open-no-more-catch-it'),
      takeSay('take.frameRun.it-leaks-nothing-more-opened'),
    );
  if (all.some((r) => r.leaking))
    return refuse(
      run.openedAt ? 'wait' : 'open',
      takeSay('take.frameRun.another-frame-leaks-see-to'),
      takeSay('take.frameRun.another-frame-leaks'),
    );
  return !run.openedAt && hasLeaked(all)
    ? refuse(
        'stop',
        takeSay('take.frameRun.frame-leaked-nothing-more-opened'),
        takeSay('take.frameRun.after-leak-nothing-more-opened'),
      )
    : null;
}

/** A frame that is still shut. */
function firstPartNext(running: number, rules: FrameRules): FrameNext {
  const atOnce = takeSay('take.frameRun.your-rule-at-once', { framesAtOnce: rules.framesAtOnce });
  if (running >= rules.framesAtOnce)
    return refuse(
      'wait',
      takeSay('take.frameRun.frames-run-already', { running, atOnce }),
      takeSay('take.frameRun.your-rule-at-once-2', { framesAtOnce: rules.framesAtOnce }),
    );
  return mayOpen(
    rules.frameParts === 1
      ? takeSay('take.frameRun.lever-into-lower-slot-and')
      : takeSay('take.frameRun.lever-into-lower-slot-part'),
  );
}

/** What was opened is looked at; then the next part. Null where all is open, or nothing may be. */
function nextPart(run: FrameRun, all: readonly FrameRun[], rules: FrameRules): FrameNext | null {
  if (run.checkedParts < run.partsOpen)
    return refuse(
      'check-leak',
      takeSay('take.frameRun.look-below-and-at-end'),
      takeSay('take.frameRun.look-for-leak-first'),
    );
  return run.partsOpen < rules.frameParts && !hasLeaked(all)
    ? mayOpen(
        takeSay('take.frameRun.parts-open-next-when-flow', {
          partsOpen: run.partsOpen,
          frameParts: rules.frameParts,
        }),
      )
    : null;
}

/** A frame that runs: it is reset when only drops come, or by the household's school. */
function runningNext(
  run: FrameRun,
  all: readonly FrameRun[],
  rules: FrameRules,
  nowIso: string,
): FrameNext {
  const minutes = (Date.parse(nowIso) - Date.parse(run.partsAt[run.partsAt.length - 1])) / 60_000;
  const isNearlyOut = run.drops || minutes >= DONE_AFTER_MINUTES[rules.frameDone];
  const byRule =
    rules.frameReset === 'running' || (rules.frameReset === 'after-hour' && minutes >= 60);
  const whyNot = hasLeaked(all)
    ? takeSay('take.frameRun.after-leak-nothing-more-opened')
    : takeSay('take.frameRun.all-parts-are-open');
  if (isNearlyOut)
    return refuse('reset', takeSay('take.frameRun.only-drops-come-lever-into'), whyNot);
  return byRule
    ? refuse('reset', takeSay('take.frameRun.by-your-rule-it-reset'), whyNot)
    : refuse('weigh', takeSay('take.frameRun.it-runs-look-at-vessel'), whyNot);
}

/**
 * A frame's share of the honey that may still come, by what was opened. Takes the frame's own
 * estimate.
 */
export function frameComingKg(run: FrameRun, parts: number, honeyKg: Range): Range {
  const share = parts > 0 ? run.partsOpen / parts : 0;
  const left = (kg: number): number => Math.max(0, kg * share - run.outG / 1000);
  return { low: left(honeyKg.low), mid: left(honeyKg.mid), high: left(honeyKg.high) };
}

/** A bucket with holes, a sieve or a mesh holds no honey. */
export const hasHoles = (vessel: Pick<Vessel, 'holeMm' | 'role'>): boolean =>
  vessel.holeMm !== null || vessel.role === 'upper';

export interface VesselQuestion {
  combId: string | null;
  vesselId: string | null;
  sentence: Say;
  /** True where opening would make it run over with nobody's fault but ours. */
  blocks: boolean;
}

/**
 * Whether the vessels under the outlets hold what may come, at the high estimate, said before
 * anything is opened: a frame without a vessel, one with holes, one that the frames over it may
 * fill.
 */
export function vesselQuestions(
  frames: readonly { combId: string; label: string; honeyKg: Range; vesselId: string | null }[],
  vessels: readonly Vessel[],
  moisturePercent: number,
  temperatureC: number,
): VesselQuestion[] {
  const found: VesselQuestion[] = [];
  const byVessel = new Map<string, (typeof frames)[number][]>();
  for (const f of frames) {
    if (!f.vesselId || !vessels.some((v) => v.id === f.vesselId))
      found.push({
        combId: f.combId,
        vesselId: null,
        blocks: true,
        sentence: takeSay('take.frameRun.frame-has-no-vessel', { f: f.label }),
      });
    else byVessel.set(f.vesselId, [...(byVessel.get(f.vesselId) ?? []), f]);
  }
  for (const [id, list] of byVessel) {
    const vessel = firstOf(vessels, (v) => v.id === id);
    if (hasHoles(vessel)) {
      found.push({
        combId: list[0].combId,
        vesselId: id,
        blocks: true,
        sentence: takeSay('take.frameRun.has-holes-honey-would-run', { vessel: vessel.name }),
      });
      continue;
    }
    const holdsKg = vesselFullKg(vessel, moisturePercent, temperatureC);
    const highKg = list.reduce((sum, f) => sum + f.honeyKg.high, 0);
    const names = { and: list.map((f) => f.label) };
    if (holdsKg < highKg)
      found.push({
        combId: list[0].combId,
        vesselId: id,
        blocks: false,
        sentence: takeSay('take.frameRun.holds-to-its-mark-may', {
          vessel: vessel.name,
          holdsKg: { massG: holdsKg * 1000, as: 'large' },
          frames: list.length,
          names,
          highKg: { massG: highKg * 1000, as: 'large' },
        }),
      });
  }
  return found;
}
