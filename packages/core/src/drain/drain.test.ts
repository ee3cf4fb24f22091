import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BadInput } from '../badInput.js';
import { calculate } from '../calculators.js';
import { nineTenthsAhead, nineTenthsAt } from './ahead.js';
import { drainFit } from './fit.js';
import { drainForecast, type DrainForecastInput } from './forecast.js';
import type { DrainForecastAnswer } from './forecastCalculator.js';
import { honeyDepthMm } from './depth.js';
import { settlingHours } from './settling.js';

/**
 * NIST Misra1a: volume against pressure, y = b1 (1 - exp(-b2 x)); certified values of the US
 * standards institute.
 */
const MISRA_X = [
  77.6, 114.9, 141.1, 190.8, 239.9, 289, 332.8, 378.4, 434.8, 477.3, 536.8, 593.1, 689.1, 760,
];
const MISRA_Y = [
  10.07, 14.73, 17.94, 23.93, 29.61, 35.18, 40.02, 44.82, 50.76, 55.05, 61.01, 66.4, 75.47, 81.78,
];
const misra = MISRA_X.map((hours, i) => ({ hours, kg: MISRA_Y[i] }));
/** Box BOD from the same collection. */
const bod = [
  [1, 109],
  [2, 149],
  [3, 149],
  [5, 191],
  [7, 213],
  [10, 224],
].map(([hours, kg]) => ({ hours, kg }));

describe('drain-fit', () => {
  it('agrees with the certified Misra1a results to 6 digits', () => {
    const fit = drainFit({ weighings: misra });
    expect(fit.finalKg / 238.94212918).toBeCloseTo(1, 7);
    expect(fit.ratePerHour / 5.5015643181e-4).toBeCloseTo(1, 7);
    expect(fit.residualSumSquares / 0.12455138894).toBeCloseTo(1, 7);
    expect(fit.converged).toBe(true);
    const se = 2.7070075241;
    expect(fit.finalKgInterval90[1]! - fit.finalKg).toBeCloseTo(1.7822875556 * se, 3);
  });
  it('agrees with the certified BoxBOD results to 6 digits', () => {
    const fit = drainFit({ weighings: bod });
    expect(fit.finalKg / 213.80940889).toBeCloseTo(1, 7);
    expect(fit.ratePerHour / 0.54723748542).toBeCloseTo(1, 7);
    expect(fit.residualSumSquares / 1168.0088766).toBeCloseTo(1, 7);
  });
  it('does not care about the scale of hours or kg, nor the order', () => {
    const small = drainFit({
      weighings: [...misra].reverse().map((w) => ({ hours: w.hours / 1e5, kg: w.kg / 1e4 })),
    });
    expect((small.finalKg * 1e4) / 238.94212918).toBeCloseTo(1, 6);
  });
  it('recovers exact curves', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 50, noNaN: true }),
        fc.double({ min: 0.02, max: 2, noNaN: true }),
        (finalKg, rate) => {
          const weighings = [1, 2, 4, 8, 16].map((h) => ({
            hours: h / (rate * 4),
            kg: finalKg * -Math.expm1(-h / 4),
          }));
          const fit = drainFit({ weighings });
          expect(fit.finalKg / finalKg).toBeCloseTo(1, 6);
          expect(fit.ratePerHour / rate).toBeCloseTo(1, 6);
          expect(fit.hoursTo90Percent).toBeCloseTo(Math.log(10) / fit.ratePerHour, 9);
        },
      ),
      { numRuns: 40 },
    );
  });
  it('leaves the upper end open with two weighings, and does not count hour 0', () => {
    const two = drainFit({
      weighings: [
        { hours: 0, kg: 0 },
        { hours: 2, kg: 3 },
        { hours: 5, kg: 5 },
      ],
    });
    expect(two.finalKgInterval90[1]).toBeNull();
    expect(two.converged).toBe(true);
    expect(() =>
      drainFit({
        weighings: [
          { hours: 0, kg: 0 },
          { hours: 2, kg: 3 },
        ],
      }),
    ).toThrow(BadInput);
    expect(() =>
      drainFit({
        weighings: [
          { hours: 2, kg: 3 },
          { hours: 2, kg: 3.1 },
        ],
      }),
    ).toThrow(BadInput);
  });
  it('says so for a straight line, a step and nothing', () => {
    expect(
      drainFit({ weighings: [1, 2, 3, 4].map((hours) => ({ hours, kg: hours })) }).converged,
    ).toBe(false);
    expect(drainFit({ weighings: [1, 2, 3, 4].map((hours) => ({ hours, kg: 5 })) }).converged).toBe(
      false,
    );
    expect(drainFit({ weighings: [1, 2, 3].map((hours) => ({ hours, kg: 0 })) }).converged).toBe(
      false,
    );
  });
  it('gives the prior back where nothing was weighed, and the data where much was', () => {
    const prior = { finalKg: { mean: 8, sd: 1 }, ratePerHour: { mean: 0.2, sd: 0.05 } };
    const none = drainFit({ weighings: [], prior });
    expect(none.finalKg).toBeCloseTo(8, 6);
    expect(none.ratePerHour).toBeCloseTo(0.2, 6);
    expect(none.finalKgInterval90[1]).toBeCloseTo(8 + 1.645 * 1, 2);
    const many = drainFit({
      prior,
      weighings: Array.from({ length: 30 }, (_, i) => ({
        hours: i + 1,
        kg: 6 * -Math.expm1(-0.3 * (i + 1)),
      })),
    });
    expect(many.finalKg).toBeCloseTo(6, 1);
    expect(many.finalKgInterval90[1]! - many.finalKgInterval90[0]).toBeLessThan(1);
  });
  it('refuses a negative weight with its path', () => {
    expect(() =>
      calculate('drain-fit', {
        weighings: [
          { hours: 1, kg: 1 },
          { hours: 2, kg: 2 },
          { hours: 3, kg: -1 },
        ],
      }),
    ).toThrow(expect.objectContaining({ path: 'weighings[2].kg' }) as Error);
  });
});

const drain: DrainForecastInput = {
  combHoneyKg: { low: 8.5, mid: 9.2, high: 9.9 },
  method: 'mash',
  moisturePercent: 18,
  temperature: [{ hours: 0, temperatureC: 25 }],
  weighings: [],
  stirHours: [],
  drawOffs: [],
  lowerFullKg: 6,
  nowHours: 1,
  stopBelowGPerHour: 20,
};

describe('drain forecast', () => {
  it('starts from the published share and time, as a range', () => {
    const f = drainForecast(drain);
    expect(f.finalKg.mid / 9.2).toBeCloseTo(0.8, 2);
    expect(f.nineTenthsHours.low).toBeGreaterThan(7);
    // One rate takes 14 h. A bed with a slow part takes longer to its last tenth, one that slows
    // down late three times
    // as long, on a bench nobody read: one run in twenty may take two days.
    expect(f.nineTenthsHours.mid).toBeGreaterThan(12);
    expect(f.nineTenthsHours.mid).toBeLessThan(24);
    expect(f.nineTenthsHours.high).toBeLessThan(48);
    expect(f.curve.every((p) => p.low <= p.mid && p.mid <= p.high)).toBe(true);
  });
  it.each(['mash', 'chop', 'slice'] as const)(
    'is told before a drain of comb that is %sd begins as its clock will tell it',
    (method) => {
      const clock = drainForecast({ ...drain, method, nowHours: 0 }).nineTenthsHours;
      const { temperature, moisturePercent } = drain;
      expect(nineTenthsAhead({ method, temperature, moisturePercent }).mid / clock.mid).toBeCloseTo(
        1,
        1,
      );
      const told = nineTenthsAt(method, 25, 18);
      expect(told.mid / clock.mid).toBeCloseTo(1, 1);
      expect(told.high / clock.high).toBeCloseTo(1, 0);
      expect(nineTenthsAt(method, 25, 18)).toBe(told);
    },
  );
  it('narrows with weighings and warns by the early edge', () => {
    const rate = 1 / 6;
    const weighings = [0.5, 1, 2, 3, 4].map((hours) => ({
      hours,
      kg: 7.4 * -Math.expm1(-rate * hours),
    }));
    const f = drainForecast({ ...drain, weighings, nowHours: 4 });
    const blank = drainForecast({ ...drain, nowHours: 4 });
    const band = (of: typeof f): number => {
      const p = of.curve.find((c) => c.hours >= 8)!;
      return p.high - p.low;
    };
    expect(band(f)).toBeLessThan(band(blank) / 2);
    expect(f.overflowHours!.earliest).toBeLessThan(f.overflowHours!.mid!);
    const whole = -Math.log(1 - 6 / 7.4) / rate;
    expect(f.overflowHours!.earliest).toBeLessThan(whole);
  });
  it('lets a stir free more, cold slow it, a draw-off put the overflow off', () => {
    const stirred = drainForecast({ ...drain, stirHours: [2, 4], nowHours: 5 });
    expect(stirred.finalKg.mid / 9.2).toBeCloseTo(0.885, 2);
    expect(
      drainForecast({ ...drain, temperature: [{ hours: 0, temperatureC: 15 }] }).nineTenthsHours
        .mid,
    ).toBeGreaterThan(2.5 * drainForecast(drain).nineTenthsHours.mid);
    const before = drainForecast(drain).overflowHours!.earliest;
    const after = drainForecast({ ...drain, drawOffs: [{ hours: 1, kg: 1 }] }).overflowHours;
    expect(after === null || after.earliest > before).toBe(true);
  });
  it('advises to stop only where honey was weighed and the flow is thin', () => {
    expect(drainForecast({ ...drain, nowHours: 100 }).stopAdvised).toBe(false);
    const weighings = [2, 6, 12, 40, 60].map((hours) => ({
      hours,
      kg: 7.4 * -Math.expm1(-hours / 6),
    }));
    expect(drainForecast({ ...drain, weighings, nowHours: 61 }).stopAdvised).toBe(true);
    expect(
      drainForecast({ ...drain, weighings: weighings.slice(0, 1), nowHours: 2.1 }).stopAdvised,
    ).toBe(false);
  });
  it('says it has stopped where weighings stand still though honey should run', () => {
    const stands = [1, 2, 3, 4].map((hours, i) => ({ hours, kg: Math.min(1.9, 1 + 0.9 * i) }));
    const f = drainForecast({ ...drain, weighings: stands, nowHours: 4, aheadHours: [8, 20] });
    expect(f.stalled).toBe(true);
    expect(f.finalKg).toEqual({ low: 1.9, mid: 1.9, high: 1.9 });
    expect(f.ahead.map((a) => a.high)).toEqual([1.9, 1.9]);
    expect(f.rateGPerHour.high).toBe(0);
    // Nothing at all after two hours is a stand as well; half an hour of nothing may be the honey
    // on its way.
    expect(drainForecast({ ...drain, weighings: [{ hours: 3, kg: 0 }], nowHours: 3 }).stalled).toBe(
      true,
    );
    expect(
      drainForecast({ ...drain, weighings: [{ hours: 0.5, kg: 0 }], nowHours: 0.5 }).stalled,
    ).toBe(false);
  });
  it('does not take the end of a run for a stop, nor what stood before a stir', () => {
    const run = (hours: number): number => 7.3 * -Math.expm1(-hours / 6);
    const ended = [2, 6, 12, 40, 44].map((hours) => ({ hours, kg: run(hours) }));
    expect(drainForecast({ ...drain, weighings: ended, nowHours: 45 }).stalled).toBe(false);
    const stirred = [2, 4].map((hours) => ({ hours, kg: 2 }));
    expect(
      drainForecast({ ...drain, weighings: stirred, stirHours: [3.9], nowHours: 4 }).stalled,
    ).toBe(false);
    // Stirred after the last weighing it may run again: the next weighing tells.
    const stands = [1, 2, 3, 4].map((hours, i) => ({ hours, kg: Math.min(1.9, 1 + 0.9 * i) }));
    const freed = drainForecast({ ...drain, weighings: stands, stirHours: [4.5], nowHours: 5 });
    expect(freed.stalled).toBe(false);
    expect(freed.stillKg.mid).toBeGreaterThan(0);
  });
  it('never forecasts more than the comb can have held', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 9.9, noNaN: true }),
        fc.double({ min: 1, max: 12, noNaN: true }),
        (kg, hours) => {
          const f = drainForecast({
            ...drain,
            weighings: [{ hours, kg }],
            nowHours: hours,
            aheadHours: [hours + 1, hours + 30],
          });
          for (const high of [f.finalKg.high, ...f.ahead.map((a) => a.high)])
            expect(high).toBeLessThanOrEqual(drain.combHoneyKg.high + 1e-9);
        },
      ),
      { numRuns: 30 },
    );
  });
  it('as a calculator answers by its contract, and refuses more out than was in', () => {
    const question = {
      combHoneyKg: drain.combHoneyKg,
      method: 'chop',
      moisturePercent: 18,
      temperatures: [{ hours: 0, temperatureC: 22 }],
      weighings: [
        { hours: 1, kg: 1.2 },
        { hours: 3, kg: 2.9 },
      ],
      drawOffs: [{ hours: 2, kg: 1 }],
      vesselFullKg: 3,
      nowHours: 3,
      aheadHours: [12, 5],
      stopBelowGPerHour: 20,
    };
    const answer = calculate('drain-forecast', question) as DrainForecastAnswer;
    expect(answer.ahead.map((a) => a.hours)).toEqual([12, 5]);
    expect(answer.fullHours!.earliest).toBeLessThan(answer.fullHours!.likely!);
    expect(answer.stopAtHours!.low).toBeGreaterThan(3);
    const { stopBelowGPerHour: _, ...unsaid } = question;
    expect(calculate('drain-forecast', unsaid)).toMatchObject({ stopAtHours: null });
    expect(() =>
      calculate('drain-forecast', { ...question, weighings: [{ hours: 1, kg: 12 }] }),
    ).toThrow(expect.objectContaining({ path: 'weighings[0].kg' }) as BadInput);
    expect(() => calculate('drain-forecast', { ...question, temperatures: [] })).toThrow(BadInput);
  });
  it('never forecasts less than what was weighed, nor more band below than above', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        fc.double({ min: 2, max: 10, noNaN: true }),
        (final, tau) => {
          const weighings = [1, 2, 4].map((hours) => ({
            hours,
            kg: final * -Math.expm1(-hours / tau),
          }));
          const f = drainForecast({ ...drain, weighings, nowHours: 4 });
          expect(f.outNowKg.mid).toBeGreaterThanOrEqual(weighings[2].kg - 1e-9);
          expect(f.finalKg.mid).toBeGreaterThanOrEqual(weighings[2].kg - 1e-9);
        },
      ),
      { numRuns: 30 },
    );
  });
});

describe('settling', () => {
  it('stands as deep as its volume says', () => {
    // 1.4146 kg of 18 % honey is one litre; a litre in 113 mm across stands 100 mm deep.
    expect(
      honeyDepthMm({
        honeyKg: 1.4146,
        innerDiameterMm: 112.84,
        moisturePercent: 18,
        temperatureC: 20,
      }),
    ).toBeCloseTo(100, 1);
  });
  it('takes longer in cold and deep honey', () => {
    const a = settlingHours({ depthMm: 200, temperatureC: 30, moisturePercent: 18 });
    const b = settlingHours({ depthMm: 200, temperatureC: 20, moisturePercent: 18 });
    expect(b.mid / a.mid).toBeGreaterThan(2.5);
    expect(settlingHours({ depthMm: 400, temperatureC: 30, moisturePercent: 18 }).mid).toBeCloseTo(
      2 * a.mid,
      6,
    );
    expect(a.low).toBeLessThan(a.high);
  });
});
