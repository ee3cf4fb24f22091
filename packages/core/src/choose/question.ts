import { z } from 'zod';
import type { JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import { WAYS } from '../records/vocabulary/ways.js';
import type { KitVessel } from '../records/vocabulary/vessels.js';

export const GOALS = ['most-worth', 'most-comb', 'least-work', 'most-left'] as const;
export type Goal = (typeof GOALS)[number];
export const GOAL_WORDS: Record<Goal, string> = {
  'most-worth': 'Most worth',
  'most-comb': 'Most comb honey',
  'least-work': 'Least work',
  'most-left': 'Most left for the bees',
};

/** 'take' leaves the way to the chooser; a way or 'leave' fixes it. */
export const pinSchema = z.enum([...WAYS, 'leave', 'take']);
export type Pin = z.infer<typeof pinSchema>;

/** What the person wants and has, beyond the rules and the kit. */
export const chooseQuestionSchema = z.strictObject({
  goal: z.enum(GOALS, 'Choose what you want most.'),
  /**
   * At least so many of one kind of jar or box, by the low estimate, ready within so many hours.
   */
  amount: z
    .strictObject({
      jarKindId: z.string().min(1, 'Choose a jar.'),
      count: z.int('A whole number of jars.').min(1, 'At least one.').max(2000, 'At most 2000.'),
      withinHours: z
        .number('Hours.')
        .min(0, 'That time is over: choose a later one.')
        .max(24 * 366, 'At most a year ahead.')
        .nullable(),
    })
    .nullable(),
  pins: z.record(z.string(), pinSchema),
  /** Hours of hands there are, all people together; null: no limit. */
  handsHours: z
    .number('Hours.')
    .min(0, 'Hours are at least 0.')
    .max(2000, 'At most 2000 hours.')
    .nullable(),
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

export interface Household {
  rules: HouseRules;
  vessels: readonly KitVessel[];
  jars: readonly JarKindRecord[];
}

/** What is wrong with a wish, as sentences with the field; empty where it can be worked on. */
export function questionIssues(
  question: ChooseQuestion,
  household: Household,
): { path: string; message: string }[] {
  const parsed = chooseQuestionSchema.safeParse(question);
  if (!parsed.success)
    return parsed.error.issues.map((i) => ({ path: i.path.join('.'), message: i.message }));
  const issues: { path: string; message: string }[] = [];
  const { rules, jars } = household;
  if (question.amount && !jars.some((j) => j.id === question.amount!.jarKindId))
    issues.push({
      path: 'amount.jarKindId',
      message: 'This jar is not in the kit any more: choose another.',
    });
  if ((question.goal === 'least-work' || question.goal === 'most-left') && !question.amount)
    issues.push({
      path: 'amount',
      message: `${GOAL_WORDS[question.goal]} alone is to take nothing: say how much you want at least.`,
    });
  if (rules.people < 1)
    issues.push({
      path: 'people',
      message: 'Nobody is there to do it: say in Rules how many people help.',
    });
  for (const jar of jars)
    if (jar.value < 0 || jar.cost < 0)
      issues.push({ path: 'prices', message: `${jar.name}: a price is at least 0.` });
  if (rules.givenPercent + rules.ownPercent > 100)
    issues.push({
      path: 'givenPercent',
      message: 'More than all of it is given away and eaten: together at most 100 %.',
    });
  return issues;
}
