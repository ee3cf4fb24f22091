import { useQueryClient } from '@tanstack/vue-query';
import { computed, onScopeDispose, ref, type ComputedRef, type Ref } from 'vue';
import { useAwaySince } from './away.js';
import { Refused } from './client.js';

/** A read, as far as it says whether it failed, and whether it ever answered. */
interface Read {
  isLoadingError: Ref<boolean>;
  error: Ref<Error | null>;
}

/** Whether the house answered, and said no: what was asked for is not there, or not for this one. */
const isAnswer = (error: Error | null): boolean =>
  error instanceof Refused && error.status >= 400 && error.status < 500;

/**
 * Why a screen has nothing to show: the first of its reads that was refused, or that failed without
 * ever having answered. One that answered before and fails now takes nothing away: what it said
 * stands, and so does what was typed beside it; how old it is, the strip says (`useStandsSince`).
 */
export const failureOf = (...reads: readonly Read[]): ComputedRef<Error | null> =>
  computed(() => {
    const failed = reads.find(
      ({ error, isLoadingError }) => isLoadingError.value || isAnswer(error.value),
    );
    return failed?.error.value ?? null;
  });

/**
 * Since when what is on the screen was not read anew, in milliseconds of this device: the oldest
 * answer of those whose latest read failed; null where all is as it was last asked for.
 */
export function useStandsSince(): Ref<number | null> {
  const cache = useQueryClient().getQueryCache();
  const since = ref<number | null>(null);
  const look = (): void => {
    const old = cache
      .findAll({ type: 'active' })
      .map((query) => query.state)
      .filter(({ status, data, error }) => status === 'error' && data && !isAnswer(error))
      .map(({ dataUpdatedAt }) => dataUpdatedAt);
    since.value = old.length ? Math.min(...old) : null;
  };
  onScopeDispose(cache.subscribe(look));
  look();
  return since;
}

/** How often what could not be read anew is asked for again while the house is there, ms. */
const AGAIN_MS = 5000;
/**
 * Asks again as long as something on the screen is older than it should be although the house
 * answers: a read may break off in the very moment in which the house comes back.
 */
export function useReadAgain(refresh: () => Promise<void>): void {
  const since = useStandsSince();
  const again = setInterval(() => {
    if (since.value !== null && useAwaySince().value === null) void refresh();
  }, AGAIN_MS);
  onScopeDispose(() => clearInterval(again));
}
