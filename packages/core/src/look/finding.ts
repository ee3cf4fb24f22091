import { isStingless } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Question, RestsOn } from '../records/vocabulary/verdict.js';
import { dateWords, daysBetween } from '../units/dates.js';
import { counted } from '../units/format.js';

/** A fact with its age; without a shelf life it never becomes stale. */
export function restsOn(fact: string, on: string, date: string, shelfDays = Infinity): RestsOn {
  const ageDays = daysBetween(on, date);
  return { fact, on, ageDays, stale: ageDays > shelfDays };
}

/** A share as whole percent, never rounded up: 99.6 % is not all of it. */
export const percentDown = (share: number): number => Math.floor(share * 100 + 1e-6);
export const percentText = (share: number): string => `${percentDown(share)} %`;
export const kgText = (kg: number): string => `${kg.toFixed(1)} kg`;
/** "unknown, last known 12 Jan 2023". */
export const lastKnownText = (what: string, on: string): string =>
  `${what} unknown, last known ${dateWords(on)}`;
/**
 * When a comb that stays is looked at next, by kind of hive: pots once a year, combs by the
 * household's rule.
 */
export const lookAgainText = (
  kind: HiveKindName,
  rules: Pick<HouseRules, 'lookAgainDays'>,
): string =>
  isStingless(kind)
    ? 'look again next year'
    : `look again in ${counted(rules.lookAgainDays, 'day')}`;
export const capitalised = (text: string): string => text[0].toUpperCase() + text.slice(1);

/** What each question is called on screen, and the answer that speaks for taking. */
export const QUESTION_WORDS: Record<Question, { name: string; good: 'yes' | 'no' }> = {
  healthy: { name: 'Healthy', good: 'yes' },
  dead: { name: 'Colony gone', good: 'no' },
  treated: { name: 'Treated', good: 'no' },
  syrup: { name: 'May hold syrup', good: 'no' },
  seen: { name: 'Seen', good: 'yes' },
  brood: { name: 'Brood', good: 'no' },
  enough: { name: 'Enough honey', good: 'yes' },
  pollen: { name: 'Pollen', good: 'no' },
  ripe: { name: 'Ripe', good: 'yes' },
  'drain-in-place': { name: 'Safe to open on the hive', good: 'yes' },
  'cut-comb': { name: 'Fit for cut comb', good: 'yes' },
  theirs: { name: 'Theirs', good: 'no' },
  season: { name: 'This season', good: 'yes' },
  keeping: { name: 'Keeps', good: 'yes' },
};

/** What a fact is called in a sentence about its age. */
const FACT_NAMES: Record<string, string> = {
  'brood-check': 'brood check',
  'reserved-super': 'kept super',
  flow: 'forage',
  harvest: 'last drawn',
};

/**
 * "brood check 3 days old", "forage 30 days old: too old to count"; "today" for what was noted on
 * the day itself.
 */
export function ageText({ fact, ageDays, stale }: RestsOn): string {
  if (fact === 'started') return `colony here ${ageDays} ${ageDays === 1 ? 'day' : 'days'}`;
  const name = FACT_NAMES[fact] ?? fact;
  if (ageDays === 0) return `${name} today`;
  const age = `${name} ${ageDays} ${ageDays === 1 ? 'day' : 'days'} old`;
  return stale ? `${age}: too old to count` : age;
}
