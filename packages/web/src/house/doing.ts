import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { ask } from '../server/client.js';

/** What another screen does just now. */
export interface Doing {
  by: string;
  batchId: string;
  step: string;
}
interface Heard extends Doing {
  heardAt: number;
}

/** It is told again while it lasts, and forgotten soon after it was told last. */
const TELL_MS = 20_000;
const FORGET_MS = 45_000;
const heard = ref<Heard[]>([]);

/** Keeps what another screen said it does; the last word of each counts. */
export function hearDoing(doing: Doing): void {
  const others = heard.value.filter((each) => each.by !== doing.by);
  heard.value = [...others, { ...doing, heardAt: Date.now() }];
}

/** Tells the others which step of a harvest is in view here, and gives who else has it in view. */
export function useDoing(batchId: Ref<string | null>, step: Ref<string | null>): Ref<string[]> {
  const tell = (): void => {
    if (!batchId.value || !step.value || document.hidden) return;
    // Whether the others hear of it changes nothing here.
    void ask('/house/doing', { batchId: batchId.value, step: step.value }).catch(() => undefined);
  };
  const others = ref<string[]>([]);
  const look = (): void => {
    const since = Date.now() - FORGET_MS;
    others.value = heard.value
      .filter((d) => d.heardAt > since && d.batchId === batchId.value && d.step === step.value)
      .map((d) => d.by);
  };
  watch([batchId, step], tell, { immediate: true });
  watch([heard, batchId, step], look, { immediate: true });
  const telling = setInterval(tell, TELL_MS);
  const looking = setInterval(look, 5000);
  onScopeDispose(() => {
    clearInterval(telling);
    clearInterval(looking);
  });
  return others;
}
