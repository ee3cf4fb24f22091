import type { Say } from '../say/say.js';
import type { HouseRules } from '../records/houseRules.js';

/** The stage whose work a disagreement is about, in the order of the row. */
export const SCHOOL_STAGES = ['look', 'choose', 'ready', 'take', 'drain', 'cut', 'jar'] as const;
export type SchoolStage = (typeof SCHOOL_STAGES)[number];

export interface SchoolChoice<K extends keyof HouseRules = keyof HouseRules> {
  value: HouseRules[K];
  label: Say;
  /** Whom it suits, and what it costs. */
  suits: Say;
}
/** One disagreement among practitioners, as a question with its schools. */
export interface SchoolQuestion<K extends keyof HouseRules = keyof HouseRules> {
  rule: K;
  stage: SchoolStage;
  asks: Say;
  choices: SchoolChoice<K>[];
  /** Whether it may turn a verdict on a comb. */
  judges: boolean;
}

/** Makes a question from its choices, each with its value, its name and whom it suits. */
export const question = <K extends keyof HouseRules>(
  stage: SchoolStage,
  rule: K,
  asks: Say,
  choices: [HouseRules[K], Say, Say][],
  judges = false,
): SchoolQuestion<K> => ({
  rule,
  stage,
  asks,
  choices: choices.map(([value, label, suits]) => ({ value, label, suits })),
  judges,
});
