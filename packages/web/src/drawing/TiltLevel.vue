<script setup lang="ts">
import { tell } from '../words/tell.js';
import { computed } from 'vue';

/**
 * The super from the side, leaning by so many degrees toward its outlet; the angle asked for stands
 * as a dashed line. The lean is drawn true.
 */
const props = defineProps<{ degrees: number | null; needed: number; lengthMm: number }>();
const s = 0.62;
const length = computed(() => props.lengthMm * s);
const rise = (degrees: number): number => length.value * Math.tan((degrees * Math.PI) / 180);
const enough = computed(() => props.degrees !== null && props.degrees >= props.needed);
</script>

<template>
  <svg
    :width="length + 60"
    height="150"
    :viewBox="`0 0 ${length + 60} 150`"
    role="img"
    :aria-label="
      degrees === null
        ? tell('TiltLevel.tilt-not-measured-yet')
        : tell('TiltLevel.it-leans-degrees-toward-outlet', { degrees, needed })
    "
  >
    <g :transform="`translate(20 112) rotate(${degrees ?? 0})`">
      <rect
        x="0"
        y="-84"
        :width="length"
        height="84"
        fill="var(--lime-2)"
        stroke="var(--ink)"
        stroke-width="2"
        :stroke-dasharray="degrees === null ? '6 5' : 'none'"
      />
      <path :d="`M0 -2H${length}`" stroke="var(--ink)" stroke-width="5" />
      <circle
        :cx="length"
        cy="-12"
        r="6"
        fill="var(--lime-0)"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </g>
    <path :d="`M20 116H${length + 20}`" stroke="var(--ink-3)" />
    <path
      :d="`M20 116L${length + 20} ${116 + rise(needed)}`"
      :stroke="enough ? 'var(--field)' : 'var(--rust)'"
      stroke-width="2.5"
      stroke-dasharray="7 5"
    />
    <text
      :x="length / 2"
      :y="146"
      font-size="17"
      font-weight="700"
      text-anchor="middle"
      :style="{ fill: enough ? 'var(--field-deep)' : 'var(--rust)' }"
    >
      {{ tell('TiltLevel.asked', { needed }) }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
  overflow: visible;
}
</style>
