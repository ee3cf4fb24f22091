import fc from 'fast-check';
import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { contradictions, type Written, type WrittenHive } from './contradictions.js';
import { estimateCorrection, missedGear, SEASON_KEYS, seasonTable } from './seasons.js';
import type { HarvestSummary } from '../records/vocabulary/book.js';

const harvest = (more: Partial<HarvestSummary> = {}): HarvestSummary => ({
  batchId: 'b',
  hiveId: 'h',
  hiveName: 'Ipê',
  siteName: 'Encosta',
  kind: 'top-bar',
  method: 'crush',
  date: '2026-03-14',
  season: '2025/26',
  closed: true,
  combs: 2,
  boxes: 0,
  hiveL: 50,
  honeyG: 3000,
  waxG: 120,
  wetWaxG: 500,
  pieces: 0,
  piecesG: 0,
  jars: 6,
  combG: 4000,
  estimatedHoneyKg: null,
  handsOnMinutes: 90,
  worth: 200,
  cost: 20,
  drawOffs: 1,
  drawOffMinutes: 6,
  pressed: false,
  ...more,
});
const some = fc.array(
  fc
    .record({
      closed: fc.boolean(),
      honeyG: fc.integer({ min: 0, max: 20_000 }),
      combs: fc.integer({ min: 0, max: 9 }),
      date: fc.constantFrom('2024-12-01', '2025-03-02', '2026-03-14'),
      hiveName: fc.constantFrom('Ipê', 'Cedro'),
      worth: fc.integer({ min: 0, max: 500 }),
    })
    .map((h) => harvest(h)),
  { maxLength: 20 },
);

describe('seasons', () => {
  it('lose no gram and count no open harvest, whatever they are put together by', () =>
    fc.assert(
      fc.property(some, fc.constantFrom(...SEASON_KEYS), (all, by) => {
        const rows = seasonTable(all, by);
        expect(rows.reduce((g, r) => g + r.honeyG, 0)).toBe(
          all.filter((h) => h.closed).reduce((g, h) => g + h.honeyG, 0),
        );
        expect(rows.reduce((n, r) => n + r.harvests + r.open, 0)).toBe(all.length);
        expect(rows.map((r) => r.key)).toEqual([...rows.map((r) => r.key)].sort());
      }),
    ));
  it('average over what was counted: a harvest without combs says nothing of one', () => {
    const [row] = seasonTable([harvest(), harvest({ combs: 0, honeyG: 9000 })], 'hive');
    expect(row.honeyPerCombG).toBe(1500);
    expect(row.honeyPerHiveLG).toBe(120);
    expect(row.minutesPerKg).toBeCloseTo(15, 9);
    expect(row.worthPerHour).toBeCloseTo(120, 9);
    expect(seasonTable([harvest({ closed: false })], 'season')[0]).toMatchObject({
      harvests: 0,
      open: 1,
      honeyPerCombG: null,
      minutesPerKg: null,
    });
  });
  it('say what an estimate was off by: shown from the first, applied from the fifth', () => {
    const pairs = (n: number) =>
      Array.from({ length: n }, () => ({ estimateKg: 2, weighedKg: 2.2 }));
    expect(estimateCorrection([])).toBeNull();
    expect(estimateCorrection(pairs(4))).toMatchObject({ applies: false });
    const seven = estimateCorrection(pairs(7))!;
    expect(seven.applies).toBe(true);
    // Three combs at 'right' are counted in: 7 of 10 parts of ten per cent, in logarithms.
    expect(seven.factor.mid).toBeCloseTo(1.1 ** 0.7, 9);
    expect(seven.sentence).toBe('book.season.corrected {combs: 7, off: +7 %}');
  });
  it('say what a press or a bucket would have saved, never of open harvests', () => {
    const found = missedGear([
      harvest(),
      harvest({ pressed: true, drawOffs: 0 }),
      harvest({ closed: false, wetWaxG: 90_000 }),
    ]);
    expect(found.map((f) => f.gear)).toEqual(['press', 'bucket']);
    expect(found[0].honeyKg!.low).toBeCloseTo(0.5 * 0.3 * 0.3, 9);
    expect(found[1]).toMatchObject({ minutes: 6 });
    expect(missedGear([])).toEqual([]);
  });
});

describe('what cannot all be true', () => {
  const writtenHive = (more: Partial<WrittenHive> = {}): WrittenHive => ({
    id: 'h',
    name: 'Ipê',
    siteName: 'Encosta',
    followerAfterBar: 10,
    livesSince: null,
    queenSeenOn: [],
    openedOn: [],
    ...more,
  });
  const written = (more: Partial<Written> = {}): Written => ({
    hives: [writtenHive()],
    batches: [{ id: 'b', hiveId: 'h', hiveName: 'Ipê', date: '2026-03-14', combIds: ['c'] }],
    looks: [{ combId: 'c', date: '2026-03-10' }],
    takes: [{ batchId: 'b', combId: 'c', outcome: 'taken', date: '2026-03-14', inPlace: false }],
    hanging: [],
    onBoard: [],
    photographed: [],
    ...more,
  });
  it('is nothing where all fits', () => expect(contradictions(written())).toEqual([]));
  it.each([
    [
      'harvest-before-look',
      { looks: [{ combId: 'c', date: '2026-03-20' }], takes: [] },
      'harvest-before-look {hive: Ipê, on: {date: 2026-03-14}, looked: {date: 2026-03-20}}',
    ],
    [
      'look-after-taken',
      {
        looks: [
          { combId: 'c', date: '2026-03-10' },
          { combId: 'c', date: '2026-03-20' },
        ],
      },
      'look-after {hive: Ipê, on: {date: 2026-03-14}, looked: {date: 2026-03-20}}',
    ],
    [
      'comb-in-two-places',
      { hanging: [{ combId: 'c', hiveId: 'h', hiveName: 'Ipê', slot: 7 }] },
      'still-hangs {comb: 7, hive: Ipê, on: {date: 2026-03-14}}',
    ],
    [
      'comb-in-two-places',
      {
        takes: [
          { batchId: 'b', combId: 'c', outcome: 'taken', date: '2026-03-14', inPlace: false },
          { batchId: 'b2', combId: 'c', outcome: 'fell', date: '2026-03-15', inPlace: false },
        ],
      },
      'taken-twice {hive: Ipê, on: {date: 2026-03-14}, again: {date: 2026-03-15}}',
    ],
    [
      'hive-named-twice',
      {
        hives: [writtenHive(), writtenHive({ id: 'k', name: 'ipe', siteName: 'Capão Fundo' })],
      },
      'named-twice {hives: {and: [book.asks.hive-at {hive: Ipê, site: Encosta}, ' +
        'book.asks.hive-at {hive: ipe, site: Capão Fundo}]}}',
    ],
    [
      'board-in-and-out',
      { hanging: [{ combId: 'd', hiveId: 'h', hiveName: 'Ipê', slot: 12 }] },
      'behind-board {hive: Ipê, board: 10, bars: {and: [12]}, count: 1}',
    ],
    [
      'board-in-and-out',
      {
        hanging: [{ combId: 'd', hiveId: 'h', hiveName: 'Ipê', slot: 9 }],
        onBoard: [{ combId: 'd', batchId: 'b', hiveName: 'Ipê' }],
      },
      'on-board {comb: 9, hive: Ipê}',
    ],
    [
      'side-named-twice',
      {
        hanging: [{ combId: 'd', hiveId: 'h', hiveName: 'Ipê', slot: 9 }],
        photographed: [
          { lookId: 'l', combId: 'd', date: '2026-03-10', pictureA: 'x', pictureB: 'x' },
          { lookId: 'm', combId: 'd', date: '2026-03-12', pictureA: 'x', pictureB: 'y' },
        ],
      },
      'one-photo {comb: 9, hive: Ipê, on: {date: 2026-03-10}}',
    ],
  ])('is asked: %s', (code, more, line) => {
    const found = contradictions(written(more));
    expect(found.map((f) => f.code)).toContain(code);
    expect(found.map((f) => [f.code, said(f.sentence)])).toContainEqual([
      code,
      `book.asks.${line}`,
    ]);
  });
  const opened = writtenHive({ id: 'o', name: 'Cedro', openedOn: ['2026-03-10'] });
  it.each([
    [
      'all queens seen on a round, one hive not opened',
      [writtenHive({ queenSeenOn: ['2026-03-10'] }), opened],
      'queen-in-closed-hive',
    ],
    [
      'opened that day as the others were',
      [writtenHive({ queenSeenOn: ['2026-03-10'], openedOn: ['2026-03-10'] }), opened],
      null,
    ],
    ['seen where no other hive was opened', [writtenHive({ queenSeenOn: ['2026-03-10'] })], null],
    [
      'moved in after it was harvested',
      [writtenHive({ livesSince: '2026-03-20' })],
      'years-counted-twice',
    ],
    ['moved in before', [writtenHive({ livesSince: '2024-04-20' })], null],
    ['nobody said since when', [writtenHive({ livesSince: null })], null],
  ] as const)('of a colony: %s', (_, hives, code) =>
    expect(contradictions(written({ hives })).map((f) => f.code)).toEqual(code ? [code] : []),
  );
  it('does not ask of frames that are drained in place: they go on living', () =>
    expect(
      contradictions(
        written({
          takes: [
            { batchId: 'b', combId: 'c', outcome: 'taken', date: '2026-03-14', inPlace: true },
          ],
          hanging: [{ combId: 'c', hiveId: 'h', hiveName: 'Ipê', slot: 3 }],
        }),
      ),
    ).toEqual([]));
});
