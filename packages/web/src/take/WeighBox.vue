<script setup lang="ts">
import {
  massText,
  readMassG,
  type BatchDetail,
  type HouseRules,
  type ScaleReading,
  type TakeStep,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId, read } from '../server/client.js';
import { useSend } from '../server/useSend.js';

/** A box weighed whole: with its combs first, empty afterwards. What is missing was comb. */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  step: TakeStep;
  combIds: string[];
}>();
const { go, busy, refusal, fieldError } = useSend();
const empty = computed(() => props.step.id.startsWith('empty-'));
const units = computed(() => props.rules.units);
const text = ref('');
const readBy = ref('');
const g = computed(() => {
  const grams = readMassG(text.value, units.value === 'metric' ? 'kg' : 'lb');
  return grams === null ? null : Math.round(grams);
});
const fullG = computed(() => {
  const full = props.detail.marks.find((m) => m.stepId === props.step.id.replace('empty-', 'box-'))
    ?.answer.grossG;
  return typeof full === 'number' ? full : null;
});
const netG = computed(() =>
  empty.value && g.value !== null && fullG.value !== null ? fullG.value - g.value : null,
);
async function readScale(): Promise<void> {
  const reading = await read<ScaleReading>(
    `/instruments/bench-scale?batchId=${props.detail.batch.id}&boxOf=${props.combIds.join(',')}${empty.value ? '&empty=yes' : ''}`,
  );
  if (reading.state === 'silent') readBy.value = 'The scale says nothing. Is it plugged in?';
  else if (reading.state === 'overload')
    readBy.value = 'Too heavy for this scale: lift each side with a hand scale and add the two.';
  else {
    text.value = `${(reading.value / 1000).toFixed(3)} kg`;
    readBy.value = reading.simulated ? 'read from the practice scale' : 'read from the scale';
  }
}
async function write(): Promise<void> {
  const { batch } = props.detail;
  if (!empty.value)
    await go(
      '/stepMarks',
      { id: newId(), batchId: batch.id, stepId: props.step.id, answer: { grossG: g.value! } },
      `${massText(g.value! / 1000, units.value, 2)} with its combs.`,
    );
  else
    await go(
      '/boxTakes',
      {
        id: newId(),
        batchId: batch.id,
        combIds: props.combIds,
        grossG: fullG.value,
        emptyG: g.value,
        vesselId: null,
      },
      `${massText(netG.value! / 1000, units.value, 2)} of comb.`,
    );
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <p v-if="empty && fullG !== null" class="sub">
      With its combs it weighed {{ massText(fullG / 1000, units, 2) }}.
    </p>
    <TextField
      v-model="text"
      :label="empty ? 'Box without comb' : 'Box with its combs'"
      :error="
        fieldError('emptyG') ??
        fieldError('grossG') ??
        (text && g === null
          ? 'A weight such as 14,2 kg.'
          : netG !== null && netG < 0
            ? 'The empty box weighs more than the full one.'
            : null)
      "
      :hint="readBy"
    />
    <Button outlined type="button" label="Read the scale" @click="readScale" />
    <p class="sub">
      No such scale? Lift each side with a hand scale and add the two: right to about 2 %.
    </p>
    <p v-if="netG !== null && netG >= 0" class="net display">
      {{ massText(netG / 1000, units, 2) }} of comb
    </p>
    <Refusal :refusal="refusal" :fields="['emptyG', 'grossG']" />
    <Button
      type="submit"
      class="main"
      :label="step.done"
      :disabled="g === null || (empty && (netG === null || netG < 0))"
      :loading="busy"
    />
  </form>
</template>

<style scoped>
.net {
  font-size: 31px;
}
.main {
  min-height: 108px !important;
  font: 600 28px var(--display) !important;
  width: 100%;
}
:deep(.p-inputtext) {
  min-height: 64px;
  font-size: 22px;
  font-weight: 700;
}
</style>
