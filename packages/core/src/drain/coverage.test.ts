import { describe, expect, it } from 'vitest';
import { byForecast, heldOutCoverage } from '../../fixtures/coverage.js';
import {
  DRAIN_SHAPES,
  coverageOf,
  type Coverage,
  type DrainShape,
} from '../../fixtures/drainShapes.js';
import { strangeRun } from '../../fixtures/drains.js';
import { LONG } from '../../fixtures/long.js';
import { seededRandom } from '../units/seeded.js';
import { drainForecast, type DrainForecastInput } from './forecast.js';
import { DRAIN_PRIORS } from './priors.js';

/**
 * The band against runs of another generator than the fitted model: two rates, temperatures off and
 * swinging, a drifting scale, uneven stirs, one honey in ten that gels unmarked. Over 200 runs
 * each, weighed one to nine times, the truth later in the run has to lie inside the 90 % band at
 * least 85 % of the time. These runs are mild beside the shapes below, for which the band was
 * widened, so it holds more of them than it is meant to.
 */
function coverage(
  method: 'mash' | 'chop' | 'slice',
  runs: number,
  seed: number,
): { inside: number; asked: number; widthShare: number } {
  const next = seededRandom(seed);
  let [inside, asked, width] = [0, 0, 0];
  for (let run = 0; run < runs; run++) {
    const stirHours = method === 'slice' ? [] : [2, 4].slice(0, Math.floor(next() * 3));
    const { share, tauHours } = DRAIN_PRIORS[method];
    const plain = method === 'mash' ? { low: 0.74, high: 0.86 } : share;
    const truth = strangeRun(seed * 1000 + run, {
      combKg: 8.55,
      share: plain,
      tauHours,
      stirHours,
      moisturePercent: 18,
      temperatureC: 24,
    });
    const weighed = Math.floor(next() * 9) + 1;
    const until = 1 + next() * 9;
    const nowHours = until;
    const weighings = Array.from({ length: weighed }, (_, i) => ((i + 1) / weighed) * until).map(
      (hours) => ({ hours, kg: truth.weigh(hours) }),
    );
    const input: DrainForecastInput = {
      combHoneyKg: { low: 8.19, mid: 8.55, high: 8.64 },
      method,
      moisturePercent: 18,
      temperature: [{ hours: 0, temperatureC: 24 }],
      weighings,
      stirHours: stirHours.filter((h) => h < nowHours),
      drawOffs: [],
      lowerFullKg: null,
      nowHours,
      stopBelowGPerHour: 20,
    };
    // Stirs that are still to come are in nobody's forecast.
    if (stirHours.some((h) => h >= nowHours)) continue;
    const { curve, finalKg } = drainForecast(input);
    for (const ahead of [1.5, 4, 10]) {
      const point = curve.find((p) => p.hours >= nowHours + ahead);
      if (!point) continue;
      asked++;
      const kg = truth.out(point.hours);
      if (kg >= point.low && kg <= point.high) inside++;
      width += (point.high - point.low) / finalKg.mid;
    }
  }
  return { inside: inside / asked, asked, widthShare: width / asked };
}

describe('the band of the forecast, on runs of another generator', () => {
  it.each([
    ['mash', 5],
    ['chop', 18],
    ['slice', 29],
  ] as const)(
    '%s: holds the truth, and is no wider than a seventh of what comes',
    (method, seed) => {
      const { inside, asked, widthShare } = coverage(method, 120, seed);
      expect(asked).toBeGreaterThan(150);
      expect(inside).toBeGreaterThanOrEqual(0.85);
      expect(inside).toBeLessThanOrEqual(0.995);
      // A band that is everywhere holds everything: it must also say something.
      expect(widthShare).toBeLessThan(0.15);
    },
    60_000,
  );
});

/**
 * A smooth shape of which the band holds 98 or 99 of 100: narrower, it lost the mixtures
 * (docs/the-numbers.md).
 */
const HELD_TOO_WELL: readonly DrainShape[] = ['power tail'];

/** All shapes together. */
function together(found: readonly Coverage[]): { inside: number; missed: number } {
  expect(found).toHaveLength(DRAIN_SHAPES.length);
  const sum = (pick: (c: Coverage) => number): number => found.reduce((s, c) => s + pick(c), 0);
  return {
    inside: sum((c) => c.inside) / sum((c) => c.asked),
    missed: sum((c) => c.missed) / sum((c) => c.filled),
  };
}

/**
 * The widths were chosen while looking at these: they keep what was reached, they prove nothing, and
 * so they are drawn only in a long run.
 */
describe.runIf(LONG)('the band of the forecast, on the shapes it was chosen by', () => {
  const found: Coverage[] = [];
  it.each(DRAIN_SHAPES)(
    '%s: holds 85 to 97 of 100',
    (shape) => {
      const of = coverageOf(shape, 150, 2026, byForecast);
      found.push(of);
      const share = of.inside / of.asked;
      expect(share).toBeGreaterThanOrEqual(0.85);
      expect(share).toBeLessThanOrEqual(HELD_TOO_WELL.includes(shape) ? 0.995 : 0.97);
      expect(of.width).toBeLessThan(0.13);
    },
    60_000,
  );
  it('all together: 88 to 95 of 100, earliest full missed in under 5 of 100', () => {
    const { inside, missed } = together(found);
    expect(inside).toBeGreaterThanOrEqual(0.88);
    expect(inside).toBeLessThanOrEqual(0.95);
    expect(missed).toBeLessThan(0.05);
  });
});

/**
 * Wanted are 85 to 97 of each. Held out, mixtures stay a little under, one rate a little over: see
 * docs/the-numbers.md.
 */
const SHORT: Partial<Record<DrainShape, number>> = { mixture: 0.82 };
const OVER: Partial<Record<DrainShape, number>> = { 'one rate': 0.985 };

describe('the band of the forecast, on shapes held out', () => {
  const found: Coverage[] = [];
  it.each(DRAIN_SHAPES)(
    '%s: holds what was wanted, or what is said to be short of it',
    (shape) => {
      const of = heldOutCoverage(shape, 150);
      found.push(of);
      const share = of.inside / of.asked;
      expect(share).toBeGreaterThanOrEqual(SHORT[shape] ?? 0.85);
      expect(share).toBeLessThanOrEqual(OVER[shape] ?? 0.97);
    },
    60_000,
  );
  it('all together: 88 to 95 of 100, earliest full missed in under 5 of 100', () => {
    const { inside, missed } = together(found);
    expect(inside).toBeGreaterThanOrEqual(0.88);
    expect(inside).toBeLessThanOrEqual(0.95);
    expect(missed).toBeLessThan(0.05);
  });
});
