import { randomUUID } from 'node:crypto';
import {
  TOP_BAR_DEFAULTS,
  setShare,
  sealedThicknessMm,
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
import { ZONE, seedLastSeason, seedThisMorning } from './harvests.js';
import { seedHistory } from './history.js';
import { seedKit } from './kit.js';
import { seedOtherHives } from './otherHives.js';
import { seedSitesAndGear } from './sites.js';
import { z } from 'zod';
import { rowsOf } from '../store/asked.js';

const DAY = 86_400_000;

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

  const { sites, vessels, jars } = await seedKit(send, ago);
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

  const topBar = { db, send, ago, vessels, jars, combAt, look };
  await seedLastSeason(topBar, hive);
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
  await seedThisMorning(topBar, current);
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
