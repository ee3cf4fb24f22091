import { between } from '../units/between.js';
import { tableOf } from '../units/known.js';
import { wholeParts } from '../units/wholeParts.js';
import { type Content, CONTENTS } from '../records/vocabulary/comb.js';
import type { Shares } from '../records/vocabulary/combShapes.js';

export const EMPTY_SHARES: Shares = { capped: 0, open: 0, pollen: 0, brood: 0, empty: 1 };

/**
 * Moves the edge below band `edge` (0 to 3) to `at`, 0 at the bar and 1 at the lower edge, as a
 * finger drags it in the drawn comb. Edges in its way are pushed along, so a band that is nothing
 * yet can be opened; the shares always add up to 1. Gives new shares.
 */
export function moveEdge(shares: Shares, edge: number, at: number): Shares {
  const place = between(0, 1, at);
  const edges = bandEdges(shares).map((old, i) => {
    if (i === 0 || i === CONTENTS.length) return old;
    if (i === edge + 1) return place;
    return i <= edge ? Math.min(old, place) : Math.max(old, place);
  });
  return tableOf(CONTENTS, (_, i) => edges[i + 1] - edges[i]);
}

/** Places of the band edges from the bar (0) to the lower edge (1), six numbers for five bands. */
export function bandEdges(shares: Shares): number[] {
  const edges = [0];
  for (const content of CONTENTS)
    edges.push(Math.min(1, edges[edges.length - 1] + shares[content]));
  edges[CONTENTS.length] = 1;
  return edges;
}

/**
 * Sets one band to a typed share; the difference comes from, or goes to, the emptiest claim first
 * (empty, then the others from below up), so that the sum stays 1. `value` 0 to 1.
 */
export function setShare(shares: Shares, content: Content, value: number): Shares {
  const wanted = between(0, 1, value);
  const next = { ...shares, [content]: wanted };
  let surplus = CONTENTS.reduce((sum, c) => sum + next[c], 0) - 1;
  const others = [...CONTENTS].reverse().filter((c) => c !== content);
  if (surplus < 0) {
    next[others[0]] -= surplus;
    return next;
  }
  for (const other of others) {
    const give = Math.min(next[other], surplus);
    next[other] -= give;
    surplus -= give;
  }
  return next;
}

/**
 * Share of a comb's face that holds honey, capped or open, over the sides that were seen; null
 * where none was.
 */
export function filledShare(sides: { A: Shares | null; B: Shares | null }): number | null {
  const seen = [sides.A, sides.B].filter((side) => side !== null);
  return seen.length
    ? seen.reduce((sum, side) => sum + side.capped + side.open, 0) / seen.length
    : null;
}

/** The shares of a side as whole percents that add up to 100, as they are shown. */
export function sharePercents(shares: Shares): Record<Content, number> {
  const percents = wholeParts(CONTENTS.map((content) => shares[content] * 100));
  return tableOf(CONTENTS, (_, i) => percents[i]);
}

/** The same in words: "60 % capped, 33 % open, 2 % pollen, 0 % brood, 5 % empty". */
export function sharesText(shares: Shares): string {
  const percents = sharePercents(shares);
  return CONTENTS.map((content) => `${percents[content]} % ${content}`).join(', ');
}
