import { METRIC, type Units } from '@furrow/core';
import { saidIn } from '@furrow/words';
import { shallowRef } from 'vue';

/**
 * The household's units, for everything that says or asks a measure; metric until its rules are
 * known. The shell keeps it in step with the rules.
 */
export const householdUnits = shallowRef<Units>(METRIC);

/** A sentence that was made in metric units, in the household's. */
export const said = (sentence: string | null | undefined): string =>
  sentence ? saidIn(householdUnits.value, sentence) : '';
