import type { Range } from './format.js';

/** Results from which on a learned ratio is applied, not only shown (SCIENCE 12). */
export const RESULTS_TO_APPLY = 5;

/**
 * How far results lie from what was expected: ratios averaged in logarithms and shrunk toward 1
 * while there are few (three results at 'right' are counted in, each off by `priorSd`). Takes pairs
 * in the same unit; those not above 0 are passed over. Gives the count and the factor as a middle
 * with a 90 % range; null without any.
 */
export function ownRatio(
  pairs: readonly { expected: number; result: number }[],
  priorSd = 0.3,
): { count: number; factor: Range } | null {
  const logs = pairs
    .filter((p) => p.expected > 0 && p.result > 0)
    .map((p) => Math.log(p.result / p.expected));
  if (!logs.length) return null;
  const prior = 3;
  const mean = logs.reduce((a, b) => a + b, 0) / (logs.length + prior);
  const variance =
    (prior * priorSd ** 2 + logs.reduce((sum, l) => sum + (l - mean) ** 2, 0)) /
    (logs.length + prior);
  const half = 1.645 * Math.sqrt(variance / (logs.length + prior));
  return {
    count: logs.length,
    factor: { low: Math.exp(mean - half), mid: Math.exp(mean), high: Math.exp(mean + half) },
  };
}
