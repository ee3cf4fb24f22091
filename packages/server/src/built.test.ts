import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const main = fileURLToPath(new URL('../dist/main.js', import.meta.url));

/** A built server on a folder; `base` is where it listens. */
async function started(folder: string): Promise<{ child: ChildProcess; base: string }> {
  const child = spawn(process.execPath, [main], {
    env: { ...process.env, FURROW_DATA: folder, FURROW_PORT: '0' },
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  const base = await new Promise<string>((resolve, reject) => {
    child.stdout.on('data', (chunk: Buffer) => {
      const found = /http:\/\/\S+/.exec(chunk.toString());
      if (found) resolve(found[0]);
    });
    child.on('exit', () => reject(new Error('The server ended.')));
  });
  return { child, base };
}
const ended = (child: ChildProcess): Promise<NodeJS.Signals | null> =>
  new Promise((done) =>
    child.exitCode === null && child.signalCode === null
      ? child.on('exit', (_code, signal) => done(signal))
      : done(child.signalCode),
  );

/** What the bundler drops is missed by no test of the source: the built server is asked itself. */
it('the built server says what is wrong in plain words, where a schema has none of its own', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-built-'));
  const { child, base } = await started(folder);
  try {
    const answer = await fetch(`${base}/api/v1/sites`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ id: randomUUID(), device: 5 }),
    });
    expect(await answer.json()).toMatchObject({ detail: 'Text is needed here.', path: 'device' });
    const calculated = await fetch(`${base}/api/v1/calc/jar-fill`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ honeyKg: 'x' }),
    });
    expect(await calculated.json()).toMatchObject({
      error: { message: 'A number is needed here.', path: 'honeyKg' },
    });
  } finally {
    child.kill('SIGTERM');
    await ended(child);
    rmSync(folder, { recursive: true, force: true });
  }
});

/** Every file and folder below one, with who else than its user may do something with it. */
function forOthers(folder: string): string[] {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((path) => (statSync(path).mode & 0o077) !== 0);
}

it.skipIf(process.platform === 'win32')(
  'what a household keeps is for its own user alone, while it runs and in its copies',
  async () => {
    const folder = join(mkdtempSync(join(tmpdir(), 'furrow-built-')), 'data');
    const { child, base } = await started(folder);
    try {
      const post = (path: string, body: object) =>
        fetch(`${base}/api/v1${path}`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify(body),
        });
      const payload = { id: randomUUID(), name: 'Orchard', zone: 'UTC', hemisphere: 'north' };
      const at = new Date().toISOString();
      await post('/sites', { id: randomUUID(), device: 'test', occurredAt: at, payload });
      await expect
        .poll(() => readdirSync(folder, { recursive: true }).map(String))
        .toEqual(expect.arrayContaining(['furrow.db-wal', expect.stringMatching(/^copies.*db$/)]));
      expect(statSync(folder).mode & 0o777).toBe(0o700);
      expect(forOthers(folder)).toEqual([]);
    } finally {
      child.kill('SIGTERM');
      await ended(child);
      rmSync(join(folder, '..'), { recursive: true, force: true });
    }
  },
);

it('a text that the disk has damaged stops the server at most once: the next start says so', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-built-'));
  const file = join(folder, 'furrow.db');
  try {
    const first = await started(folder);
    await fetch(`${first.base}/api/v1/sites`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        ...{ id: randomUUID(), device: 'test', occurredAt: new Date().toISOString() },
        payload: { id: randomUUID(), name: 'Orchard wall', zone: 'UTC', hemisphere: 'north' },
      }),
    });
    first.child.kill('SIGTERM');
    await ended(first.child);
    const second = await started(folder);
    const bytes = readFileSync(file);
    for (let at = 0; (at = bytes.indexOf('Orchard wall', at)) >= 0; at++) bytes[at + 3] = 0xff;
    writeFileSync(file, bytes);
    await fetch(`${second.base}/api/v1/sites`).catch(() => null);
    expect(await ended(second.child)).toBe('SIGABRT');
    const third = spawnSync(process.execPath, [main], {
      env: { ...process.env, FURROW_DATA: folder, FURROW_PORT: '0' },
      encoding: 'utf8',
    });
    expect(third.status).toBe(1);
    expect(third.stderr).toMatch(/is damaged\. The newest copy is .*bring it back with/);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
