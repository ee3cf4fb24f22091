<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { ref, watch } from 'vue';
import TextField from '../parts/TextField.vue';

/** A comb that a rule holds is taken all the same: the rule is said, and why is asked. */
const props = defineProps<{
  /** What is asked about, such as "comb 14"; null where nothing is. */
  name: string | null;
  /** What stands against it. */
  against: string;
}>();
const emit = defineEmits<{ take: [why: string]; close: [] }>();
const LEAST_LETTERS = 3;
const why = ref('');
watch(
  () => props.name,
  () => (why.value = ''),
);
function take(): void {
  const said = why.value.trim();
  if (said.length >= LEAST_LETTERS) emit('take', said);
}
</script>

<template>
  <DialogFrame
    :visible="name !== null"
    :header="tell('AnywayDialog.take-anyway', { name })"
    :width="520"
    @update:visible="emit('close')"
  >
    <form v-if="name" class="acts" @submit.prevent="take">
      <p>
        <b>{{ against }}</b>
      </p>
      <TextField
        v-model="why"
        :label="tell('AnywayDialog.why-take-it-all-same')"
        :hint="tell('AnywayDialog.it-stands-in-book-with')"
        :error="
          why.length && why.trim().length < LEAST_LETTERS
            ? tell('AnywayDialog.say-it-in-few-words')
            : null
        "
      />
      <Button
        type="submit"
        :label="tell('AnywayDialog.take-anyway-2', { name })"
        :disabled="why.trim().length < LEAST_LETTERS"
      />
    </form>
  </DialogFrame>
</template>
