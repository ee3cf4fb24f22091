import { AsyncLocalStorage } from 'node:async_hooks';
import { isSay, languageOf, type HouseRules, type Language, type Speak } from '@furrow/core';
import { speak, type Reader } from './words.js';
import type { NextFunction, Request, RequestHandler, Response } from 'express';

/** The rules that decide how something is said. */
export type SpokenRules = Pick<HouseRules, 'language' | 'units' | 'currency'>;
type Asks = Pick<Request, 'acceptsLanguages'>;

/** Who asks for what is being done, as far as their device said: what languages they read. */
const asking = new AsyncLocalStorage<readonly string[]>();
/** Remembers the languages that a request asks for, for as long as it is being answered. */
export function rememberLanguage(request: Request, _response: Response, next: NextFunction): void {
  asking.run(request.acceptsLanguages(), next);
}

/** Who reads an answer: in the language the request asks for, in the household's units. */
export function readerOf(request: Asks, { language, units, currency }: SpokenRules): Reader {
  const spoken = languageOf(request.acceptsLanguages(), language ?? undefined);
  return { language: spoken, units, currency };
}

/** What a household that leaves the language to its devices speaks to the one that asks. */
const languageAsked = (): Language => languageOf(asking.getStore() ?? []);

/** Who reads what is printed and what a file tells: the household itself. */
export const readerAtHome = ({ language, units, currency }: SpokenRules): Reader => ({
  language: language ?? languageAsked(),
  units,
  currency,
});

/** Says it as the household says it, or in a language that is named. */
export function atHome(rules: SpokenRules, language?: Language): Speak {
  const reader = readerAtHome(language ? { ...rules, language } : rules);
  return (say) => speak(say, reader);
}

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

/**
 * The header by which a screen that says everything itself asks for sayings without their texts:
 * half the work, and half the line.
 */
export const SAYS_HEADER = 'x-furrow-says';

/**
 * Every JSON answer, of a read as of a command, has the text of each saying beside its key; `read`
 * tells who reads it, once the answer is there.
 */
export function answerInWords(read: (request: Request) => Promise<Reader>): RequestHandler {
  return (request, response, next) => {
    if (request.get(SAYS_HEADER) === 'keys') return void next();
    const json = response.json.bind(response);
    response.vary('Accept-Language').vary(SAYS_HEADER);
    response.json = (answer) => {
      read(request).then((reader) => json(withTexts(answer, reader)), next);
      return response;
    };
    next();
  };
}
