import { describe, expect, it } from 'vitest';

import { weeklyGain, type HiveWeight } from './hiveWeight.js';

const on = (day: number, kg: number, same = true): HiveWeight => ({
  on: `2026-03-${String(day).padStart(2, '0')}`,
  kg,
  same,
});

describe('what a weighed hive gains a week', () => {
  it.each([
    ['a strong flow', [on(1, 40, false), on(8, 45)], 5, 'strong'],
    ['a strong flow, told from three days', [on(1, 40, false), on(4, 42)], 14 / 3, 'strong'],
    ['some forage', [on(1, 40, false), on(15, 42)], 1, 'some'],
    ['nothing to speak of', [on(1, 40, false), on(8, 40.2)], 0.2, 'standing'],
    ['a dearth', [on(1, 40, false), on(8, 39)], -1, 'none'],
  ] as const)('says %s', (_what, weights, kgAWeek, says) => {
    const gain = weeklyGain(weights)!;
    expect(gain.kgAWeek).toBeCloseTo(kgAWeek, 9);
    expect(gain.says).toBe(says);
  });
  it('goes back to a weight at least three days old', () => {
    const gain = weeklyGain([on(1, 40, false), on(8, 42), on(9, 44)])!;
    expect(gain.fromOn).toBe('2026-03-01');
    expect(gain.kgAWeek).toBeCloseTo(3.5, 9);
  });
  it('is unknown where something was added or taken, and with one weight, or none', () => {
    expect(weeklyGain([on(1, 40, false), on(8, 52, false)])).toBeNull();
    expect(weeklyGain([on(1, 40, false), on(8, 30, false), on(9, 31)])).toBeNull();
    expect(weeklyGain([on(1, 40, false)])).toBeNull();
    expect(weeklyGain([])).toBeNull();
  });
  it('begins anew from the weight after which nothing was changed', () => {
    const gain = weeklyGain([on(1, 40, false), on(8, 30, false), on(15, 31)])!;
    expect(gain).toMatchObject({ fromOn: '2026-03-08', kgAWeek: 1, says: 'some' });
  });
});
