import { alternatives, type ChoiceSet, setOf } from './alternatives.js';
import { type Binding, bindings, type Relaxation, relaxations } from './explain.js';
import type { LpSolver } from '../records/vocabulary/solver.js';
import { chooseModel, type ChooseModel } from './model.js';
import {
  type ChooseQuestion,
  goalName,
  type Household,
  questionIssues,
  type WishIssue,
} from './question.js';
import { greedyChoice } from './greedy.js';
import { chooseInStages, type Proof, type Solved } from './solve.js';
import type { ChoiceHive } from './choiceUnits.js';
import type { Say } from '../say/say.js';
import type { Way } from '../records/vocabulary/ways.js';

export interface ChooseRequest {
  hives: readonly ChoiceHive[];
  question: ChooseQuestion;
  household: Household;
}
/** What the screen shows of a question at one moment; each answer replaces the one before. */
export interface ChooseAnswer {
  proof: Proof | null;
  /** How much better an answer could still be, 0 to 1. */
  gap: number;
  /**
   * The best set first, then others that really differ once they are worked out; none where nothing
   * is possible.
   */
  sets: ChoiceSet[];
  /** Null while they are not worked out yet. */
  bindings: Binding[] | null;
  /** Filled only where the wish is impossible. */
  relaxations: Relaxation[];
  notes: Say[];
  /** What only the order of taking holds back, a sentence a hive. */
  orderHeld: ChooseModel['orderHeld'];
  issues: WishIssue[];
  isDone: boolean;
}

const NONE: ChooseAnswer = {
  proof: null,
  gap: 1,
  sets: [],
  bindings: null,
  relaxations: [],
  notes: [],
  orderHeld: [],
  issues: [],
  isDone: true,
};

/** The set of some options, as the only answer. */
const setAlone = (
  { question, household }: ChooseRequest,
  model: ChooseModel,
  taken: number[],
): ChoiceSet[] => [setOf(model, taken, household, goalName(question.goal), null)];

/**
 * What can be said of a question before the solver has come: its first set, or what is wrong with
 * it; null where no set is found so quickly.
 */
export function firstAnswer(request: ChooseRequest): ChooseAnswer | null {
  const { hives, question, household } = request;
  const issues = questionIssues(question, household);
  if (issues.length) return { ...NONE, issues };
  const model = chooseModel(hives, question, household);
  const taken = greedyChoice(model);
  if (!taken) return null;
  return {
    ...NONE,
    notes: model.notes,
    orderHeld: model.orderHeld,
    proof: 'first',
    sets: setAlone(request, model, taken),
    isDone: false,
  };
}

/**
 * Answers a question step by step: a first set at once, then a better one with its alternatives and
 * with what holds it back, then the proof. A wish that cannot be worked on is answered by sentences
 * alone.
 */
export function* chooseAnswers(
  request: ChooseRequest,
  solve: LpSolver,
): Generator<ChooseAnswer, void> {
  const { hives, question, household } = request;
  const issues = questionIssues(question, household);
  if (issues.length) return void (yield { ...NONE, issues });
  const model = chooseModel(hives, question, household);
  const base = { ...NONE, notes: model.notes, orderHeld: model.orderHeld };
  interface Worked {
    taken: string;
    sets: ChoiceSet[];
    bindings: Binding[];
  }
  let worked: Worked | null = null;
  const workOut = (s: Solved, before: Worked | null): Worked => {
    const taken = s.taken.join();
    return before?.taken === taken
      ? before
      : {
          taken,
          sets: alternatives(s, model, hives, question, household, solve),
          bindings: bindings(model, s, question, household, solve),
        };
  };
  const stages = chooseInStages(model, solve);
  for (;;) {
    const { value: solved, done } = stages.next();
    if (!solved)
      return void (yield {
        ...base,
        relaxations: relaxations(model, hives, question, household, solve),
      });
    const shown: Worked | null = worked;
    yield {
      ...base,
      proof: solved.proof,
      gap: solved.gap,
      sets: shown?.sets ?? setAlone(request, model, solved.taken),
      bindings: shown?.bindings ?? null,
      isDone: false,
    };
    if (done || solved.proof !== 'first') worked = workOut(solved, shown);
    if (worked)
      yield {
        ...base,
        proof: solved.proof,
        gap: solved.gap,
        sets: worked.sets,
        bindings: worked.bindings,
        isDone: Boolean(done),
      };
    if (done) return;
  }
}

/**
 * A set from ways the person laid out themselves, whatever the chooser thinks of it: the drawing's
 * own sum.
 */
export function setOfWays(
  request: ChooseRequest,
  ways: Readonly<Record<string, Way>>,
  name: Say | string,
): ChoiceSet {
  const model: ChooseModel = chooseModel(
    request.hives,
    {
      ...request.question,
      amount: null,
      pins: Object.fromEntries(
        request.hives.flatMap((h) => h.units).map((u) => [u.id, ways[u.id] ?? 'leave']),
      ),
    },
    request.household,
  );
  return setOf(
    model,
    model.options.map((_, i) => i),
    request.household,
    name,
    null,
  );
}
