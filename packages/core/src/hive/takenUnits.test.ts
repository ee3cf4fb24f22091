import { describe, expect, it } from 'vitest';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import { said } from '../../fixtures/said.js';
import { countedCombs } from './kinds.js';
import { takenUnits } from './takenUnits.js';

const hive = (kind: HiveKindName, slots: number[]) => ({
  kind,
  bars: slots.map((slot) => ({ slot, comb: { id: String(slot) } })),
});
const inBox = (box: number, places: number): number[] =>
  Array.from({ length: places }, (_, i) => box * 100 + i + 1);

describe('what is taken, in the words of its keeper', () => {
  const pile = hive('pile-box', [...inBox(4, 8), ...inBox(3, 8)]);
  it.each([
    [
      'a whole box by its number',
      pile,
      inBox(4, 8),
      'hiveName.boxes {count: 1, boxes: {and: [4]}}',
    ],
    [
      'two whole boxes, the upper first',
      pile,
      [...inBox(3, 8), ...inBox(4, 8)],
      'hiveName.boxes {count: 2, boxes: {and: [4, 3]}}',
    ],
    [
      'a box and part of another',
      pile,
      [...inBox(4, 8), 301, 302],
      'hiveName.both {boxes: hiveName.boxes {count: 1, boxes: {and: [4]}}, combs: hiveName.combs {count: 2}}',
    ],
    ['part of a box is combs', pile, [301], 'hiveName.combs {count: 1}'],
    ['nothing', pile, [], 'hiveName.combs {count: 0}'],
    [
      'frames where frames are taken',
      hive('framed', inBox(2, 9)),
      inBox(2, 3),
      'hiveName.frames {count: 3}',
    ],
    ['combs of a long hive', hive('top-bar', [1, 2, 3]), [3], 'hiveName.combs {count: 1}'],
  ] as const)('%s', (_what, of, slots, text) => expect(said(takenUnits(of, slots))).toBe(text));
  it('counts groups of pots', () =>
    expect(said(countedCombs(1, 'stingless'))).toBe('hiveName.pots {count: 1}'));
});
