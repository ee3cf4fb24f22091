import { houseSay } from '@furrow/words';
import {
  estimatedTakes,
  type Batch,
  type BatchDetail,
  type Drain,
  type Say,
  flowSay,
} from '@furrow/core';
import { refused } from '../problem.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';
import { lotOf } from './lots.js';

/**
 * What came out may be so much more than an estimate said, as a share of it; above, a tare is
 * wrong.
 */
const MOST_ABOVE_ESTIMATE = 1.5;

/** Spreads whole grams over takes by what they had; the last one takes what rounding left. */
function spread(takes: BatchDetail['takes'], changeG: number): Map<string, number> {
  const sumG = takes.reduce((g, t) => g + t.netG!, 0);
  let leftG = changeG;
  return new Map(
    takes.map((take, i) => {
      const mineG =
        i === takes.length - 1 ? leftG : Math.round((changeG * take.netG!) / Math.max(1, sumG));
      leftG -= mineG;
      return [take.id, take.netG! + mineG];
    }),
  );
}

/**
 * Lets combs that were taken by estimate weigh so much more (or less, below 0) than it said: their
 * nets, the lot they lie in now, and what the drain began with change together.
 */
export async function restateEstimate(
  unit: UnitOfWork,
  batch: Batch,
  takes: BatchDetail['takes'],
  { changeG, reason }: { changeG: number; reason: Say },
): Promise<void> {
  if (changeG === 0 || !takes.length) return;
  for (const [id, netG] of spread(takes, changeG)) await unit.update('takes', id, { netG });
  const { drains } = await batchDetail(unit.db, batch.id);
  const drain = drains.find((d) => !d.endedAt);
  const lot = drain ? await lotOf(unit, batch, 'crushed') : await lotOf(unit, batch, 'comb');
  if (drain) await unit.update('drains', drain.id, { crushedG: drain.crushedG + changeG });
  await unit.flow(
    changeG > 0
      ? { from: 'outside', to: lot, g: changeG, reason }
      : { from: lot, to: 'outside', g: -changeG, reason },
  );
}

/**
 * Makes room where more came out of a drain than was crushed: an estimate gives way to the scale, a
 * weighed comb does not. Takes how many grams too many there are; refuses at the field named.
 */
export async function estimateGivesWay(
  unit: UnitOfWork,
  batch: Batch,
  drain: Drain,
  { overG, otherwise, field }: { overG: number; otherwise: Say; field: string },
): Promise<void> {
  if (overG <= 0) return;
  const takes = estimatedTakes(await batchDetail(unit.db, batch.id));
  if (!takes.length) throw refused(otherwise, field);
  if (drain.crushedG + overG > drain.crushedG * MOST_ABOVE_ESTIMATE)
    throw refused(
      houseSay('refusal.far-more-than-estimate-tare', {
        crushed: { massG: drain.crushedG + overG, as: 'read' },
        estimate: { massG: drain.crushedG, as: 'read' },
      }),
      field,
    );
  await restateEstimate(unit, batch, takes, {
    changeG: overG,
    reason: flowSay('flow.more-than-estimate'),
  });
}

/**
 * The end of a drain. Comb that was never weighed turns out to be what came of it; of weighed comb
 * no more honey can come than is left. Takes what is left in the crushed lot, the honey, and all
 * that came out with wax and waste.
 */
export async function estimateEnds(
  unit: UnitOfWork,
  batch: Batch,
  drain: Drain,
  { leftG, honeyG, outG }: { leftG: number; honeyG: number; outG: number },
): Promise<void> {
  const takes = estimatedTakes(await batchDetail(unit.db, batch.id));
  await estimateGivesWay(unit, batch, drain, {
    overG: (takes.length ? outG : honeyG) - leftG,
    otherwise: houseSay('refusal.more-than-comb-left', { comb: { massG: leftG, as: 'read' } }),
    field: 'payload.honeyG',
  });
  const estimatedG = takes.reduce((g, t) => g + t.netG!, 0);
  const lessG = Math.min(Math.max(0, leftG - outG), estimatedG);
  await restateEstimate(unit, batch, takes, {
    changeG: -lessG,
    reason: flowSay('flow.less-than-estimate'),
  });
}
