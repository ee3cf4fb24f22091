<script setup lang="ts">
import { massText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import { type Drain, type DrainEvent, type HouseRules, endOf } from '@furrow/core';

import Button from 'primevue/button';
import { computed } from 'vue';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';

/**
 * Everything written down of a drain, newest first; a weighing left out stays here and can be
 * counted again.
 */
const props = defineProps<{ drain: Drain; rules: HouseRules; zone: string; now: Date }>();
const emit = defineEmits<{ readings: [] }>();
const { go } = useSend();
const kg = (g: number | null): string => massText((g ?? 0) / 1000, props.rules.units, 2);
const words: Record<DrainEvent['kind'], (e: DrainEvent) => string> = {
  stir: () => tell('DrainLog.stirred'),
  mash: () => tell('DrainLog.mashed-again'),
  'draw-off': (e) => tell('DrainLog.drew-off', { g: kg(e.g) }),
  temperature: (e) => measured({ temperatureC: e.temperatureC! }),
  warm: (e) => tell('DrainLog.warming', { temperature: { temperatureC: e.temperatureC! } }),
  'warm-end': () => tell('DrainLog.warming-ended'),
  press: (e) =>
    e.g ? tell('DrainLog.press-turned', { g: kg(e.g) }) : tell('DrainLog.press-turned-2'),
  skim: (e) => tell('DrainLog.skimmed', { g: kg(e.g) }),
  moisture: (e) => tell('DrainLog.water', { moisturePercent: e.moisturePercent }),
};
const lines = computed(() =>
  [
    ...props.drain.weighings.map((w) => ({
      id: w.id,
      at: w.occurredAt,
      text: tell('DrainLog.weighed', {
        netG: kg(w.netG),
        of: w.of === 'upper' ? tell('DrainLog.upper') : '',
      }),
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
            text: tell('DrainLog.readings-in-row', { readings: props.drain.readings.length }),
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
  go(`/weighings/${id}`, { leftOut: false }, tell('DrainLog.weighing-counted-again'), {
    method: 'PATCH',
  });
</script>

<template>
  <div class="head">
    <h2 class="furrow-heading">{{ tell('DrainLog.log') }}</h2>
    <Button text :label="tell('DrainLog.readings')" @click="emit('readings')" />
  </div>
  <ul class="log">
    <li v-for="e in lines" :key="e.id" :class="{ out: e.leftOut }">
      <b>{{ clockText(e.at, zone, now) }}</b> {{ e.text
      }}<template v-if="e.leftOut"
        >{{ ' ' }}{{ tell('DrainLog.left-out') }}
        <Button text :label="tell('DrainLog.count-it-again')" @click="again(e.id)"
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
