<script setup lang="ts">
import { figure } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  LEAST_OPEN_SAMPLES,
  moistureSummary,
  readingDoubt,
  readingMoisture,
  type Reading,
} from '@furrow/core';
import { computed } from 'vue';

/** What was measured of a comb's water, sample by sample, and what is still to be sampled. */
const props = defineProps<{ readings: readonly Reading[]; readOn: string; mayDrop: boolean }>();
const emit = defineEmits<{ drop: [index: number] }>();

const water = computed(() => moistureSummary(props.readings));
/** Three from open cells, of both sides. */
const moreWater = computed(() => {
  if (!water.value) return '';
  const more = Math.max(0, LEAST_OPEN_SAMPLES - water.value.openSamples);
  if (more) return tell('WaterSamples.more-samples-from-open-cells', { more });
  return water.value.bothSides ? '' : tell('WaterSamples.one-more-from-open-cells');
});
const average = computed(() => {
  if (!water.value || water.value.count < 2) return null;
  const { count, meanPercent, spreadPercent, wettestPercent } = water.value;
  return {
    mean: tell('WaterSamples.water-samples-on-average-apart', {
      count,
      meanPercent: figure(meanPercent, 1),
      spreadPercent: figure(spreadPercent, 1),
    }),
    wettest: tell('WaterSamples.wettest-decides', { wettestPercent: figure(wettestPercent, 1) }),
  };
});
const CELLS = {
  open: tell('WaterSamples.open'),
  sealed: tell('WaterSamples.sealed'),
} as const;
const samples = computed(() =>
  props.readings.map((reading) => {
    const { moisturePercent, approximate } = readingMoisture(reading);
    return {
      water: tell('WaterSamples.water', {
        moisturePercent: figure(moisturePercent, 1),
        approximate: approximate ? ' ' + tell('WaterSamples.about') : '',
      }),
      where: tell('WaterSamples.side-cell', { side: reading.side, cells: CELLS[reading.cells] }),
      doubt: readingDoubt(reading, props.readOn),
    };
  }),
);
</script>

<template>
  <p v-if="water" class="water">
    <template v-if="average"
      >{{ average.mean }} <b>{{ average.wettest }}</b>{{ ' ' }}</template
    >{{ moreWater }}
  </p>
  <ul v-if="samples.length" class="samples">
    <li v-for="(sample, i) in samples" :key="i">
      {{ sample.water }} <span class="sub">{{ sample.where }}</span>{{ ' ' }}
      <span v-if="sample.doubt" class="rust">{{ said(sample.doubt) }}</span>
      <button
        v-if="mayDrop"
        type="button"
        class="drop"
        :aria-label="tell('WaterSamples.take-away-sample', { i: i + 1 })"
        @click="emit('drop', i)"
      >
        ×
      </button>
    </li>
  </ul>
</template>

<style scoped>
.water {
  flex-basis: 100%;
}
.samples {
  margin: 0;
  padding: 0;
  list-style: none;
  flex-basis: 100%;
}
.samples li {
  padding: 2px 0;
}
.drop {
  min-width: 44px;
  min-height: 32px;
  border: 0;
  background: none;
  font-size: 20px;
  cursor: pointer;
  color: inherit;
}
</style>
