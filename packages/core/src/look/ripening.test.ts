import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_RULES } from '../records/houseRules.js';
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
import { scanFromBack } from './scan.js';
import { superForecast, type SuperFrame, superSince } from './superForecast.js';
import type { JudgedComb } from './judgeHive.js';

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
      { date: null, sentence: expect.stringMatching(/Not this season.*flow ends/) },
    );
    expect(comeBack({ ...base, waitUntil: '2026-07-20' })).toMatchObject({
      date: null,
      sentence: expect.stringMatching(/season ends/),
    });
  });
  it('is no date after one look', () =>
    expect(comeBack({ ...base, capped: null, looks: 1 })).toEqual({
      date: null,
      sentence: 'One look gives no date: look again in 7 days.',
    }));
});

describe('scanning from the back', () => {
  const comb = (slot: number, verdict: string): JudgedComb =>
    ({
      slot,
      label: String(slot),
      verdict: { verdict, headline: `${slot} so.` },
    }) as unknown as JudgedComb;
  it('stops at the first that passes; the others go back in order', () => {
    const scan = scanFromBack([
      comb(11, 'take'),
      comb(12, 'take'),
      comb(13, 'leave'),
      comb(14, 'test'),
    ]);
    expect(scan.first!.slot).toBe(12);
    expect(scan.steps.map((s) => [s.slot, s.what])).toEqual([
      [14, 'put-back'],
      [13, 'put-back'],
      [12, 'take'],
      [11, 'not-reached'],
    ]);
    expect(scan.sentence).toMatch(/14, 13 go back/);
  });
  it('takes none where none passes', () => {
    const scan = scanFromBack([comb(1, 'leave'), comb(2, 'leave')]);
    expect(scan.first).toBeNull();
    expect(scan.steps.every((s) => s.what === 'put-back')).toBe(true);
  });
});

describe('a super', () => {
  const frame = (place: number, looks: [number, number, number][]): SuperFrame => ({
    place,
    looks: looks.map(([day, filledShare, cappedShare]) => ({
      date: addDays(D, day),
      filledShare,
      cappedShare,
    })),
  });
  const base = {
    purpose: 'cut-comb' as const,
    today: addDays(D, 12),
    setOn: addDays(D, -5),
    flowEndsOn: null,
    pace: STARTING_PACE,
  };
  it.each([
    ['never read', [frame(1, [])], 'unseen'],
    ['refused', [frame(1, [[12, 0, 0]]), frame(2, [[12, 0.02, 0]])], 'refused'],
    ['finished', [frame(1, [[12, 0.97, 0.98]]), frame(2, [[12, 0.95, 0.96]])], 'finished'],
    [
      'uneven',
      [
        frame(1, [
          [0, 0.1, 0],
          [12, 0.2, 0.1],
        ]),
        frame(2, [
          [0, 0.5, 0.3],
          [12, 0.9, 0.7],
        ]),
      ],
      'uneven',
    ],
    [
      'crowded',
      [
        frame(1, [
          [0, 0.7, 0.4],
          [12, 0.95, 0.7],
        ]),
        frame(2, [
          [0, 0.8, 0.5],
          [12, 0.97, 0.8],
        ]),
      ],
      'crowded',
    ],
  ])('%s', (_, frames, state) => expect(superForecast({ ...base, frames }).state).toBe(state));
  it('that came with its hive is known from the first look on, not from when the colony moved in', () => {
    const hive = (looks: string[]) =>
      ({
        colony: { startedOn: '2025-06-20' },
        bars: [{ boxId: 'b', comb: { looks: looks.map((date) => ({ date })) } }],
      }) as unknown as Parameters<typeof superSince>[0];
    const since = (sinceOn: string, looks: string[]) =>
      superSince(hive(looks), { carrierId: 'b', sinceOn });
    expect(since('2025-06-20', ['2026-06-20', '2026-07-02'])).toBe('2026-06-20');
    expect(since('2025-06-20', [])).toBeNull();
    expect(since('2026-05-01', ['2026-06-20'])).toBe('2026-05-01');
  });
  it('asks for a second super where the colony and the flow are strong', () => {
    const frames = [frame(1, [[12, 0.5, 0.2]]), frame(2, [[12, 0.6, 0.3]])];
    const next = (roomForSecond: boolean) =>
      superForecast({ ...base, frames, roomForSecond }).doNext.join(' ');
    expect(next(true)).toMatch(/second super now/);
    expect(next(false)).not.toMatch(/second super/);
  });
  it('turned since the last look waits for the next one, and asks for no second turn', () => {
    const frames = [frame(1, [[6, 0.2, 0.1]]), frame(2, [[6, 0.9, 0.7]])];
    const next = (turnedOn: string | null) =>
      superForecast({ ...base, frames, turnedOn }).doNext.join(' ');
    expect(next(addDays(D, 7))).toMatch(/^Turned round on .*look again a week after/);
    expect(next(addDays(D, 2))).toMatch(/Turn the super round/);
    expect(next(null)).toMatch(/Turn the super round/);
  });
  it('moves finished comb outward and light ones to the middle, the least disturbance first; a liquid super is left', () => {
    const frames = [
      frame(1, [
        [0, 0.1, 0],
        [12, 0.2, 0.1],
      ]),
      frame(5, [
        [0, 0.5, 0.3],
        [12, 0.95, 0.9],
      ]),
    ];
    const comb = superForecast({ ...base, frames }).doNext;
    expect(comb[0]).toMatch(/Turn the super/);
    expect(comb[1]).toBe('Frame 5 outward, frame 1 to the middle.');
    expect(superForecast({ ...base, frames, purpose: 'liquid' }).doNext.join(' ')).not.toMatch(
      /outward/,
    );
  });
  it('moves frames and gives room by the schools of the house', () => {
    const uneven = [frame(1, [[12, 0.2, 0.1]]), frame(5, [[12, 0.95, 0.9]])];
    const full = [frame(1, [[12, 0.95, 0.4]])];
    const next = (
      frames: ReturnType<typeof frame>[],
      schools: Partial<typeof DEFAULT_RULES>,
      more: Partial<Parameters<typeof superForecast>[0]> = {},
    ): string =>
      superForecast({
        ...base,
        frames,
        ...more,
        schools: { ...DEFAULT_RULES, ...schools },
      }).doNext.join(' ');
    expect(next(uneven, { finishedCombFrames: 'middle' })).toMatch(
      /Frame 5 to the middle, frame 1 outward/,
    );
    expect(next(uneven, { finishedCombFrames: 'stay' })).toMatch(/its frames keep their places/);
    const liquid = { purpose: 'liquid' as const };
    expect(next(uneven, { finishedLiquidFrames: 'outward' }, liquid)).toMatch(/Frame 5 outward/);
    expect(next(full, { extraSuper: 'super' })).toMatch(/add a super/);
    expect(next(full, { extraSuper: 'crowd' })).toMatch(/by your rule they stay crowded/);
    expect(next(uneven, { extraSuper: 'super' })).toMatch(/By your rule a second super/);
    expect(next(uneven, { extraSuper: 'by-flow' })).not.toMatch(/second super/);
    expect(next(uneven, { extraSuper: 'crowd' }, { roomForSecond: true })).not.toMatch(
      /second super/,
    );
  });
  it('says whether it is finished before the flow ends', () => {
    const frames = [
      frame(1, [
        [0, 0.9, 0.5],
        [12, 0.95, 0.85],
      ]),
    ];
    expect(superForecast({ ...base, frames, flowEndsOn: addDays(D, 90) }).beforeFlowEnds).toBe(
      'yes',
    );
    expect(superForecast({ ...base, frames, flowEndsOn: addDays(D, 13) }).beforeFlowEnds).toBe(
      'no',
    );
    expect(superForecast({ ...base, frames }).beforeFlowEnds).toBe('unknown');
  });
  it('a longer flow never makes it later', () => {
    const rank = { no: 0, unknown: 1, perhaps: 1, yes: 2 };
    const frames = [
      frame(1, [
        [0, 0.5, 0.2],
        [12, 0.8, 0.6],
      ]),
    ];
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90 }),
        fc.integer({ min: 0, max: 60 }),
        (days, more) =>
          rank[
            superForecast({ ...base, frames, flowEndsOn: addDays(D, 12 + days + more) })
              .beforeFlowEnds
          ] >=
          rank[
            superForecast({ ...base, frames, flowEndsOn: addDays(D, 12 + days) }).beforeFlowEnds
          ],
      ),
    );
  });
});

describe('what is only said where somebody looked', () => {
  const done = { date: '2026-03-10', filledShare: 0.98, cappedShare: 0.99 };
  const forecast = (frames: SuperFrame[], setOn = '2023-12-01') =>
    superForecast({
      frames,
      purpose: 'liquid',
      today: '2026-03-14',
      setOn,
      flowEndsOn: null,
      pace: STARTING_PACE,
    });
  const frames = (n: number, of: (place: number) => Partial<SuperFrame>): SuperFrame[] =>
    Array.from({ length: n }, (_, i) => ({ place: i + 1, looks: [], ...of(i + 1) }));
  it('no super is finished by three of its nine frames', () => {
    const some = forecast(frames(9, (place) => (place <= 3 ? { looks: [done] } : {})));
    expect(some.state).toBe('building');
    expect(some.sentence).toMatch(/3 of 9 frames read; 4, 5, 6, 7, 8, 9 not/);
    expect(forecast(frames(9, () => ({ looks: [done] }))).state).toBe('finished');
  });
  it('no super is refused that nobody looked into', () => {
    expect(forecast(frames(9, () => ({})))).toMatchObject({ state: 'unseen' });
    const empty = { date: '2026-03-10', filledShare: 0, cappedShare: 0 };
    expect(
      forecast(frames(9, (place) => (place === 1 ? { looks: [empty] } : {}))).sentence,
    ).toMatch(/Not begun yet on what was read/);
    expect(forecast(frames(2, () => ({ looks: [empty] }))).sentence).toMatch(
      /^Refused: nothing drawn in 830 days/,
    );
  });
  it('a super read from below is known at its edge, and taken first where all of it is capped', () => {
    const all = forecast(frames(9, () => ({ edge: 'capped' })));
    expect(all).toMatchObject({ state: 'finished', doNext: ['Take this super first.'] });
    expect(all.sentence).toMatch(/above the edge is unknown/);
    const part = forecast(frames(9, (place) => ({ edge: place < 8 ? 'capped' : null })));
    expect(part.sentence).toMatch(/7 of 9 frames are capped.*2 were not seen/);
  });
  it('no day is named where the share does not rise', () => {
    const looks = (last: number): CappedLook[] => [
      { date: '2026-02-20', cappedShare: 0.5 },
      { date: '2026-03-10', cappedShare: last },
    ];
    const say = (last: number): string =>
      comeBack({
        today: '2026-03-14',
        capped: cappedForecast({
          looks: looks(last),
          need: 0.8,
          pace: STARTING_PACE,
          today: '2026-03-14',
        }),
        looks: 2,
        lookAgainDays: 7,
        waitUntil: null,
        flowEndsOn: null,
        seasonEndsOn: '2026-06-30',
      }).sentence;
    expect(say(0.5)).toMatch(/^Not getting riper/);
    expect(say(0.42)).toMatch(/^Not getting riper/);
    expect(say(0.66)).toMatch(/^Come back from/);
  });
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
