import type { Drain, DrainEvent } from '../records/views.js';
import type { Range } from '../units/format.js';
import { drawnBefore, honeyInComb, outByWeighing } from './honeyOut.js';

/** One pressing as it was written down: turns, rests, what had run when. */
export interface PressTurn {
  at: string;
  /** Honey in the pressing's own vessel, grams, as weighed at this turn; null where it was not. */
  g: number | null;
}
export interface PressAdvice {
  turns: number;
  /** When the next turn is due: it rests until the flow slows. */
  nextTurnAt: string | null;
  lastGainG: number | null;
  /** 'turn' again, 'rest' now, or 'enough': the last turn brought less than the house rule asks. */
  say: 'turn' | 'rest' | 'enough';
}

/**
 * Turns and rests: after each turn the press rests so many minutes, then it is turned again, until
 * a turn brings less than `enoughG`. Takes the turns in order and the house's minutes.
 */
export function pressAdvice(
  turns: readonly PressTurn[],
  rules: { pressRestMinutes: number; pressEnoughG: number },
  now: string,
): PressAdvice {
  if (!turns.length) return { turns: 0, nextTurnAt: null, lastGainG: null, say: 'turn' };
  const weighed = turns.filter((t) => t.g !== null);
  const lastGainG =
    weighed.length > 1 ? weighed[weighed.length - 1].g! - weighed[weighed.length - 2].g! : null;
  const nextTurnAt = new Date(
    Date.parse(turns[turns.length - 1].at) + rules.pressRestMinutes * 60_000,
  ).toISOString();
  if (lastGainG !== null && lastGainG < rules.pressEnoughG)
    return { turns: turns.length, nextTurnAt: null, lastGainG, say: 'enough' };
  return { turns: turns.length, nextTurnAt, lastGainG, say: now >= nextTurnAt ? 'turn' : 'rest' };
}

/** The press turns of a drain, in order. */
export function pressTurns(drain: Pick<Drain, 'events'>): PressTurn[] {
  return drain.events
    .filter((e: DrainEvent) => e.kind === 'press')
    .map((e) => ({ at: e.occurredAt, g: e.g }));
}

/**
 * Honey that had dripped before the press was first turned, grams: the last weighing of the lower
 * vessel before it, or what was drawn off by then, whichever is more. Without a turn, up to `now`.
 */
export function drippedBeforePress(
  drain: Pick<Drain, 'crushedG' | 'potStartG' | 'events' | 'weighings'>,
  now: string,
): number {
  const first =
    pressTurns(drain)
      .map((t) => t.at)
      .sort()[0] ?? now;
  const last = drain.weighings
    .filter((w) => !w.leftOut && w.of === 'lower' && w.occurredAt <= first)
    .sort((a, b) => a.occurredAt.localeCompare(b.occurredAt))
    .at(-1);
  return Math.max(drawnBefore(drain.events, first), last ? outByWeighing(drain, last) : 0);
}

/** What dripped and what was pressed of one closed drain, from its weights alone. */
export interface DripPress {
  drippedG: number;
  pressedG: number;
  /** Honey left in the wax as a share of the honey that was in the comb. */
  residualShare: Range;
}

/**
 * Splits what came out at the first turn of the press, and gives what stayed in the wax as a share
 * of the honey in the comb, as a range because wax in the comb is one. Null before anything was
 * out.
 */
export function dripPress(
  drain: Pick<Drain, 'crushedG' | 'events'>,
  outG: number,
  drippedG: number,
): DripPress | null {
  if (drain.crushedG <= 0 || outG <= 0) return null;
  const inside = honeyInComb(drain.crushedG);
  const left = (kg: number): number => Math.max(0, Math.min(1, 1 - outG / 1000 / kg));
  return {
    drippedG: Math.min(outG, drippedG),
    pressedG: Math.max(0, outG - drippedG),
    residualShare: { low: left(inside.low), mid: left(inside.mid), high: left(inside.high) },
  };
}

function beside(share: number, mean: number, half: number): 'usual' | 'more' | 'less' {
  if (share > mean + half) return 'more';
  return share < mean - half ? 'less' : 'usual';
}

/**
 * A residual share against the household's own closed runs of that method: their middle and spread,
 * and a word. Null below three runs: then there is no norm yet, only the number.
 */
export function residualNorm(
  share: number,
  past: readonly number[],
): { usual: Range; says: 'usual' | 'more' | 'less' } | null {
  if (past.length < 3) return null;
  const mean = past.reduce((a, b) => a + b, 0) / past.length;
  const sd = Math.sqrt(past.reduce((sum, p) => sum + (p - mean) ** 2, 0) / (past.length - 1));
  // Two points of the share are within what a kitchen scale and the wax estimate can tell.
  const half = Math.max(0.02, 1.645 * sd);
  return {
    usual: { low: Math.max(0, mean - half), mid: mean, high: mean + half },
    says: beside(share, mean, half),
  };
}
