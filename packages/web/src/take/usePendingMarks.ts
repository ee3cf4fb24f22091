import { tell } from '../words/tell.js';
import { fromStorage } from '../parts/fromStorage';
import { z } from 'zod';
import type { StepMark } from '@furrow/core';
import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import { Refused, newId, send } from '../api/client.js';
import { useRefresh } from '../api/queries.js';
import { useUi } from '../shell/ui.js';

interface PendingMark {
  mark: StepMark;
  commandId: string;
  said: string;
}
const pendingMarks = z.array(z.custom<PendingMark>());
const RETRY_MS = 4_000;

/**
 * Steps touched on this device that the server has not confirmed yet. The next step stands at once;
 * touches are sent one after the other in their order, kept over a reload, and sent again after a
 * gap in the connection. A refusal takes back what was not sent and says why. Takes the harvest's
 * id and the marks the server has told of.
 */
export function usePendingMarks(batchId: Ref<string | null>, known: Ref<readonly StepMark[]>) {
  const refresh = useRefresh();
  const ui = useUi();
  const waiting = ref<PendingMark[]>([]);
  /** Confirmed, but not yet in what was read from the server: they stand until it tells of them. */
  const confirmed = ref<StepMark[]>([]);
  watch([known, confirmed], ([told, list]) => {
    const left = list.filter((m) => !told.some((k) => k.id === m.id));
    if (left.length < list.length) confirmed.value = left;
  });
  const refusal = ref<Refused | null>(null);
  const key = (): string => `furrow.take.pending.${batchId.value}`;
  const keep = (): void =>
    waiting.value.length
      ? localStorage.setItem(key(), JSON.stringify(waiting.value))
      : localStorage.removeItem(key());
  let sending = false;
  async function sendAll(): Promise<void> {
    if (sending || !waiting.value.length) return;
    sending = true;
    refusal.value = null;
    try {
      while (waiting.value.length) {
        const [
          {
            mark: { occurredAt, ...payload },
            commandId,
            said,
          },
        ] = waiting.value;
        await send('/stepMarks', payload, { occurredAt, commandId });
        confirmed.value = [...confirmed.value, waiting.value[0].mark];
        waiting.value = waiting.value.slice(1);
        keep();
        ui.say(said, commandId);
      }
      await refresh();
    } catch (error) {
      refusal.value =
        error instanceof Refused
          ? error
          : new Refused(0, 'unexpected', tell('usePendingMarks.this-did-not-arrive-it'), null);
      // What was refused stays undone; what did not arrive waits, and what no house answered.
      if (refusal.value.isFinal) {
        waiting.value = [];
        keep();
      }
      await refresh();
    } finally {
      sending = false;
    }
    // A touch while the answer was read.
    if (waiting.value.length && !refusal.value) void sendAll();
  }
  watch(
    batchId,
    (id) => {
      waiting.value = (id && fromStorage(key(), pendingMarks)) || [];
      void sendAll();
    },
    { immediate: true },
  );
  const timer = setInterval(() => void sendAll(), RETRY_MS);
  onScopeDispose(() => clearInterval(timer));
  return {
    marks: computed(() => [...confirmed.value, ...waiting.value.map((w) => w.mark)]),
    refusal,
    /**
     * Done when nothing waits any more, or cannot go out now: what builds on a step is sent after
     * it.
     */
    flush: async (): Promise<void> => {
      for (let i = 0; i < 100 && waiting.value.length && !refusal.value; i++)
        await new Promise((done) => setTimeout(done, 50));
    },
    add: (mark: StepMark, said: string): void => {
      waiting.value = [...waiting.value, { mark, commandId: newId(), said }];
      keep();
      void sendAll();
    },
  };
}
