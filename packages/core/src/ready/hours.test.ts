import { countedCombs } from '../hive/kinds.js';
import { saying } from '../../fixtures/said.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { household } from '../../fixtures/chooser.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { type BringHarvest, bringList as bringListSays } from './bring.js';
import { vehicleTrips, allocateSpares, shimHeightMm } from './bringCounts.js';
import { harvestCautions as harvestCautionsSays } from './cautions.js';
import {
  bestHours,
  type HourQuestion,
  scoreHour as scoreHourSays,
  smokeAdvice as smokeAdviceSays,
} from './hourScore.js';
import { heatIndexC, mergeWeather } from './weather.js';
import type { WeatherHour } from '../records/vocabulary/weather.js';

const bringList = saying(bringListSays);
const scoreHour = saying(scoreHourSays);
const harvestCautions = saying(harvestCautionsSays);
const smokeAdvice = saying(smokeAdviceSays);

const asked: HourQuestion = {
  kind: 'top-bar',
  way: 'crush',
  zone: 'UTC',
  place: { latitude: 0, longitude: 0 },
  forage: 'some',
  temper: 'calm',
  alive: true,
  rules: DEFAULT_RULES,
};
const fine = (at: string, more: Partial<WeatherHour> = {}): WeatherHour => ({
  at,
  temperatureC: 24,
  windKmH: 6,
  rainMm: 0,
  humidityPercent: 55,
  cloudPercent: 20,
  source: 'hand',
  ...more,
});
const at = (hour: number): string => `2026-03-15T${String(hour).padStart(2, '0')}:00:00.000Z`;
const unread = (hour: number, more: Partial<WeatherHour> | null, q: Partial<HourQuestion> = {}) =>
  scoreHourSays(at(hour), more === null ? null : fine(at(hour), more), { ...asked, ...q });
const why = saying(unread);

describe('the heat index', () => {
  // Published table of the US weather service: °F at % humidity.
  it.each([
    [90, 70, 105],
    [86, 90, 105],
    [100, 40, 109],
    [80, 40, 80],
    [92, 60, 105],
    // Damp air above 85 %, with the adjustment of the service.
    [84, 95, 100],
  ])('%i °F at %i %% feels like %i °F', (f, humidity, feels) => {
    expect(heatIndexC((f - 32) / 1.8, humidity) * 1.8 + 32).toBeGreaterThan(feels - 1.5);
    expect(heatIndexC((f - 32) / 1.8, humidity) * 1.8 + 32).toBeLessThan(feels + 1.5);
  });
  it.each([
    // The simple formula rules while its mean with the air is below 80 °F.
    [70, 50, 69.5],
    [75, 80, 75.8],
    // Dry air below 13 %, with the adjustment of the service.
    [100, 10, 94.5],
  ])(
    '%i °F at %i %%, outside the table, is %f °F by the formulas written out',
    (f, humidity, feels) =>
      expect(heatIndexC((f - 32) / 1.8, humidity) * 1.8 + 32).toBeCloseTo(feels, 0),
  );
  it('is seamless to within a degree up to 60 % humidity, and to two in damper air, as the service has it', () => {
    const seam = (humidity: number): number => {
      let most = 0;
      for (let c = 5; c < 45; c += 0.01)
        most = Math.max(most, Math.abs(heatIndexC(c + 0.01, humidity) - heatIndexC(c, humidity)));
      return most;
    };
    for (const humidity of [10, 20, 30, 40, 50, 60]) expect(seam(humidity)).toBeLessThan(1);
    for (const humidity of [70, 80, 90, 100]) expect(seam(humidity)).toBeLessThan(2);
  });
});

describe('the hour', () => {
  it('a calm, dry, warm morning is good, and every reason is said', () => {
    const s = why(10, {});
    expect(s.fit).toBe('good');
    expect(s.reasons.map((r) => r.rule)).toEqual(
      expect.arrayContaining(['foragers', 'wind', 'warmth']),
    );
  });
  it.each([
    ['rain', 10, { rainMm: 0.4 }, 'rain'],
    ['wind', 10, { windKmH: 30 }, 'wind'],
    ['heat', 12, { temperatureC: 33, humidityPercent: 70 }, 'heat'],
    ['soft comb', 12, { temperatureC: 36, humidityPercent: 10 }, 'soft comb'],
    ['cold', 10, { temperatureC: 9 }, 'cold'],
    ['night', 22, {}, 'daylight'],
  ] as const)('%s forbids it', (_name, hour, weather, rule) => {
    const s = why(hour, weather);
    expect(s).toMatchObject({ fit: 'no', score: 0 });
    expect(s.reasons.filter((r) => r.points === null).map((r) => r.rule)).toContain(rule);
    expect(s.reasons[0].points).toBeNull();
  });
  it('drain frames want warmth, and in a dearth the evening', () => {
    expect(
      why(10, { temperatureC: 18 }, { kind: 'drain-frame', way: 'drain-hive' }).score,
    ).toBeLessThan(why(10, { temperatureC: 28 }, { kind: 'drain-frame', way: 'drain-hive' }).score);
    const dearth = { kind: 'drain-frame', way: 'drain-hive', forage: 'dearth' } as const;
    expect(why(17, { temperatureC: 27 }, dearth).score).toBeGreaterThan(
      why(11, { temperatureC: 27 }, dearth).score,
    );
    expect(
      why(11, { temperatureC: 27 }, dearth).reasons.some((r) =>
        r.sentence.includes('ready.hourScore.dearth-what-runs-starts-robbing'),
      ),
    ).toBe(true);
  });
  it('unknown weather is judged by rules and forage alone, and says so', () => {
    const s = why(10, null);
    expect(s.weatherKnown).toBe(false);
    expect(s.fit).toBe('good');
    expect(s.reasons.find((r) => r.rule === 'weather')!.sentence).toMatch(
      'ready.hourScore.weather-not-known-dry-warm',
    );
  });
  it('practice weather is marked in every sentence it counts in', () => {
    const s = scoreHour(at(10), { ...fine(at(10)), source: 'practice' }, asked);
    expect(s.practice).toBe(true);
    expect(
      s.reasons
        .filter((r) => ['wind', 'warmth'].includes(r.rule))
        .every((r) => r.sentence.includes('ready.hourScore.practice-weather')),
    ).toBe(true);
  });
  it('more wind or rain never makes an hour better', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 7, max: 18 }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (hour, wind, more) => {
          expect(why(hour, { windKmH: wind + more }).score).toBeLessThanOrEqual(
            why(hour, { windKmH: wind }).score,
          );
        },
      ),
    );
  });
  it('the best run of hours has no forbidden one in it', () => {
    const scores = Array.from({ length: 12 }, (_, i) => unread(i + 7, { rainMm: i === 3 ? 2 : 0 }));
    for (const w of bestHours(scores, 3)) expect(w.hours.every((h) => h.fit !== 'no')).toBe(true);
    expect(bestHours(scores, 3)[0].score).toBeGreaterThanOrEqual(
      bestHours(scores, 3).at(-1)!.score,
    );
  });
  it('smoke by temper, never for stingless bees', () => {
    expect(smokeAdvice('by-temper', 'defensive', false, 4)).toMatch(
      'ready.hourScore.smoke-before-at-entrance-and {waitMinutes: 4, smoke: }',
    );
    expect(smokeAdvice('fresh-air', 'defensive', false, 4)).toMatch(
      'ready.hourScore.smoke-before-at-entrance-and',
    );
    expect(smokeAdvice('by-temper', 'calm', false, 4)).toMatch(
      'ready.hourScore.calm-bees-try-without-smoke',
    );
    expect(smokeAdvice('smoke', null, true, 4)).toMatch(
      'ready.hourScore.no-smoke-stingless-bees-are',
    );
  });
});

describe('weather typed in', () => {
  it('stands over the service value by value, and fills its gaps', () => {
    const merged = mergeWeather(
      [{ ...fine(at(9)), source: 'practice' }],
      [fine(at(9), { temperatureC: 12, windKmH: null }), fine(at(10))],
    );
    expect(merged[0]).toMatchObject({ temperatureC: 12, windKmH: 6, source: 'hand' });
    expect(merged).toHaveLength(2);
  });
});

describe('what to bring', () => {
  const harvest = (more: Partial<BringHarvest> = {}): BringHarvest => ({
    id: 'a',
    hiveName: 'Ipê',
    siteName: 'Encosta',
    kind: 'top-bar',
    way: 'crush',
    combs: 2,
    taken: countedCombs(2, 'top-bar'),
    litres: { tub: 5, upper: 4, out: 3 },
    fills: [{ jarId: 'jar', count: 9 }],
    supportsMm: 480,
    tiltDegrees: null,
    dearth: false,
    smoke: true,
    alive: true,
    urgency: 0,
    ...more,
  });
  const { rules, jars, vessels } = household();
  const vesselLine = (what: string, litres: number, name: string): string =>
    `ready.bring.vessel {what: ready.bring.${what}, litres: {volumeL: ${litres}}, ` +
    `names: ready.bring.vessels-named {names: {and: [ready.bring.vessel-named ` +
    `{name: ${name}, volume: {volumeL: 12}}]}}}`;
  const list = (harvests: BringHarvest[], gear: Parameters<typeof bringList>[0]['gear'] = []) =>
    bringList({ harvests, kit: vessels, jars, gear, rules });
  it('each line knows what it serves and goes when the choice does', () => {
    const line = list([harvest()]).find((l) => l.id === 'vessel-upper-a')!;
    expect(line).toMatchObject({
      text: vesselLine('bucket-with-holes', 4, 'Upper'),
      serves: 'ready.bring.for-combs {hiveName: Ipê, combs: hiveName.combs {count: 2}}',
      short: 0,
    });
    expect(list([harvest({ way: 'press' })]).some((l) => l.id === 'vessel-upper-a')).toBe(false);
    expect(list([])).toHaveLength(4);
  });
  it('one vessel serves two lots one after the other; without a settling vessel it settles where it ran', () => {
    const two = list([harvest(), harvest({ id: 'b', hiveName: 'Cedro' })]);
    expect(two.find((l) => l.id === 'vessel-lower-b')).toMatchObject({
      text: vesselLine('bucket-under-it', 3, 'Lower'),
      ifMissing: 'ready.bring.in-use-for-another-lot',
      short: 0,
    });
    // What a small bucket cannot hold is drawn off into the settling vessel.
    const small = vessels.map((v) => (v.role === 'lower' ? { ...v, volumeL: 2 } : v));
    const drawn = bringList({ harvests: [harvest()], kit: small, jars, gear: [], rules });
    expect(drawn.find((l) => l.id === 'vessel-lower-a')).toMatchObject({
      ifMissing: 'ready.bring.more-than-it-holds-draw {shortL: {volumeL: 1.2}}',
      short: 0,
    });
    // In the tub both are carried at once.
    const tubs = two.filter((l) => l.id.startsWith('vessel-tub'));
    expect(tubs.map((l) => l.short)).toEqual([0, 1]);
    const kit = vessels.filter((v) => v.role !== 'settling');
    const lines = bringList({ harvests: [harvest()], kit, jars, gear: [], rules });
    expect(lines.find((l) => l.id === 'vessel-settling')).toMatchObject({
      text: 'ready.bring.no-settling-vessel-in-kit',
      short: 0,
    });
  });
  it('jars by size with a spare, and what is short', () => {
    expect(list([harvest()]).find((l) => l.id === 'jar-jar')).toMatchObject({
      text: 'ready.bring.text {count: 10, kind: jar, purpose: ready.bring.with-lids}',
      short: 0,
    });
    const short = list([harvest({ fills: [{ jarId: 'jar', count: 40 }] })]).find(
      (l) => l.id === 'jar-jar',
    )!;
    expect(short.short).toBe(22);
    expect(short.ifMissing).toMatch('ready.bring.short-buy-them-or-let {short: 22}');
  });
  it('by kind: a wedge worked out for a drain frame, suction for pots, no smoker for them', () => {
    expect(shimHeightMm({ supportsMm: 480, neededDegrees: 3, nowDegrees: 1 })).toBeCloseTo(
      16.76,
      2,
    );
    expect(shimHeightMm({ supportsMm: 480, neededDegrees: 3, nowDegrees: 5 })).toBe(0);
    const drain = list([harvest({ kind: 'drain-frame', way: 'drain-hive', tiltDegrees: 1 })]);
    expect(drain.find((l) => l.id === 'shim-a')!.text).toBe(
      'ready.bring.wedge {wedgeMm: {lengthMm: 16.762}}',
    );
    expect(
      list([harvest({ kind: 'drain-frame', way: 'drain-hive' })]).find((l) => l.id === 'shim-a')!
        .text,
    ).toMatch('ready.bring.wedges-tilt-not-measured-up {wedgeMm: {lengthMm: 25.1557}}');
    const pots = list([harvest({ kind: 'stingless', way: 'draw-pots', smoke: false })]);
    expect(pots.some((l) => l.text.includes('ready.bringWords.suction'))).toBe(true);
    expect(pots.some((l) => l.id === 'smoker')).toBe(false);
  });
  it('spares: needs less stock over the sites, the most urgent served first', () => {
    const shared = allocateSpares(
      [
        { need: 9, urgency: 0 },
        { need: 9, urgency: 2 },
      ],
      12,
    );
    expect(shared.map((s) => [s.gets, s.short])).toEqual([
      [3, 6],
      [9, 0],
    ]);
    fc.assert(
      fc.property(
        fc.array(fc.record({ need: fc.nat(20), urgency: fc.nat(3) }), { maxLength: 6 }),
        fc.nat(60),
        (needs, stock) => {
          const got = allocateSpares(needs, stock);
          expect(got.reduce((s, g) => s + g.gets, 0)).toBe(
            Math.min(
              stock,
              needs.reduce((s, n) => s + n.need, 0),
            ),
          );
          expect(got.every((g) => g.gets + g.short === g.need && g.gets >= 0)).toBe(true);
        },
      ),
    );
    const gear = [
      {
        id: 'g',
        name: 'Frames',
        kind: 'spare-frame' as const,
        stock: 4,
        volumeL: 2,
        weightKg: 0.4,
        repair: null,
        dueOn: null,
        revision: 1,
      },
    ];
    const lines = list(
      [
        harvest({ kind: 'framed', combs: 6 }),
        harvest({ id: 'b', hiveName: 'Guabiroba', kind: 'cut-comb', combs: 3, urgency: 2 }),
      ],
      gear,
    );
    expect(lines.find((l) => l.id === 'spare-frame-b')!.short).toBe(0);
    expect(lines.find((l) => l.id === 'spare-frame-a')).toMatchObject({ short: 5 });
    // Where no spares were ever written down nothing is known to be short.
    expect(
      list([harvest({ kind: 'framed', combs: 6 })]).find((l) => l.id === 'spare-frame-a')!.short,
    ).toBe(0);
  });
  it('counts the trips of the vehicle by litres and by kilograms', () => {
    expect(
      vehicleTrips(
        [
          { volumeL: 50, weightKg: 30 },
          { volumeL: 60, weightKg: 200 },
        ],
        { volumeL: 100, weightKg: 100 },
      ),
    ).toEqual({ trips: 3, volumeL: 110, weightKg: 230 });
    expect(vehicleTrips([], { volumeL: null, weightKg: null })).toBeNull();
  });
});

describe('cautions', () => {
  const facts = {
    way: 'crush' as const,
    stingless: false,
    alive: true,
    dearth: false,
    defensive: false,
    repellent: false,
    liftKg: 9,
    liftLimitKg: 15,
    feelsC: null,
    heatLimitC: 32,
  };
  it('stand at their step; heat and lifting are worked out', () => {
    expect(harvestCautions(facts).find((c) => c.id === 'lift')).toMatchObject({
      step: 'carry',
      text: 'ready.cautions.full-tub-weighs-about {liftKg: {massG: 9000, as: whole}}',
    });
    expect(harvestCautions({ ...facts, liftKg: 19 }).find((c) => c.id === 'lift')!.text).toMatch(
      'ready.cautions.it-weighs-about-over-your {liftKg: {massG: 19000, as: whole}, ' +
        'liftLimitKg: {massG: 15000, as: whole}}',
    );
    expect(harvestCautions({ ...facts, feelsC: 31 }).find((c) => c.id === 'heat')!.text).toMatch(
      'ready.cautions.it-will-feel-like-your {feelsC: {temperatureC: 31}, heatLimitC: {temperatureC: 32}}',
    );
    expect(harvestCautions({ ...facts, feelsC: 22 }).some((c) => c.id === 'heat')).toBe(false);
  });
  it('what does not apply is not said', () => {
    const pots = harvestCautions({ ...facts, way: 'draw-pots', stingless: true }).map((c) => c.id);
    expect(pots).toEqual(expect.arrayContaining(['flies', 'native', 'pressure']));
    expect(pots).not.toContain('fire');
    expect(harvestCautions(facts).map((c) => c.id)).not.toContain('repellent');
  });
});

describe('the hour that the house likes', () => {
  const liked = (
    preferredHour: (typeof DEFAULT_RULES)['preferredHour'],
    hour: number,
    temperatureC = 24,
  ): boolean =>
    why(hour, { temperatureC }, { rules: { ...DEFAULT_RULES, preferredHour } }).reasons.some(
      (r) => r.rule === 'preferred' && r.points! > 0,
    );
  it.each([
    ['morning', 10, 24, true],
    ['morning', 14, 24, false],
    ['cool-day', 14, 16, true],
    ['cool-day', 14, 24, false],
    ['none', 10, 16, false],
  ] as const)('%s at %i o’clock and %i °C: %s', (school, hour, temperatureC, is) =>
    expect(liked(school, hour, temperatureC)).toBe(is),
  );
});
