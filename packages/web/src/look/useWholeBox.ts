import type { BarView, Hive } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId } from '../server/client.js';
import type { useSend } from '../server/useSend.js';
import { beginDraft, lookPayload, type LookDraft } from './lookDraft.js';

/** The combs of one box that look alike: read once, written down for all, and what differs is touched afterwards. */
export function useWholeBox(
  hive: Ref<Hive | null>,
  here: Ref<BarView | null>,
  draft: Ref<LookDraft | null>,
  go: ReturnType<typeof useSend>['go'],
) {
  const alike = computed(() =>
    hive.value && here.value?.boxId
      ? hive.value.bars.filter((b) => b.boxId === here.value!.boxId && b.comb)
      : [],
  );
  /** What the key says; null where there is no box to write down, or only the sides were not read. */
  const boxLabel = computed(() => {
    const d = draft.value;
    if (!d || alike.value.length < 2 || (!d.A && !d.B)) return null;
    return `All ${alike.value.length} of this box look like this`;
  });
  async function writeBox(): Promise<boolean> {
    const d = draft.value!;
    const looks = alike.value.map((bar) => {
      if (bar.comb!.id === d.combId) return lookPayload(d, newId());
      // Only what was seen in general is said of the others: no cells, no photo, no sample, no measures.
      const other = { ...beginDraft(hive.value!, bar), A: d.A, B: d.B, attachment: d.attachment };
      return lookPayload({ ...other, seenBy: d.seenBy }, newId());
    });
    return Boolean(await go('/looks/several', { looks }, `${looks.length} combs written down.`));
  }
  return { boxLabel, writeBox };
}
