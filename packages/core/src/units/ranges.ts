import type { Range } from './format.js';
export type Edge = 'low' | 'mid' | 'high';

/** A range from what holds at each of its three edges. */
export function rangeOf(at: (edge: Edge) => number): Range {
  return { low: at('low'), mid: at('mid'), high: at('high') };
}

export const NO_RANGE: Range = { low: 0, mid: 0, high: 0 };
/** The same value at all three edges. */
export const exactly = (value: number): Range => ({ low: value, mid: value, high: value });

/** Sum of ranges: low with low, high with high. Honest for a bound, wide for a sum. */
export function sumRanges(ranges: readonly Range[]): Range {
  return ranges.reduce((sum, r) => rangeOf((e) => sum[e] + r[e]), NO_RANGE);
}
export const scaleRange = (range: Range, by: number): Range => rangeOf((e) => range[e] * by);
/**
 * The same three values with the smallest as low and the largest as high, where an edge of one
 * thing is the other edge of another.
 */
export const inOrder = (range: Range): Range => {
  const [low, mid, high] = [range.low, range.mid, range.high].sort((a, b) => a - b);
  return { low, mid, high };
};
