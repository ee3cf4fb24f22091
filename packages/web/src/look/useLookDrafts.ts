import { hasComb, type BarView, type Hive } from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { fromStorage, isRecord } from '../parts/fromStorage.js';
import { asDraft, beginDraft, type LookDraft } from './lookDraft.js';

const KEPT_AS = 'furrow.draft.looks';

/** Looks that were begun on this device and not written down, by comb: one may stand at each. */
export function useLookDrafts(hive: Ref<Hive>, here: Ref<BarView | null>) {
  const drafts = ref<Record<string, LookDraft>>(
    (fromStorage(KEPT_AS, isRecord) as Record<string, LookDraft> | null) ?? {},
  );
  watch(drafts, (all) => localStorage.setItem(KEPT_AS, JSON.stringify(all)), { deep: true });
  /** The one of the comb in hand; what was kept by an older Furrow has what came since. */
  const draft = computed<LookDraft | null>(() => {
    const bar = here.value;
    if (!bar || !hasComb(bar)) return null;
    const kept = drafts.value[bar.comb.id];
    return kept ? asDraft(kept, beginDraft(hive.value, bar)) : null;
  });
  return { drafts, draft };
}
