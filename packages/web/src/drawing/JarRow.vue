<script setup lang="ts">
import { netVolumeMl } from '@furrow/core';
import { computed } from 'vue';

/**
 * Jars side by side, to one scale by their net weight (a cylinder 1.2 times as high as wide),
 * closer where there are many; `planned` ones are only outlined.
 */
const props = withDefaults(
  defineProps<{
    count: number;
    netG: number;
    moisturePercent: number;
    widthPx?: number;
    planned?: boolean;
  }>(),
  { widthPx: 250, planned: false },
);
const high = computed(
  () =>
    Math.cbrt((netVolumeMl(props.netG, props.moisturePercent) * 1000 * 4 * 1.44) / Math.PI) * 0.62,
);
const shown = computed(() => Math.min(props.count, 24));
const step = computed(() =>
  Math.min(high.value / 1.2 + 3, (props.widthPx - 60) / Math.max(1, shown.value - 1)),
);
</script>

<template>
  <svg :width="step * (shown - 1) + high / 1.2 + 5" height="82" aria-hidden="true">
    <g v-for="i in shown" :key="i" :transform="`translate(${(i - 1) * step + 2} ${78 - high})`">
      <rect
        :width="high / 1.2"
        :height="high"
        rx="5"
        :fill="planned ? 'var(--lime-0)' : 'var(--open)'"
        stroke="var(--ink)"
        stroke-width="1.5"
        :stroke-dasharray="planned ? '5 4' : undefined"
      />
      <rect
        x="3"
        y="-6"
        :width="high / 1.2 - 6"
        height="8"
        fill="var(--wood)"
        stroke="var(--ink)"
      />
    </g>
  </svg>
</template>
