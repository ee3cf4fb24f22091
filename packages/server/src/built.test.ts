import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const main = fileURLToPath(new URL('../dist/main.js', import.meta.url));

/** What the bundler drops is missed by no test of the source: the built server is asked itself. */
it('the built server says what is wrong in plain words, where a schema has none of its own', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-built-'));
  const child = spawn(process.execPath, [main], {
    env: { ...process.env, FURROW_DATA: folder, FURROW_PORT: '0' },
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  try {
    const base = await new Promise<string>((resolve, reject) => {
      child.stdout.on('data', (chunk: Buffer) => {
        const found = /http:\/\/\S+/.exec(chunk.toString());
        if (found) resolve(found[0]);
      });
      child.on('exit', () => reject(new Error('The server ended.')));
    });
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
    const gone = new Promise((done) => child.on('exit', done));
    child.kill('SIGTERM');
    await gone;
    rmSync(folder, { recursive: true, force: true });
  }
});
