import { tell } from '../words/tell.js';
import { type BarView, type Hive, hasComb } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId } from '../api/client.js';
import type { useSend } from '../api/useSend.js';
import { beginAlike, lookPayload, tellsOfOthers, type LookDraft } from './lookDraft.js';

/**
 * The combs of one box that look alike: read once, written down for all, and what differs is
 * touched afterwards.
 */
export function useWholeBox(
  hive: Ref<Hive>,
  here: Ref<BarView | null>,
  draft: Ref<LookDraft | null>,
  go: ReturnType<typeof useSend>['go'],
) {
  const alike = computed(() =>
    here.value?.boxId
      ? hive.value.bars.filter(hasComb).filter((b) => b.boxId === here.value?.boxId)
      : [],
  );
  /**
   * What the key says; null where there is no box to write down, or only the sides were not read.
   */
  const boxLabel = computed(() => {
    const d = draft.value;
    if (!d || alike.value.length < 2 || !tellsOfOthers(d)) return null;
    return tell('useWholeBox.all-this-box-look-like', { alike: alike.value.length });
  });
  async function writeBox(read: LookDraft): Promise<boolean> {
    const looks = alike.value.map((bar) =>
      lookPayload(bar.comb.id === read.combId ? read : beginAlike(read, hive.value, bar), newId()),
    );
    return Boolean(
      await go(
        '/looks/several',
        { looks },
        tell('useWholeBox.combs-written-down', { looks: looks.length }),
      ),
    );
  }
  return { boxLabel, writeBox };
}
