import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { checkedCopy, copiesToDrop, dailyCopy, putInPlace } from './backup.js';
import { closeDatabase, openDatabase } from '../store/database.js';

const dist = (name: string): string =>
  fileURLToPath(new URL(`../../dist/${name}.js`, import.meta.url));
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-copies-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));
const day = (n: number): string =>
  new Date(Date.UTC(2026, 2, 14) - n * 86_400_000).toISOString().slice(0, 10);

describe('daily copies', () => {
  it('keep a week of days, five of weeks and a year of months, and always the newest', () => {
    const kept = (dates: string[]): string[] => {
      const gone = new Set(copiesToDrop(dates, day(0)));
      return dates.filter((d) => !gone.has(d));
    };
    const all = Array.from({ length: 800 }, (_, i) => day(i));
    expect(kept(all).slice(0, 7)).toEqual(all.slice(0, 7));
    expect(kept(all).length).toBeLessThanOrEqual(7 + 5 + 13);
    expect(kept([day(900)])).toEqual([day(900)]);
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 900 }), { minLength: 1 }), (ages) => {
        const dates = ages.map(day);
        const stay = kept(dates);
        expect(stay).toContain([...dates].sort().at(-1));
        for (const d of dates.filter((x) => Date.parse(day(0)) - Date.parse(x) < 7 * 86_400_000))
          expect(stay).toContain(d);
        // A day later nothing that was thinned out is missed: what stays was kept today.
        expect(
          stay
            .filter((d) => !copiesToDrop(stay, day(-1)).includes(d))
            .every((d) => stay.includes(d)),
        ).toBe(true);
      }),
    );
  });
  it('a clock years ahead makes none of them old, until several copies bear it out', () => {
    const dates = Array.from({ length: 20 }, (_, i) => day(i));
    const ahead = (n: number): string =>
      new Date(Date.UTC(2031, 5, 1) + n * 86_400_000).toISOString().slice(0, 10);
    expect(copiesToDrop([...dates, ahead(0)], ahead(0))).toEqual([]);
    expect(copiesToDrop([...dates, ahead(0), ahead(1), ahead(2)], ahead(2))).toEqual([]);
    // A household that really came back after years thins out again.
    const weeks = Array.from({ length: 8 }, (_, i) => ahead(i));
    expect(copiesToDrop([...dates, ...weeks], ahead(7))).toEqual(expect.arrayContaining(dates));
  });
  it('are whole: one really restored holds what was there', async () => {
    const db = await openDatabase(join(folder, 'furrow.db'));
    await db('sites').insert({
      id: 'a',
      name: 'Encosta',
      zone: 'UTC',
      hemisphere: 'north',
      revision: 1,
      recordedAt: 'x',
    });
    const copy = (await dailyCopy(db, folder, new Date('2026-03-14T10:00:00Z')))!;
    expect(await dailyCopy(db, folder, new Date('2026-03-14T22:00:00Z'))).toBeNull();
    await db('sites').insert({
      id: 'b',
      name: 'Later',
      zone: 'UTC',
      hemisphere: 'north',
      revision: 1,
      recordedAt: 'x',
    });
    for (let i = 1; i < 60; i++) await dailyCopy(db, folder, new Date(Date.UTC(2026, 2, 14 + i)));
    expect(
      readdirSync(join(folder, 'copies')).filter((n) => n.endsWith('.db')).length,
    ).toBeLessThan(18);
    await closeDatabase(db);
    const oldest = readdirSync(join(folder, 'copies')).sort()[0];
    expect(existsSync(copy) || oldest > 'furrow-2026-03-14.db').toBe(true);
    const { incoming } = await checkedCopy(join(folder, 'copies', oldest), folder);
    putInPlace(incoming, folder, 'none');
    const again = await openDatabase(join(folder, 'furrow.db'));
    expect(await again('sites').pluck('name')).toContain('Encosta');
    expect(await again.raw('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
    await closeDatabase(again);
  });
});

describe('a backup of another version', () => {
  it('is refused in a sentence where it is newer, and migrated where it is older', async () => {
    const file = join(folder, 'newer.db');
    const db = await openDatabase(file);
    await db('knex_migrations').insert({ name: '999_later', batch: 9, migration_time: 0 });
    await closeDatabase(db);
    await expect(checkedCopy(file, folder)).rejects.toThrow(
      'This file was written by a newer Furrow. Bring this one up to date first. Nothing was changed.',
    );
    expect(existsSync(join(folder, 'incoming.db'))).toBe(false);
    const old = join(folder, 'older.db');
    const before = await openDatabase(old);
    // Back to before holds were kept, however many migrations came since.
    while (await before.schema.hasTable('holds')) await before.migrate.down();
    await before('sites').insert({
      id: 'a',
      name: 'Encosta',
      zone: 'UTC',
      hemisphere: 'north',
      revision: 1,
      recordedAt: 'x',
    });
    await closeDatabase(before);
    const copy = await openDatabase((await checkedCopy(old, folder)).incoming);
    expect(await copy.schema.hasTable('holds')).toBe(true);
    expect(await copy('sites').pluck('name')).toEqual(['Encosta']);
    await closeDatabase(copy);
    writeFileSync(join(folder, 'text.db'), 'no database at all');
    await expect(checkedCopy(join(folder, 'text.db'), folder)).rejects.toThrow(/no Furrow backup/);
  });
});

describe('a restore while it runs', () => {
  /** The server closes a line that stood idle: each question has a line of its own. */
  const ALONE = { Connection: 'close' };
  let server: ChildProcess;
  afterEach(() => void server?.kill('SIGKILL'));
  it('is done by the running server, which closes, swaps and opens again', async () => {
    const port = 4600 + Math.floor(Math.random() * 300);
    const env = { ...process.env, FURROW_DATA: folder, FURROW_PORT: String(port) };
    server = spawn(process.execPath, [dist('main')], { env, stdio: 'ignore' });
    const base = `http://127.0.0.1:${port}/api/v1`;
    for (
      let i = 0;
      i < 200 &&
      !(await fetch(`${base}/health`).then(
        (r) => r.ok,
        () => false,
      ));
      i++
    )
      await new Promise((done) => setTimeout(done, 100));
    const site = async (name: string): Promise<number> =>
      (
        await fetch(`${base}/sites`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', ...ALONE },
          body: JSON.stringify({
            id: randomUUID(),
            device: 't',
            occurredAt: new Date().toISOString(),
            payload: { id: randomUUID(), name, zone: 'UTC', hemisphere: 'north' },
          }),
        })
      ).status;
    const names = async (): Promise<string[]> =>
      (
        (await (await fetch(`${base}/sites`, { headers: ALONE })).json()) as {
          items: { name: string }[];
        }
      ).items.map((s) => s.name);
    const run = (...args: string[]) =>
      spawnSync(process.execPath, [dist('tools'), ...args], { env, encoding: 'utf8' });
    expect(await site('Encosta')).toBe(201);
    const file = join(folder, 'by-hand.db');
    expect(run('backup', file).status).toBe(0);
    expect(await site('Later')).toBe(201);
    expect(await names()).toEqual(['Encosta', 'Later']);
    // What would be replaced is said first, and confirmed.
    expect(run('restore', file).stderr).toMatch(/It would replace .* Say it again with --yes/);
    expect(await names()).toEqual(['Encosta', 'Later']);
    const restored = run('restore', file, '--yes');
    expect(restored.stderr).toBe('');
    expect(await names()).toEqual(['Encosta']);
    // What it replaced comes back by one command.
    expect(run('restore', '--before', '--yes').stderr).toBe('');
    expect(await names()).toEqual(['Encosta', 'Later']);
    expect(run('restore', file, '--yes').stderr).toBe('');
    expect(await site('After')).toBe(201);
    writeFileSync(join(folder, 'broken.db'), 'SQLite format 3\0 and nothing more');
    expect(run('restore', join(folder, 'broken.db')).stderr).toMatch(/damaged|no Furrow backup/);
    expect(await names()).toEqual(['Encosta', 'After']);
    // Nobody without the lock's secret may ask for it.
    expect(
      (
        await fetch(`${base}/restore`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ path: file }),
        })
      ).status,
    ).toBe(403);
  }, 60_000);
});
