<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { newLabelSheetSchema, sheetProblem, type LabelSheet } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref } from 'vue';
import LabelSheetFace from '../drawing/LabelSheetFace.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/** A sheet of labels by its measures, drawn while they are typed. */
const visible = defineModel<boolean>('visible', { required: true });
const emit = defineEmits<{ made: [id: string] }>();
const { go, busy, refusal } = useSend();
const name = ref('');
const m = ref<{ [K in keyof LabelSheet]: number | null }>({
  paperWidthMm: 210,
  paperHeightMm: 297,
  columns: 2,
  rows: 7,
  marginLeftMm: 5,
  marginTopMm: 10,
  labelWidthMm: 98,
  labelHeightMm: 38,
  gapXMm: 2,
  gapYMm: 0.5,
});
const parsed = computed(() =>
  newLabelSheetSchema.omit({ id: true }).safeParse({ name: name.value, ...m.value }),
);
const whole = computed(() =>
  Object.values(m.value).every((v) => v !== null && v >= 0) ? (m.value as LabelSheet) : null,
);
const problem = computed(() => (whole.value ? sheetProblem(whole.value) : null));
async function keep(): Promise<void> {
  const id = newId();
  if (
    !(await go(
      '/labelSheets',
      { id, name: name.value, ...m.value },
      tell('LabelSheetDialog.sheet-kept', { name: name.value }),
    ))
  )
    return;
  emit('made', id);
  visible.value = false;
}
const lines: [keyof LabelSheet, string, boolean][] = [
  ['paperWidthMm', tell('LabelSheetDialog.paper-wide'), false],
  ['paperHeightMm', tell('LabelSheetDialog.paper-high'), false],
  ['columns', tell('LabelSheetDialog.labels-across'), true],
  ['rows', tell('LabelSheetDialog.labels-down'), true],
  ['labelWidthMm', tell('LabelSheetDialog.label-wide'), false],
  ['labelHeightMm', tell('LabelSheetDialog.label-high'), false],
  ['marginLeftMm', tell('LabelSheetDialog.from-left-edge'), false],
  ['marginTopMm', tell('LabelSheetDialog.from-top-edge'), false],
  ['gapXMm', tell('LabelSheetDialog.gap-across'), false],
  ['gapYMm', tell('LabelSheetDialog.gap-down'), false],
];
</script>

<template>
  <DialogFrame
    v-model:visible="visible"
    :header="tell('LabelSheetDialog.sheet-labels')"
    :width="860"
  >
    <form class="sheet" @submit.prevent="keep">
      <div class="numbers">
        <TextField v-model="name" :label="tell('common.name')" /><NumberField
          v-for="[key, label, count] in lines"
          :key="key"
          v-model="m[key]"
          narrow
          :label="label"
          :unit="count ? '' : 'mm'"
          :whole="count"
          :min="0"
        />
      </div>
      <div>
        <LabelSheetFace
          v-if="whole && whole.columns * whole.rows <= 400"
          :sheet="whole"
          :start-at="0"
          :count="0"
          :s="1"
        />
      </div>
      <p v-if="problem" class="rust wide">{{ said(problem) }}</p>
      <Refusal :refusal="refusal" />
      <Button
        type="submit"
        :label="tell('LabelSheetDialog.keep-this-sheet')"
        :disabled="!parsed.success || problem !== null"
        :loading="busy"
      />
    </form>
  </DialogFrame>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 14px 24px;
}
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-content: flex-start;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 700px) {
  .sheet {
    grid-template-columns: 1fr;
  }
}
</style>
