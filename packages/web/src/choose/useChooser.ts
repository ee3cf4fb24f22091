import { plainCopy } from '../parts/plainCopy';
import type { ChooseAnswer, ChooseRequest } from '@furrow/core';
import { proxy } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { chooserWorker } from '../workers/client.js';

/** How long a running proof may hold up a new question before its worker is ended. */
const PATIENCE_MS = 120;

/**
 * Asks the chooser whenever the question changes. `answer` is the latest; `good` the last one that
 * had a set, kept while a wish is impossible; `busy` while it is still being improved.
 */
export function useChooser(request: Ref<ChooseRequest | null>) {
  const answer = shallowRef<ChooseAnswer | null>(null);
  const good = shallowRef<ChooseAnswer | null>(null);
  const busy = ref(false);
  const failed = ref(false);
  let worker = chooserWorker();
  let running: Promise<unknown> | null = null;
  let turn = 0;
  /** Whether the worker answers; while it proves it cannot. */
  const isAwake = (): Promise<boolean> =>
    Promise.race([
      worker.api.isAwake(),
      new Promise<false>((held) => setTimeout(() => held(false), PATIENCE_MS)),
    ]);
  async function ask(): Promise<void> {
    const mine = ++turn;
    if (!request.value) return;
    // The touch is drawn first; copying the question for the worker comes after it.
    await new Promise((drawn) => setTimeout(drawn, 30));
    if (mine !== turn) return;
    const plain = plainCopy(request.value);
    if (running && !(await isAwake()) && mine === turn) {
      worker.end();
      worker = chooserWorker();
    }
    if (mine !== turn) return;
    busy.value = true;
    failed.value = false;
    const asked = worker.api.choose(
      plain,
      proxy((a: ChooseAnswer) => {
        if (mine !== turn) return;
        answer.value = a;
        if (a.sets.length) good.value = a;
      }),
    );
    running = asked.catch(() => null);
    try {
      await asked;
    } catch {
      if (mine === turn) failed.value = true;
    }
    if (mine === turn) {
      busy.value = false;
      running = null;
    }
  }
  watch(request, () => void ask(), { immediate: true });
  onScopeDispose(() => worker.end());
  return {
    answer,
    good,
    busy,
    failed,
    stop: () => {
      worker.end();
      worker = chooserWorker();
      running = null;
      turn++;
      busy.value = false;
    },
    again: () => void ask(),
  };
}
