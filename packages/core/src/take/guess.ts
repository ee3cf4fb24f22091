import type { Range } from '../units/format.js';

/** Guesses from which on a person's own bias is taken into account, not only shown (SCIENCE 12). */
export const GUESSES_TO_APPLY = 5;

export interface GuessBias {
  count: number;
  /** True over guessed, as a middle with a 90 % range: above 1 the person guesses too little. */
  factor: Range;
  sentence: string;
  applies: boolean;
}

/**
 * A person's own bias from what they guessed and what the scale then said: ratios averaged in logarithms and shrunk
 * toward 1 while there are few (three guesses at 'right' are counted in). Takes guesses and weights in the same unit,
 * above 0. Null without any.
 */
export function guessBias(pairs: readonly { guess: number; weighed: number }[]): GuessBias | null {
  const logs = pairs.filter((p) => p.guess > 0 && p.weighed > 0).map((p) => Math.log(p.weighed / p.guess));
  if (!logs.length) return null;
  const prior = 3;
  const mean = logs.reduce((a, b) => a + b, 0) / (logs.length + prior);
  // A first guess may be off by a third either way; own guesses replace that.
  const variance = (prior * 0.3 ** 2 + logs.reduce((sum, l) => sum + (l - mean) ** 2, 0)) / (logs.length + prior);
  const half = 1.645 * Math.sqrt(variance / (logs.length + prior));
  const factor = { low: Math.exp(mean - half), mid: Math.exp(mean), high: Math.exp(mean + half) };
  const percent = Math.round(Math.abs(factor.mid - 1) * 100);
  const count = logs.length;
  const so = `${count} ${count === 1 ? 'guess' : 'guesses'} so far`;
  const sentence = percent < 3 ? `You guess about right: ${so}.` : `You guess about ${percent} % ${factor.mid > 1 ? 'too little' : 'too much'}: ${so}.`;
  return { count, factor, sentence, applies: count >= GUESSES_TO_APPLY };
}
