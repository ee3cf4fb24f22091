import { together, type Say } from '../say/say.js';
import { bookSay } from './says.js';
import type { WaxWay } from '../records/vocabulary/waxWays.js';
import type { Range } from '../units/format.js';
import { RESULTS_TO_APPLY } from '../units/ownRatio.js';

export interface WaxRunOf {
  way: WaxWay;
  inG: number;
  cleanG: number;
}

/**
 * Wax in new sealed comb, share of its mass, and clean wax after rendering, share of that wax
 * (SCIENCE 7).
 */
const WAX_IN_COMB: Range = { low: 0.04, mid: 0.05, high: 0.06 };
const CLEAN_OF_WAX: Range = { low: 0.5, mid: 0.65, high: 0.8 };
/**
 * A starting split of the range above: the sun leaves most in the cake, the press least. Own runs
 * replace it.
 */
const WAY_EDGE: Record<WaxWay, [keyof Range, keyof Range, keyof Range]> = {
  solar: ['low', 'low', 'mid'],
  'water-bath': ['low', 'mid', 'high'],
  'bag-press': ['mid', 'high', 'high'],
};

export interface WaxExpected {
  cleanG: Range;
  runs: number;
  learned: boolean;
  sentence: Say;
}

/**
 * Clean wax to expect from wet wax by a way of rendering. From the fifth run of that way on it goes
 * by the household's own yields (clean over wet, mean with a 90 % range), before by wax in comb and
 * published yields, from the mass of comb that was crushed (`combG`). Null where neither is known.
 * Grams.
 */
export function waxExpected(input: {
  way: WaxWay;
  wetG: number;
  combG: number | null;
  runs: readonly WaxRunOf[];
}): WaxExpected | null {
  const own = input.runs
    .filter((r) => r.way === input.way && r.inG > 0)
    .map((r) => r.cleanG / r.inG);
  const mean = own.reduce((a, b) => a + b, 0) / Math.max(1, own.length);
  const so = own.length
    ? bookSay('book.wax.own', {
        runs: own.length,
        share: { percent: Math.round(mean * 100) },
      })
    : bookSay('book.wax.no-run');
  if (own.length >= RESULTS_TO_APPLY) {
    const sd = Math.sqrt(own.reduce((s, x) => s + (x - mean) ** 2, 0) / (own.length - 1));
    const half = 1.645 * sd;
    return {
      cleanG: {
        low: input.wetG * Math.max(0, mean - half),
        mid: input.wetG * mean,
        high: input.wetG * (mean + half),
      },
      runs: own.length,
      learned: true,
      sentence: so,
    };
  }
  if (!input.combG) return null;
  const [low, mid, high] = WAY_EDGE[input.way];
  const at = (edge: keyof Range, yieldEdge: keyof Range): number =>
    Math.min(input.wetG, input.combG! * WAX_IN_COMB[edge] * CLEAN_OF_WAX[yieldEdge]);
  return {
    cleanG: { low: at('low', low), mid: at('mid', mid), high: at('high', high) },
    runs: own.length,
    learned: false,
    sentence: together(so, bookSay('book.wax.published')),
  };
}
