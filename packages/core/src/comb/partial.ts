import jstat from 'jstat';
import type { Range } from '../units/format.js';
import type { Pane } from '../records/vocabulary/combShapes.js';

/**
 * Neighbours that count as one independent cell: they are filled and capped together. A starting
 * value.
 */
const NEIGHBOURS = 4;

/**
 * Bees fill and cap a frame from the middle outward, so the end is the last of it: capped end cells
 * speak for the rest, open ones do not speak against it. The whole is therefore taken to lie
 * between what the end shows, at its low edge, and all of it; the middle is half way. Its strength
 * is a starting value until a household has opened frames to compare: a Jeffreys interval of the
 * independent cells, at its 5 % edge.
 */
export function atLeastTheEnd(hits: number, of: number): Range {
  if (of <= 0) return { low: 0, mid: 0.5, high: 1 };
  const [n, k] = [of / NEIGHBOURS, hits / NEIGHBOURS];
  return {
    low: jstat.beta.inv(0.05, k + 0.5, n - k + 0.5),
    mid: (1 + hits / of) / 2,
    high: 1,
  };
}

/**
 * What a pane tells of a whole frame: how full it is and how much of the honey is capped, as
 * ranges.
 */
export function paneReading(pane: Pane): { filled: Range; cappedOfHoney: Range } {
  const all = pane.capped + pane.open + pane.empty;
  return {
    filled: atLeastTheEnd(pane.capped + pane.open, all),
    cappedOfHoney: atLeastTheEnd(pane.capped, pane.capped + pane.open),
  };
}
