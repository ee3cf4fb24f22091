<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Arrangement, type Units } from '@furrow/core';
import { largeMass, largeUnit, gramsPerLarge } from '@furrow/words';
import { computed } from 'vue';
import StackDress from './StackDress.vue';

/**
 * The upper bucket with the crushed comb over the lower vessel, in section and to one scale; levels
 * from mass, diameter and density.
 */
const props = defineProps<{
  arrangement?: Arrangement;
  upper: { volumeL: number; innerDiameterMm: number; name: string } | null;
  lower: { volumeL: number; innerDiameterMm: number; name: string } | null;
  crushedKg: number;
  outKg: number;
  inLowerKg: number;
  fullKg: number | null;
  densityKgPerL: number;
  fullAbout: string | null;
  units: Units;
  /** The levels are a forecast since the last weighing. */
  about?: boolean;
}>();
const levelText = (kg: number): string =>
  `${props.about ? tell('VesselStack.about') + ' ' : ''}${massText(kg, props.units)}`;
const heightMm = (v: { volumeL: number; innerDiameterMm: number }): number =>
  (v.volumeL * 1e6) / (Math.PI * (v.innerDiameterMm / 2) ** 2);
const levelMm = (kg: number, v: { innerDiameterMm: number }): number =>
  ((kg / props.densityKgPerL) * 1e6) / (Math.PI * (v.innerDiameterMm / 2) ** 2);
const upperV = computed(
  () =>
    props.upper ?? { volumeL: 12, innerDiameterMm: 250, name: tell('VesselStack.no-vessel-named') },
);
const lowerV = computed(
  () =>
    props.lower ?? { volumeL: 12, innerDiameterMm: 250, name: tell('VesselStack.no-vessel-named') },
);
const s = computed(() =>
  Math.min(
    1.12,
    400 / (heightMm(upperV.value) + heightMm(lowerV.value) + 40),
    270 / Math.max(upperV.value.innerDiameterMm, lowerV.value.innerDiameterMm),
  ),
);
const cx = 168;
const U = computed(() => ({
  w: upperV.value.innerDiameterMm * s.value,
  h: heightMm(upperV.value) * s.value,
}));
const L = computed(() => ({
  w: lowerV.value.innerDiameterMm * s.value,
  h: heightMm(lowerV.value) * s.value,
}));
const upperBottom = computed(() => 34 + U.value.h);
const lowerTop = computed(() => upperBottom.value + 28);
const lowerBottom = computed(() => lowerTop.value + L.value.h);
const hereKg = computed(() => Math.max(0, props.crushedKg - props.outKg));
const bedLevel = computed(() => Math.min(U.value.h, levelMm(hereKg.value, upperV.value) * s.value));
const began = computed(() => Math.min(U.value.h, levelMm(props.crushedKg, upperV.value) * s.value));
const honey = computed(() => Math.min(L.value.h, levelMm(props.inLowerKg, lowerV.value) * s.value));
const full = computed(() =>
  props.fullKg === null ? null : levelMm(props.fullKg, lowerV.value) * s.value,
);
/** Whole numbers of the reader's unit, few enough to be read. */
const STEPS = [1, 2, 5, 10, 20];
const MOST_TICKS = 5;
const ticks = computed(() => {
  const top = largeMass(lowerV.value.volumeL * props.densityKgPerL, props.units);
  const step = STEPS.find((s) => top / s <= MOST_TICKS) ?? 20;
  const kgEach = gramsPerLarge(props.units) / 1000;
  return Array.from({ length: Math.floor(top / step) + 1 }, (_, i) => ({
    mass: i * step,
    y: lowerBottom.value - levelMm(i * step * kgEach, lowerV.value) * s.value,
  }));
});
/**
 * What it held at the start stands over its line, or under it where the lid is in the way or the
 * bed has sunk.
 */
const startWordsY = computed(() => {
  const line = upperBottom.value - began.value;
  const sunk = began.value - bedLevel.value > 26;
  const atLid = U.value.h - began.value < 22;
  return line + (sunk || atLid ? 18 : -7);
});
/** Words beside the upper vessel keep clear of a press's posts. */
const beside = computed(() => (props.arrangement === 'press-bag' ? 26 : 12));
/** Crumbs of wax, always in the same places. */
const crumbs = computed(() =>
  Array.from({ length: 90 }, (_, i) => ({
    x: cx - U.value.w / 2 + 8 + (((i * 61.8) % 100) / 100) * (U.value.w - 16),
    y: upperBottom.value - 6 - (((i * 37.3) % 100) / 100) * Math.max(0, bedLevel.value - 12),
    a: (i * 47) % 180,
    light: i % 3,
  })),
);
const viewHeight = computed(() => lowerBottom.value + 26);
</script>

<template>
  <svg
    width="430"
    :height="viewHeight"
    :viewBox="`0 0 430 ${viewHeight}`"
    role="img"
    :aria-label="
      tell('VesselStack.still-in-upper-bucket-in', {
        hereKg: levelText(hereKg),
        inLowerKg: levelText(inLowerKg),
      })
    "
  >
    <StackDress
      :arrangement="arrangement ?? 'holed-bucket'"
      :cx="cx"
      :upper="{ w: U.w, top: 34, bottom: upperBottom }"
      :lower="{ w: L.w, top: lowerTop, bottom: lowerBottom }"
      part="behind"
    />
    <path :d="`M${cx - U.w / 2} 34h${U.w}V${upperBottom}h${-U.w}Z`" fill="var(--lime-0)" />
    <path
      :d="`M${cx - U.w / 2} ${upperBottom - bedLevel}q${U.w / 4} 9 ${U.w / 2} 0t${U.w / 2} 0V${upperBottom}h${-U.w}Z`"
      fill="var(--open)"
    />
    <g v-for="(c, i) in crumbs" :key="i" :transform="`translate(${c.x} ${c.y}) rotate(${c.a})`">
      <path
        d="M-5 0h10"
        :stroke="c.light === 0 ? '#fff' : c.light === 1 ? 'var(--capped)' : 'var(--capped-mark)'"
        :stroke-width="c.light === 2 ? 1.2 : 3"
      />
    </g>
    <path
      :d="`M${cx - U.w / 2 + 6} ${upperBottom - began}h${U.w - 12}`"
      stroke="var(--ink)"
      stroke-width="1.5"
      stroke-dasharray="7 4"
    />
    <text
      :x="cx"
      :y="startWordsY"
      font-size="15"
      text-anchor="middle"
      :class="{ over: startWordsY > upperBottom - bedLevel }"
    >
      <tspan font-weight="700">{{ massText(crushedKg, units) }}</tspan>
      {{ tell('VesselStack.at-start') }}
    </text>
    <StackDress
      :arrangement="arrangement ?? 'holed-bucket'"
      :cx="cx"
      :upper="{ w: U.w, top: 34, bottom: upperBottom }"
      :lower="{ w: L.w, top: lowerTop, bottom: lowerBottom }"
      part="before"
    />
    <path
      v-if="bedLevel > 2"
      :d="`M${cx - L.w / 4} ${lowerTop - 10}V${lowerBottom - honey}M${cx} ${lowerTop - 10}V${lowerBottom - honey}M${cx + L.w / 4} ${lowerTop - 10}V${lowerBottom - honey}`"
      stroke="var(--open)"
      stroke-width="2.5"
    />
    <rect
      :x="cx - L.w / 2"
      :y="lowerBottom - honey"
      :width="L.w"
      :height="honey"
      fill="var(--open)"
    />
    <path
      :d="
        Array.from(
          { length: Math.floor(honey / 18) },
          (_, i) =>
            `M${cx - L.w / 2 + 14 + (i % 2) * 20} ${lowerBottom - 12 - i * 18}h${L.w / 4}m${L.w / 8} 0h${L.w / 4}`,
        ).join('')
      "
      stroke="var(--open-mark)"
      stroke-opacity=".55"
      fill="none"
    />
    <path
      :d="`M${cx - L.w / 2 - 2.5} ${lowerTop}V${lowerBottom + 2}H${cx + L.w / 2 + 2.5}V${lowerTop}`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="5"
    />
    <g v-for="t in ticks" :key="t.mass">
      <path :d="`M${cx - L.w / 2 - 14} ${t.y}h9`" stroke="var(--ink)" stroke-width="1.5" />
      <text :x="cx - L.w / 2 - 20" :y="t.y + 5" text-anchor="end" font-size="15">
        {{ t.mass }}{{ t.mass === ticks.at(-1)?.mass ? ` ${largeUnit(units)}` : '' }}
      </text>
    </g>
    <template v-if="full !== null">
      <path
        :d="`M${cx - L.w / 2 - 8} ${lowerBottom - full}h${L.w + 16}`"
        stroke="var(--rust)"
        stroke-width="2"
        stroke-dasharray="7 4"
      />
      <text
        :x="cx + L.w / 2 + 12"
        :y="lowerBottom - full + 2"
        font-size="16"
        font-weight="700"
        style="fill: var(--rust)"
      >
        {{ tell('VesselStack.full', { fullKg: massText(fullKg!, units) }) }}
      </text>
      <text
        v-if="fullAbout"
        :x="cx + L.w / 2 + 12"
        :y="lowerBottom - full + 21"
        font-size="15"
        style="fill: var(--ink-2)"
      >
        {{ fullAbout }}
      </text>
    </template>
    <text
      :x="cx + U.w / 2 + beside"
      :y="upperBottom - Math.max(18, bedLevel / 2)"
      font-size="17"
      font-weight="700"
    >
      {{ levelText(hereKg) }}
    </text>
    <text
      :x="cx + U.w / 2 + beside"
      :y="upperBottom - Math.max(18, bedLevel / 2) + 19"
      font-size="15"
      style="fill: var(--ink-2)"
    >
      {{ tell('VesselStack.still-here') }}
    </text>
    <text
      :x="cx"
      :y="lowerBottom - (honey > 30 ? honey / 2 - 6 : honey + 9)"
      font-size="17"
      font-weight="700"
      text-anchor="middle"
      :style="{
        paintOrder: 'stroke',
        stroke: honey > 30 ? 'var(--open)' : 'var(--lime-1)',
        strokeWidth: '5px',
      }"
    >
      {{ levelText(inLowerKg) }}
    </text>
    <rect
      x="12"
      :y="lowerBottom + 5"
      width="312"
      height="12"
      fill="url(#p-wood)"
      stroke="var(--ink)"
    />
  </svg>
</template>

<style scoped>
/* Words over the honey keep clear of its crumbs. */
.over {
  paint-order: stroke;
  stroke: var(--open);
  stroke-width: 7px;
}
svg {
  max-width: 100%;
  height: auto;
  overflow: visible;
}
</style>
