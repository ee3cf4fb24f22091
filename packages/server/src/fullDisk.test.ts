import type { Say } from '@furrow/core';
import { inEnglish } from './words.js';
import { execFileSync } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, readdirSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import request from 'supertest';
import sharp from 'sharp';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { backupTo, checkedCopy, dropCopy } from './copies/backup.js';
import { watchCopies } from './copies/copyWatch.js';
import { closeDatabase, openDatabase } from './store/database.js';
import { endThreads } from './heavy/pool.js';
import { Household } from './testing/household.js';

/** A disk of a few megabytes in memory; null where this system lets nobody mount one. */
function smallDisk(): string | null {
  const at = mkdtempSync(join(tmpdir(), 'furrow-small-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=16m', 'tmpfs', at], { stdio: 'ignore' });
    return at;
  } catch {
    rmSync(at, { recursive: true });
    return null;
  }
}
const disk = smallDisk();

const count = async (db: Knex, table: string): Promise<number> =>
  Number(((await db(table).count('* as n').first()) as { n: number }).n);
const vessel = (name: string) => ({
  ...{ id: randomUUID(), name, role: 'tub', volumeL: 12, tareG: 800, innerDiameterMm: 260 },
});
const FULL = /the disk is full/;

describe.skipIf(!disk)('a real disk that is full, at every write that touches a file', () => {
  let home: Household;
  const ballast = (): string => join(disk!, 'ballast');
  /** Fills the disk to its last `leave` bytes. */
  const fill = (leave = 0): void => {
    rmSync(ballast(), { force: true });
    const { bavail, bsize } = statfsSync(disk!);
    writeFileSync(ballast(), Buffer.alloc(Math.max(0, bavail * bsize - leave)));
  };
  const inFolder = (name: string): string[] => {
    try {
      return readdirSync(join(home.folder, name)).sort();
    } catch {
      return [];
    }
  };
  const send = (body: Buffer) => {
    const command = {
      ...{ id: randomUUID(), device: 'test', occurredAt: home.now.toISOString() },
      photoId: randomUUID(),
    };
    return request(home.app)
      .post('/api/v1/photos')
      .set('Content-Type', 'image/jpeg')
      .set('x-furrow-command', encodeURIComponent(JSON.stringify(command)))
      .send(body)
      .then((response) => response);
  };
  const followed = async (path: string): Promise<{ state: string; says: Say | null }> => {
    for (;;) {
      const { body } = await request(home.app).get(`/api/v1${path}`);
      if (body.state !== 'running') return body;
      await new Promise((done) => setTimeout(done, 20));
    }
  };

  beforeAll(async () => {
    home = await Household.open(disk!);
    await home.ok(home.post('/vessels', vessel('Before')));
  });
  beforeEach(() => rmSync(ballast(), { force: true }));
  afterAll(async () => {
    rmSync(ballast(), { force: true });
    await home.close();
    await endThreads();
    execFileSync('umount', ['-l', disk!]);
    rmSync(disk!, { recursive: true });
  });

  it('entries: those that were answered with yes are there, the others are not', async () => {
    const before = await count(home.db, 'vessels');
    fill(64_000);
    let kept = 0;
    let refused: Awaited<ReturnType<Household['post']>> | undefined;
    for (let i = 0; i < 2000 && !refused; i++) {
      const answer = await home.post('/vessels', vessel(`Pail ${i} ${'x'.repeat(60)}`));
      if (answer.status === 201) kept++;
      else refused = answer;
    }
    expect(refused?.status).toBe(507);
    expect((refused?.body as { detail: string }).detail).toMatch(FULL);
    expect(await count(home.db, 'vessels')).toBe(before + kept);
    expect((await home.post('/vessels', vessel('Still none'))).status).toBe(507);
    rmSync(ballast());
    await home.ok(home.post('/vessels', vessel('After')));
    expect(await count(home.db, 'vessels')).toBe(before + kept + 1);
  });
  it('pictures: refused with the reason, nothing of them is left', async () => {
    const noise = { data: randomBytes(600 * 600 * 3), raw: { width: 600, height: 600 } };
    const picture = await sharp(noise.data, { raw: { ...noise.raw, channels: 3 } })
      .jpeg()
      .toBuffer();
    const before = { files: inFolder('photos'), rows: await count(home.db, 'photos') };
    fill(40_000);
    const answer = await send(picture);
    expect(answer.status).toBe(507);
    expect((answer.body as { detail: string }).detail).toMatch(FULL);
    expect(inFolder('photos')).toEqual(before.files);
    expect(await count(home.db, 'photos')).toBe(before.rows);
    rmSync(ballast());
    expect((await send(picture)).status).toBe(201);
  });
  it('an archive out: fails with the reason, leaves no file', async () => {
    fill(90_000);
    const { body } = await request(home.app).post('/api/v1/archives/export').send({});
    const job = await followed(`/archives/${(body as { id: string }).id}`);
    expect(job.state).toBe('failed');
    expect(job.says && inEnglish(job.says)).toMatch(FULL);
    expect(inFolder('archives')).toEqual([]);
  });
  it('an archive in: refused with the reason, leaves no file', async () => {
    fill(20_000);
    const answer = await request(home.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(randomBytes(200_000));
    expect(answer.status).toBe(507);
    expect((answer.body as { detail: string }).detail).toMatch(FULL);
    expect(inFolder('archives')).toEqual([]);
  });
  it('a daily copy: said on Today; what was copied before stays', async () => {
    const copies = watchCopies(home.db, home.folder, () => home.now);
    await copies.run();
    expect(copies.line()).toBeNull();
    const before = inFolder('copies');
    home.later(24);
    fill(20_000);
    await copies.run();
    expect(inEnglish(copies.line()!.title)).toMatch(FULL);
    expect(inFolder('copies')).toEqual(before);
    rmSync(ballast());
    await copies.run();
    expect(copies.line()).toBeNull();
  });
  it('a backup by command: fails with the reason, leaves no file that looks like one', async () => {
    fill(20_000);
    const target = join(home.folder, 'mine.db');
    await expect(backupTo(home.db, home.folder, target)).rejects.toThrow(FULL);
    expect(inFolder('.').filter((name) => name.startsWith('mine'))).toEqual([]);
  });
  it('a restore: refused with the reason before anything is swapped', async () => {
    const target = join(home.folder, 'kept.db');
    await backupTo(home.db, home.folder, target);
    fill(20_000);
    await expect(checkedCopy(target, home.folder)).rejects.toThrow(
      /the disk is full. Nothing was changed/,
    );
    expect(inFolder('.').filter((name) => name.startsWith('incoming'))).toEqual([]);
    expect(await count(home.db, 'vessels')).toBeGreaterThan(0);
    rmSync(ballast());
    await expect(checkedCopy(target, home.folder)).resolves.toBeTruthy();
    dropCopy(home.folder);
  });
  it('an import: refused with the reason before a row of it is written', async () => {
    const out = await request(home.app).post('/api/v1/archives/export').send({});
    await followed(`/archives/${(out.body as { id: string }).id}`);
    const zip = readFileSync(join(home.folder, 'archives', inFolder('archives')[0]));
    const upload = await request(home.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(zip);
    const path = `/archives/${(upload.body as { id: string }).id}`;
    expect((await followed(path)).state).toBe('previewed');
    const before = inFolder('before');
    fill(20_000);
    await request(home.app).post(`/api/v1${path}/apply`).send({ conflicts: 'theirs' }).expect(202);
    const job = await followed(path);
    expect(job.state).toBe('failed');
    expect(job.says && inEnglish(job.says)).toMatch(FULL);
    expect(inFolder('before')).toEqual(before);
  });
  it('a start: the household opens and reads; it writes again once there is room', async () => {
    const file = join(home.folder, 'second.db');
    const first = await openDatabase(file);
    await first('people').insert({ id: randomUUID(), name: 'Ana', ...KEPT });
    await closeDatabase(first);
    // Room for what SQLite keeps beside a file that it reads, and for no entry.
    fill(40_000);
    const again = await openDatabase(file);
    expect(await count(again, 'people')).toBe(1);
    rmSync(ballast());
    await again('people').insert({ id: randomUUID(), name: 'Rui', ...KEPT });
    expect(await count(again, 'people')).toBe(2);
    await closeDatabase(again);
  });
});
const KEPT = { revision: 1, recordedAt: '2026-03-14T12:00:00.000Z' };
