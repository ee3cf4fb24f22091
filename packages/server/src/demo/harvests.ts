import { randomUUID } from 'node:crypto';
import {
  DEFAULT_RULES,
  drainForecast,
  firstOf,
  forecastInput,
  type Drain,
  type Hive,
} from '@furrow/core';
import type { Knex } from 'knex';
import { DateTime } from 'luxon';
import { find, list } from '../store/rows.js';
import { DEMO_COMBS, type DemoComb } from './combs.js';
import type { Send } from './otherHives.js';

const DAY = 86_400_000;
/** The tub, empty. */
const TUB_G = 1240;
/** Where the household keeps its bees. */
export const ZONE = 'America/Sao_Paulo';

/** What the harvests of the top-bar hive are written with. */
export interface TopBarDemo {
  db: Knex;
  send: Send;
  ago: (days: number, hours?: number) => Date;
  vessels: Record<'tub' | 'upper' | 'lower', string>;
  jars: Record<'large' | 'small', string>;
  combAt: (view: Hive, slot: number) => string;
  look: (combId: string, at: Date, comb: DemoComb, days: number) => Promise<unknown>;
}

/** Combs chosen to be crushed, the day planned, each taken into the tub on the scale. */
async function crushHarvest(
  { send, vessels }: TopBarDemo,
  said: {
    hiveId: string;
    combIds: readonly string[];
    chosenAt: Date;
    plannedAt: Date;
    startsAt: Date;
    kitchenTemperatureC: number;
    moisturePercent: number;
    weighed: readonly { combId: string; netG: number; at: Date }[];
    minutes: number;
  },
): Promise<string> {
  const { hiveId, combIds, kitchenTemperatureC, moisturePercent, minutes } = said;
  const batchId = randomUUID();
  await send('post', '/harvests', said.chosenAt, {
    ...{ visitId: randomUUID(), batchId, hiveId },
    ...{ method: 'crush', combIds, anyway: [] },
  });
  const startLocal = DateTime.fromJSDate(said.startsAt, { zone: ZONE }).toFormat(
    "yyyy-MM-dd'T'HH:mm",
  );
  await send(
    'post',
    '/harvests/:id/plan',
    said.plannedAt,
    { startLocal, kitchenTemperatureC, moisturePercent },
    { id: batchId },
  );
  let tareG = TUB_G;
  for (const { combId, netG, at } of said.weighed) {
    const grossG = tareG + netG;
    await send('post', '/takes', at, {
      ...{ id: randomUUID(), batchId, combId, outcome: 'taken' },
      ...{ vesselId: vessels.tub, grossG, tareG, minutes },
    });
    tareG = grossG;
  }
  return batchId;
}

/** A harvest of last season: two combs, drained, jarred, its wax clean, its book closed. */
export async function seedLastSeason(demo: TopBarDemo, view: Hive): Promise<void> {
  const { db, send, ago, vessels, jars, combAt, look } = demo;
  const at = ago(372);
  const later = (hours: number): Date => new Date(at.getTime() + hours * 3_600_000);
  const ripe = firstOf(DEMO_COMBS, (c) => c.slot === 12);
  for (const slot of [16, 17])
    await look(combAt(view, slot), new Date(at.getTime() - 2 * DAY), ripe, 0);
  for (const comb of DEMO_COMBS.filter((c) => c.slot < 16))
    await look(combAt(view, comb.slot), new Date(at.getTime() - 2 * DAY), comb, 5);
  const combIds = [16, 17].map((slot) => combAt(view, slot));
  const batchId = await crushHarvest(demo, {
    hiveId: view.id,
    ...{ combIds, chosenAt: at, plannedAt: at, startsAt: at },
    ...{ kitchenTemperatureC: 25, moisturePercent: 17.6, minutes: 14 },
    weighed: [
      { combId: combIds[1], netG: 1985, at: later(0.5) },
      { combId: combIds[0], netG: 2040, at: later(0.8) },
    ],
  });
  const drainId = randomUUID();
  await send('post', '/drains', later(2), {
    id: drainId,
    batchId,
    upperVesselId: vessels.upper,
    lowerVesselId: vessels.lower,
    method: 'mash',
    moisturePercent: 17.6,
    temperatureC: 25,
  });
  for (const [h, netG] of [
    [1, 520],
    [3, 1330],
    [6, 2190],
    [12, 3010],
  ] as const)
    await send('post', '/weighings', later(2 + h), {
      id: randomUUID(),
      drainId,
      grossG: 310 + netG,
      tareG: 310,
      source: 'hand',
    });
  await send('post', '/drainEvents', later(4), {
    id: randomUUID(),
    drainId,
    kind: 'stir',
    minutes: 5,
  });
  await send('post', '/drainEvents', later(6), {
    id: randomUUID(),
    drainId,
    kind: 'stir',
    minutes: 5,
  });
  await send(
    'post',
    '/drains/:id/close',
    later(26),
    { honeyG: 3420, wetWaxG: 560, minutes: 20, gapReason: 'Stuck to bucket and strainer' },
    { id: drainId },
  );
  await send('post', '/fillings', later(50), {
    id: randomUUID(),
    batchId,
    jarKindId: jars.large,
    count: 6,
    netG: 500,
    lowestWeighedG: 501,
  });
  await send('post', '/fillings', later(50.5), {
    id: randomUUID(),
    batchId,
    jarKindId: jars.small,
    count: 1,
    netG: 300,
    lowestWeighedG: 302,
  });
  await send('post', '/waxes', later(120), {
    batchId,
    cleanG: 132,
    restIsSlumgum: true,
    way: 'water-bath',
    blocks: [{ g: 132, colour: 'yellow' }],
  });
  const [honey] = await list(db, 'lots', { batchId, kind: 'honey' });
  await send('post', '/flows', later(121), {
    id: randomUUID(),
    from: honey.id,
    to: 'outside',
    g: 120,
    reason: 'Eaten at the table',
  });
  await send(
    'post',
    '/harvests/:id/stage',
    later(122),
    { stage: 'book', handsOnMinutes: 45 },
    { id: batchId },
  );
}

/** The two back combs, taken this morning and draining since. */
export async function seedThisMorning(demo: TopBarDemo, view: Hive): Promise<void> {
  const { db, send, ago, vessels, combAt } = demo;
  const start = ago(0, 5.2);
  const before = (hours: number): Date => new Date(start.getTime() - hours * 3_600_000);
  const combIds = [17, 16].map((slot) => combAt(view, slot));
  const batchId = await crushHarvest(demo, {
    hiveId: view.id,
    ...{ combIds, chosenAt: before(10), plannedAt: before(9), startsAt: before(2) },
    ...{ kitchenTemperatureC: 24, moisturePercent: 17.8, minutes: 12 },
    weighed: [
      { combId: combIds[0], netG: 2110, at: before(1.4) },
      { combId: combIds[1], netG: 2265, at: before(1) },
    ],
  });
  const drainId = randomUUID();
  const { detail } = await send<{ detail: { drains: Drain[] } }>('post', '/drains', start, {
    id: drainId,
    batchId,
    upperVesselId: vessels.upper,
    lowerVesselId: vessels.lower,
    method: 'mash',
    moisturePercent: 17.8,
    temperatureC: 24,
  });
  const drain = firstOf(detail.drains, (d) => d.id === drainId);
  await send('post', '/drainEvents', new Date(start.getTime() + 3 * 3_600_000), {
    id: randomUUID(),
    drainId,
    kind: 'stir',
    minutes: 5,
  });
  // Weighings follow the published middle of the method, a little slow, to the gram step of the
  // scale.
  const lower = await find(db, 'vessels', vessels.lower, 'vessel');
  const curve = drainForecast({
    ...forecastInput(drain, lower, DEFAULT_RULES, ago(0).toISOString()),
    stirHours: [3],
  });
  for (const h of [1, 2, 3.4, 4.7]) {
    const point = curve.curve.reduce((best, p) =>
      Math.abs(p.hours - h) < Math.abs(best.hours - h) ? p : best,
    );
    const netG = Math.round((point.mid * 0.96 * 1000) / 5) * 5;
    await send('post', '/weighings', new Date(start.getTime() + h * 3_600_000), {
      id: randomUUID(),
      drainId,
      grossG: 310 + netG,
      tareG: 310,
      source: 'scale',
    });
  }
}
