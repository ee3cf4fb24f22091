import type { PastRun } from '../records/answers/book.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { CrushMethod, Fineness } from '../records/vocabulary/bench.js';
import type { Range } from '../units/format.js';

/** Share of the honey that will come and hours of tau at 25 °C and 18 % water, as ranges. */
export interface MethodPrior {
  share: Range;
  tauHours: Range;
}

/**
 * Share of the honey in the comb that drains out, and hours of tau at 25 °C and 18 % water (SCIENCE
 * 4), as ranges.
 */
export const DRAIN_PRIORS: Record<CrushMethod, MethodPrior> = {
  slice: { share: { low: 0.65, mid: 0.7, high: 0.75 }, tauHours: { low: 6, mid: 9, high: 12 } },
  chop: { share: { low: 0.75, mid: 0.8, high: 0.85 }, tauHours: { low: 3, mid: 4.5, high: 6 } },
  mash: { share: { low: 0.85, mid: 0.885, high: 0.92 }, tauHours: { low: 4, mid: 6, high: 8 } },
};
/** Share of the honey that is out after pressing what was drained (SCIENCE 4). */
export const PRESSED_SHARE: Range = { low: 0.93, mid: 0.95, high: 0.97 };

/**
 * One frame drained in place: no published share, so from 'sliced and left' to 'pressed'.
 * Practitioners report 7 minutes to overnight a frame (SCIENCE 9); most of that is their warmth and
 * their water, which the forecast knows: the fastest taken as 20 % water at 33 °C, the slowest (12
 * h) as 16 % at 25 °C, nine tenths after 2.3 tau, leaves 0.25 to 2.4 h at 25 °C and 18 %. A
 * starting range; the household's logged frames replace both.
 */
export const FRAME_PRIOR: MethodPrior = {
  share: { low: 0.65, mid: 0.85, high: 0.97 },
  tauHours: { low: 0.25, mid: 0.78, high: 2.4 },
};
/** A super in use, °C (SCIENCE 9). */
export const SUPER_TEMPERATURE_C: Range = { low: 25, mid: 29, high: 33 };

/**
 * Share of the honey still held in the comb that one stir opens again. Two stirs take mashed comb
 * from 0.80 out to 0.885 (SCIENCE 4): held 0.20 to 0.115, so each stir frees 1 - sqrt(0.115 / 0.2),
 * about 0.24.
 */
export const FREED_BY_STIR = 1 - Math.sqrt(0.115 / 0.2);
/**
 * Under a press honey leaves in a tenth of the time it takes by its own weight: a starting value,
 * own runs replace it.
 */
export const PRESS_TAU_PART = 0.1;

/**
 * Comb that is warmed while it drains: its thinner honey is in the temperatures already. Thin films
 * run off that would have stayed, up to a sixth of what was held; the bed warms from outside, so
 * its tau is less sure. Starting ranges.
 */
function warmedPrior({ share, tauHours }: MethodPrior): MethodPrior {
  const freed = (kept: number, part: number): number => kept + (1 - kept) * part;
  return {
    share: { low: share.low, mid: freed(share.mid, 0.08), high: freed(share.high, 0.16) },
    tauHours: { low: tauHours.low * 0.9, mid: tauHours.mid * 1.1, high: tauHours.high * 1.5 },
  };
}

/**
 * The prior of a method for comb broken coarsely or finely: the coarse half of the published range
 * or the fine one, since both tau and share go with how far the cells are opened. Warmed comb has
 * its own.
 */
export function methodPrior(
  method: CrushMethod,
  fineness: Fineness = 'middle',
  warmed = false,
): MethodPrior {
  const { share, tauHours } = warmed ? warmedPrior(DRAIN_PRIORS[method]) : DRAIN_PRIORS[method];
  const half = (range: Range, upper: boolean): Range =>
    upper
      ? { low: range.mid, mid: (range.mid + range.high) / 2, high: range.high }
      : { low: range.low, mid: (range.low + range.mid) / 2, high: range.mid };
  if (fineness === 'middle') return { share, tauHours };
  return {
    share: half(share, fineness === 'fine'),
    tauHours: half(tauHours, fineness === 'coarse'),
  };
}

/**
 * What decides whether one run says anything of another: nothing learned from one kind leaks into
 * the next.
 */
export interface RunKind {
  method: CrushMethod;
  hiveKind: HiveKindName;
  /** Gelling honey is another honey. */
  thixotropic: boolean;
  warmed: boolean;
}

/**
 * The runs that say something of a run of this kind. Pressed ones tell nothing of how much drips.
 */
export function runsLike<R extends RunKind & { pressed: boolean }>(
  kind: RunKind,
  runs: readonly R[],
): R[] {
  return runs.filter((run) => !run.pressed && isLike(kind, run));
}

/** Whether two runs are of one kind: method, kind of hive, honey, warmth. */
export function isLike(a: RunKind, b: RunKind): boolean {
  return (
    a.method === b.method &&
    a.hiveKind === b.hiveKind &&
    a.thixotropic === b.thixotropic &&
    a.warmed === b.warmed
  );
}

/** Runs after which the household's own figures are used, not only shown (SCIENCE 12). */
export const RUNS_TO_APPLY = 5;

/**
 * The prior narrowed by the household's own runs of that method: each run is one more look at what
 * this household's hands and comb give, weighed against a published range that counts as two. Gives
 * the published prior as `applied` until the fifth run; `learned` is shown from the first.
 */
export function householdPrior(
  published: MethodPrior,
  runs: readonly PastRun[],
): { applied: MethodPrior; learned: MethodPrior; runs: number } {
  const narrowed = (range: Range, values: readonly number[]): Range => {
    if (!values.length) return range;
    const [mid, sd] = [Math.log(range.mid), Math.log(range.high / range.low) / 2];
    const mean = (2 * mid + values.reduce((sum, v) => sum + Math.log(v), 0)) / (2 + values.length);
    // The spread of the household's runs, with the published half width counted as two of them.
    const variance =
      (2 * sd ** 2 + values.reduce((sum, v) => sum + (Math.log(v) - mean) ** 2, 0)) /
      (2 + values.length);
    const half = Math.sqrt(variance);
    return { low: Math.exp(mean - half), mid: Math.exp(mean), high: Math.exp(mean + half) };
  };
  const share = narrowed(
    published.share,
    runs.map((r) => r.share),
  );
  const learned = {
    share: { ...share, high: Math.min(0.99, share.high) },
    tauHours: narrowed(
      published.tauHours,
      runs.flatMap((r) => (r.tauHours === null ? [] : [r.tauHours])),
    ),
  };
  return {
    applied: runs.length >= RUNS_TO_APPLY ? learned : published,
    learned,
    runs: runs.length,
  };
}
