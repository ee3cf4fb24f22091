import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const root = fileURLToPath(new URL('../../..', import.meta.url));
const main = join(root, 'packages/server/dist/main.js');

async function start(folder: string): Promise<{ child: ChildProcess; base: string }> {
  const child = spawn(process.execPath, [main], {
    env: { ...process.env, FURROW_DATA: folder, FURROW_PORT: '0' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const base = await new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout!.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /http:\/\/\S+/.exec(said);
      if (found) resolve(`${found[0]}/api/v1`);
    });
    child.on('exit', () => reject(new Error(`The server ended: ${said}`)));
  });
  return { child, base };
}

it('loses no acknowledged write when it is killed in the middle of a stream of them', async () => {
  expect(existsSync(main), 'the server is built before the tests run').toBe(true);
  const folder = mkdtempSync(join(tmpdir(), 'furrow-kill-'));
  const acknowledged: string[] = [];
  for (let round = 0; round < 3; round++) {
    const { child, base } = await start(folder);
    const before = acknowledged.length;
    const killAt = before + 40 + round * 25;
    const ended = new Promise((resolve) => child.on('exit', resolve));
    const writer = async (): Promise<void> => {
      for (;;) {
        const name = `Site ${randomUUID()}`;
        const body = {
          id: randomUUID(),
          device: 'test',
          occurredAt: new Date().toISOString(),
          payload: { id: randomUUID(), name, zone: 'UTC', hemisphere: 'north' },
        };
        const response = await fetch(`${base}/sites`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify(body),
        }).catch(() => null);
        if (response?.status !== 201) return;
        acknowledged.push(name);
        if (acknowledged.length === killAt) child.kill('SIGKILL');
      }
    };
    await Promise.all([writer(), writer(), writer()]);
    await ended;
  }
  const { child, base } = await start(folder);
  const { items } = (await (await fetch(`${base}/sites`)).json()) as { items: { name: string }[] };
  const kept = new Set(items.map((s) => s.name));
  expect(acknowledged.filter((name) => !kept.has(name))).toEqual([]);
  expect(acknowledged.length).toBeGreaterThanOrEqual(150);
  // A second server on the same folder says so and goes.
  await expect(start(folder)).rejects.toThrow(/ended/);
  child.kill('SIGTERM');
  await new Promise((resolve) => child.on('exit', resolve));
  rmSync(folder, { recursive: true });
});
