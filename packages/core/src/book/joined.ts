import { entryOf } from '../units/known.js';
/**
 * What a harvest brought, as far as it can be shared out between hives whose comb went into one
 * vessel.
 */
export interface Brought {
  batchId: string;
  honeyG: number;
  waxG: number;
  wetWaxG: number;
  worth: number;
  cost: number;
}
/** Comb of one harvest that was put into the vessel of another. */
export interface Joined {
  fromBatchId: string;
  intoBatchId: string;
  g: number;
}

/**
 * Gives each hive its share of what came out of one vessel, by the comb it put in. Takes what each
 * harvest brought, the comb each had from its own hive by batch, grams, and the joinings; gives the
 * same harvests with honey, wax, worth and cost shared out. Grams stay whole and their sum stays
 * the same: what rounding leaves is the leading harvest's.
 */
export function shareJoined<T extends Brought>(
  harvests: readonly T[],
  ownCombG: ReadonlyMap<string, number>,
  joinings: readonly Joined[],
): T[] {
  const shared = new Map(harvests.map((h) => [h.batchId, { ...h }]));
  for (const intoBatchId of new Set(joinings.map((j) => j.intoBatchId))) {
    const leader = shared.get(intoBatchId);
    if (!leader) continue;
    const guests = joinings.filter((j) => j.intoBatchId === intoBatchId);
    const allG = (ownCombG.get(intoBatchId) ?? 0) + guests.reduce((sum, j) => sum + j.g, 0);
    const brought = { ...leader };
    for (const { fromBatchId, g } of guests) {
      const guest = shared.get(fromBatchId);
      if (guest && allG > 0) giveShare(brought, leader, guest, g / allG);
    }
  }
  return harvests.map((h) => entryOf(shared, h.batchId));
}

function giveShare(brought: Brought, leader: Brought, guest: Brought, share: number): void {
  for (const key of ['honeyG', 'waxG', 'wetWaxG'] as const) {
    const part = Math.round(brought[key] * share);
    guest[key] += part;
    leader[key] -= part;
  }
  for (const key of ['worth', 'cost'] as const) {
    guest[key] += brought[key] * share;
    leader[key] -= brought[key] * share;
  }
}
