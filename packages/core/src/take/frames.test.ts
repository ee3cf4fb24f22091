import fc from 'fast-check';
import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { at, pail, strangeRun } from '../../fixtures/drains.js';
import type { FrameEvent } from '../records/views.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import type { Range } from '../units/format.js';
import { boxShares } from './boxShares.js';
import { kgByDepth } from './depthCheck.js';
import { frameForecast, vesselForecast } from './frameForecast.js';
import { frameRefill, nextFrameDate } from './frameRefill.js';
import { frameVessels } from './frameVessels.js';
import { frameComingKg, frameNext, frameRun, vesselQuestions } from './frameRun.js';
import { guessBias } from '../comb/guess.js';
import type { FrameEventKind } from '../records/vocabulary/outcomes.js';

const e = (kind: FrameEventKind, hours: number, change: Partial<FrameEvent> = {}): FrameEvent => ({
  id: `${kind}${hours}`,
  batchId: 'b',
  combId: 'f2',
  kind,
  g: null,
  grossG: null,
  tareG: null,
  vesselId: null,
  shares: null,
  sharedBy: null,
  note: '',
  occurredAt: at(hours),
  ...change,
});
const run = (...events: FrameEvent[]) => frameRun('f2', 202, events);
const next = (
  r: ReturnType<typeof run>,
  hours: number,
  change: Partial<typeof DEFAULT_RULES> = {},
  all = [r],
) => frameNext(r, all, { ...DEFAULT_RULES, ...change }, at(hours));

describe('the first band of a frame, before anything was weighed', () => {
  const hoursTo = (moisturePercent: number, temperatureC?: Range) => {
    const { nineTenthsAt } = frameForecast(run(e('open', 0)), {
      parts: 1,
      honeyKg: { low: 2, mid: 2.6, high: 3.2 },
      moisturePercent,
      temperatureC,
      nowIso: at(0),
    })!;
    const hours = (iso: string): number => (Date.parse(iso) - Date.parse(at(0))) / 3_600_000;
    return {
      low: hours(nineTenthsAt!.low),
      mid: hours(nineTenthsAt!.mid),
      high: hours(nineTenthsAt!.high),
    };
  };
  it('is from a quarter of an hour to some hours at 18 % water, not from minutes to a day', () => {
    const { low, mid, high } = hoursTo(18);
    expect(low).toBeGreaterThan(0.15);
    expect(mid).toBeGreaterThan(0.7);
    expect(mid).toBeLessThan(2.5);
    expect(high).toBeLessThan(9);
  });
  it('goes by its water and its warmth', () => {
    expect(hoursTo(16.5).mid).toBeGreaterThan(1.5 * hoursTo(18).mid);
    const brood = hoursTo(18, { low: 34, mid: 35, high: 36 });
    expect(brood.mid).toBeLessThan(hoursTo(18).mid);
    // A warmth that was read is no part of the doubt any more.
    expect(brood.high / brood.low).toBeLessThan(hoursTo(18).high / hoursTo(18).low);
  });
});

describe('a drain frame, part by part', () => {
  it('adds up what was taken away in full vessels and what stands in the one now', () => {
    const r = run(
      e('open', 0, { vesselId: 'a' }),
      e('level', 0.5, { g: 700 }),
      e('swap', 1, { g: 1100, vesselId: 'b' }),
      e('level', 1.5, { g: 300 }),
    );
    expect([r.outG, r.inVesselG, r.vesselId]).toEqual([1400, 300, 'b']);
  });
  it('is opened, looked at for a leak, opened further; then weighed, reset, plugged, closed', () => {
    expect(next(run(), 0).act).toBe('open');
    expect(next(run(e('open', 0)), 0.1)).toMatchObject({ act: 'check-leak', mayOpen: false });
    expect(next(run(e('open', 0), e('no-leak', 0.1)), 0.2)).toMatchObject({
      act: 'open',
      mayOpen: true,
    });
    const whole = [e('open', 0), e('no-leak', 0.1)];
    expect(next(run(...whole), 0.5, { frameParts: 1 }).act).toBe('weigh');
    expect(next(run(...whole, e('drops', 1)), 1.1, { frameParts: 1 }).act).toBe('reset');
    expect(next(run(...whole), 0.5, { frameParts: 1, frameReset: 'running' }).act).toBe('reset');
    expect(next(run(...whole), 1.1, { frameParts: 1, frameReset: 'after-hour' }).act).toBe('reset');
    expect(next(run(...whole, e('reset', 1)), 1.1).act).toBe('plug');
    const closed = run(...whole, e('reset', 1), e('plug', 1.1));
    expect([closed.closed, next(closed, 2).act]).toEqual([true, 'closed']);
  });
  it('a leak opens nothing more anywhere, also after it was seen to, and stops nothing that runs', () => {
    const leaking = run(e('open', 0), e('leak', 0.1));
    const other = frameRun('f3', 203, []);
    expect(next(leaking, 0.2, {}, [leaking, other])).toMatchObject({
      act: 'handle-leak',
      mayOpen: false,
    });
    expect(frameNext(other, [leaking, other], DEFAULT_RULES, at(0.2)).mayOpen).toBe(false);
    const handled = run(e('open', 0), e('leak', 0.1), e('leak-handled', 0.4));
    // Once seen to, what is open runs on to its end; what is shut stays shut.
    expect(next(handled, 0.5)).toMatchObject({ act: 'weigh', mayOpen: false });
    expect(frameNext(other, [handled, other], DEFAULT_RULES, at(0.5))).toMatchObject({
      act: 'stop',
      mayOpen: false,
      says: 'take.frameRun.frame-leaked-nothing-more-opened',
    });
    expect(next(leaking, 0.2).act).not.toBe('stop');
  });
  it('keeps to so many at once', () => {
    const a = frameRun('a', 201, [e('open', 0, { combId: 'a' })]);
    const b = frameRun('b', 202, [e('open', 0, { combId: 'b' })]);
    const c = frameRun('c', 203, []);
    expect(frameNext(c, [a, b, c], DEFAULT_RULES, at(1))).toMatchObject({
      act: 'wait',
      mayOpen: false,
    });
    expect(frameNext(c, [a, b, c], { ...DEFAULT_RULES, framesAtOnce: 3 }, at(1)).mayOpen).toBe(
      true,
    );
  });
  it('is closed only by reset and plug, in any order of anything else', () => {
    const kinds: FrameEventKind[] = [
      'open',
      'level',
      'swap',
      'leak',
      'no-leak',
      'leak-handled',
      'drops',
      'wiped',
      'reset',
      'plug',
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...kinds), { maxLength: 20 }), (list) => {
        const r = run(...list.map((kind, i) => e(kind, i / 10, { g: 100 })));
        expect(r.closed).toBe(list.includes('reset') && list.includes('plug'));
        expect(r.outG).toBeGreaterThanOrEqual(r.inVesselG);
      }),
    );
  });
});

describe('vessels under the outlets', () => {
  const frame = (combId: string, vesselId: string | null, high: number) => ({
    combId,
    label: combId,
    honeyKg: { low: 1, mid: 2, high },
    vesselId,
  });
  it('are asked for before anything is opened, and one too small for a frame is said', () => {
    expect(vesselQuestions([frame('2', null, 2)], [pail], 18, 29)).toMatchObject([
      { blocks: true },
    ]);
    expect(vesselQuestions([frame('2', 'v', 2)], [pail], 18, 29)).toEqual([]);
    expect(
      vesselQuestions([frame('2', 'v', 2)], [{ ...pail, volumeL: 1 }], 18, 29)[0].sentence,
    ).toMatch(
      'take.frameRun.holds-to-its-mark-may {vessel: Pail, holdsKg: {massG: 1268.23, ' +
        'as: large}, frames: 1, names: {and: [2]}, highKg: {massG: 2000, as: large}}',
    );
    expect(
      vesselQuestions([frame('2', 'v', 4), frame('3', 'v', 4)], [pail], 18, 29)[0].sentence,
    ).toMatch(
      'take.frameRun.holds-to-its-mark-may {vessel: Pail, holdsKg: {massG: 6341.17, ' +
        'as: large}, frames: 2, names: {and: [2, 3]}, highKg: {massG: 8000, as: large}}',
    );
  });
});

describe("the level of a frame's vessel", () => {
  const flow = { parts: 4, honeyKg: { low: 1.8, mid: 2, high: 2.2 }, moisturePercent: 18 };
  const given = (nowHours: number) => ({ ...flow, nowIso: at(nowHours) });
  /** The forecast of the vessel `v` after these events. */
  const level = (events: FrameEvent[], nowHours: number, vesselFullKg: number | null = 1.5) =>
    vesselForecast(
      frameVessels(events).get('v')!,
      [...new Set(events.map((x) => x.combId))].map((id) => ({
        ...flow,
        run: frameRun(id, 202, events),
      })),
      { vesselFullKg, nowIso: at(nowHours) },
    );
  const opened = (combId = 'f2') =>
    [0, 0.1, 0.2, 0.3].map((h) => e('open', h, { vesselId: 'v', combId }));
  it('is nothing before it is opened, and no more than the open parts hold', () => {
    expect(frameForecast(run(), given(1))).toBeNull();
    const one = frameForecast(run(e('open', 0)), given(20))!;
    expect(one.outNowKg.high).toBeLessThan(0.7);
    expect(frameComingKg(run(e('open', 0)), 4, { low: 2, mid: 2, high: 2 }).mid).toBe(0.5);
    expect(level([e('open', 0, { vesselId: 'v' })], 20).fullAt).toBeNull();
  });
  it('follows what its vessel weighs, and warns by the quick edge', () => {
    const after = (g: number) => [...opened(), e('level', 0.6, { g, vesselId: 'v' })];
    const [quick, slow] = [level(after(1300), 0.7), level(after(300), 0.7)];
    expect(quick.inVesselKg.mid).toBeGreaterThan(1.29);
    expect(Date.parse(quick.fullAt!)).toBeLessThan(Date.parse(slow.fullAt ?? at(100)));
    const rate = (events: FrameEvent[]) =>
      frameForecast(run(...events), given(0.7))!.rateGPerMinute;
    expect(rate(after(1300))).toBeGreaterThan(rate(after(300)));
    const swapped = [...opened(), e('swap', 0.6, { vesselId: 'v' })].map((x) =>
      x.kind === 'open' ? { ...x, vesselId: 'first' } : x,
    );
    expect(level(swapped, 0.65).inVesselKg.mid).toBeLessThan(0.3);
  });
  it('is of the vessel: three frames fill it in a third of the time, and what stood in it counts', () => {
    const one = opened();
    const three = ['f2', 'f3', 'f4'].flatMap(opened);
    const [alone, together] = [level(one, 0.4, 1), level(three, 0.4, 1)];
    expect(together.inVesselKg.mid).toBeCloseTo(3 * alone.inVesselKg.mid, 1);
    expect(Date.parse(together.fullAt!)).toBeLessThan(Date.parse(alone.fullAt!));
    const before = vesselForecast(
      frameVessels(one, { v: 700 }).get('v')!,
      [{ ...flow, run: run(...one) }],
      { vesselFullKg: 1, nowIso: at(0.4) },
    );
    expect(before.inVesselKg.mid).toBeCloseTo(0.7 + alone.inVesselKg.mid, 6);
    expect(Date.parse(before.fullAt!)).toBeLessThan(Date.parse(alone.fullAt!));
  });
  it('warns before the vessel truly runs over, on runs of another generator', () => {
    let [late, filled] = [0, 0];
    for (let seed = 1; seed <= 60; seed++) {
      const truth = strangeRun(seed, {
        combKg: 2,
        share: { low: 0.75, high: 0.95 },
        tauHours: { low: 0.3, high: 3 },
        stirHours: [],
        moisturePercent: 18,
        temperatureC: 29,
      });
      const fullKg = 1.2;
      let trueHour = 0;
      while (truth.out(trueHour) < fullKg && trueHour < 40) trueHour += 0.1;
      if (trueHour >= 40) continue;
      filled++;
      const seenAt = trueHour * 0.4;
      const events = [
        ...[0, 1, 2, 3].map((i) => e('open', i * 0.001, { vesselId: 'v' })),
        e('level', seenAt, { g: Math.round(truth.weigh(seenAt) * 1000), vesselId: 'v' }),
      ];
      const forecast = level(events, seenAt, fullKg);
      if (!forecast.fullAt || Date.parse(forecast.fullAt) > Date.parse(at(trueHour))) late++;
    }
    expect(filled).toBeGreaterThan(40);
    expect(late / filled).toBeLessThanOrEqual(0.1);
  }, 30_000);
});

describe('what comes after and what is learned', () => {
  it('comes back when the quickest frame is full by the looks since it was drained, at most so many weeks later', () => {
    const frame = (looks: [string, number][]) => ({
      drainedOn: '2026-03-14',
      looks: looks.map(([date, filledShare]) => ({ date, filledShare })),
    });
    // 0.3 of the face in ten days: 0.9 after thirty.
    const refill = frameRefill([frame([['2026-03-24', 0.3]]), frame([['2026-03-24', 0.1]])])!;
    expect(refill).toMatchObject({ fullOn: '2026-04-13', own: true, rises: 1 });
    expect(refill.perDay).toBeCloseTo(0.03, 9);
    expect(nextFrameDate('2026-03-14', refill, 6)).toMatchObject({
      on: '2026-04-13',
      why: 'take.frameRefill.full-again-by-then-at',
    });
    expect(nextFrameDate('2026-03-14', refill, 4)).toMatchObject({
      on: '2026-04-11',
      why: 'take.frameRefill.at-most-weeks-your-rule {maxWeeks: 4}',
    });
    expect(nextFrameDate('2026-03-14', null, 2).on).toBe('2026-03-28');
  });
  it('goes by how the frames filled before where none was seen since, and by nothing where none ever was', () => {
    const before = frameRefill([
      {
        drainedOn: '2026-03-14',
        looks: [
          { date: '2026-02-01', filledShare: 0.2 },
          { date: '2026-02-21', filledShare: 0.8 },
          { date: '2026-03-13', filledShare: 0.75 },
        ],
      },
    ])!;
    expect(before).toMatchObject({ own: false, fullOn: '2026-04-13' });
    expect(
      frameRefill([{ drainedOn: '2026-03-14', looks: [{ date: '2026-03-13', filledShare: 0.9 }] }]),
    ).toBeNull();
    expect(frameRefill([])).toBeNull();
    // A fall between two looks, or looks a day apart, tell nothing.
    expect(
      frameRefill([
        {
          drainedOn: '2026-03-14',
          looks: [
            { date: '2026-03-01', filledShare: 0.9 },
            { date: '2026-03-13', filledShare: 0.4 },
            { date: '2026-03-14', filledShare: 0.5 },
          ],
        },
      ]),
    ).toBeNull();
  });
  it('a fuller look never moves the date back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.8, noNaN: true }),
        fc.double({ min: 0.03, max: 0.19, noNaN: true }),
        (filled, more) => {
          const on = (filledShare: number): string =>
            frameRefill([
              { drainedOn: '2026-03-14', looks: [{ date: '2026-03-29', filledShare }] },
            ])!.fullOn;
          expect(on(filled + more) <= on(filled)).toBe(true);
        },
      ),
    );
  });
  it('shares a box out in whole grams that add up to it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 30_000 }),
        fc.array(fc.option(fc.double({ min: 0.1, max: 3, noNaN: true }), { nil: null }), {
          minLength: 1,
          maxLength: 12,
        }),
        (netG, estimates) => {
          const shares = boxShares(netG, estimates);
          expect(shares.reduce((a, b) => a + b, 0)).toBe(netG);
          for (const s of shares) expect(Number.isInteger(s) && s >= 0).toBe(true);
        },
      ),
    );
    expect(boxShares(3000, [1, 2])).toEqual([1000, 2000]);
    expect(boxShares(3001, [null, null])).toEqual([1501, 1500]);
  });
  it('weighs by depth where there is no scale, as a range', () => {
    const kg = kgByDepth({
      depthMm: 100,
      innerDiameterMm: 112.84,
      of: 'honey',
      moisturePercent: 18,
      temperatureC: 20,
    });
    expect(kg.mid).toBeCloseTo(1.4146, 2);
    expect(kg.low).toBeLessThan(kg.mid);
    const comb = kgByDepth({
      depthMm: 100,
      innerDiameterMm: 112.84,
      of: 'comb',
      moisturePercent: 18,
      temperatureC: 20,
    });
    expect(comb.high).toBeLessThan(kg.low);
  });
  it('learns how a person guesses: shown from the first, applied from the fifth, shrunk while few', () => {
    expect(guessBias([])).toBeNull();
    const one = guessBias([{ guess: 1, weighed: 2 }])!;
    expect(one.factor.mid).toBeLessThan(1.3);
    expect(one.applies).toBe(false);
    const many = guessBias(Array.from({ length: 20 }, () => ({ guess: 1, weighed: 1.5 })))!;
    expect(many.factor.mid).toBeGreaterThan(1.35);
    expect(many.sentence).toMatch('comb.guess.bias-little {off: {percent: 30}, guesses: 20}');
    expect(many.applies).toBe(true);
    // The same percent as beside the scale and in the book: of what was weighed.
    const percent = Number(/percent: (\d+)/.exec(said(many.sentence))![1]);
    expect(percent).toBe(Math.round((1 - 1 / many.factor.mid) * 100));
    expect(guessBias([{ guess: 2, weighed: 2 }])!.sentence).toMatch('comb.guess.about-right');
  });
});
