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

/** A house of its own: the demo's, with what is written into it on the way. */
async function houseOf(fill: (db: Knex) => Promise<unknown>): Promise<House> {
  const folder = mkdtempSync(join(tmpdir(), 'furrow-years-'));
  const clock = makeClock(null);
  const db = await openDatabase(join(folder, 'furrow.db'));
  await ensureRules(db, clock.now());
  await seedDemo(db, clock);
  await fill(db);
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

/** How a read grows: its medians side by side, one column a house. */
function printColumns(title: string, columns: readonly Record<string, number>[]): void {
  console.log(title);
  for (const path of Object.keys(columns[0])) {
    const figures = columns.map((column) => column[path].toFixed(0).padStart(6)).join('');
    console.log(`${`  ${path}`.padEnd(52)}${figures}`);
  }
}

const YEARS = [1, 10, 100];
const HIVES = [10, 100, 1000];

export async function benchYears(): Promise<void> {
  const columns: Record<string, number>[] = [];
  for (const years of YEARS) {
    const house = await houseOf((db) => decade(db, years));
    columns.push(await mediansOf(house));
    if (years === 10) await underLoad(house);
    await leave(house);
  }
  printColumns(`medians in ms with ${YEARS.join(', ')} years of a hundred harvests`, columns);
}

/** A row of any table: its own id, and ids of others by its columns. */
type Row = Record<string, unknown>;

/** One of the demo's hives with its colony, its combs and all looks at them, table by table. */
async function modelHive(db: Knex): Promise<Record<string, Row[]>> {
  const [hive] = (await db('hives').where({ name: 'Ipê' })) as Row[];
  const hiveId = hive.id as string;
  const stays = (await db('colonyStays').where({ hiveId })) as Row[];
  const placements = (await db('placements').where({ parentHiveId: hiveId })) as Row[];
  const idsIn = (rows: Row[], column: string): string[] => rows.map((row) => row[column] as string);
  return {
    hives: [hive],
    colonies: await db('colonies').whereIn('id', idsIn(stays, 'colonyId')),
    colonyStays: stays,
    carriers: await db('carriers').whereIn('id', idsIn(placements, 'carrierId')),
    placements,
    combs: await db('combs').whereIn('carrierId', idsIn(placements, 'carrierId')),
    looks: await db('looks').where({ hiveId }),
  };
}

/** So many more hives, each a copy of that one under ids of its own. */
async function moreHives(db: Knex, count: number): Promise<void> {
  const model = await modelHive(db);
  const known = new Set(Object.values(model).flatMap((rows) => rows.map((row) => row.id)));
  for (let n = 1; n <= count; n++) {
    const ids = new Map([...known].map((id) => [id, randomUUID()]));
    const copyOf = (row: Row): Row =>
      Object.fromEntries(Object.entries(row).map(([key, value]) => [key, ids.get(value) ?? value]));
    const hives = model.hives.map((row) => ({ ...row, name: `Hive ${n}` }));
    await db.transaction(async (trx) => {
      for (const [table, rows] of Object.entries({ ...model, hives }))
        if (rows.length) await trx.batchInsert(table, rows.map(copyOf), 50);
    });
  }
}

/** What the house's reads take with ten, a hundred and a thousand hives that were looked through. */
export async function benchHives(): Promise<void> {
  const columns: Record<string, number>[] = [];
  for (const count of HIVES) {
    const house = await houseOf((db) => moreHives(db, count));
    columns.push(await mediansOf(house));
    await leave(house);
  }
  printColumns(`medians in ms with ${HIVES.join(', ')} more hives of the demo's longest`, columns);
}
