<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { LabelSheet, LaidLabel } from '@furrow/core';
import { computed } from 'vue';

/** One label as it will print, to scale: lines where the core laid them, the code as squares. */
const props = defineProps<{
  laid: LaidLabel;
  sheet: Pick<LabelSheet, 'labelWidthMm' | 'labelHeightMm'>;
  qr: { size: number; runs: { x: number; y: number; length: number }[] } | null;
  s: number;
  touchable?: boolean;
  chosen?: number | null;
}>();
const emit = defineEmits<{ touch: [field: number] }>();
const MM_PER_PT = 25.4 / 72;
const module = computed(() =>
  props.laid.qr && props.qr ? (props.laid.qr.sideMm * props.s) / (props.qr.size + 4) : 0,
);
</script>

<template>
  <svg
    data-to-scale
    :width="sheet.labelWidthMm * s"
    :height="Math.max(sheet.labelHeightMm, laid.highMm) * s"
    :viewBox="`0 0 ${sheet.labelWidthMm * s} ${Math.max(sheet.labelHeightMm, laid.highMm) * s}`"
    :role="touchable ? 'group' : 'img'"
    :aria-label="tell('LabelFace.label', { lines: laid.lines.map((l) => l.text).join('; ') })"
  >
    <rect
      x="1"
      y="1"
      :width="sheet.labelWidthMm * s - 2"
      :height="sheet.labelHeightMm * s - 2"
      rx="4"
      fill="#fff"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <g
      v-if="laid.qr && qr"
      :transform="`translate(${laid.qr.xMm * s} ${laid.qr.yMm * s}) scale(${module})`"
    >
      <rect
        v-for="(r, i) in qr.runs"
        :key="i"
        :x="r.x + 2"
        :y="r.y + 2"
        :width="r.length + 0.04"
        height="1.04"
        fill="#18211b"
      />
    </g>
    <g
      v-for="(l, i) in laid.lines"
      :key="i"
      :role="touchable ? 'button' : undefined"
      :tabindex="touchable ? 0 : undefined"
      :aria-label="touchable ? tell('LabelFace.line', { l: l.text }) : undefined"
      :aria-pressed="touchable ? l.field === chosen : undefined"
      :class="{ touchable }"
      @click="touchable && emit('touch', l.field)"
      @keydown.enter.prevent="touchable && emit('touch', l.field)"
      @keydown.space.prevent="touchable && emit('touch', l.field)"
    >
      <rect
        v-if="touchable"
        :x="l.xMm * s - 4"
        :y="(l.yMm - l.sizePt * MM_PER_PT) * s - 1"
        :width="l.widthMm * s + 4"
        :height="l.sizePt * MM_PER_PT * s * 1.28"
        :class="['hit', { on: l.field === chosen }]"
      />
      <text
        :x="l.xMm * s"
        :y="l.yMm * s"
        :font-size="l.sizePt * MM_PER_PT * s"
        :class="{ bold: l.bold }"
        :fill="l.yMm > sheet.labelHeightMm - 1 ? 'var(--rust)' : '#18211b'"
      >
        {{ l.text }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
}
text {
  font-family: var(--text);
}
.bold {
  font-family: var(--display);
  font-weight: 600;
}
.touchable {
  cursor: pointer;
  outline: none;
}
.hit {
  fill: transparent;
}
.hit.on {
  fill: #d9e6d8;
}
.touchable:hover .hit,
.touchable:focus-visible .hit {
  stroke: var(--field);
  stroke-width: 2;
}
</style>
