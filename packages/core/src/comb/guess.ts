import { combSay } from './says.js';
import type { Say } from '../say/say.js';
import { ownRatio, RESULTS_TO_APPLY } from '../units/ownRatio.js';
import type { Range } from '../units/format.js';

/** Guesses from which on a person's own bias is taken into account, not only shown (SCIENCE 12). */
export const GUESSES_TO_APPLY = RESULTS_TO_APPLY;

export interface GuessBias {
  count: number;
  /** True over guessed, as a middle with a 90 % range: above 1 the person guesses too little. */
  factor: Range;
  sentence: Say;
  applies: boolean;
}

/**
 * How far a guess was off, in whole percent of what the scale said: above 0 too much. Takes both in
 * the same unit, above 0.
 */
export const guessOffPercent = (guess: number, weighed: number): number =>
  Math.round((guess / weighed - 1) * 100);

/** The same said: "18 % too little", or "right". Takes the percent. */
export function guessOffSaid(percent: number): Say {
  if (percent === 0) return combSay('comb.guess.right');
  return combSay(percent > 0 ? 'comb.guess.too-much' : 'comb.guess.too-little', {
    off: { percent: Math.abs(percent) },
  });
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
  const off = { percent: Math.abs(guessOffPercent(1, factor.mid)) };
  return {
    count,
    factor,
    sentence: biasSaid(count, factor.mid, off),
    applies: count >= GUESSES_TO_APPLY,
  };
}

function biasSaid(guesses: number, factor: number, off: { percent: number }): Say {
  if (off.percent < 3) return combSay('comb.guess.about-right', { guesses });
  return combSay(factor > 1 ? 'comb.guess.bias-little' : 'comb.guess.bias-much', { off, guesses });
}
