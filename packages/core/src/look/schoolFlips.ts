import type { Hive } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import { SCHOOL_QUESTIONS, type SchoolQuestion } from '../rules/schoolQuestions.js';
import { judgeHiveAt } from './judgeHive.js';
import type { Verdict } from '../records/vocabulary/verdict.js';

/** A comb whose verdict another rule would turn. */
export interface Flip {
  hiveId: string;
  hiveName: string;
  label: string;
  from: Verdict;
  to: Verdict;
}
/** What each choice of a question would turn now, by the choice's place. */
export type SchoolFlips = Partial<Record<keyof HouseRules, Flip[][]>>;

/** Combs whose verdict differs between two versions of the rules, at an instant. */
export function flipsBetween(
  hives: readonly Hive[],
  before: HouseRules,
  after: HouseRules,
  instant: string,
): Flip[] {
  return hives.flatMap((hive) => {
    const old = judgeHiveAt(hive, before, instant);
    return judgeHiveAt(hive, after, instant).flatMap((judged, i) => {
      const [from, to] = [old[i].verdict.verdict, judged.verdict.verdict];
      if (from === to) return [];
      return [{ hiveId: hive.id, hiveName: hive.name, label: judged.label, from, to }];
    });
  });
}

/**
 * What every choice of every school that judges would turn on these hives now. Takes the rules as
 * they stand. `onProgress` hears 0 to 1.
 */
export function schoolFlips(
  hives: readonly Hive[],
  rules: HouseRules,
  instant: string,
  onProgress?: (share: number) => void,
): SchoolFlips {
  const judging = SCHOOL_QUESTIONS.filter((q) => q.judges);
  const found: SchoolFlips = {};
  judging.forEach((q: SchoolQuestion, i) => {
    found[q.rule] = q.choices.map(({ value }) =>
      value === rules[q.rule]
        ? []
        : flipsBetween(hives, rules, { ...rules, [q.rule]: value }, instant),
    );
    onProgress?.((i + 1) / judging.length);
  });
  return found;
}
