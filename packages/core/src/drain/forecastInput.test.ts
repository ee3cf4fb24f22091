import { describe, expect, it } from 'vitest';
import { flowFactor } from '../honey/viscosity.js';
import type { Drain, Vessel } from '../records/views.js';
import { DEFAULT_RULES } from '../rules/houseRules.js';
import { drainForecast } from './forecast.js';
import { forecastInput, nextStirAt, vesselFullKg } from './forecastInput.js';

const START = '2026-03-14T10:00:00.000Z';
const at = (hours: number): string => new Date(Date.parse(START) + hours * 3_600_000).toISOString();
const drain = (change: Partial<Drain> = {}): Drain => ({
  id: 'd', batchId: 'b', upperVesselId: null, lowerVesselId: null, method: 'mash', moisturePercent: 18, temperatureC: 25, startedAt: START, endedAt: null, crushedG: 9000, weighings: [], events: [], revision: 1, ...change,
});
const weighing = (hours: number, netG: number) => ({ id: `w${hours}`, drainId: 'd', grossG: netG + 300, tareG: 300, netG, source: 'hand' as const, occurredAt: at(hours) });
const event = (kind: 'stir' | 'draw-off', hours: number, g: number | null = null) => ({ id: `${kind}${hours}`, drainId: 'd', kind, g, temperatureC: null, minutes: 5, occurredAt: at(hours) });
const pail: Vessel = { id: 'v', name: 'Pail', role: 'lower', volumeL: 5, tareG: 300, innerDiameterMm: 200, revision: 1 };

describe('a drain as it was written down', () => {
  it('adds what was drawn off to later weighings, not to earlier ones', () => {
    const input = forecastInput(drain({ weighings: [weighing(1, 1000), weighing(3, 500)], events: [event('draw-off', 2, 1200)] }), pail, DEFAULT_RULES, at(4));
    expect(input.weighings).toEqual([{ hours: 1, kg: 1 }, { hours: 3, kg: 1.7 }]);
    expect(input.drawOffs).toEqual([{ hours: 2, kg: 1.2 }]);
    expect(input.nowHours).toBe(4);
  });
  it('takes wax and what is no honey from the crushed comb, as a range', () => {
    const { combHoneyKg } = forecastInput(drain(), null, DEFAULT_RULES, at(0));
    expect(combHoneyKg.mid).toBeCloseTo(8.55, 9);
    expect(combHoneyKg.low).toBeLessThan(combHoneyKg.mid);
    expect(combHoneyKg.high).toBeLessThan(9);
  });
  it('leaves head room in the lower vessel', () => expect(vesselFullKg(pail, 18, 20)).toBeCloseTo(5 * 0.9 * 1.4146, 3));
  it('asks for two stirs at the house interval, then for none, and never for slices', () => {
    expect(nextStirAt(drain(), DEFAULT_RULES)).toBe(at(2));
    expect(nextStirAt(drain({ events: [event('stir', 2.5)] }), DEFAULT_RULES)).toBe(at(4.5));
    expect(nextStirAt(drain({ events: [event('stir', 2), event('stir', 4)] }), DEFAULT_RULES)).toBeNull();
    expect(nextStirAt(drain({ method: 'slice' }), DEFAULT_RULES)).toBeNull();
  });
});

describe('the band of the forecast', () => {
  /** Reproducible normal numbers: a linear congruence and Box-Muller, for tests only. */
  function normals(seed: number): () => number {
    let s = seed;
    const next = (): number => ((s = (Math.imul(s, 1664525) + 1013904223) >>> 0) + 1) / 4294967297;
    return () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
  }
  it('holds the end of runs drawn from its own prior in most cases, and of weighed ones too', () => {
    const normal = normals(11);
    let held = 0;
    const runs = 200;
    for (let run = 0; run < runs; run++) {
      const combKg = 8.55 + 0.25 * normal();
      const share = 0.8 * (1 + 0.02 * normal());
      const rate = (1 / 6) * Math.exp(0.15 * normal()) * flowFactor(18, 25);
      const kg = (h: number): number => combKg * share * -Math.expm1(-rate * h);
      const weighings = [1, 2, 3.5, 5].map((h) => weighing(h, Math.round(Math.max(0, kg(h) + 0.02 * normal()) * 1000)));
      const { curve } = drainForecast(forecastInput(drain({ weighings }), null, DEFAULT_RULES, at(5)));
      const point = curve.find((p) => p.hours > 12)!;
      if (kg(point.hours) >= point.low && kg(point.hours) <= point.high) held++;
    }
    expect(held / runs).toBeGreaterThan(0.85);
  });
  it('draws 500 weighings of a scale as well as five', () => {
    const weighings = Array.from({ length: 500 }, (_, i) => weighing((i + 1) / 50, Math.round(6800 * -Math.expm1(-(i + 1) / 300))));
    const f = drainForecast(forecastInput(drain({ weighings }), pail, DEFAULT_RULES, at(10)));
    expect(f.weighingsUsed).toBe(500);
    expect(f.finalKg.high - f.finalKg.low).toBeLessThan(0.5);
    expect(f.curve.every((p) => Number.isFinite(p.mid))).toBe(true);
  });
  it('says the vessel never fills where it is large enough', () => {
    expect(drainForecast(forecastInput(drain(), { ...pail, volumeL: 30 }, DEFAULT_RULES, at(1))).overflowHours).toBeNull();
    expect(drainForecast(forecastInput(drain(), null, DEFAULT_RULES, at(1))).overflowHours).toBeNull();
  });
});
