<script setup lang="ts">
import { balanceWaterPercent, rackHours, type Keeping, type RackRun } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import NumberField from '../parts/NumberField.vue';
import { figure } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';

/** Cut pieces on the rack until their edges stop weeping, by the room's warmth and air. */
const props = defineProps<{
  /** What stands on it now. */
  rack: Keeping | null;
  whenReady: (keeping: Keeping) => string;
  /** Pieces that are cut and could stand on it. */
  pieces: number;
  /** The household's own racks, from which it learns. */
  racks: readonly RackRun[];
  waterNote: string | null;
  busy: boolean;
  fieldError: (name: string) => string | null;
}>();
const emit = defineEmits<{ begin: []; end: [rack: Keeping] }>();
const roomC = defineModel<number | null>('roomC', { required: true });
const humidity = defineModel<number | null>('humidity', { required: true });
const water = defineModel<number | null>('water', { required: true });
const weeps = computed(() =>
  roomC.value === null || water.value === null
    ? null
    : rackHours({
        temperatureC: roomC.value,
        moisturePercent: water.value,
        own: [...props.racks],
      }),
);
/** What the room's air would do to the cut edges, where they gain by it. */
const wet = computed(() => {
  if (humidity.value === null || water.value === null) return null;
  const balance = balanceWaterPercent(humidity.value);
  if (balance === null)
    return humidity.value > 80
      ? tell('ColdPanel.at-humidity-open-honey-takes', { humidity: humidity.value })
      : null;
  return balance > water.value
    ? tell('ColdPanel.air-wets-open-honey-up', {
        humidity: humidity.value,
        balance: figure(balance, 1),
      })
    : null;
});
</script>

<template>
  <section class="rack">
    <h2 class="furrow-heading">{{ tell('ColdPanel.on-rack') }}</h2>
    <template v-if="rack"
      ><p>
        <b class="display when">{{ whenReady(rack) }}</b>
        {{
          tell('ColdPanel.edges-should-have-stopped-weeping', {
            pieces: rack.pieces,
            said: measured({ temperatureC: rack.roomC }),
          })
        }}
      </p>
      <Button
        outlined
        :label="tell('ColdPanel.they-have-stopped-weeping')"
        :loading="busy"
        @click="emit('end', rack)"
    /></template>
    <template v-else
      ><p v-if="weeps">
        {{
          tell('ColdPanel.cut-edges-weep-to-h', {
            low: figure(weeps.low),
            high: figure(weeps.high),
            said: measured({ temperatureC: roomC! }),
            water,
          })
        }}<template v-if="racks.length >= 5">{{
          tell('ColdPanel.by-your-last-racks', { racks: racks.length })
        }}</template
        ><template v-else>{{ tell('ColdPanel.starting-range-your-own-racks') }}</template
        >{{ tell('ColdPanel.turn-them-once-cover-against') }}
      </p>
      <p v-if="wet" class="rust">
        <b>{{ wet }}</b>
      </p>
      <div class="fields">
        <NumberField
          v-model="roomC"
          narrow
          :label="tell('ColdPanel.room')"
          unit="°C"
          :min="0"
          :max="45"
          :error="fieldError('roomC')"
        /><NumberField
          v-model="humidity"
          narrow
          nullable
          :label="tell('ColdPanel.its-humidity')"
          unit="%"
          :min="0"
          :max="100"
        /><NumberField
          v-model="water"
          :digits="1"
          narrow
          :label="tell('common.water-in-honey')"
          unit="%"
          :min="13"
          :max="25"
          :note="waterNote"
          :error="fieldError('moisturePercent')"
        /><Button
          outlined
          :label="tell('ColdPanel.on-rack-now')"
          :disabled="!pieces"
          :loading="busy"
          @click="emit('begin')"
        />
      </div>
      <p v-if="!pieces" class="sub">
        {{ tell('ColdPanel.no-piece-cut-yet-cut') }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.rack {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.when {
  font-size: 31px;
  display: block;
}
.rack .p-button {
  min-height: 64px;
  align-self: start;
}
</style>
