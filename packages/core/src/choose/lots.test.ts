import { expect, it } from 'vitest';
import { KEEP_BY_HIVE, keepApartBy } from './lots.js';

it.each([
  ['hive', KEEP_BY_HIVE],
  ['box', { ...KEEP_BY_HIVE, box: true }],
  ['comb', { ...KEEP_BY_HIVE, comb: true }],
  ['season', { ...KEEP_BY_HIVE, season: true }],
  ['capped', { ...KEEP_BY_HIVE, capped: true }],
  ['colour', KEEP_BY_HIVE],
  ['mixed', { ...KEEP_BY_HIVE, hive: false }],
] as const)('a house that keeps lots by %s keeps hives apart unless all is mixed', (by, keep) => {
  expect(keepApartBy(by)).toEqual(keep);
});
