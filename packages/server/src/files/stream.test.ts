import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Problem } from '../problem.js';
import { streamFile } from './stream.js';

let folder: string;
let server: Server;
let base: string;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-stream-'));
  const app = express();
  app.get('/:name', async (request, response) => {
    try {
      await streamFile(response, join(folder, request.params.name), 'picture-file');
    } catch (error) {
      response.status((error as Problem).status).json({ detail: (error as Error).message });
    }
  });
  await new Promise<void>((up) => {
    server = app.listen(0, '127.0.0.1', () => up());
  });
  base = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
});
afterEach(() => {
  server.close();
  server.closeAllConnections();
  rmSync(folder, { recursive: true, force: true });
});
/** Files of the folder that this process holds open; systems without /proc tell none. */
const open = (): number => (process.platform === 'linux' ? readdirSync('/proc/self/fd').length : 0);

describe('a file on its way to a client', () => {
  it('arrives whole', async () => {
    writeFileSync(join(folder, 'a.jpg'), Buffer.alloc(300_000, 7));
    const bytes = Buffer.from(await (await fetch(`${base}/a.jpg`)).arrayBuffer());
    expect(bytes.equals(Buffer.alloc(300_000, 7))).toBe(true);
  });
  it('is not found where it is gone, or no file: the server goes on', async () => {
    mkdirSync(join(folder, 'folder.jpg'));
    expect((await fetch(`${base}/gone.jpg`)).status).toBe(404);
    expect((await fetch(`${base}/folder.jpg`)).status).toBe(404);
    writeFileSync(join(folder, 'a.jpg'), 'here');
    expect(await (await fetch(`${base}/a.jpg`)).text()).toBe('here');
  });
  it('leaves nothing open where the client goes away in the middle', async () => {
    writeFileSync(join(folder, 'big.jpg'), Buffer.alloc(60_000_000, 1));
    const before = open();
    for (let i = 0; i < 10; i++) {
      const leaving = new AbortController();
      const answer = await fetch(`${base}/big.jpg`, { signal: leaving.signal });
      await answer.body!.getReader().read();
      leaving.abort();
    }
    await expect.poll(open, { timeout: 5000 }).toBeLessThanOrEqual(before + 1);
    expect((await fetch(`${base}/gone.jpg`)).status).toBe(404);
  });
});
