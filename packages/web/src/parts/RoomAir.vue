<script setup lang="ts">
import { waterFromRoom } from '@furrow/core';
import { computed } from 'vue';
import NumberField from './NumberField.vue';
import { said } from '../shell/units.js';

/**
 * What the room's air does to honey that stands open: its balance, and the water it takes up in the
 * time.
 */
const props = defineProps<{
  honeyKg: number;
  /** Null where nobody measured what it stands in: a usual pail is taken then, and said. */
  openCm2: number | null;
  hours: number;
  moisturePercent: number;
}>();
const humidityPercent = defineModel<number | null>('humidityPercent', { required: true });
/** A pail of 25 cm across. */
const USUAL_CM2 = 490;
const taken = computed(() =>
  humidityPercent.value === null
    ? null
    : waterFromRoom({
        honeyKg: props.honeyKg,
        openCm2: props.openCm2 ?? USUAL_CM2,
        hours: props.hours,
        moisturePercent: props.moisturePercent,
        humidityPercent: humidityPercent.value,
      }),
);
const wholeHours = computed(() => Math.max(1, Math.round(props.hours)));
const gains = computed(() => (taken.value?.balancePercent ?? 0) > props.moisturePercent);
const grams = computed(() => {
  if (!taken.value) return '';
  const [least, most] = [taken.value.takenG.low, taken.value.takenG.high]
    .map((g) => Math.round(Math.abs(g)))
    .sort((a, b) => a - b);
  return said(least === most ? `about ${most} g` : `${least} to ${most} g`);
});
const water = computed(() => {
  if (!taken.value) return '';
  const { low, high } = taken.value.waterPercent;
  const [least, most] = [low, high].sort((a, b) => a - b).map((p) => p.toFixed(1));
  return least === most ? `${least} %` : `${least}–${most} %`;
});
</script>

<template>
  <div class="air">
    <NumberField
      v-model="humidityPercent"
      narrow
      nullable
      label="The room's humidity"
      unit="%"
      :min="0"
      :max="100"
    />
    <p v-if="taken && gains" class="rust">
      <b>Cover it, or dry the room:</b> open for {{ wholeHours }} h it takes on {{ grams }} of water
      and goes from {{ moisturePercent.toFixed(1) }} % to {{ water }}. Measure again before jarring.
    </p>
    <p v-else-if="taken" class="sub">
      This air takes water out of it: {{ grams }} in {{ wholeHours }} h, to {{ water }}.
    </p>
    <p v-else class="sub">
      Honey of 18 % water takes on more above about 60 % humidity: in a damp room cover it.<template
        v-if="humidityPercent !== null"
      >
        Below 50 and above 80 % nothing is published to reckon with.</template
      >
    </p>
    <details v-if="taken" class="how">
      <summary>How this was got</summary>
      <p>
        At {{ humidityPercent }} % honey is at balance with {{ taken.balancePercent.toFixed(1) }} %
        water (Martin 1958, clover honey near {{ said('20 °C') }}). Into
        {{ said(`${Math.round(openCm2 ?? USUAL_CM2)} cm²`) }} of still surface{{
          openCm2 === null ? ', a usual pail, as its width is not known' : ''
        }}
        it spreads slowly: a starting range of more than ten times, so the grams are one too. Honey
        in thin films on a strainer has more surface and takes on more.
      </p>
    </details>
  </div>
</template>

<style scoped>
.air {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
</style>
