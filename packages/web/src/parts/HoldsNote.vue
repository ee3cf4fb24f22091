<script setup lang="ts">
import { tell } from '../words/tell.js';
import { HOLD_WORDS, type Hold } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useSend } from '../api/useSend.js';
import Refusal from './Refusal.vue';
import TextField from './TextField.vue';
import { said } from '../words/units.js';

/** What is held back and why, what to do and whom to ask; lifted only by a written word. */
const props = defineProps<{ holds: Record<string, Hold[]> }>();
const { go, busy, refusal, fieldError } = useSend();
const open = computed(() => [
  ...new Map(
    Object.values(props.holds)
      .flat()
      .map((hold) => [hold.id, hold]),
  ).values(),
]);
const lifting = ref<string | null>(null);
const word = ref('');
function begin(id: string): void {
  lifting.value = id;
  word.value = '';
}
async function lift(id: string): Promise<void> {
  if (await go(`/holds/${id}/lift`, { word: word.value }, tell('HoldsNote.hold-lifted')))
    lifting.value = null;
}
</script>

<template>
  <section v-for="hold in open" :key="hold.id" class="hold" role="alert">
    <p>
      <b class="rust">{{ tell('HoldsNote.held-back', { cause: HOLD_WORDS[hold.cause].name }) }}</b>
      {{ said(hold.sentence) }}
    </p>
    <p>{{ said(HOLD_WORDS[hold.cause].bars) }} {{ said(HOLD_WORDS[hold.cause].ask) }}</p>
    <form v-if="lifting === hold.id" class="lift" @submit.prevent="lift(hold.id)">
      <TextField
        v-model="word"
        :label="tell('HoldsNote.who-said-what-in-writing')"
        :hint="tell('HoldsNote.it-stands-in-book-with')"
        :error="fieldError('word')"
      />
      <Button
        type="submit"
        outlined
        :label="tell('HoldsNote.lift-hold')"
        :disabled="word.trim().length < 5"
        :loading="busy"
      />
      <Refusal :refusal="refusal" :fields="['word']" />
    </form>
    <Button v-else text :label="tell('HoldsNote.somebody-has-spoken')" @click="begin(hold.id)" />
  </section>
</template>

<style scoped>
.hold {
  border-left: 5px solid var(--rust);
  padding: 2px 0 2px 12px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 14px;
  flex: 1 0 100%;
}
.hold p {
  margin: 2px 0;
  flex: 1 1 420px;
}
.lift {
  display: flex;
  gap: 8px 12px;
  flex-wrap: wrap;
  align-items: flex-end;
}
.lift > .field {
  min-width: min(420px, 100%);
}
</style>
