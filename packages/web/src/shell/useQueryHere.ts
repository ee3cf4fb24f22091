import { onScopeDispose } from 'vue';
import { onBeforeRouteLeave, useRoute, useRouter, type LocationQueryRaw } from 'vue-router';

/**
 * Changes the query of the screen one is on: what is in view stands in the address. Where the
 * person is on the way to another screen already, nothing is changed: an answer that comes late
 * must not call them back.
 */
export function useQueryHere(): (query: LocationQueryRaw) => void {
  const route = useRoute();
  const router = useRouter();
  let isLeaving = false;
  onBeforeRouteLeave(() => {
    isLeaving = true;
  });
  // Stopped on the way, such as by a question, they are still here.
  onScopeDispose(router.afterEach(() => void (isLeaving = false)));
  return (query) => {
    if (!isLeaving) void router.replace({ path: route.path, query });
  };
}
