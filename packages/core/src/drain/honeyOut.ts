import type { Drain, DrainEvent, Weighing } from '../records/views.js';
import type { Range } from '../units/format.js';

/**
 * Wax in crushed comb as a share of its mass, low to high (SCIENCE 7): what was weighed less this
 * is honey.
 */
export const WAX_IN_COMB_SHARE = { low: 0.04, mid: 0.05, high: 0.06 };

/**
 * Pollen, bees and cells that were not honey: weighed comb holds at least this share of honey at
 * the low end. A house starting value.
 */
export const OTHER_LOW = 0.03;

/** Honey in crushed comb of a weight, kg. */
export function honeyInComb(crushedG: number): Range {
  const kg = crushedG / 1000;
  return {
    low: kg * (1 - WAX_IN_COMB_SHARE.high - OTHER_LOW),
    mid: kg * (1 - WAX_IN_COMB_SHARE.mid),
    high: kg * (1 - WAX_IN_COMB_SHARE.low),
  };
}

/** Honey drawn off up to an instant, grams. */
export function drawnBefore(
  events: readonly Pick<DrainEvent, 'kind' | 'g' | 'occurredAt'>[],
  at: string,
): number {
  return events
    .filter((e) => e.kind === 'draw-off' && e.occurredAt <= at)
    .reduce((sum, e) => sum + (e.g ?? 0), 0);
}

/**
 * What is left of the honey that stood in the lower vessel at the start, grams: the first that is
 * drawn off takes it along, and it came from no comb of this drain.
 */
export function potLeftG(drain: Pick<Drain, 'potStartG' | 'events'>, at = '9999'): number {
  return Math.max(0, drain.potStartG - drawnBefore(drain.events, at));
}

/**
 * Honey out so far by one weighing, grams: of the lower vessel with what was drawn off before and
 * without what stood in it at the start; of the upper one as what is missing from it.
 */
export function outByWeighing(
  drain: Pick<Drain, 'crushedG' | 'potStartG' | 'events'>,
  weighing: Pick<Weighing, 'of' | 'netG' | 'occurredAt'>,
): number {
  if (weighing.of === 'upper') return drain.crushedG - weighing.netG;
  return weighing.netG - drain.potStartG + drawnBefore(drain.events, weighing.occurredAt);
}
