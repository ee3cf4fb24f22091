<script setup lang="ts">
import { tell } from '../words/tell.js';
import { labelPlace, type LabelSheet } from '@furrow/core';
import { computed } from 'vue';

/**
 * A sheet of labels to scale; a label is touched where the print begins. Used ones are hatched,
 * those to print filled.
 */
const props = defineProps<{ sheet: LabelSheet; startAt: number; count: number; s: number }>();
const emit = defineEmits<{ start: [index: number] }>();
const perSheet = computed(() => props.sheet.columns * props.sheet.rows);
const places = computed(() =>
  Array.from({ length: perSheet.value }, (_, i) => ({ i, ...labelPlace(props.sheet, i) })),
);
function state(i: number): 'used' | 'print' | 'free' {
  if (i < props.startAt) return 'used';
  return i < props.startAt + props.count ? 'print' : 'free';
}
</script>

<template>
  <svg
    :width="sheet.paperWidthMm * s"
    :height="sheet.paperHeightMm * s"
    :viewBox="`0 0 ${sheet.paperWidthMm} ${sheet.paperHeightMm}`"
    role="group"
    :aria-label="tell('LabelSheetFace.sheet-touch-first-free-label')"
  >
    <rect
      x="0.5"
      y="0.5"
      :width="sheet.paperWidthMm - 1"
      :height="sheet.paperHeightMm - 1"
      fill="#fffdf7"
      stroke="var(--ink)"
      stroke-width="1"
    />
    <g
      v-for="p in places"
      :key="p.i"
      role="button"
      tabindex="0"
      :aria-label="tell('LabelSheetFace.begin-at-label', { i: p.i + 1 })"
      :aria-pressed="p.i === startAt"
      @click="emit('start', p.i)"
      @keydown.enter.prevent="emit('start', p.i)"
      @keydown.space.prevent="emit('start', p.i)"
    >
      <rect
        :x="p.xMm"
        :y="p.yMm"
        :width="sheet.labelWidthMm"
        :height="sheet.labelHeightMm"
        rx="1.5"
        :class="state(p.i)"
        stroke="var(--ink)"
        stroke-width="0.5"
      />
      <path
        v-if="state(p.i) === 'used'"
        :d="`M${p.xMm + 4} ${p.yMm + sheet.labelHeightMm - 4}L${p.xMm + sheet.labelWidthMm - 4} ${p.yMm + 4}`"
        stroke="var(--ink-2)"
        stroke-width="0.8"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
}
g {
  cursor: pointer;
}
.print {
  fill: var(--open);
}
.free {
  fill: #fff;
}
.used {
  fill: var(--lichen-3, #dde3da);
}
</style>
