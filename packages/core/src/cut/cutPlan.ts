import { calcSay } from '../calcSays.js';
import { BadInput } from '../badInput.js';
import {
  cutGrid,
  type CutGrid,
  type Defect,
  gridSteps,
  type Lay,
  readPlan,
  solveGrid,
  type Spot,
  wholeRegion,
} from './guillotine.js';
import { knifeCuts } from './knifeCuts.js';
import type { Cut } from '../records/vocabulary/flaws.js';
import { areaBound } from './areaBound.js';
import { limitedPlan } from './limitedPlan.js';
import { cutDown } from './limitPrices.js';

export interface PieceWanted {
  id: string;
  widthMm: number;
  heightMm: number;
  value: number;
  mayTurn: boolean;
  limit?: number;
}
/** `bars`: ids of the only pieces that may not lie there. */
export interface CombDefect extends Defect {
  kind: string;
  bars?: readonly string[];
}
export interface CutPlanInput {
  comb: { widthMm: number; heightMm: number };
  kerfMm: number;
  pieces: PieceWanted[];
  defects: CombDefect[];
  stepMm?: number;
  wasteValuePerCm2?: number;
}
export interface Placement {
  id: string;
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}
export interface CutPlan {
  placements: Placement[];
  value: number;
  provenOptimal: boolean;
  cuts: Cut[];
  leftoverCm2: number;
  /** No plan of this comb within the limits can be worth more than this. */
  bound?: number;
}

export const STEP_MM = 5;
/** Steps of a plan that is found while a finger is lifted, on few places of the lattice. */
const QUICK_STEPS = 20_000_000;
/** A table of more steps than this takes a good part of a second. */
const LARGE_STEPS = 60_000_000;
/** More places than this along one side are no lattice for a comb. */
const MOST_STEPS = 20_000;

/**
 * What every plan of a comb starts from: the lays with what they are worth above waste, and their
 * limits.
 */
export interface CutQuestion {
  grid: CutGrid;
  nets: number[];
  limits: (number | null)[];
}

/**
 * Makes the grid of a question, one kind for each piece wanted.
 *
 * @throws {BadInput} where the lattice is finer than a comb can be.
 */
export function cutQuestion(input: CutPlanInput, mostSteps?: number): CutQuestion {
  const { comb, kerfMm, pieces, defects, stepMm = STEP_MM, wasteValuePerCm2: waste = 0 } = input;
  if (Math.max(comb.widthMm, comb.heightMm) / stepMm > MOST_STEPS)
    throw new BadInput(
      calcSay('calc.too-many-steps', {
        width: { lengthMm: comb.widthMm },
        height: { lengthMm: comb.heightMm },
        step: { lengthMm: stepMm },
      }),
      'stepMm',
    );
  const nets = pieces.map((p) =>
    p.limit === 0 ? 0 : p.value - (waste * p.widthMm * p.heightMm) / 100,
  );
  const lays: Lay[] = pieces.flatMap((p, kind): Lay[] => {
    if (nets[kind] <= 0) return [];
    const lay = { kind, widthMm: p.widthMm, heightMm: p.heightMm, net: nets[kind] };
    return p.mayTurn && p.widthMm !== p.heightMm
      ? [lay, { ...lay, widthMm: p.heightMm, heightMm: p.widthMm }]
      : [lay];
  });
  // A limit above what the comb can hold is none.
  const holds = (p: PieceWanted): number =>
    Math.floor((comb.widthMm * comb.heightMm) / (p.widthMm * p.heightMm));
  const limits = pieces.map((p) => (p.limit === undefined || p.limit >= holds(p) ? null : p.limit));
  return {
    grid: cutGrid({
      widthMm: comb.widthMm,
      heightMm: comb.heightMm,
      kerfMm,
      stepMm,
      lays,
      defects: defects.map((d) =>
        d.bars ? { ...d, barsKinds: d.bars.map((id) => pieces.findIndex((p) => p.id === id)) } : d,
      ),
      mostSteps,
    }),
    nets,
    limits,
  };
}

/**
 * A plan as it is given: the spots as pieces, the knife's order, what it is worth and what is left
 * over.
 */
export function planOf(
  input: CutPlanInput,
  spots: readonly Spot[],
  provenOptimal: boolean,
): CutPlan {
  const { comb, kerfMm, pieces, wasteValuePerCm2: waste = 0 } = input;
  const placements = spots
    .map((s): Placement => ({
      id: pieces[s.kind].id,
      xMm: s.xMm,
      yMm: s.yMm,
      widthMm: s.widthMm,
      heightMm: s.heightMm,
    }))
    .sort((p, q) => p.yMm - q.yMm || p.xMm - q.xMm);
  const leftoverCm2 = Math.max(
    0,
    (comb.widthMm * comb.heightMm -
      placements.reduce((sum, p) => sum + p.widthMm * p.heightMm, 0)) /
      100,
  );
  const value = spots.reduce((sum, s) => sum + pieces[s.kind].value, 0) + waste * leftoverCm2;
  return {
    placements,
    value,
    provenOptimal,
    cuts: knifeCuts(comb, kerfMm, placements) ?? [],
    leftoverCm2,
  };
}

/**
 * The best pieces that come off one comb by straight edge-to-edge cuts round its defects: exact on
 * the lattice (dynamic programming over all regions that a best plan can need). Takes mm from the
 * top left, y down; a kerf between neighbours, none at the comb's edge; worth of what is left over
 * by area. With limits: exact too, by looking for every plan that is worth nearly the bound ({@link
 * limitedPlan}); given up by counted steps, and then not proven. Pieces that do not fit, or are worth less
 * than the waste, are not placed.
 *
 * @throws {BadInput} for a lattice too fine.
 *
 * @example
 * const comb = { widthMm: 300, heightMm: 100 };
 * const pieces = [{ id: 'a', widthMm: 100, heightMm: 100, value: 8, mayTurn: false }];
 * const hole = { xMm: 0, yMm: 0, widthMm: 100, heightMm: 100, kind: 'empty' };
 * cutPlan({ comb, kerfMm: 0, pieces, defects: [hole] }).value; // 16
 */
export function cutPlan(input: CutPlanInput): CutPlan {
  return cutPlanWithin(input);
}

/**
 * A good plan at once, from few places of the lattice: what is shown while {@link cutPlan} looks for
 * the best. Proven only where those are all the places there are.
 *
 * @throws {BadInput} for a lattice too fine.
 */
export function quickCutPlan(input: CutPlanInput): CutPlan {
  return cutPlanWithin(input, QUICK_STEPS);
}

/** Whether a comb takes long enough to plan that a quick plan is worth showing first. */
export const takesLong = (input: CutPlanInput): boolean =>
  gridSteps(cutQuestion(input).grid) > LARGE_STEPS;

/**
 * {@link cutPlan} on so many places of the lattice that a table of them takes `mostSteps` steps: on
 * all of them where none is given. On fewer its bound is a loose one, by the room of the comb.
 *
 * @throws {BadInput} for a lattice too fine.
 */
export function cutPlanWithin(input: CutPlanInput, mostSteps?: number): CutPlan {
  const { grid, nets, limits } = cutQuestion(input, mostSteps);
  if (!grid.lays.length) return bounded(planOf(input, [], true), input, 0);
  const byRoom = areaBound(grid, nets, limits);
  const isLimited = limits.some((limit) => limit !== null);
  // Of a large comb with limits the plan without them is not sought first: it takes as long.
  const table = isLimited && gridSteps(grid) > LARGE_STEPS ? null : solveGrid(grid, nets);
  if (table) {
    const free = readPlan(table, wholeRegion(grid));
    const used = (kind: number): number => free.filter((s) => s.kind === kind).length;
    if (limits.every((limit, kind) => limit === null || used(kind) <= limit))
      return bounded(planOf(input, free, grid.whole), input, byRoom);
  }
  const known = table ? cutDown([table], limits) : [[]];
  const { plans, net, bound } = limitedPlan([grid], nets, limits, known);
  const isProven = grid.whole && net >= bound - 1e-7;
  return bounded(planOf(input, plans[0], isProven), input, grid.whole ? bound : byRoom);
}

/** A plan with the most that any could be worth: its own value where it is proven the best. */
function bounded(plan: CutPlan, input: CutPlanInput, netBound: number): CutPlan {
  const { comb, wasteValuePerCm2: waste = 0 } = input;
  const ofWaste = (waste * comb.widthMm * comb.heightMm) / 100;
  return { ...plan, bound: plan.provenOptimal ? plan.value : netBound + ofWaste };
}
