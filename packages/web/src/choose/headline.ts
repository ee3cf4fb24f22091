import {
  capitalised,
  takenUnitsText,
  type ChoiceUnit,
  type Hive,
  type JudgedComb,
  isStingless,
} from '@furrow/core';

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
    return { out: `${drawn} of ${sealed} sealed pots out`, stays: `${sealed - drawn} stay here.` };
  }
  const slots = [...new Set(taken.flatMap((unit) => unit.slots))];
  return {
    out: `${capitalised(takenUnitsText(hive, slots))} out`,
    stays: `${shown.length - slots.length} stay here.`,
  };
}
