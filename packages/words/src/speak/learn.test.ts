import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Say } from '@furrow/core';
import { PLAIN_READER } from './reader.js';
import { learn, moreWordsBy, speak } from './speak.js';

/** A saying that nobody has words for, each time another. */
let count = 0;
const unknown = (): Say => ({ key: `nobody.knows-${count++}`, with: {} });
const words = (say: Say, text: string) => ({ [say.key]: text }) as Parameters<typeof learn>[1];

afterEach(() => moreWordsBy(null));

describe('words that are learned later', () => {
  it('are left out and asked for until they have come, then said', () => {
    const fetchMore = vi.fn();
    moreWordsBy(fetchMore);
    const say = unknown();
    expect([speak(say, PLAIN_READER), fetchMore.mock.calls.length]).toEqual(['', 1]);
    expect(learn('en', words(say, 'Ripe.'))).toBe(true);
    expect([speak(say, PLAIN_READER), fetchMore.mock.calls.length]).toEqual(['Ripe.', 1]);
  });

  it('tell nothing anew where nobody had asked for them', () => {
    const say = unknown();
    expect(learn('en', words(say, 'Ripe.'))).toBe(false);
    expect(speak(say, PLAIN_READER)).toBe('Ripe.');
  });

  it('are told of once', () => {
    const say = unknown();
    speak(say, PLAIN_READER);
    expect(learn('en', words(say, 'Ripe.'))).toBe(true);
    expect(learn('en', words(say, 'Ripe.'))).toBe(false);
  });

  it('are shown by their key where no more are to be had', () => {
    const say = unknown();
    expect(speak(say, PLAIN_READER)).toBe(say.key);
  });
});
