import { drainForecast, forecastInput, honeyDepthMm, nextStirAt, settlingHours, type Batch, type Clock, type HouseRules, type Vessel } from '@furrow/core';
import type { Knex } from 'knex';
import { list } from '../store/rows.js';
import { batchViews, bookView, currentRules, drainViews } from '../store/views.js';

/** Clocks that run now, told by instants: what is due next in each drain, by the unfavourable edge. */
export async function clocks(db: Knex, now: Date): Promise<Clock[]> {
  const { rules } = await currentRules(db);
  const vessels = await list<Vessel>(db, 'vessels');
  const batches = await batchViews(db, { closedAt: null });
  const drains = await drainViews(db, { endedAt: null });
  const running = drains.flatMap((drain) => {
    const batch = batches.find((b) => b.id === drain.batchId);
    if (!batch) return [];
    return [drainClock()];

    function drainClock(): Clock {
      const { dueAt, dueWhat } = nextDue(drain, vessels.find((v) => v.id === drain.lowerVesselId) ?? null, rules, now);
      return { id: drain.id, kind: 'drain', batchId: drain.batchId, hiveName: batch!.hiveName, startedAt: drain.startedAt, dueAt, dueWhat, urgent: dueAt !== null && Date.parse(dueAt) - now.getTime() < 60 * 60_000 };
    }
  });
  return [...running, ...(await settleClocks(db, batches, vessels))];
}

/** Honey that settles: from the close of its drain until it is filled, due to be skimmed by the slow edge of Stokes. */
async function settleClocks(db: Knex, batches: Batch[], vessels: Vessel[]): Promise<Clock[]> {
  const waiting = batches.filter((b) => b.stage === 'jar');
  const found = await Promise.all(waiting.map(async (batch): Promise<Clock[]> => {
    const drain = (await drainViews(db, { batchId: batch.id })).at(-1);
    const { lots } = await bookView(db, batch.id);
    const honeyG = lots.find((lot) => lot.kind === 'honey')?.nowG ?? 0;
    if (!drain?.endedAt || honeyG === 0 || lots.some((lot) => lot.kind === 'jars')) return [];
    const vessel = vessels.find((v) => v.role === 'settling') ?? vessels.find((v) => v.id === drain.lowerVesselId);
    const { moisturePercent, temperatureC } = drain;
    const depthMm = honeyDepthMm({ honeyKg: honeyG / 1000, innerDiameterMm: vessel?.innerDiameterMm ?? 250, moisturePercent, temperatureC });
    const dueAt = new Date(Date.parse(drain.endedAt) + settlingHours({ depthMm, temperatureC, moisturePercent }).high * 3_600_000).toISOString();
    return [{ id: `${drain.id}-settle`, kind: 'settle', batchId: batch.id, hiveName: batch.hiveName, startedAt: drain.endedAt, dueAt, dueWhat: 'skim', urgent: false }];
  }));
  return found.flat();
}

/** The earliest of stir and full vessel; nine tenths out once neither is ahead. */
export function nextDue(drain: Parameters<typeof forecastInput>[0], lower: Vessel | null, rules: HouseRules, now: Date): { dueAt: string | null; dueWhat: string | null; overflowAt: string | null } {
  const forecast = drainForecast(forecastInput(drain, lower, rules, now.toISOString()));
  const instant = (hours: number): string => new Date(Date.parse(drain.startedAt) + hours * 3_600_000).toISOString();
  const overflowAt = forecast.overflowHours ? instant(forecast.overflowHours.earliest) : null;
  const stirAt = nextStirAt(drain, rules);
  const due = ([[stirAt, 'stir'], [overflowAt, 'draw off']] as [string | null, string][]).filter((d): d is [string, string] => d[0] !== null).sort((a, b) => a[0].localeCompare(b[0]))[0];
  if (due) return { dueAt: due[0], dueWhat: due[1], overflowAt };
  return { dueAt: instant(forecast.nineTenthsHours.mid), dueWhat: 'nine tenths out', overflowAt };
}
