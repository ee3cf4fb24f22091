import { METRIC, US_UNITS, asWritten, todaySay } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { readerOf, withTexts } from './spoken.js';

const asks = (tags: string[]) => ({ acceptsLanguages: () => tags }) as never;
const rules = { units: US_UNITS, currency: 'R$' };

describe('an answer in the language that was asked for', () => {
  const answer = {
    items: [{ id: 'a', title: todaySay('today.stir', { name: 'Ipê' }), dueAt: null }],
  };
  it('has the text beside the key and what stands in it', () => {
    const reader = readerOf(asks(['pt-BR']), rules);
    expect(reader).toEqual({ language: 'pt-BR', ...rules });
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
