import { lpText } from './lp.js';
import type { LpSolver } from '../records/vocabulary/solver.js';
import { chooseModel, type ChooseModel, type Limit, valueUnit } from './model.js';
import type { ChooseQuestion, Household } from './question.js';
import { chooseQuickly, type Solved } from './solve.js';
import type { ChoiceHive } from './choiceUnits.js';

/** A limit that holds the answer back, and what one more of it would bring. */
export interface Binding {
  limit: string;
  sentence: string;
  /** How much more the goal would have, in `unit`. */
  gain: number;
  unit: string;
}

/**
 * Above so many options a question is asked again by its prices alone (duals of the relaxed model),
 * not solved anew.
 */
const LARGE = 400;

const usedOf = (limit: Limit, model: ChooseModel, taken: readonly number[]): number =>
  taken.reduce((sum, i) => sum + limit.uses(model.options[i]), 0);
/** Whole things as whole numbers, litres and kilograms to 0.1. */
const limitText = (limit: Limit, n: number): string =>
  `${['combs', 'pieces', 'chunk'].includes(limit.kind) ? Math.ceil(n - 1e-9) : n.toFixed(1)} ${Math.ceil(n - 1e-9) === 1 ? limit.unit.replace(/s$/, '') : limit.unit}`;
const amountText = (n: number): string => (Math.abs(n) >= 20 ? n.toFixed(0) : n.toFixed(1));
/** Money stands behind its currency, anything else before its unit. */
const gainText = (gain: number, unit: string, { rules }: Household): string =>
  unit === rules.currency ? `${unit} ${amountText(gain)}` : `${amountText(gain)} ${unit}`;

/**
 * Which limits bind, and what one more of each would be worth to the goal: the question is asked
 * again with a step more; a large one is answered by the prices of its relaxed model. Limits with
 * ample room are passed over. Largest gain first.
 */
export function bindings(
  model: ChooseModel,
  solved: Solved,
  question: ChooseQuestion,
  household: Household,
  solve: LpSolver,
): Binding[] {
  const unit = valueUnit(question.goal, household);
  const taken = new Set(solved.taken.map((i) => model.options[i].unit));
  const duals =
    model.options.length > LARGE
      ? solve(lpText(model, { relaxed: true }), { timeLimitS: 2, gap: 0 }).duals
      : null;
  return model.limits
    .flatMap((limit, l): Binding[] => {
      const slack = limit.atMost - usedOf(limit, model, solved.taken);
      const waiting = model.options
        .filter((o) => !taken.has(o.unit) && limit.uses(o) > 0)
        .map((o) => limit.uses(o));
      const changing = model.options.filter((o) => taken.has(o.unit)).map((o) => limit.uses(o));
      if (slack >= Math.max(0, ...waiting, ...changing)) return [];
      const more = duals
        ? null
        : chooseQuickly(model, solve, { more: { id: limit.id, by: limit.step } });
      const tried = more ? more.value - solved.value : 0;
      const gain = duals ? (duals[`l${l}`] ?? 0) * limit.step : tried;
      if (gain < 0.05) return [];
      const what = `${limit.what[0].toUpperCase()}${limit.what.slice(1)}`;
      const heldBy = `${what}, ${limitText(limit, limit.atMost)}, is the limit:`;
      return [
        {
          limit: limit.id,
          gain,
          unit,
          sentence: `${heldBy} ${limit.stepWords} would bring about ${gainText(gain, unit, household)}.`,
        },
      ];
    })
    .sort((a, b) => b.gain - a.gain);
}

/** One rule or limit whose easing alone makes an impossible wish possible. */
export interface Relaxation {
  rule: string;
  sentence: string;
}

const SOFT_WORDS: Record<string, string> = {
  ripe: 'what counts as ripe',
  seen: 'combs not read or seen from one side',
  theirs: 'what the winter needs, or that it is said',
  season: 'nothing this season',
  syrup: 'combs that may hold syrup',
  brood: 'comb that carried brood',
  enough: 'combs with little honey',
  healthy: 'a brood check that was not sure',
  dead: 'a dead colony nobody asked about',
  treated: 'a treatment whose leaflet was not read',
  pollen: 'comb with much pollen',
  kit: 'what the kit lacks',
  lift: 'the weight two people carry',
  'comb age': 'comb that is not new',
  straight: 'comb that is not straight',
  'drain-in-place': 'drain frames that are not safe to open',
  freezer: 'the freezer',
};

/**
 * Why nothing is possible, and what would make it so: each limit alone, by how much; then each soft
 * rule alone; where none alone is enough, the least of all together. Pins that cannot be are named
 * first.
 */
export function relaxations(
  model: ChooseModel,
  hives: readonly ChoiceHive[],
  question: ChooseQuestion,
  household: Household,
  solve: LpSolver,
): Relaxation[] {
  const stuck = [...model.fixed]
    .filter(([u, how]) => how === 'take' && !model.options.some((o) => o.unit === u))
    .map(([u]) => model.units[u]);
  if (stuck.length)
    return stuck.map((unit) => ({
      rule: 'pin',
      sentence: `${unit.hiveName} ${unit.label} is pinned, but cannot go that way. Let it be chosen, or let it stay.`,
    }));
  const eased = (ids: string[]): Record<string, number> | null => {
    const answer = solve(lpText(model, { ease: ids }), { timeLimitS: 0.5, gap: 1e-3 });
    return answer.status === 'optimal' ||
      (answer.status === 'time-limit' && Object.keys(answer.columns).length)
      ? { ...answer.columns }
      : null;
  };
  const ids = [
    ...model.limits.filter((l) => l.beyondCosts === undefined).map((l) => l.id),
    ...(model.amount ? ['amount'] : []),
  ];
  const words = (id: string, columns: Record<string, number>): string | null => {
    const l = model.limits.findIndex((limit) => limit.id === id);
    const slack =
      id === 'amount' ? (columns.samount ?? 0) : (columns[`s${l}`] ?? 0) * model.limits[l].step;
    if (slack < 1e-6) return null;
    if (id === 'amount')
      return `${Math.max(0, model.amount!.needG / 1000 - slack).toFixed(1)} kg instead of ${(model.amount!.needG / 1000).toFixed(1)} kg (${model.amount!.words}) could be had`;
    const limit = model.limits[l];
    return `${limit.what}: ${limitText(limit, limit.atMost + slack)} instead of ${limitText(limit, limit.atMost)}`;
  };
  const single = ids.flatMap((id): Relaxation[] => {
    const columns = eased([id]);
    const text = columns && words(id, columns);
    return text ? [{ rule: id, sentence: `Ease this alone: ${text}.` }] : [];
  });
  const rules = [
    ...new Set(
      model.units.flatMap((_, u) =>
        model
          .blocks(u, '')
          .filter((b) => !b.hard)
          .map((b) => b.rule),
      ),
    ),
  ];
  for (const rule of rules) {
    if (chooseQuickly(chooseModel(hives, question, household, rule), solve))
      single.push({
        rule,
        sentence: `Or overrule ${SOFT_WORDS[rule] ?? rule}, with a reason for each comb.`,
      });
  }
  if (single.length) return single;
  const columns = eased(ids);
  const together = columns ? ids.flatMap((id) => words(id, columns) ?? []) : [];
  return together.length
    ? [
        {
          rule: 'several',
          sentence: `No one rule alone is enough. Together: ${together.join('; ')}.`,
        },
      ]
    : [
        {
          rule: 'nothing',
          sentence: 'Nothing here may be taken, whatever is eased. Look again later.',
        },
      ];
}
