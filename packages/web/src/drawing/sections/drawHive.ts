import { glimpseOf, readShape, type Hive, type JudgedComb } from '@furrow/core';
import type { SectionComb } from './section.js';

/** Judged combs as a section draws them. */
export function drawnCombs(
  hive: Hive,
  judged: readonly JudgedComb[],
  more: (comb: JudgedComb) => Partial<SectionComb> = () => ({}),
): SectionComb[] {
  const depth = readShape(hive).outline.depthMm;
  const places = new Map(hive.bars.map((b) => [b.slot, b]));
  return judged.map((j) => ({
    slot: j.slot,
    inBox: places.get(j.slot)?.inBox,
    boxId: j.boxId,
    depthMm: j.seen?.depthMm ?? depth,
    A: j.seen?.sides.A ?? null,
    B: j.seen?.sides.B ?? null,
    pots: j.seen?.pots ?? null,
    glimpse: glimpseOf(j.seen) !== null,
    verdict: j.verdict.verdict,
    ...more(j),
  }));
}
