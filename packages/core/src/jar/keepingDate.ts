import { DateTime } from 'luxon';
import { keepingGrade, keepingSaid } from '../honey/keeping.js';
import type { KeepingGrade, LotKeeping } from '../records/vocabulary/keeping.js';
import { together } from '../say/say.js';
import { jarSay } from './says.js';
import type { HouseRules } from '../records/houseRules.js';

/** What is known of a lot's honey that decides how long a label may say it keeps. */
export interface KeepingFacts {
  bee: 'honeybee' | 'stingless';
  /**
   * Water as measured, percent; null where it never was: then it is not measured everywhere, never
   * a figure.
   */
  moisturePercent: number | null;
  /** Crystallising frees a wetter liquid: it counts one grade worse (SCIENCE 5). */
  granulating: boolean;
}
type KeepingRules = Pick<
  HouseRules,
  'bestBeforeMonths' | 'watchMonths' | 'useSoonMonths' | 'useFirstDays' | 'sellingLimitPercent'
>;

const WORSE: Record<KeepingGrade, KeepingGrade> = {
  keeps: 'watch',
  watch: 'use-soon',
  'use-soon': 'ferments',
  ferments: 'ferments',
  'keep-cold': 'keep-cold',
};

/**
 * How long a lot may be said to keep, from its bee, its measured water and whether it granulates.
 * Unmeasured honey gets the shortest keeping date the rules give; honey above the household's
 * selling limit none of the keeping kind. Never says that honey is safe. Source: Lochhead (1933)
 * and the Codex limit by SCIENCE 5; dates are house rules.
 */
export function lotKeeping(facts: KeepingFacts, rules: KeepingRules): LotKeeping {
  const shortest = Math.min(rules.bestBeforeMonths, rules.watchMonths, rules.useSoonMonths);
  const useSoon = { bestBeforeMonths: null, useByDays: rules.useFirstDays };
  if (facts.bee === 'stingless')
    return {
      grade: 'keep-cold',
      ...useSoon,
      words: jarSay('jar.keep.stingless-words'),
      notForSale: null,
      sentence: jarSay('jar.keep.stingless'),
    };
  const water = facts.moisturePercent;
  if (water === null)
    return {
      grade: null,
      bestBeforeMonths: shortest,
      useByDays: null,
      words: null,
      notForSale: null,
      sentence: jarSay('jar.keep.not-measured', { months: shortest }),
    };
  const measured = keepingGrade(water, 'honeybee');
  const grade = facts.granulating ? WORSE[measured] : measured;
  const sentence = together(
    keepingSaid(water, 'honeybee'),
    facts.granulating && jarSay('jar.keep.granulates'),
  );
  const overLimit = water > rules.sellingLimitPercent;
  const notForSale = overLimit
    ? jarSay('jar.keep.over-limit', {
        water: { percent: water },
        limit: { percent: rules.sellingLimitPercent },
      })
    : null;
  if (overLimit || grade === 'ferments')
    return {
      grade,
      ...useSoon,
      words: jarSay('jar.keep.use-first-words', { water: { percent: water } }),
      notForSale,
      sentence,
    };
  const months = {
    keeps: rules.bestBeforeMonths,
    watch: Math.min(rules.bestBeforeMonths, rules.watchMonths),
    'use-soon': shortest,
    'keep-cold': shortest,
  }[grade];
  return {
    grade,
    bestBeforeMonths: months,
    useByDays: null,
    words: grade === 'use-soon' ? jarSay('jar.keep.use-soon-words') : null,
    notForSale,
    sentence,
  };
}

/** The day a lot is to be used by, YYYY-MM-DD, where its keeping asks for one. */
export function useByOf(keeping: LotKeeping, harvestedOn: string): string | null {
  return keeping.useByDays === null
    ? null
    : DateTime.fromISO(harvestedOn, { zone: 'utc' }).plus({ days: keeping.useByDays }).toISODate();
}
