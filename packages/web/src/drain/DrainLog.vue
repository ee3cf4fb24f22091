<script setup lang="ts">
import { type Drain, type DrainEvent, type HouseRules, endOf } from '@furrow/core';
import { massText } from '@furrow/words';
import Button from 'primevue/button';
import { computed } from 'vue';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { said } from '../shell/units.js';

/**
 * Everything written down of a drain, newest first; a weighing left out stays here and can be
 * counted again.
 */
const props = defineProps<{ drain: Drain; rules: HouseRules; zone: string; now: Date }>();
const emit = defineEmits<{ readings: [] }>();
const { go } = useSend();
const kg = (g: number | null): string => massText((g ?? 0) / 1000, props.rules.units, 2);
const words: Record<DrainEvent['kind'], (e: DrainEvent) => string> = {
  stir: () => 'stirred',
  mash: () => 'mashed again',
  'draw-off': (e) => `drew off ${kg(e.g)}`,
  temperature: (e) => said(`${e.temperatureC} °C`),
  warm: (e) => said(`warming, ${e.temperatureC} °C`),
  'warm-end': () => 'warming ended',
  press: (e) => (e.g ? `press turned, ${kg(e.g)}` : 'press turned'),
  skim: (e) => `skimmed ${kg(e.g)}`,
  moisture: (e) => `${e.moisturePercent} % water`,
};
const lines = computed(() =>
  [
    ...props.drain.weighings.map((w) => ({
      id: w.id,
      at: w.occurredAt,
      text: `weighed ${kg(w.netG)}${w.of === 'upper' ? ', upper' : ''}`,
      leftOut: w.leftOut,
      weighing: true,
    })),
    ...props.drain.events.map((e) => ({
      id: e.id,
      at: e.occurredAt,
      text: words[e.kind](e),
      leftOut: false,
      weighing: false,
    })),
    ...(props.drain.readings.length
      ? [
          {
            id: 'row',
            at: endOf(props.drain.readings).at,
            text: `${props.drain.readings.length} readings in a row`,
            leftOut: false,
            weighing: false,
          },
        ]
      : []),
  ]
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, 12),
);
const again = (id: string): unknown =>
  go(`/weighings/${id}`, { leftOut: false }, 'Weighing counted again.', { method: 'PATCH' });
</script>

<template>
  <div class="head">
    <h2 class="furrow-heading">Log</h2>
    <Button text label="Readings…" @click="emit('readings')" />
  </div>
  <ul class="log">
    <li v-for="e in lines" :key="e.id" :class="{ out: e.leftOut }">
      <b>{{ clockText(e.at, zone, now) }}</b> {{ e.text
      }}<template v-if="e.leftOut">
        (left out) <Button text label="Count it again" @click="again(e.id)"
      /></template>
    </li>
  </ul>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 8px;
}
.head h2 {
  flex: 1;
}
.head :deep(.p-button) {
  min-height: 44px !important;
  font-size: 16px !important;
}
.log {
  list-style: none;
  margin: 0;
  padding: 0;
}
.log li {
  padding: 2px 0;
  border-bottom: var(--line);
}
.out {
  color: var(--ink-3);
}
.out :deep(.p-button) {
  min-height: 40px !important;
  font-size: 15px !important;
}
</style>
