import { describe, expect, it } from 'vitest';
import { en } from './en/index.js';
import { ptBR } from './pt-BR/index.js';
import { wholeSentence } from './sentences.js';

type Language = Record<string, string | readonly string[]>;

/** The sentences of a language whose keys begin so. */
const sentencesOf = (language: Language, begin = ''): [key: string, sentence: string][] =>
  Object.entries(language)
    .filter(([key]) => key.startsWith(begin))
    .map(([key, said]) => [key, wholeSentence(said)]);

/** Keys of the sentences that a pattern fits, and that may not have it. */
const saying = (sentences: [string, string][], pattern: RegExp): string[] =>
  sentences.filter(([, sentence]) => pattern.test(sentence)).map(([key]) => key);

describe('what is never said', () => {
  it('that honey is safe, legal or free of disease', () => {
    expect(saying(sentencesOf(en), /\b(is|are) (safe|legal|disease-free)\b/i)).toEqual([]);
    const promised = /\b(é|são|está|estão) (segur[oa]s?|legal|legais|livres? de doença)/i;
    const said = sentencesOf(ptBR).map(([key, sentence]): [string, string] => [
      key,
      sentence.replace(/não (diz que um mel )?é (legal|seguro)/gi, ''),
    ]);
    expect(saying(said, promised)).toEqual([]);
  });

  it('of a sale, that it is allowed', () => {
    expect(saying(sentencesOf(en, 'jar.sale.'), /\b(legal|safe|allowed)\b/i)).toEqual([]);
  });

  it('to stop a frame that runs: it cannot be stopped', () => {
    const pattern = /stop (it|the frame|the flow|draining)/i;
    expect(saying(sentencesOf(en, 'take.incidents.'), pattern)).toEqual([]);
    expect(saying(sentencesOf(en, 'take.frameRun.'), pattern)).toEqual([]);
  });

  it('to close an entrance while a hive is open: the air must pass', () => {
    const pattern = /(?<!never )(close the entrance|seal (it|the))/i;
    for (const stage of ['take.', 'ready.', 'look.', 'due.', 'list.'])
      expect(saying(sentencesOf(en, stage), pattern)).toEqual([]);
  });
});
