import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
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
    child.stdout!.on('data', (chunk: Buffer) => {
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
