import { largeUnit, type UnitSystem } from '@furrow/core';

/** The unit that a bare weight in a field is taken in: large things in kilograms or pounds, small ones in grams or ounces. */
export const massUnit = (units: UnitSystem, size: 'large' | 'small' = 'large'): string => {
  if (size === 'small') return units === 'metric' ? 'g' : 'oz';
  return largeUnit(units);
};
