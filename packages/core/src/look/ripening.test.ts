import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { seasonCoverage } from '../../fixtures/coverage.js';
import { HELD_OUT_SEASONS, heldOutSeason, type HeldOutSeason } from '../../fixtures/heldOut.js';
import { seasonRun, SEASONS } from '../../fixtures/seasons.js';
import { addDays, daysBetween } from '../units/dates.js';
import {
  cappedForecast,
  type CappedLook,
  comeBack,
  householdPace,
  lastBarForecast,
  STARTING_PACE,
} from './ripening.js';

const D = '2026-02-01';
/** A comb that caps by a logistic of this pace, looked at on these days. */
const logistic = (perDay: number, days: number[], at0 = -0.5): CappedLook[] =>
  days.map((d) => ({ date: addDays(D, d), cappedShare: 1 / (1 + Math.exp(-(at0 + perDay * d))) }));

describe('when a comb will meet its share', () => {
  it('no date from one look', () =>
    expect(
      cappedForecast({ looks: logistic(0.12, [0]), need: 0.8, pace: STARTING_PACE, today: D }),
    ).toBeNull());
  it('the true day lies in the range, for combs at any usual pace', () => {
    for (const perDay of [0.06, 0.1, 0.15, 0.22]) {
      const truth = addDays(D, Math.ceil((Math.log(0.8 / 0.2) + 0.5) / perDay));
      const f = cappedForecast({
        looks: logistic(perDay, [0, 4, 8]),
        need: 0.8,
        pace: STARTING_PACE,
        today: addDays(D, 8),
      })!;
      expect(f.earliest <= truth).toBe(true);
      expect(f.latest === null || f.latest >= truth).toBe(true);
    }
  });
  it('covers about four in five of combs that differ as the prior says', () => {
    let [inside, all] = [0, 0];
    let state = 7;
    const rand = (): number => (state = (Math.imul(state, 1103515245) + 12345) >>> 0) / 4294967296;
    const normal = (): number =>
      Math.sqrt(-2 * Math.log(1 - rand())) * Math.cos(2 * Math.PI * rand());
    for (let k = 0; k < 400; k++) {
      const perDay = Math.max(0.03, STARTING_PACE.perDay + STARTING_PACE.sd * normal());
      const level = (d: number): number => -0.6 + perDay * d;
      const looks = [0, 5, 10].map((d) => ({
        date: addDays(D, d),
        cappedShare: 1 / (1 + Math.exp(-(level(d) + 0.3 * normal()))),
      }));
      const truth = Math.ceil((Math.log(4) + 0.6) / perDay);
      if (truth <= 10 || truth > 100) continue;
      const f = cappedForecast({ looks, need: 0.8, pace: STARTING_PACE, today: addDays(D, 10) });
      if (!f) continue;
      all++;
      if (addDays(D, truth) >= f.earliest && (f.latest === null || addDays(D, truth) <= f.latest))
        inside++;
    }
    expect(all).toBeGreaterThan(150);
    expect(inside / all).toBeGreaterThan(0.7);
    expect(inside / all).toBeLessThan(0.97);
  });
  it('more looks narrow the range; it never lies before today; its band rises', () => {
    const few = cappedForecast({
      looks: logistic(0.12, [0, 6]),
      need: 0.85,
      pace: STARTING_PACE,
      today: addDays(D, 6),
    })!;
    const more = cappedForecast({
      looks: logistic(0.12, [-10, -6, -2, 2, 6]),
      need: 0.85,
      pace: STARTING_PACE,
      today: addDays(D, 6),
    })!;
    expect(daysBetween(more.earliest, more.latest!)).toBeLessThan(
      daysBetween(few.earliest, few.latest ?? addDays(D, 200)),
    );
    const ripe = cappedForecast({
      looks: logistic(0.3, [0, 10]),
      need: 0.5,
      pace: STARTING_PACE,
      today: addDays(D, 12),
    })!;
    expect(ripe.earliest).toBe(addDays(D, 12));
    const at = few.at(addDays(D, 10));
    expect(at.low < at.mid && at.mid < at.high).toBe(true);
  });
  it('gives up a comb that loses caps', () => {
    const f = cappedForecast({
      looks: logistic(-0.2, [0, 5, 10, 15]),
      need: 0.8,
      pace: { ...STARTING_PACE, sd: 0.01, perDay: -0.1 },
      today: addDays(D, 15),
    });
    expect(f === null || f.latest === null).toBe(true);
  });
});

describe("the household's pace", () => {
  it('starts as published and moves to its own with every pair of looks', () => {
    expect(householdPace([])).toEqual(STARTING_PACE);
    const own = (n: number): number =>
      householdPace(Array.from({ length: n }, () => logistic(0.2, [0, 7]))).perDay;
    expect(own(1)).toBeGreaterThan(STARTING_PACE.perDay);
    expect(own(30)).toBeGreaterThan(own(3));
    expect(own(200)).toBeCloseTo(0.2, 2);
  });
  it('passes over pairs too near or too far apart, and finished combs', () =>
    expect(
      householdPace([
        logistic(0.2, [0, 1]),
        logistic(0.2, [0, 60]),
        [
          { date: D, cappedShare: 0.99 },
          { date: addDays(D, 9), cappedShare: 1 },
        ],
      ]).pairs,
    ).toBe(0));
});

describe('the last bar', () => {
  const built = (days: number[]) =>
    days.map((ago, i) => ({ bar: 8 + i, builtOn: addDays(D, -ago) }));
  it('is reached when the comb front goes on as it went', () => {
    const f = lastBarForecast({ combs: built([40, 30, 20, 10]), lastBar: 17, today: D })!;
    expect(f.front).toBe(11);
    expect(f.barsPerWeek).toBeCloseTo((3 / 40) * 7, 6);
    expect(daysBetween(D, f.earliest)).toBeLessThan(6 / (3 / 40));
    expect(daysBetween(D, f.latest!)).toBeGreaterThan(6 / (3 / 40));
  });
  it('is not foretold from one comb, nor where it stands already', () => {
    expect(lastBarForecast({ combs: built([10]), lastBar: 17, today: D })).toBeNull();
    expect(lastBarForecast({ combs: built([20, 10]), lastBar: 9, today: D })).toBeNull();
    expect(lastBarForecast({ combs: built([300, 290]), lastBar: 17, today: D })).toBeNull();
  });
});

describe('when to come back', () => {
  const capped = cappedForecast({
    looks: logistic(0.12, [0, 6]),
    need: 0.85,
    pace: STARTING_PACE,
    today: addDays(D, 6),
  })!;
  const base = {
    today: addDays(D, 6),
    capped,
    looks: 2,
    lookAgainDays: 7,
    waitUntil: null,
    flowEndsOn: null,
    seasonEndsOn: '2026-06-30',
  };
  it('is the earliest day on which all failing rules can pass', () => {
    expect(comeBack(base).date).toBe(capped.earliest);
    expect(comeBack({ ...base, waitUntil: '2026-05-01' }).date).toBe('2026-05-01');
  });
  it('is not this season where that lies after its end, with the reason', () => {
    expect(comeBack({ ...base, flowEndsOn: addDays(D, 7), waitUntil: '2026-03-20' })).toMatchObject(
      { date: null, sentence: expect.stringContaining('look.comeBack.flow-ends') },
    );
    expect(comeBack({ ...base, waitUntil: '2026-07-20' })).toMatchObject({
      date: null,
      sentence: expect.stringContaining('look.comeBack.season-ends'),
    });
  });
  it('is no date after one look', () =>
    expect(comeBack({ ...base, capped: null, looks: 1 })).toEqual({
      date: null,
      sentence: 'look.comeBack.one-look {days: 7}',
    }));
});

describe('dates of ripening, on the seasons their doubt was chosen by', () => {
  const all = { asked: 0, inside: 0 };
  it.each(SEASONS)('%s: the day lies in the range at least seven times in ten', (name) => {
    const { asked, inside } = seasonCoverage((seed, start) => seasonRun(name, seed, start));
    all.asked += asked;
    all.inside += inside;
    expect(asked).toBeGreaterThan(100);
    expect(inside / asked).toBeGreaterThan(0.7);
  });
  it('all together: four times in five, within a tenth', () => {
    expect(all.inside / all.asked).toBeGreaterThan(0.75);
    expect(all.inside / all.asked).toBeLessThan(0.9);
  });
});

/**
 * Wanted are eight of ten. A flow that stops for good before the comb is ripe is not foreseen that
 * often.
 */
const SHORT_OF_IT: Partial<Record<HeldOutSeason, number>> = {
  'stops for good': 0.58,
  'robbed back': 0.64,
};

describe('dates of ripening, on seasons held out', () => {
  const all = { asked: 0, inside: 0 };
  it.each(HELD_OUT_SEASONS)('%s: four times in five, or what is said to be short of it', (name) => {
    const { asked, inside } = seasonCoverage((seed, start) => heldOutSeason(name, seed, start));
    all.asked += asked;
    all.inside += inside;
    expect(asked).toBeGreaterThan(100);
    expect(inside / asked).toBeGreaterThan(SHORT_OF_IT[name] ?? 0.8);
  });
  it('all together: four times in five', () =>
    expect(all.inside / all.asked).toBeGreaterThanOrEqual(0.8));
});
