import { describe, expect, it } from 'vitest';
import { harvestsAYear, payback, type PaybackQuestion } from './payback.js';

const press: PaybackQuestion = {
  price: 600,
  harvestsAYear: 4,
  minutesSavedAHarvest: 30,
  worthAnHour: 50,
  honeyKgMoreAHarvest: 0.5,
  worthAKg: 80,
};

describe('what gear pays', () => {
  it('counts hours and honey over the harvests of a year, against its price', () => {
    // 4 × 30 min = 2 h, worth 100; 4 × 0.5 kg, worth 160.
    expect(payback(press)).toEqual({ hoursAYear: 2, worthAYear: 260, years: 600 / 260 });
  });
  it('says hours where an hour is worth nothing, and years where honey pays alone', () => {
    const found = payback({ ...press, worthAnHour: 0 });
    expect(found.hoursAYear).toBe(2);
    expect(found.years).toBeCloseTo(600 / 160, 9);
  });
  it('never pays where it saves nothing', () => {
    expect(payback({ ...press, minutesSavedAHarvest: 0, honeyKgMoreAHarvest: 0 }).years).toBeNull();
  });
  it.each([
    [[], null],
    [['2026-03-14'], 1],
    [['2024-03-14', '2026-03-14', '2026-11-02', '2026-12-01'], 2],
  ])('of the dates %j there are %s harvests a year', (dates, a) =>
    expect(harvestsAYear(dates)).toBe(a),
  );
});
