<script setup lang="ts">
import { tell } from '../words/tell.js';
import { siteTaskSchema, type Site } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';

/**
 * What is to be done at a site, by a day or before the next visit: written here, done here or on
 * Today.
 */
const props = defineProps<{ site: Site }>();
const { go, busy, refusal, fieldError } = useSend();
const adding = ref(false);
const what = ref('');
const dueOn = ref('');
const open = computed(() => props.site.tasks.filter((t) => t.doneOn === null));
const task = computed(() => ({
  id: newId(),
  what: what.value,
  dueOn: dueOn.value || null,
  doneOn: null,
}));
const parsed = computed(() => siteTaskSchema.safeParse(task.value));
async function add(): Promise<void> {
  if (!parsed.value.success) return;
  const done = await go(
    `/sites/${props.site.id}`,
    { tasks: [...props.site.tasks, parsed.value.data] },
    `${props.site.name}: ${parsed.value.data.what}.`,
    { method: 'PATCH', baseRevision: props.site.revision },
  );
  if (!done) return;
  [what.value, dueOn.value, adding.value] = ['', '', false];
}
const finish = (id: string, said: string): Promise<unknown> =>
  go(`/sites/${props.site.id}/tasks/${id}/done`, {}, tell('SiteTasks.done', { said }));
</script>

<template>
  <section class="tasks">
    <h2 class="furrow-heading">{{ tell('SiteTasks.to-do-at', { site: site.name }) }}</h2>
    <ul v-if="open.length">
      <li v-for="t in open" :key="t.id">
        <span
          ><b>{{ t.what }}</b
          >{{ ' ' }}
          <span class="sub">{{
            t.dueOn
              ? tell('SiteTasks.by', { dueOn: dateText(t.dueOn) })
              : tell('SiteTasks.before-next-visit')
          }}</span></span
        >
        <Button
          outlined
          :label="tell('common.done')"
          :loading="busy"
          @click="finish(t.id, t.what)"
        />
      </li>
    </ul>
    <form v-if="adding" class="acts" @submit.prevent="add">
      <TextField
        v-model="what"
        :label="tell('SiteTasks.what-to-be-done-there')"
        :error="fieldError('what')"
      />
      <TextField v-model="dueOn" type="date" :label="tell('SiteTasks.by-or-leave-empty-before')" />
      <Button
        type="submit"
        :label="tell('SiteTasks.put-it-on-list')"
        :disabled="!parsed.success"
        :loading="busy"
      />
      <p v-if="!parsed.success" class="sub">{{ tell('SiteTasks.say-in-few-words-what') }}</p>
    </form>
    <Button
      v-else
      outlined
      :label="tell('SiteTasks.something-to-do-here')"
      @click="adding = true"
    />
    <Refusal :refusal="refusal" :fields="['what']" />
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 6px 0;
  border-bottom: var(--line);
}
</style>
