import type { NewTake } from '../records/take.js';
import type { Take } from '../records/takeViews.js';
import { weighsOut, type CombCondition, type TakeOutcome } from '../records/vocabulary/outcomes.js';

/** What comb is like that came out otherwise than whole. */
const CONDITION_AFTER: Partial<Record<TakeOutcome, CombCondition>> = {
  broke: 'torn',
  fell: 'torn',
};

/** Its weight without the vessel, grams; null while it is to be weighed later, or where it stays. */
function netOf({ outcome, grossG, tareG }: NewTake): number | null {
  if (!weighsOut(outcome) || grossG === null || tareG === null) return null;
  return grossG - tareG;
}

/**
 * A comb that was taken, or not, as it stands from then on: what was written of it, at the place it
 * hung. The house writes this, and a device shows it before the house has answered.
 */
export function takeWritten(
  payload: NewTake,
  { slot, occurredAt }: Pick<Take, 'slot' | 'occurredAt'>,
): Take {
  const { minutes: _minutes, later: _later, ...take } = payload;
  return {
    ...take,
    guessG: take.guessG ?? null,
    potsEmptied: take.potsEmptied ?? null,
    condition: take.condition ?? CONDITION_AFTER[payload.outcome] ?? null,
    wentTo: take.wentTo ?? null,
    byBox: false,
    slot,
    netG: netOf(payload),
    occurredAt,
  };
}
