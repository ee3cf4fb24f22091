import { firstOf } from '../units/known.js';
import { seededRandom } from '../units/seeded.js';
import { cutPlan, cutPlanWithin, type CutPlan, type CutPlanInput } from './cutPlan.js';

/** A plan worth less than this of the best is no good plan to flip to. */
const GOOD_SHARE = 0.6;
const MOST = 4;
/** Only the best plan is looked for on every place of a large comb: the others are for choice. */
const STEPS_OF_OTHERS = 60_000_000;

/** How many of each kind a plan has: two plans with the same are one to the person. */
const mix = (plan: CutPlan): string =>
  JSON.stringify(
    Object.entries(
      plan.placements.reduce<Record<string, number>>(
        (n, p) => ({ ...n, [p.id]: (n[p.id] ?? 0) + 1 }),
        {},
      ),
    ).sort(),
  );

/** What a plan is worth by the person's own prices, however it was found. */
const worth = (input: CutPlanInput, plan: CutPlan): number =>
  plan.placements.reduce(
    (v, p) => v + firstOf(input.pieces, (q) => q.id === p.id).value,
    (input.wasteValuePerCm2 ?? 0) * plan.leftoverCm2,
  );

/**
 * Several good plans that differ in what they give, best first: the best, the best without each
 * kind, and the best under prices shaken a little (seeded: the same comb gives the same plans).
 * Only the first may be proven best. `stop` is asked before each further plan.
 */
export function cutPlans(input: CutPlanInput, stop: () => boolean = () => false): CutPlan[] {
  const plans = [cutPlan(input)];
  const add = (pieces: CutPlanInput['pieces']): void => {
    if (stop() || !pieces.length) return;
    const { bound: _ofOtherPrices, ...found } = cutPlanWithin(
      { ...input, pieces },
      STEPS_OF_OTHERS,
    );
    const plan = { ...found, value: worth(input, found), provenOptimal: false };
    if (
      plan.placements.length &&
      plan.value >= plans[0].value * GOOD_SHARE &&
      !plans.some((p) => mix(p) === mix(plan))
    )
      plans.push(plan);
  };
  if (input.pieces.length > 1)
    for (const left of input.pieces) add(input.pieces.filter((p) => p !== left));
  const next = seededRandom(11);
  for (let round = 0; round < 4 && plans.length < MOST && input.pieces.length > 1; round++)
    add(input.pieces.map((p) => ({ ...p, value: p.value * (0.8 + 0.4 * next()) })));
  return [plans[0], ...plans.slice(1).sort((a, b) => b.value - a.value)].slice(0, MOST);
}
