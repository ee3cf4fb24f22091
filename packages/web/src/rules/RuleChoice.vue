<script setup lang="ts" generic="Value extends string | number | boolean | null">
import SelectButton from 'primevue/selectbutton';
import { computed, useId } from 'vue';
import type { Choice } from './choices.js';

/** One house rule that is one of a few: its name, and what it may be. */
const props = defineProps<{
  label: string;
  choices: readonly Choice<Value>[];
  /** Its name stands above it, as a field's does; else beside it. */
  above?: boolean;
}>();
const chosen = defineModel<Value>({ required: true });
const id = useId();
/** By their place: the buttons cannot tell a rule that is null from one that was not chosen. */
const options = computed(() =>
  props.choices.map(({ label }, place) => ({ label, place: String(place) })),
);
const place = computed({
  get: () => String(props.choices.findIndex(({ value }) => value === chosen.value)),
  set: (at) => (chosen.value = props.choices[Number(at)].value),
});
</script>

<template>
  <span :class="above ? 'above' : 'beside'"
    ><span :id="id">{{ label }}</span
    ><SelectButton
      v-model="place"
      :options="options"
      option-label="label"
      option-value="place"
      :allow-empty="false"
      :aria-labelledby="id"
  /></span>
</template>

<style scoped>
.beside {
  display: contents;
}
.above {
  display: flex;
  flex-direction: column;
  gap: 3px;
  font-size: 15px;
  color: var(--ink-2);
}
</style>
