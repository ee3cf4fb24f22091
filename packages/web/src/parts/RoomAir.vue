<script setup lang="ts">
import { figure } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { waterFromRoom } from '@furrow/core';
import { computed } from 'vue';
import NumberField from './NumberField.vue';

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
  return tell('RoomAir.grams', {
    grams: { massG: least === most ? most : { low: least, high: most }, as: 'estimate' },
  });
});
const water = computed(() => {
  if (!taken.value) return '';
  const { low, high } = taken.value.waterPercent;
  const [least, most] = [low, high].sort((a, b) => a - b).map((p) => figure(p, 1));
  return least === most ? `${least} %` : `${least}–${most} %`;
});
</script>

<template>
  <div class="air">
    <NumberField
      v-model="humidityPercent"
      narrow
      nullable
      :label="tell('RoomAir.rooms-humidity')"
      unit="%"
      :min="0"
      :max="100"
    />
    <p v-if="taken && gains" class="rust">
      <b>{{ tell('RoomAir.cover-it-or-dry-room') }}</b>
      {{
        tell('RoomAir.open-for-h-it-takes', {
          wholeHours,
          grams,
          moisturePercent: figure(moisturePercent, 1),
          water,
        })
      }}
    </p>
    <p v-else-if="taken" class="sub">
      {{ tell('RoomAir.this-air-takes-water-out', { grams, wholeHours, water }) }}
    </p>
    <p v-else class="sub">
      {{ tell('RoomAir.honey-18-water-takes-on')
      }}<template v-if="humidityPercent !== null"
        >{{ ' ' }}{{ tell('RoomAir.below-50-and-above-80') }}</template
      >
    </p>
    <details v-if="taken" class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{
          tell('RoomAir.at-honey-at-balance-with', {
            humidityPercent,
            balancePercent: figure(taken.balancePercent, 1),
            said: measured({ temperatureC: 20 }),
            said2: measured({ areaCm2: Math.round(openCm2 ?? USUAL_CM2) }),
            openCm2: openCm2 === null ? tell('RoomAir.usual-pail-as-its-width') : '',
          })
        }}
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
