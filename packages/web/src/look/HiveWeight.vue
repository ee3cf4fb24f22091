<script setup lang="ts">
import { weeklyGain, type ColonyFact, type ColonyState, type Units } from '@furrow/core';
import { massText } from '@furrow/words';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import { read } from '../api/client.js';
import { dateText } from '../shell/times.js';
import { gainText } from './colonyLines.js';
import { said } from '../shell/units.js';

/**
 * The whole hive on a scale: what it weighs, what it gained a week, and what that says of the
 * forage.
 */
const props = defineProps<{
  hiveId: string;
  weights: ColonyState['weights'];
  units: Units;
  busy: boolean;
}>();
const emit = defineEmits<{ note: [ColonyFact] }>();
const kg = ref<number | null>(null);
const says = ref('');
const gain = computed(() => weeklyGain(props.weights));
const FLOW_WORDS = {
  strong: 'a strong flow',
  some: 'some forage',
  standing: 'neither flow nor loss',
  none: 'a dearth: it lives on its stores',
};
/** The forage that the gain speaks for, ready to be noted; standing still speaks for nothing. */
const flow = computed(() =>
  gain.value && gain.value.says !== 'standing' ? gain.value.says : null,
);
async function readScale(): Promise<void> {
  try {
    const reading = await read(`/instruments/hive-scale?hiveId=${props.hiveId}`);
    kg.value = reading.value / 1000;
    says.value = reading.simulated
      ? 'read from the practice hive scale'
      : 'read from the hive scale';
  } catch (error) {
    says.value = error instanceof Error ? error.message : 'The hive scale says nothing.';
  }
}
const note = (same: boolean): void => emit('note', { kind: 'hive-weight', kg: kg.value!, same });
</script>

<template>
  <NumberField v-model="kg" label="The whole hive weighs" unit="kg" :min="1" :max="300" />
  <Button outlined label="Read the scale" @click="readScale" />
  <p v-if="says" class="sub">{{ said(says) }}</p>
  <Button
    v-if="weights.length"
    outlined
    label="Nothing added or taken since"
    :disabled="kg === null"
    :loading="busy"
    @click="note(true)"
  />
  <Button
    outlined
    :label="weights.length ? 'Something was: begin anew' : 'Write it down'"
    :disabled="kg === null"
    :loading="busy"
    @click="note(false)"
  />
  <p v-if="gain" class="gain">
    <b>{{ gainText(gain, units) }}</b>: {{ massText(Math.abs(gain.gainKg), units, 1) }}
    {{ gain.gainKg < 0 ? 'less' : 'more' }} in {{ gain.days }} days since
    {{ dateText(gain.fromOn) }}. That speaks for {{ FLOW_WORDS[gain.says] }}.
  </p>
  <Button
    v-if="flow"
    outlined
    :label="`Note the forage: ${flow === 'none' ? 'dearth' : flow}`"
    :loading="busy"
    @click="emit('note', { kind: 'flow', flow, endsOn: null })"
  />
</template>

<style scoped>
.gain {
  flex-basis: 100%;
}
</style>
