import type { Language, Stage } from '@furrow/core';
import { moreWordsBy, learn, type Catalogue } from '@furrow/words';
import { shallowRef } from 'vue';
import { languageHere } from './language.js';
import { WORDS_OF_STAGE, type Part } from './wordsOfStage.js';

/** Grows where words are learned that were to be said before: the screen is then said anew. */
export const learned = shallowRef(0);

type FetchPart = () => Promise<{ words: Partial<Catalogue> }>;
interface Parts {
  first: () => Promise<unknown>;
  beyond: Record<Part, FetchPart>;
}

/** Where each language comes from. */
const LANGUAGE_PARTS: Record<Language, Parts> = {
  en: {
    // It is spoken where nothing else is, and so always there.
    first: async () => null,
    beyond: {
      shared: () => import('@furrow/words/en/parts/shared'),
      look: () => import('@furrow/words/en/parts/look'),
      choose: () => import('@furrow/words/en/parts/choose'),
      ready: () => import('@furrow/words/en/parts/ready'),
      take: () => import('@furrow/words/en/parts/take'),
      drain: () => import('@furrow/words/en/parts/drain'),
      cut: () => import('@furrow/words/en/parts/cut'),
      jar: () => import('@furrow/words/en/parts/jar'),
      book: () => import('@furrow/words/en/parts/book'),
    },
  },
  'pt-BR': {
    first: () => import('@furrow/words/pt-BR/first').then(({ first }) => learn('pt-BR', first)),
    beyond: {
      shared: () => import('@furrow/words/pt-BR/parts/shared'),
      look: () => import('@furrow/words/pt-BR/parts/look'),
      choose: () => import('@furrow/words/pt-BR/parts/choose'),
      ready: () => import('@furrow/words/pt-BR/parts/ready'),
      take: () => import('@furrow/words/pt-BR/parts/take'),
      drain: () => import('@furrow/words/pt-BR/parts/drain'),
      cut: () => import('@furrow/words/pt-BR/parts/cut'),
      jar: () => import('@furrow/words/pt-BR/parts/jar'),
      book: () => import('@furrow/words/pt-BR/parts/book'),
    },
  },
};

/**
 * The language that the screens speak. Everything that says something depends on this module and so
 * waits here until its words are known; English where they could not be fetched.
 */
export const language: Language = await LANGUAGE_PARTS[languageHere].first().then(
  () => languageHere,
  () => 'en' as const,
);
document.documentElement.lang = language;

const known = new Map<Part, Promise<void>>();
/** Learns a part once; asked again where it could not be fetched. */
function learnPart(part: Part): Promise<void> {
  const before = known.get(part);
  if (before) return before;
  const learning = LANGUAGE_PARTS[language].beyond[part]().then(
    ({ words }) => {
      if (learn(language, words)) learned.value += 1;
    },
    (error: unknown) => {
      known.delete(part);
      throw error;
    },
  );
  known.set(part, learning);
  return learning;
}

const EVERY_PART = Object.keys(LANGUAGE_PARTS.en.beyond) as Part[];
/** Learns all that is said beyond the first screen. */
export async function learnEverything(): Promise<void> {
  try {
    await Promise.all(EVERY_PART.map(learnPart));
  } finally {
    moreWordsBy(null);
  }
}
// What is to be said before its words have come is fetched at once.
moreWordsBy(() => void learnEverything().catch(() => undefined));

/**
 * Learns what a screen of a stage says, waited for before it is opened. A screen that belongs to no
 * stage may say anything.
 */
export async function learnStage(stage: Stage | undefined): Promise<void> {
  if (stage === undefined) return learnEverything();
  await Promise.all(WORDS_OF_STAGE[stage].map(learnPart));
}
