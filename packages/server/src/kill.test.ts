import { spawn, type ChildProcess } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { seededRandom } from '@furrow/core';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { exportArchive } from './archive/exportArchive.js';
import { seedDemo } from './demo/seed.js';
import { Household } from './testing/household.js';
import { LONG } from './testing/long.js';

const root = fileURLToPath(new URL('../../..', import.meta.url));
const main = join(root, 'packages/server/dist/main.js');
/**
 * How often it is killed: 10 times in the tests, 100 in a long run, as often as one likes by
 * `node furrow.mjs kill N`.
 */
const KILLS = Number(process.env.FURROW_KILLS ?? (LONG ? 100 : 10));

interface Running {
  child: ChildProcess;
  base: string;
}
async function start(folder: string): Promise<Running> {
  const child = spawn(process.execPath, [main], {
    env: { ...process.env, FURROW_DATA: folder, FURROW_PORT: '0' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const base = await new Promise<string>((resolve, reject) => {
    let said = '';
    const hear = (chunk: Buffer): void => {
      said += chunk.toString();
      const found = /http:\/\/\S+/.exec(said);
      if (found) resolve(`${found[0]}/api/v1`);
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    child.on('exit', () => reject(new Error(`The server ended: ${said}`)));
  });
  return { child, base };
}
const ended = (child: ChildProcess): Promise<unknown> =>
  new Promise((resolve) => child.on('exit', resolve));

/** Sends a request; null where the server is gone. */
const ask = (
  url: string,
  body: string | Uint8Array<ArrayBuffer>,
  headers: Record<string, string>,
) => fetch(url, { method: 'POST', headers, body }).catch(() => null);
const command = (more: object): object => ({
  id: randomUUID(),
  device: 'test',
  occurredAt: new Date().toISOString(),
  ...more,
});

/** What the server said that it has. */
interface Acknowledged {
  sites: string[];
  photos: string[];
}

async function writeSites(
  base: string,
  told: Acknowledged,
  begun: () => void = () => undefined,
): Promise<void> {
  for (let written = 0; ; written++) {
    const name = `Site ${randomUUID()}`;
    const payload = { id: randomUUID(), name, zone: 'UTC', hemisphere: 'north' };
    const answer = await ask(`${base}/sites`, JSON.stringify(command({ payload })), {
      'Content-Type': 'application/json',
    });
    if (answer?.status !== 201) return;
    told.sites.push(name);
    if (written === 0) begun();
  }
}

async function writePhotos(base: string, told: Acknowledged, colour: () => number): Promise<void> {
  for (;;) {
    const background = { r: colour(), g: colour(), b: colour() };
    const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background } })
      .jpeg()
      .toBuffer();
    const photoId = randomUUID();
    const answer = await ask(`${base}/photos`, new Uint8Array(picture), {
      'Content-Type': 'image/jpeg',
      'x-furrow-command': encodeURIComponent(JSON.stringify(command({ photoId }))),
    });
    if (answer?.status !== 201) return;
    told.photos.push(photoId);
  }
}

/** Begins to take an archive in; whether it comes to its end is up to the kill. */
async function takeIn(base: string, zip: Uint8Array<ArrayBuffer>): Promise<void> {
  const begun = await ask(`${base}/archives/import`, zip, { 'Content-Type': 'application/zip' });
  if (begun?.status !== 202) return;
  const { id } = (await begun.json()) as { id: string };
  for (let tries = 0; tries < 100; tries++) {
    const job = await fetch(`${base}/archives/${id}`)
      .then((answer) => answer.json() as Promise<{ state: string }>)
      .catch(() => null);
    if (!job) return;
    if (job.state === 'previewed') break;
    await new Promise((wait) => setTimeout(wait, 10));
  }
  await ask(`${base}/archives/${id}/apply`, JSON.stringify({ conflicts: 'mine' }), {
    'Content-Type': 'application/json',
  });
}

describe('killed in the middle of a stream of writes, pictures and an import', () => {
  let folder: string;
  let zip: Uint8Array<ArrayBuffer>;
  let hivesInArchive: number;
  beforeAll(async () => {
    expect(existsSync(main), 'the server is built before the tests run').toBe(true);
    folder = mkdtempSync(join(tmpdir(), 'furrow-kill-'));
    const home = await Household.open();
    await seedDemo(home.db, { now: () => home.now });
    const file = join(home.folder, 'archive.zip');
    await exportArchive(home.db, join(home.folder, 'photos'), file, home.now);
    zip = new Uint8Array(readFileSync(file));
    hivesInArchive = ((await home.db('hives').count('* as n').first()) as { n: number }).n;
    await home.close();
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it(
    'loses nothing it acknowledged, keeps no half of an import, and starts again',
    async () => {
      const told: Acknowledged = { sites: [], photos: [] };
      const next = seededRandom(7);
      for (let kill = 0; kill < KILLS; kill++) {
        const { child, base } = await start(folder);
        const gone = ended(child);
        // In the middle of its work, however quick this machine is.
        const atWork = (): void => void setTimeout(() => child.kill('SIGKILL'), 60 + next() * 500);
        await Promise.all([
          writeSites(base, told, atWork),
          writeSites(base, told),
          writePhotos(base, told, () => Math.floor(next() * 256)),
          takeIn(base, zip),
        ]);
        await gone;
      }
      const { child, base } = await start(folder);
      const read = async <T>(path: string): Promise<T> =>
        (await (await fetch(`${base}${path}`)).json()) as T;
      const sites = new Set(
        (await read<{ items: { name: string }[] }>('/sites')).items.map((s) => s.name),
      );
      expect(told.sites.filter((name) => !sites.has(name))).toEqual([]);
      for (const id of told.photos) expect((await fetch(`${base}/photos/${id}`)).status).toBe(200);
      const { items: hives } = await read<{ items: unknown[] }>('/hives');
      expect([0, hivesInArchive]).toContain(hives.length);
      expect((await read<{ problems: unknown[] }>('/book')).problems).toEqual([]);
      // What carries a picture's name is that picture, to its last byte.
      for (const name of readdirSync(join(folder, 'photos')).filter((n) => n.endsWith('.jpg')))
        expect(
          `${createHash('sha256')
            .update(readFileSync(join(folder, 'photos', name)))
            .digest('hex')}.jpg`,
        ).toBe(name);
      expect(told.sites.length).toBeGreaterThanOrEqual(KILLS);
      expect(told.photos.length).toBeGreaterThan(0);
      // A second server on the same folder says so and goes.
      await expect(start(folder)).rejects.toThrow(/ended/);
      const gone = ended(child);
      child.kill('SIGTERM');
      await gone;
    },
    60_000 + KILLS * 10_000,
  );
});
