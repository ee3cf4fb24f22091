import { takeSay } from './says.js';
import { STEP_KINDS, type TakeStep } from './takeStep.js';

/** Where a harvest stands in a visit that takes several lots from one hive. */
export interface InVisit {
  /** The hive was opened for a lot before and is open still. */
  hiveOpen: boolean;
  /** Another lot of this hive is taken after this one, before it is shut. */
  moreToCome: boolean;
}
export const ALONE: InVisit = { hiveOpen: false, moreToCome: false };

/** The last step of a lot after which the hive stays open for the next one. */
export const NEXT_LOT = 'next-lot';
const nextLot: TakeStep = {
  id: NEXT_LOT,
  kind: 'after',
  title: takeSay('take.visit.go-on-with-next-lot'),
  text: takeSay('take.visit.lid-on-this-tub-another'),
  done: takeSay('take.visit.next-lot'),
};

/**
 * The steps of one lot among several of one visit: laid out, smoked and opened once, shut and left
 * once. Boxes and supers taken off whole keep all their steps: each of them is a piece of work by
 * itself.
 */
export function stepsInVisit(steps: readonly TakeStep[], visit: InVisit): TakeStep[] {
  const isComb = (s: TakeStep): boolean => STEP_KINDS[s.kind].takesComb;
  let first = steps.findIndex(isComb);
  const last = steps.findLastIndex(isComb);
  const isWhole = steps.some((s) => s.kind === 'box' || s.id === 'off');
  if (first < 0 || isWhole) return [...steps];
  // Each lot of drain frames has vessels of its own: what is made sure before they are opened
  // stands before each.
  while (steps[first].kind === 'frames' && steps[first - 1]?.kind === 'check') first--;
  const lot = steps.slice(visit.hiveOpen ? first : 0, visit.moreToCome ? last + 1 : undefined);
  return visit.moreToCome ? [...lot, nextLot] : lot;
}
