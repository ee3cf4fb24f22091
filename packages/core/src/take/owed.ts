import type { BatchDetail, Take } from '../records/views.js';
import { vesselsBefore } from './frameHoney.js';
import { frameVessels, vesselsOwed, type FrameVessel } from './frameVessels.js';
import { weighsOut } from './outcomes.js';

/** What of a harvest was taken and is not weighed yet. */
export interface OwedWeighings {
  /** Combs, one by one or, of one box, together. */
  combs: Take[][];
  vessels: FrameVessel[];
}

/** Every weighing that was put off: it stays open until it is given, estimated or said lost. */
export function owedWeighings(
  detail: Pick<BatchDetail, 'takes' | 'frameEvents' | 'marks'>,
): OwedWeighings {
  const byFrame = new Set(detail.frameEvents.map((e) => e.combId));
  const open = detail.takes.filter(
    (t) => weighsOut(t.outcome) && t.netG === null && !byFrame.has(t.combId),
  );
  const boxes = new Map<string, Take[]>();
  for (const take of open.filter((t) => t.byBox)) {
    const key = `${Math.floor(take.slot / 100)} ${take.occurredAt}`;
    boxes.set(key, [...(boxes.get(key) ?? []), take]);
  }
  return {
    combs: [...open.filter((t) => !t.byBox).map((t) => [t]), ...boxes.values()],
    vessels: vesselsOwed(frameVessels(detail.frameEvents, vesselsBefore(detail)).values()),
  };
}
