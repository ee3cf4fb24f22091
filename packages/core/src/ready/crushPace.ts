import type { CrushMethod } from '../records/vocabulary/bench.js';
import type { CrushPace } from '../records/vocabulary/benchRecords.js';

/** One time comb was broken up: how, how much, and the minutes of the hands it took. */
export interface CrushedOnce {
  method: CrushMethod;
  crushedG: number;
  minutes: number;
}
/**
 * Minutes a kilogram of comb by method: the middle one of what was written down, so that one bad
 * day does not speak.
 */
export function crushPace(runs: readonly CrushedOnce[]): CrushPace {
  const pace: CrushPace = {};
  for (const method of new Set(runs.map((r) => r.method))) {
    const own = runs
      .filter((r) => r.method === method && r.crushedG > 0 && r.minutes > 0)
      .map((r) => r.minutes / (r.crushedG / 1000))
      .sort((a, b) => a - b);
    if (!own.length) continue;
    const half = own.length / 2;
    const middle = own.length % 2 ? own[Math.floor(half)] : (own[half - 1] + own[half]) / 2;
    pace[method] = { minutesPerKg: middle, times: own.length };
  }
  return pace;
}
