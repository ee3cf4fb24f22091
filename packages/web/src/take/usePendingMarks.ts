import type { StepMark, WaitingEntry } from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId } from '../api/client.js';
import { keepEntry, outbox, refusalAmong, settleOutbox } from '../api/outbox.js';
import type { OutboxEntry } from '../api/outboxEntry.js';

type MarkEntry = OutboxEntry & { entry: Extract<WaitingEntry, { path: '/stepMarks' }> };
const isMark = (kept: OutboxEntry): kept is MarkEntry => kept.entry.path === '/stepMarks';

/**
 * Steps touched on this device that the house has not told of yet. The next step stands at once;
 * touches wait on the device in their order, over a reload and a gap in the connection. A refused
 * one counts no more, and says why. Takes the harvest's id.
 */
export function usePendingMarks(batchId: Ref<string | null>) {
  const kept = computed(() =>
    outbox.value.filter(isMark).filter(({ entry }) => entry.payload.batchId === batchId.value),
  );
  return {
    marks: computed<StepMark[]>(() =>
      kept.value
        .filter(({ state }) => state !== 'refused')
        .map(({ entry: { payload, occurredAt } }) => ({ ...payload, occurredAt })),
    ),
    refusal: computed(() =>
      refusalAmong((each) => isMark(each) && each.entry.payload.batchId === batchId.value),
    ),
    /** Done when nothing waits any more, or cannot go out now: what builds on a step follows it. */
    flush: settleOutbox,
    add: ({ occurredAt, ...payload }: StepMark, said: string): Promise<void> =>
      keepEntry({ path: '/stepMarks', placeId: null }, '/stepMarks', payload, {
        commandId: newId(),
        said,
        occurredAt,
      }),
  };
}
