import { areaBound } from './areaBound.js';
import {
  type CombDefect,
  type CutPlan,
  type CutPlanInput,
  cutQuestion,
  planOf,
} from './cutPlan.js';
import { solveGrid } from './guillotine.js';
import { limitedPlanSteps } from './limitedPlan.js';
import { type Limits, spentOn } from './limitPrices.js';
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

/**
 * Steps that the tables of all combs may take together: they are held at once, so this is what a
 * small device has room for. Beyond it each comb is looked at on fewer places of its lattice.
 */
const STEPS_OF_ALL = 600_000_000;

/**
 * What no plans of all combs within the limits can be worth more than, on every place of the
 * lattices: each comb by itself with the prices taken off, one table at a time. Yields after each.
 */
function* boundOnAll(
  wants: readonly CutPlanInput[],
  nets: readonly number[],
  limits: Limits,
  prices: readonly number[],
): Generator<void, number> {
  const left = nets.map((net, kind) => net - prices[kind]);
  const none = limits.map(() => null);
  let bound = spentOn(limits, prices);
  for (const want of wants) {
    const { grid } = cutQuestion(want);
    bound += grid.whole ? solveGrid(grid, left).best : areaBound(grid, left, none);
    yield;
  }
  return bound;
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
export function* batchPlanSteps(
  input: BatchPlanInput,
  stepsOfAll = STEPS_OF_ALL,
): Generator<number, BatchPlan> {
  const { combs, ...shared } = input;
  // Stock is the batch's: no comb has a limit of its own beyond what it can hold.
  const pieces = shared.pieces.map(({ limit, ...p }) => (limit === 0 ? { ...p, limit } : p));
  const wants = combs.map((c): CutPlanInput => ({
    ...shared,
    pieces,
    comb: c.comb,
    defects: c.defects,
  }));
  const stepsOfEach = stepsOfAll / Math.max(1, combs.length);
  const grids = wants.map((want) => cutQuestion(want, stepsOfEach).grid);
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
  let looked = 0;
  const progress = (): number => shareDone(++looked, combs.length);
  let step = steps.next();
  for (; !step.done; step = steps.next()) yield progress();
  const { plans, net, prices } = step.value;
  let { bound } = step.value;
  if (grids.some((grid) => !grid.whole)) {
    const onAll = boundOnAll(wants, nets, limits, prices);
    let each = onAll.next();
    for (; !each.done; each = onAll.next()) yield progress();
    bound = each.value;
  }
  const isProven = net >= bound - 1e-6;
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
export const batchPlan = (...asked: Parameters<typeof batchPlanSteps>): BatchPlan =>
  toEnd(batchPlanSteps(...asked));
