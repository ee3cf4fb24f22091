import { ownRatio, RESULTS_TO_APPLY } from '../units/ownRatio.js';
import type { Range } from '../units/format.js';

/** Guesses from which on a person's own bias is taken into account, not only shown (SCIENCE 12). */
export const GUESSES_TO_APPLY = RESULTS_TO_APPLY;

export interface GuessBias {
  count: number;
  /** True over guessed, as a middle with a 90 % range: above 1 the person guesses too little. */
  factor: Range;
  sentence: string;
  applies: boolean;
}

/**
 * How far a guess was off, in whole percent of what the scale said: above 0 too much. Takes both in
 * the same unit, above 0.
 */
export const guessOffPercent = (guess: number, weighed: number): number =>
  Math.round((guess / weighed - 1) * 100);

/** The same in words: "18 % too little", or "right". Takes the percent. */
export function guessOffText(percent: number): string {
  if (percent === 0) return 'right';
  return `${Math.abs(percent)} % too ${percent > 0 ? 'much' : 'little'}`;
}

/**
 * A person's own bias from what they guessed and what the scale then said, shrunk toward 'right'
 * while there are few (see {@link ownRatio}; a first guess may be off by a third either way). Takes
 * guesses and weights in the same unit, above 0. Null without any.
 */
export function guessBias(pairs: readonly { guess: number; weighed: number }[]): GuessBias | null {
  const found = ownRatio(pairs.map((p) => ({ expected: p.guess, result: p.weighed })));
  if (!found) return null;
  const { count, factor } = found;
  const percent = Math.abs(guessOffPercent(1, factor.mid));
  const so = `${count} ${count === 1 ? 'guess' : 'guesses'} so far`;
  const sentence =
    percent < 3
      ? `You guess about right: ${so}.`
      : `You guess about ${percent} % ${factor.mid > 1 ? 'too little' : 'too much'}: ${so}.`;
  return { count, factor, sentence, applies: count >= GUESSES_TO_APPLY };
}
