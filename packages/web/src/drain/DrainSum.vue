<script setup lang="ts">
import { said } from '../shell/units.js';
import { counted, wholeParts, type DrainForecast, type Units } from '@furrow/core';
import { largeMass, massText } from '@furrow/words';
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
  return shown.map((n) => (n / 10).toFixed(1));
});
const method = computed(() => {
  const { weighingsUsed, finalKg } = props.forecast;
  const from = ownApplies(props.own) ? 'your own' : 'a starting range of';
  const final = `${massText(finalKg.low, props.units)} to ${massText(finalKg.high, props.units)}`;
  return [
    `Honey out = M (1 − e^(−s/τ)) in viscous time s by the bench's temperatures; ${from} share and τ to begin with, narrowed by ${weighingsUsed} weighings.`,
    'A bench without a thermometer may be a degree off and swing by 3 °C; beds may slow down late: that is in the band.',
    'It is meant to hold nine of ten runs; on made-up runs it had not seen it holds 85 to 98 of 100.',
    `The overflow time is the band's early edge. Final: ${final}.`,
    ownText.value,
  ]
    .map(said)
    .join(' ');
});
const ownText = computed(() => {
  const { runs, learned } = props.own;
  if (!runs) return '';
  const used = ownApplies(props.own) ? '' : '; used from the fifth on';
  const share = Math.round(learned.share.mid * 100);
  return `Your ${counted(runs, 'run')} of this method, kind of hive and honey: ${share} % comes out, τ about ${learned.tauHours.mid.toFixed(1)} h at 25 °C${used}.`;
});
</script>

<template>
  <p v-if="parts" class="sum">
    <b>{{ massText(parts.total, units) }}</b> crushed = about <b>{{ figures[0] }}</b> out +
    <b>{{ figures[1] }}</b> still to come + <b>{{ figures[2] }}</b> stays in the wax +
    <b>{{ figures[3] }}</b> wax
  </p>
  <details class="how">
    <summary>How this was got</summary>
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
