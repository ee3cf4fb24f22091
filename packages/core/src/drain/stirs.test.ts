import { describe, expect, it } from 'vitest';
import { at, drainRecord, event } from '../../fixtures/drains.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { nextStirAt, remashAt } from './stirs.js';

// A drain of the fixtures begins on 14 March at 10:00 in São Paulo, 13:00 UTC.
const next = (
  change: Parameters<typeof drainRecord>[0],
  nowHours = 0,
  rules: Partial<typeof DEFAULT_RULES> = {},
): string | null => nextStirAt(drainRecord(change), { ...DEFAULT_RULES, ...rules }, at(nowHours));

describe('when comb is stirred next', () => {
  it('twice at the house interval, then no more, never after the press', () => {
    expect(next({})).toBe(at(2));
    expect(next({ events: [event('stir', 2.5)] })).toBe(at(4.5));
    expect(next({ events: [event('stir', 2), event('mash', 4)] })).toBeNull();
    expect(next({ events: [event('press', 1)] })).toBeNull();
  });
  it('until it ends by that school, at any interval to a week', () => {
    const events = [event('stir', 2), event('mash', 4), event('stir', 30)];
    expect(next({ events }, 31, { stirs: 'until-ended', stirEveryHours: 48 })).toBe(at(78));
    expect(next({ events }, 31, { stirs: 'until-ended', stirEveryHours: 168 })).toBe(at(198));
  });
  it('slices only by the school that turns them', () => {
    expect(next({ method: 'slice' })).toBeNull();
    expect(next({ method: 'slice' }, 0, { stirSlices: true })).toBe(at(2));
  });
  it('not in the quiet hours: what falls into them, or was left until then, waits for the morning', () => {
    const morning = '2026-03-15T10:00:00.000Z';
    expect(next({}, 0, { stirEveryHours: 13 })).toBe(morning);
    expect(next({}, 5)).toBe(at(2));
    expect(next({}, 13)).toBe(morning);
    expect(next({}, 22)).toBe(at(2));
    const nap = { quietFrom: '12:00', quietTo: '14:00' };
    expect(next({}, 0, nap)).toBe('2026-03-14T17:00:00.000Z');
  });
});

describe('when comb is mashed once more', () => {
  const again = (
    remash: (typeof DEFAULT_RULES)['remash'],
    change: Parameters<typeof drainRecord>[0] = {},
  ): string | null => remashAt(drainRecord(change), { ...DEFAULT_RULES, remash });
  it('is the school of the house: never, after hours, after a day', () => {
    expect(again('never')).toBeNull();
    expect(again('hours')).toBe(at(6));
    expect(again('days')).toBe(at(24));
  });
  it('is once, never after the press, and never for slices', () => {
    expect(again('hours', { events: [event('mash', 3)] })).toBeNull();
    expect(again('hours', { events: [event('press', 3)] })).toBeNull();
    expect(again('hours', { method: 'slice' })).toBeNull();
  });
});
