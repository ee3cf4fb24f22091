<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { Range } from '@furrow/core';
import { computed } from 'vue';

/**
 * Wet wax, the clean wax expected of it as a dashed band, and the blocks there are: heights to one
 * scale of mass.
 */
const props = defineProps<{
  wetG: number;
  cleanG: number;
  expected: Range | null;
  frozen: boolean;
  blocks: readonly { g: number; colour: string }[];
  text: (g: number) => string;
}>();
const FLOOR = 150;
const most = computed(() => Math.max(200, props.wetG, props.cleanG, props.expected?.high ?? 0));
const h = (g: number): number => (g / most.value) * 118;
const SHADE: Record<string, string> = {
  lemon: '#f0e08c',
  yellow: '#e6c65c',
  amber: '#cf9a3c',
  brown: '#98672f',
  dark: '#5d4328',
};
const stacked = computed(() => {
  let y = FLOOR;
  const whole = props.cleanG > 0 ? [{ g: props.cleanG, colour: 'yellow' }] : [];
  return (props.blocks.length ? props.blocks : whole).map((b) => {
    y -= h(b.g);
    return { ...b, y, high: h(b.g) };
  });
});
</script>

<template>
  <svg
    width="460"
    height="180"
    viewBox="0 0 460 180"
    role="img"
    :aria-label="tell('WaxCakes.wet-wax-clean-wax', { wetG: text(wetG), cleanG: text(cleanG) })"
  >
    <line x1="0" x2="440" :y1="FLOOR" :y2="FLOOR" stroke="var(--ink)" stroke-width="1.5" />
    <path
      v-if="wetG > 0"
      :d="`M20 ${FLOOR}q-6 ${-h(wetG) / 2} 8 ${-h(wetG)}q30 -10 62 -2q36 -6 42 2q14 ${h(wetG) / 2} 8 ${h(wetG)}z`"
      fill="url(#p-capped)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <g v-if="frozen" stroke="var(--pollen-mark)" stroke-width="2">
      <path d="M80 8v20M71 13l18 10M89 13l-18 10" />
    </g>
    <template v-if="expected">
      <rect
        x="190"
        :y="FLOOR - h(expected.high)"
        width="90"
        :height="Math.max(3, h(expected.high) - h(expected.low))"
        fill="none"
        stroke="var(--ink)"
        stroke-dasharray="5 4"
      />
      <line
        x1="190"
        x2="280"
        :y1="FLOOR - h(expected.mid)"
        :y2="FLOOR - h(expected.mid)"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </template>
    <rect
      v-for="(b, i) in stacked"
      :key="i"
      x="330"
      :y="b.y"
      width="80"
      :height="Math.max(2, b.high - 1)"
      rx="3"
      :fill="SHADE[b.colour] ?? SHADE.yellow"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <text x="20" y="170" font-size="15">{{ tell('WaxCakes.wet-wax') }}</text>
    <text v-if="expected" x="190" y="170" font-size="15">
      {{ tell('WaxCakes.expected-clean') }}
    </text>
    <text x="330" y="170" font-size="15">
      {{ blocks.length ? tell('WaxCakes.blocks') : tell('common.clean-wax') }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
}
</style>
