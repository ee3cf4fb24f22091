import { createHash, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import type { Knex } from 'knex';
import Papa from 'papaparse';
import sharp from 'sharp';
import request from 'supertest';
import { afterAll, afterEach, beforeAll, beforeEach } from 'vitest';
import { seedDemo } from '../demo/seed.js';
import { closeDatabase, openDatabase } from '../store/database.js';
import { Household } from './household.js';
import { exportArchive } from '../archive/exportArchive.js';
import { applyImport } from '../archive/importArchive.js';
import { openArchive, type Archive } from '../archive/openArchive.js';
import { archiveTables } from '../archive/tables.js';

/** The hour of the household whose archive is written. */
export const NOW = new Date('2026-03-14T18:12:00Z');

/** What the tests of an archive share: a household, its archive, and an empty one beside it. */
interface ArchiveBench {
  folder: string;
  home: Household;
  zip: Uint8Array;
  other: Knex;
  count: number;
}

/**
 * A household written into an archive once, and an empty one for every test. Called at the top of a
 * test file; gives what stands there and the ways to change an archive.
 */
export function archiveBench() {
  const bench = { count: 0 } as ArchiveBench;
  beforeAll(async () => {
    bench.folder = mkdtempSync(join(tmpdir(), 'furrow-archive-'));
    bench.home = await Household.open();
    bench.home.now = NOW;
    await seedDemo(bench.home.db, { now: () => NOW });
    // What a table program would run, what reads like nothing, what CSV has its own marks for.
    for (const name of [
      '=HYPERLINK("http://x")',
      "'=1+1",
      '\\N',
      'Two\nlines, "quoted"; and ümläut',
    ])
      await bench.home.ok(
        bench.home.post('/jars', {
          id: randomUUID(),
          name,
          netG: 250,
          tareG: 100,
          stock: 1,
          value: 0.1 + 0.2,
        }),
      );
    const picture = await sharp({
      create: { width: 40, height: 30, channels: 3, background: '#c84' },
    })
      .jpeg()
      .toBuffer();
    const command = encodeURIComponent(
      JSON.stringify({
        id: randomUUID(),
        device: 'test',
        occurredAt: NOW.toISOString(),
        photoId: randomUUID(),
      }),
    );
    await request(bench.home.app)
      .post('/api/v1/photos')
      .set('Content-Type', 'image/jpeg')
      .set('x-furrow-command', command)
      .send(picture)
      .expect(201);
    await exportArchive(
      bench.home.db,
      join(bench.home.folder, 'photos'),
      join(bench.folder, 'all.zip'),
      NOW,
    );
    bench.zip = readFileSync(join(bench.folder, 'all.zip'));
  });
  afterAll(async () => {
    await bench.home.close();
    rmSync(bench.folder, { recursive: true });
  });

  beforeEach(async () => {
    bench.other = await openDatabase(join(bench.folder, `other-${++bench.count}.db`));
  });
  afterEach(() => closeDatabase(bench.other));

  const everything = async (db: Knex): Promise<Record<string, unknown[]>> =>
    Object.fromEntries(
      await Promise.all(
        (await archiveTables(db)).map(async (t) => [
          t.name,
          await db(t.name)
            .select(...t.columns.map((c) => c.name))
            .orderBy(t.key),
        ]),
      ),
    );
  const photos = join(tmpdir(), 'furrow-archive-photos');
  /** An archive of these bytes, unpacked beside the others. */
  async function opened(bytes: Uint8Array = bench.zip): Promise<Archive> {
    const file = join(bench.folder, `${randomUUID()}.zip`);
    writeFileSync(file, bytes);
    return openArchive(bench.other, file, file.replace('.zip', ''));
  }
  const takeIn = async (
    db: Knex,
    bytes: Uint8Array = bench.zip,
    choice: 'mine' | 'theirs' = 'mine',
  ) => applyImport(db, await opened(bytes), photos, choice);
  /** The archive with a file of it changed, its hash put right or not. */
  const changed = (name: string, change: (text: string) => string): Uint8Array => {
    const files = unzipSync(bench.zip);
    files[name] = Buffer.from(change(Buffer.from(files[name]).toString('utf8')), 'utf8');
    return zipSync(files, { level: 1 });
  };

  /** The archive with a file of it changed by somebody who puts its hash right. */
  const forged = (name: string, change: (text: string) => string): Uint8Array => {
    const files = unzipSync(changed(name, change));
    const about = JSON.parse(Buffer.from(files['datapackage.json']).toString('utf8')) as {
      resources: { path: string; hash: string }[];
    };
    const hash = createHash('sha256').update(files[name]).digest('hex');
    about.resources.find((r) => r.path === name)!.hash = `sha256:${hash}`;
    files['datapackage.json'] = Buffer.from(JSON.stringify(about), 'utf8');
    return zipSync(files, { level: 1 });
  };
  /** One cell of the first row below the head, changed. */
  const cell =
    (column: string, value: string) =>
    (text: string): string => {
      const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
      data[1][data[0].indexOf(column)] = value;
      return `${Papa.unparse(data, { newline: '\n' })}\n`;
    };
  return { bench, everything, opened, takeIn, changed, forged, cell, photos };
}
