<script setup lang="ts">
import type { Range } from '@furrow/core';
import { computed } from 'vue';

/**
 * A range as it is: a bar from low to high, a tick at the best guess, on one axis that starts at 0.
 */
const props = defineProps<{ range: Range; max: number; width?: number }>();
const w = computed(() => props.width ?? 132);
const at = (v: number): number =>
  Math.round((Math.min(v, props.max) / (props.max || 1)) * w.value * 10) / 10;
</script>

<template>
  <svg :width="w" height="12" :viewBox="`0 0 ${w} 12`" aria-hidden="true">
    <path :d="`M0 6h${w}`" stroke="var(--lichen-3)" stroke-width="1.5" />
    <template v-if="range.high > 0">
      <path
        :d="`M${at(range.low)} 6H${at(range.high)}`"
        stroke="var(--ink)"
        stroke-width="6"
        stroke-opacity=".32"
      />
      <path :d="`M${at(range.mid)} 0v12`" stroke="var(--ink)" stroke-width="3" />
    </template>
    <circle v-else cx="3" cy="6" r="2.5" fill="var(--ink)" />
  </svg>
</template>
