import type { Say } from '../say/say.js';
import { drainSay } from './says.js';
import type { StreamReading } from '../records/vocabulary/benchRecords.js';

/** What a scale says beside a weight, or what a pause or a step in it means. */
export interface StreamQuestion {
  kind: 'went-down' | 'jumped-up' | 'silent';
  at: string;
  fromG: number;
  toG: number;
  sentence: Say;
}

/** Readings this close are one weighing: noise and drift are shared. Starting values. */
const WINDOW_MS = 5 * 60_000;
const SILENT_MS = 10 * 60_000;
/** More than this between two readings is a hand, a vessel or a tare key, not honey, grams. */
const STEP_G = 60;

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const clock = (at: string): string => at.slice(11, 16);

/**
 * Steady weights of a long row of readings: one for every five minutes, the middle of what the
 * scale showed; windows in which it was touched (readings apart by more than a hand's weight) are
 * left out. Takes readings in any order. 2,000 readings take about a millisecond.
 */
export function steadyWeights(readings: readonly StreamReading[]): StreamReading[] {
  const windows = new Map<number, StreamReading[]>();
  for (const r of readings) {
    const key = Math.floor(Date.parse(r.at) / WINDOW_MS);
    windows.set(key, [...(windows.get(key) ?? []), r]);
  }
  return [...windows.entries()]
    .sort((a, b) => a[0] - b[0])
    .flatMap(([, list]) => {
      const weights = list.map((r) => r.g);
      if (Math.max(...weights) - Math.min(...weights) > STEP_G) return [];
      return [
        {
          at: [...list].sort((a, b) => a.at.localeCompare(b.at))[Math.floor(list.length / 2)].at,
          g: median(weights),
        },
      ];
    });
}

/**
 * What has to be asked about a row of readings: weight that went down or jumped, and silence.
 * Nothing is decided here.
 */
export function streamQuestions(readings: readonly StreamReading[]): StreamQuestion[] {
  const sorted = [...readings].sort((a, b) => a.at.localeCompare(b.at));
  const found: StreamQuestion[] = [];
  for (let i = 1; i < sorted.length; i++) {
    const [before, after] = [sorted[i - 1], sorted[i]];
    const step = { at: after.at, fromG: before.g, toG: after.g };
    if (Date.parse(after.at) - Date.parse(before.at) > SILENT_MS)
      found.push({
        ...step,
        at: before.at,
        kind: 'silent',
        sentence: drainSay('drain.scaleStream.scale-said-nothing-from-to', {
          at: clock(before.at),
          at2: clock(after.at),
        }),
      });
    else if (before.g - after.g > STEP_G)
      found.push({
        ...step,
        kind: 'went-down',
        sentence: drainSay('drain.scaleStream.weight-fell-by', {
          g: { massG: before.g - after.g, as: 'estimate' },
        }),
      });
    else if (after.g - before.g > STEP_G)
      found.push({
        ...step,
        kind: 'jumped-up',
        sentence: drainSay('drain.scaleStream.weight-rose-by-at-once', {
          g: { massG: after.g - before.g, as: 'estimate' },
        }),
      });
  }
  return found;
}
