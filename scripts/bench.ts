/**
 * Timings of the calculators and of the ten most used API calls: median and p95 in ms. Asserts
 * nothing.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  DEFAULT_RULES,
  calculate,
  drainForecast,
  forecastInput,
  whatIfs,
  judgeHiveAt,
  type BatchDetail,
  type Drain,
  type Hive,
  type RulesVersion,
} from '../packages/core/src/index.js';
import { at, drainRecord, event, weighing } from '../packages/core/fixtures/drains.js';
import { makeApp } from '../packages/server/src/app.js';
import { makeClock } from '../packages/server/src/clock.js';
import { seedDemo } from '../packages/server/src/demo/seed.js';
import { HIVE_KINDS } from '../packages/core/src/index.js';
import { benchBrowser, benchPhotos, longHistory } from './benchLook.js';
import { benchBook } from './benchBook.js';
import { benchCoverage } from './benchCoverage.js';
import { benchKnife } from './benchKnife.js';
import { benchScreens } from './benchScreens.js';
import { benchLoad } from './benchLoad.js';
import { benchHives, benchYears } from './benchYears.js';
import { benchPlan } from './benchPlan.js';
import { ensureRules } from '../packages/server/src/firstRun.js';
import { closeDatabase, openDatabase } from '../packages/server/src/store/database.js';

async function time(name: string, runs: number, work: () => unknown): Promise<void> {
  const times: number[] = [];
  await work();
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  const at = (share: number): string =>
    times[Math.min(times.length - 1, Math.floor(share * times.length))].toFixed(2).padStart(9);
  console.log(`${name.padEnd(52)} median ${at(0.5)} ms   p95 ${at(0.95)} ms`);
}

const shares = { capped: 0.7, open: 0.2, pollen: 0, brood: 0, empty: 0.1 };
const weighings = Array.from({ length: 500 }, (_, i) => ({
  hours: (i + 1) / 20,
  kg: 7 * -Math.expm1(-(i + 1) / 120),
}));
const jars = Array.from({ length: 12 }, (_, i) => ({
  id: `k${i}`,
  netG: 101 + i * 37,
  stock: 400,
  value: 3 + i * 1.5,
}));
const flows = Array.from({ length: 10_000 }, (_, i) => ({
  from: i % 2 ? 'a' : 'outside',
  to: i % 2 ? 'b' : 'a',
  g: 10,
  at: new Date(1.7e12 + i * 1000).toISOString(),
}));
console.log('Calculators');
await time('honey-moisture', 200, () => calculate('honey-moisture', { brixPercent: 79.7 }));
await time('honey-properties', 200, () =>
  calculate('honey-properties', { moisturePercent: 18, temperatureC: 25 }),
);
await time('honey-heat', 200, () =>
  calculate('honey-heat', { exposures: [{ temperatureC: 38, hours: 2 }] }),
);
await time('honey-keeping', 200, () =>
  calculate('honey-keeping', { moisturePercent: 18, bee: 'honeybee' }),
);
await time('comb-estimate', 200, () =>
  calculate('comb-estimate', {
    sides: [
      { areaCm2: 660, shares },
      { areaCm2: 660, shares },
    ],
    thicknessMm: 28,
    combAge: 'new',
  }),
);
await time('drain-fit, 500 weighings', 30, () => calculate('drain-fit', { weighings }));
for (const goal of ['least-left', 'most-value', 'fewest-jars'])
  await time(`jar-fill, 500 kg, 12 kinds, ${goal}`, 5, () =>
    calculate('jar-fill', { honeyKg: 500, jars, goal }),
  );
await time('jar-fill, 500 kg, short of every kind', 5, () =>
  calculate('jar-fill', {
    honeyKg: 500,
    jars: jars.map((j) => ({ ...j, stock: 90 })),
    goal: 'least-left',
  }),
);
await time('mass-balance, 10 000 flows', 10, () =>
  calculate('mass-balance', {
    lots: [
      { id: 'a', kind: 'x' },
      { id: 'b', kind: 'x' },
    ],
    flows,
  }),
);

const years = Array.from({ length: 1000 }, (_, h) =>
  [
    ['outside', 'comb', 9000],
    ['comb', 'crushed', 8800],
    ['crushed', 'honey', 6500],
    ['crushed', 'wax', 2100],
    ['honey', 'jars', 6000],
  ].map(([from, to, g], i) => ({
    from: from === 'outside' ? from : `${from}${h}`,
    to: `${to}${h}`,
    g: Number(g),
    at: new Date(1.4e12 + h * 8e7 + i * 1e6).toISOString(),
  })),
).flat();
const places = Array.from({ length: 1000 }, (_, h) =>
  ['comb', 'crushed', 'honey', 'wax', 'jars'].map((kind) => ({ id: `${kind}${h}`, kind })),
).flat();
await time('lot-trace, ten years of a hundred harvests', 10, () =>
  calculate('lot-trace', { lots: places, flows: years, lot: 'jars777', direction: 'back' }),
);
const flaws = Array.from({ length: 12 }, (_, i) => ({
  xMm: (i * 67) % 400,
  yMm: (i * 41) % 120,
  widthMm: 12 + i,
  heightMm: 8,
  kind: 'open',
}));
const pieces = [
  { id: 'square', widthMm: 90, heightMm: 90, value: 34, mayTurn: true },
  { id: 'strip', widthMm: 35, heightMm: 100, value: 14, mayTurn: true },
  { id: 'sample', widthMm: 60, heightMm: 45, value: 11, mayTurn: true },
];
await time('cut-plan, 430 x 135 mm, 3 kinds, 12 defects', 5, () =>
  calculate('cut-plan', {
    comb: { widthMm: 430, heightMm: 135 },
    kerfMm: 3,
    pieces,
    defects: flaws,
  }),
);
await time('cut-plan, the same with limits', 3, () =>
  calculate('cut-plan', {
    comb: { widthMm: 430, heightMm: 135 },
    kerfMm: 3,
    pieces: pieces.map((p, i) => ({ ...p, limit: [1, 2, 5][i] })),
    defects: flaws,
  }),
);

const run = drainRecord({
  weighings: Array.from({ length: 500 }, (_, i) =>
    weighing((i + 1) / 50, Math.round(6800 * -Math.expm1(-(i + 1) / 300))),
  ),
  events: [event('stir', 2), event('stir', 4)],
});
await time('drain forecast, 500 weighings, two stirs', 20, () =>
  drainForecast(forecastInput(run, null, DEFAULT_RULES, at(10))),
);
const row = drainRecord({
  readings: Array.from({ length: 2000 }, (_, i) => ({
    at: at((i + 1) / 200),
    g: Math.round(6800 * -Math.expm1(-(i + 1) / 1200)),
  })),
});
await time('drain forecast, 10 hours with 2,000 readings', 20, () =>
  drainForecast(forecastInput(row, null, DEFAULT_RULES, at(10))),
);
const few = forecastInput(
  drainRecord({ weighings: [weighing(1, 1000), weighing(3, 2700)] }),
  null,
  DEFAULT_RULES,
  at(3.5),
);
await time('what a stir, a press, two degrees would bring', 20, () =>
  whatIfs(few, drainForecast(few)),
);

const folder = mkdtempSync(join(tmpdir(), 'furrow-bench-'));
const clock = makeClock(null);
const db = await openDatabase(join(folder, 'furrow.db'));
await ensureRules(db, clock.now());
await seedDemo(db, clock);
const webFolder = new URL('../packages/web/dist', import.meta.url).pathname;
const server = makeApp({
  db,
  clock,
  seed: 7,
  webFolder,
  photoFolder: join(folder, 'photos'),
}).listen(0);
// Long computations lie between the calls: a connection is not dropped meanwhile.
server.keepAliveTimeout = 600_000;
const origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
const base = `${origin}/api/v1`;
const post = async (path: string, payload: object): Promise<unknown> =>
  (
    await fetch(base + path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        id: crypto.randomUUID(),
        device: 'bench',
        occurredAt: clock.now().toISOString(),
        payload,
      }),
    })
  ).json();
/** Reads as a screen does, which says everything itself. */
const AS_A_SCREEN = { headers: { 'x-furrow-says': 'keys' } };
const get = async <T>(path: string): Promise<T> =>
  (await (await fetch(base + path, AS_A_SCREEN)).json()) as T;
const hives = await get<{ items: Hive[] }>('/hives');
const harvests = await get<{ items: { id: string }[] }>('/harvests');
const rules = await get<RulesVersion>('/rules');
const detail = await get<BatchDetail>(`/harvests/${harvests.items[0].id}`);
const drain = detail.drains[0] as Drain;
console.log('Choose and Ready');
await benchPlan();
console.log('Core with the demo household');
await time('judge a hive of 15 combs', 50, () =>
  judgeHiveAt(hives.items[0], rules.rules, clock.now().toISOString()),
);
await time('forecast a drain', 50, () =>
  drainForecast(forecastInput(drain, null, rules.rules, clock.now().toISOString())),
);
console.log('API, the ten most used calls');
for (const path of [
  '/health',
  '/today',
  '/clocks',
  '/hives',
  `/hives/${hives.items[0].id}`,
  '/harvests',
  `/harvests/${harvests.items[0].id}`,
  '/rules',
  '/journal',
])
  await time(`GET ${path.replace(/[0-9a-f-]{36}/, ':id')}`, 40, () => get(path));
await time('GET /today, with the text of every saying', 40, () => fetch(`${base}/today`));
await time('POST /sites', 40, () =>
  fetch(`${base}/sites`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      id: crypto.randomUUID(),
      device: 'bench',
      occurredAt: clock.now().toISOString(),
      payload: {
        id: crypto.randomUUID(),
        name: crypto.randomUUID(),
        zone: 'UTC',
        hemisphere: 'north',
      },
    }),
  }),
);
benchCoverage();
console.log('The knife beside a general solver');
await benchKnife();
console.log('Look');
await benchPhotos();
const siteId = hives.items[0].siteId;
const longId = await longHistory(db as never, post, siteId);
await time('GET /hives/:id, 40 bars x 30 looks', 10, () => get(`/hives/${longId}`));
const wideId = crypto.randomUUID();
await post('/hives', {
  id: wideId,
  siteId,
  name: 'Wide',
  kind: 'top-bar',
  geometry: {
    ...HIVE_KINDS['top-bar'].defaults,
    bars: 5,
    followerAfterBar: 2,
    topWidthMm: 700,
    bottomWidthMm: 700,
    combDepthMm: 300,
  },
  colonyStartedOn: '2024-09-20',
});
await benchBrowser(origin, longId, wideId);
await benchScreens(origin, hives.items[0].id, hives.items[0].name);
console.log('First load, a poor line and a slow processor');
await benchLoad(origin);
console.log('Book, ten years of a hundred harvests');
await benchBook(db, time, get, post);
console.log('The house under load, and with years in its book');
await benchYears();
await benchHives();
server.close();
server.closeAllConnections();
await closeDatabase(db);
rmSync(folder, { recursive: true });
