import { daysBetween } from '../units/dates.js';

/** The whole hive on a scale, a day; `same`: nothing was added or taken since the weight before. */
export interface HiveWeight {
  on: string;
  kg: number;
  same: boolean;
}
export interface WeeklyGain {
  /** Of the last stretch, kilograms a week; below 0 the hive got lighter. */
  kgAWeek: number;
  fromOn: string;
  toOn: string;
  gainKg: number;
  days: number;
  /** What it says of the forage. */
  says: 'strong' | 'some' | 'standing' | 'none';
}
/**
 * Gain a week from which the flow is strong, and from which there is some; a hive that loses more
 * than `losing` lives on what it has. Starting values, kilograms: a strong flow brings a kilogram
 * on a good day, a colony at rest eats some hundred grams a week.
 */
export const GAIN_A_WEEK = { strong: 4, some: 0.7, losing: -0.3 };
/** Under three days the bees in the field, dew and rain weigh more than the honey. */
const LEAST_DAYS = 3;

const said = (kgAWeek: number): WeeklyGain['says'] => {
  if (kgAWeek >= GAIN_A_WEEK.strong) return 'strong';
  if (kgAWeek >= GAIN_A_WEEK.some) return 'some';
  return kgAWeek >= GAIN_A_WEEK.losing ? 'standing' : 'none';
};

/**
 * What a hive gained a week between its last weight and the latest one before it that is at least
 * three days older, with nothing added or taken in between. Takes weights from old to new. Null
 * while there is no such pair.
 */
export function weeklyGain(weights: readonly HiveWeight[]): WeeklyGain | null {
  const to = weights.at(-1);
  if (!to) return null;
  for (let i = weights.length - 1; i > 0; i--) {
    // Each step back must be comparable with the one after it.
    if (!weights[i].same) return null;
    const from = weights[i - 1];
    const days = daysBetween(from.on, to.on);
    if (days < LEAST_DAYS) continue;
    const gainKg = to.kg - from.kg;
    const kgAWeek = (gainKg / days) * 7;
    return { kgAWeek, fromOn: from.on, toOn: to.on, gainKg, days, says: said(kgAWeek) };
  }
  return null;
}
