<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  { label: tell('CombMeasures.new-comb'), value: 'new' },
  { label: tell('common.used'), value: 'used' },
  { label: tell('CombMeasures.had-brood'), value: 'brood-used' },
];
const STRAIGHT = [
  { label: tell('CombMeasures.straight'), value: true },
  { label: tell('CombMeasures.crooked'), value: false },
];
</script>

<template>
  <details class="how">
    <summary>{{ tell('CombMeasures.this-combs-measures') }}</summary>
    <div class="measures">
      <NumberField
        :label="tell('CombMeasures.depth')"
        unit="mm"
        :min="10"
        :max="600"
        :model-value="measures.depthMm"
        @update:model-value="$event && emit('change', { depthMm: $event })"
      />
      <NumberField
        :label="tell('CombMeasures.thickness-sealed')"
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
        :aria-label="tell('CombMeasures.age-comb')"
        @update:model-value="emit('change', { combAge: $event })"
      />
      <SelectButton
        :model-value="measures.straight"
        :options="STRAIGHT"
        option-label="label"
        option-value="value"
        :aria-label="tell('CombMeasures.whether-it-straight')"
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
