import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import type { BringLine, OpenPlans, Tick } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId } from '../api/client.js';
import { keepEntry, refusalAmong } from '../api/outbox.js';

const TICK_WORDS = {
  missing: 'useTicks.noted-as-missing',
  have: 'useTicks.ticked-off',
  open: 'useTicks.tick-taken-back',
} as const satisfies Record<Tick['state'], string>;

/**
 * Ticks of the list: they show at once, wait on this device where the house is out of reach, and go
 * there in their order, so that phone and table see the same.
 */
export function useTicks(open: Ref<OpenPlans | undefined>) {
  /** A list over several harvests keeps its ticks with the first of them. */
  const batchId = computed(() => open.value?.details[0]?.batch.id ?? null);
  const isOfOpen = (tick: Tick): boolean =>
    open.value!.details.some((d) => d.batch.id === tick.batchId);
  const ticks = computed<Tick[]>(() => (open.value?.ticks ?? []).filter(isOfOpen));
  function tick(line: BringLine, state: Tick['state']): void {
    const known = ticks.value.find((t) => t.line === line.id);
    const at = known?.batchId ?? batchId.value;
    if (!at) return;
    void keepEntry(
      { path: '/ticks', placeId: null },
      '/ticks',
      { id: newId(), batchId: at, line: line.id, state },
      { commandId: newId(), said: tell(TICK_WORDS[state], { line: said(line.text) }) },
    );
  }
  const refusal = computed(() => refusalAmong(({ entry }) => entry.path === '/ticks'));
  return { ticks, tick, refusal };
}
