import { describe, expect, it } from 'vitest';
import { TableWatch, restsOn, withTables } from './tableWatch.js';

describe('what statements write', () => {
  it.each([
    ['insert into `lots` (`id`) values (?)', 'lots'],
    ['insert or ignore into lots values (1)', 'lots'],
    ['replace into "lots" values (1)', 'lots'],
    ['update `lots` set `name` = ?', 'lots'],
    ['update or replace lots set name = 1', 'lots'],
    ['  DELETE FROM lots', 'lots'],
  ])('%s', (sql, table) => {
    const watch = new TableWatch();
    const before = watch.now();
    watch.note(sql);
    expect(watch.isAsAt(before, [table])).toBe(false);
    expect(watch.isAsAt(before, ['hives'])).toBe(true);
    expect(watch.isAsAt(before)).toBe(false);
  });
  it.each(['select * from lots', 'BEGIN;', 'commit', 'PRAGMA user_version'])('%s: none', (sql) => {
    const watch = new TableWatch();
    const before = watch.now();
    watch.note(sql);
    expect(watch.isAsAt(before)).toBe(true);
  });
  it.each(['drop table lots', 'alter table lots add x', 'vacuum'])('%s: any', (sql) => {
    const watch = new TableWatch();
    const before = watch.now();
    watch.note(sql);
    expect(watch.isAsAt(before, ['hives'])).toBe(false);
  });
});

describe('what was read', () => {
  it('is named by each read for itself, those beside it and within it too', async () => {
    const watch = new TableWatch();
    const later = (sql: string) => async (): Promise<void> => {
      await Promise.resolve();
      watch.note(sql);
    };
    const [one, other] = await Promise.all([
      withTables(later('select * from `lots` left join "flows" on 1')),
      withTables(async () => {
        await later('select id from hives where id in (select id from combs)')();
        restsOn(['sites']);
      }),
    ]);
    expect([...one.tables]).toEqual(['lots', 'flows']);
    expect([...other.tables]).toEqual(['hives', 'combs', 'sites']);
  });
});
