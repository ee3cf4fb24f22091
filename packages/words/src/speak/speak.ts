import { isSay, type Language, type Say, type SayValue } from '@furrow/core';
import { IntlMessageFormat } from 'intl-messageformat';
import type { Catalogue, ScreenKey } from '../catalogue.js';
import type { Told } from '../screens/told.js';
import { first } from '../en/first.js';
import { inLanguage, quantitySaid } from './quantities.js';
import { PLAIN_READER, type Reader } from './reader.js';

type Words = Partial<Catalogue>;

/** What was learned of each language: what the first screen says in English, more when it is asked. */
const CATALOGUES = new Map<Language, Words>([['en', first]]);

/** Learns a language, or more of it: from then on it is spoken where it is asked for. */
export function learn(language: Language, words: Words): void {
  CATALOGUES.set(language, { ...CATALOGUES.get(language), ...words });
}

/** Sentences are read once: a long list says the same one often. */
const known = new Map<string, IntlMessageFormat>();
function sentenceOf(key: string, language: Language): IntlMessageFormat | null {
  const id = `${language} ${key}`;
  const before = known.get(id);
  if (before) return before;
  const catalogue: Readonly<Record<string, string | undefined>> = CATALOGUES.get(language) ?? first;
  const text = catalogue[key];
  if (text === undefined) return null;
  const sentence = new IntlMessageFormat(text, language, undefined, { ignoreTag: true });
  known.set(id, sentence);
  return sentence;
}

/** A count stays one, so that it can choose singular or plural; everything else is said. */
function valueSaid(value: SayValue, reader: Reader): string | number {
  if (typeof value === 'string' || typeof value === 'number') return value;
  if (isSay(value)) return speak(value, reader);
  if ('and' in value) {
    const parts = value.and.map((part) => String(valueSaid(part, reader)));
    return new Intl.ListFormat(reader.language === 'en' ? 'en-GB' : reader.language).format(parts);
  }
  if ('then' in value) return value.then.map((each) => speak(each, reader)).join(' ');
  return quantitySaid(value, reader);
}

/**
 * Says it, in the reader's language and units. Takes what is to be said. What a newer Furrow wrote
 * and this one has no words for is shown by its key, never left out.
 */
export function speak(say: Say, reader: Reader): string {
  const sentence = sentenceOf(say.key, reader.language);
  if (!sentence) return say.key;
  const values = Object.entries(say.with).map(([name, value]): [string, string | number] => [
    name,
    valueSaid(value, reader),
  ]);
  return String(sentence.format(Object.fromEntries(values)));
}

/** A figure with its unit, or two edges of one; a name or a code is none. */
const FIGURE = /^[−+-]?\d+\.\d/;

/** What stands in a sentence of a screen: a figure that is already written gets the reader's comma. */
function told(value: Told, reader: Reader): string | number {
  if (value === null || value === undefined) return '';
  if (isSay(value)) return speak(value, reader);
  if (typeof value === 'object') return quantitySaid(value, reader);
  return typeof value === 'string' && FIGURE.test(value)
    ? inLanguage(value, reader.language)
    : value;
}

/**
 * Says a sentence of a screen, in the reader's language. Takes its key and what stands in it, whose
 * measures are already said in the reader's units.
 */
export function speakScreen(key: ScreenKey, values: object, reader: Reader): string {
  const sentence = sentenceOf(key, reader.language);
  if (!sentence) return key;
  const said = Object.entries(values).map(
    ([name, value]: [string, Told]): [string, string | number] => [name, told(value, reader)],
  );
  return String(sentence.format(Object.fromEntries(said)));
}

/** English and metric, for logs and tests. */
export const inEnglish = (say: Say): string => speak(say, PLAIN_READER);
