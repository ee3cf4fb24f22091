import { onScopeDispose, ref, watch, type Ref } from 'vue';

/**
 * Width of an element in pixels, followed as it changes; the element may come and go (loading,
 * empty states).
 */
export function useWidth(element: Ref<HTMLElement | null>, initial = 840): Ref<number> {
  const width = ref(initial);
  let observer: ResizeObserver | null = null;
  watch(
    element,
    (now) => {
      observer?.disconnect();
      observer = null;
      if (!now || typeof ResizeObserver === 'undefined') return;
      width.value = now.clientWidth || initial;
      observer = new ResizeObserver(([entry]) => (width.value = entry.contentRect.width));
      observer.observe(now);
    },
    { flush: 'post' },
  );
  onScopeDispose(() => observer?.disconnect());
  return width;
}
