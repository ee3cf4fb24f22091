import { computed, ref, watch, type Ref } from 'vue';

/**
 * Whether a wait may be cut short: the first key that would do so asks, the second goes on, and for
 * the rest of the visit nobody is asked again. Takes whether a wait runs.
 */
export function useSkip(waits: Ref<boolean>) {
  const asked = ref(false);
  const agreed = ref(false);
  /** The question stands there. */
  const asks = computed(() => waits.value && asked.value && !agreed.value);
  // A wait that ended by itself leaves no answer behind: the next one asks.
  watch(waits, (running) => {
    if (!running) asked.value = false;
  });
  /** Called by the key that goes on: whether it may. */
  function mayGoOn(): boolean {
    if (!waits.value || agreed.value) return true;
    agreed.value = asked.value;
    asked.value = true;
    return agreed.value;
  }
  return { asks, mayGoOn };
}
