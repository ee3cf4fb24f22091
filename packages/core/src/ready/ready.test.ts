import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { crushOutcome } from '../choose/index.js';
import { spareableBars, winterBalance } from '../choose/index.js';
import { combStoresKg } from '../comb/stores.js';
import { combEstimate } from '../comb/estimate.js';
import { seasonOf } from '../hive/season.js';
import { DEFAULT_RULES } from '../rules/houseRules.js';
import { topBarSteps } from '../take/index.js';
import { tareCheck } from '../take/index.js';
import { gearList, pickVessels, type KitVessel } from './gear.js';
import { harvestTimetable } from './timetable.js';

const sealed = { capped: 0.9, open: 0.1, pollen: 0, brood: 0, empty: 0 };
const comb = combEstimate({ sides: [{ areaCm2: 660, shares: sealed }, { areaCm2: 660, shares: sealed }], thicknessMm: 28, combAge: 'new' });

describe('winter balance', () => {
  it('counts low, sealed in full, open by its sugar', () => {
    expect(combStoresKg(comb).low).toBeCloseTo(comb.cappedHoneyKg.low + comb.openHoneyKg.low * 0.6 / 0.82, 9);
    const balance = winterBalance([{ bar: 10, estimate: comb, taken: false, hasBrood: false }, { bar: 11, estimate: comb, taken: true, hasBrood: false }, { bar: 12, estimate: null, taken: false, hasBrood: false }], 3);
    expect(balance.spareKg).toBeCloseTo(combStoresKg(comb).low - 3, 9);
    expect(balance.unreadBars).toEqual([12]);
    expect(balance.slideForwardBars).toEqual([12]);
  });
  it('spares ripe combs from the back, and says how many of them', () => {
    const combs = [10, 11, 12, 13].map((bar) => ({ bar, estimate: comb, ripe: bar !== 13 }));
    const one = combStoresKg(comb).low;
    expect(spareableBars(combs, 2.5 * one)).toEqual([12]);
    expect(spareableBars(combs, 1.5 * one)).toEqual([12, 11]);
    expect(spareableBars(combs, 10 * one)).toEqual([]);
    expect(spareableBars(combs, null)).toBeNull();
  });
  it('leaves what is spare unknown while the need is', () => expect(winterBalance([], null).spareKg).toBeNull());
});

describe('outcome of crushing', () => {
  it('gives ranges that follow the method', () => {
    const jars = [{ id: 'a', netG: 300, stock: 50, value: 10 }];
    const mash = crushOutcome({ combs: [comb, comb], jars, rules: DEFAULT_RULES, moisturePercent: 18 });
    const slice = crushOutcome({ combs: [comb, comb], jars, rules: { ...DEFAULT_RULES, crush: 'slice' }, moisturePercent: 18 });
    expect(mash.honeyOutKg.mid).toBeGreaterThan(slice.honeyOutKg.mid);
    expect(mash.honeyOutKg.mid).toBeLessThan(mash.combHoneyKg.mid);
    expect(mash.jars!.mid).toBe(Math.floor(mash.honeyOutKg.mid * 1000 / 300));
    expect(crushOutcome({ combs: [comb], jars: [], rules: DEFAULT_RULES, moisturePercent: null }).jars).toBeNull();
  });
});

describe('gear', () => {
  const kit: KitVessel[] = [{ id: 'a', name: 'Small', role: 'lower', volumeL: 5, tareG: 300 }, { id: 'b', name: 'Large', role: 'lower', volumeL: 20, tareG: 900 }];
  it('picks the smallest vessel that holds it, with head room', () => {
    expect(pickVessels(kit, 'lower', 4.4).vessels.map((v) => v.id)).toEqual(['a']);
    expect(pickVessels(kit, 'lower', 4.6).vessels.map((v) => v.id)).toEqual(['b']);
    expect(pickVessels(kit, 'lower', 22).vessels.map((v) => v.id)).toEqual(['b', 'a']);
    expect(pickVessels(kit, 'lower', 30).shortL).toBeCloseTo(7.5, 9);
  });
  it('counts jars at the high estimate and says what is short', () => {
    const list = gearList({ combs: 2, combHoneyKg: { low: 4, mid: 4.5, high: 5 }, waxKg: { low: 0.1, mid: 0.2, high: 0.3 }, honeyOutKg: { low: 3.5, mid: 4, high: 4.5 }, kit, jars: [{ id: 'j', netG: 500, stock: 6, value: 1 }], moisturePercent: 18 });
    expect(list.jars[0].count).toBe(6);
    expect(list.jarShortage).toEqual([{ id: 'j', needed: 9, stock: 6 }]);
    expect(list.vessels.find((v) => v.role === 'upper')!.shortL).toBeGreaterThan(3);
  });
});

describe('timetable', () => {
  const plan = (startLocal: string, change = {}) => harvestTimetable({ startLocal, zone: 'America/Sao_Paulo', combs: 3, honeyOutKg: { low: 5, mid: 5.4, high: 5.8 }, jars: 18, bucketDepthMm: 200, temperatureC: 26, moisturePercent: 18, rules: DEFAULT_RULES, ...change });
  it('runs from the first smoke to the last jar in order', () => {
    const steps = plan('2026-03-14T09:30');
    expect(steps[0]).toMatchObject({ id: 'smoke', startsAt: '2026-03-14T09:30:00.000-03:00' });
    expect(steps.map((s) => s.id)).toEqual(expect.arrayContaining(['take', 'crush', 'drain', 'close-drain', 'settle', 'jar', 'wash']));
    expect(steps.every((s) => s.startsAt <= s.endsAt)).toBe(true);
  });
  it('lets nobody stir or jar in the quiet hours', () => {
    for (let hour = 0; hour < 24; hour++) {
      const handsOn = plan(`2026-03-14T${String(hour).padStart(2, '0')}:15`).filter((s) => ['crush', 'stir-1', 'stir-2', 'close-drain', 'jar'].includes(s.id));
      for (const step of handsOn) {
        const clock = DateTime.fromISO(step.startsAt, { setZone: true }).toFormat('HH:mm');
        expect(clock >= '07:00' && clock < '22:00', `${step.id} at ${clock}`).toBe(true);
      }
    }
  });
  it('takes longer in a cold kitchen', () => {
    const end = (temperatureC: number): number => DateTime.fromISO(plan('2026-03-14T09:30', { temperatureC }).at(-1)!.endsAt).toMillis();
    expect(end(18)).toBeGreaterThan(end(28) + 20 * 3600_000);
  });
  it('refuses a time that place does not have', () => expect(() => plan('2026-02-30T09:30')).toThrow(/no date/));
});

describe('taking', () => {
  it('works a top-bar hive from the back', () => {
    const steps = topBarSteps({ bars: [11, 14, 12], lastCombBar: 17 });
    expect(steps.filter((s) => s.kind === 'comb').map((s) => s.bar)).toEqual([14, 12, 11]);
    expect(steps.find((s) => s.bar === 14)!.text).toMatch(/Slide the bars behind 14/);
    expect(steps.map((s) => s.text).join(' ')).not.toMatch(/tilt the comb|shake/);
  });
  it('asks about a forgotten tare and keeps quiet where it fits', () => {
    const expectedKg = { low: 1.7, mid: 2, high: 2.3 };
    expect(tareCheck({ grossG: 2900, tareG: 900, vesselTareG: 900, expectedKg }).question).toBeNull();
    expect(tareCheck({ grossG: 4900, tareG: 0, vesselTareG: 2900, expectedKg }).question).toBe('tare-forgotten');
    expect(tareCheck({ grossG: 3400, tareG: 0, vesselTareG: 1200, expectedKg }).question).toBe('tare-forgotten');
    expect(tareCheck({ grossG: 400, tareG: 0, vesselTareG: 0, expectedKg }).question).toBe('far-from-estimate');
    expect(tareCheck({ grossG: 400, tareG: 900, vesselTareG: 900, expectedKg })).toEqual({ netG: -500, question: 'tare-above-gross' });
  });
});

describe('season', () => {
  it.each([['2026-03-14', 'south', '2025-07-01', '2025/26'], ['2026-07-01', 'south', '2026-07-01', '2026/27'], ['2026-03-14', 'north', '2026-01-01', '2026']] as const)('%s in the %s began %s', (date, hemisphere, startsOn, name) =>
    expect(seasonOf(date, hemisphere)).toEqual({ startsOn, name }));
});
