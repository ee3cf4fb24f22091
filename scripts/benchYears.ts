/**
 * How the house answers under a steady load, and with how many years in its book. Asserts nothing.
 */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { makeApp } from '../packages/server/src/app.js';
import { makeClock } from '../packages/server/src/clock.js';
import { seedDemo } from '../packages/server/src/demo/seed.js';
import { ensureRules } from '../packages/server/src/firstRun.js';
import { SAYS_HEADER } from '../packages/server/src/spoken.js';
import { closeDatabase, openDatabase } from '../packages/server/src/store/database.js';
import { decade } from './benchBook.js';

const A_SECOND = 20;
const SECONDS = 15;
/** Every so many requests one writes. */
const WRITES_EVERY = 5;

interface House {
  origin: string;
  db: Knex;
  server: Server;
  folder: string;
}

/** A house of its own with so many years of a hundred harvests in its book. */
async function houseOf(years: number): Promise<House> {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-years-'));
  const clock = makeClock(null);
  const db = await openDatabase(join(folder, 'furrow.db'));
  await ensureRules(db, clock.now());
  await seedDemo(db, clock);
  await decade(db, years);
  const server = makeApp({
    db,
    clock,
    seed: 7,
    webFolder: folder,
    photoFolder: join(folder, 'photos'),
  }).listen(0);
  const { port } = server.address() as AddressInfo;
  return { origin: `http://127.0.0.1:${port}/api/v1`, db, server, folder };
}

async function leave({ db, server, folder }: House): Promise<void> {
  server.closeAllConnections();
  server.close();
  await closeDatabase(db);
  rmSync(folder, { recursive: true });
}

/** What screens read of a house: paths that answer with what is in its book. */
async function readsOf({ db }: House): Promise<string[]> {
  const hive = (await db('hives').where({ removedAt: null }).first()) as { id: string };
  const batch = (await db('batches').orderBy('rowid', 'desc').first()) as { id: string };
  return [
    '/today',
    '/clocks',
    '/harvests',
    `/harvests/${batch.id}`,
    `/hives/${hive.id}`,
    '/hives',
    '/lots',
    '/book',
    '/seasons',
    '/questions',
  ];
}

const at = (sorted: number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];

async function msOf(call: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await call();
  return performance.now() - start;
}

/** As a screen reads: it says everything itself. */
const read = (url: string): Promise<unknown> =>
  fetch(url, { headers: { [SAYS_HEADER]: 'keys' } }).then(async (answer) => {
    if (!answer.ok) throw new Error(`${url} answered ${answer.status}`);
    return answer.arrayBuffer();
  });

/** Twenty requests a second, one of five a write, whatever was answered meanwhile. */
async function underLoad(house: House): Promise<void> {
  const reads = await readsOf(house);
  const honey = (await house.db('lots').where({ kind: 'honey' }).first()) as { id: string };
  const write = (): Promise<unknown> =>
    fetch(`${house.origin}/flows`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        id: randomUUID(),
        device: 'bench',
        occurredAt: new Date().toISOString(),
        payload: { id: randomUUID(), from: 'outside', to: honey.id, g: 10, reason: 'Found' },
      }),
    }).then((answer) => answer.arrayBuffer());
  const took: Record<string, number[]> = {};
  const turns = monitorEventLoopDelay({ resolution: 2 });
  turns.enable();
  const waiting: Promise<void>[] = [];
  let nextRead = 0;
  for (let i = 0; i < A_SECOND * SECONDS; i++) {
    const path = i % WRITES_EVERY === 0 ? 'a write' : reads[nextRead++ % reads.length];
    const call = path === 'a write' ? write : (): Promise<unknown> => read(house.origin + path);
    waiting.push(
      msOf(call).then((ms) => void (took[path.replace(/[0-9a-f-]{36}/, ':id')] ??= []).push(ms)),
    );
    await new Promise((next) => setTimeout(next, 1000 / A_SECOND));
  }
  await Promise.all(waiting);
  turns.disable();
  const row = (name: string, values: number[]): void => {
    const sorted = [...values].sort((a, b) => a - b);
    const [median, p99] = [at(sorted, 0.5), at(sorted, 0.99)].map((ms) => ms.toFixed(0));
    console.log(`${`  ${name}`.padEnd(52)} ${median} ms, p99 ${p99} ms`);
  };
  console.log(`${A_SECOND} requests a second, one of ${WRITES_EVERY} a write`);
  for (const [name, values] of Object.entries(took)) row(name, values);
  row('all', Object.values(took).flat());
  console.log(
    `${'  longest turn of the event loop'.padEnd(52)} ${(turns.max / 1e6).toFixed(0)} ms`,
  );
  const memory = process.memoryUsage().rss / 1e6;
  console.log(`${'  memory, with this bench in it'.padEnd(52)} ${memory.toFixed(0)} MB`);
}

/** The median of each read, ms, the first call left out. */
async function mediansOf(house: House): Promise<Record<string, number>> {
  const medians: Record<string, number> = {};
  for (const path of await readsOf(house)) {
    const calls: number[] = [];
    for (let i = 0; i < 8; i++) calls.push(await msOf(() => read(house.origin + path)));
    const sorted = calls.slice(1).sort((a, b) => a - b);
    medians[path.replace(/[0-9a-f-]{36}/, ':id')] = at(sorted, 0.5);
  }
  return medians;
}

const YEARS = [1, 10, 100];

export async function benchYears(): Promise<void> {
  const columns: Record<string, number>[] = [];
  for (const years of YEARS) {
    const house = await houseOf(years);
    columns.push(await mediansOf(house));
    if (years === 10) await underLoad(house);
    await leave(house);
  }
  console.log(`medians in ms with ${YEARS.join(', ')} years of a hundred harvests`);
  for (const path of Object.keys(columns[0])) {
    const figures = columns.map((column) => column[path].toFixed(0).padStart(6)).join('');
    console.log(`${`  ${path}`.padEnd(52)}${figures}`);
  }
}
