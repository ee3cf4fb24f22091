import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { stockView } from '../book/lots.js';
import { openQuestions } from '../book/questions.js';
import { estimatePairs, seasonsOf } from '../book/seasons.js';
import { watersOfStock } from '../book/waters.js';
import { seedDemo } from '../demo/seed.js';
import { batchViews } from '../harvest/batches.js';
import { hiveViews } from '../look/hiveViews.js';
import { Household } from '../testing/household.js';
import { untilWritten } from './untilWritten.js';

let home: Household;
beforeAll(async () => {
  home = await Household.open();
  await seedDemo(home.db, { now: () => home.now });
});
afterAll(() => home.close());

/** Everything that is read once for everybody. */
const SHARED: Record<string, (db: Knex) => Promise<unknown>> = {
  hives: (db) => hiveViews(db),
  batches: (db) => batchViews(db),
  stock: (db) => stockView(db, ['honey', 'jars', 'pieces']),
  seasons: seasonsOf,
  questions: openQuestions,
  waters: watersOfStock,
  pairs: estimatePairs,
};
const all = async (db: Knex): Promise<Record<string, unknown>> => {
  const read: Record<string, unknown> = {};
  for (const [name, of] of Object.entries(SHARED)) read[name] = await of(db);
  return read;
};
/** Within a transaction everything is read anew. */
const anew = (): Promise<Record<string, unknown>> => home.db.transaction(all);

describe('what is read once until something is written', () => {
  it('is read once for two who ask at a time, and again after a write to what it was read from', async () => {
    let reads = 0;
    const count = (): Promise<number> =>
      untilWritten(home.db, 'count', async () => {
        reads++;
        return (await home.db('sites')).length;
      });
    expect(await Promise.all([count(), count()])).toEqual([3, 3]);
    await home.db('gear').update({ revision: 7 }).where({ id: 'none' });
    expect([await count(), reads]).toEqual([3, 1]);
    await home.db('sites').update({ revision: 7 }).where({ id: 'none' });
    expect([await count(), reads]).toEqual([3, 2]);
    await home.db.transaction(async (trx) => {
      await trx('sites').update({ revision: 7 }).where({ id: 'none' });
    });
    expect([await count(), reads]).toEqual([3, 3]);
  });

  it('is read again where something was written while it was read', async () => {
    let reads = 0;
    const count = (): Promise<number> =>
      untilWritten(home.db, 'count-slowly', async () => {
        reads++;
        const sites = (await home.db('sites')).length;
        if (reads === 1) await home.db('sites').update({ revision: 7 }).where({ id: 'none' });
        return sites;
      });
    await count();
    await count();
    expect(reads).toBe(2);
  });

  it('rests on what it was read from through another', async () => {
    let reads = 0;
    const inner = (): Promise<number> =>
      untilWritten(home.db, 'inner', async () => (await home.db('vessels')).length);
    const outer = (): Promise<number> =>
      untilWritten(home.db, 'outer', async () => {
        reads++;
        return inner();
      });
    await inner();
    await outer();
    await home.db('vessels').update({ revision: 7 }).where({ id: 'none' });
    await outer();
    expect(reads).toBe(2);
  });

  it('is not kept where it failed', async () => {
    const fails = untilWritten(home.db, 'failed', () => Promise.reject(new Error('no')));
    await expect(fails).rejects.toThrow('no');
    expect(await untilWritten(home.db, 'failed', () => Promise.resolve('yes'))).toBe('yes');
  });

  it('is what is read anew, whatever table is written', async () => {
    const tables: { name: string }[] = await home
      .db('sqlite_master')
      .where({ type: 'table' })
      .select('name');
    let seen = 0;
    for (const { name } of tables) {
      const columns = await home.db(name).columnInfo();
      if (!('removedAt' in columns)) continue;
      await all(home.db);
      const row = await home.db(name).where({ removedAt: null }).orderByRaw('rowid desc').first();
      if (!row) continue;
      // A row that another needs may not go: then nothing was written.
      await home.db(name).where({ id: row.id }).update({ removedAt: home.now.toISOString() });
      const fresh = await anew().catch(() => null);
      if (fresh) {
        expect(await all(home.db), name).toEqual(fresh);
        seen++;
      }
      await home.db(name).where({ id: row.id }).update({ removedAt: null });
    }
    expect(seen).toBeGreaterThan(15);
  });
});
