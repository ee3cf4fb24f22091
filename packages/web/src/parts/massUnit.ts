import { largeUnit, largestOf, readMassG, smallUnit, smallestOf, unitsFor } from '@furrow/words';
import type { Units } from '@furrow/core';
import { tell } from '../words/tell.js';
import { plainFigure, smallMassText, weighedText } from '../words/figures.js';
import { householdUnits } from '../words/units.js';

type Size = 'large' | 'small';

/**
 * The unit that a bare weight in a field is taken in: large things in kilograms or pounds, small
 * ones in grams or ounces.
 */
export const massUnit = (units: Units, size: Size = 'large'): string =>
  size === 'small' ? smallUnit(units) : largeUnit(units);

/**
 * A weight as a person types it, whole grams: a bare number is in the unit that stands beside the
 * field. Null where it is no weight, or where nothing stands there.
 */
export function gramsOf(text: string, units: Units, size: Size = 'large'): number | null {
  const sizes = unitsFor('mass', units);
  const bare = size === 'small' ? smallestOf(sizes) : largestOf(sizes);
  const g = readMassG(text, bare, units);
  return g === null ? null : Math.round(g);
}

/**
 * What a field of weight says of what it cannot read, by an example in the household's own unit.
 * Takes the example in grams.
 */
export function weightSuch(exampleG: number): string {
  const units = householdUnits.value;
  const isLarge = units.mass === 'kilograms' && exampleG >= 1000;
  const figure = isLarge
    ? `${plainFigure(exampleG / 1000)} ${largeUnit(units)}`
    : smallMassText(exampleG, units, 1);
  return tell('massUnit.weight-such-as', { figure });
}

/** A spoken weight as it is read back, in the household's units; null where it is no weight. */
export function spokenWeight(typed: string, units: Units): string | null {
  const g = gramsOf(typed, units);
  return g === null ? null : weighedText(g, units);
}
