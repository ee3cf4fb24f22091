import {
  appendFileSync,
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';
import { checkedCopy, keptBefore, putInPlace } from './backup.js';
import { closeDatabase, openDatabase } from '../store/database.js';
import { APPLICATION_ID, isHousehold, openAsItIs } from '../store/identity.js';
import { isEmptyHousehold, summaryOf, summaryText } from './proof.js';

/** A household with a harvest in it, copied for every case. */
let folder: string;
let whole: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-restore-'));
  whole = join(folder, 'whole.db');
  const home = await Household.open();
  await home.drained(await home.harvest(await home.hive('Ipê')), 3300, 500);
  await home.db.raw('VACUUM INTO ?', [whole]);
  await home.close();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Changes a copy of the whole household by plain SQL, with nothing watching. */
async function spoiled(name: string, change: (db: Knex) => Promise<unknown>): Promise<string> {
  const file = join(folder, `${name}.db`);
  copyFileSync(whole, file);
  const db = openAsItIs(file);
  await db.raw('PRAGMA foreign_keys = OFF');
  await change(db);
  await db.destroy();
  return file;
}
async function otherProgram(name: string, sql: readonly string[]): Promise<string> {
  const file = join(folder, `${name}.db`);
  const db = openAsItIs(file);
  for (const line of sql) await db.raw(line);
  await db.destroy();
  return file;
}
const written = (name: string, content: string | Buffer): string => {
  const file = join(folder, `${name}.db`);
  writeFileSync(file, content);
  return file;
};
/** A page in the middle of the file overwritten, as a bad block would. */
function scribbled(name: string, at: number): string {
  const bytes = readFileSync(whole);
  bytes.fill(0xa5, Math.floor(bytes.length * at), Math.floor(bytes.length * at) + 6000);
  return written(name, bytes);
}

const NO_BACKUP = /no Furrow backup|no backup of Furrow/;
const DAMAGED = /damaged/;
const WRONG: [what: string, make: () => string | Promise<string>, says: RegExp][] = [
  ['a file that is not there', () => join(folder, 'nowhere.db'), /There is no file/],
  ['an empty file', () => written('empty', ''), NO_BACKUP],
  ['a text', () => written('text', 'dear diary, today the bees'), NO_BACKUP],
  ['a picture', () => written('picture', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10])), NO_BACKUP],
  ['a zip', () => written('zip', Buffer.from('PK\u0003\u0004 and so on')), NO_BACKUP],
  ['only a header', () => written('header', 'SQLite format 3\0 and nothing more'), /damaged|no /],
  [
    'an empty database of nobody',
    () => otherProgram('nobody', ['CREATE TABLE a (x)', 'DROP TABLE a']),
    NO_BACKUP,
  ],
  [
    'a database of another program',
    () =>
      otherProgram('notes', ['CREATE TABLE notes (id, body)', "INSERT INTO notes VALUES (1, 'x')"]),
    NO_BACKUP,
  ],
  [
    'another program with tables of our names',
    () => otherProgram('hives', ['CREATE TABLE hives (id)', 'CREATE TABLE sites (id)']),
    NO_BACKUP,
  ],
  [
    'a file with our mark and nothing else',
    () =>
      otherProgram('marked', [`PRAGMA application_id = ${APPLICATION_ID}`, 'CREATE TABLE a (x)']),
    NO_BACKUP,
  ],
  [
    'our tables under the mark of another program',
    () => spoiled('theirs', (db) => db.raw('PRAGMA application_id = 252006673')),
    NO_BACKUP,
  ],
  [
    'a household of a newer Furrow',
    () =>
      spoiled('newer', (db) =>
        db('knex_migrations').insert({ name: '999_later', batch: 9, migration_time: 0 }),
      ),
    /newer Furrow/,
  ],
  [
    'a file cut off in the middle',
    () => {
      const file = join(folder, 'cut.db');
      copyFileSync(whole, file);
      truncateSync(file, Math.floor(statSync(file).size / 2));
      return file;
    },
    /damaged|no backup/,
  ],
  ['a file with a bad block early', () => scribbled('early', 0.15), /damaged|no backup/],
  ['a file with a bad block in its middle', () => scribbled('middle', 0.5), /damaged|no backup/],
  ['a file with a bad block late', () => scribbled('late', 0.8), /damaged|no backup/],
  [
    'a hive at a site that is not there',
    () => spoiled('sitelessly', (db) => db('hives').update({ siteId: 'gone' })),
    DAMAGED,
  ],
  [
    'a look that cannot be read',
    () => spoiled('unreadable', (db) => db('looks').update({ sides: '{"A": {"capped"' })),
    /entr(y|ies) of looks cannot be read/,
  ],
  [
    'honey that comes from a lot nobody opened',
    () => spoiled('lotless', (db) => db('flows').limit(1).update({ fromLot: 'gone' })),
    DAMAGED,
  ],
  [
    'a table that was dropped',
    () => spoiled('tableless', (db) => db.raw('DROP TABLE colonies')),
    NO_BACKUP,
  ],
  [
    'a later table that was dropped',
    () => spoiled('laterless', (db) => db.raw('DROP TABLE waterReadings')),
    /damaged|no backup/,
  ],
];

describe('a wrong file', () => {
  it.each(WRONG)(
    '%s is refused in a sentence, and nothing is changed',
    async (_what, make, says) => {
      const data = mkdtempSync(join(folder, 'data-'));
      copyFileSync(whole, join(data, 'furrow.db'));
      const before = readFileSync(join(data, 'furrow.db'));
      const file = await make();
      const bytes = existsSync(file) ? readFileSync(file) : null;
      await expect(checkedCopy(file, data)).rejects.toThrow(says);
      expect(readFileSync(join(data, 'furrow.db')).equals(before)).toBe(true);
      expect(readdirSync(data)).toEqual(['furrow.db']);
      if (bytes) expect(readFileSync(file).equals(bytes)).toBe(true);
    },
  );
});

describe('a right file', () => {
  it('is told by its mark, and one from before files were marked by its tables', async () => {
    expect(await isHousehold(whole)).toBe(true);
    const unmarked = await spoiled('unmarked', (db) => db.raw('PRAGMA application_id = 0'));
    expect(await isHousehold(unmarked)).toBe(true);
  });
  it('says what it holds before it is put in place', async () => {
    const data = mkdtempSync(join(folder, 'data-'));
    const { incoming, summary } = await checkedCopy(whole, data);
    expect(summary).toMatchObject({ hives: 1, harvests: 1, bookProblems: 0 });
    expect(summaryText(summary)).toMatch(
      /^1 hive, 1 harvest from 1\d \w{3} 2026 to 1\d \w{3} 2026, newest entry 1\d \w{3} 2026$/,
    );
    expect(isEmptyHousehold(summary)).toBe(false);
    expect(putInPlace(incoming, data, 'none')).toBeNull();
    const db = await openDatabase(join(data, 'furrow.db'));
    expect(await summaryOf(db)).toEqual(summary);
    await closeDatabase(db);
  });
  it('keeps what it replaces, dated, the last ten of them, with what was written last', async () => {
    const data = mkdtempSync(join(folder, 'data-'));
    for (let i = 0; i < 12; i++) {
      const { incoming } = await checkedCopy(whole, data);
      appendFileSync(join(data, 'furrow.db-wal'), `log ${i}`);
      putInPlace(incoming, data, 'none', new Date(Date.UTC(2026, 2, 14, 12, i)));
    }
    const kept = keptBefore(data);
    expect(kept).toHaveLength(10);
    expect(kept[0]).toMatch(/furrow-2026-03-14T12-11-00-000Z\.db$/);
    expect(readFileSync(`${kept[0]}-wal`, 'utf8')).toBe('log 11');
    expect(existsSync(join(data, 'furrow.db-wal'))).toBe(false);
  });
});
