import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TodayLine } from '@furrow/core';
import type { Knex } from 'knex';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { makeApp } from '../app.js';
import { ensureRules } from '../firstRun.js';
import { watchCopies } from './copyWatch.js';
import { closeDatabase, openDatabase } from './database.js';
import { troubleText } from './trouble.js';

let folder: string;
let db: Knex;
const now = (): Date => new Date('2026-03-14T12:00:00Z');
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-watch-'));
  db = await openDatabase(join(folder, 'furrow.db'));
  await ensureRules(db, now());
});
afterEach(async () => {
  await closeDatabase(db);
  rmSync(folder, { recursive: true, force: true });
});

describe('a daily copy that fails', () => {
  it('stands on Today in words until one is written', async () => {
    const copies = watchCopies(db, folder, now);
    const app = makeApp({
      ...{ db, clock: { now }, seed: 1, webFolder: 'none', photoFolder: join(folder, 'photos') },
      copies,
    });
    const lines = async (): Promise<TodayLine[]> =>
      ((await request(app).get('/api/v1/today')).body as { items: TodayLine[] }).items.filter(
        (l) => l.kind === 'copy',
      );
    // A file where the folder of copies should be: nothing can be written there.
    writeFileSync(join(folder, 'copies'), 'in the way');
    await copies.run();
    const [line] = await lines();
    expect(line.title).toMatch(/^Today's copy could not be written: /);
    expect(line.urgent).toBe(true);
    rmSync(join(folder, 'copies'));
    mkdirSync(join(folder, 'copies'));
    await copies.run();
    expect(await lines()).toEqual([]);
    expect(readdirSync(join(folder, 'copies'))).toEqual(['furrow-2026-03-14.db']);
  });
  it.each([
    [{ code: 'ENOSPC', message: 'no space left on device' }, 'the disk is full'],
    [{ code: 'EROFS', message: 'read-only file system' }, 'its folder may not be written'],
    [{ message: 'The copy could not be read back.' }, 'The copy could not be read back'],
    [{}, 'nobody knows why'],
  ])('%o is said as words', (error, words) => expect(troubleText(error)).toBe(words));
});
