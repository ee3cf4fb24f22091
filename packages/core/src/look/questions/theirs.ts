import { together, type Mass, type Say } from '../../say/say.js';
import { isStingless } from '../../hive/kinds.js';
import { daysToWinter, inWinter } from '../../rules/winter.js';
import { type CombFacts, wasRead } from '../combFacts.js';
import { restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Winter nearer than this is said with the need. */
const NEAR_WINTER_DAYS = 60;

/**
 * Is it theirs: does the winter need it, or is it kept for them? 'yes' is theirs, 'no' can be
 * spared.
 */
export function theirs(facts: CombFacts): Finding {
  const { colony, comb, stores } = facts;
  const base = {
    question: 'theirs' as const,
    rule: lookSay('look.theirs.rule'),
    restsOn: [],
  };
  if (colony.dead)
    return {
      ...base,
      answer: 'no',
      weight: 'notes',
      sentence: lookSay('look.theirs.dead'),
    };
  if (comb.reserved)
    return {
      ...base,
      rule: lookSay('look.theirs.rule-kept'),
      restsOn: colony.reserved ? [restsOn('reserved-super', colony.reserved.on, facts.date)] : [],
      answer: 'yes',
      weight: 'decides',
      sentence: lookSay('look.theirs.kept'),
    };
  if (isStingless(facts.kind)) return theirPots(facts);
  if (!stores || stores.needKg === null)
    return {
      ...base,
      answer: 'unknown',
      weight: wasRead(facts) ? 'decides' : 'notes',
      sentence: together(lookSay('look.theirs.say-need'), ...timeOfYear(facts)),
    };
  const { staysLowKg, needKg } = stores;
  const figures = { measured: staysLowKg, limit: needKg, unit: 'kg' as const };
  const kg = inKg(staysLowKg);
  const need = inKg(needKg);
  if (staysLowKg >= needKg - 1e-9)
    return {
      ...base,
      ...figures,
      answer: 'no',
      weight: 'notes',
      sentence: together(lookSay('look.theirs.spared', { kg, need }), ...timeOfYear(facts)),
    };
  const { unreadCombs = 0, fullStoresKg = 0 } = stores;
  // What is not read is unknown, not nothing: they need it for certain only where all of it full
  // would not do.
  const mayBeCovered = unreadCombs > 0 && staysLowKg + unreadCombs * fullStoresKg >= needKg;
  if (mayBeCovered)
    return {
      ...base,
      ...figures,
      answer: 'unknown',
      weight: wasRead(facts) ? 'decides' : 'notes',
      sentence: together(
        lookSay('look.theirs.read-more', { unread: unreadCombs }),
        lookSay('look.theirs.of-read', { kg, need }),
        ...timeOfYear(facts),
      ),
    };
  return {
    ...base,
    ...figures,
    answer: 'yes',
    weight: wasRead(facts) ? 'decides' : 'notes',
    sentence: together(
      lookSay('look.theirs.theirs', { stays: lookSay('look.theirs.stays', { kg }), need }),
      ...timeOfYear(facts),
    ),
  };
}

/** Pots of a group that may be drawn when the household's share of the sealed ones stays. */
export function potsToSpare(honeySealed: number, potsStayPercent: number): number {
  return Math.floor((honeySealed * (100 - potsStayPercent)) / 100 + 1e-9);
}

function theirPots(facts: CombFacts): Finding {
  const { pots } = facts.comb;
  const percent = facts.rules.potsStayPercent;
  const share = { percent };
  const base = {
    question: 'theirs' as const,
    rule: lookSay('look.theirs.rule-pots', { share }),
    restsOn: [],
  };
  if (!pots)
    return {
      ...base,
      answer: 'unknown',
      weight: 'notes',
      sentence: lookSay('look.theirs.not-counted'),
    };
  const spare = potsToSpare(pots.honeySealed, percent);
  if (spare === 0 && pots.honeySealed > 0)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      measured: pots.honeySealed,
      unit: 'pots',
      sentence: lookSay('look.theirs.their-pots', { sealed: pots.honeySealed, share }),
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    measured: spare,
    limit: pots.honeySealed,
    unit: 'pots',
    sentence: lookSay('look.theirs.spare-pots', { spare, sealed: pots.honeySealed, share }),
  };
}

/** What the season adds: near or in winter, and in a dearth, what stays is all they have. */
function timeOfYear(facts: CombFacts): Say[] {
  const { date, hemisphere, rules, colony } = facts;
  const isWinter = inWinter(date, hemisphere, rules);
  const days = daysToWinter(date, hemisphere, rules);
  return [
    ...(isWinter ? [lookSay('look.theirs.in-winter')] : []),
    ...(!isWinter && days <= NEAR_WINTER_DAYS
      ? [lookSay('look.theirs.near-winter', { days })]
      : []),
    ...(colony.flow?.flow === 'none' ? [lookSay('look.theirs.dearth')] : []),
  ];
}

/** What stays and what is needed stand beside each other: both in the same unit. */
const inKg = (kg: number): Mass => ({ massG: kg * 1000, as: 'large' });
