import { isSay, type Language, type Say, type SayValue } from '@furrow/core';
import { IntlMessageFormat } from 'intl-messageformat';
import type { Catalogue, ScreenKey } from '../catalogue.js';
import { first } from '../en/first.js';
import { wholeSentence, type Sentence, type Told } from '../sentences.js';
import { listSaid } from './locale.js';
import { inLanguage, quantitySaid } from './quantities.js';
import { PLAIN_READER, type Reader } from './reader.js';

type Words = Readonly<Record<string, Sentence | undefined>>;

/** What was learned of each language: what the first screen says in English, more when it is asked. */
const CATALOGUES = new Map<Language, Words>([['en', first]]);

/** Keys that were to be said while nobody knew their words. */
const missed = new Set<string>();
let fetchMore: (() => void) | null = null;

/**
 * Says how more words are fetched, or with null that no more are to be had. As long as there are, a
 * key without words is left out and asks for them; after that it is shown itself.
 */
export function moreWordsBy(fetched: (() => void) | null): void {
  fetchMore = fetched;
}

/**
 * Learns a language, or more of it: from then on it is spoken where it is asked for. True where
 * something of it was to be said before, and is to be said anew.
 */
export function learn(language: Language, words: Partial<Catalogue>): boolean {
  CATALOGUES.set(language, { ...CATALOGUES.get(language), ...words });
  const now = [...missed].filter((key) => key in words);
  for (const key of now) missed.delete(key);
  return now.length > 0;
}

/**
 * The library asks the browser for each sentence by which of its locales a language is spoken; on a
 * slow phone a screen waited for that. It is asked once for each language.
 */
const { resolveLocale } = IntlMessageFormat;
const resolved = new Map<string, ReturnType<typeof resolveLocale>>();
IntlMessageFormat.resolveLocale = (locales) => {
  const tags = String(locales);
  if (!resolved.has(tags)) resolved.set(tags, resolveLocale(locales));
  return resolved.get(tags);
};

/** Sentences are read once: a long list says the same one often. */
const known = new Map<string, IntlMessageFormat>();
function sentenceOf(key: string, language: Language): IntlMessageFormat | null {
  const id = `${language} ${key}`;
  const before = known.get(id);
  if (before) return before;
  const words: Words = CATALOGUES.get(language) ?? first;
  const text = words[key];
  if (text === undefined) return null;
  const sentence = new IntlMessageFormat(wholeSentence(text), language, undefined, {
    ignoreTag: true,
  });
  known.set(id, sentence);
  return sentence;
}

/** A figure with its unit, or two edges of one; a name or a code is none. */
const FIGURE = /^[−+-]?\d+\.\d/;
/** A figure that is already written gets the reader's comma. */
const written = (text: string, { language }: Reader): string =>
  FIGURE.test(text) ? inLanguage(text, language) : text;

/** More decimals than any figure here has: what lies behind them is what a sum left over. */
const MOST_DECIMALS = 4;
/** A count stays a number; one with decimals gets the reader's comma. */
function numberSaid(value: number, { language }: Reader): number | string {
  const plain = Number(value.toFixed(MOST_DECIMALS));
  return Number.isInteger(plain) ? plain : inLanguage(String(plain), language);
}

const eachSaid = (parts: readonly SayValue[], reader: Reader): string[] =>
  parts.map((part) => String(valueSaid(part, reader)));

/** A count stays one, so that it can choose singular or plural; everything else is said. */
function valueSaid(value: SayValue | Told, reader: Reader): string | number {
  if (value === null || value === undefined) return '';
  if (typeof value === 'string') return written(value, reader);
  if (typeof value === 'number') return numberSaid(value, reader);
  if (isSay(value)) return speak(value, reader);
  if ('and' in value) return listSaid(eachSaid(value.and, reader), reader.language);
  if ('or' in value) return listSaid(eachSaid(value.or, reader), reader.language, 'disjunction');
  if ('then' in value) return value.then.map((each) => speak(each, reader)).join(' ');
  return quantitySaid(value, reader);
}

/** A key, its values in it; the key itself where this Furrow has no words for it. */
function said(key: string, values: object, reader: Reader): string {
  const sentence = sentenceOf(key, reader.language);
  if (!sentence) {
    missed.add(key);
    fetchMore?.();
    return fetchMore ? '' : key;
  }
  const all = Object.entries(values).map(
    ([name, value]: [string, SayValue | Told]): [string, string | number] => [
      name,
      valueSaid(value, reader),
    ],
  );
  return String(sentence.format(Object.fromEntries(all)));
}

/**
 * Says it, in the reader's language and units. Takes what is to be said. What a newer Furrow wrote
 * and this one has no words for is shown by its key, never left out.
 */
export const speak = (say: Say, reader: Reader): string => said(say.key, say.with, reader);

/** Says a sentence of a screen, by its key and what stands in it. */
export const speakScreen = (key: ScreenKey, values: object, reader: Reader): string =>
  said(key, values, reader);

/** English and metric, for logs and tests. */
export const inEnglish = (say: Say): string => speak(say, PLAIN_READER);
