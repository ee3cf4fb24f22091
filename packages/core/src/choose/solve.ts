import { greedyChoice } from './greedy.js';
import { toEnd } from '../units/toEnd.js';
import { lpText, sharesIn, takenBy } from './lp.js';
import type { LpAnswer, LpSolver } from '../records/vocabulary/solver.js';
import { type ChooseModel, valueOfSet } from './model.js';

/**
 * How far an answer is known: a first one, within a hundredth of the best possible, or proven best.
 */
export type Proof = 'first' | 'near' | 'proven';
export interface Solved {
  proof: Proof;
  /** Options taken, by index. */
  taken: number[];
  value: number;
  /** No answer can be better than this; Infinity while nothing is known. */
  bound: number;
  /**
   * (bound - value) / |bound|, 0 to 1: how much better an answer could still be; 1 while nothing is
   * known.
   */
  gap: number;
}

const NEAR_SECONDS = 1.7;
const PROOF_SECONDS = 20;
const NEAR_GAP = 0.01;
/** Worth so small that only ties are settled by it. */
const NOTHING = 1e-3;
/** What a solver's own sums are off by. */
const ROUNDING = 1e-6;

function gapOf(value: number, bound: number): number {
  if (bound === Infinity) return 1;
  if (bound - value <= NOTHING) return 0;
  return Math.min(1, (bound - value) / Math.max(Math.abs(bound), NOTHING));
}

/**
 * Solves the choice in stages, each better known than the one before: at once by taking the best
 * next with the bound of the relaxed model, then within 1 %, then to the proof; a stage that brings
 * nothing is passed over. Gives nothing where the question is impossible. The same question gives
 * the same proven answer: ties are settled in the model, and the solver is run without chance.
 */
export function* chooseInStages(
  model: ChooseModel,
  solve: LpSolver,
): Generator<Solved, Solved | null> {
  let bound = Infinity;
  let best: Solved | null = null;
  const keep = (taken: readonly number[] | null, proof: Proof): Solved | null => {
    const value = taken ? valueOfSet(model, taken) : -Infinity;
    // A proven answer replaces an equal one, so that the same question ends in the same set.
    if (taken && (!best || value > best.value + 1e-9 || proof === 'proven'))
      best = { proof, taken: [...taken], value, bound, gap: 0 };
    if (!best) return null;
    const top = Math.max(bound, best.value);
    const gap = gapOf(best.value, top);
    const nearOrFirst = gap <= NEAR_GAP ? 'near' : 'first';
    best = {
      ...best,
      bound: top,
      gap,
      proof: proof === 'proven' ? 'proven' : nearOrFirst,
    };
    return best;
  };
  const first = keep(greedyChoice(model), 'first');
  if (first) yield first;
  const relaxed = solve(lpText(model, { relaxed: true }), { timeLimitS: NEAR_SECONDS, gap: 0 });
  if (relaxed.status === 'infeasible') return null;
  if (relaxed.status === 'optimal') {
    bound = relaxed.value;
    const rounded = keep(greedyChoice(model, sharesIn(relaxed, model)), 'first');
    if (rounded) yield rounded;
  }
  for (const [seconds, gap] of [
    [NEAR_SECONDS, NEAR_GAP],
    [PROOF_SECONDS, 0],
  ] as const) {
    if (gap > 0 && best && (best as Solved).gap <= gap) continue;
    const answer = solve(lpText(model), { timeLimitS: seconds, gap });
    if (answer.status === 'infeasible') return null;
    const isDone = answer.status === 'optimal';
    // What was proven until the time was up stays proven.
    bound = Math.min(bound, answer.bound + ROUNDING);
    const isProven = isDone && (gap === 0 || answer.bound - answer.value <= ROUNDING);
    const step = keep(
      isDone || answer.status === 'time-limit' ? foundIn(answer, model) : null,
      isProven ? 'proven' : 'first',
    );
    if (isProven) return step;
    if (step && gap > 0) yield step;
  }
  return best;
}

/** The set in an answer; null where the time ran out before there was any. */
function foundIn(answer: LpAnswer, model: ChooseModel): number[] | null {
  return Number.isFinite(answer.value) && Object.keys(answer.columns).length
    ? takenBy(answer, model)
    : null;
}

/** The whole way at once, for small questions and tests. */
export function choose(model: ChooseModel, solve: LpSolver): Solved | null {
  return toEnd(chooseInStages(model, solve));
}

/**
 * Takes an answer of a side question quickly: within a tenth of a percent, in half a second. Null
 * where impossible.
 */
export function chooseQuickly(
  model: ChooseModel,
  solve: LpSolver,
  change: Parameters<typeof lpText>[1] = {},
): { taken: number[]; value: number; answer: LpAnswer } | null {
  const answer = solve(lpText(model, change), { timeLimitS: 0.5, gap: 1e-3 });
  if (
    answer.status === 'infeasible' ||
    answer.status === 'unknown' ||
    !Object.keys(answer.columns).length
  )
    return null;
  // The solver's own value: a change of the model may have changed what a set is worth.
  return { taken: takenBy(answer, model), value: answer.value, answer };
}
