<script setup lang="ts">
import type { WayOrLeave } from '@furrow/core';

/**
 * A way as a small drawing of the work: the knife's lines, a bed over a bucket, a slice, a press, a
 * tilted frame, pots. Words stand beside it.
 */
withDefaults(defineProps<{ way: WayOrLeave; size?: number; x?: number; y?: number }>(), {
  size: 34,
  x: 0,
  y: 0,
});
</script>

<template>
  <svg :x="x" :y="y" :width="size" :height="size" viewBox="0 0 34 34" aria-hidden="true">
    <g fill="none" stroke="var(--ink)" stroke-width="1.6" stroke-linejoin="round">
      <template v-if="way === 'cut' || way === 'chunk'">
        <path d="M4 7h26l-4 18H8Z" fill="url(#p-capped)" />
        <path
          v-if="way === 'cut'"
          d="M13 5v22M21 5v22M5 16h24"
          stroke="var(--lime-0)"
          stroke-width="4"
        />
        <path v-if="way === 'cut'" d="M13 4v24M21 4v24M4 16h26" stroke-dasharray="4 2.5" />
        <path v-else d="M10 5h14v4l2 3v18H8V12l2-3ZM13 14h8v13h-8Z" fill="var(--lime-0)" />
      </template>
      <template v-else-if="way === 'crush' || way === 'slice'">
        <path d="M7 3h20l-2 12H9Z" fill="url(#p-open)" />
        <path
          v-if="way === 'slice'"
          d="M12 3l-1 12M17 3v12M22 3l1 12"
          stroke="var(--lime-0)"
          stroke-width="2.5"
        />
        <path d="M17 17v4" />
        <path d="M8 22h18l-1.5 9h-15Z" fill="var(--lime-0)" />
        <path d="M9 27h16l-.7 4H9.7Z" fill="url(#p-capped)" />
      </template>
      <template v-else-if="way === 'press' || way === 'drip-press'">
        <path d="M8 16h18v12H8Z" fill="url(#p-open)" />
        <path d="M8 12h18v4H8ZM17 3v9M11 3h12" />
        <path d="M4 31h26" />
        <path v-if="way === 'drip-press'" d="M17 28v3" />
      </template>
      <template v-else-if="way === 'drain-hive' || way === 'drain-off'">
        <path d="M4 8l20-4 3 14-20 4Z" fill="url(#p-capped)" />
        <path d="M24 19l2 6" />
        <path d="M20 25h11v7H20Z" fill="var(--lime-0)" />
        <path v-if="way === 'drain-off'" d="M2 27h14l-2 4H4Z" />
      </template>
      <template v-else-if="way === 'cut-pots'">
        <ellipse cx="10" cy="12" rx="6" ry="7" fill="url(#p-capped)" />
        <ellipse cx="22" cy="13" rx="5" ry="6" fill="url(#p-capped)" />
        <path d="M3 24h22l6-4M5 29h24" />
      </template>
      <template v-else-if="way === 'draw-pots'">
        <ellipse cx="10" cy="12" rx="6" ry="7" fill="url(#p-capped)" />
        <ellipse cx="22" cy="13" rx="5" ry="6" fill="url(#p-capped)" />
        <path d="M10 6c4-6 18-4 18 8v16M24 30h8" />
      </template>
      <template v-else>
        <path d="M3 8h28M3 8v20h28V8" />
        <path d="M8 9v15M14 9v16M20 9v16M26 9v15" stroke-width="3.4" stroke="var(--ink-3)" />
      </template>
    </g>
  </svg>
</template>
