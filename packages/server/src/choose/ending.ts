import {
  FATES_UNDER_HOLD,
  FATE_WORDS,
  HOLD_WORDS,
  owedWeighings,
  type Batch,
  type Rest,
} from '@furrow/core';
import { holdText } from '../book/holds.js';
import { conflict, refused } from '../problem.js';
import type { UnitOfWork } from '../store/unitOfWork.js';
import { batchDetail } from '../harvest/detail.js';

/** Lots that a harvest does not end with: what is left in them has to go somewhere. */
const OPEN_KINDS: Record<string, string> = {
  honey: 'honey that is not filled',
  comb: 'comb that is not crushed or cut',
  crushed: 'comb that drains',
};

/**
 * A harvest ends only when every gram is somewhere: what was never weighed and never filled is
 * asked about.
 */
export async function endHarvest(unit: UnitOfWork, batch: Batch, rest: Rest | null): Promise<void> {
  const detail = await batchDetail(unit.db, batch.id);
  const owed = owedWeighings(detail);
  if (owed.combs.length + owed.vessels.length > 0)
    throw conflict(
      'owed',
      'Something of this harvest is not weighed yet: weigh it, take its estimate, or say it is lost.',
      'payload.stage',
    );
  const left = detail.lots.filter((lot) => OPEN_KINDS[lot.kind] && lot.nowG > 0);
  if (!left.length) return;
  if (rest === null)
    throw refused(
      `${left.map((lot) => `${(lot.nowG / 1000).toFixed(2)} kg of ${OPEN_KINDS[lot.kind]}`).join(', ')}: say what becomes of it.`,
      'payload.rest',
    );
  for (const lot of left) {
    const held = (detail.holds[lot.id] ?? []).find(
      (hold) => !FATES_UNDER_HOLD[hold.cause].includes(rest),
    );
    if (held)
      throw refused(`Held back: ${holdText(held)} ${HOLD_WORDS[held.cause].ask}`, 'payload.rest');
    await unit.flow({
      from: lot.id,
      to: rest === 'spoilt' ? 'loss' : 'outside',
      g: lot.nowG,
      reason: `${FATE_WORDS[rest]}, not filled`,
    });
  }
}
