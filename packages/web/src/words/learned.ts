import type { Language, Stage } from '@furrow/core';
import { learn, type Catalogue } from '@furrow/words';
import { shallowRef } from 'vue';
import { languageHere } from './language.js';

/** Grows with every part of a language that is learned: what is on the screen is then said anew. */
export const learned = shallowRef(0);

type Words = Partial<Catalogue>;
/** The book looks back at every stage, and so says what each of them says. */
type OwnWords = Exclude<Stage, 'book'>;
/** Where a language comes from: what the first screen says, each stage, and all that is said. */
interface Parts {
  first: () => Promise<{ first: Words }>;
  stages: Record<OwnWords, () => Promise<{ words: Words }>>;
  rest: () => Promise<{ rest: Words }>;
}
const PARTS: Record<Language, Parts> = {
  en: {
    // It is spoken where nothing else is, and so always there.
    first: async () => ({ first: {} }),
    stages: {
      look: () => import('@furrow/words/en/stages/look'),
      choose: () => import('@furrow/words/en/stages/choose'),
      ready: () => import('@furrow/words/en/stages/ready'),
      take: () => import('@furrow/words/en/stages/take'),
      drain: () => import('@furrow/words/en/stages/drain'),
      cut: () => import('@furrow/words/en/stages/cut'),
      jar: () => import('@furrow/words/en/stages/jar'),
    },
    rest: () => import('@furrow/words/en/rest'),
  },
  'pt-BR': {
    first: () => import('@furrow/words/pt-BR/first'),
    stages: {
      look: () => import('@furrow/words/pt-BR/stages/look'),
      choose: () => import('@furrow/words/pt-BR/stages/choose'),
      ready: () => import('@furrow/words/pt-BR/stages/ready'),
      take: () => import('@furrow/words/pt-BR/stages/take'),
      drain: () => import('@furrow/words/pt-BR/stages/drain'),
      cut: () => import('@furrow/words/pt-BR/stages/cut'),
      jar: () => import('@furrow/words/pt-BR/stages/jar'),
    },
    rest: () => import('@furrow/words/pt-BR/rest'),
  },
};

/**
 * The language that the screens speak. Everything that says something depends on this module and so
 * waits here until its words are known; English where they could not be fetched.
 */
export const language: Language = await PARTS[languageHere].first().then(
  ({ first }) => {
    learn(languageHere, first);
    return languageHere;
  },
  () => 'en' as const,
);
document.documentElement.lang = language;

/** Learns something once; asked again where it could not be fetched. */
const known = new Map<string, Promise<void>>();
function once(name: string, fetched: () => Promise<Words>): Promise<void> {
  const before = known.get(name);
  if (before) return before;
  const learning = fetched().then(
    (words) => {
      learn(language, words);
      learned.value += 1;
    },
    (error: unknown) => {
      known.delete(name);
      throw error;
    },
  );
  known.set(name, learning);
  return learning;
}

/** Learns all that is said beyond the first screen. */
export const learnEverything = (): Promise<void> =>
  once('rest', async () => (await PARTS[language].rest()).rest);

/** Learns what a screen of a stage says: waited for before it is opened. */
export function learnStage(stage: Stage | undefined): Promise<void> {
  if (stage === undefined || stage === 'book' || known.has('rest')) return learnEverything();
  return once(stage, async () => (await PARTS[language].stages[stage]()).words);
}
