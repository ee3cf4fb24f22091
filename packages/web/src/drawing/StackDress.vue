<script setup lang="ts">
import type { Arrangement } from '@furrow/core';

/**
 * What makes a stack of vessels what it is: holes, mesh, cloth, a colander's feet, the press's
 * screw, a box's bars, a gate. Drawn round the two vessels' inner outlines, in px.
 */
interface Outline {
  w: number;
  top: number;
  bottom: number;
}
defineProps<{
  arrangement: Arrangement;
  cx: number;
  upper: Outline;
  lower: Outline;
  part: 'behind' | 'before';
}>();
</script>

<template>
  <g v-if="part === 'behind'">
    <template v-if="arrangement === 'press-bag'">
      <path
        :d="`M${cx - upper.w / 2 - 16} ${upper.bottom + 8}V6H${cx + upper.w / 2 + 16}V${upper.bottom + 8}`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="7"
      /><path
        :d="`M${cx} -4V${upper.top + 26}M${cx - 26} -4h52`"
        stroke="var(--ink)"
        stroke-width="6"
      /><rect
        :x="cx - upper.w / 2 + 4"
        :y="upper.top + 22"
        :width="upper.w - 8"
        height="9"
        fill="url(#p-wood)"
        stroke="var(--ink)"
      />
    </template>
    <rect
      v-else-if="
        arrangement !== 'colander' &&
        arrangement !== 'sieve-jar' &&
        arrangement !== 'mesh' &&
        arrangement !== 'cloth'
      "
      :x="cx - upper.w / 2 - 14"
      y="20"
      :width="upper.w + 28"
      height="13"
      fill="url(#p-wood)"
      stroke="var(--ink)"
    />
  </g>
  <g v-else>
    <template
      v-if="arrangement === 'mesh' || arrangement === 'sieve-jar' || arrangement === 'cloth'"
    >
      <path
        :d="`M${cx - upper.w / 2 - 12} ${upper.top}H${cx - upper.w / 2}V${upper.bottom - 14}Q${cx} ${upper.bottom + 14} ${cx + upper.w / 2} ${upper.bottom - 14}V${upper.top}h12`"
        fill="none"
        stroke="var(--ink)"
        :stroke-width="arrangement === 'cloth' ? 3 : 4"
        :stroke-dasharray="arrangement === 'cloth' ? 'none' : '3 2.5'"
      />
      <path
        v-if="arrangement === 'cloth'"
        :d="`M${cx - upper.w / 2 - 14} ${upper.top + 8}q-10 14 2 26M${cx + upper.w / 2 + 14} ${upper.top + 8}q10 14 -2 26`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </template>
    <template v-else-if="arrangement === 'colander'">
      <path
        :d="`M${cx - upper.w / 2 - 14} ${upper.top}h14L${cx - upper.w / 2 + 8} ${upper.bottom - 30}Q${cx} ${upper.bottom + 22} ${cx + upper.w / 2 - 8} ${upper.bottom - 30}L${cx + upper.w / 2} ${upper.top}h14`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="5"
        stroke-dasharray="7 3"
      />
    </template>
    <template v-else-if="arrangement === 'press-bag'">
      <path
        :d="`M${cx - upper.w / 2 - 2.5} ${upper.top + 14}V${upper.bottom + 2}H${cx + upper.w / 2 + 2.5}V${upper.top + 14}`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="4"
        stroke-dasharray="9 4"
      /><path
        :d="`M${cx - upper.w / 2 + 9} ${upper.top + 34}q-5 ${(upper.bottom - upper.top) / 3} 2 ${upper.bottom - upper.top - 40}h${upper.w - 22}q7 ${-(upper.bottom - upper.top) / 3} 2 ${-(upper.bottom - upper.top - 40)}`"
        fill="none"
        stroke="var(--wood-line)"
        stroke-width="2.5"
        stroke-dasharray="2 2"
      />
    </template>
    <template v-else-if="arrangement === 'box-tray'">
      <path
        :d="`M${cx - upper.w / 2 - 5} ${upper.top - 4}V${upper.bottom + 2}M${cx + upper.w / 2 + 5} ${upper.top - 4}V${upper.bottom + 2}`"
        stroke="url(#p-cut)"
        stroke-width="10"
      /><path
        :d="`M${cx - upper.w / 2 - 10} ${upper.top - 4}V${upper.bottom + 2}M${cx + upper.w / 2 + 10} ${upper.top - 4}V${upper.bottom + 2}`"
        stroke="var(--ink)"
        stroke-width="1.5"
      /><path
        :d="`M${cx - upper.w / 2 - 16} ${upper.bottom + 6}h${upper.w + 32}`"
        stroke="var(--ink)"
        stroke-width="4"
        stroke-dasharray="14 10"
      />
    </template>
    <template v-else>
      <path
        :d="`M${cx - upper.w / 2 - 2.5} ${upper.top}V${upper.bottom + 2}H${cx + upper.w / 2 + 2.5}V${upper.top}`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="5"
      />
      <path
        :d="`M${cx - upper.w / 2 + 8} ${upper.bottom + 2}H${cx + upper.w / 2 - 8}`"
        stroke="var(--open)"
        stroke-width="5"
        stroke-dasharray="3 12"
      />
      <path
        :d="`M${cx - lower.w / 2 - 3} ${lower.top - 12}h${lower.w + 6}`"
        stroke="var(--ink)"
        stroke-width="4"
        stroke-dasharray="2 2"
      />
    </template>
    <g v-if="arrangement === 'two-bucket-gate'"
      ><rect
        :x="cx + lower.w / 2 + 3"
        :y="lower.bottom - 24"
        width="18"
        height="14"
        fill="var(--ink)" /><path
        :d="`M${cx + lower.w / 2 + 12} ${lower.bottom - 24}v-10h12`"
        fill="none"
        stroke="var(--ink)"
        stroke-width="4"
    /></g>
  </g>
</template>
