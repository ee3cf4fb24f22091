import { saying } from '../../fixtures/said.js';
import { describe, expect, it } from 'vitest';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { scoreHour as scoreHourSays } from './hourScore.js';
import { placeOfSite, sunTimes } from './sun.js';
import { TOWNS } from './towns.js';

const scoreHour = saying(scoreHourSays);

const town = (name: string) => TOWNS.find((t) => t.name === name)!;
const minutes = (iso: string): number => Number(iso.slice(11, 13)) * 60 + Number(iso.slice(14, 16));

describe('the sun', () => {
  // Published almanac times, UTC, to within three minutes of these coordinates.
  it.each([
    ['London', '2026-06-21T12:00:00Z', '03:43', '20:21'],
    ['London', '2026-12-21T12:00:00Z', '08:04', '15:53'],
    ['São Paulo', '2026-03-20T15:00:00Z', '09:10', '21:17'],
  ])('of %s on %s rises and sets as published', (name, noon, rise, set) => {
    const sun = sunTimes(noon, town(name))!;
    expect(Math.abs(minutes(sun.riseAt) - minutes(`0000-00-00T${rise}`))).toBeLessThan(4);
    expect(Math.abs(minutes(sun.setAt) - minutes(`0000-00-00T${set}`))).toBeLessThan(4);
  });
  it('does not rise in the polar winter', () =>
    expect(sunTimes('2026-12-21T12:00:00Z', { latitude: 78, longitude: 15 })).toBeNull());
  it('is not known where nobody said where the site lies', () => {
    expect(placeOfSite({ latitude: null, longitude: null })).toBeNull();
    expect(placeOfSite({ latitude: -25.4, longitude: -49.3 })).toEqual({
      latitude: -25.4,
      longitude: -49.3,
    });
  });
});

describe('daylight and the hour', () => {
  const hour = (local: string, place: { latitude: number; longitude: number } | null) =>
    scoreHour(`2026-06-21T${local}:00-03:00`, null, {
      kind: 'top-bar',
      way: 'crush',
      zone: 'America/Sao_Paulo',
      place,
      forage: 'some',
      temper: null,
      alive: true,
      rules: DEFAULT_RULES,
    });
  const why = (local: string, place: Parameters<typeof hour>[1]): string =>
    hour(local, place).reasons.find((r) => r.rule === 'daylight')?.sentence ?? '';
  it('opens no hive toward dark, by the sun of the place', () => {
    // Midwinter in Curitiba: the sun sets at about half past five.
    expect(why('16:00', town('Curitiba'))).toBe('');
    expect(why('17:00', town('Curitiba'))).toMatch(
      'ready.hourScore.sunset-no-hive-opened-toward {setAt: 17:35}',
    );
    expect(why('06:00', town('Curitiba'))).toMatch(
      'ready.hourScore.sunrise-dark-before-it {riseAt: 07:02}',
    );
    // Midsummer in Edinburgh the same day and hour is bright.
    expect(why('17:00', town('Edinburgh'))).toBe('');
  });
  it('stays within four hours of noon where the sun is not known, and says so', () => {
    expect(why('08:00', null)).toBe('');
    expect(why('15:00', null)).toBe('');
    expect(why('16:00', null)).toMatch('ready.hourScore.sun-times-not-known-say');
    expect(why('07:00', null)).toMatch('ready.hourScore.sun-times-not-known-say');
  });
});
