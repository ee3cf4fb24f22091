import { jarFill } from '../jar/index.js';
import type { Range } from '../units/format.js';
import { inOrder, NO_RANGE, rangeOf, sumRanges } from '../units/ranges.js';
import type { LpSolver } from '../records/vocabulary/solver.js';
import { chooseModel, HOURS_OF_HANDS, type ChooseModel } from './model.js';
import type { Outcome } from './outcome.js';
import { type ChooseQuestion, goalName, type Household } from './question.js';
import { chooseQuickly, type Solved } from './solve.js';
import type { ChoiceHive } from './choiceUnits.js';
import { takesPots, type Way } from '../records/vocabulary/ways.js';
import { wayIn } from '../records/vocabulary/waySays.js';
import type { Say, SayValue } from '../say/say.js';
import { chooseSay } from './says.js';

/** A whole set side by side with others: what goes which way, and what comes of it. */
export interface ChoiceSet {
  name: Say | string;
  /** What sets it apart from the first; null while it is not worked out. */
  note: Say | null;
  /** Way of every unit taken, by unit id; what is not named stays. */
  ways: Record<string, Way>;
  honeyKg: Range;
  combKg: Range;
  pieces: Range;
  chunkJars: Range;
  /** Jars of liquid honey from the stock; null where the kit holds none. */
  jars: Range | null;
  cleanWaxG: Range;
  handsOnHours: Range;
  elapsedHours: Range;
  worth: Range;
  /** Stores that stay, by hive, low edge, kg; and against the need, null where it is unknown. */
  hives: {
    hiveId: string;
    name: string;
    staysLowKg: number;
    spareKg: number | null;
    hardSpareKg: number | null;
  }[];
}

/**
 * Adds up a set of options. Jars are filled from the stock at each edge; hours of waiting are the
 * longest.
 */
export function setOf(
  model: ChooseModel,
  taken: readonly number[],
  household: Household,
  name: Say | string,
  note: Say | null,
): ChoiceSet {
  const chosen = taken.map((i) => model.options[i]);
  const all = (pick: (o: Outcome) => Range): Range => sumRanges(chosen.map((o) => pick(o.outcome)));
  const honeyKg = all((o) => o.honeyKg);
  const jars = household.jars
    .filter((j) => j.purpose === 'jar')
    .map(({ id, netG, stock, value }) => ({ id, netG, stock, value }));
  const out = new Map(chosen.map((o) => [model.units[o.unit].id, o.way]));
  return {
    name,
    note,
    ways: Object.fromEntries(out),
    honeyKg,
    combKg: all((o) => o.combKg),
    pieces: all((o) => o.pieces),
    chunkJars: all((o) => o.chunkJars),
    jars: jars.length
      ? // More honey may go into fewer, larger jars.
        inOrder(
          rangeOf((e) =>
            jarFill({ honeyKg: Math.min(500, honeyKg[e]), jars, goal: 'least-left' }).fills.reduce(
              (n, f) => n + f.count,
              0,
            ),
          ),
        )
      : null,
    cleanWaxG: all((o) => o.cleanWaxG),
    handsOnHours: rangeOf(
      (e) => chosen.reduce((sum, o) => sum + o.outcome.handsOnMinutes[e], 0) / 60,
    ),
    elapsedHours: chosen.length
      ? rangeOf((e) => Math.max(...chosen.map((o) => o.outcome.elapsedHours[e])))
      : NO_RANGE,
    worth: worthOf(
      model,
      chosen.map((o) => o.outcome),
      honeyKg,
    ),
    hives: model.hives.map((hive) => {
      const staysLowKg =
        hive.storesLowKg -
        chosen
          .filter((o) => model.units[o.unit].hiveId === hive.hiveId)
          .reduce((sum, o) => sum + o.outcome.storesLowKg, 0);
      return {
        hiveId: hive.hiveId,
        name: hive.name,
        staysLowKg,
        spareKg: hive.winter.needKg === null ? null : staysLowKg - hive.winter.needKg,
        hardSpareKg: hive.winter.hardKg === null ? null : staysLowKg - hive.winter.hardKg,
      };
    }),
  };
}

/**
 * Worth of a set; honey without a jar waits in the bucket and counts nothing yet, where the stock
 * is counted.
 */
function worthOf(model: ChooseModel, outcomes: readonly Outcome[], honeyKg: Range): Range {
  const jars = model.limits.find((l) => l.kind === 'jars');
  const perKg = Math.max(0, model.market.honeyPerKg ?? 0);
  return inOrder(
    rangeOf(
      (e) =>
        outcomes.reduce((sum, o) => sum + o.worth[e], 0) -
        (jars ? perKg * Math.max(0, honeyKg[e] - jars.atMost) : 0),
    ),
  );
}

const differs = (a: ChoiceSet, b: ChoiceSet): number => {
  const ids = new Set([...Object.keys(a.ways), ...Object.keys(b.ways)]);
  return ids.size ? [...ids].filter((id) => a.ways[id] !== b.ways[id]).length / ids.size : 0;
};
/** Sets that agree in more than this share of their combs are one set to a person. */
const REALLY_DIFFERENT = 0.25;

/**
 * Up to three sets side by side that really differ: the best for the goal; then, of other wishes
 * under the same rules and pins, those that change most: another goal, less work, more left for the
 * bees, no knife. The order is fixed, so the same question shows the same sets.
 */
export function alternatives(
  best: Solved,
  model: ChooseModel,
  hives: readonly ChoiceHive[],
  question: ChooseQuestion,
  household: Household,
  solve: LpSolver,
): ChoiceSet[] {
  const first = setOf(model, best.taken, household, goalName(question.goal), null);
  if (!best.taken.length) return [first];
  const sets = [first];
  const others: {
    name: Say;
    question: ChooseQuestion;
    cut?: (m: ChooseModel) => ChooseModel;
  }[] = [];
  const minutes = best.taken.reduce(
    (sum, i) => sum + model.options[i].outcome.handsOnMinutes.mid,
    0,
  );
  const storesKg = best.taken.reduce((sum, i) => sum + model.options[i].outcome.storesLowKg, 0);
  const within =
    (id: string, atMost: number, uses: ChooseModel['limits'][number]['uses']) =>
    (m: ChooseModel): ChooseModel => ({
      ...m,
      limits: [...m.limits, { ...HOURS_OF_HANDS, id, atMost, uses }],
    });
  // A unit pinned to one way keeps it; every other may only go the ways asked for.
  const only =
    (keep: (way: Way) => boolean) =>
    (m: ChooseModel): ChooseModel => ({
      ...m,
      options: m.options.filter(
        (o) => keep(o.way) || m.options.every((other) => other === o || other.unit !== o.unit),
      ),
    });
  if (question.goal !== 'most-comb')
    others.push({ name: goalName('most-comb'), question: { ...question, goal: 'most-comb' } });
  if (question.goal !== 'most-worth')
    others.push({ name: goalName('most-worth'), question: { ...question, goal: 'most-worth' } });
  others.push({
    name: chooseSay('choose.set.crushed'),
    question: { ...question, goal: 'most-worth' },
    cut: only((w) => w === 'crush' || w === 'drain-hive' || takesPots(w)),
  });
  others.push({
    name: chooseSay('choose.set.dripped'),
    question: { ...question, goal: 'most-worth' },
    cut: only((w) => w === 'slice' || w === 'drain-off' || takesPots(w)),
  });
  others.push({
    name: chooseSay('choose.set.less-work'),
    question: { ...question, goal: 'most-worth' },
    cut: within('less-work', minutes * 0.65, (o) => o.outcome.handsOnMinutes.mid),
  });
  others.push({
    name: chooseSay('choose.set.more-left'),
    question: { ...question, goal: 'most-worth' },
    cut: within('more-left', storesKg * 0.6, (o) => o.outcome.storesLowKg),
  });
  const found = others.flatMap(({ name, question: asked, cut }): ChoiceSet[] => {
    const base = chooseModel(hives, asked, household);
    const changed = cut ? cut(base) : base;
    const answer = chooseQuickly(changed, solve);
    if (!answer?.taken.length) return [];
    const set = setOf(changed, answer.taken, household, name, null);
    return asked.goal === 'most-comb' && set.combKg.high === 0 ? [] : [set];
  });
  while (sets.length < 3) {
    const next = found
      .map((set) => ({ set, far: Math.min(...sets.map((s) => differs(s, set))) }))
      .filter(({ far }) => far >= REALLY_DIFFERENT)
      .sort((a, b) => b.far - a.far)[0];
    if (!next) break;
    sets.push(next.set);
  }
  return sets.map((set, i) => ({
    ...set,
    note: i ? against(set, first, household) : describe(set),
  }));
}

function describe(set: ChoiceSet): Say {
  const count = new Map<Way, number>();
  for (const way of Object.values(set.ways)) count.set(way, (count.get(way) ?? 0) + 1);
  const units = [...count].map(([way, n]) =>
    chooseSay('choose.units-of-way', { count: n, way: wayIn(way) }),
  );
  return chooseSay('choose.ways', { units: { and: units } });
}

/** So much money, or so much of what stands for it where no currency was named. */
const worthSaid = (worth: number, { rules }: Household): SayValue =>
  rules.currency
    ? { money: Math.round(worth) }
    : chooseSay('choose.worth', { amount: worth.toFixed(0) });

/** What a set gains and gives up against the first, in the middle of the ranges. */
function against(set: ChoiceSet, first: ChoiceSet, household: Household): Say {
  const changes: Say[] = [];
  const worth = set.worth.mid - first.worth.mid;
  const hours = set.handsOnHours.mid - first.handsOnHours.mid;
  // What has no price is not worth nothing: there is nothing to hold against.
  if (Math.abs(worth) >= 1 && set.worth.high > 0)
    changes.push(
      chooseSay(worth > 0 ? 'choose.worth-more' : 'choose.worth-less', {
        worth: worthSaid(Math.abs(worth), household),
      }),
    );
  if (Math.abs(hours) >= 0.2)
    changes.push(
      chooseSay(hours > 0 ? 'choose.work-more' : 'choose.work-less', {
        time: { hours: Math.abs(hours) },
      }),
    );
  const ways = describe(set);
  return changes.length ? chooseSay('choose.against', { ways, changes: { and: changes } }) : ways;
}
