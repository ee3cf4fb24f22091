import { isSay, languageOf, type Speak, type Units } from '@furrow/core';
import { speak, type Reader } from './words.js';
import type { Request } from 'express';

/** Who reads an answer: in the language the request asks for, in the household's units. */
export function readerOf(
  request: Pick<Request, 'acceptsLanguages'>,
  rules: { units: Units; currency: string },
): Reader {
  const language = languageOf(request.acceptsLanguages());
  return { language, units: rules.units, currency: rules.currency };
}

/** Says it as the household says it: what is printed, and what a file tells. */
export const atHome =
  ({ units, currency }: { units: Units; currency: string }): Speak =>
  (say) =>
    speak(say, { language: 'en', units, currency });

/**
 * An answer with the text of every saying in it beside its key and what stands in it, in the
 * reader's language and units. Takes it as it is; gives a copy.
 */
export function withTexts<Answer>(answer: Answer, reader: Reader): Answer {
  const copy = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(copy);
    if (typeof value !== 'object' || value === null) return value;
    if (isSay(value)) return { ...value, text: speak(value, reader) };
    return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, copy(each)]));
  };
  return copy(answer) as Answer;
}
