<script setup lang="ts">
import { figure } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { fromStorage, isRecord } from '../parts/fromStorage';
import {
  BadInput,
  saidOf,
  keepingSaid,
  readingDoubt,
  readingMoisture,
  type Reading,
} from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import SelectButton from 'primevue/selectbutton';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import { read } from '../api/client.js';

/** One drop on the refractometer: which scale was read, at what temperature, from which cell. */
const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{
  side: 'A' | 'B';
  date: string;
  /** Of honey in a vessel: no side and no cell. */
  bench?: boolean;
  /** What the practice refractometer is asked for. */
  drop?: string;
}>();
const emit = defineEmits<{ reading: [reading: Reading] }>();
const remembered: Partial<Reading> = fromStorage('furrow.refractometer', isRecord) ?? {};
const value = ref<number | null>(null);
const scale = ref<Reading['scale']>(remembered.scale ?? 'moisture');
const cells = ref<Reading['cells']>('open');
const side = ref<'A' | 'B'>(props.side);
const temperatureC = ref<number | null>(20);
const calibratedOn = ref(remembered.calibratedOn ?? '');
const lowC = ref<number | null>(remembered.instrumentLowC ?? 10);
const highC = ref<number | null>(remembered.instrumentHighC ?? 30);
const instrument = computed(() => ({
  calibratedOn: calibratedOn.value || null,
  ...(lowC.value === null ? {} : { instrumentLowC: lowC.value }),
  ...(highC.value === null ? {} : { instrumentHighC: highC.value }),
}));
const compensated = ref(remembered.temperatureCompensated ?? true);
watch(visible, (open) => {
  if (open) [value.value, side.value, kept.value] = [null, props.side, []];
});
const scales = [
  { label: tell('MoistureDialog.water'), value: 'moisture' },
  { label: 'Brix %', value: 'brix' },
  { label: tell('MoistureDialog.index-n'), value: 'index' },
];
const bounds = computed(
  () => ({ moisture: [10, 40], brix: [55, 90], index: [1.4, 1.52] })[scale.value],
);
const ready = computed(
  () =>
    value.value !== null &&
    temperatureC.value !== null &&
    value.value >= bounds.value[0] &&
    value.value <= bounds.value[1] &&
    temperatureC.value >= 0 &&
    temperatureC.value <= 50,
);
const reading = computed<Reading | null>(() =>
  ready.value
    ? {
        side: side.value,
        cells: cells.value,
        scale: scale.value,
        value: value.value!,
        temperatureC: temperatureC.value!,
        temperatureCompensated: compensated.value,
        ...instrument.value,
      }
    : null,
);
const doubt = computed(() => (reading.value ? readingDoubt(reading.value, props.date) : null));
const result = computed(() => {
  if (!reading.value) return null;
  try {
    return readingMoisture(reading.value);
  } catch (error) {
    return error instanceof BadInput ? said(saidOf(error)) : null;
  }
});
async function readDrop(): Promise<void> {
  scale.value = 'moisture';
  value.value = (await read(`/instruments/refractometer?${props.drop}`)).value;
}
/**
 * What was kept since the dialog opened, so that the next drop is read without opening it again.
 */
const kept = ref<string[]>([]);
const readingField = useTemplateRef<{ $el: HTMLElement }>('readingField');
const keep = (): void => {
  if (keepDrop()) visible.value = false;
};
async function keepAndGoOn(): Promise<void> {
  if (!keepDrop()) return;
  value.value = null;
  await nextTick();
  readingField.value?.$el.querySelector('input')?.focus();
}
/** Hands the drop on; false where it is none yet. */
function keepDrop(): boolean {
  if (!reading.value || !result.value || typeof result.value === 'string') return false;
  localStorage.setItem(
    'furrow.refractometer',
    JSON.stringify({
      scale: scale.value,
      temperatureCompensated: compensated.value,
      ...instrument.value,
    }),
  );
  kept.value.push(`${figure(result.value.moisturePercent, 1)} %`);
  emit('reading', reading.value);
  return true;
}
</script>

<template>
  <DialogFrame v-model:visible="visible" :header="tell('common.water-in-honey')" :width="520">
    <form class="moisture" @submit.prevent="keep">
      <SelectButton
        v-model="scale"
        :options="scales"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('MoistureDialog.which-scale-was-read')"
      />
      <NumberField
        ref="readingField"
        v-model="value"
        :label="tell('common.reading')"
        :min="bounds[0]"
        :max="bounds[1]"
        :unit="scale === 'index' ? '' : '%'"
      />
      <NumberField
        v-model="temperatureC"
        :label="tell('MoistureDialog.honeys-temperature')"
        :min="0"
        :max="50"
        unit="°C"
      />
      <SelectButton
        v-model="compensated"
        :options="[
          { label: tell('MoistureDialog.corrects-for-warmth'), value: true },
          { label: tell('MoistureDialog.does-not'), value: false },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('MoistureDialog.whether-instrument-corrects-for')"
      />
      <Button
        v-if="drop"
        outlined
        type="button"
        :label="tell('MoistureDialog.read-drop')"
        @click="readDrop"
      />
      <div v-if="!bench" class="pair">
        <SelectButton
          v-model="side"
          :options="['A', 'B']"
          :allow-empty="false"
          :aria-label="tell('MoistureDialog.side-sample')"
          ><template #option="{ option }">{{
            tell('MoistureDialog.side', { option })
          }}</template></SelectButton
        >
        <SelectButton
          v-model="cells"
          :options="[
            { label: tell('MoistureDialog.open-cell'), value: 'open' },
            { label: tell('MoistureDialog.sealed-cell'), value: 'sealed' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          :aria-label="tell('MoistureDialog.which-cell')"
        />
      </div>
      <p v-if="typeof result === 'string'" class="rust" role="alert">{{ result }}</p>
      <p v-else-if="result" class="result">
        <b v-if="result.approximate"
          >{{ tell('MoistureDialog.about-outside-range-table') }}{{ ' ' }}</b
        >{{ said(keepingSaid(result.moisturePercent, 'honeybee')) }}
      </p>
      <p v-if="doubt" class="rust">
        {{ tell('MoistureDialog.it-kept-and-marked-doubtful', { doubt }) }}
      </p>
      <details class="how">
        <summary>{{ tell('MoistureDialog.instrument') }}</summary>
        <div class="pair">
          <NumberField
            v-model="lowC"
            :label="tell('MoistureDialog.works-from')"
            unit="°C"
            :min="0"
            :max="50"
          /><NumberField
            v-model="highC"
            :label="tell('MoistureDialog.up-to')"
            unit="°C"
            :min="0"
            :max="50"
          /><TextField
            v-model="calibratedOn"
            type="date"
            :label="tell('MoistureDialog.last-calibrated')"
          />
        </div>
      </details>
      <p class="sub">
        {{
          tell('MoistureDialog.brix-scale-no-honey-scale', {
            bench: bench
              ? tell('MoistureDialog.two-drops-at-least-from')
              : tell('MoistureDialog.three-drops-from-open-cells'),
          })
        }}
      </p>
      <p v-if="kept.length" role="status">
        <b>{{ tell('MoistureDialog.kept', { kept: kept.join(', ') }) }}</b>
      </p>
      <Button
        type="submit"
        :label="tell('MoistureDialog.keep-this-sample')"
        :disabled="!reading || typeof result === 'string'"
      />
      <Button
        outlined
        :label="tell('MoistureDialog.keep-it-and-another-drop')"
        :disabled="!reading || typeof result === 'string'"
        @click="keepAndGoOn"
      />
    </form>
  </DialogFrame>
</template>

<style scoped>
.moisture {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.pair {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
}
.result {
  font-size: 19px;
  line-height: 26px;
}
</style>
