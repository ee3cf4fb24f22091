import { massRangeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { dateText } from '../shell/times.js';
import {
  hiveKind,
  judgeBox,
  sumRanges,
  type Hive,
  type HouseRules,
  type JudgedComb,
} from '@furrow/core';

import { computed, type Ref } from 'vue';
import type { useRipening } from './useRipening.js';

type Ripening = Pick<
  ReturnType<typeof useRipening>,
  'scan' | 'comeBackOf' | 'lastBar' | 'nextRipe' | 'supers'
>;

/** Where whole boxes are taken, each judged from its combs; those without one have nothing to say. */
function boxVerdicts(hive: Hive, judged: readonly JudgedComb[], rules: HouseRules) {
  if (hiveKind(hive.kind).unitTaken !== 'box') return [];
  return [...hive.boxes].reverse().flatMap((box) => {
    const combs = judged.filter((j) => j.boxId === box.carrierId);
    if (!combs.length) return [];
    const read = combs.flatMap((j) => (j.estimate ? [j.estimate.honeyKg] : []));
    const kg = read.length ? massRangeText(sumRanges(read), rules.units) : '';
    return [{ number: box.number, ...judgeBox(combs), kg }];
  });
}

/** What a hive says as a whole, beside its combs: from the back, box by box, what ripens next. */
export function useHiveSays(
  hive: Ref<Hive>,
  rules: Ref<HouseRules>,
  judged: Ref<readonly JudgedComb[]>,
  { scan, comeBackOf, lastBar, nextRipe, supers }: Ripening,
) {
  /** The days from which combs that are not ripe may be, the first one first. */
  const ripeFrom = computed(() =>
    hive.value.bars
      .flatMap(({ comb }) => {
        const own = judged.value.find((j) => comb && j.combId === comb.id);
        return comb && own?.verdict.decidedBy === 'ripe' ? (comeBackOf(comb)?.date ?? []) : [];
      })
      .sort(),
  );
  /** Where none passes from the back: the first day on which one may, or when to look again. */
  const scanBack = computed(() => {
    if (scan.value?.first) return '';
    const [day] = ripeFrom.value;
    return day
      ? tell('useHiveSays.come-back-from', { day: dateText(day) })
      : tell('useHiveSays.look-again-in-days', { lookAgainDays: rules.value.lookAgainDays });
  });
  return computed(() => ({
    scan: judged.value.some((j) => j.seen) ? scan.value : null,
    scanBack: scanBack.value,
    lastBar: lastBar.value,
    nextRipe: nextRipe.value,
    boxes: boxVerdicts(hive.value, judged.value, rules.value),
    supers: supers.value,
  }));
}
