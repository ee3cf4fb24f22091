import { describe, expect, it } from 'vitest';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import { english } from '../../fixtures/english.js';
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
    ['a whole box by its number', pile, inBox(4, 8), 'box 4'],
    ['two whole boxes, the upper first', pile, [...inBox(3, 8), ...inBox(4, 8)], 'boxes 4 and 3'],
    ['a box and part of another', pile, [...inBox(4, 8), 301, 302], 'box 4 and 2 combs'],
    ['part of a box is combs', pile, [301], '1 comb'],
    ['nothing', pile, [], '0 combs'],
    ['frames where frames are taken', hive('framed', inBox(2, 9)), inBox(2, 3), '3 frames'],
    ['combs of a long hive', hive('top-bar', [1, 2, 3]), [3], '1 comb'],
  ] as const)('%s', (_what, of, slots, text) => expect(english(takenUnits(of, slots))).toBe(text));
  it('counts groups of pots', () =>
    expect(english(countedCombs(1, 'stingless'))).toBe('1 group of pots'));
});
