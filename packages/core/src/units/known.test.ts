import { describe, expect, test } from 'vitest';
import { endOf, entryOf, firstOf, sure, tableOf } from './known.js';

describe('what is known to be there', () => {
  test('is given, falsy as it may be', () => {
    expect(entryOf(new Map([['bar', 0]]), 'bar')).toBe(0);
    expect(firstOf([0, 1, 2], (n) => n < 1)).toBe(0);
    expect(endOf(['a', ''])).toBe('');
    expect(sure(false, 'answer')).toBe(false);
  });

  test('and where it is not, the fault is said at once', () => {
    expect(() => entryOf(new Map(), 'bar 4')).toThrow('Nothing stands under bar 4');
    expect(() => firstOf([1], () => false, 'comb')).toThrow('There is no such comb in the list');
    expect(() => endOf([])).toThrow('The list is empty');
    expect(() => sure(null, 'hive')).toThrow('There is no hive');
    expect(() => sure(undefined, 'hive')).toThrow('There is no hive');
  });
});

test('a table has an entry for each key', () => {
  expect(tableOf(['A', 'B'], (side, at) => `${side}${at}`)).toEqual({ A: 'A0', B: 'B1' });
});
