import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { addDays } from '../units/dates.js';
import { daysToWinter, inWinter, winterCase, winterNeedOf } from './winter.js';

const rules = {
  ...DEFAULT_RULES,
  winterNeedKg: 11,
  winterUseByMonthKg: { 4: 1.4, 5: 2, 6: 2.6, 7: 2.7, 8: 2.3 },
  strengthPercent: { weak: 90, middle: 100, strong: 110 },
};
const at = (date: string, more: Partial<Parameters<typeof winterCase>[0]> = {}) =>
  winterCase({ rules, kind: 'top-bar', strength: null, flowKg: 0, date, ...more });

describe('the winter ahead', () => {
  it('lies ahead whole before it begins, month by month in its own order', () => {
    expect(at('2026-03-14').needKg).toBeCloseTo(11, 9);
    expect(at('2026-03-14').months.map((m) => m.month)).toEqual([4, 5, 6, 7, 8]);
    const north = winterCase({
      rules: { ...rules, winterUseByMonthKg: { 11: 1, 12: 2, 1: 2, 2: 3 } },
      kind: 'top-bar',
      strength: null,
      flowKg: 0,
      date: '2026-09-01',
    });
    expect(north.months.map((m) => m.month)).toEqual([11, 12, 1, 2]);
    expect(north.months.map((m) => m.kg)).toEqual(
      [1, 2, 2, 3].map((k) => expect.closeTo((k / 8) * 11, 9)),
    );
  });
  it('shrinks as it goes by, and by the flow still counted on; a hard one asks more', () => {
    expect(at('2026-07-01').needKg).toBeCloseTo(5, 9);
    expect(at('2026-03-14', { flowKg: 2 }).needKg).toBeCloseTo(9, 9);
    expect(at('2026-03-14').hardKg).toBeCloseTo(11 * 1.15, 9);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 30, noNaN: true }),
        (flowKg) => void expect(at('2026-03-14', { flowKg }).needKg).toBeGreaterThanOrEqual(0),
      ),
    );
  });
  it('does not collapse at its end and jump back: a spring reserve stays until a flow is noted', () => {
    const spring = (date: string, lastFlowOn: string | null = null): number =>
      at(date, { lastFlowOn }).needKg!;
    expect(spring('2026-08-10')).toBeCloseTo(4, 9);
    expect(spring('2026-08-31')).toBe(4);
    expect(spring('2026-09-07')).toBe(4);
    expect(spring('2026-09-20', '2026-07-30')).toBe(4);
    expect(spring('2026-09-20', '2026-09-12')).toBeCloseTo(11, 9);
    expect(spring('2026-12-15')).toBeCloseTo(11, 9);
    const days = Array.from({ length: 60 }, (_, i) => spring(addDays('2026-08-01', i)));
    for (const [i, kg] of days.slice(1).entries()) expect(Math.abs(kg - days[i])).toBeLessThan(0.2);
    // A household that needs less than the reserve keeps what it said.
    const small = at('2026-09-07', { rules: { ...rules, winterNeedKg: 2 } });
    expect(small.needKg).toBe(2);
  });
  it('knows how far the winter is, by the household’s months or the three dark ones', () => {
    expect(daysToWinter('2026-03-14', 'south', rules)).toBe(18);
    expect(inWinter('2026-04-01', 'south', rules)).toBe(true);
    const unsaid = { winterUseByMonthKg: {} };
    expect(daysToWinter('2026-04-20', 'south', unsaid)).toBe(42);
    expect(daysToWinter('2026-10-02', 'north', unsaid)).toBe(60);
    expect(daysToWinter('2026-03-02', 'north', unsaid)).toBe(274);
    expect(inWinter('2026-01-15', 'north', unsaid)).toBe(true);
  });
  it('goes by the strength the household gave its own number, and stays unknown where it gave none', () => {
    expect(at('2026-03-14', { strength: 'strong' }).needKg).toBeCloseTo(12.1, 9);
    expect(winterNeedOf(rules, 'warre', 'strong')).toBeNull();
    expect(at('2026-03-14', { kind: 'warre' })).toMatchObject({
      needKg: null,
      hardKg: null,
      months: [],
    });
    // Over a closed brood box the household says what has to stay in the supers.
    expect(
      winterCase({
        rules: { ...rules, winterNeedByKindKg: { framed: 12 } },
        kind: 'framed',
        strength: null,
        flowKg: 0,
        date: '2026-03-14',
      }).needKg,
    ).toBe(12);
  });
  it('is one block where use by month was not said', () => {
    expect(
      winterCase({
        rules: { ...rules, winterUseByMonthKg: {} },
        kind: 'top-bar',
        strength: null,
        flowKg: 0,
        date: '2026-06-14',
      }).months,
    ).toEqual([{ month: null, kg: 11 }]);
  });
});
