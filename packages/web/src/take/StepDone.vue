<script setup lang="ts">
import { massText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { OUTCOME_WORDS, weighsOut, type Take, type Units } from '@furrow/core';

import Button from 'primevue/button';
import { computed } from 'vue';
import type { Refused } from '../api/client.js';
import Refusal from '../parts/Refusal.vue';

/** A step that was done, looked back at: what was written down then, and the way back to now. */
const props = defineProps<{
  taken: Take | null;
  /** When, as it is said; null where nobody knows. */
  at: string | null;
  units: Units;
  mayUndo: boolean;
  busy: boolean;
  refusal: Refused | null;
}>();
const emit = defineEmits<{ now: []; undo: [] }>();
function takenText({ netG, outcome }: Take): string {
  if (netG !== null) return massText(netG / 1000, props.units, 2);
  return weighsOut(outcome)
    ? tell('StepDone.weighed-later', { outcome: OUTCOME_WORDS[outcome] })
    : said(OUTCOME_WORDS[outcome]);
}
const says = computed(() => {
  const what = props.taken
    ? tell('StepDone.written-down', { taken: takenText(props.taken) })
    : tell('common.done');
  return props.at ? tell('StepDone.at', { what, at: props.at }) : what;
});
</script>

<template>
  <p class="text">
    <b>{{ says }}</b>
  </p>
  <Button class="main" :label="tell('StepDone.back-to-now')" @click="emit('now')" />
  <Button
    v-if="mayUndo"
    outlined
    :label="tell('StepDone.not-done-after-all')"
    :loading="busy"
    @click="emit('undo')"
  />
  <Refusal :refusal="refusal" />
</template>

<style scoped>
.text {
  font-size: 20px;
  line-height: 28px;
  max-width: 640px;
}
</style>
