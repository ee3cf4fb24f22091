import { capitalised } from '../words/capitalised.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { takenUnits, type ChoiceUnit, type Hive, type JudgedComb, isStingless } from '@furrow/core';

/**
 * What leaves a hive and what stays, in its own units: combs, frames and boxes counted, of pots the
 * sealed ones, because no group is emptied. Takes the hive, the units chosen from it and its combs
 * that are not chosen elsewhere.
 */
export function takenHeadline(
  hive: Hive,
  taken: readonly ChoiceUnit[],
  shown: readonly JudgedComb[],
): { out: string; stays: string } {
  if (isStingless(hive.kind)) {
    const sealed = shown.reduce((sum, j) => sum + (j.seen?.pots?.honeySealed ?? 0), 0);
    const drawn = taken.reduce((sum, unit) => sum + (unit.potsToDraw ?? 0), 0);
    return {
      out: tell('headline.sealed-pots-out', { drawn, sealed }),
      stays: tell('headline.stay-here', { sealed: sealed - drawn }),
    };
  }
  const slots = [...new Set(taken.flatMap((unit) => unit.slots))];
  return {
    out: tell('headline.out', { hive: capitalised(said(takenUnits(hive, slots))) }),
    stays: tell('headline.stay-here-2', { shown: shown.length - slots.length }),
  };
}
