import {
  batchPlanSteps,
  cutPlan,
  cutPlans,
  fillLots,
  highsSolver,
  quickCutPlan,
  replan,
  takesLong,
  type BatchPlan,
  type BatchPlanInput,
  type CombDefect,
  type Cut,
  type CutPlan,
  type CutPlanInput,
  type FillLotsInput,
  type LotsFilled,
  type LpSolver,
  type Placement,
  type Replanned,
} from '@furrow/core';
import { expose } from 'comlink';
import wasm from 'highs/runtime?url';

/** Fetched when jars of several lots are first asked for. */
async function solver(): Promise<LpSolver> {
  const { default: load } = await import('highs');
  return highsSolver(await load({ locateFile: () => wasm }));
}
const breathe = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/**
 * The knife's plans and jars for several lots, off the page's own thread; `end` in the client stops
 * one in the middle.
 */
const api = {
  /** The plans of a comb; of one that takes long a quick one first, told while the best is sought. */
  async plans(input: CutPlanInput, onQuick: (plan: CutPlan) => void): Promise<CutPlan[]> {
    if (takesLong(input)) {
      onQuick(quickCutPlan(input));
      await breathe();
    }
    return cutPlans(input);
  },
  /**
   * Pieces the same boxes would get from this comb without its flaws (the comb's own edge and
   * thickness stay).
   */
  possible: (input: CutPlanInput): number =>
    cutPlan({
      ...input,
      defects: input.defects.filter((d) => d.kind === 'edge' || d.kind === 'thickness'),
      pieces: input.pieces.map(({ limit: _limit, ...p }) => p),
    }).placements.length,
  replan: (
    input: CutPlanInput,
    plan: { placements: Placement[]; cuts: Cut[] },
    done: number,
    found: CombDefect[],
  ): Replanned => replan(input, plan, done, found),
  fillLots: async (input: FillLotsInput): Promise<LotsFilled> => fillLots(input, await solver()),
  async batch(input: BatchPlanInput, onProgress: (share: number) => void): Promise<BatchPlan> {
    const steps = batchPlanSteps(input);
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      onProgress(step.value);
      await breathe();
    }
  },
};
export type CutterApi = typeof api;
expose(api);
