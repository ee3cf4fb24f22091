import { ref, watch, type Ref } from 'vue';

/** A draft that survives reload: what was typed is kept in this browser until it is written down. */
export function useDraft<T>(key: string, initial: () => T): { draft: Ref<T>; clear: () => void } {
  const name = `furrow.draft.${key}`;
  const stored = localStorage.getItem(name);
  let value: T = initial();
  if (stored) {
    try {
      value = JSON.parse(stored) as T;
    } catch {
      localStorage.removeItem(name);
    }
  }
  const draft = ref(value) as Ref<T>;
  const stop = watch(draft, (now) => localStorage.setItem(name, JSON.stringify(now)), {
    deep: true,
  });
  return {
    draft,
    clear: () => {
      stop();
      localStorage.removeItem(name);
    },
  };
}
