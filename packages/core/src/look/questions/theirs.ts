import { isStingless } from '../../hive/kinds.js';
import { daysToWinter, inWinter } from '../../rules/winter.js';
import { type CombFacts, wasRead } from '../combFacts.js';
import { kgText, restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { counted } from '../../units/format.js';

/** Winter nearer than this is said with the need. */
const NEAR_WINTER_DAYS = 60;

/**
 * Is it theirs: does the winter need it, or is it kept for them? 'yes' is theirs, 'no' can be
 * spared.
 */
export function theirs(facts: CombFacts): Finding {
  const { colony, comb, stores } = facts;
  const base = { question: 'theirs' as const, rule: 'winter need', restsOn: [] };
  if (colony.dead)
    return {
      ...base,
      answer: 'no',
      weight: 'notes',
      sentence: 'The colony is gone: no winter is counted.',
    };
  if (comb.reserved)
    return {
      ...base,
      rule: 'kept for the bees',
      restsOn: colony.reserved ? [restsOn('reserved-super', colony.reserved.on, facts.date)] : [],
      answer: 'yes',
      weight: 'decides',
      sentence: 'This super is kept for the bees: it stays untouched.',
    };
  if (isStingless(facts.kind)) return theirPots(facts);
  if (!stores || stores.needKg === null)
    return {
      ...base,
      answer: 'unknown',
      weight: wasRead(facts) ? 'decides' : 'notes',
      sentence: `Say what the winter needs here: until then nobody knows what they can spare.${timeOfYear(facts)}`,
    };
  const { staysLowKg, needKg } = stores;
  const figures = { measured: staysLowKg, limit: needKg, unit: 'kg' as const };
  const stays = `${kgText(staysLowKg)} would stay, counted low`;
  if (staysLowKg >= needKg - 1e-9)
    return {
      ...base,
      ...figures,
      answer: 'no',
      weight: 'notes',
      sentence: `${stays}; the winter needs ${kgText(needKg)}.${timeOfYear(facts)}`,
    };
  const { unreadCombs = 0, fullStoresKg = 0 } = stores;
  // What is not read is unknown, not nothing: they need it for certain only where all of it full
  // would not do.
  const mayBeCovered = unreadCombs > 0 && staysLowKg + unreadCombs * fullStoresKg >= needKg;
  const readMore = `Read more combs first: ${counted(unreadCombs, 'other')} not read yet.`;
  const ofRead = `Of what was read ${stays}; the winter needs ${kgText(needKg)}.`;
  if (mayBeCovered)
    return {
      ...base,
      ...figures,
      answer: 'unknown',
      weight: wasRead(facts) ? 'decides' : 'notes',
      sentence: `${readMore} ${ofRead}${timeOfYear(facts)}`,
    };
  return {
    ...base,
    ...figures,
    answer: 'yes',
    weight: wasRead(facts) ? 'decides' : 'notes',
    sentence: `Theirs: without it ${stays}, the winter needs ${kgText(needKg)}.${timeOfYear(facts)}`,
  };
}

/** Pots of a group that may be drawn when the household's share of the sealed ones stays. */
export function potsToSpare(honeySealed: number, potsStayPercent: number): number {
  return Math.floor((honeySealed * (100 - potsStayPercent)) / 100 + 1e-9);
}

function theirPots(facts: CombFacts): Finding {
  const { pots } = facts.comb;
  const share = facts.rules.potsStayPercent;
  const base = {
    question: 'theirs' as const,
    rule: `${share} % of the sealed pots stay`,
    restsOn: [],
  };
  if (!pots)
    return { ...base, answer: 'unknown', weight: 'notes', sentence: 'The pots were not counted.' };
  const spare = potsToSpare(pots.honeySealed, share);
  if (spare === 0 && pots.honeySealed > 0)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      measured: pots.honeySealed,
      unit: 'pots',
      sentence: `Theirs: of ${pots.honeySealed} sealed ${pots.honeySealed === 1 ? 'pot' : 'pots'} none can be spared when ${share} % stay.`,
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    measured: spare,
    limit: pots.honeySealed,
    unit: 'pots',
    sentence: `At most ${spare} of ${pots.honeySealed} sealed pots are drawn: ${share} % stay for their winter, by your rule.`,
  };
}

/** What the season adds: near or in winter, and in a dearth, what stays is all they have. */
function timeOfYear(facts: CombFacts): string {
  const { date, hemisphere, rules, colony } = facts;
  const parts: string[] = [];
  if (inWinter(date, hemisphere, rules))
    parts.push('It is winter: what hangs there is all they have.');
  else {
    const days = daysToWinter(date, hemisphere, rules);
    if (days <= NEAR_WINTER_DAYS) parts.push(`Winter begins in ${counted(days, 'day')}.`);
  }
  if (colony.flow?.flow === 'none') parts.push('A dearth was noted: nothing comes in.');
  return parts.length ? ` ${parts.join(' ')}` : '';
}
