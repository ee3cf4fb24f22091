import fc from 'fast-check';
import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { at, drainRecord, event, weighing } from '../../fixtures/drains.js';
import { blendOf, dryHoneyNeededKg } from '../honey/blend.js';
import { flowFactor } from '../honey/viscosity.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { closeMass } from './closing.js';
import { drainForecast } from './forecast.js';
import { forecastInput } from './forecastInput.js';
import { drainedG, pastRun } from './pastRuns.js';
import { drippedBeforePress, dripPress, pressAdvice, residualNorm } from './pressing.js';
import { DRAIN_PRIORS, householdPrior, methodPrior } from './priors.js';
import { steadyWeights, streamQuestions } from './scaleStream.js';
import { temperatureSteps, warmings } from './temperatures.js';
import { dayAndNight, viscousTime } from './viscousTime.js';
import { weighingQuestions } from './weighingQuestions.js';
import { enzymesAfter, whatIfs } from './whatIf.js';

describe('viscous time', () => {
  it('runs as the hours do at 25 °C and 18 %, and back again', () => {
    const time = viscousTime([{ hours: 0, temperatureC: 25 }], 18);
    expect(time.at(7)).toBeCloseTo(7, 9);
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: 0.1, max: 40, noNaN: true }), fc.integer({ min: 10, max: 40 })),
          { maxLength: 6 },
        ),
        fc.double({ min: 0, max: 90, noNaN: true }),
        (list, hours) => {
          const t = viscousTime(
            [
              { hours: 0, temperatureC: 20 },
              ...list.map(([h, temperatureC]) => ({ hours: h, temperatureC })),
            ],
            17.5,
          );
          expect(t.hoursAt(t.at(hours))).toBeCloseTo(hours, 6);
          expect(t.at(hours + 1)).toBeGreaterThan(t.at(hours));
        },
      ),
    );
  });
  it('takes the bench by its day and its night', () => {
    const steps = dayAndNight({
      dayC: 24,
      nightC: 14,
      localHour: 18,
      fromHours: 0,
      untilHours: 40,
    });
    expect(steps.slice(0, 4)).toEqual([
      { hours: 0, temperatureC: 24 },
      { hours: 2, temperatureC: 14 },
      { hours: 14, temperatureC: 24 },
      { hours: 26, temperatureC: 14 },
    ]);
    const time = viscousTime(steps, 18);
    expect(time.at(14) - time.at(2)).toBeCloseTo(12 * flowFactor(18, 14), 9);
  });
  it('lets readings correct what was typed, from half way on, and a warming lie over it while it lasts', () => {
    const steps = temperatureSteps(
      drainRecord({ events: [event('temperature', 4, { temperatureC: 19 })] }),
      'America/Sao_Paulo',
      at(5),
    );
    expect(steps).toEqual([
      { hours: 0, temperatureC: 25 },
      { hours: 2, temperatureC: 19, logged: true },
    ]);
    const warm = [event('warm', 1, { temperatureC: 36 }), event('warm-end', 3)];
    expect(temperatureSteps(drainRecord({ events: warm }), 'America/Sao_Paulo', at(8))).toEqual([
      { hours: 0, temperatureC: 25 },
      { hours: 1, temperatureC: 36 },
      { hours: 3, temperatureC: 25 },
    ]);
    expect(
      warmings([warm[0]], (iso) => (Date.parse(iso) - Date.parse(at(0))) / 3_600_000, 8)[0],
    ).toMatchObject({ untilHours: null, endHours: 8 });
  });
});

describe('what an act would bring and cost', () => {
  const input = forecastInput(
    drainRecord({ weighings: [weighing(1, 1000), weighing(3, 2700)] }),
    null,
    DEFAULT_RULES,
    at(3.5),
  );
  const acts = whatIfs(input, drainForecast(input));
  it('a stir brings some, a press more, warmth only time, and only warmth costs enzymes', () => {
    const [stir, press, warm] = ['stir', 'press', 'warm'].map((act) =>
      acts.find((a) => a.act === act)!,
    );
    expect(press.moreKg.mid).toBeGreaterThan(stir.moreKg.mid);
    expect(stir.moreKg.mid).toBeGreaterThan(0.1);
    expect(warm.soonerHours).toBeGreaterThan(0.3);
    expect(warm.diastaseLostPercent).toBeGreaterThan(0);
    expect(warm.diastaseLostPercent).toBeLessThan(0.5);
    expect(stir.diastaseLostPercent).toBe(0);
    expect(warm.invertaseLostPercent).toBeGreaterThan(warm.diastaseLostPercent);
  });
  it('two hours at 38 °C cost almost nothing, an hour at 70 °C half the invertase', () => {
    expect(1 - enzymesAfter([{ hours: 0, temperatureC: 38 }], 0, 2).diastase).toBeCloseTo(0.001, 3);
    expect(1 - enzymesAfter([{ hours: 0, temperatureC: 70 }], 0, 1).invertase).toBeCloseTo(0.59, 1);
    expect(enzymesAfter([{ hours: 0, temperatureC: 38 }], 3, 3)).toEqual({
      diastase: 1,
      invertase: 1,
    });
  });
});

describe("the household's own runs", () => {
  it('are shown from the first and used from the fifth, narrowing the published range', () => {
    const run = { share: 0.82, tauHours: 4.4 };
    const one = householdPrior(DRAIN_PRIORS.mash, [run]);
    expect(one.applied).toEqual(DRAIN_PRIORS.mash);
    expect(one.learned.tauHours.mid).toBeLessThan(6);
    const five = householdPrior(
      DRAIN_PRIORS.mash,
      Array.from({ length: 5 }, () => run),
    );
    expect(five.applied.tauHours.high / five.applied.tauHours.low).toBeLessThan(
      DRAIN_PRIORS.mash.tauHours.high / DRAIN_PRIORS.mash.tauHours.low,
    );
    expect(five.applied.share.mid).toBeGreaterThan(0.82);
    expect(five.applied.share.mid).toBeLessThan(0.885);
  });
  it('are read from the book and from weighings before the first touch, brought to 25 °C', () => {
    const tau = 5;
    const factor = flowFactor(18, 20);
    const kg = (h: number): number => Math.round(7000 * -Math.expm1((-h * factor) / tau));
    const run = pastRun(
      drainRecord({
        temperatureC: 20,
        endedAt: at(30),
        weighings: [2, 4, 8, 16].map((h) => weighing(h, kg(h))),
        events: [event('stir', 20)],
      }),
      7100,
    );
    expect(run.tauHours).toBeCloseTo(tau, 1);
    expect(run.share).toBeCloseTo(7.1 / 8.55, 6);
    expect(pastRun(drainRecord({ endedAt: at(3) }), 7000).tauHours).toBeNull();
    expect(
      drainedG({
        lots: [
          { id: 'c', kind: 'crushed' },
          { id: 'h', kind: 'honey' },
        ],
        flows: [
          { from: 'c', to: 'h', g: 500 },
          { from: 'c', to: 'loss', g: 20 },
          { from: 'h', to: 'outside', g: 100 },
        ],
      }),
    ).toBe(500);
  });
  it('fine and coarse take the two halves of the published range', () => {
    expect(methodPrior('mash', 'fine').tauHours.high).toBe(DRAIN_PRIORS.mash.tauHours.mid);
    expect(methodPrior('mash', 'coarse').tauHours.low).toBe(DRAIN_PRIORS.mash.tauHours.mid);
    expect(methodPrior('mash', 'coarse').share.high).toBe(DRAIN_PRIORS.mash.share.mid);
  });
});

describe('pressing', () => {
  const rules = { pressRestMinutes: 15, pressEnoughG: 50 };
  it('turns, rests, and says enough by weight', () => {
    expect(pressAdvice([], rules, at(0)).say).toBe('turn');
    expect(pressAdvice([{ at: at(0), g: 0 }], rules, at(0.1))).toMatchObject({
      say: 'rest',
      nextTurnAt: at(0.25),
    });
    expect(pressAdvice([{ at: at(0), g: 0 }], rules, at(0.3)).say).toBe('turn');
    expect(
      pressAdvice(
        [
          { at: at(0), g: 0 },
          { at: at(0.3), g: 400 },
        ],
        rules,
        at(0.4),
      ),
    ).toMatchObject({ say: 'rest', lastGainG: 400 });
    expect(
      pressAdvice(
        [
          { at: at(0), g: 0 },
          { at: at(0.3), g: 400 },
          { at: at(0.6), g: 430 },
        ],
        rules,
        at(0.7),
      ),
    ).toMatchObject({ say: 'enough', lastGainG: 30, nextTurnAt: null });
  });
  it('splits dripped from pressed and gives what stayed in the wax from weights alone', () => {
    const split = dripPress({ crushedG: 10_000, events: [] }, 9000, 7000)!;
    expect([split.drippedG, split.pressedG]).toEqual([7000, 2000]);
    expect(split.residualShare.mid).toBeCloseTo(1 - 9 / 9.5, 6);
    expect(split.residualShare.low).toBeLessThan(split.residualShare.mid);
    expect(dripPress({ crushedG: 10_000, events: [] }, 0, 0)).toBeNull();
  });
  it('counts what was pressed on top of what had dripped', () => {
    const drain = drainRecord({
      weighings: [weighing(1, 2000), weighing(5, 300)],
      events: [
        event('draw-off', 2, { g: 2500 }),
        event('press', 3, { g: 0 }),
        event('press', 4, { g: 600 }),
      ],
    });
    expect(drippedBeforePress(drain, at(6))).toBe(2500);
    expect(drippedBeforePress(drainRecord({ weighings: [weighing(1, 2000)] }), at(6))).toBe(2000);
    const { weighings } = forecastInput(drain, null, DEFAULT_RULES, at(6));
    expect(weighings.find((w) => w.hours === 4)!.kg).toBeCloseTo(3.1, 9);
  });
  it("holds it against the household's norm, from the third run on", () => {
    expect(residualNorm(0.1, [0.05, 0.06])).toBeNull();
    expect(residualNorm(0.12, [0.05, 0.06, 0.055])!.says).toBe('more');
    expect(residualNorm(0.06, [0.05, 0.06, 0.055])!.says).toBe('usual');
    expect(residualNorm(0.01, [0.05, 0.06, 0.055])!.says).toBe('less');
  });
});

describe('the mass at the end', () => {
  it('comb in is honey, wet wax, debris and loss; a gap over 3 % is asked about, too much always', () => {
    const close = (honeyG: number, wetWaxG: number, debrisG = 0) =>
      closeMass({ crushedG: 5000, leftG: 4000, honeyG, wetWaxG, debrisG });
    expect(close(3300, 600, 100)).toMatchObject({
      gapG: 0,
      asks: false,
      sentence: 'drain.closing.every-gram-somewhere',
    });
    expect(close(3300, 600)).toMatchObject({ gapG: 100, asks: false });
    expect(close(3200, 600)).toMatchObject({ gapG: 200, asks: true });
    expect(close(3500, 600)).toMatchObject({ gapG: -100, asks: true });
    fc.assert(
      fc.property(fc.nat(5000), fc.nat(5000), fc.nat(500), (h, w, d) => {
        expect(close(h, w, d).gapG + h + w + d).toBe(4000);
      }),
    );
  });
});

describe('what a scale says', () => {
  const row = (from: number, grams: readonly number[]) =>
    grams.map((g, i) => ({ at: at(from + i / 60), g }));
  it('gives one steady weight for five minutes and none while it is touched', () => {
    expect(steadyWeights(row(0, [1000, 1002, 1001, 1004, 1003])).map((r) => r.g)).toEqual([1002]);
    expect(steadyWeights(row(0, [1000, 1002, 1400, 1004, 1003]))).toEqual([]);
  });
  it('asks about weight that fell, jumped, and about silence', () => {
    const kinds = (list: Parameters<typeof streamQuestions>[0]) =>
      streamQuestions(list).map((q) => q.kind);
    expect(kinds(row(0, [1000, 1001, 600]))).toEqual(['went-down']);
    expect(kinds(row(0, [1000, 1001, 1600]))).toEqual(['jumped-up']);
    expect(kinds([...row(0, [1000]), ...row(0.5, [1010])])).toEqual(['silent']);
    expect(kinds(row(0, [1000, 1010, 1020]))).toEqual([]);
  });
  it('2,000 readings become a handful of weighings', () => {
    const readings = Array.from({ length: 2000 }, (_, i) => ({ at: at(i / 200), g: 1000 + i }));
    expect(steadyWeights(readings).length).toBeLessThanOrEqual(122);
    const f = drainForecast(forecastInput(drainRecord({ readings }), null, DEFAULT_RULES, at(10)));
    expect(f.outNowKg.mid).toBeGreaterThan(2.9);
  });
});

describe('weighings that do not fit', () => {
  const kinds = (change: Parameters<typeof drainRecord>[0]) =>
    weighingQuestions(drainRecord(change)).map((q) => [q.kind, q.byG]);
  it('went down without a draw-off: asked; with one: not', () => {
    expect(kinds({ weighings: [weighing(1, 2000), weighing(2, 900)] })).toEqual([
      ['went-down', 1100],
    ]);
    expect(
      kinds({
        weighings: [weighing(1, 2000), weighing(2, 900)],
        events: [event('draw-off', 1.5, { g: 1300 })],
      }),
    ).toEqual([]);
    expect(kinds({ weighings: [weighing(1, 2000), weighing(2, 1980)] })).toEqual([]);
  });
  it('two at one minute, more than went in, upper and lower that do not add up', () => {
    expect(kinds({ weighings: [weighing(1, 2000), weighing(1.005, 2060)] })).toEqual([
      ['same-minute', 60],
    ]);
    expect(kinds({ weighings: [weighing(1, 9400)] })).toEqual([['too-much', 400]]);
    expect(kinds({ weighings: [weighing(1, 2000), weighing(1, 6000, 'upper')] })).toEqual([
      ['sum-short', 1000],
    ]);
    expect(kinds({ weighings: [weighing(1, 2000), weighing(1, 6950, 'upper')] })).toEqual([]);
  });
  it('nothing more is asked once it is left out', () =>
    expect(
      kinds({ weighings: [weighing(1, 2000), { ...weighing(2, 900), leftOut: true }] }),
    ).toEqual([]));
});

describe('honey poured together', () => {
  it('averages its water by mass and says the class', () => {
    expect(blendOf([])).toBeNull();
    const both = blendOf([
      { kg: 3, moisturePercent: 17 },
      { kg: 1, moisturePercent: 21 },
    ])!;
    expect([both.kg, both.moisturePercent, both.keeping.grade]).toEqual([4, 18, 'watch']);
  });
  it('says how much dry honey a wet lot needs, or that it cannot', () => {
    const needed = dryHoneyNeededKg({
      wetKg: 2,
      wetPercent: 20,
      dryPercent: 17,
      targetPercent: 18,
    })!;
    expect(
      blendOf([
        { kg: 2, moisturePercent: 20 },
        { kg: needed, moisturePercent: 17 },
      ])!.moisturePercent,
    ).toBeCloseTo(18, 9);
    expect(
      dryHoneyNeededKg({ wetKg: 2, wetPercent: 20, dryPercent: 18, targetPercent: 18 }),
    ).toBeNull();
    expect(dryHoneyNeededKg({ wetKg: 2, wetPercent: 17, dryPercent: 16, targetPercent: 18 })).toBe(
      0,
    );
  });
});
