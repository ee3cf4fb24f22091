import { estimateSeen } from '../look/index.js';
import type { BatchDetail } from '../records/views.js';
import type { Range } from '../units/format.js';
import type { FrameRun } from './frameRun.js';

/** What a frame holds that nobody read, kg: what people report of drain frames (SCIENCE 9). */
const UNREAD_KG: Range = { low: 0.8, mid: 2, high: 3 };

/**
 * Honey in one frame of a harvest, kg, by its last look; `known` is false where it was never read.
 */
export function frameHoney(
  detail: Pick<BatchDetail, 'looks' | 'hive'>,
  combId: string,
): { honeyKg: Range; known: boolean } {
  const look = detail.looks.filter((l) => l.combId === combId).at(-1);
  const honeyKg = look ? estimateSeen(look, detail.hive)?.honeyKg : undefined;
  return { honeyKg: honeyKg ?? UNREAD_KG, known: honeyKg !== undefined };
}

/**
 * Grams a frame may still have given beyond what was weighed of it, by the parts of it that are
 * open.
 */
export function mayHaveGivenG(run: FrameRun, parts: number, honeyKg: Range): number {
  return Math.max(0, (honeyKg.mid * 1000 * run.partsOpen) / parts - run.outG);
}

/**
 * What stood in the vessels before the first frame ran, grams, as it was answered before opening.
 */
export function vesselsBefore(detail: Pick<BatchDetail, 'marks'>): Record<string, number> {
  const answer = detail.marks.find((m) => m.stepId === 'checks')?.answer ?? {};
  return Object.fromEntries(
    Object.entries(answer).flatMap(([key, value]) =>
      key.startsWith('before_') && typeof value === 'number' ? [[key.slice(7), value]] : [],
    ),
  );
}
