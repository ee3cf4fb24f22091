import { largeUnit, readMassG, type UnitSystem } from '@furrow/core';
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
 * A weight as a person types it, whole grams: a bare number is in the unit that stands beside the
 * field. Null where it is no weight, or where nothing stands there.
 */
export function gramsOf(
  text: string,
  units: UnitSystem,
  size: 'large' | 'small' = 'large',
): number | null {
  const bare = { large: ['kg', 'lb'], small: ['g', 'oz'] } as const;
  const [metric, imperial] = bare[size];
  const g = readMassG(text, units === 'metric' ? metric : imperial);
  return g === null ? null : Math.round(g);
}

/**
 * What a field of weight says of what it cannot read, by an example in the household's own unit.
 */
export function weightSuch(example: string): string {
  const figure = said(example.replace(',', '.')).replace('.', ',');
  return `A weight such as ${figure}.`;
}
