import { type CombPlace, hasComb } from '../hive/combPlace.js';
import type { BarView } from '../records/hiveViews.js';

/** What the lower edge of a comb shows from below. */
export type LowerEdge = 'capped' | 'open';
const ATTACHMENT = { capped: 'capped-below', open: 'open-below' } as const;

/** What one more touch makes of an edge: not seen, capped, open, and not seen again. */
export function nextEdge(edge: LowerEdge | null): LowerEdge | null {
  const after: Record<string, LowerEdge | null> = { capped: 'open', open: null };
  return edge === null ? 'capped' : after[edge];
}

/**
 * One look a comb whose edge was seen. Takes edges by comb id and the bars of the box; a comb that
 * hangs there no more is left out.
 */
export function edgeLooks(
  seen: Readonly<Record<string, LowerEdge>>,
  bars: readonly BarView[],
): { bar: CombPlace; attachment: (typeof ATTACHMENT)[LowerEdge] }[] {
  return bars.filter(hasComb).flatMap((bar) => {
    const edge = seen[bar.comb.id];
    return edge ? [{ bar, attachment: ATTACHMENT[edge] }] : [];
  });
}
