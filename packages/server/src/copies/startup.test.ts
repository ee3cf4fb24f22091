import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { dailyCopy } from './backup.js';
import { closeDatabase, openDatabase } from '../store/database.js';
import { openAsItIs } from '../store/identity.js';
import { takeLock } from '../store/lock.js';
import { checkBeforeStart, newestCopy } from './startup.js';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-start-'));
  file = join(folder, 'furrow.db');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));
async function household(): Promise<void> {
  const db = await openDatabase(file);
  for (let i = 0; i < 200; i++)
    await db('sites').insert({
      id: `s${i}`,
      name: `Site ${'x'.repeat(200)}${i}`,
      ...{ zone: 'UTC', hemisphere: 'north', revision: 1, recordedAt: 'x' },
    });
  await dailyCopy(db, folder, new Date('2026-03-14T12:00:00Z'));
  await closeDatabase(db);
}
const COPY = /copies\/furrow-2026-03-14\.db: bring it back with\n {2}node furrow\.mjs restore/;

/** A byte in the middle of every name that is no text any more. */
function spoilTexts(of: string): void {
  const bytes = readFileSync(of);
  for (let at = 0; (at = bytes.indexOf('Site xxxx', at)) >= 0; at++) bytes[at + 20] = 0xff;
  writeFileSync(of, bytes);
}

describe('before a server opens the household', () => {
  it('a folder without anything begins a household', async () => {
    await checkBeforeStart(folder);
    writeFileSync(file, '');
    await checkBeforeStart(folder);
    expect(newestCopy(folder)).toBeNull();
  });
  it('a whole one is opened, one from before files were marked too', async () => {
    await household();
    await checkBeforeStart(folder);
    const db = openAsItIs(file);
    await db.raw('PRAGMA application_id = 0');
    await db.destroy();
    await checkBeforeStart(folder);
  });
  it.each([
    ['missing', () => rmSync(file)],
    ['empty', () => truncateSync(file, 0)],
    ['damaged', () => truncateSync(file, 9000)],
    ['damaged: it is no database', () => writeFileSync(file, 'not a database at all, but long')],
    [
      'damaged',
      () => {
        const bytes = readFileSync(file);
        bytes.fill(0xa5, Math.floor(bytes.length / 2), Math.floor(bytes.length / 2) + 8192);
        writeFileSync(file, bytes);
      },
    ],
    // No page is broken by it; reading it as text would end the process.
    ['damaged', () => spoilTexts(file)],
  ])(
    'a file that is %s is said, with its newest copy, and nothing is begun',
    async (what, spoil) => {
      await household();
      spoil();
      const before = existsSync(file) ? readFileSync(file) : null;
      await expect(checkBeforeStart(folder)).rejects.toThrow(new RegExp(`is ${what}`));
      await expect(checkBeforeStart(folder)).rejects.toThrow(COPY);
      expect(existsSync(file) ? readFileSync(file) : null).toEqual(before);
    },
  );
  it('somebody else’s database is left alone', async () => {
    const db = openAsItIs(file);
    await db.raw('CREATE TABLE notes (id, body)');
    await db.destroy();
    await expect(checkBeforeStart(folder)).rejects.toThrow(/no household of Furrow.*no copy/s);
  });
  it('offers what a restore laid aside where there is no daily copy', async () => {
    await household();
    mkdirSync(join(folder, 'before'));
    copyFileSync(file, join(folder, 'before', 'furrow-2026-03-01T00-00-00-000Z.db'));
    rmSync(join(folder, 'copies'), { recursive: true });
    rmSync(file);
    await expect(checkBeforeStart(folder)).rejects.toThrow(/before\/furrow-2026-03-01/);
  });
});

describe('a lock that somebody left behind', () => {
  const lock = (content: object): void =>
    writeFileSync(join(folder, 'furrow.lock'), JSON.stringify(content));
  it('holds nobody back where its process is gone, or its number is another’s now', () => {
    lock({ pid: 2 ** 22 - 1 });
    takeLock(folder)();
    // The parent lives, but it never began then: the number was given again.
    lock({ pid: process.ppid, began: 'another-boot 1' });
    takeLock(folder)();
  });
  it('of a process that lives keeps others out', () => {
    lock({ pid: process.ppid });
    expect(() => takeLock(folder)).toThrow(/already running/);
  });
});
