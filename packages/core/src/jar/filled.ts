import type { Flow, Lot } from '../records/bookViews.js';
import type { NewFilling } from '../records/harvest.js';
import type { BatchDetail, JarKindRecord } from '../records/views.js';
import { flowSay, lotNamed, lotSay } from '../records/vocabulary/lotSays.js';
import { fillAccuracy } from './fillAccuracy.js';

/** What of a filling becomes the lot of its jars. */
type Filling = Pick<NewFilling, 'count' | 'netG' | 'jarKindId' | 'lowestWeighedG' | 'weights'>;

/** The lowest net weight that was read, by hand or of jars weighed one by one. */
function lowestOf({ netG, weights, lowestWeighedG }: Filling): number | null {
  const read = [
    ...(lowestWeighedG === null ? [] : [lowestWeighedG]),
    ...(fillAccuracy(netG, weights) ? weights : []),
  ];
  return read.length ? Math.min(...read) : null;
}

/**
 * The lot of jars that a filling makes, as it stands from then on: like jars of one kind, use-first
 * and granulating as their honey was. The house writes this, and a device shows it before the house
 * has answered; its code comes beside it.
 */
export const jarsFilled = (
  filling: Filling,
  honey: Pick<Lot, 'useBy' | 'granulating'>,
  hiveName: string,
) => ({
  kind: 'jars' as const,
  name: lotNamed(
    hiveName,
    lotSay('lot.jars', {
      count: filling.count,
      net: { massG: filling.netG, as: 'read' },
    }),
  ),
  count: filling.count,
  netG: filling.netG,
  jarKindId: filling.jarKindId,
  lowestWeighedG: lowestOf(filling),
  weights: filling.weights.length ? filling.weights : null,
  useBy: honey.useBy,
  granulating: honey.granulating,
});

/** The honey a filling is drawn from: the one it names, else the harvest's first. */
export const honeyOfFilling = (
  lots: readonly Lot[],
  { honeyLotId }: Pick<NewFilling, 'honeyLotId'>,
): Lot | undefined =>
  lots.find((lot) => lot.kind === 'honey' && (honeyLotId === null || lot.id === honeyLotId));

/**
 * A harvest with jars that were filled and are not in the house yet: their lot, the honey they took,
 * and the entry that says so. The same harvest where the house has them, or there is no such honey.
 */
export function withJarsFilled(
  detail: BatchDetail,
  filling: NewFilling,
  occurredAt: string,
): BatchDetail {
  const honey = honeyOfFilling(detail.lots, filling);
  if (!honey || detail.lots.some(({ id }) => id === filling.id)) return detail;
  const g = filling.count * filling.netG;
  const jars: Lot = {
    ...jarsFilled(filling, honey, detail.batch.hiveName),
    ...{ id: filling.id, batchId: detail.batch.id, code: filling.code, revision: 0 },
    ...{ flower: null, flowerSupport: null, inG: g, outG: 0, nowG: g },
  };
  const flow: Flow = {
    ...{ id: `${filling.id}.filled`, revision: 0, from: honey.id, to: filling.id, g },
    ...{ at: occurredAt, recordedAt: occurredAt, voids: null, reason: flowSay('flow.filled') },
    ...{ commandId: filling.id, by: null },
  };
  const left = { ...honey, outG: honey.outG + g, nowG: honey.nowG - g };
  return {
    ...detail,
    lots: [...detail.lots.map((lot) => (lot.id === honey.id ? left : lot)), jars],
    flows: [...detail.flows, flow],
  };
}

/** Whether the house has a lot: one that was filled on the device alone was never written there. */
export const isInHouse = ({ revision }: Pick<Lot, 'revision'>): boolean => revision !== 0;

/** Kinds of jars with those fewer in stock that a filling took. */
export const withJarsTaken = (
  jars: readonly JarKindRecord[],
  { jarKindId, count }: Pick<NewFilling, 'jarKindId' | 'count'>,
): JarKindRecord[] =>
  jars.map((jar) =>
    jar.id === jarKindId ? { ...jar, stock: Math.max(0, jar.stock - count) } : jar,
  );
