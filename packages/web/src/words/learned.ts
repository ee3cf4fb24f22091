import type { Language } from '@furrow/core';
import { learn } from '@furrow/words';
import { shallowRef } from 'vue';
import { languageHere } from './language.js';

/** Grows with every part of a language that is learned: what is on the screen is then said anew. */
export const learned = shallowRef(0);

/** Where each language comes from: what the first screen says, and what is said beyond it. */
const PARTS: Record<Language, { first: () => Promise<void>; rest: () => Promise<void> }> = {
  en: {
    // It is spoken where nothing else is, and so always there.
    first: async () => {},
    rest: () => import('@furrow/words/en/rest').then(({ rest }) => learn('en', rest)),
  },
  'pt-BR': {
    first: () => import('@furrow/words/pt-BR/first').then(({ first }) => learn('pt-BR', first)),
    rest: () => import('@furrow/words/pt-BR/rest').then(({ rest }) => learn('pt-BR', rest)),
  },
};

/**
 * The language that the screens speak. Everything that says something depends on this module and so
 * waits here until its words are known; English where they could not be fetched.
 */
export const language: Language = await PARTS[languageHere].first().then(
  () => languageHere,
  () => 'en' as const,
);
document.documentElement.lang = language;

let everything: Promise<void> | null = null;
/**
 * Learns what is said beyond the first screen, once. Waited for before another screen is opened;
 * asked again where it could not be fetched.
 */
export function learnEverything(): Promise<void> {
  everything ??= PARTS[language].rest().then(
    () => {
      learned.value += 1;
    },
    (error: unknown) => {
      everything = null;
      throw error;
    },
  );
  return everything;
}
