import { tell } from '../words/tell.js';
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
export function useTakeRun(detail: Ref<BatchDetail>, rules: Ref<HouseRules>, now: Ref<Date>) {
  const { go, busy, refusal: refused, fieldError } = useSend();
  const pending = usePendingMarks(computed(() => detail.value.batch.id));
  /** The harvest with what was touched here and has not arrived yet. */
  const seen = computed(() => ({ ...detail.value, marks: marks.value }));
  // Made once a harvest opens: taking a comb must not change what stands before and behind it.
  const day = computed(
    () => detail.value.marks[0]?.occurredAt ?? `${now.value.toISOString().slice(0, 13)}:00:00.000Z`,
  );
  const marks = computed(() => {
    const known = detail.value.marks;
    return [
      ...known,
      ...pending.marks.value.filter((p) => !known.some((m) => m.stepId === p.stepId)),
    ];
  });
  const progress = computed(() =>
    takeProgress(
      takeSteps(takeInputOf(seen.value, rules.value, day.value)),
      seen.value,
      rules.value,
    ),
  );
  const steps = computed(() => progress.value.steps);
  const back = ref(0);
  const at = computed(() => progress.value.index);
  watch(at, () => (back.value = 0));
  const shown = computed(() => Math.max(0, at.value - back.value));
  const step = computed(() => steps.value[shown.value]);
  const places = computed(() => placesOf(detail.value));
  const combOf = (slot: number | undefined): string | null =>
    places.value.find((p) => p.slot === slot)?.combId ?? null;
  /** The combs of some places; a place whose comb is gone has none. */
  const combsOf = (slots: readonly number[] = []): string[] =>
    slots.flatMap((slot) => combOf(slot) ?? []);
  const markOf = (stepId: string) => marks.value.find((m) => m.stepId === stepId) ?? null;
  function mark(answer: Record<string, string | number | boolean> = {}): void {
    const { id: stepId, title } = step.value;
    const occurredAt = serverNow().toISOString();
    const batchId = detail.value.batch.id;
    void pending.add(
      { id: newId(), batchId, stepId, answer, occurredAt },
      tell('useTakeRun.done', { title }),
    );
  }
  const refusal = computed(() => pending.refusal.value ?? refused.value);
  const unmark = (): unknown => {
    const kept = markOf(step.value.id);
    if (!kept) return null;
    return go(
      `/stepMarks/${kept.id}/back`,
      {},
      tell('useTakeRun.not-done-after-all', { title: step.value.title }),
    );
  };
  const minutes = computed(() => handsOnMinutes(detail.value, steps.value));
  return {
    seen,
    progress,
    steps,
    step,
    shown,
    at,
    back,
    places,
    combOf,
    combsOf,
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
