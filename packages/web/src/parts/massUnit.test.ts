import { METRIC, US_UNITS } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { gramsOf, massUnit } from './massUnit.js';

describe('a weight as it is typed', () => {
  it.each([
    ['1.2', METRIC, 'large', 1200],
    ['1,2', METRIC, 'large', 1200],
    ['640', METRIC, 'small', 640],
    ['640 g', METRIC, 'large', 640],
    ['2', US_UNITS, 'large', 907],
    ['2', US_UNITS, 'small', 57],
    ['1.2 kg', US_UNITS, 'small', 1200],
    ['', METRIC, 'large', null],
    ['much', US_UNITS, 'large', null],
  ] as const)('%j in %s, %s: %s g', (text, units, size, g) => {
    expect(gramsOf(text, units, size)).toBe(g);
  });
  it('is asked in the unit that a bare number is taken in', () => {
    expect(massUnit(US_UNITS)).toBe('lb');
    expect(massUnit(US_UNITS, 'small')).toBe('oz');
    expect(gramsOf(`1 ${massUnit(US_UNITS, 'small')}`, US_UNITS, 'large')).toBe(28);
  });
});
