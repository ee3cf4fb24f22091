import type { Flow, Lot } from '@furrow/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seedDemo } from '../demo/seed.js';
import { SAYS_HEADER } from '../spoken.js';
import { Household } from '../testing/household.js';
import { bookView, type BookView } from './lots.js';

let home: Household;
let book: BookView;
beforeAll(async () => {
  home = await Household.open();
  await seedDemo(home.db, { now: () => home.now });
  book = await bookView(home.db);
});
afterAll(() => home.close());

/** All of a list, page by page. */
async function everyPage<T>(path: string, limit: number): Promise<T[]> {
  const items: T[] = [];
  for (let cursor = ''; ;) {
    const page = await home.get<{ items: T[]; next: string | null }>(
      `${path}?limit=${limit}${cursor}`,
      { [SAYS_HEADER]: 'keys' },
    );
    expect(page.items.length).toBeLessThanOrEqual(limit);
    items.push(...page.items);
    if (page.next === null) return items;
    cursor = `&cursor=${page.next}`;
  }
}

describe('the book, page by page', () => {
  it.each([1, 7, 1000])('has every entry in force, in its order, %i at a time', async (limit) => {
    expect(await everyPage<Flow>('/flows', limit)).toEqual(book.flows);
  });
  it.each([3, 1000])('has every lot with its sums, %i at a time', async (limit) => {
    const lots = await everyPage<Lot>('/lots', limit);
    expect(lots.map(({ id, inG, outG, nowG }) => ({ id, inG, outG, nowG }))).toEqual(
      book.lots.map(({ id, inG, outG, nowG }) => ({ id, inG, outG, nowG })),
    );
  });
});

describe('the whole book', () => {
  it('is summed beside the house as it is summed in it', async () => {
    const { lossG, balanced, problems } = book;
    expect(await home.get('/book')).toEqual({ lossG, balanced, problems });
  });
});
