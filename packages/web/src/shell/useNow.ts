import { onScopeDispose, ref } from 'vue';
import { onServerNow, serverNow } from '../server/client.js';

/** The server's time, refreshed every ten seconds and whenever the server was heard: it never ticks. */
export function useNow() {
  const now = ref(serverNow());
  const refresh = (): void => void (now.value = serverNow());
  const timer = setInterval(refresh, 10_000);
  const unhear = onServerNow(refresh);
  onScopeDispose(() => {
    clearInterval(timer);
    unhear();
  });
  return now;
}
