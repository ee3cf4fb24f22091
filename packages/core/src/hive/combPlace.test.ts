import { expect, test } from 'vitest';
import type { BarView } from '../records/hiveViews.js';
import { hasComb } from './combPlace.js';

const place: BarView = { carrierId: 'k', slot: 3, inBox: 3, boxId: null, comb: null };
const comb = { id: 'c', builtOn: '2026-04-01', emptied: null, looks: [], marks: [] };

test('a place with a comb is told from an empty one', () => {
  const bars = [place, { ...place, slot: 4, comb }];
  expect(bars.filter(hasComb).map((bar) => bar.comb.id)).toEqual(['c']);
});
