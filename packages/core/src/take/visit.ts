import type { TakeStep } from './step.js';

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
  title: 'Go on with the next lot',
  text: 'Lid on this tub; another one for the next lot. The hive stays open: go on at once.',
  done: 'Next lot',
};

/**
 * The steps of one lot among several of one visit: laid out, smoked and opened once, shut and left once. Boxes taken
 * whole and frames that run in place keep all their steps: each of them is a piece of work by itself.
 */
export function stepsInVisit(steps: readonly TakeStep[], visit: InVisit): TakeStep[] {
  const first = steps.findIndex((s) => s.kind === 'unit');
  const last = steps.findLastIndex((s) => s.kind === 'unit');
  const isWhole = steps.some((s) => s.kind === 'box' || s.kind === 'frames');
  if (first < 0 || isWhole) return [...steps];
  const lot = steps.slice(visit.hiveOpen ? first : 0, visit.moreToCome ? last + 1 : undefined);
  return visit.moreToCome ? [...lot, nextLot] : lot;
}
