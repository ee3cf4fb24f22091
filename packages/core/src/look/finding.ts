import type { Question, RestsOn } from '../records/vocabulary/verdict.js';
import { asWritten, type Mass, type Say } from '../say/say.js';
import { daysBetween } from '../units/dates.js';
import { lookSay } from './says.js';

/** A fact with its age; without a shelf life it never becomes stale. */
export function restsOn(fact: string, on: string, date: string, shelfDays = Infinity): RestsOn {
  const ageDays = daysBetween(on, date);
  return { fact, on, ageDays, stale: ageDays > shelfDays };
}

/** A share as whole percent, never rounded up: 99.6 % is not all of it. */
export const percentDown = (share: number): number => Math.floor(share * 100 + 1e-6);
/** The same as a quantity that is said. */
export const asPercent = (share: number): { percent: number } => ({ percent: percentDown(share) });
/** Kilograms as an estimate that is said. */
export const asKg = (kg: number): Mass => ({ massG: kg * 1000, as: 'estimate' });
/** A day that is said, where there is one. */
export const asDate = (date: string): { date: string } => ({ date });

/** What each question is called on screen, and the answer that speaks for taking. */
export const QUESTION_WORDS: Record<Question, { name: Say; good: 'yes' | 'no' }> = {
  healthy: { name: lookSay('look.question.healthy'), good: 'yes' },
  dead: { name: lookSay('look.question.dead'), good: 'no' },
  treated: { name: lookSay('look.question.treated'), good: 'no' },
  syrup: { name: lookSay('look.question.syrup'), good: 'no' },
  seen: { name: lookSay('look.question.seen'), good: 'yes' },
  brood: { name: lookSay('look.question.brood'), good: 'no' },
  enough: { name: lookSay('look.question.enough'), good: 'yes' },
  pollen: { name: lookSay('look.question.pollen'), good: 'no' },
  ripe: { name: lookSay('look.question.ripe'), good: 'yes' },
  'drain-in-place': { name: lookSay('look.question.drain-in-place'), good: 'yes' },
  'cut-comb': { name: lookSay('look.question.cut-comb'), good: 'yes' },
  theirs: { name: lookSay('look.question.theirs'), good: 'no' },
  season: { name: lookSay('look.question.season'), good: 'yes' },
  keeping: { name: lookSay('look.question.keeping'), good: 'yes' },
};

/** What a fact is called in a sentence about its age. */
const FACT_WORDS: Record<string, Say> = {
  queen: lookSay('look.fact.queen'),
  look: lookSay('look.fact.look'),
  tilt: lookSay('look.fact.tilt'),
  'brood-check': lookSay('look.fact.brood-check'),
  death: lookSay('look.fact.death'),
  treatment: lookSay('look.fact.treatment'),
  feeding: lookSay('look.fact.feeding'),
  water: lookSay('look.fact.water'),
  strength: lookSay('look.fact.strength'),
  flow: lookSay('look.fact.flow'),
  harvest: lookSay('look.fact.harvest'),
  'reserved-super': lookSay('look.fact.reserved-super'),
};

/**
 * "brood check 3 days old", "forage 30 days old: too old to count"; "today" for what was noted on
 * the day itself.
 */
export function ageSaid({ fact, ageDays: days, stale }: RestsOn): Say {
  if (fact === 'started') return lookSay('look.age.here', { days });
  const named = FACT_WORDS[fact] ?? asWritten(fact);
  if (days === 0) return lookSay('look.age.today', { fact: named });
  return lookSay(stale ? 'look.age.stale' : 'look.age.old', { fact: named, days });
}
