// Starts many households on this machine, a folder and a process each, and says what they take:
// npx tsx scripts/many.ts [N]. Each is empty but for a hive; then all are read for a minute.
import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { TOP_BAR_DEFAULTS } from '../packages/core/src/index.js';

const households = Number(process.argv[2] ?? 50);
const FIRST_PORT = 5200;
/** So many are started at once: a machine that wakes up starts them side by side. */
const AT_ONCE = 4;
const READ_MS = 60_000;
/** Each household is looked at so often, as by one screen that is left open. */
const EVERY_MS = 5000;
const folder = mkdtempSync(join(tmpdir(), 'furrow-many-'));

interface Running {
  child: ChildProcess;
  base: string;
  startMs: number;
}
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));
async function start(i: number): Promise<Running> {
  const port = FIRST_PORT + i;
  const from = performance.now();
  const child = spawn(process.execPath, ['packages/server/dist/main.js'], {
    stdio: 'ignore',
    env: {
      ...process.env,
      FURROW_PORT: String(port),
      FURROW_DATA: join(folder, String(i)),
    },
  });
  const base = `http://127.0.0.1:${port}/api/v1`;
  while (
    !(await fetch(`${base}/health`).then(
      (answer) => answer.ok,
      () => false,
    ))
  )
    await pause(50);
  return { child, base, startMs: performance.now() - from };
}
async function write(base: string, path: string, payload: object): Promise<void> {
  await fetch(base + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      ...{ id: randomUUID(), device: 'many', occurredAt: new Date().toISOString(), payload },
    }),
  });
}
async function hive(base: string): Promise<void> {
  const siteId = randomUUID();
  await write(base, '/sites', { id: siteId, name: 'Orchard', zone: 'UTC', hemisphere: 'north' });
  await write(base, '/hives', {
    ...{ id: randomUUID(), siteId, name: 'Aroeira', kind: 'top-bar' },
    ...{ geometry: TOP_BAR_DEFAULTS, colonyStartedOn: '2025-05-01' },
  });
}
/** Memory of a process, MB: all that it touches, and what it would give back if it ended. */
function memoryOf(pid: number): { all: number; own: number } {
  const rollup = readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8');
  const mb = (name: string): number =>
    Number(new RegExp(`^${name}:\\s+(\\d+)`, 'm').exec(rollup)?.[1] ?? 0) / 1024;
  return { all: mb('Rss'), own: mb('Pss') };
}
const middle = (list: readonly number[], at = 0.5): number =>
  [...list].sort((a, b) => a - b)[Math.floor((list.length - 1) * at)] ?? 0;

const running: Running[] = [];
for (let i = 0; i < households; i += AT_ONCE) {
  const batch = Array.from({ length: Math.min(AT_ONCE, households - i) }, (_, k) => start(i + k));
  running.push(...(await Promise.all(batch)));
}
const starts = running.map((each) => each.startMs);
console.log(
  `${households} households, ${AT_ONCE} started at once: ready after ${(middle(starts) / 1000).toFixed(1)} s in the middle, ${(Math.max(...starts) / 1000).toFixed(1)} s at most`,
);
for (const { base } of running) await hive(base);
const waits: number[] = [];
await Promise.all(
  running.map(async ({ base }) => {
    await pause(Math.random() * EVERY_MS);
    const until = performance.now() + READ_MS;
    while (performance.now() < until) {
      const from = performance.now();
      await fetch(`${base}/today`).then((answer) => answer.arrayBuffer());
      waits.push(performance.now() - from);
      await pause(EVERY_MS);
    }
  }),
);
console.log(
  `Today of each every ${EVERY_MS / 1000} s: ${middle(waits).toFixed(0)} ms in the middle, ${middle(waits, 0.95).toFixed(0)} ms for nineteen of twenty, ${Math.max(...waits).toFixed(0)} ms at most`,
);
const memory = running.map(({ child }) => memoryOf(child.pid!));
const sum = memory.reduce((mb, m) => mb + m.own, 0);
console.log(
  `Memory of each: ${middle(memory.map((m) => m.all)).toFixed(0)} MB, ${middle(memory.map((m) => m.own)).toFixed(0)} MB of its own; all together ${(sum / 1024).toFixed(1)} GB`,
);
for (const { child } of running) child.kill('SIGTERM');
await pause(2000);
rmSync(folder, { recursive: true, force: true });
process.exit(0);
