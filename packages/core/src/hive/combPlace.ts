import type { BarView, CombView } from '../records/hiveViews.js';

/** A place of a hive with a comb in it. */
export type CombPlace = BarView & { comb: CombView };

/** Whether a comb hangs at a place. */
export const hasComb = (bar: BarView): bar is CombPlace => bar.comb !== null;
