import { METRIC, isSay, refusalOf, type Say, type Units } from '@furrow/core';
import { speak, type Reader } from '@furrow/words';
import { computed, shallowRef } from 'vue';
import { language, learned } from './learned.js';

/**
 * The household's units, for everything that says or asks a measure; metric until its rules are
 * known. The shell keeps it in step with the rules.
 */
export const householdUnits = shallowRef<Units>(METRIC);
/** In what money something is worth. */
export const currency = shallowRef('');

/** Who reads this screen. */
export const reader = computed<Reader>(() => {
  // More of the language may have been learned since.
  void learned.value;
  return { language, units: householdUnits.value, currency: currency.value };
});

/** What is to be said, in the reader's language and units; a text is shown as it is. */
export function said(what: Say | string | null | undefined): string {
  if (!what) return '';
  return isSay(what) ? speak(what, reader.value) : what;
}

/** Why a schema would not have it. Takes the text of its issue; null where there is none. */
export const whyNot = (message: string | undefined): string | null =>
  message === undefined ? null : said(refusalOf(message));
