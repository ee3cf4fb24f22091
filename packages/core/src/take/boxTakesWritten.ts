import type { BatchDetail } from '../records/harvestViews.js';
import type { NewBoxTake } from '../records/take.js';
import type { Take } from '../records/takeViews.js';
import { estimateSeen } from '../look/index.js';
import { boxShares } from './boxShares.js';

type Harvest = Pick<BatchDetail, 'hive' | 'looks'>;

const lastLookOf = ({ looks }: Harvest, combId: string) =>
  looks.filter((look) => look.combId === combId).at(-1);

/** What a comb should weigh by its last look, kg of honey and wax; null where nobody looked. */
export function combKgSeen(harvest: Harvest, combId: string): number | null {
  const look = lastLookOf(harvest, combId);
  const estimate = look ? estimateSeen(look, harvest.hive) : null;
  return estimate ? estimate.honeyKg.mid + estimate.waxKg.mid : null;
}

/** The place a comb hangs at, or hung at when it was last looked at; 0 where nobody knows. */
export function slotSeen(harvest: Harvest, combId: string): number {
  const bar = harvest.hive.bars.find(({ comb }) => comb?.id === combId);
  return bar?.slot ?? lastLookOf(harvest, combId)?.slot ?? 0;
}

/**
 * The combs of a box that was taken whole, as they stand from then on: its weight shared out by what
 * their looks say, to the gram. The first bears what was read and guessed of the box; `nextId` names
 * the others. The house writes this, and a device shows it before the house has answered.
 */
export function boxTakesWritten(
  harvest: Harvest,
  payload: NewBoxTake,
  { occurredAt, nextId }: { occurredAt: string; nextId: (combId: string) => string },
): Take[] {
  const { id, batchId, vesselId, combIds, grossG, emptyG } = payload;
  const netG = grossG === null || emptyG === null ? null : grossG - emptyG;
  const estimates = combIds.map((combId) => combKgSeen(harvest, combId));
  const shares = netG === null ? null : boxShares(netG, estimates);
  return combIds.map((combId, i) => ({
    id: i === 0 ? id : nextId(combId),
    batchId,
    combId,
    slot: slotSeen(harvest, combId),
    outcome: 'taken',
    vesselId,
    grossG: i === 0 ? grossG : null,
    tareG: i === 0 ? emptyG : null,
    netG: shares?.[i] ?? null,
    netBy: 'scale',
    guessG: i === 0 ? (payload.guessG ?? null) : null,
    condition: payload.condition ?? null,
    wentTo: null,
    potsEmptied: null,
    withPollen: false,
    byBox: true,
    occurredAt,
  }));
}
