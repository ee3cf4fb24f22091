import { saidIn, type UnitSystem } from '@furrow/core';
import { shallowRef } from 'vue';

/**
 * The household's units, for everything that says or asks a mass or a temperature; kilograms and
 * degrees Celsius until its rules are known. The shell keeps it in step with the rules.
 */
export const householdUnits = shallowRef<UnitSystem>('metric');

/** A sentence that was made in kilograms, grams and °C, in the household's units. */
export const said = (sentence: string | null | undefined): string =>
  sentence ? saidIn(householdUnits.value, sentence) : '';
