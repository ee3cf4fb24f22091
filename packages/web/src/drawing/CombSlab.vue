<script setup lang="ts">
import type { Shares } from '@furrow/core';
import { computed, useId } from 'vue';
import { slab } from './slab.js';

const props = defineProps<{
  x: number;
  y: number;
  s: number;
  depthMm: number;
  thicknessMm?: number;
  A: Shares | null;
  B: Shares | null;
  selected?: boolean;
  ghost?: boolean;
}>();
const id = useId();
const shape = computed(() => slab(props));
</script>

<template>
  <path
    v-if="ghost"
    :d="shape.outline"
    fill="none"
    stroke="var(--ink-2)"
    stroke-width="1.2"
    stroke-dasharray="4 4"
  />
  <g v-else>
    <clipPath :id="id"><path :d="shape.outline" /></clipPath>
    <path :d="shape.outline" fill="var(--lime-0)" />
    <g :clip-path="`url(#${id})`">
      <path
        v-for="(band, i) in shape.bands"
        :key="i"
        :d="band.d"
        :fill="`url(#p-${band.content})`"
      />
      <path
        v-for="(d, i) in shape.edges"
        :key="`e${i}`"
        :d="d"
        stroke="var(--ink)"
        stroke-opacity=".55"
        stroke-width=".8"
      />
    </g>
    <path :d="shape.midrib" stroke="var(--ink)" stroke-opacity=".5" stroke-width=".8" />
    <text
      v-if="!A && !B && s > 0.25"
      :x="x"
      :y="y + (depthMm * s) / 2"
      text-anchor="middle"
      font-size="15"
      font-weight="700"
      >?</text
    >
    <path
      :d="shape.outline"
      fill="none"
      :stroke="selected ? 'var(--field)' : 'var(--ink)'"
      :stroke-width="selected ? 3 : s < 0.5 ? 0.7 : 1"
      :stroke-dasharray="!A && !B ? '3 3' : undefined"
    />
  </g>
</template>
