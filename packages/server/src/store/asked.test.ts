import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { Household } from '../testing/household.js';
import { columnOf, rowOf, rowsOf, sumsOf } from './asked.js';

describe('what a query of its own columns answers', () => {
  let home: Household;
  beforeAll(async () => {
    home = await Household.open();
  });
  afterAll(() => home.close());
  const rules = () => home.db('ruleVersions');

  it('is given as it came, columns that nobody named included', async () => {
    const [row] = await rowsOf({ version: z.number() }, rules());
    expect(Object.keys(row)).toContain('recordedAt');
  });

  it('is refused where a column is another kind than it is said to be', async () => {
    await expect(rowsOf({ version: z.string() }, rules())).rejects.toThrow(/version/);
    await expect(rowOf({ nobody: z.number() }, rules().first())).rejects.toThrow(/nobody/);
    await expect(columnOf(z.number(), rules().pluck('commandId'))).rejects.toThrow();
  });

  it('one row is undefined where there is none, sums always have one', async () => {
    expect(await rowOf({ version: z.number() }, rules().where({ version: -1 }).first())).toBe(
      undefined,
    );
    expect(await sumsOf({ n: z.number() }, rules().count('* as n').first())).toEqual({ n: 1 });
    await expect(
      sumsOf({ version: z.number() }, rules().where({ version: -1 }).first()),
    ).rejects.toThrow('A query of sums answers one row');
  });

  it('a column comes from the top', async () => {
    const columns = rules().orderBy('version').pluck('version');
    expect(await columnOf(z.number(), columns)).toEqual([1]);
  });
});
