import { lpText } from './lp.js';
import type { LpSolver } from '../records/vocabulary/solver.js';
import { chooseModel, type ChooseModel, gainSaid, type Limit } from './model.js';
import type { ChooseQuestion, Household } from './question.js';
import { chooseQuickly, type Solved } from './solve.js';
import type { Say, SayValue } from '../say/say.js';
import { chooseSay } from './says.js';
import type { ChoiceHive } from './choiceUnits.js';

/** A limit that holds the answer back, and what one more of it would bring. */
export interface Binding {
  limit: string;
  sentence: Say;
  /** How much more the goal would have, as it counts. */
  gain: number;
}

/**
 * Above so many options a question is asked again by its prices alone (duals of the relaxed model),
 * not solved anew.
 */
const LARGE = 400;

const usedOf = (limit: Limit, model: ChooseModel, taken: readonly number[]): number =>
  taken.reduce((sum, i) => sum + limit.uses(model.options[i]), 0);
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
      const sentence = chooseSay('choose.binds', {
        what: limit.what,
        room: limit.said(limit.atMost),
        more: limit.oneMore,
        gain: gainSaid(gain, question.goal, household),
      });
      return [{ limit: limit.id, gain, sentence }];
    })
    .sort((a, b) => b.gain - a.gain);
}

/** One rule or limit whose easing alone makes an impossible wish possible. */
export interface Relaxation {
  rule: string;
  sentence: Say;
}

/** Rules that a reason overrules, as they are said within a sentence. */
const SOFT_RULES = [
  'ripe',
  'seen',
  'theirs',
  'season',
  'syrup',
  'brood',
  'enough',
  'healthy',
  'dead',
  'treated',
  'pollen',
  'kit',
  'lift',
  'comb-age',
  'straight',
  'drain-in-place',
  'freezer',
  'capped',
  'pots',
  'cut-comb',
  'keeping',
] as const;
/** What a rule is called; its own name where it is none of these. */
function softSaid(rule: string): SayValue {
  const known = SOFT_RULES.find((each) => each === rule);
  return known ? chooseSay(`choose.soft.${known}`) : rule;
}

/** How much of what was asked for could be had. Takes what lacks, kg. */
const amountEased = (amount: NonNullable<ChooseModel['amount']>, lacksKg: number): Say =>
  chooseSay('choose.ease.amount', {
    could: { massG: Math.max(0, amount.needG - lacksKg * 1000), as: 'large' },
    asked: { massG: amount.needG, as: 'large' },
    jars: amount.words,
  });

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
      sentence: chooseSay('choose.pinned', { hive: unit.hiveName, unit: unit.label }),
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
  const words = (id: string, columns: Record<string, number>): Say | null => {
    const l = model.limits.findIndex((limit) => limit.id === id);
    const slack =
      id === 'amount' ? (columns.samount ?? 0) : (columns[`s${l}`] ?? 0) * model.limits[l].step;
    if (slack < 1e-6) return null;
    if (id === 'amount') return amountEased(model.amount!, slack);
    const limit = model.limits[l];
    return chooseSay('choose.ease.limit', {
      what: limit.what,
      more: limit.said(limit.atMost + slack),
      room: limit.said(limit.atMost),
    });
  };
  const single = ids.flatMap((id): Relaxation[] => {
    const columns = eased([id]);
    const one = columns && words(id, columns);
    return one ? [{ rule: id, sentence: chooseSay('choose.ease.alone', { eased: one }) }] : [];
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
        sentence: chooseSay('choose.ease.overrule', { rule: softSaid(rule) }),
      });
  }
  if (single.length) return single;
  const columns = eased(ids);
  const together = columns ? ids.flatMap((id) => words(id, columns) ?? []) : [];
  return together.length
    ? [
        {
          rule: 'several',
          sentence: chooseSay('choose.ease.together', { eased: { and: together } }),
        },
      ]
    : [
        {
          rule: 'nothing',
          sentence: chooseSay('choose.ease.nothing'),
        },
      ];
}
