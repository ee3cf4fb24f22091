// Starts a built server on a fresh data folder for the browser tests.
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const [port, name, ...args] = process.argv.slice(2);
const data = mkdtempSync(join(tmpdir(), `furrow-${name}-`));
const child = spawn(process.execPath, ['packages/server/dist/main.js', ...args], {
  stdio: 'inherit',
  env: {
    ...process.env,
    FURROW_PORT: port,
    FURROW_DATA: data,
    FURROW_NOW: process.env.FURROW_SHOT ? '2026-03-14T18:12:00Z' : '2026-03-14T13:00:00Z',
  },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 0));
