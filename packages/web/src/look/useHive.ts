import { failureOf } from '../api/failure';
import { type Hive, type JudgedComb, judgeHiveAt } from '@furrow/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { serverNow } from '../api/client.js';
import { useHives, useRules } from '../api/queries.js';

/** The hive in the address, or the first there is; judged under the rules in force. */
export function useHive() {
  const route = useRoute();
  const hives = useHives();
  const rules = useRules();
  const hive = computed<Hive | null>(() => {
    const all = hives.data.value ?? [];
    return all.find((h) => h.id === route.params.id) ?? (route.params.id ? null : (all[0] ?? null));
  });
  const combs = computed(() =>
    (hive.value?.bars ?? []).flatMap((b) => (b.comb ? [{ slot: b.slot, combId: b.comb.id }] : [])),
  );
  const judged = computed<JudgedComb[]>(() =>
    hive.value && rules.data.value
      ? judgeHiveAt(hive.value, rules.data.value.rules, serverNow().toISOString())
      : [],
  );
  return {
    hives: hives.data,
    hive,
    combs,
    judged,
    rules: computed(() => rules.data.value?.rules ?? null),
    rulesVersion: computed(() => rules.data.value?.version ?? 1),
    /** Whether newer looks may be on their way. */
    fetching: hives.isFetching,
    loading: computed(() => hives.isLoading.value || rules.isLoading.value),
    error: failureOf(hives, rules),
    retry: () => void Promise.all([hives.refetch(), rules.refetch()]),
  };
}
