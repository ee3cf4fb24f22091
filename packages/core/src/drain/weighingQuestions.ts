import type { Drain, Weighing } from '../records/views.js';
import { drawnBefore, outByWeighing } from './honeyOut.js';

/**
 * Something about weighings that only the person can answer; nothing is counted twice and nothing
 * dropped meanwhile.
 */
export interface WeighingQuestion {
  id: string;
  kind: 'went-down' | 'same-minute' | 'too-much' | 'sum-short';
  weighingId: string;
  /** Grams by which it went down, differs, is too much or is missing. */
  byG: number;
}

/** Two weighings this close in time describe one moment. */
const ONE_MOMENT_MS = 60_000;
const BOTH_MS = 10 * 60_000;
/** Scales waver: less than this is not asked about, grams; or a hundredth of the comb. */
const WAVERS_G = 30;

/**
 * Looks through a drain's weighings for what does not fit: honey that went down without a draw-off,
 * two weighings at one minute, more out than went in, and upper and lower together short of what
 * was crushed. Weighings left out are not asked about again.
 */
export function weighingQuestions(
  drain: Pick<Drain, 'crushedG' | 'potStartG' | 'events' | 'weighings'>,
): WeighingQuestion[] {
  const wavers = Math.max(WAVERS_G, drain.crushedG * 0.01);
  const counted = drain.weighings
    .filter((w) => !w.leftOut)
    .sort((a, b) => a.occurredAt.localeCompare(b.occurredAt));
  const found: WeighingQuestion[] = [];
  const ask = (kind: WeighingQuestion['kind'], weighing: Weighing, byG: number): void =>
    void found.push({
      id: `${kind}-${weighing.id}`,
      kind,
      weighingId: weighing.id,
      byG: Math.round(byG),
    });
  for (const of of ['lower', 'upper'] as const) {
    const list = counted.filter((w) => w.of === of);
    list.forEach((weighing, i) => {
      const before = list[i - 1];
      const outG = outByWeighing(drain, weighing);
      if (outG > drain.crushedG) ask('too-much', weighing, outG - drain.crushedG);
      if (!before) return;
      const apart = Date.parse(weighing.occurredAt) - Date.parse(before.occurredAt);
      const change = outG - outByWeighing(drain, before);
      if (apart < ONE_MOMENT_MS) {
        if (Math.abs(change) > 0) ask('same-minute', weighing, change);
      } else if (change < -wavers) ask('went-down', weighing, -change);
    });
  }
  for (const upper of counted.filter((w) => w.of === 'upper')) {
    const lower = counted
      .filter(
        (w) =>
          w.of === 'lower' &&
          Math.abs(Date.parse(w.occurredAt) - Date.parse(upper.occurredAt)) <= BOTH_MS,
      )
      .at(-1);
    if (!lower) continue;
    const missing =
      drain.crushedG -
      upper.netG -
      (lower.netG - drain.potStartG + drawnBefore(drain.events, lower.occurredAt));
    if (Math.abs(missing) > Math.max(wavers, drain.crushedG * 0.03))
      ask('sum-short', upper, missing);
  }
  return found;
}
