<script setup lang="ts">
import { said } from '../words/units.js';
import type { Geometry, HiveKind } from '@furrow/core';
import { computed } from 'vue';
import NumberField from '../parts/NumberField.vue';

/**
 * The measures of a hive, typed: one field each, within what its kind allows; those the drawing
 * changes itself may be left out.
 */
const props = defineProps<{
  kind: HiveKind;
  geometry: Geometry;
  issue: (key: string) => string | null;
  /** Measures that another control beside the drawing changes. */
  without?: readonly string[];
  /** A highest value that depends on another measure. */
  atMost?: Readonly<Record<string, number>>;
}>();
const emit = defineEmits<{ change: [key: string, value: number] }>();
const shown = computed(() => props.kind.measures.filter((m) => !props.without?.includes(m.key)));
function say(key: string, value: number | null): void {
  if (value !== null) emit('change', key, value);
}
</script>

<template>
  <div class="numbers">
    <NumberField
      v-for="m in shown"
      :key="m.key"
      :label="said(m.label)"
      :unit="m.unit"
      :whole="!m.unit"
      :min="m.low"
      :max="atMost?.[m.key] ?? m.high"
      :model-value="Number(geometry[m.key])"
      :error="issue(m.key)"
      @update:model-value="say(m.key, $event)"
    />
  </div>
</template>

<style scoped>
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  align-items: end;
  gap: 8px 16px;
  max-width: 520px;
}
</style>
