import { DateTime } from 'luxon';
import { honeyKeeping } from '../honey/keeping.js';
import type { KeepingGrade, LotKeeping } from '../records/vocabulary/keeping.js';
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
      words: 'Keep cold, lid vented, eat soon.',
      notForSale: null,
      sentence:
        'Stingless-bee honey, wet by nature and outside the classes of honeybee honey: keep it cold under a vented lid and eat it soon.',
    };
  const water = facts.moisturePercent;
  if (water === null)
    return {
      grade: null,
      bestBeforeMonths: shortest,
      useByDays: null,
      words: '',
      notForSale: null,
      sentence: `Water not measured: the shortest keeping date of your rules, ${shortest} months.`,
    };
  const measured = honeyKeeping({ moisturePercent: water, bee: 'honeybee' });
  const grade = facts.granulating ? WORSE[measured.grade] : measured.grade;
  const sentence = facts.granulating
    ? `${measured.reason} It granulates, so it counts one grade worse.`
    : measured.reason;
  const overLimit = water > rules.sellingLimitPercent;
  const notForSale = overLimit
    ? `${water.toFixed(1)} % water, your selling limit is ${rules.sellingLimitPercent} %: not for sale. Ask your food authority.`
    : null;
  if (overLimit || grade === 'ferments')
    return {
      grade,
      ...useSoon,
      words: `${water.toFixed(1)} % water: keep cold, use first.`,
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
    words: grade === 'use-soon' ? 'Use soon.' : '',
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
