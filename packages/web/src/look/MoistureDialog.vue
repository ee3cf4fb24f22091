<script setup lang="ts">
import { z } from 'zod';
import { fromStorage } from '../parts/fromStorage';
import { BadInput, honeyKeeping, readingDoubt, readingMoisture, type Reading } from '@furrow/core';
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
const remembered: Partial<Reading> =
  fromStorage('furrow.refractometer', z.custom<Partial<Reading>>()) ?? {};
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
  { label: 'Water %', value: 'moisture' },
  { label: 'Brix %', value: 'brix' },
  { label: 'Index n', value: 'index' },
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
    return error instanceof BadInput ? error.message : null;
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
  kept.value.push(`${result.value.moisturePercent.toFixed(1)} %`);
  emit('reading', reading.value);
  return true;
}
</script>

<template>
  <DialogFrame v-model:visible="visible" header="Water in the honey" :width="520">
    <form class="moisture" @submit.prevent="keep">
      <SelectButton
        v-model="scale"
        :options="scales"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Which scale was read"
      />
      <NumberField
        ref="readingField"
        v-model="value"
        label="Reading"
        :min="bounds[0]"
        :max="bounds[1]"
        :unit="scale === 'index' ? '' : '%'"
      />
      <NumberField
        v-model="temperatureC"
        label="Honey's temperature"
        :min="0"
        :max="50"
        unit="°C"
      />
      <SelectButton
        v-model="compensated"
        :options="[
          { label: 'Corrects for warmth', value: true },
          { label: 'Does not', value: false },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Whether the instrument corrects for temperature"
      />
      <Button v-if="drop" outlined type="button" label="Read a drop" @click="readDrop" />
      <div v-if="!bench" class="pair">
        <SelectButton
          v-model="side"
          :options="['A', 'B']"
          :allow-empty="false"
          aria-label="Side of the sample"
          ><template #option="{ option }">Side {{ option }}</template></SelectButton
        >
        <SelectButton
          v-model="cells"
          :options="[
            { label: 'Open cell', value: 'open' },
            { label: 'Sealed cell', value: 'sealed' },
          ]"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          aria-label="Which cell"
        />
      </div>
      <p v-if="typeof result === 'string'" class="rust" role="alert">{{ result }}</p>
      <p v-else-if="result" class="result">
        <b v-if="result.approximate">About: outside the range of the table. </b
        >{{ honeyKeeping({ moisturePercent: result.moisturePercent, bee: 'honeybee' }).reason }}
      </p>
      <p v-if="doubt" class="rust">{{ doubt }} It is kept and marked doubtful.</p>
      <details class="how">
        <summary>The instrument</summary>
        <div class="pair">
          <NumberField v-model="lowC" label="Works from" unit="°C" :min="0" :max="50" /><NumberField
            v-model="highC"
            label="up to"
            unit="°C"
            :min="0"
            :max="50"
          /><TextField v-model="calibratedOn" type="date" label="Last calibrated" />
        </div>
      </details>
      <p class="sub">
        A Brix scale is no honey scale: say which one you read.
        {{
          bench
            ? 'Two drops at least, from a stirred vessel; the wettest decides.'
            : 'Three drops from open cells of both sides; the wettest decides.'
        }}
      </p>
      <p v-if="kept.length" role="status">
        <b>Kept: {{ kept.join(', ') }}.</b>
      </p>
      <Button
        type="submit"
        label="Keep this sample"
        :disabled="!reading || typeof result === 'string'"
      />
      <Button
        outlined
        label="Keep it, and another drop"
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
