import { inEnglish } from '../words.js';
import { createHash } from 'node:crypto';
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
import { closeDatabase, openDatabase } from '../store/database.js';
import { newestCopy } from './startup.js';
import { troubleText } from '../store/trouble.js';

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
    expect(inEnglish(line.title)).toMatch(/^Today's copy could not be written: /);
    expect(line.urgent).toBe(true);
    rmSync(join(folder, 'copies'));
    mkdirSync(join(folder, 'copies'));
    await copies.run();
    expect(await lines()).toEqual([]);
    expect(readdirSync(join(folder, 'copies'))).toEqual(['furrow-2026-03-14.db']);
  });
  it('says which picture is damaged, and copies the book and the sound ones all the same', async () => {
    const photos = join(folder, 'photos');
    mkdirSync(photos);
    const sound = Buffer.from('a picture');
    const name = `${createHash('sha256').update(sound).digest('hex')}.jpg`;
    writeFileSync(join(photos, name), sound);
    writeFileSync(join(photos, `${'0'.repeat(64)}.jpg`), 'not what its name says');
    const copies = watchCopies(db, folder, now);
    await copies.run();
    expect(inEnglish(copies.line()!.title)).toMatch(
      /1 picture in .*photos is damaged, such as 0000/,
    );
    expect(readdirSync(join(folder, 'copies')).sort()).toEqual(['furrow-2026-03-14.db', 'photos']);
    expect(readdirSync(join(folder, 'copies', 'photos'))).toEqual([name]);
  });
  it('in the second folder names it; the one at hand is written', async () => {
    const second = join(folder, 'stick');
    writeFileSync(second, 'in the way');
    const copies = watchCopies(db, folder, now, second);
    await copies.run();
    expect(inEnglish(copies.line()!.title)).toContain(`in ${second}`);
    expect(readdirSync(join(folder, 'copies'))).toEqual(['furrow-2026-03-14.db']);
    rmSync(second);
    await copies.run();
    expect(copies.line()).toBeNull();
    expect(readdirSync(second)).toEqual(['furrow-2026-03-14.db']);
    expect(newestCopy(join(folder, 'gone'), second)).toBe(join(second, 'furrow-2026-03-14.db'));
  });
  it.each([
    [{ code: 'ENOSPC', message: 'no space left on device' }, 'the disk is full'],
    [{ code: 'EROFS', message: 'read-only file system' }, 'its folder may not be written'],
    [{ message: 'The copy could not be read back.' }, 'The copy could not be read back'],
    [{}, 'nobody knows why'],
  ])('%o is said as words', (error, words) => expect(troubleText(error)).toBe(words));
});
