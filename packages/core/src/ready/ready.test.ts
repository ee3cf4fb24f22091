import { saying } from '../../fixtures/said.js';
import { describe, expect, it } from 'vitest';
import { expectedOutcome, marketOf, spareableBars, winterBalance } from '../choose/index.js';
import { combStoresKg } from '../comb/stores.js';
import { combEstimate } from '../comb/estimate.js';
import { seasonOf } from '../hive/season.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import type { Range } from '../units/format.js';
import { tareCheck } from '../take/index.js';
import { pickVessels as pickVesselsSays } from './gear.js';
import type { KitVessel } from '../records/vocabulary/vessels.js';
import type { Way } from '../records/vocabulary/ways.js';

const pickVessels = saying(pickVesselsSays);

const sealed = { capped: 0.9, open: 0.1, pollen: 0, brood: 0, empty: 0 };
const comb = combEstimate({
  sides: [
    { areaCm2: 660, shares: sealed },
    { areaCm2: 660, shares: sealed },
  ],
  thicknessMm: 28,
  combAge: 'new',
});

describe('winter balance', () => {
  it('counts low, sealed in full, open by its sugar', () => {
    expect(combStoresKg(comb).low).toBeCloseTo(
      comb.cappedHoneyKg.low + (comb.openHoneyKg.low * 0.6) / 0.82,
      9,
    );
    const balance = winterBalance(
      [
        { bar: 10, estimate: comb, taken: false, hasBrood: false },
        { bar: 11, estimate: comb, taken: true, hasBrood: false },
        { bar: 12, estimate: null, taken: false, hasBrood: false },
      ],
      3,
    );
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
    // A heavy ripe comb behind that must stay is not skipped for a lighter one before it: the
    // chooser does not either.
    const light = {
      ...comb,
      cappedHoneyKg: { low: 0.1, mid: 0.1, high: 0.1 },
      openHoneyKg: { low: 0, mid: 0, high: 0 },
    };
    expect(
      spareableBars(
        [
          { bar: 10, estimate: light, ripe: true },
          { bar: 11, estimate: comb, ripe: true },
        ],
        0.5 * one,
      ),
    ).toEqual([]);
  });
  it('leaves what is spare unknown while the need is', () =>
    expect(winterBalance([], null).spareKg).toBeNull());
});

describe('what combs that go one way together are expected to give', () => {
  const expected = (way: Way, correction: Range | null = null, estimates = [comb, comb]) =>
    expectedOutcome(
      { kind: 'top-bar', combIds: ['a', 'b'], estimates, wettestPercent: 18, correction },
      way,
      DEFAULT_RULES,
      marketOf([], DEFAULT_RULES),
    ).outcome;
  it('follows the way: what is pressed after dripping gives more than what only drips', () => {
    const dripped = expected('crush').honeyKg;
    const pressed = expected('drip-press').honeyKg;
    expect(pressed.mid).toBeGreaterThan(dripped.mid);
    expect(pressed.mid).toBeLessThan(2 * comb.honeyKg.mid);
  });
  it('is corrected by the household’s own scale', () => {
    const plain = expected('crush').honeyKg;
    const mended = expected('crush', { low: 0.8, mid: 0.9, high: 0.95 }).honeyKg;
    expect(mended.mid).toBeCloseTo(0.9 * plain.mid, 9);
  });
  it('of combs that nobody read it expects nothing', () =>
    expect(expected('crush', null, []).honeyKg).toEqual({ low: 0, mid: 0, high: 0 }));
});

describe('vessels', () => {
  const kit: KitVessel[] = [
    { id: 'a', name: 'Small', role: 'lower', volumeL: 5, tareG: 300 },
    { id: 'b', name: 'Large', role: 'lower', volumeL: 20, tareG: 900 },
  ];
  it('the smallest that holds it, with head room', () => {
    expect(pickVessels(kit, 'lower', 4.4).vessels.map((v) => v.id)).toEqual(['a']);
    expect(pickVessels(kit, 'lower', 4.6).vessels.map((v) => v.id)).toEqual(['b']);
    expect(pickVessels(kit, 'lower', 22).vessels.map((v) => v.id)).toEqual(['b', 'a']);
    expect(pickVessels(kit, 'lower', 30).shortL).toBeCloseTo(7.5, 9);
  });
});

describe('taking', () => {
  it('asks about a forgotten tare and keeps quiet where it fits', () => {
    const expectedKg = { low: 1.7, mid: 2, high: 2.3 };
    expect(
      tareCheck({ grossG: 2900, tareG: 900, vesselTareG: 900, expectedKg }).question,
    ).toBeNull();
    expect(tareCheck({ grossG: 4900, tareG: 0, vesselTareG: 2900, expectedKg }).question).toBe(
      'tare-forgotten',
    );
    expect(tareCheck({ grossG: 3400, tareG: 0, vesselTareG: 1200, expectedKg }).question).toBe(
      'tare-forgotten',
    );
    expect(tareCheck({ grossG: 400, tareG: 0, vesselTareG: 0, expectedKg }).question).toBe(
      'far-from-estimate',
    );
    expect(tareCheck({ grossG: 400, tareG: 900, vesselTareG: 900, expectedKg })).toEqual({
      netG: -500,
      question: 'tare-above-gross',
    });
  });
});

describe('season', () => {
  it.each([
    ['2026-03-14', 'south', '2025-07-01', '2025/26'],
    ['2026-07-01', 'south', '2026-07-01', '2026/27'],
    ['2026-03-14', 'north', '2026-01-01', '2026'],
  ] as const)('%s in the %s began %s', (date, hemisphere, startsOn, name) =>
    expect(seasonOf(date, hemisphere)).toEqual({ startsOn, name }),
  );
});
