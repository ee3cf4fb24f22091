import { METRIC, US_UNITS, asWritten, todaySay } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { atHome, readerAtHome, readerOf, rememberLanguage, withTexts } from './spoken.js';

const asks = (tags: string[]) => ({ acceptsLanguages: () => tags }) as never;
const rules = { language: null, units: US_UNITS, currency: 'R$' };

describe('an answer in the language that was asked for', () => {
  const answer = {
    items: [{ id: 'a', title: todaySay('today.stir', { name: 'Ipê' }), dueAt: null }],
  };
  it('has the text beside the key and what stands in it', () => {
    const reader = readerOf(asks(['pt-BR']), rules);
    expect(reader).toEqual({ ...rules, language: 'pt-BR' });
    expect(withTexts(answer, reader)).toEqual({
      items: [
        {
          id: 'a',
          title: { key: 'today.stir', with: { name: 'Ipê' }, text: 'Mexer Ipê' },
          dueAt: null,
        },
      ],
    });
  });
  it('is in English where another language was asked for, and shows what was written as it was', () => {
    const reader = readerOf(asks(['fr']), { ...rules, units: METRIC });
    expect(withTexts(asWritten('Hält noch'), reader)).toMatchObject({ text: 'Hält noch' });
    expect(withTexts(answer, reader).items[0].title).toMatchObject({ text: 'Stir Ipê' });
  });
});

describe('the language of what is printed', () => {
  const stir = todaySay('today.stir', { name: 'Ipê' });
  const during = <Done>(tags: string[], done: () => Done): Done => {
    let result: Done | undefined;
    rememberLanguage(asks(tags), null as never, () => (result = done()));
    return result!;
  };
  it.each([
    ['pt-BR', ['en'], 'Mexer Ipê'],
    ['en', ['pt-BR'], 'Stir Ipê'],
    [null, ['pt'], 'Mexer Ipê'],
    [null, ['fr'], 'Stir Ipê'],
  ] as const)('the household speaks %s, the device asks for %j: %s', (language, tags, text) =>
    expect(during([...tags], () => atHome({ ...rules, language })(stir))).toBe(text),
  );
  it('is English where nobody asks', () => expect(readerAtHome(rules).language).toBe('en'));
  it('an answer is in the household’s language where the device asks for none that is spoken', () =>
    expect(readerOf(asks(['fr']), { ...rules, language: 'pt-BR' }).language).toBe('pt-BR'));
});
