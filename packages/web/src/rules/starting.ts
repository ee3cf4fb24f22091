import { tell } from '../words/tell.js';
import { DEFAULT_RULES, type HouseRules } from '@furrow/core';
import type { Ref } from 'vue';

/** What stands beside a value that Furrow begins with. */
export const startingWords = (): string => tell('starting.as-furrow-begins');

/**
 * Whether a rule stands as Furrow begins with it and the household has not said that these are
 * theirs. Takes the rules and the rule's name; a rule that is empty to begin with is none.
 */
export function isStarting(rules: HouseRules, rule: keyof HouseRules): boolean {
  if (rules.startingValues === 'ours' || DEFAULT_RULES[rule] === null) return false;
  return JSON.stringify(rules[rule]) === JSON.stringify(DEFAULT_RULES[rule]);
}

/** The note of a field by its rule's name, null where the household said it. */
export const useStarting =
  (rules: Ref<HouseRules | null>) =>
  (rule: keyof HouseRules): string | null =>
    rules.value && isStarting(rules.value, rule) ? startingWords() : null;
