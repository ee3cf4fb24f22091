import { describe, expect, it } from 'vitest';
import { gramsOf, massUnit } from './massUnit.js';

describe('a weight as it is typed', () => {
  it.each([
    ['1.2', 'metric', 'large', 1200],
    ['1,2', 'metric', 'large', 1200],
    ['640', 'metric', 'small', 640],
    ['640 g', 'metric', 'large', 640],
    ['2', 'imperial', 'large', 907],
    ['2', 'imperial', 'small', 57],
    ['1.2 kg', 'imperial', 'small', 1200],
    ['', 'metric', 'large', null],
    ['much', 'imperial', 'large', null],
  ] as const)('%j in %s, %s: %s g', (text, units, size, g) => {
    expect(gramsOf(text, units, size)).toBe(g);
  });
  it('is asked in the unit that a bare number is taken in', () => {
    expect(massUnit('imperial')).toBe('lb');
    expect(massUnit('imperial', 'small')).toBe('oz');
    expect(gramsOf(`1 ${massUnit('imperial', 'small')}`, 'imperial', 'large')).toBe(28);
  });
});
