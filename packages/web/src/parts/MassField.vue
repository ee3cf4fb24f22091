<script setup lang="ts">
import { GRAMS_PER_OUNCE, GRAMS_PER_POUND, type UnitSystem } from '@furrow/core';
import { computed } from 'vue';
import NumberField from './NumberField.vue';

/**
 * A mass, or a price of one, typed in the household's own unit: the value outside stays in kg, g or
 * a kg, as `of` says.
 */
const props = defineProps<{
  label: string;
  of: 'kg' | 'g' | 'a kg';
  units: UnitSystem;
  min?: number;
  max?: number;
  error?: string | null;
}>();
const model = defineModel<number | null>({ required: true });
const POUND_KG = GRAMS_PER_POUND / 1000;
/** How many of the imperial unit one of the metric unit is, and its sign. */
const IMPERIAL = {
  kg: { times: 1 / POUND_KG, unit: 'lb' },
  g: { times: 1 / GRAMS_PER_OUNCE, unit: 'oz' },
  'a kg': { times: POUND_KG, unit: 'a lb' },
};
const METRIC = {
  kg: { times: 1, unit: 'kg' },
  g: { times: 1, unit: 'g' },
  'a kg': { times: 1, unit: 'a kg' },
};
const how = computed(() => (props.units === 'metric' ? METRIC : IMPERIAL)[props.of]);
// A value that was typed in pounds comes back as it was typed, not with the dust of two divisions.
const clean = (value: number): number => Number(value.toFixed(6));
const shown = computed({
  get: () => (model.value === null ? null : clean(model.value * how.value.times)),
  set: (value) => (model.value = value === null ? null : value / how.value.times),
});
const edge = (value: number | undefined): number | undefined =>
  value === undefined ? undefined : Number((value * how.value.times).toFixed(1));
</script>

<template>
  <NumberField
    v-model="shown"
    :label="label"
    :unit="how.unit"
    :min="edge(min)"
    :max="edge(max)"
    :digits="2"
    :error="error"
  />
</template>
