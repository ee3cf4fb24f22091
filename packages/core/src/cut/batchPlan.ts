import {
  type CombDefect,
  type CutPlan,
  type CutPlanInput,
  cutQuestion,
  MANY_STEPS,
  planOf,
} from './cutPlan.js';
import { limitedPlanSteps } from './limitedPlan.js';
import { toEnd } from '../units/toEnd.js';

export interface BatchPlanInput extends Omit<CutPlanInput, 'comb' | 'defects'> {
  combs: { id: string; comb: { widthMm: number; heightMm: number }; defects: CombDefect[] }[];
}
export interface BatchPlan {
  plans: { id: string; plan: CutPlan }[];
  value: number;
  /** No plan of all combs within the stock can be worth more. */
  bound: number;
  provenOptimal: boolean;
  used: Record<string, number>;
}

/** How near to its end a search is said to be after so many combs: nobody knows how many come. */
const shareDone = (looked: number, combs: number): number => 1 - 1 / (1 + looked / (10 * combs));

/**
 * Plans several combs together against one stock of boxes, exactly ({@link limitedPlanSteps}); given
 * up by counted steps, with a bound, where it would take too long. Yields the share done (0 to 1)
 * after each comb that was looked through, so that whoever computes can show it and stop.
 *
 * @throws {BadInput} for a lattice too fine.
 */
export function* batchPlanSteps(input: BatchPlanInput): Generator<number, BatchPlan> {
  const { combs, ...shared } = input;
  // Stock is the batch's: no comb has a limit of its own beyond what it can hold.
  const pieces = shared.pieces.map(({ limit, ...p }) => (limit === 0 ? { ...p, limit } : p));
  const wants = combs.map((c): CutPlanInput => ({ ...shared, comb: c.comb, defects: c.defects }));
  const grids = combs.map(
    (c) => cutQuestion({ ...shared, pieces, comb: c.comb, defects: c.defects }, MANY_STEPS).grid,
  );
  const { wasteValuePerCm2: waste = 0 } = shared;
  const nets = shared.pieces.map((p) =>
    p.limit === 0 ? 0 : p.value - (waste * p.widthMm * p.heightMm) / 100,
  );
  const limits = shared.pieces.map((p) => p.limit ?? null);
  const steps = limitedPlanSteps(
    grids,
    nets,
    limits,
    combs.map(() => []),
  );
  let step = steps.next();
  for (let looked = 1; !step.done; looked++) {
    yield shareDone(looked, combs.length);
    step = steps.next();
  }
  const { plans, net, bound } = step.value;
  const isProven = grids.every((grid) => grid.whole) && net >= bound - 1e-6;
  const ofWaste = combs.reduce(
    (sum, { comb }) => sum + (waste * comb.widthMm * comb.heightMm) / 100,
    0,
  );
  const used = (kind: number): number => plans.flat().filter((spot) => spot.kind === kind).length;
  return {
    plans: combs.map((c, i) => ({ id: c.id, plan: planOf(wants[i], plans[i], isProven) })),
    value: net + ofWaste,
    bound: bound + ofWaste,
    provenOptimal: isProven,
    used: Object.fromEntries(shared.pieces.map((p, kind) => [p.id, used(kind)])),
  };
}

/** All steps of {@link batchPlanSteps} at once. */
export const batchPlan = (input: BatchPlanInput): BatchPlan => toEnd(batchPlanSteps(input));
