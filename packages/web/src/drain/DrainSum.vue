<script setup lang="ts">
import { figure, massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import { wholeParts, type DrainForecast, type Units } from '@furrow/core';
import { largeMass } from '@furrow/words';
import { computed } from 'vue';
import type { DrainNow } from './useDrain.js';
import { ownApplies } from './useDrainWords.js';

/** What was crushed as the sum of its parts, and how the forecast was got. */
const props = defineProps<{
  forecast: DrainForecast;
  /** Null where nothing more is said of the parts: it was closed, or it stands still. */
  parts: DrainNow['parts']['value'];
  own: DrainNow['own']['value'];
  units: Units;
}>();
/** The sum's parts to the tenth as they stand on the screen: they add up to what was crushed. */
const figures = computed(() => {
  if (!props.parts) return [];
  const { total, out, coming, stays, wax } = props.parts;
  const tenths = (kg: number): number => largeMass(kg, props.units) * 10;
  const shown = wholeParts([out, coming, stays, wax].map(tenths), Math.round(tenths(total)));
  return shown.map((n) => figure(n / 10, 1));
});
const method = computed(() => {
  const { weighingsUsed, finalKg } = props.forecast;
  const from = ownApplies(props.own) ? tell('DrainSum.your-own') : tell('DrainSum.starting-range');
  const final = tell('DrainSum.to', {
    low: massText(finalKg.low, props.units),
    high: massText(finalKg.high, props.units),
  });
  return [
    tell('DrainSum.honey-out-formula', { from, weighings: weighingsUsed }),
    tell('DrainSum.bench-without-thermometer-may-be', { swing: { warmerC: 3 } }),
    tell('DrainSum.it-meant-to-hold-nine'),
    tell('DrainSum.overflow-time-bands-early-edge', { final }),
    ownText.value,
  ]
    .map(said)
    .join(' ');
});
const ownText = computed(() => {
  const { runs, learned } = props.own;
  if (!runs) return '';
  const used = ownApplies(props.own) ? '' : tell('DrainSum.used-from-fifth-on');
  const share = Math.round(learned.share.mid * 100);
  return tell('DrainSum.your-runs-this-method-kind', {
    runs,
    share,
    mid: figure(learned.tauHours.mid, 1),
    used,
    at: { temperatureC: 25 },
  });
});
</script>

<template>
  <p v-if="parts" class="sum">
    <b>{{ massText(parts.total, units) }}</b> {{ tell('DrainSum.crushed-about') }}
    <b>{{ figures[0] }}</b> {{ tell('DrainSum.out') }} <b>{{ figures[1] }}</b>
    {{ tell('DrainSum.still-to-come') }} <b>{{ figures[2] }}</b> {{ tell('DrainSum.stays-in-wax') }}
    <b>{{ figures[3] }}</b> {{ tell('DrainSum.wax') }}
  </p>
  <details class="how">
    <summary>{{ tell('common.how-this-was-got') }}</summary>
    <p>{{ method }}</p>
  </details>
</template>

<style scoped>
.sum {
  font-size: 17px;
  margin: 0;
  border-top: var(--line);
  padding-top: 6px;
}
</style>
