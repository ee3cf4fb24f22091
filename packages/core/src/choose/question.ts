import { z } from 'zod';
import { A_NUMBER, hours, whole } from '../say/limits.js';
import { refusalOf, refuses } from '../say/field.js';
import type { Say } from '../say/say.js';
import { chooseSay } from './says.js';
import type { JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { WAYS } from '../records/vocabulary/ways.js';
import type { KitVessel } from '../records/vocabulary/vessels.js';

export const GOALS = ['most-worth', 'most-comb', 'least-work', 'most-left'] as const;
export type Goal = (typeof GOALS)[number];
/** What a goal is called. */
export const goalName = (goal: Goal): Say => chooseSay(`choose.goal.${goal}`);

/** 'take' leaves the way to the chooser; a way or 'leave' fixes it. */
export const pinSchema = z.enum([...WAYS, 'leave', 'take']);
export type Pin = z.infer<typeof pinSchema>;

/** What the person wants and has, beyond the rules and the kit. */
export const chooseQuestionSchema = z.strictObject({
  goal: z.enum(GOALS, refuses('field.choose-goal')),
  /**
   * At least so many of one kind of jar or box, by the low estimate, ready within so many hours.
   */
  amount: z
    .strictObject({
      jarKindId: z.string().min(1, refuses('field.choose-jar')),
      count: whole(1, 2000),
      withinHours: z
        .number(A_NUMBER)
        .min(0, refuses('field.time-is-over'))
        .max(24 * 366, refuses('field.a-year-ahead'))
        .nullable(),
    })
    .nullable(),
  pins: z.record(z.string(), pinSchema),
  /** Hours of hands there are, all people together; null: no limit. */
  handsHours: hours(0, 2000).nullable(),
  /**
   * Whether vessels, jars in stock and the freezer limit the choice, or would be bought and
   * borrowed.
   */
  countVessels: z.boolean(),
  countStock: z.boolean(),
  countFreezer: z.boolean(),
});
export type ChooseQuestion = z.infer<typeof chooseQuestionSchema>;
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

/** What is wrong with a wish, each with its field; empty where it can be worked on. */
export function questionIssues(question: ChooseQuestion, household: Household): WishIssue[] {
  const parsed = chooseQuestionSchema.safeParse(question);
  if (!parsed.success)
    return parsed.error.issues.map((i) => ({ path: i.path.join('.'), says: refusalOf(i.message) }));
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
