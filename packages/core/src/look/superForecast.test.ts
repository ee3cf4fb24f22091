import fc from 'fast-check';
import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { addDays } from '../units/dates.js';
import { cappedForecast, type CappedLook, comeBack, STARTING_PACE } from './ripening.js';
import { superForecast, type SuperFrame, superSince } from './superForecast.js';

const D = '2026-02-01';

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
      said(superForecast({ ...base, frames, roomForSecond }).doNext).join(' ');
    expect(next(true)).toMatch('look.super.second');
    expect(next(false)).not.toContain('look.super.second');
  });
  it('turned since the last look waits for the next one, and asks for no second turn', () => {
    const frames = [frame(1, [[6, 0.2, 0.1]]), frame(2, [[6, 0.9, 0.7]])];
    const next = (turnedOn: string | null) =>
      superForecast({ ...base, frames, turnedOn }).doNext.map(({ key }) => key);
    expect(next(addDays(D, 7))).toContain('look.super.turned');
    expect(next(addDays(D, 7))).not.toContain('look.super.turn');
    expect(next(addDays(D, 2))).toContain('look.super.turn');
    expect(next(null)).toContain('look.super.turn');
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
    expect(comb[0].key).toBe('look.super.turn');
    expect(comb[1]).toBe('look.super.full-outward {full: 5, light: 1}');
    expect(
      said(superForecast({ ...base, frames, purpose: 'liquid' }).doNext).join(' '),
    ).not.toContain('outward');
  });
  it('moves frames and gives room by the schools of the house', () => {
    const uneven = [frame(1, [[12, 0.2, 0.1]]), frame(5, [[12, 0.95, 0.9]])];
    const full = [frame(1, [[12, 0.95, 0.4]])];
    const next = (
      frames: ReturnType<typeof frame>[],
      schools: Partial<typeof DEFAULT_RULES>,
      more: Partial<Parameters<typeof superForecast>[0]> = {},
    ): string =>
      said(
        superForecast({
          ...base,
          frames,
          ...more,
          schools: { ...DEFAULT_RULES, ...schools },
        }).doNext,
      ).join(' ');
    expect(next(uneven, { finishedCombFrames: 'middle' })).toMatch(
      'look.super.full-to-middle {full: 5, light: 1}',
    );
    expect(next(uneven, { finishedCombFrames: 'stay' })).toMatch('look.super.keep-places');
    const liquid = { purpose: 'liquid' as const };
    expect(next(uneven, { finishedLiquidFrames: 'outward' }, liquid)).toMatch(
      'look.super.full-outward {full: 5, light: 1}',
    );
    expect(next(full, { extraSuper: 'super' })).toMatch('look.super.crowded-add');
    expect(next(full, { extraSuper: 'crowd' })).toMatch('look.super.crowded-by-rule');
    expect(next(uneven, { extraSuper: 'super' })).toMatch('look.super.second-by-rule');
    expect(next(uneven, { extraSuper: 'by-flow' })).not.toContain('look.super.second');
    expect(next(uneven, { extraSuper: 'crowd' }, { roomForSecond: true })).not.toContain(
      'look.super.second',
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
    expect(some.sentence).toMatch(
      'look.super.unread {read: 3, frames: 9, unread: {and: [4, 5, 6, 7, 8, 9]}}',
    );
    expect(forecast(frames(9, () => ({ looks: [done] }))).state).toBe('finished');
  });
  it('no super is refused that nobody looked into', () => {
    expect(forecast(frames(9, () => ({})))).toMatchObject({ state: 'unseen' });
    const empty = { date: '2026-03-10', filledShare: 0, cappedShare: 0 };
    expect(
      forecast(frames(9, (place) => (place === 1 ? { looks: [empty] } : {}))).sentence,
    ).toMatch('look.super.not-begun-on-read');
    expect(forecast(frames(2, () => ({ looks: [empty] }))).sentence).toMatch(
      'look.super.refused {days: 830}',
    );
  });
  it('a super read from below is known at its edge, and taken first where all of it is capped', () => {
    const all = forecast(frames(9, () => ({ edge: 'capped' })));
    expect(all).toMatchObject({ state: 'finished', doNext: ['look.super.take-first'] });
    expect(all.sentence).toMatch('look.super.from-below');
    const part = forecast(frames(9, (place) => ({ edge: place < 8 ? 'capped' : null })));
    expect(part.sentence).toMatch('look.super.from-below-some {capped: 7, frames: 9, unseen: 2}');
  });
  it('no day is named where the share does not rise', () => {
    const looks = (last: number): CappedLook[] => [
      { date: '2026-02-20', cappedShare: 0.5 },
      { date: '2026-03-10', cappedShare: last },
    ];
    const say = (last: number) =>
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
    expect(say(0.5)).toMatch('look.comeBack.not-riper');
    expect(say(0.42)).toMatch('look.comeBack.not-riper');
    expect(say(0.66)).toMatch('look.comeBack.from-no-end');
  });
});
