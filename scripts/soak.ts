// Works a built server on a demo household of its own for a long time, and says what crept up:
// node furrow.mjs soak [MINUTES]. Reads, writes, live events, pictures, plans, PDFs, archives and
// calculators take turns; memory, open files and the longest wait are told a line a minute.
import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const minutes = Number(process.argv[2] ?? 120);
if (!(minutes > 0)) {
  console.error('How many minutes? A number above 0.');
  process.exit(2);
}
/** A wait longer than this is counted: somebody's tap would feel it. */
const STALL_MS = 50;
/** The first minutes fill caches and start threads: what creeps up is told from after them. */
const WARM_SHARE = 0.25;
/** Memory may wave by so much about its level, MB, and open files by so many. */
const WAVE_MB = 80;
const WAVE_FILES = 12;
/** How long one of its three screens rests between two taps, at most: busier than any household. */
const REST_MS = 400;

const folder = mkdtempSync(join(tmpdir(), 'furrow-soak-'));
const port = await new Promise<number>((found) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address() as AddressInfo;
    probe.close(() => found(free));
  });
});
const base = `http://127.0.0.1:${port}/api/v1`;
const server: ChildProcess = spawn(process.execPath, ['packages/server/dist/main.js', '--demo'], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, FURROW_PORT: String(port), FURROW_DATA: join(folder, 'data') },
});
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));
const isUp = (): Promise<boolean> =>
  fetch(`${base}/health`).then(
    (answer) => answer.ok,
    () => false,
  );
while (!(await isUp())) await pause(200);

const faults = new Map<string, number>();
const fault = (what: string): void => void faults.set(what, (faults.get(what) ?? 0) + 1);
let done = 0;
/** What is being asked just now: a wait is told with it. */
const asking = new Set<string>();
const plainOf = (path: string): string => path.replace(/[0-9a-f-]{36}/g, 'ID').split('?')[0];

/** Asks, reads the whole answer and counts it; an answer that is none of these is a fault. */
async function ask(path: string, init?: RequestInit, fits = [200, 201, 202]): Promise<unknown> {
  const name = plainOf(path);
  asking.add(name);
  const answer = await fetch(base + path, init).finally(() => asking.delete(name));
  const body = await answer.arrayBuffer();
  done++;
  if (!fits.includes(answer.status)) fault(`${answer.status} of ${name}`);
  const isJson = answer.headers.get('content-type')?.includes('json');
  return isJson ? JSON.parse(Buffer.from(body).toString('utf8')) : body;
}
const write = (path: string, payload: object, id: string = randomUUID()): Promise<unknown> =>
  ask(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ id, device: 'soak', occurredAt: new Date().toISOString(), payload }),
  });
/** A pail that comes and is taken back: the household stays its size, so what grows is a leak. */
async function pailAndBack(): Promise<void> {
  const commandId = randomUUID();
  const pail = { role: 'tub', volumeL: 12, tareG: 800, innerDiameterMm: 260 };
  const name = `Pail ${commandId.slice(0, 8)}`;
  await write('/vessels', { id: randomUUID(), name, ...pail }, commandId);
  await write('/undo', { commandId });
}
const itemsOf = async (path: string): Promise<{ id: string; code?: string | null }[]> =>
  ((await ask(path)) as { items: { id: string; code?: string | null }[] }).items;

const hives = await itemsOf('/hives');
const harvests = await itemsOf('/harvests');
const any = <T>(list: readonly T[]): T => list[Math.floor(Math.random() * list.length)];

/** Opens the live events for a moment, as a screen does that is looked at and left. */
async function listen(): Promise<void> {
  const leave = new AbortController();
  const answer = await fetch(`${base}/events`, { signal: leave.signal });
  await answer.body?.getReader().read();
  leave.abort();
  done++;
}
let isArchiving = false;
/**
 * The whole household out as an archive, the file read; one at a time, as the next takes its place.
 */
async function archive(): Promise<void> {
  if (isArchiving) return;
  isArchiving = true;
  try {
    await oneArchive();
  } finally {
    isArchiving = false;
  }
}
async function oneArchive(): Promise<void> {
  const { id } = (await ask('/archives/export', { method: 'POST' }, [202, 409])) as { id?: string };
  if (!id) return;
  for (let i = 0; i < 100; i++) {
    const { state } = (await ask(`/archives/${id}`)) as { state: string };
    if (state === 'ready') return void (await ask(`/archives/${id}/file`));
    if (state === 'failed') return fault('an archive failed');
    await pause(100);
  }
  fault('an archive was never ready');
}

/** What a household does, each as often as it stands here. */
const TURNS: (() => Promise<unknown>)[] = [
  ...Array.from({ length: 6 }, () => () => ask('/today')),
  ...Array.from({ length: 4 }, () => () => ask(`/hives/${any(hives).id}`)),
  ...Array.from({ length: 4 }, () => () => ask(`/harvests/${any(harvests).id}`)),
  () => ask('/clocks'),
  () => ask('/seasons'),
  () => ask('/questions'),
  () => ask('/plans'),
  ...Array.from({ length: 3 }, () => pailAndBack),
  () => ask(`/hives/${any(hives).id}/card.pdf`),
  () => ask(`/hives/${any(hives).id}/look-sheet.pdf`),
  () =>
    ask('/calc/honey-properties', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ moisturePercent: 18, temperatureC: 20 }),
    }),
  listen,
  archive,
];

const memoryMb = (): number => {
  const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
  return Math.round(Number(/VmRSS:\s+(\d+)/.exec(status)![1]) / 1024);
};
const openFiles = (): number => readdirSync(`/proc/${server.pid}/fd`).length;

const until = Date.now() + minutes * 60_000;
const isOver = (): boolean => Date.now() >= until || server.exitCode !== null;
const workers = Array.from({ length: 3 }, async () => {
  while (!isOver()) {
    await any(TURNS)().catch((error: Error) => fault(error.message));
    await pause(Math.random() * REST_MS);
  }
});
let longest = 0;
let stalls = 0;
const stallsDuring = new Map<string, number>();
/** Counts a wait, under each thing that was being asked before it or after it. */
function tellStall(before: readonly string[]): void {
  stalls++;
  for (const name of new Set([...before, ...asking]))
    stallsDuring.set(name, (stallsDuring.get(name) ?? 0) + 1);
}
const watching = (async () => {
  while (!isOver()) {
    const from = performance.now();
    const before = [...asking];
    await isUp();
    const waited = performance.now() - from;
    longest = Math.max(longest, waited);
    if (waited > STALL_MS) tellStall(before);
    await pause(20);
  }
})();
const seen: { mb: number; files: number }[] = [];
const every = Math.max(2000, (minutes * 60_000) / 120);
while (!isOver()) {
  await pause(Math.min(every, Math.max(0, until - Date.now())));
  if (server.exitCode !== null) break;
  seen.push({ mb: memoryMb(), files: openFiles() });
  const { mb, files } = seen.at(-1)!;
  console.log(
    `${done} answers, ${mb} MB, ${files} open files, longest wait ${longest.toFixed(0)} ms, ${stalls} over ${STALL_MS} ms`,
  );
}
await Promise.all([...workers, watching]);

/** Whether a row of readings ends above where it settled, by more than it waves. */
function creeps(values: readonly number[], wave: number): boolean {
  const settled = values.slice(Math.floor(values.length * WARM_SHARE));
  const half = Math.floor(settled.length / 2);
  const middle = (list: readonly number[]): number =>
    [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
  return middle(settled.slice(half)) - middle(settled.slice(0, half)) > wave;
}
if (server.exitCode !== null) fault(`the server ended with ${server.exitCode}`);
if (
  creeps(
    seen.map((s) => s.mb),
    WAVE_MB,
  )
)
  fault('memory creeps up');
if (
  creeps(
    seen.map((s) => s.files),
    WAVE_FILES,
  )
)
  fault('open files creep up');
server.kill('SIGTERM');
await new Promise((gone) => (server.exitCode === null ? server.once('exit', gone) : gone(null)));
rmSync(folder, { recursive: true, force: true });
console.log(`\n${done} answers in ${minutes} min.`);
for (const [name, times] of [...stallsDuring].sort((a, b) => b[1] - a[1]).slice(0, 8))
  console.log(`${times} waits over ${STALL_MS} ms while ${name} was asked`);
for (const [what, times] of faults) console.log(`${times} times: ${what}`);
console.log(faults.size ? '' : 'Nothing crept up, nothing failed.');
process.exit(faults.size ? 1 : 0);
