import type { BatchDetail, Take } from '../records/views.js';
import { vesselsBefore } from './frameHoney.js';
import { type FrameVessel, frameVessels, vesselsOwed } from './frameVessels.js';
import { weighsOut } from '../records/vocabulary/outcomes.js';

/** Combs whose weight in the book is their estimate: the scale may still say better. */
export const estimatedTakes = (detail: Pick<BatchDetail, 'takes'>): Take[] =>
  detail.takes.filter((t) => t.netBy === 'estimate' && t.netG !== null && weighsOut(t.outcome));

/** Combs one by one and, of one box, together. */
function byBox(takes: readonly Take[]): Take[][] {
  const boxes = new Map<string, Take[]>();
  for (const take of takes.filter((t) => t.byBox)) {
    const key = `${Math.floor(take.slot / 100)} ${take.occurredAt}`;
    boxes.set(key, [...(boxes.get(key) ?? []), take]);
  }
  return [...takes.filter((t) => !t.byBox).map((t) => [t]), ...boxes.values()];
}

/** What of a harvest was taken and is not weighed yet. */
export interface OwedWeighings {
  /** Combs, one by one or, of one box, together. */
  combs: Take[][];
  /**
   * In the book by their estimate, as long as the scale may still say better; nothing waits for
   * them.
   */
  estimated: Take[][];
  vessels: FrameVessel[];
}

/** Every weighing that was put off: it stays open until it is given, estimated or said lost. */
export function owedWeighings(
  detail: Pick<BatchDetail, 'takes' | 'frameEvents' | 'marks' | 'drains'>,
): OwedWeighings {
  const byFrame = new Set(detail.frameEvents.map((e) => e.combId));
  const open = detail.takes.filter(
    (t) => weighsOut(t.outcome) && t.netG === null && !byFrame.has(t.combId),
  );
  return {
    combs: byBox(open),
    estimated: detail.drains.some((d) => d.endedAt) ? [] : byBox(estimatedTakes(detail)),
    vessels: vesselsOwed(frameVessels(detail.frameEvents, vesselsBefore(detail)).values()),
  };
}
