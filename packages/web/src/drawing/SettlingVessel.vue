<script setup lang="ts">
import { lengthText, massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Units } from '@furrow/core';

import { computed } from 'vue';

/**
 * Honey standing in its vessel, in section and to scale; crumbs of wax and bubbles rise with the
 * hours until the scum lies on top.
 */
const props = defineProps<{
  vessel: { volumeL: number; innerDiameterMm: number; name: string };
  honeyKg: number;
  depthMm: number;
  risen: number;
  skimmed: boolean;
  fullKg: number | null;
  densityKgPerL: number;
  units: Units;
}>();
const v = computed(() => props.vessel);
const heightMm = computed(
  () => (v.value.volumeL * 1e6) / (Math.PI * (v.value.innerDiameterMm / 2) ** 2),
);
const s = computed(() => Math.min(1.12, 300 / v.value.innerDiameterMm, 420 / heightMm.value));
const w = computed(() => v.value.innerDiameterMm * s.value);
const h = computed(() => heightMm.value * s.value);
const level = computed(() => Math.min(h.value, props.depthMm * s.value));
const bottom = computed(() => 20 + h.value);
/** Crumbs start anywhere in the depth and have come up by the share of the time that has passed. */
const crumbs = computed(() =>
  props.skimmed
    ? []
    : Array.from({ length: 60 }, (_, i) => ({
        x: 10 + (((i * 61.8) % 100) / 100) * (w.value - 20),
        y: (((i * 37.3) % 100) / 100) * (1 - props.risen) * level.value,
      })),
);
const full = computed(() =>
  props.fullKg === null
    ? null
    : (((props.fullKg / props.densityKgPerL) * 1e6) /
        (Math.PI * (v.value.innerDiameterMm / 2) ** 2)) *
      s.value,
);
</script>

<template>
  <svg
    :width="w + 130"
    :height="bottom + 24"
    :viewBox="`0 0 ${w + 130} ${bottom + 24}`"
    role="img"
    :aria-label="
      tell('SettlingVessel.honey-deep', {
        honeyKg: massText(honeyKg, units, 2),
        depthMm: lengthText(Math.round(depthMm / 10) * 10, units, 'cm'),
        skimmed: skimmed
          ? tell('SettlingVessel.skimmed')
          : tell('SettlingVessel.crumbs-way-up', { risen: Math.round(risen * 100) }),
      })
    "
  >
    <rect x="12" :y="bottom - level" :width="w" :height="level" fill="var(--open)" />
    <rect
      v-if="!skimmed && risen > 0.05"
      x="12"
      :y="bottom - level - 7 * risen"
      :width="w"
      :height="7 * risen"
      fill="var(--capped)"
      stroke="var(--capped-mark)"
    />
    <circle
      v-for="(c, i) in crumbs"
      :key="i"
      :cx="12 + c.x"
      :cy="bottom - level + 3 + c.y"
      r="2.2"
      fill="var(--capped)"
      stroke="var(--capped-mark)"
      stroke-width=".8"
    />
    <path
      :d="`M9.5 20V${bottom + 2}H${w + 14.5}V20`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="5"
    />
    <rect :x="w + 15" :y="bottom - 26" width="18" height="14" fill="var(--ink)" />
    <template v-if="full !== null">
      <path
        :d="`M4 ${bottom - full}h${w + 16}`"
        stroke="var(--rust)"
        stroke-width="2"
        stroke-dasharray="7 4"
      />
      <text
        :x="w + 24"
        :y="bottom - full + 5"
        font-size="15"
        font-weight="700"
        style="fill: var(--rust)"
      >
        {{ tell('SettlingVessel.full', { fullKg: massText(fullKg!, units) }) }}
      </text>
    </template>
    <text
      :x="12 + w / 2"
      :y="level < 40 ? bottom - level - 14 : bottom - level / 2 + 5"
      text-anchor="middle"
      font-size="18"
      font-weight="700"
      style="paint-order: stroke; stroke-width: 5px"
      :style="{ stroke: level < 40 ? 'none' : 'var(--open)' }"
    >
      {{ massText(honeyKg, units, 2) }}
    </text>
    <path :d="`M2 ${bottom + 7}h${w + 20}`" stroke="var(--ink)" stroke-width="7" />
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
  overflow: visible;
}
</style>
