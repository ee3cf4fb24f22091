import { describe, expect, it } from 'vitest';
import { share, textOf } from './keptText.js';

describe('how an answer is sent', () => {
  it('is written once where it is shared', () => {
    let written = 0;
    const answer = {
      toJSON: () => {
        written++;
        return { honeyG: 1 };
      },
    };
    share(answer);
    expect([textOf(answer), textOf(answer), written]).toEqual(['{"honeyG":1}', '{"honeyG":1}', 1]);
  });
  it('is written each time where it is not', () => {
    const answer = { honeyG: 1 };
    expect(textOf(answer)).toBe('{"honeyG":1}');
    answer.honeyG = 2;
    expect(textOf(answer)).toBe('{"honeyG":2}');
  });
  it.each([[null], ['said'], [7]])('%j is itself', (answer) => {
    share(answer);
    expect(textOf(answer)).toBe(JSON.stringify(answer));
  });
  it('is put together of what its things were written as, on every page of them', () => {
    let written = 0;
    const thing = (id: string) => ({
      toJSON: () => {
        written++;
        return { id };
      },
    });
    const [a, b, c] = ['a', 'b', 'c'].map(thing);
    for (const one of [a, b, c]) share(one);
    const pages = [
      { items: [a, b], next: 'b' },
      { items: [b, c], next: null },
    ];
    expect(pages.map(textOf)).toEqual([
      '{"items":[{"id":"a"},{"id":"b"}],"next":"b"}',
      '{"items":[{"id":"b"},{"id":"c"}],"next":null}',
    ]);
    expect(written).toBe(3);
  });
  it.each([
    ['with a thing that is not shared', () => ({ items: [{ id: 'a' }], next: null })],
    ['of nothing', () => ({ items: [], next: null })],
    ['with something beside it', () => ({ items: [shared()], next: null, of: 3 })],
    ['without a next', () => ({ items: [shared()] })],
  ])('a page %s reads as JSON does', (_, made) => {
    const page = made();
    expect(textOf(page)).toBe(JSON.stringify(page));
  });
});

function shared(): object {
  const thing = { id: 'a' };
  share(thing);
  return thing;
}
