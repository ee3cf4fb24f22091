import { tell } from '../words/tell.js';
import { winterBalance, type JudgedComb } from '@furrow/core';
import { computed, type Ref } from 'vue';

/** What open honey comes to once it is ripe: water leaves it, 60 % sugar becomes 82. */
const RIPE_SHARE_OF_OPEN = 0.6 / 0.82;
/** Above this share of caps a comb is drawn as a capped one, percent. */
const DRAWN_CAPPED_PERCENT = 60;

const broodIn = ({ seen }: JudgedComb): boolean =>
  (seen?.sides.A?.brood ?? 0) + (seen?.sides.B?.brood ?? 0) > 0;

/** The honey of combs, counted low, as it will stand in winter. */
const winterKg = (combs: readonly JudgedComb[]): number =>
  combs.reduce((sum, { estimate }) => {
    if (!estimate) return sum;
    return sum + estimate.cappedHoneyKg.low + estimate.openHoneyKg.low * RIPE_SHARE_OF_OPEN;
  }, 0);

/** What stays for the bees against what their winter needs: takes the combs, and which are lifted. */
export function useWinterSums(
  combs: Ref<readonly JudgedComb[]>,
  lifted: Ref<ReadonlySet<number>>,
  needKg: Ref<number | null>,
) {
  const balance = computed(() =>
    winterBalance(
      combs.value.map((j) => ({
        bar: j.slot,
        estimate: j.estimate,
        taken: lifted.value.has(j.slot),
        hasBrood: broodIn(j),
      })),
      needKg.value,
    ),
  );
  const stacks = computed(() => {
    const staying = combs.value.filter((j) => !lifted.value.has(j.slot) && j.estimate);
    const stores = staying.filter((j) => !broodIn(j));
    return [
      {
        label: tell('useWinterSums.nest'),
        kg: winterKg(staying.filter(broodIn)),
        pattern: 'brood',
      },
      ...stores.map((j) => ({
        label: j.label,
        kg: winterKg([j]),
        pattern: (j.verdict.cappedPercent ?? 0) > DRAWN_CAPPED_PERCENT ? 'capped' : 'open',
      })),
    ];
  });
  return { balance, stacks };
}
