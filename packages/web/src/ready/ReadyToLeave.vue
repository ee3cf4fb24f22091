<script setup lang="ts">
import type { BringLine, Tick } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { tell } from '../words/tell.js';
import { useLeaving } from './useLeaving.js';

/** Before going where the signal ends: what lies on this device, and what is still to be done. */
const props = defineProps<{
  lines: readonly BringLine[];
  ticks: readonly Tick[];
  zone: string;
}>();
const now = useNow();
const { lies, readAt, isForGood, wasRefused, batteryPercent, askForGood } = useLeaving();
const readText = computed(() => readAt.value && clockText(readAt.value, props.zone, now.value));
const ticked = computed(
  () =>
    props.lines.filter(({ id }) => props.ticks.some((t) => t.line === id && t.state === 'have'))
      .length,
);
const LOW_PERCENT = 30;
/** Each line: whether it is so, and what is said of it. */
const checks = computed(() => [
  {
    isSo: lies.value === true,
    text: lies.value ? tell('ReadyToLeave.lies-here') : tell('ReadyToLeave.keeps-no-application'),
  },
  {
    isSo: readText.value !== null,
    text: readText.value
      ? tell('ReadyToLeave.day-read', { at: readText.value })
      : tell('ReadyToLeave.day-not-read'),
  },
  {
    isSo: ticked.value === props.lines.length,
    text: tell('ReadyToLeave.ticked', { ticked: ticked.value, lines: props.lines.length }),
  },
  ...(batteryPercent.value === null
    ? []
    : [
        {
          isSo: batteryPercent.value >= LOW_PERCENT,
          text: tell('ReadyToLeave.battery', { percent: batteryPercent.value }),
        },
      ]),
]);
</script>

<template>
  <details class="leave no-print">
    <summary>{{ tell('ReadyToLeave.ready-to-leave') }}</summary>
    <ul>
      <li v-for="check in checks" :key="check.text" :class="{ so: check.isSo }">
        {{ check.text }}
      </li>
    </ul>
    <template v-if="isForGood === false">
      <p class="sub">{{ tell('ReadyToLeave.why-for-good') }}</p>
      <p v-if="wasRefused" role="status">{{ tell('ReadyToLeave.not-agreed') }}</p>
      <Button v-else outlined :label="tell('ReadyToLeave.ask-for-good')" @click="askForGood" />
    </template>
    <p class="sub">{{ tell('ReadyToLeave.alarms') }}</p>
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 600;
}
summary::before {
  content: '▸';
  padding-right: 8px;
}
details[open] summary::before {
  content: '▾';
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  margin: 4px 0;
}
li.so {
  border-color: var(--field);
}
</style>
