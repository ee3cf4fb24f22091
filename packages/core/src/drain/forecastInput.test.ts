import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { at, drainRecord, event, pail, weighing } from '../../fixtures/drains.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { stackQuestions, vesselFullKg } from './arrangements.js';
import { drainForecast } from './forecast.js';
import { forecastInput } from './forecastInput.js';
import { potLeftG } from './honeyOut.js';

const input = (
  change: Parameters<typeof drainRecord>[0],
  hours: number,
  lower = null as typeof pail | null,
) => forecastInput(drainRecord(change), lower, DEFAULT_RULES, at(hours));

describe('honey that stood in the pot at the start', () => {
  it('goes with the first that is drawn off', () => {
    const run = (drawnG: number[]) =>
      drainRecord({
        potStartG: 800,
        events: drawnG.map((g, i) => event('draw-off', i + 1, { g })),
      });
    expect(potLeftG(run([]), at(9))).toBe(800);
    expect(potLeftG(run([300]), at(9))).toBe(500);
    expect(potLeftG(run([300]), at(0.5))).toBe(800);
    expect(potLeftG(run([300, 900]), at(9))).toBe(0);
  });
});

describe('a drain as it was written down', () => {
  it('adds what was drawn off to later weighings, not to earlier ones', () => {
    const made = input(
      {
        weighings: [weighing(1, 1000), weighing(3, 500)],
        events: [event('draw-off', 2, { g: 1200 })],
      },
      4,
      pail,
    );
    expect(made.weighings).toEqual([
      { hours: 1, kg: 1 },
      { hours: 3, kg: 1.7 },
    ]);
    expect(made.drawOffs).toEqual([{ hours: 2, kg: 1.2 }]);
    expect(made.nowHours).toBe(4);
  });
  it('takes honey that stood in the pot already off again, and off the room there is', () => {
    const made = input({ potStartG: 800, weighings: [weighing(1, 1900)] }, 2, pail);
    expect(made.weighings).toEqual([{ hours: 1, kg: 1.1 }]);
    expect(made.lowerFullKg).toBeCloseTo(vesselFullKg(pail, 18, 25) - 0.8, 9);
  });
  it('reads the upper vessel as what is missing from it, less sure than the lower one', () => {
    const [upper] = input({ weighings: [weighing(2, 7000, 'upper')] }, 2).weighings;
    expect(upper.kg).toBe(2);
    expect(upper.sdKg).toBeGreaterThan(0.1);
  });
  it('leaves out what the person left out, and counts a row of readings as one weighing each five minutes', () => {
    const readings = Array.from({ length: 120 }, (_, i) => ({ at: at(1 + i / 1200), g: 1000 + i }));
    const made = input({ weighings: [{ ...weighing(1, 4000), leftOut: true }], readings }, 2);
    expect(made.weighings.length).toBeLessThanOrEqual(3);
    expect(made.weighings.every((w) => w.kg < 1.2)).toBe(true);
  });
  it('takes wax and what is no honey from the crushed comb, as a range', () => {
    const { combHoneyKg } = input({}, 0);
    expect(combHoneyKg.mid).toBeCloseTo(8.55, 9);
    expect(combHoneyKg.low).toBeLessThan(combHoneyKg.mid);
    expect(combHoneyKg.high).toBeLessThan(9);
  });
  it('leaves head room in the lower vessel, its own where it has one', () => {
    expect(vesselFullKg(pail, 18, 20)).toBeCloseTo(5 * 0.9 * 1.4146, 3);
    expect(vesselFullKg({ ...pail, headspacePercent: 20 }, 18, 20)).toBeCloseTo(
      5 * 0.8 * 1.4146,
      3,
    );
  });
});

describe('a stack of vessels before anything is poured', () => {
  const ask = (upperL: number, lowerL: number) =>
    stackQuestions({
      upper: { ...pail, id: 'u', name: 'Top', volumeL: upperL },
      lower: { ...pail, volumeL: lowerL },
      crushedKg: 6,
      outKg: { low: 4, mid: 4.8, high: 5.4 },
      moisturePercent: 18,
      temperatureC: 22,
    });
  it('says nothing where everything fits', () => expect(ask(12, 12)).toEqual([]));
  it('says what is too small, by how much, and what to do', () => {
    expect(ask(3, 12)[0]).toMatch(
      'drain.arrangements.upper-holds {vessel: Top, holds: {massG: 3469.13, as: large}, ' +
        'crushed: {massG: 6000, as: large}}',
    );
    expect(ask(12, 2)[0]).toMatch(
      'drain.arrangements.lower-takes {vessel: Pail, free: {massG: 2544.03, as: large}, ' +
        'least: {massG: 4000, as: large}}',
    );
    expect(ask(12, 3.9)[0]).toMatch(
      'drain.arrangements.lower-may-fill {vessel: Pail, free: {massG: 4960.86, as: large}, ' +
        'most: {massG: 5400, as: large}}',
    );
    expect(
      stackQuestions({
        upper: pail,
        lower: pail,
        crushedKg: 1,
        outKg: { low: 1, mid: 1, high: 1 },
        moisturePercent: 18,
        temperatureC: 22,
      })[0],
    ).toMatch('drain.arrangements.same-vessel');
  });
});

describe('the forecast of a drain', () => {
  it('draws 500 weighings of a scale as well as five', () => {
    const weighings = Array.from({ length: 500 }, (_, i) =>
      weighing((i + 1) / 50, Math.round(6800 * -Math.expm1(-(i + 1) / 300))),
    );
    const f = drainForecast(input({ weighings }, 10, pail));
    expect(f.weighingsUsed).toBe(500);
    expect(f.finalKg.high - f.finalKg.low).toBeLessThan(0.8);
    expect(f.curve.every((p) => Number.isFinite(p.mid))).toBe(true);
  });
  it('says the vessel never fills where it is large enough', () => {
    expect(drainForecast(input({}, 1, { ...pail, volumeL: 30 })).overflowHours).toBeNull();
    expect(drainForecast(input({}, 1)).overflowHours).toBeNull();
  });
});
