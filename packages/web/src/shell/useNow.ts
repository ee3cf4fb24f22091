import { onScopeDispose, ref } from 'vue';
import { onServerNow, serverNow, serverSpeed } from '../api/client.js';

/**
 * The server's time, refreshed every ten seconds and whenever the server was heard: it never ticks.
 */
export function useNow() {
  const now = ref(serverNow());
  let last = Date.now();
  const refresh = (): void => {
    last = Date.now();
    now.value = serverNow();
  };
  // A fast clock, in rehearsals, is looked at more often.
  const timer = setInterval(() => {
    if (serverSpeed() > 1 || Date.now() - last >= 9_500) refresh();
  }, 1_000);
  const unhear = onServerNow(refresh);
  onScopeDispose(() => {
    clearInterval(timer);
    unhear();
  });
  return now;
}
