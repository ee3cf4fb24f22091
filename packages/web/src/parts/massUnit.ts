import { largeUnit, type UnitSystem } from '@furrow/core';
import { said } from '../shell/units.js';

/**
 * The unit that a bare weight in a field is taken in: large things in kilograms or pounds, small
 * ones in grams or ounces.
 */
export const massUnit = (units: UnitSystem, size: 'large' | 'small' = 'large'): string => {
  if (size === 'small') return units === 'metric' ? 'g' : 'oz';
  return largeUnit(units);
};

/**
 * What a field of weight says of what it cannot read, by an example in the household's own unit.
 */
export function weightSuch(example: string): string {
  const figure = said(example.replace(',', '.')).replace('.', ',');
  return `A weight such as ${figure}.`;
}
