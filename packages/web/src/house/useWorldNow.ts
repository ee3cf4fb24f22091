import { onScopeDispose, ref, type Ref } from 'vue';

const EVERY_MS = 10_000;

/**
 * The world's time, looked at now and then: who is let in goes by it, also where the household
 * rehearses another day.
 */
export function useWorldNow(): Ref<Date> {
  const now = ref(new Date());
  const timer = setInterval(() => (now.value = new Date()), EVERY_MS);
  onScopeDispose(() => clearInterval(timer));
  return now;
}
