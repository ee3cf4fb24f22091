import type { Say } from '../say/say.js';
import { takeSay } from './says.js';
import { filledShare } from '../comb/contents.js';
import type { Look } from '../records/hiveViews.js';
import { addDays, daysBetween } from '../units/dates.js';

/** How full one frame was seen on a date: share of its face with honey, capped or open, 0 to 1. */
export interface FilledLook {
  date: string;
  filledShare: number;
}
export interface FrameRefill {
  /** The first day on which the quickest of the frames may be full. */
  fullOn: string;
  /** Share of a face filled in a day, of the quickest frame. */
  perDay: number;
  /** How many rises between two looks it rests on. */
  rises: number;
  /** Whether these frames themselves were seen filling since they were drained. */
  own: boolean;
}

/** How full a look saw a frame; nothing where no side of it was seen. */
export function filledLook(look: Pick<Look, 'date' | 'sides'>): FilledLook[] {
  const filled = filledShare(look.sides);
  return filled === null ? [] : [{ date: look.date, filledShare: filled }];
}

/** A frame counts as full from this share on, as a super's does. */
const FULL = 0.9;
/** Looks further apart than this tell of no pace: there may have been a dearth between. */
const [FEWEST_DAYS, MOST_DAYS] = [2, 60];

/** Rises between consecutive looks, share a day; falls (taken, robbed) tell nothing of filling. */
function risesOf(looks: readonly FilledLook[]): number[] {
  const sorted = [...looks].sort((a, b) => a.date.localeCompare(b.date));
  return sorted.slice(1).flatMap((later, i) => {
    const span = daysBetween(sorted[i].date, later.date);
    const rise = later.filledShare - sorted[i].filledShare;
    return span < FEWEST_DAYS || span > MOST_DAYS || rise <= 0.02 ? [] : [rise / span];
  });
}

/**
 * When drained frames may be full again. A straight rise from empty on the day each was drained: by
 * the looks since then where there are any, else by how these frames filled before. The quickest
 * frame speaks, at the unfavourable edge: what is full and forgotten crystallises. Takes each frame
 * with its looks (date YYYY-MM-DD) and the day it was drained; null where no frame was ever seen
 * filling.
 */
export function frameRefill(
  frames: readonly { drainedOn: string; looks: readonly FilledLook[] }[],
): FrameRefill | null {
  let quickest: FrameRefill | null = null;
  const before = frames.flatMap((f) => risesOf(f.looks.filter((l) => l.date <= f.drainedOn)));
  const pace = before.length ? Math.max(...before) : null;
  for (const frame of frames) {
    const since = [
      { date: frame.drainedOn, filledShare: 0 },
      ...frame.looks.filter((l) => l.date > frame.drainedOn),
    ];
    const own = risesOf(since);
    const perDay = own.length ? Math.max(...own) : pace;
    if (perDay === null) continue;
    const last = since[since.length - 1];
    const fullOn = addDays(
      last.date,
      Math.max(0, Math.ceil((FULL - last.filledShare) / perDay - 1e-9)),
    );
    const found = { fullOn, perDay, rises: own.length || before.length, own: own.length > 0 };
    if (!quickest || found.fullOn < quickest.fullOn) quickest = found;
  }
  return quickest;
}

/**
 * When to come back to drained frames: when they are full by the forecast, at most so many weeks
 * after they were drained. Dates YYYY-MM-DD; a date that has passed is the drained day's own
 * deadline, never moved on.
 */
export function nextFrameDate(
  drainedOn: string,
  refill: FrameRefill | null,
  maxWeeks: number,
): { on: string; why: Say } {
  const latest = addDays(drainedOn, maxWeeks * 7);
  if (refill && refill.fullOn > drainedOn && refill.fullOn < latest)
    return {
      on: refill.fullOn,
      why: refill.own
        ? takeSay('take.frameRefill.full-again-by-then-at')
        : takeSay('take.frameRefill.full-again-by-then-if'),
    };
  return {
    on: latest,
    why: takeSay('take.frameRefill.at-most-weeks-your-rule', { maxWeeks }),
  };
}
