<script setup lang="ts">
import { FIXED_FIELDS, LABEL_FIELD_WORDS, between, type LabelField } from '@furrow/core';
import Button from 'primevue/button';
import TextField from '../parts/TextField.vue';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';

/** One line of the label in hand: larger or smaller, bold, up or down, left out where it may be. */
defineProps<{ isFirst: boolean; isLast: boolean }>();
const emit = defineEmits<{ move: [by: 1 | -1]; away: [] }>();
const line = defineModel<LabelField>({ required: true });
/** Points a touch changes the size by, and between which it stays. */
const [STEP_PT, LEAST_PT, MOST_PT] = [0.5, 4, 48];
const change = (to: Partial<LabelField>): void => void (line.value = { ...line.value, ...to });
function resize(by: number): void {
  const halves = Math.round((line.value.sizePt + by) / STEP_PT);
  change({ sizePt: between(LEAST_PT, MOST_PT, halves * STEP_PT) });
}
</script>

<template>
  <div
    class="tools"
    role="group"
    :aria-label="tell('LabelsPanel.line', { kind: LABEL_FIELD_WORDS[line.kind] })"
  >
    <b>{{ said(LABEL_FIELD_WORDS[line.kind]) }}</b>
    <Button outlined :label="tell('common.smaller')" @click="resize(-STEP_PT)" /><span class="pt">{{
      tell('LabelsPanel.pt', { sizePt: line.sizePt })
    }}</span
    ><Button outlined :label="tell('common.larger')" @click="resize(STEP_PT)" />
    <Button
      outlined
      :label="line.bold ? tell('LabelsPanel.plain') : tell('LabelsPanel.bold')"
      @click="change({ bold: !line.bold })"
    />
    <Button
      outlined
      :label="tell('LabelsPanel.up')"
      :disabled="isFirst"
      @click="emit('move', -1)"
    /><Button
      outlined
      :label="tell('LabelsPanel.down')"
      :disabled="isLast"
      @click="emit('move', 1)"
    />
    <Button
      v-if="!FIXED_FIELDS.includes(line.kind)"
      text
      :label="tell('LabelsPanel.leave-out')"
      @click="emit('away')"
    /><span v-else class="sub">{{ tell('LabelsPanel.this-line-stays-on-every') }}</span>
    <TextField
      v-if="line.kind === 'own'"
      :model-value="line.text ?? ''"
      :label="tell('LabelsPanel.what-it-says')"
      @update:model-value="change({ text: $event })"
    />
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 8px 10px;
  align-items: center;
  flex-wrap: wrap;
  padding: 6px 0;
}
.tools .p-button {
  min-height: 52px;
  padding: 0 14px;
  font-size: 17px;
}
.pt {
  min-width: 56px;
  text-align: center;
}
</style>
