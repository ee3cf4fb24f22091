import { ref, watch, type Ref } from 'vue';

/** Whether something is true, or was once: what was brought for it then stays. */
export function everTrue(is: () => boolean): Readonly<Ref<boolean>> {
  const ever = ref(is());
  watch(is, (now) => (ever.value ||= now), { flush: 'sync' });
  return ever;
}
