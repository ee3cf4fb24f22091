import {
  handsOnMinutes,
  placesOf,
  takeInputOf,
  takeProgress,
  takeSteps,
  type BatchDetail,
  type HouseRules,
} from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { newId, serverNow } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { usePendingMarks } from './usePendingMarks.js';

/**
 * The work at one hive as it stands: steps from the core, done ones from the server, so that a
 * reload, another device or a restart changes nothing. `shown` may look back at an earlier step;
 * what is done now is always `at`.
 */
export function useTakeRun(
  detail: Ref<BatchDetail | undefined>,
  rules: Ref<HouseRules | undefined>,
  now: Ref<Date>,
) {
  const { go: send, busy, refusal: refused, fieldError } = useSend();
  const pending = usePendingMarks(
    computed(() => detail.value?.batch.id ?? null),
    computed(() => detail.value?.marks ?? []),
  );
  const go: typeof send = async (path, payload, said, ...how) => {
    await pending.flush();
    return send(path, payload, said, ...how);
  };
  /** The harvest with what was touched here and has not arrived yet. */
  const seen = computed(() => (detail.value ? { ...detail.value, marks: marks.value } : undefined));
  // Made once a harvest opens: taking a comb must not change what stands before and behind it.
  const day = computed(
    () =>
      detail.value?.marks[0]?.occurredAt ?? now.value.toISOString().slice(0, 13) + ':00:00.000Z',
  );
  const input = computed(() =>
    seen.value && rules.value ? takeInputOf(seen.value, rules.value, day.value) : null,
  );
  const marks = computed(() => {
    const known = detail.value?.marks ?? [];
    return [
      ...known,
      ...pending.marks.value.filter((p) => !known.some((m) => m.stepId === p.stepId)),
    ];
  });
  const progress = computed(() =>
    input.value
      ? takeProgress(takeSteps(input.value), { ...detail.value!, marks: marks.value }, rules.value!)
      : null,
  );
  const steps = computed(() => progress.value?.steps ?? []);
  const back = ref(0);
  const at = computed(() => progress.value?.index ?? 0);
  watch(at, () => (back.value = 0));
  const shown = computed(() => Math.max(0, at.value - back.value));
  const step = computed(() => steps.value[shown.value] ?? null);
  const places = computed(() => (detail.value ? placesOf(detail.value) : []));
  const combOf = (slot: number | undefined): string | null =>
    places.value.find((p) => p.slot === slot)?.combId ?? null;
  const markOf = (stepId: string) => marks.value.find((m) => m.stepId === stepId) ?? null;
  function mark(answer: Record<string, string | number | boolean> = {}): void {
    if (step.value && detail.value)
      pending.add(
        {
          id: newId(),
          batchId: detail.value.batch.id,
          stepId: step.value.id,
          answer,
          occurredAt: serverNow().toISOString(),
        },
        `${step.value.title}: done.`,
      );
  }
  const refusal = computed(() => pending.refusal.value ?? refused.value);
  const unmark = (): unknown => {
    const m = step.value && markOf(step.value.id);
    return m
      ? go(`/stepMarks/${m.id}/back`, {}, `${step.value!.title}: not done after all.`)
      : null;
  };
  const minutes = computed(() => (detail.value ? handsOnMinutes(detail.value, steps.value) : 0));
  return {
    input,
    seen,
    progress,
    steps,
    step,
    shown,
    at,
    back,
    places,
    combOf,
    markOf,
    mark,
    unmark,
    minutes,
    flush: pending.flush,
    go,
    busy,
    refusal,
    fieldError,
  };
}
