<script setup lang="ts">
import { readNumber } from '@furrow/core';
import InputText from 'primevue/inputtext';
import { computed, ref, useId, watch } from 'vue';
import { householdUnits, said } from '../shell/units.js';
import { fieldUnit } from './fieldUnit.js';

/**
 * A number as people type it, comma or point, with its unit; says at the field what is wrong and
 * keeps what was typed. Kilograms, grams and °C stay so outside and are typed in the household's
 * units.
 */
const props = defineProps<{
  label: string;
  unit?: string;
  error?: string | null;
  min?: number;
  max?: number;
  whole?: boolean;
  digits?: number;
  hideLabel?: boolean;
  narrow?: boolean;
  nullable?: boolean;
  /** Where the number comes from, or what an empty field is taken as. */
  note?: string | null;
}>();
const model = defineModel<number | null>({ required: true });
const id = useId();
const how = computed(() => fieldUnit(props.unit, householdUnits.value));
const show = (value: number | null | undefined): string => {
  if (value === null || value === undefined || Number.isNaN(value)) return '';
  const shown = how.value.shown(value);
  return String(props.digits === undefined ? shown : Number(shown.toFixed(props.digits)));
};
/** What the field says, in the unit that is kept; null where it cannot be read. */
function readKept(): number | null {
  const shown = readNumber(text.value);
  return shown === null ? null : how.value.kept(shown);
}
const text = ref(show(model.value));
const touched = ref(false);
watch([model, how], ([value], [, before]) => {
  // What cannot be read stays as it was typed; a number that was put away from outside is cleared.
  if (before === how.value && readKept() === (value ?? null)) return;
  text.value = show(value);
  // What was written down is not asked for again.
  touched.value = false;
});
const edgeText = (value: number): string =>
  [Number(how.value.shown(value).toFixed(1)), how.value.unit]
    .filter((x) => x !== undefined)
    .join(' ');
const problem = computed(() => {
  if (text.value.trim() === '') return touched.value && !props.nullable ? 'Say a number.' : null;
  const value = readKept();
  if (value === null) return 'Type a number, such as 5,8.';
  if (props.whole && !Number.isInteger(value)) return 'A whole number.';
  if (props.min !== undefined && value < props.min) return `At least ${edgeText(props.min)}.`;
  if (props.max !== undefined && value > props.max) return `At most ${edgeText(props.max)}.`;
  return null;
});
const describedBy = computed(() => {
  if (props.error ?? problem.value) return `${id}-e`;
  return props.note ? `${id}-n` : undefined;
});
function typed(value: string | undefined): void {
  text.value = value ?? '';
  touched.value = true;
  model.value = readKept();
}
</script>

<template>
  <div class="field" :class="{ narrow }">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <span class="box"
      ><InputText
        :id="id"
        :model-value="text"
        inputmode="decimal"
        autocomplete="off"
        :invalid="Boolean(error ?? problem)"
        :aria-describedby="describedBy"
        @update:model-value="typed"
      /><span v-if="how.unit" class="unit">{{ how.unit }}</span></span
    >
    <p v-if="error ?? problem" :id="`${id}-e`" class="rust says" role="alert">
      {{ error ?? problem }}
    </p>
    <p v-else-if="note" :id="`${id}-n`" class="sub note">{{ said(note) }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
label {
  font-size: 15px;
  color: var(--ink-2);
}
.box {
  display: flex;
  align-items: center;
  gap: 8px;
}
.box :deep(input) {
  width: 100%;
  min-width: 0;
  font-weight: 700;
}
.narrow .box :deep(input) {
  width: 72px;
  padding: 6px 8px;
  text-align: right;
}
.unit {
  white-space: nowrap;
}
.note,
.says {
  font-size: 15px;
}
.says {
  font-weight: 600;
}
</style>
