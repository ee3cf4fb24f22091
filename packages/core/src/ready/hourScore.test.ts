import { saying } from '../../fixtures/said.js';
import { describe, expect, it } from 'vitest';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import type { WeatherHour } from '../records/vocabulary/weather.js';
import { scoreHour as scoreHourSays, type HourQuestion } from './hourScore.js';

const scoreHour = saying(scoreHourSays);

/** Ten in the morning in southern Brazil, in summer. */
const TEN = '2026-01-15T13:00:00.000Z';
const asked: HourQuestion = {
  kind: 'top-bar',
  way: 'crush',
  zone: 'America/Sao_Paulo',
  place: { latitude: -29, longitude: -51 },
  forage: 'flow',
  temper: 'calm',
  alive: true,
  rules: { ...DEFAULT_RULES, preferredHour: 'none' },
};
const fair: WeatherHour = {
  at: TEN,
  temperatureC: 24,
  windKmH: 6,
  rainMm: 0,
  humidityPercent: 60,
  cloudPercent: 20,
  source: 'service',
};
const score = (weather: Partial<WeatherHour> | null, said: Partial<HourQuestion> = {}, at = TEN) =>
  scoreHour(at, weather && { ...fair, ...weather }, { ...asked, ...said });
const rules = (found: ReturnType<typeof score>): string[] => found.reasons.map((r) => r.rule);

describe('an hour to open a hive', () => {
  it('is good on a calm warm morning in a flow', () => {
    expect(score({})).toMatchObject({ fit: 'good', weatherKnown: true, practice: false });
  });
  it.each([
    ['rain', { rainMm: 0.4 }, {}],
    ['wind', { windKmH: 80 }, {}],
    ['soft comb', { temperatureC: 36, humidityPercent: 20 }, {}],
    ['cold', { temperatureC: 9 }, {}],
    ['heat', { temperatureC: 34, humidityPercent: 80 }, {}],
  ] as const)('is forbidden by %s, with nothing left of its score', (rule, weather, said) => {
    const found = score(weather, said);
    expect(found).toMatchObject({ fit: 'no', score: 0 });
    expect(found.reasons.filter((r) => r.points === null).map((r) => r.rule)).toContain(rule);
  });
  it('is forbidden in the dark, whatever the weather', () => {
    expect(score({}, {}, '2026-01-16T03:00:00.000Z').reasons[0].rule).toBe('daylight');
  });
  it('is neither better nor worse for weather that nobody knows', () => {
    const found = score(null);
    expect(found.weatherKnown).toBe(false);
    expect(found.reasons.find((r) => r.rule === 'weather')).toMatchObject({ points: 0 });
    expect(rules(score({ temperatureC: null, windKmH: null, rainMm: null }))).toContain('weather');
  });
  it('is worse by day in a dearth, most of all where honey runs', () => {
    const of = (kind: HourQuestion['kind']): number =>
      score({}, { forage: 'dearth', kind }).reasons.find((r) => r.rule === 'robbing')!.points!;
    expect(of('top-bar')).toBeLessThan(0);
    expect(of('drain-frame')).toBeLessThan(of('top-bar'));
  });
  it('is not too cold for a colony that is gone', () => {
    expect(rules(score({ temperatureC: 9 }, { alive: false }))).toContain('cold');
    expect(score({ temperatureC: 9 }, { alive: false }).fit).not.toBe('no');
  });
  it('is better where the household likes it, and says so', () => {
    const likes = { rules: { ...asked.rules, preferredHour: 'morning' as const } };
    expect(score({}, likes).score).toBeGreaterThanOrEqual(score({}).score);
    expect(rules(score({}, likes))).toContain('preferred');
  });
  it('is never said to be more than 100 or less than nothing', () => {
    for (const temperatureC of [15, 18, 22, 31, 33])
      for (const windKmH of [0, 12, 18])
        expect(score({ temperatureC, windKmH }).score).toSatisfy((s: number) => s >= 0 && s <= 100);
  });
  it('names practice weather as such in every figure', () => {
    const { practice, reasons } = score({ source: 'practice' });
    expect(practice).toBe(true);
    const figures = reasons.filter((r) => /\d/.test(r.sentence));
    expect(figures.every((r) => r.sentence.includes('ready.hourScore.practice-weather'))).toBe(
      true,
    );
  });
});
