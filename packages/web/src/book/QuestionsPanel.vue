<script setup lang="ts">
import { tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import type { Contradiction } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useQuestions } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { said } from '../words/units.js';

/**
 * What cannot all be true in what was written down: asked, put right where it stands, or answered.
 */
const questions = useQuestions();
const failure = failureOf(questions);
const { go, busy, refusal, fieldError } = useSend();
const answering = ref<string | null>(null);
const text = ref('');
/** Where it is put right, where that is not the hive. */
const PUT_RIGHT_AT: Partial<Record<Contradiction['code'], 'book' | 'cut'>> = {
  'harvest-before-look': 'book',
  'look-after-taken': 'book',
  'comb-in-two-places': 'book',
  'board-in-and-out': 'cut',
};
function where(q: Contradiction): string {
  const stage = PUT_RIGHT_AT[q.code];
  return stage && q.batchId ? `/${stage}/${q.batchId}` : `/look/${q.hiveId}`;
}
async function answer(q: Contradiction): Promise<void> {
  if (
    await go(
      '/answers',
      { key: q.id, answer: text.value },
      tell('QuestionsPanel.answered-it-not-asked-again'),
    )
  )
    [answering.value, text.value] = [null, ''];
}
</script>

<template>
  <StateLine
    v-if="questions.isLoading.value || failure"
    :loading="questions.isLoading.value"
    :error="failure"
    @retry="questions.refetch()"
  />
  <section v-else>
    <p v-if="!questions.data.value?.length" class="display none">
      {{ tell('QuestionsPanel.nothing-in-book-contradicts-itself') }}
    </p>
    <ul v-else class="asked">
      <li v-for="q in questions.data.value" :key="q.id">
        <p class="q">{{ said(q.sentence) }}</p>
        <div v-if="answering !== q.id" class="line">
          <RouterLink class="p-button p-component p-button-outlined" :to="where(q)">{{
            tell('common.look-at-it')
          }}</RouterLink><Button
            text
            :label="tell('QuestionsPanel.it-right-so')"
            :aria-label="tell('QuestionsPanel.it-right-so-2', { sentence: q.sentence })"
            @click="
              answering = q.id;
              text = '';
            "
          />
        </div>
        <form v-else class="line" @submit.prevent="answer(q)">
          <TextField
            v-model="text"
            :label="tell('QuestionsPanel.how-it')"
            :error="fieldError('answer')"
          /><Button
            type="submit"
            :label="tell('common.write-it-down')"
            :disabled="text.trim().length < 3"
            :loading="busy"
          /><Button
            text
            type="button"
            :label="tell('common.put-it-away')"
            @click="answering = null"
          />
        </form>
      </li>
    </ul>
    <Refusal :refusal="refusal" :fields="['answer']" />
  </section>
</template>

<style scoped>
.none {
  font-size: 25px;
}
.asked {
  list-style: none;
  margin: 0;
  padding: 0;
}
.asked li {
  border-bottom: 1.5px solid var(--ink);
  padding: 12px 0;
}
.q {
  font-size: 19px;
  line-height: 26px;
  max-width: 62ch;
  margin-bottom: 8px;
}
.line {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: flex-end;
}
</style>
