import { isSay, type Say } from '@furrow/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seedDemo } from './demo/seed.js';
import { SAYS_HEADER } from './spoken.js';
import { Household } from './testing/household.js';

let home: Household;
beforeAll(async () => {
  home = await Household.open();
  await seedDemo(home.db, { now: () => home.now });
});
afterAll(() => home.close());

type Told = Say & { text?: string };

/** Every saying of an answer, wherever it stands. */
function sayingsIn(answer: unknown): Told[] {
  if (typeof answer !== 'object' || answer === null) return [];
  return isSay(answer) ? [answer] : Object.values(answer).flatMap(sayingsIn);
}

const PATHS = ['/lots', '/flows', '/journal', '/today'];
describe('an answer that has sayings', () => {
  it.each(PATHS)('%s has their texts beside them', async (path) => {
    const sayings = sayingsIn(await home.get(path, { 'Accept-Language': 'pt-BR' }));
    expect(sayings).not.toEqual([]);
    expect(sayings.filter(({ text }) => !text)).toEqual([]);
  });
  it('is in the language that is asked for', async () => {
    const textsIn = async (language: string): Promise<(string | undefined)[]> =>
      sayingsIn(await home.get('/flows', { 'Accept-Language': language })).map((s) => s.text);
    expect(await textsIn('en')).toContain('From a sheet');
    expect(await textsIn('pt-BR')).toContain('De uma planilha');
  });
  it('of a command has them too', async () => {
    const other = await Household.open();
    const harvestId = await other.harvest(await other.hive());
    const written = await other.post(`/harvests/${harvestId}/code`, { code: 'IPE-2026' });
    await other.close();
    const sayings = sayingsIn(written.body);
    expect(sayings).not.toEqual([]);
    expect(sayings.filter(({ text }) => !text)).toEqual([]);
  });
  it('has keys alone where whoever asks says everything itself', async () => {
    const sayings = sayingsIn(await home.get('/journal', { [SAYS_HEADER]: 'keys' }));
    expect(sayings).not.toEqual([]);
    expect(sayings.filter(({ text }) => text)).toEqual([]);
  });
});
