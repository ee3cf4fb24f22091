import { afterEach, describe, expect, it } from 'vitest';
import { reactive } from 'vue';
import { fromStorage, isRecord } from './fromStorage.js';
import { plainCopy } from './plainCopy.js';

afterEach(() => localStorage.clear());

describe('what this browser keeps', () => {
  const looks = (value: unknown): value is Record<string, number> =>
    isRecord(value) && Object.values(value).every((each) => typeof each === 'number');
  it('is read by its name', () => {
    localStorage.setItem('looks', '{"c":3}');
    expect(fromStorage('looks', looks)).toEqual({ c: 3 });
  });
  it.each([
    ['nothing', null],
    ['half a text', '{"c":'],
    ['something else', '"c"'],
    ['another shape', '{"c":"three"}'],
  ])('is nothing where there is %s', (_, text) => {
    if (text !== null) localStorage.setItem('looks', text);
    expect(fromStorage('looks', looks)).toBeNull();
  });
});

it('a copy is changed without what it was made of', () => {
  const hive = reactive({ bars: [{ slot: 1 }] });
  const copy = plainCopy(hive);
  copy.bars[0].slot = 7;
  expect([hive.bars[0].slot, copy.bars[0].slot]).toEqual([1, 7]);
});
