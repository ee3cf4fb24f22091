<script setup lang="ts">
import { massText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { type Units } from '@furrow/core';

import { computed } from 'vue';

/**
 * One drain frame from its face, its opening parts side by side, the hose at its foot and the
 * vessel under it with its level: all to one scale. A part still shut can be touched.
 */
const props = defineProps<{
  widthMm: number;
  heightMm: number;
  parts: number;
  open: number;
  mayOpen: boolean;
  isReset: boolean;
  isPlugged: boolean;
  leaking: boolean;
  outShare: number;
  vessel: { volumeL: number; innerDiameterMm: number; name: string } | null;
  levelKg: number;
  /** Whether that is what the scale said, and nothing ran in since. */
  isWeighed: boolean;
  levelHighKg: number;
  fullKg: number | null;
  densityKgPerL: number;
  s: number;
  label: string;
  units: Units;
}>();
const emit = defineEmits<{ open: [] }>();
const px = (mm: number): number => mm * props.s;
const frame = computed(() => ({ x: 6, y: 26, w: px(props.widthMm), h: px(props.heightMm) }));
const part = computed(() => frame.value.w / props.parts);
/** The part nearest the outlet, right, is opened first. */
const boxes = computed(() =>
  Array.from({ length: props.parts }, (_, i) => ({
    n: i + 1,
    x: frame.value.x + frame.value.w - (i + 1) * part.value,
    isOpen: i < props.open,
  })),
);
const v = computed(
  () =>
    props.vessel ?? { volumeL: 3, innerDiameterMm: 140, name: tell('DrainFrameInPlace.no-vessel') },
);
const vesselH = computed(() =>
  px((v.value.volumeL * 1e6) / (Math.PI * (v.value.innerDiameterMm / 2) ** 2)),
);
const vesselW = computed(() => px(v.value.innerDiameterMm));
const level = (kg: number): number =>
  Math.min(
    vesselH.value,
    px(((kg / props.densityKgPerL) * 1e6) / (Math.PI * (v.value.innerDiameterMm / 2) ** 2)),
  );
const jar = computed(() => ({
  x: frame.value.x + frame.value.w - vesselW.value + 26,
  y: frame.value.y + frame.value.h + 44,
}));
/** What the scale said as it was read; else about. */
const levelText = computed(() =>
  props.isWeighed
    ? measured({ massG: props.levelKg * 1000, as: 'read' })
    : tell('DrainFrameInPlace.about', { levelKg: massText(props.levelKg, props.units) }),
);
const bottom = computed(() => jar.value.y + vesselH.value);
const width = computed(() =>
  Math.max(frame.value.x + frame.value.w + 40, jar.value.x + vesselW.value + 12),
);
const outlet = computed(() => ({
  x: frame.value.x + frame.value.w,
  y: frame.value.y + frame.value.h - 8,
}));
const hoseX = computed(() => Math.min(outlet.value.x + 16, jar.value.x + vesselW.value - 10));
</script>

<template>
  <svg
    :width="width"
    :height="bottom + 26"
    :viewBox="`0 0 ${width} ${bottom + 26}`"
    role="group"
    :aria-label="label"
  >
    <rect
      :x="frame.x - 5"
      :y="frame.y - 20"
      :width="frame.w + 10"
      height="16"
      fill="url(#p-wood)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <g v-for="b in boxes" :key="b.n">
      <rect
        :x="b.x"
        :y="frame.y"
        :width="part"
        :height="frame.h"
        :fill="b.isOpen ? 'var(--empty)' : 'var(--capped)'"
      />
      <rect
        v-if="!b.isOpen"
        :x="b.x"
        :y="frame.y"
        :width="part"
        :height="frame.h"
        fill="url(#p-capped)"
      />
      <!-- what still stands in an opened part, from its foot up -->
      <rect
        v-else
        :x="b.x"
        :y="frame.y + frame.h * Math.min(1, outShare)"
        :width="part"
        :height="frame.h * Math.max(0, 1 - outShare)"
        fill="var(--open)"
        opacity=".85"
      />
      <path
        v-if="b.isOpen && !isReset"
        :d="`M${b.x + part / 2 - 9} ${frame.y + 12}l9 12 9 -12`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
      <rect
        :x="b.x"
        :y="frame.y"
        :width="part"
        :height="frame.h"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
      <text
        v-if="!b.isOpen"
        :x="b.x + part / 2"
        :y="frame.y + frame.h / 2 + 6"
        text-anchor="middle"
        font-size="17"
        font-weight="700"
      >
        {{ tell('DrainFrameInPlace.shut') }}
      </text>
      <rect
        v-if="!b.isOpen && b.n === open + 1 && mayOpen"
        class="hit"
        :x="b.x"
        :y="frame.y"
        :width="part"
        :height="frame.h"
        fill="transparent"
        stroke="var(--field)"
        stroke-width="5"
        role="button"
        tabindex="0"
        :aria-label="tell('DrainFrameInPlace.open-part', { n: b.n, parts })"
        @click="emit('open')"
        @keydown.enter.prevent="emit('open')"
        @keydown.space.prevent="emit('open')"
      />
    </g>
    <path
      v-if="leaking"
      :d="
        Array.from(
          { length: 5 },
          (_, i) =>
            `M${frame.x + 20 + (i * (frame.w - 40)) / 4} ${frame.y + frame.h + 6}q-6 12 0 16q6 -4 0 -16`,
        ).join('')
      "
      fill="var(--open)"
      stroke="var(--rust)"
      stroke-width="1.5"
    />
    <path
      :d="`M${outlet.x} ${outlet.y}H${hoseX}V${jar.y + 8}`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="11"
      stroke-linejoin="round"
    />
    <path
      :d="`M${outlet.x} ${outlet.y}H${hoseX}V${jar.y + 8}`"
      fill="none"
      :stroke="open > 0 && !isPlugged ? 'var(--open)' : 'var(--lime-0)'"
      stroke-width="7"
      stroke-linejoin="round"
    />
    <rect
      v-if="isPlugged"
      :x="outlet.x - 4"
      :y="outlet.y - 9"
      width="13"
      height="18"
      fill="var(--ink)"
    />
    <rect
      :x="jar.x"
      :y="bottom - level(levelKg)"
      :width="vesselW"
      :height="level(levelKg)"
      fill="var(--open)"
    />
    <path
      v-if="levelHighKg > levelKg"
      :d="`M${jar.x} ${bottom - level(levelHighKg)}h${vesselW}`"
      stroke="var(--open-mark)"
      stroke-width="1.5"
      stroke-dasharray="3 4"
    />
    <path
      :d="`M${jar.x - 2} ${jar.y}V${bottom + 2}H${jar.x + vesselW + 2}V${jar.y}`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="4"
    />
    <template v-if="fullKg !== null">
      <path
        :d="`M${jar.x - 8} ${bottom - level(fullKg)}h${vesselW + 16}`"
        stroke="var(--rust)"
        stroke-width="2"
        stroke-dasharray="7 4"
      />
      <text
        :x="jar.x - 12"
        :y="bottom - level(fullKg) + 5"
        text-anchor="end"
        font-size="15"
        font-weight="700"
        style="fill: var(--rust)"
      >
        {{ tell('DrainFrameInPlace.full', { fullKg: massText(fullKg, units) }) }}
      </text>
    </template>
    <text :x="jar.x - 12" :y="bottom - 4" text-anchor="end" font-size="15">{{ v.name }}</text>
    <text
      :x="jar.x + vesselW / 2"
      :y="bottom - Math.max(8, level(levelKg) / 2 - 6)"
      text-anchor="middle"
      font-size="17"
      font-weight="700"
      style="paint-order: stroke; stroke: var(--lime-0); stroke-width: 4px"
    >
      {{ levelText }}
    </text>
    <path
      :d="`M${jar.x - 20} ${bottom + 5}h${vesselW + 40}`"
      stroke="var(--ink)"
      stroke-width="6"
    />
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
  overflow: visible;
}
.hit {
  cursor: pointer;
}
text {
  pointer-events: none;
}
</style>
