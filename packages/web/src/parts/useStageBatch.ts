import { failureOf } from '../api/failure';
import type { Batch, BatchDetail, Stage } from '@furrow/core';
import { computed, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import { useHarvest, useHarvests } from '../api/queries.js';

/**
 * The harvest a stage shows: the one in the address, else the first one at this stage, else one
 * that is on its way and has been here; in the book also a closed one. Null where there is none,
 * which every stage says in its own words.
 */
export function useStageBatch(
  stage: Stage,
  fits: (batch: Batch) => boolean,
  /** Whether one that is done is shown, too, such as where it stands on the shelf. */
  isClosedToo: () => boolean = () => stage === 'book',
): {
  id: ComputedRef<string | null>;
  detail: ComputedRef<BatchDetail | undefined>;
  loading: ComputedRef<boolean>;
  error: ComputedRef<Error | null>;
  retry: () => void;
} {
  const route = useRoute();
  const harvests = useHarvests();
  const id = computed(() => {
    if (route.params.id) return String(route.params.id);
    const all = harvests.data.value ?? [];
    return (
      (
        all.find((b) => b.stage === stage && !b.closedAt) ??
        all.find((b) => fits(b) && !b.closedAt) ??
        // What is done stands in the book; a bench with nothing on it says so.
        (isClosedToo() ? all.find(fits) : undefined) ??
        (stage === 'book' ? all[0] : undefined)
      )?.id ?? null
    );
  });
  const harvest = useHarvest(id);
  return {
    id,
    detail: computed(() => harvest.data.value),
    loading: computed(
      () => harvests.isLoading.value || (id.value !== null && harvest.isLoading.value),
    ),
    error: failureOf(harvests, harvest),
    retry: () => void Promise.all([harvests.refetch(), harvest.refetch()]),
  };
}
