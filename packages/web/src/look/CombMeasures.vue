<script setup lang="ts">
import type { Seen } from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import NumberField from '../parts/NumberField.vue';

/** A comb's own measures, its age, and whether it is straight. */
export interface Measures {
  depthMm: number;
  thicknessMm: number;
  combAge: Seen['combAge'];
  straight: boolean | null;
}
defineProps<{ measures: Measures; noCombLabel: string }>();
const emit = defineEmits<{ change: [part: Partial<Measures>]; noComb: [] }>();
const AGES: { label: string; value: Seen['combAge'] }[] = [
  { label: 'New comb', value: 'new' },
  { label: 'Used', value: 'used' },
  { label: 'Had brood', value: 'brood-used' },
];
const STRAIGHT = [
  { label: 'Straight', value: true },
  { label: 'Crooked', value: false },
];
</script>

<template>
  <details class="how">
    <summary>This comb's measures</summary>
    <div class="measures">
      <NumberField
        label="Depth"
        unit="mm"
        :min="10"
        :max="600"
        :model-value="measures.depthMm"
        @update:model-value="$event && emit('change', { depthMm: $event })"
      />
      <NumberField
        label="Thickness, sealed"
        unit="mm"
        :min="15"
        :max="60"
        :model-value="measures.thicknessMm"
        @update:model-value="$event && emit('change', { thicknessMm: $event })"
      />
      <SelectButton
        :model-value="measures.combAge"
        :options="AGES"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Age of the comb"
        @update:model-value="emit('change', { combAge: $event })"
      />
      <SelectButton
        :model-value="measures.straight"
        :options="STRAIGHT"
        option-label="label"
        option-value="value"
        aria-label="Whether it is straight"
        @update:model-value="emit('change', { straight: $event })"
      />
      <Button text :label="noCombLabel" @click="emit('noComb')" />
    </div>
  </details>
</template>

<style scoped>
.measures {
  display: flex;
  flex-flow: row wrap;
  gap: 8px 14px;
  align-items: flex-end;
}
</style>
