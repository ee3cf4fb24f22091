<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import { ref } from 'vue';
import { newId, read } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';

/** How warm the bench is, typed or read from a thermometer. */
const props = defineProps<{ drainId: string }>();
const emit = defineEmits<{ done: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const temperatureC = ref<number | null>(null);
async function readThermometer(): Promise<void> {
  temperatureC.value = (await read('/instruments/thermometer')).value;
}
async function write(): Promise<void> {
  const done = await go(
    '/drainEvents',
    {
      id: newId(),
      drainId: props.drainId,
      kind: 'temperature',
      temperatureC: temperatureC.value,
      minutes: 0,
    },
    tell('TemperatureForm.c-written-down', { temperature: { temperatureC: temperatureC.value! } }),
  );
  if (done) emit('done');
}
</script>

<template>
  <form class="acts bench" @submit.prevent="write">
    <NumberField
      v-model="temperatureC"
      :label="tell('common.bench')"
      unit="°C"
      :min="5"
      :max="45"
      :error="fieldError('temperatureC')"
    /><Button
      outlined
      type="button"
      :label="tell('common.read-thermometer')"
      @click="readThermometer"
    />
    <p class="sub">
      {{
        tell('TemperatureForm.comb-softens', {
          softens: { temperatureC: 35 },
          slumps: { temperatureC: 40 },
        })
      }}
    </p>
    <Refusal :refusal="refusal" :fields="['temperatureC']" /><Button
      type="submit"
      :label="tell('common.write-it-down')"
      :loading="busy"
      :disabled="temperatureC === null"
    />
  </form>
</template>

<style scoped>
.bench :deep(.p-inputtext) {
  min-height: 56px;
  font-size: 20px;
  font-weight: 700;
}
</style>
