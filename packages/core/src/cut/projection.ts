import type { Say } from '../say/say.js';
import { cutSay } from './says.js';
import jstat from 'jstat';

/**
 * Whole pieces out of planned ones where the household has no cuttings yet: about four of five, as
 * one comb of five pieces. A starting value.
 */
export const START_SUCCESS = { made: 4, planned: 5 };

export interface Projection {
  low: number;
  high: number;
  share: number;
  sentence: Say;
}

const logChoose = (n: number, k: number): number =>
  jstat.gammaln(n + 1) - jstat.gammaln(k + 1) - jstat.gammaln(n - k + 1);
const logBeta = (a: number, b: number): number =>
  jstat.gammaln(a) + jstat.gammaln(b) - jstat.gammaln(a + b);

/**
 * How many pieces a job will likely give, in the middle of it: of the pieces planned in what is
 * still uncut, so many come out whole as the rate so far says, in nine of ten cases (beta-binomial;
 * the household's earlier cuttings count as a start worth five pieces). Whole numbers.
 */
export function projectPieces(input: {
  made: number;
  tried: number;
  left: number;
  earlier?: { made: number; planned: number };
}): Projection {
  const { made, tried, left, earlier } = input;
  const start =
    earlier && earlier.planned > 0
      ? {
          made: (earlier.made / earlier.planned) * START_SUCCESS.planned,
          planned: START_SUCCESS.planned,
        }
      : START_SUCCESS;
  const a = start.made + made + 0.5;
  const b = Math.max(0, start.planned - start.made) + Math.max(0, tried - made) + 0.5;
  let [sum, low, high] = [0, 0, left];
  for (let k = 0; k <= left; k++) {
    const before = sum;
    sum += Math.exp(logChoose(left, k) + logBeta(k + a, left - k + b) - logBeta(a, b));
    if (before < 0.05 && sum >= 0.05) low = k;
    if (sum >= 0.95) {
      high = k;
      break;
    }
  }
  const all = { low: made + low, high: made + high };
  const likely =
    all.low === all.high
      ? `${all.low}`
      : cutSay('cut.projection.to', { low: all.low, high: all.high });
  return {
    ...all,
    share: a / (a + b),
    sentence:
      left === 0
        ? cutSay('cut.projection.done', { made })
        : cutSay('cut.projection.done-likely', { made, likely }),
  };
}
