import { fullCombG, usualCombG, type BatchDetail, type Look } from '@furrow/core';
import { computed, type ComputedRef } from 'vue';
import { useEstimatePairs } from '../api/queries.js';
import { tell } from '../words/tell.js';

const percentOf = (g: number, ofG: number): number => Math.round((g / ofG) * 100);

/** "12 % under your usual". */
function usualSaid(netG: number, usualG: number): string {
  const percent = percentOf(netG, usualG) - 100;
  return tell('WeighUnit.your-usual', {
    percent: Math.abs(percent),
    percent2: percent < 0 ? tell('WeighUnit.under') : tell('WeighUnit.over'),
  });
}

/**
 * What share of a full one a weighed comb is, and how far from what is usual here, in words; null
 * where nothing was weighed yet or neither is known.
 */
export function useBesideUsual(
  detail: () => BatchDetail,
  look: ComputedRef<Look | null>,
  netG: ComputedRef<number>,
): ComputedRef<string | null> {
  const { data: pairs } = useEstimatePairs();
  return computed(() => {
    if (netG.value <= 0) return null;
    const fullG = look.value ? fullCombG(look.value, detail().hive) : null;
    const usualG = usualCombG(detail(), pairs.value ?? []);
    const parts = [
      fullG ? tell('WeighUnit.full-one', { netG: percentOf(netG.value, fullG) }) : null,
      usualG ? usualSaid(netG.value, usualG) : null,
    ];
    const said = parts.filter((part) => part !== null).join(', ');
    return said ? tell('WeighUnit.that', { said }) : null;
  });
}
