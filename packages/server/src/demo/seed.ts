import { find, list } from '../store/rows.js';
import { randomUUID } from 'node:crypto';
import {
  DEFAULT_RULES,
  TOP_BAR_DEFAULTS,
  drainForecast,
  forecastInput,
  setShare,
  sealedThicknessMm,
  type Drain,
  type Hive,
  type Shares,
  firstOf,
  dayOf,
} from '@furrow/core';
import { DateTime } from 'luxon';
import type { Knex } from 'knex';
import type { ServerClock } from '../clock.js';
import { ALL_WRITES } from '../writes.js';
import { performWrite } from '../store/writes.js';
import { VIEWS } from '../views.js';
import { DEMO_COMBS, type DemoComb } from './combs.js';
import { seedHistory } from './history.js';
import { seedOtherHives } from './otherHives.js';
import { seedSitesAndGear } from './sites.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

const DAY = 86_400_000;
const ZONE = 'America/Sao_Paulo';

/** Earlier looks saw less capped: the share that was open then, and capped since, per day. */
const CAPPED_PER_DAY = 0.011;

/**
 * The demo household, written through the same path as a person's entries, relative to the clock:
 * one site in use, a top-bar hive with looks over four weeks, a harvest of last season in its jars,
 * and combs taken this morning that drain right now.
 */
export async function seedDemo(db: Knex, clock: ServerClock): Promise<void> {
  const now = clock.now();
  const send = async <T>(
    method: 'post' | 'patch',
    path: string,
    at: Date,
    payload: unknown,
    params: Record<string, string> = {},
  ): Promise<T> => {
    const definition = firstOf(ALL_WRITES, (w) => w.method === method && w.path === path);
    const body = { id: randomUUID(), device: 'demo', occurredAt: at.toISOString(), payload };
    return (
      await performWrite({ db, clock: { now: () => now }, views: VIEWS }, definition, body, params)
    ).answer as T;
  };
  const ago = (days: number, hours = 0): Date =>
    new Date(now.getTime() - days * DAY - hours * 3_600_000);
  const dateOf = (at: Date): string => dayOf(DateTime.fromJSDate(at, { zone: ZONE }));

  await send('post', '/rules', ago(420), {
    ...DEFAULT_RULES,
    ripeCappedPercent: 75,
    moistureLimitPercent: 18.5,
    winterNeedKg: 11,
    kitchenTemperatureC: 24,
    stirEveryHours: 3,
    labelMaker: 'Casa Pedra Clara',
    winterNeedByKindKg: { warre: 12, 'pile-box': 9, framed: 2, 'cut-comb': 0, 'drain-frame': 2 },
    potsWeeksBeforeWinter: 2,
    stinglessSpecies: 'Miúda, a small forest bee',
    stinglessPermit: 'PC-0117',
    winterUseByMonthKg: { 4: 1.4, 5: 2, 6: 2.6, 7: 2.7, 8: 2.3 },
    strengthPercent: { weak: 90, middle: 100, strong: 110 },
    freezerL: 40,
    nightTemperatureC: 18,
    currency: 'R$',
    waxPerKg: 60,
    givenPercent: 15,
    givenWorthPercent: 80,
    ownPercent: 10,
    ownWorthPercent: 70,
    vehicleL: 220,
    vehicleKg: 180,
    people: 2,
    liftKg: 14,
  });
  const sites = { pedraClara: randomUUID(), encosta: randomUUID(), capaoFundo: randomUUID() };
  for (const [id, name] of [
    [sites.pedraClara, 'Pedra Clara'],
    [sites.encosta, 'Encosta'],
    [sites.capaoFundo, 'Capão Fundo'],
  ]) {
    await send('post', '/sites', ago(800), { id, name, zone: ZONE, hemisphere: 'south' });
  }
  const vessel = {
    tub: randomUUID(),
    upper: randomUUID(),
    lower: randomUUID(),
    settling: randomUUID(),
  };
  for (const v of [
    {
      id: vessel.tub,
      name: 'White tub with lid',
      role: 'tub',
      volumeL: 24,
      tareG: 1240,
      innerDiameterMm: 380,
    },
    {
      id: vessel.upper,
      name: 'Bucket with holes',
      role: 'upper',
      volumeL: 12,
      tareG: 560,
      innerDiameterMm: 250,
    },
    {
      id: vessel.lower,
      name: 'Small pail',
      role: 'lower',
      volumeL: 2.4,
      tareG: 310,
      innerDiameterMm: 170,
    },
    {
      id: vessel.settling,
      name: 'Gate bucket',
      role: 'settling',
      volumeL: 16,
      tareG: 980,
      innerDiameterMm: 270,
    },
  ])
    await send('post', '/vessels', ago(800), v);
  const jar = { large: randomUUID(), small: randomUUID() };
  await send('post', '/jars', ago(800), {
    id: jar.large,
    name: 'Round jar 500',
    widthMm: 78,
    depthMm: 84,
    netG: 500,
    tareG: 228,
    stock: 12,
    value: 38,
    cost: 3.2,
  });
  await send('post', '/jars', ago(800), {
    id: jar.small,
    name: 'Small jar 300',
    netG: 300,
    tareG: 164,
    stock: 20,
    value: 25,
    cost: 2.4,
  });
  await send('post', '/jars', ago(790), {
    id: randomUUID(),
    name: 'Flat box 250',
    purpose: 'piece',
    widthMm: 95,
    heightMm: 65,
    depthMm: 38,
    minG: 220,
    maxG: 300,
    netG: 250,
    tareG: 22,
    stock: 24,
    value: 34,
    cost: 2.6,
  });
  await send('post', '/jars', ago(790), {
    id: randomUUID(),
    name: 'Sample cup',
    purpose: 'sample',
    widthMm: 45,
    heightMm: 40,
    depthMm: 38,
    minG: 60,
    maxG: 110,
    netG: 80,
    tareG: 9,
    stock: 30,
    value: 11,
    cost: 0.6,
  });
  await send('post', '/jars', ago(790), {
    id: randomUUID(),
    name: 'Wide jar 700',
    purpose: 'chunk',
    widthMm: 42,
    heightMm: 100,
    depthMm: 70,
    netG: 700,
    tareG: 310,
    stock: 6,
    value: 62,
    cost: 4.8,
  });

  await seedSitesAndGear(send, sites, ago, dateOf);

  const hiveId = randomUUID();
  const { hive } = await send<{ hive: Hive }>('post', '/hives', ago(790), {
    id: hiveId,
    siteId: sites.encosta,
    name: 'Ipê',
    kind: 'top-bar',
    geometry: TOP_BAR_DEFAULTS,
    colonyStartedOn: dateOf(ago(790)),
  });
  const combAt = (view: Hive, slot: number): string =>
    firstOf(view.bars, (b) => b.slot === slot).comb!.id;
  const look = (combId: string, at: Date, comb: DemoComb, days: number): Promise<unknown> =>
    send('post', '/looks', at, {
      id: randomUUID(),
      combId,
      combAge: comb.brood > 0 ? 'brood-used' : 'new',
      depthMm: comb.depthMm,
      thicknessMm: sealedThicknessMm(36),
      sides: {
        A: earlier(comb, days, 0.015),
        B: comb.unseenB ? null : earlier(comb, days, -0.015),
      },
      readings:
        days === 0
          ? (comb.samples ?? []).map(([side, value]) => ({
              side,
              cells: 'open',
              scale: 'moisture',
              value,
              temperatureC: 24,
              temperatureCompensated: true,
            }))
          : [],
    });

  await lastSeason(hive);
  const grown = await send<{ hive: Hive }>('post', '/combs', ago(240), {
    id: randomUUID(),
    hiveId,
    slot: 16,
    builtOn: dateOf(ago(240)),
  });
  await send('post', '/combs', ago(240), {
    id: randomUUID(),
    hiveId,
    slot: 17,
    builtOn: dateOf(ago(240)),
  });
  // The comb front moved back this season: three combs were built one after the other.
  for (const [slot, days] of [
    [13, 46],
    [14, 36],
    [15, 27],
  ] as const) {
    await send(
      'post',
      '/combs/:id/end',
      ago(300),
      { reason: 'removed' },
      { id: combAt(hive, slot) },
    );
    await send('post', '/combs', ago(days), {
      id: randomUUID(),
      hiveId,
      slot,
      builtOn: dateOf(ago(days)),
    });
  }
  const current =
    (await send<{ hive: Hive }>('patch', '/hives/:id', ago(239), { name: 'Ipê' }, { id: hiveId }))
      .hive ?? grown.hive;
  for (const days of [22, 15, 8, 1])
    for (const comb of DEMO_COMBS)
      await look(combAt(current, comb.slot), ago(days, (17 - comb.slot) * 0.05), comb, days - 1);
  await thisMorning(current);
  await send('post', '/colonyFacts', ago(780), {
    id: randomUUID(),
    colonyId: hive.colony!.id,
    on: dateOf(ago(780)),
    fact: { kind: 'risks-read', of: 'top-bar' },
  });
  await send('post', '/colonyFacts', ago(8), {
    id: randomUUID(),
    colonyId: hive.colony!.id,
    on: dateOf(ago(8)),
    fact: { kind: 'queen', seen: true },
  });
  await send('post', '/colonyFacts', ago(8), {
    id: randomUUID(),
    colonyId: hive.colony!.id,
    on: dateOf(ago(8)),
    fact: { kind: 'temper', temper: 'defensive' },
  });
  await seedOtherHives(send, sites, ago, dateOf);
  await seedHistory(
    send,
    await rowsOf(
      { id: z.string(), name: z.string() },
      db('hives').where({ removedAt: null }).select('id', 'name'),
    ),
    ago(371),
    dateOf,
    ago,
  );

  /** A harvest of last season: two combs, drained, jarred, its wax clean, its book closed. */
  async function lastSeason(view: Hive): Promise<void> {
    const at = ago(372);
    const later = (hours: number): Date => new Date(at.getTime() + hours * 3_600_000);
    const ripe = firstOf(DEMO_COMBS, (c) => c.slot === 12);
    for (const slot of [16, 17])
      await look(combAt(view, slot), new Date(at.getTime() - 2 * DAY), ripe, 0);
    for (const comb of DEMO_COMBS.filter((c) => c.slot < 16))
      await look(combAt(view, comb.slot), new Date(at.getTime() - 2 * DAY), comb, 5);
    const combIds = [16, 17].map((slot) => combAt(view, slot));
    const batchId = randomUUID();
    await send('post', '/harvests', at, {
      visitId: randomUUID(),
      batchId,
      hiveId,
      method: 'crush',
      combIds,
      anyway: [],
    });
    await send(
      'post',
      '/harvests/:id/plan',
      at,
      {
        startLocal: DateTime.fromJSDate(at, { zone: ZONE }).toFormat("yyyy-MM-dd'T'HH:mm"),
        kitchenTemperatureC: 25,
        moisturePercent: 17.6,
      },
      { id: batchId },
    );
    let grossG = 1240;
    for (const [i, netG] of [1985, 2040].entries()) {
      await send('post', '/takes', later(0.5 + i * 0.3), {
        id: randomUUID(),
        batchId,
        combId: combIds[1 - i],
        outcome: 'taken',
        vesselId: vessel.tub,
        grossG: grossG + netG,
        tareG: grossG,
        minutes: 14,
      });
      grossG += netG;
    }
    const drainId = randomUUID();
    await send('post', '/drains', later(2), {
      id: drainId,
      batchId,
      upperVesselId: vessel.upper,
      lowerVesselId: vessel.lower,
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
      jarKindId: jar.large,
      count: 6,
      netG: 500,
      lowestWeighedG: 501,
    });
    await send('post', '/fillings', later(50.5), {
      id: randomUUID(),
      batchId,
      jarKindId: jar.small,
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
  async function thisMorning(view: Hive): Promise<void> {
    const start = ago(0, 5.2);
    const before = (hours: number): Date => new Date(start.getTime() - hours * 3_600_000);
    const combIds = [17, 16].map((slot) => combAt(view, slot));
    const batchId = randomUUID();
    await send('post', '/harvests', before(10), {
      visitId: randomUUID(),
      batchId,
      hiveId,
      method: 'crush',
      combIds,
      anyway: [],
    });
    await send(
      'post',
      '/harvests/:id/plan',
      before(9),
      {
        startLocal: DateTime.fromJSDate(before(2), { zone: ZONE }).toFormat("yyyy-MM-dd'T'HH:mm"),
        kitchenTemperatureC: 24,
        moisturePercent: 17.8,
      },
      { id: batchId },
    );
    let grossG = 1240;
    for (const [i, netG] of [2110, 2265].entries()) {
      await send('post', '/takes', before(1.4 - i * 0.4), {
        id: randomUUID(),
        batchId,
        combId: combIds[i],
        outcome: 'taken',
        vesselId: vessel.tub,
        grossG: grossG + netG,
        tareG: grossG,
        minutes: 12,
      });
      grossG += netG;
    }
    const drainId = randomUUID();
    const { detail } = await send<{ detail: { drains: Drain[] } }>('post', '/drains', start, {
      id: drainId,
      batchId,
      upperVesselId: vessel.upper,
      lowerVesselId: vessel.lower,
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
    const lower = await find(db, 'vessels', vessel.lower, 'vessel');
    const curve = drainForecast({
      ...forecastInput(drain, lower, DEFAULT_RULES, now.toISOString()),
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
}

/** The comb as it was `days` earlier: part of what is capped now was open then. */
function earlier(comb: DemoComb, days: number, tilt: number): Shares {
  const shares: Shares = {
    capped: comb.capped,
    open: comb.open,
    pollen: comb.pollen,
    brood: comb.brood,
    empty: comb.empty,
  };
  const then = Math.max(
    0,
    comb.capped +
      tilt * (comb.open > 0.05 ? 1 : 0) -
      (comb.brood > 0.2 ? 0 : CAPPED_PER_DAY * days),
  );
  const moved = shares.capped - then;
  return setShare(
    { ...shares, capped: then, open: Math.max(0, shares.open + moved) },
    'empty',
    Math.max(0, 1 - then - Math.max(0, shares.open + moved) - shares.pollen - shares.brood),
  );
}
