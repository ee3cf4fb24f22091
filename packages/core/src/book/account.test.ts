import { describe, expect, it } from 'vitest';
import { asWritten } from '../say/say.js';
import { HIVE_KINDS } from '../hive/kinds.js';
import type { BatchDetail, JarKindRecord } from '../records/views.js';
import { harvestAccount, nectarBehindKg, pressAccount } from './account.js';

const sealed = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const half = { capped: 0.5, open: 0, pollen: 0, brood: 0, empty: 0.5 };
const look = (combId: string, shares: typeof sealed) => ({
  combId,
  sides: { A: shares, B: shares },
  seenBy: { A: 'hand', B: 'hand' },
  photos: { A: null, B: null },
  painted: { A: false, B: false },
  pane: null,
  attachment: null,
  pots: null,
  straight: true,
  readings: [],
  combAge: 'new',
  depthMm: 204,
  thicknessMm: 28,
});
const take = (id: string, netG: number | null, more: object = {}) => ({
  id,
  combId: id,
  slot: 12,
  outcome: 'taken',
  netG,
  netBy: 'scale',
  guessG: null,
  byBox: false,
  occurredAt: '2026-03-14T12:30:00Z',
  ...more,
});
const flow = (id: string, from: string, to: string, g: number, reason = '', more: object = {}) => ({
  id,
  from,
  to,
  g,
  reason: asWritten(reason),
  at: '2026-03-16T12:30:00Z',
  voids: null,
  ...more,
});
const lot = (id: string, kind: string, inG: number, more: object = {}) => ({
  id,
  kind,
  inG,
  count: null,
  jarKindId: null,
  ...more,
});
const detail = (more: object = {}): BatchDetail =>
  ({
    batch: { handsOnMinutes: 90, expectedHoneyKg: { low: 2.4, mid: 3, high: 3.6 } },
    hive: { kind: 'top-bar', geometry: HIVE_KINDS['top-bar'].defaults },
    looks: [look('a', sealed), look('b', half)],
    takes: [take('a', 2000, { guessG: 1600 }), take('b', 1200), take('c', null)],
    drains: [{ events: [{ kind: 'press' }] }],
    lots: [
      lot('comb', 'comb', 3200),
      lot('crushed', 'crushed', 3200),
      lot('honey', 'honey', 2700),
      lot('wax', 'wet-wax', 400),
      lot('jars', 'jars', 2500, { count: 5, jarKindId: 'jar' }),
    ],
    flows: [
      flow('1', 'outside', 'comb', 3200),
      flow('2', 'comb', 'crushed', 3200, 'Crushed'),
      flow('3', 'crushed', 'honey', 2100, 'Drained'),
      flow('4', 'crushed', 'honey', 600, 'Pressed'),
      flow('5', 'crushed', 'wax', 400),
      flow('6', 'crushed', 'loss', 100, 'Lost: Stuck to vessels and tools'),
      flow('7', 'honey', 'jars', 2500),
      flow('8', 'honey', 'loss', 70, 'Spilt'),
      flow('9', 'outside', 'honey', 70, 'Undone', { voids: '8' }),
    ],
    waterReadings: [],
    ...more,
  }) as unknown as BatchDetail;
const jars = [
  { id: 'jar', name: 'Round jar', netG: 500, cost: 2, purpose: 'jar' },
  { id: 'box', name: 'Box', netG: 250, cost: 1, purpose: 'piece' },
] as unknown as JarKindRecord[];

describe('the account of a harvest', () => {
  it('holds each comb against its look, its guess and a full one', () => {
    const [a, b] = harvestAccount(detail(), jars).units;
    expect(a.guessOffPercent).toBe(-20);
    expect(a.overEstimatePercent).toBeCloseTo((2000 / a.estimateG!.mid - 1) * 100, 9);
    // Capped all over, it is held against itself as it was read.
    expect(a.ofFullShare).toBeCloseTo(2000 / a.estimateG!.mid, 9);
    expect(b.ofFullShare).toBeCloseTo(1200 / a.estimateG!.mid, 9);
    expect(b.estimateG!.mid).toBeLessThan(a.estimateG!.mid);
    expect(b.guessOffPercent).toBeNull();
  });
  it('holds each comb against what is usual of its kind of hive, this harvest left out', () => {
    const before = [
      { combId: 'old', hiveKind: 'top-bar' as const, weighedKg: 1.6 },
      { combId: 'older', hiveKind: 'top-bar' as const, weighedKg: 2.4 },
      { combId: 'other', hiveKind: 'framed' as const, weighedKg: 9 },
      { combId: 'a', hiveKind: 'top-bar' as const, weighedKg: 9 },
    ];
    const { units } = harvestAccount(detail(), jars, before);
    expect(units.map((u) => Math.round(u.overUsualPercent!))).toEqual([0, -40]);
    expect(harvestAccount(detail(), jars).units[0].overUsualPercent).toBeNull();
  });
  it('says how many jars of each kind all of it fills, and one comb', () => {
    expect(harvestAccount(detail(), jars).jars).toEqual([
      { jarKindId: 'jar', name: 'Round jar', all: 5.4, perUnit: 2.7 },
    ]);
  });
  it('says nothing of an estimate held against itself', () => {
    const own = harvestAccount(
      detail({ takes: [take('a', 2000, { netBy: 'estimate' }), take('b', 900, { byBox: true })] }),
      jars,
    ).units;
    expect(own.map((u) => u.overEstimatePercent)).toEqual([null, null]);
  });
  it('counts the honey that came, not what was undone or moved, with press, wax and losses', () => {
    const account = harvestAccount(detail(), jars);
    expect(account).toMatchObject({ combG: 3200, honeyG: 2700, against: 'within' });
    expect(account.pressed).toEqual({ g: 600, share: 600 / 2700, held: 'more' });
    expect(account.inWaxG).toEqual({ low: 400 - 192, mid: 400 - 160, high: 400 - 128 });
    expect(account.losses).toEqual([
      { g: 100, reason: asWritten('Lost: Stuck to vessels and tools') },
    ]);
    expect(account.minutesPerKg).toBeCloseTo(90 / 2.7, 9);
    expect(account.elapsedHours).toBe(48);
    expect(account.jarCostPerKg).toBeCloseTo((5 * 2) / 2.5, 9);
    expect(account.honeyL).toBeCloseTo(2.7 / 1.417, 1);
  });
  it('knows nothing of water, press, promise or jars that nobody wrote down', () => {
    const bare = harvestAccount(
      detail({
        batch: { handsOnMinutes: 0, expectedHoneyKg: null },
        drains: [],
        lots: [lot('comb', 'comb', 3200)],
        flows: [flow('1', 'outside', 'comb', 3200)],
        takes: [],
      }),
      [],
    );
    expect(bare).toMatchObject({
      units: [],
      honeyG: 0,
      waterPercent: null,
      nectarKg: null,
      against: null,
      pressed: null,
      inWaxG: null,
      minutesPerKg: null,
      elapsedHours: null,
      jarCostPerKg: null,
      jars: [],
    });
  });
});

describe('nectar behind honey', () => {
  it('is about 4.15 kg of 80 % water for a kilogram of 17 % honey', () => {
    expect(nectarBehindKg(1, 17)).toBeCloseTo(4.15, 9);
    expect(nectarBehindKg(2, 20)).toBeCloseTo(8, 9);
  });
  it('shares the honey out over the boxes by the weight of their comb, dripped and pressed', () => {
    const takes = [
      take('a', 2000, { slot: 301 }),
      take('b', 1000, { slot: 302 }),
      take('c', 1000, { slot: 401 }),
    ];
    expect(harvestAccount(detail({ takes }), jars).boxes).toMatchObject([
      { number: 3, combs: 2, combG: 3000, drippedG: 1575, pressedG: 450 },
      { number: 4, combs: 1, combG: 1000, drippedG: 525, pressedG: 150 },
    ]);
    expect(harvestAccount(detail(), jars).boxes).toEqual([]);
  });
  it('holds a box against the guess made of it, its looks and a full one, never one comb of it', () => {
    const takes = [
      take('a', 2000, { slot: 301, byBox: true, guessG: 4000 }),
      take('b', 1000, { slot: 302, byBox: true }),
    ];
    const account = harvestAccount(detail({ takes }), jars);
    const [box] = account.boxes;
    const [a, b] = account.units;
    expect([a.guessG, a.guessOffPercent]).toEqual([null, null]);
    expect(box.guessOffPercent).toBe(33);
    expect(box.estimateG!.mid).toBeCloseTo(a.estimateG!.mid + b.estimateG!.mid, 6);
    expect(box.overEstimatePercent).toBeCloseTo((3000 / box.estimateG!.mid - 1) * 100, 9);
    expect(box.ofFullShare).toBeCloseTo(3000 / (2 * a.estimateG!.mid), 9);
  });
  it('adds guesses of single combs up to a box only where each was guessed', () => {
    const both = [take('a', 2000, { slot: 301, guessG: 1500 }), take('b', 1000, { slot: 302 })];
    expect(harvestAccount(detail({ takes: both }), jars).boxes[0].guessG).toBeNull();
    both[1] = take('b', 1000, { slot: 302, guessG: 1500 });
    expect(harvestAccount(detail({ takes: both }), jars).boxes[0].guessOffPercent).toBe(0);
  });
  it('says of the press whether the tenth that people speak of held', () => {
    const held = (pressedG: number): string => pressAccount(pressedG, 1000)!.held;
    expect([20, 49, 50, 100, 150, 151, 400].map(held)).toEqual([
      ...['less', 'less', 'as', 'as', 'as', 'more', 'more'],
    ]);
    expect(pressAccount(0, 0)).toBeNull();
  });
});
