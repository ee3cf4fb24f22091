import { describe, expect, it } from 'vitest';
import type { Hive } from '../records/hiveViews.js';
import { boxWish, type BoxWish, planRound, type RoundHive } from './round.js';

const side = (filled: number) => ({
  capped: 0,
  open: filled,
  pollen: 0,
  brood: 0,
  empty: 1 - filled,
});
const look = (date: string, filled: number) => ({
  date,
  sides: { A: side(filled), B: side(filled) },
});
/**
 * A framed hive; each super a list of frames, each frame the share filled on two days, or null
 * where it is bare.
 */
function hive(supers: (readonly [number, number] | null)[][], more: object = {}): Hive {
  const boxes = ['brood', ...supers.map(() => 'super')].map((compartment, i) => ({
    carrierId: `box-${i}`,
    number: i + 1,
    compartment,
  }));
  const bars = supers.flatMap((frames, i) =>
    frames.map((filled, place) => ({
      boxId: `box-${i + 1}`,
      slot: (i + 2) * 100 + place + 1,
      comb: filled && {
        looks: [look('2026-11-01', filled[0]), look('2026-11-11', filled[1])],
      },
    })),
  );
  return {
    id: 'h',
    name: 'Pitanga',
    kind: 'framed',
    site: { name: 'Encosta' },
    colony: { endedOn: null },
    boxes,
    bars,
    ...more,
  } as unknown as Hive;
}

describe('what a hive wishes for', () => {
  it('is a super once all its supers are crowded, at the pace they fill', () => {
    const wish = boxWish(
      hive([
        [
          [0.4, 0.8],
          [0.5, 0.9],
        ],
      ]),
      'strong',
    )!;
    expect(wish).toMatchObject({ there: 0, suggested: 1, urgency: 2, seenOn: '2026-11-11' });
    expect(wish.filledShare).toBeCloseTo(0.85, 9);
    expect(wish.aDay).toBeCloseTo(0.04, 9);
  });
  it.each([
    ['half full', [[[0.2, 0.5]]], 'strong', 0],
    ['crowded in a dearth', [[[0.7, 0.9]]], 'none', 0],
    ['one of two not crowded', [[[0.7, 0.9]], [[0.1, 0.3]]], 'strong', 0],
  ] as const)('is nothing where it is %s', (_what, supers, flow, suggested) => {
    const frames = supers.map((s) => s.map((f) => f as readonly [number, number]));
    expect(boxWish(hive(frames), flow)!.suggested).toBe(suggested);
  });
  it('counts an empty super that stands there, bare or not begun', () => {
    expect(boxWish(hive([[[0.7, 0.9]], [null, null]]), 'some')).toMatchObject({ there: 1 });
    expect(boxWish(hive([[[0.7, 0.9]], [[0, 0.02]]]), 'some')).toMatchObject({
      there: 1,
      suggested: 1,
    });
  });
  it('is unknown where nobody looked, and no question for a dead colony or stingless bees', () => {
    const bars = [{ boxId: 'box-1', slot: 201, comb: { looks: [] } }];
    expect(boxWish(hive([[null]], { bars }), 'some')).toMatchObject({
      ...{ filledShare: null, suggested: null, aDay: null, seenOn: null },
    });
    expect(boxWish(hive([[null]], { colony: { endedOn: '2026-10-01' } }), null)).toBeNull();
    expect(boxWish(hive([[null]], { kind: 'stingless' }), null)).toBeNull();
    expect(boxWish(hive([], { boxes: [] }), null)).toBeNull();
  });
});

const wish = (hiveId: string, more: Partial<BoxWish & { need: number }>): RoundHive => ({
  hiveId,
  name: hiveId,
  siteName: 'Encosta',
  ...{ there: 0, filledShare: 0.8, seenOn: '2026-11-11', aDay: 0.05, suggested: 1, urgency: 1 },
  need: 1,
  ...more,
});
const round = (hives: RoundHive[], stock: number) =>
  planRound({
    hives,
    stock,
    box: { volumeL: 25, weightKg: 4 },
    vehicle: { volumeL: 60, weightKg: null },
    today: '2026-11-12',
  });

describe('a round of hives', () => {
  it('loads what is needed less what is there', () => {
    const plan = round([wish('a', { need: 2, there: 1 }), wish('b', { need: 1, there: 1 })], 5);
    expect(plan.hives.map((h) => [h.wants, h.gets])).toEqual([
      [1, 1],
      [0, 0],
    ]);
    expect(plan).toMatchObject({ load: 1, short: 0 });
  });
  it('says the shortage, and who goes without: the least urgent', () => {
    const plan = round(
      [wish('a', { urgency: 0 }), wish('b', { urgency: 2 }), wish('c', { urgency: 1, need: 2 })],
      2,
    );
    expect(plan.hives.map((h) => [h.gets, h.short])).toEqual([
      [0, 1],
      [1, 0],
      [1, 1],
    ]);
    expect(plan).toMatchObject({ load: 2, short: 2 });
  });
  it('goes as often as the vehicle asks', () => {
    expect(round([wish('a', { need: 3 })], 3).trips).toMatchObject({ trips: 2, volumeL: 75 });
    expect(round([wish('a', { need: 0 })], 3).trips).toBeNull();
  });
  it('comes back when the quickest is crowded again; unknown where no pace is known', () => {
    // Seven tenths of a box at 5 % a day: 14 days.
    expect(round([wish('a', {}), wish('b', { aDay: 0.02 })], 2).backOn).toBe('2026-11-26');
    expect(round([wish('a', { aDay: null })], 1).backOn).toBeNull();
    expect(round([wish('a', { aDay: 0.0001 })], 1).backOn).toBeNull();
  });
});
