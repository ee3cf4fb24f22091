import { fieldSay } from '../say/field.js';
import type { Say } from '../say/say.js';
import { chooseSay } from './says.js';
import type { JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Way } from '../records/vocabulary/ways.js';
import type { KitVessel } from '../records/vocabulary/vessels.js';

export const GOALS = ['most-worth', 'most-comb', 'least-work', 'most-left'] as const;
export type Goal = (typeof GOALS)[number];
/** What a goal is called. */
export const goalName = (goal: Goal): Say => chooseSay(`choose.goal.${goal}`);

/** 'take' leaves the way to the chooser; a way or 'leave' fixes it. */
export type Pin = Way | 'leave' | 'take';

/** What the person wants and has, beyond the rules and the kit. */
export interface ChooseQuestion {
  goal: Goal;
  /**
   * At least so many of one kind of jar or box, by the low estimate, ready within so many hours.
   */
  amount: { jarKindId: string; count: number; withinHours: number | null } | null;
  pins: Record<string, Pin>;
  /** Hours of hands there are, all people together; null: no limit. */
  handsHours: number | null;
  /**
   * Whether vessels, jars in stock and the freezer limit the choice, or would be bought and
   * borrowed.
   */
  countVessels: boolean;
  countStock: boolean;
  countFreezer: boolean;
}
export const PLAIN_QUESTION: ChooseQuestion = {
  goal: 'most-worth',
  amount: null,
  pins: {},
  handsHours: null,
  countVessels: true,
  countStock: true,
  countFreezer: true,
};

/** What is wrong with a wish, and at which field. */
export interface WishIssue {
  path: string;
  says: Say;
}

export interface Household {
  rules: HouseRules;
  vessels: readonly KitVessel[];
  jars: readonly JarKindRecord[];
}

const JARS_MOST = 2000;
const HANDS_HOURS_MOST = 2000;
const A_YEAR_HOURS = 24 * 366;

function countIssue(count: number): Say | null {
  if (!Number.isSafeInteger(count)) return fieldSay('field.whole-number');
  if (count < 1) return fieldSay('field.at-least', { least: 1 });
  return count > JARS_MOST ? fieldSay('field.at-most', { most: JARS_MOST }) : null;
}

function withinIssue(hours: number | null): Say | null {
  if (hours === null) return null;
  if (!Number.isFinite(hours)) return fieldSay('field.number');
  if (hours < 0) return fieldSay('field.time-is-over');
  return hours > A_YEAR_HOURS ? fieldSay('field.a-year-ahead') : null;
}

function handsIssue(hours: number | null): Say | null {
  if (hours === null) return null;
  if (!Number.isFinite(hours)) return fieldSay('field.number');
  if (hours < 0) return fieldSay('field.at-least', { least: 0 });
  const most = { hours: HANDS_HOURS_MOST };
  return hours > HANDS_HOURS_MOST ? fieldSay('field.at-most', { most }) : null;
}

/** What is wrong with what was typed, whatever there is in the house. */
function typedIssues({ amount, handsHours }: ChooseQuestion): WishIssue[] {
  const found: [path: string, says: Say | null][] = [
    ['amount.jarKindId', amount?.jarKindId === '' ? fieldSay('field.choose-jar') : null],
    ['amount.count', amount && countIssue(amount.count)],
    ['amount.withinHours', amount && withinIssue(amount.withinHours)],
    ['handsHours', handsIssue(handsHours)],
  ];
  return found.flatMap(([path, says]) => (says ? [{ path, says }] : []));
}

/** What is wrong with a wish, each with its field; empty where it can be worked on. */
export function questionIssues(question: ChooseQuestion, household: Household): WishIssue[] {
  const typed = typedIssues(question);
  if (typed.length) return typed;
  const issues: WishIssue[] = [];
  const { rules, jars } = household;
  if (question.amount && !jars.some((j) => j.id === question.amount!.jarKindId))
    issues.push({
      path: 'amount.jarKindId',
      says: chooseSay('choose.jar-gone'),
    });
  if ((question.goal === 'least-work' || question.goal === 'most-left') && !question.amount)
    issues.push({
      path: 'amount',
      says: chooseSay('choose.goal-alone', { goal: goalName(question.goal) }),
    });
  if (rules.people < 1)
    issues.push({
      path: 'people',
      says: chooseSay('choose.nobody'),
    });
  for (const jar of jars)
    if (jar.value < 0 || jar.cost < 0)
      issues.push({ path: 'prices', says: chooseSay('choose.price-below-0', { jar: jar.name }) });
  if (rules.givenPercent + rules.ownPercent > 100)
    issues.push({
      path: 'givenPercent',
      says: chooseSay('choose.given-above-all'),
    });
  return issues;
}
