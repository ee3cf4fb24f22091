import { afterAll, beforeAll, describe, expect, expectTypeOf, it } from 'vitest';
import { Household } from '../testing/household.js';
import { find, list } from './rows.js';
import { provenRow, type NewRow, type RowOf } from './tables.js';

let home: Household;
beforeAll(async () => void (home = await Household.open()));
afterAll(() => home.close());

describe('a row of a table', () => {
  it('is the record that the table keeps', () => {
    expectTypeOf<RowOf<'vessels'>['tareG']>().toEqualTypeOf<number>();
    expectTypeOf<RowOf<'looks'>['faceA']>().not.toEqualTypeOf<string>();
  });
  it('may be written without what may be nothing, and without what begins by itself', () => {
    type Optional<Thing, Field extends keyof Thing> =
      Record<never, never> extends Pick<Thing, Field> ? true : false;
    expectTypeOf<Optional<NewRow<'takes'>, 'guessG'>>().toEqualTypeOf<true>();
    expectTypeOf<Optional<NewRow<'takes'>, 'byBox'>>().toEqualTypeOf<true>();
    expectTypeOf<Optional<NewRow<'takes'>, 'combId'>>().toEqualTypeOf<false>();
  });
  it('is read as it was written', async () => {
    const hive = await home.hive('Ipê');
    const [row] = await list(home.db, 'hives', { id: hive.id });
    expect(row).toMatchObject({ id: hive.id, kind: 'top-bar', geometry: hive.geometry });
    expect(row).not.toHaveProperty('removedAt');
  });
});

describe('a row that is not what its table is said to keep', () => {
  it('is said with its table, its column and its id, where Furrow is made and tested', async () => {
    const hive = await home.hive('Araçá');
    await home.db('hives').where({ id: hive.id }).update({ kind: 'barrel' });
    await expect(find(home.db, 'hives', hive.id, 'hive')).rejects.toThrow(
      new RegExp(`A row of hives is not what it is said to be: kind, .*${hive.id}`),
    );
    await home.db('hives').where({ id: hive.id }).update({ kind: 'top-bar' });
  });
  it.each([
    ['a weight in words', { g: 'much' }, /outs .*: g/],
    ['a column that nobody named', { colour: 'red' }, /outs .*colour|outs .*Unrecognized|outs/],
  ])('%s', (_what, change, says) => {
    const good = {
      id: 'a',
      lotId: 'b',
      fate: 'sold',
      count: 1,
      g: 5,
      price: null,
      discountAmount: null,
      discountPercent: null,
      personId: null,
      occurredAt: '2026-03-14T09:00:00.000Z',
      recordedAt: '2026-03-14T09:00:00.000Z',
      revision: 1,
    };
    expect(() => provenRow('outs', good)).not.toThrow();
    expect(() => provenRow('outs', { ...good, ...change })).toThrow(says);
  });
});
