import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { closeDatabase, openDatabase } from './database.js';
import { migrationSource } from './migrations/index.js';
import { takeLock } from './lock.js';

const require = createRequire(import.meta.url);
const Database = require('libsql') as new (file: string) => {
  exec: (sql: string) => void;
  close: () => void;
  prepare: (sql: string) => { all: () => unknown[] };
};
let folder: string;
let db: Knex;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-db-'));
  db = await openDatabase(join(folder, 'furrow.db'));
});
afterEach(async () => {
  await closeDatabase(db);
  rmSync(folder, { recursive: true });
});

describe('the database driver, each override kept honest', () => {
  it('loses no acknowledged write after another connection held the file busy', async () => {
    await db.raw('CREATE TABLE t (n INTEGER PRIMARY KEY)');
    await db.raw('PRAGMA busy_timeout=50');
    const other = new Database(join(folder, 'furrow.db'));
    other.exec('BEGIN IMMEDIATE');
    await expect(db('t').insert({ n: 1 })).rejects.toMatchObject({ code: 'SQLITE_BUSY' });
    other.exec('ROLLBACK');
    await db('t').insert({ n: 2 });
    await db('t').insert({ n: 3 });
    expect(other.prepare('SELECT n FROM t ORDER BY n').all()).toEqual([
      expect.objectContaining({ n: 2 }),
      expect.objectContaining({ n: 3 }),
    ]);
    other.close();
  });
  it('rolls back a commit that fails, so that the next write is kept', async () => {
    await db.raw('CREATE TABLE parent (id INTEGER PRIMARY KEY)');
    await db.raw(
      'CREATE TABLE child (id INTEGER PRIMARY KEY, p INTEGER REFERENCES parent(id) DEFERRABLE INITIALLY DEFERRED)',
    );
    await expect(
      db.transaction(async (trx) => {
        await trx('child').insert({ id: 1, p: 99 });
      }),
    ).rejects.toThrow();
    await db('parent').insert({ id: 5 });
    const other = new Database(join(folder, 'furrow.db'));
    expect(other.prepare('SELECT id FROM parent').all()).toHaveLength(1);
    other.close();
  });
  it('binds whole numbers as integers and gives blobs back as buffers', async () => {
    await db.raw('CREATE TABLE b (t TEXT, x BLOB)');
    await db('b').insert({ t: 3, x: Buffer.from([1, 2, 3]) });
    const row = await db('b').first();
    expect(row.t).toBe('3');
    expect(Buffer.isBuffer(row.x)).toBe(true);
    expect([...row.x]).toEqual([1, 2, 3]);
  });
  it('migrates down and up again', async () => {
    await db.migrate.rollback({ migrationSource }, true);
    expect(await db.schema.hasTable('hives')).toBe(false);
    await db.migrate.latest({ migrationSource });
    for (const table of [
      'sites',
      'hives',
      'colonies',
      'carriers',
      'combs',
      'placements',
      'visits',
      'batches',
      'heldCommands',
      'flows',
    ])
      expect(await db.schema.hasTable(table), table).toBe(true);
  });
});

describe('the lock', () => {
  it('lets one process write and says so to a second', () => {
    const release = takeLock(folder);
    expect(() => takeLock(folder)).not.toThrow();
    require('node:fs').writeFileSync(join(folder, 'furrow.lock'), String(process.ppid));
    expect(() => takeLock(folder)).toThrow(/already running/);
    release();
  });
});
