import { wholeParts } from '../units/wholeParts.js';

/**
 * Shares the net weight of a box out over its combs by their estimates, in whole grams that add up
 * to it exactly: each its part rounded down, the grams left to the largest remainders. Combs
 * without an estimate count as the middle of the others, or all alike where none has one.
 */
export function boxShares(netG: number, estimates: readonly (number | null)[]): number[] {
  const known = estimates.filter((e): e is number => e !== null && e > 0);
  const middle = known.length ? known.reduce((a, b) => a + b, 0) / known.length : 1;
  const weights = estimates.map((e) => (e === null ? middle : e));
  const total = weights.reduce((a, b) => a + b, 0) || estimates.length;
  const exact = weights.map(
    (w) => (netG * (total === estimates.length && !known.length ? 1 : w)) / total,
  );
  return wholeParts(exact, netG);
}
