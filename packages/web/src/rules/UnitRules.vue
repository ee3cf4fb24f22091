<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  UNIT_SYSTEMS,
  systemOf,
  type Dimension,
  type Units,
  type UnitSystemName,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { Choice } from './choices.js';
import RuleChoice from './RuleChoice.vue';

/** What the household measures in: one of three systems, or each kind of quantity by itself. */
const units = defineModel<Units>({ required: true });
const system = computed({
  get: () => systemOf(units.value),
  set: (name) => {
    if (name) units.value = { ...UNIT_SYSTEMS[name] };
  },
});
const isMixed = computed(() => system.value === null);
const opened = ref(false);
const showsEach = computed(() => opened.value || isMixed.value);

const SYSTEMS: readonly Choice<UnitSystemName | null>[] = [
  { label: 'kg, °C, cm, L', value: 'metric' },
  { label: tell('UnitRules.lb-f-in-us-gal'), value: 'us' },
  { label: tell('UnitRules.lb-c-in-imperial-gal'), value: 'imperial' },
];
const EACH: { [D in Dimension]: { label: string; choices: readonly Choice<Units[D]>[] } } = {
  mass: {
    label: tell('common.weight'),
    choices: [
      { label: 'kg, g', value: 'kilograms' },
      { label: 'lb, oz', value: 'pounds' },
    ],
  },
  temperature: {
    label: tell('UnitRules.temperature'),
    choices: [
      { label: '°C', value: 'celsius' },
      { label: '°F', value: 'fahrenheit' },
    ],
  },
  length: {
    label: tell('UnitRules.length'),
    choices: [
      { label: 'cm, mm', value: 'centimetres' },
      { label: 'in', value: 'inches' },
    ],
  },
  volume: {
    label: tell('UnitRules.volume'),
    choices: [
      { label: 'L, ml', value: 'litres' },
      { label: tell('UnitRules.us-gal-pt'), value: 'us-gallons' },
      { label: tell('UnitRules.imperial-gal-pt'), value: 'imperial-gallons' },
    ],
  },
  speed: {
    label: tell('common.wind'),
    choices: [
      { label: 'km/h', value: 'kilometres' },
      { label: tell('UnitRules.mph'), value: 'miles' },
    ],
  },
};
const dimensions = Object.keys(EACH) as Dimension[];
function choose(dimension: Dimension, value: Units[Dimension]): void {
  units.value = { ...units.value, [dimension]: value };
}
</script>

<template>
  <div class="line units" data-as-printed>
    <RuleChoice v-model="system" :label="tell('common.units')" above :choices="SYSTEMS" />
    <Button
      v-if="!showsEach"
      text
      type="button"
      :label="tell('UnitRules.each-by-itself')"
      @click="opened = true"
    />
  </div>
  <div v-if="showsEach" class="line units" data-as-printed>
    <RuleChoice
      v-for="dimension in dimensions"
      :key="dimension"
      :model-value="units[dimension]"
      :label="EACH[dimension].label"
      above
      :choices="EACH[dimension].choices"
      @update:model-value="(value) => choose(dimension, value)"
    />
  </div>
</template>

<style scoped src="./line.css"></style>
<style scoped>
.units {
  align-items: flex-end;
}
</style>
