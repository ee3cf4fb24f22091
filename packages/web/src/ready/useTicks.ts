import { tell } from '../words/tell.js';
import type { BringLine, OpenPlans, Tick } from '@furrow/core';
import { computed, ref, type Ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

const TICK_WORDS: Partial<Record<string, string>> = {
  missing: tell('useTicks.noted-as-missing'),
  have: tell('useTicks.ticked-off'),
};

/**
 * Ticks of the list: they show at once and go to the server, so that phone and table see the same.
 */
export function useTicks(open: Ref<OpenPlans | undefined>) {
  const { go, refusal } = useSend();
  const waiting = ref<Record<string, Tick['state']>>({});
  /** A list over several harvests keeps its ticks with the first of them. */
  const batchId = computed(() => open.value?.details[0]?.batch.id ?? null);
  const ticks = computed<Tick[]>(() => {
    const known = (open.value?.ticks ?? []).filter((t) =>
      open.value!.details.some((d) => d.batch.id === t.batchId),
    );
    const fresh = Object.entries(waiting.value).map(([line, state]): Tick => ({
      id: line,
      batchId: batchId.value ?? '',
      line,
      state,
    }));
    return [...fresh, ...known.filter((t) => !(t.line in waiting.value))];
  });
  /**
   * One after the other: a command has one id until it is answered, and quick fingers must not
   * share it.
   */
  let queue: Promise<void> = Promise.resolve();
  function tick(line: BringLine, state: Tick['state']): void {
    if (!batchId.value) return;
    waiting.value = { ...waiting.value, [line.id]: state };
    queue = queue.then(() => write(line, state));
  }
  async function write(line: BringLine, state: Tick['state']): Promise<void> {
    const known = (open.value?.ticks ?? []).find(
      (t) => t.line === line.id && open.value!.details.some((d) => d.batch.id === t.batchId),
    );
    await go(
      '/ticks',
      { id: newId(), batchId: known?.batchId ?? batchId.value, line: line.id, state },
      TICK_WORDS[state] ?? tell('useTicks.tick-taken-back'),
    );
    if (waiting.value[line.id] !== state) return;
    const { [line.id]: _done, ...rest } = waiting.value;
    waiting.value = rest;
  }
  return { ticks, tick, refusal };
}
