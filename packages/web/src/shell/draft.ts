import { ref, watch, type Ref } from 'vue';

const isRecord = (x: unknown): x is Record<string, unknown> =>
  typeof x === 'object' && x !== null && !Array.isArray(x);
/** What was stored before a field was thought of stands with that field as it begins. */
const completed = (stored: unknown, initial: unknown): unknown =>
  isRecord(stored) && isRecord(initial) ? { ...initial, ...stored } : stored;

/**
 * A draft that survives reload: what was typed is kept in this browser until it is written down.
 */
export function useDraft<T>(key: string, initial: () => T): { draft: Ref<T>; clear: () => void } {
  const name = `furrow.draft.${key}`;
  const stored = localStorage.getItem(name);
  let value: T = initial();
  if (stored) {
    try {
      value = completed(JSON.parse(stored), value) as T;
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
