import { tell } from '../words/tell.js';
import { onMounted, onScopeDispose, ref } from 'vue';

/** Keeps the screen awake while a stage is open, where the browser can; says so where it cannot. */
export function useAwake() {
  const says = ref<string | null>(null);
  let lock: WakeLockSentinel | null = null;
  async function hold(): Promise<void> {
    if (document.visibilityState !== 'visible') return;
    try {
      if (!('wakeLock' in navigator)) throw new Error('none');
      lock = await navigator.wakeLock.request('screen');
      says.value = null;
    } catch {
      says.value = tell('useAwake.this-browser-lets-screen-go');
    }
  }
  const again = (): void => void hold();
  onMounted(() => {
    void hold();
    document.addEventListener('visibilitychange', again);
  });
  onScopeDispose(() => {
    document.removeEventListener('visibilitychange', again);
    void lock?.release();
  });
  return { says };
}
