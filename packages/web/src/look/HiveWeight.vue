<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { weeklyGain, type ColonyFact, type ColonyState, type Units } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import { read } from '../api/client.js';
import { dateText } from '../shell/times.js';
import { gainText } from './colonyLines.js';
import { said } from '../words/units.js';

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
  strong: tell('HiveWeight.strong-flow'),
  some: tell('HiveWeight.some-forage'),
  standing: tell('HiveWeight.neither-flow-nor-loss'),
  none: tell('HiveWeight.dearth-it-lives-on-its'),
};
const FLOWS_TO_NOTE = {
  strong: tell('HiveWeight.strong'),
  some: tell('HiveWeight.some'),
  none: tell('HiveWeight.dearth'),
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
      ? tell('HiveWeight.read-from-practice-hive-scale')
      : tell('HiveWeight.read-from-hive-scale');
  } catch (error) {
    says.value =
      error instanceof Error ? error.message : tell('HiveWeight.hive-scale-says-nothing');
  }
}
const note = (same: boolean): void => emit('note', { kind: 'hive-weight', kg: kg.value!, same });
</script>

<template>
  <NumberField
    v-model="kg"
    :label="tell('common.whole-hive-weighs')"
    unit="kg"
    :min="1"
    :max="300"
  />
  <Button outlined :label="tell('common.read-scale')" @click="readScale" />
  <p v-if="says" class="sub">{{ said(says) }}</p>
  <Button
    v-if="weights.length"
    outlined
    :label="tell('HiveWeight.nothing-added-or-taken-since')"
    :disabled="kg === null"
    :loading="busy"
    @click="note(true)"
  />
  <Button
    outlined
    :label="
      weights.length ? tell('HiveWeight.something-was-begin-anew') : tell('common.write-it-down')
    "
    :disabled="kg === null"
    :loading="busy"
    @click="note(false)"
  />
  <p v-if="gain" class="gain">
    <b>{{ gainText(gain, units) }}</b>{{
      tell('HiveWeight.in-days-since-that-speaks', {
        gainKg: massText(Math.abs(gain.gainKg), units, 1),
        gainKg2: gain.gainKg < 0 ? tell('HiveWeight.less') : tell('HiveWeight.more'),
        days: gain.days,
        fromOn: dateText(gain.fromOn),
        says: FLOW_WORDS[gain.says],
      })
    }}
  </p>
  <Button
    v-if="flow"
    outlined
    :label="tell('HiveWeight.note-forage', { flow: FLOWS_TO_NOTE[flow] })"
    :loading="busy"
    @click="emit('note', { kind: 'flow', flow, endsOn: null })"
  />
</template>

<style scoped>
.gain {
  flex-basis: 100%;
}
</style>
