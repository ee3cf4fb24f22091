import { tell } from '../words/tell.js';
import { RULE_KEYS } from './ruleKeys.js';

/**
 * Every rule and part of the kit by the words that stand beside it in Rules: what it can be found
 * by.
 */
export const ruleNames = (): readonly string[] => RULE_KEYS.map((key) => tell(key));

/** Words that are not on the page but in people's mouths, by the name of the rule. */
export const ruleAlso = (): Readonly<Record<string, string>> => ({
  [tell('common.language')]: tell('ruleNames.english-portuguese'),
  [tell('common.units')]: tell('ruleNames.kilograms-pounds-ounces-grams'),
  [tell('common.paper')]: tell('ruleNames.print-size-a4-letter'),
  [tell('common.smoke')]: tell('ruleNames.smoker-water-spray'),
  [tell('common.straining')]: tell('ruleNames.sieve-filter'),
  [tell('common.best-before-months-after-harvest')]: tell('ruleNames.expiry-date-shelf-life-keeps'),
  [tell('common.same-with-17-1-to')]: tell('ruleNames.best-before-expiry-date-wet'),
  [tell('common.with-19-to-20-water')]: tell('ruleNames.best-before-expiry-date-unmeasured'),
  [tell('common.wax-rendered')]: tell('ruleNames.melt-solar'),
  [tell('common.winter-need-top-bar-hive')]: tell('ruleNames.stores-food'),
  [tell('common.water-at-most')]: tell('ruleNames.moisture-humidity-refractometer'),
});
