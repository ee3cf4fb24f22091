import { describe, expect, it } from 'vitest';

import { contradictions, type Written, type WrittenHive } from './contradictions.js';

const hive = (id: string, said: Partial<WrittenHive> = {}): WrittenHive => ({
  id,
  name: `Hive ${id}`,
  siteName: 'Encosta',
  followerAfterBar: null,
  livesSince: null,
  queenSeenOn: [],
  openedOn: [],
  ...said,
});
const written = (said: Partial<Written> = {}): Written => ({
  hives: [hive('h1'), hive('h2')],
  batches: [],
  looks: [],
  takes: [],
  hanging: [],
  onBoard: [],
  photographed: [],
  ...said,
});
const batch = (date: string, combIds = ['c1']) => ({
  id: 'b1',
  hiveId: 'h1',
  hiveName: 'Hive h1',
  date,
  combIds,
});
const take = (date: string, said: object = {}) => ({
  batchId: 'b1',
  combId: 'c1',
  outcome: 'taken',
  date,
  inPlace: false,
  ...said,
});
const hanging = { combId: 'c1', hiveId: 'h1', hiveName: 'Hive h1', slot: 7 };
const codes = (said: Partial<Written>): string[] =>
  contradictions(written(said)).map((c) => c.code);

describe('what cannot all be true', () => {
  it('is nothing where all of it can', () => {
    expect(
      codes({
        batches: [batch('2026-03-14')],
        looks: [{ combId: 'c1', date: '2026-03-10' }],
        takes: [take('2026-03-14')],
      }),
    ).toEqual([]);
  });
  it.each([
    [
      'a harvest before its comb was looked at',
      { batches: [batch('2026-03-01')], looks: [{ combId: 'c1', date: '2026-03-10' }] },
      'harvest-before-look',
    ],
    [
      'a comb taken twice',
      { batches: [batch('2026-03-14')], takes: [take('2026-03-14'), take('2026-04-01')] },
      'comb-in-two-places',
    ],
    [
      'a comb that was taken and hangs',
      { batches: [batch('2026-03-14')], takes: [take('2026-03-14')], hanging: [hanging] },
      'comb-in-two-places',
    ],
    [
      'a look after it was taken',
      { takes: [take('2026-03-14')], looks: [{ combId: 'c1', date: '2026-03-20' }] },
      'look-after-taken',
    ],
    [
      'one name for two hives, whatever its accents and capitals',
      { hives: [hive('h1', { name: 'Ipê' }), hive('h2', { name: 'IPE' })] },
      'hive-named-twice',
    ],
    [
      'comb behind the board',
      { hives: [hive('h1', { followerAfterBar: 5 })], hanging: [hanging] },
      'board-in-and-out',
    ],
    [
      'comb on the cutting board and in the hive',
      { onBoard: [{ combId: 'c1', batchId: 'b1', hiveName: 'Hive h1' }], hanging: [hanging] },
      'board-in-and-out',
    ],
    [
      'a queen seen in a hive that was not opened',
      {
        hives: [
          hive('h1', { queenSeenOn: ['2026-03-14'] }),
          hive('h2', { openedOn: ['2026-03-14'] }),
        ],
      },
      'queen-in-closed-hive',
    ],
    [
      'a harvest from before the colony lived there',
      { hives: [hive('h1', { livesSince: '2026-01-01' })], batches: [batch('2025-12-01', [])] },
      'years-counted-twice',
    ],
    [
      'one photo for both sides',
      {
        photographed: [
          { lookId: 'l', combId: 'c1', date: '2026-03-14', pictureA: 'x', pictureB: 'x' },
        ],
      },
      'side-named-twice',
    ],
  ] as [string, Partial<Written>, string][])('%s', (_what, said, code) => {
    expect(codes(said)).toEqual([code]);
  });
  it('is no comb that was drained where it hangs, or that came back', () => {
    const back = [
      take('2026-03-14', { inPlace: true }),
      take('2026-03-15', { outcome: 'put-back' }),
    ];
    expect(codes({ takes: back, hanging: [hanging] })).toEqual([]);
  });
  it('goes by the first look, and by the last: looks may come in any order', () => {
    const looks = ['2026-03-20', '2026-02-01', '2026-03-10'].map((date) => ({
      combId: 'c1',
      date,
    }));
    expect(codes({ batches: [batch('2026-03-01')], looks })).toEqual([]);
    expect(codes({ takes: [take('2026-03-14')], looks })).toEqual(['look-after-taken']);
  });
  it('keeps its id while it is the same, so that an answer holds', () => {
    const said = { takes: [take('2026-03-14')], hanging: [hanging] };
    const [a] = contradictions(written(said));
    const [b] = contradictions(written({ ...said, looks: [{ combId: 'c9', date: '2026-01-01' }] }));
    expect(a.id).toBe(b.id);
  });
});
