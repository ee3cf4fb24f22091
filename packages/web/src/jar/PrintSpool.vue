<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { PrintLine } from '@furrow/core';
import Button from 'primevue/button';
import { ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { dateText } from '../shell/times.js';

/** What was printed of one harvest, and what of it came out wrong. */
const props = defineProps<{
  prints: readonly PrintLine[];
  /** The first free label of the sheet in the printer. */
  startAt: number;
}>();
const { go, busy, refusal, fieldError } = useSend();
const wrong = ref<{ id: string; count: number | null; why: string; again: boolean } | null>(null);
const begin = (id: string): void => void (wrong.value = { id, count: 1, why: '', again: true });
function printedText({ code, occurredAt, reprintOf }: PrintLine): string {
  return (
    ' ' +
    tell('PrintSpool.text', {
      code,
      occurredAt: dateText(occurredAt.slice(0, 10)),
      reprintOf: reprintOf ? tell('PrintSpool.printed-again') : '',
    })
  );
}
async function misprint(): Promise<void> {
  if (!wrong.value) return;
  const { id, count, why, again } = wrong.value;
  const done = await go(
    `/prints/${id}/misprint`,
    { count, why, reprintId: again ? newId() : null, startAt: again ? props.startAt : 0 },
    tell('PrintSpool.misprinted-2', {
      count,
      again: again ? tell('PrintSpool.printed-again') : '',
    }),
  );
  if (done) wrong.value = null;
}
</script>

<template>
  <h2 class="furrow-heading">{{ tell('PrintSpool.printed') }}</h2>
  <p v-if="!prints.length" class="sub">
    {{ tell('PrintSpool.nothing-yet-printer-here-practice') }}
  </p>
  <Refusal :refusal="refusal" :fields="['count', 'why']" />
  <ul class="spool">
    <li v-for="p in prints" :key="p.id">
      <span
        ><b>{{ p.count }}</b
        >{{ printedText(p)
        }}<small v-if="p.misprinted" class="rust"
          >{{ ' '
          }}{{ tell('PrintSpool.misprinted', { misprinted: p.misprinted, why: p.why }) }}</small
        ></span
      >
      <a :href="`/api/v1/prints/${p.id}.pdf`" target="_blank">{{ tell('PrintSpool.pdf') }}</a>
      <Button
        v-if="p.misprinted < p.count && wrong?.id !== p.id"
        text
        size="small"
        :label="tell('PrintSpool.some-came-out-wrong')"
        @click="begin(p.id)"
      />
      <form v-if="wrong?.id === p.id" class="acts" @submit.prevent="misprint">
        <NumberField
          v-model="wrong.count"
          narrow
          :label="tell('common.how-many')"
          whole
          :min="1"
          :max="p.count - p.misprinted"
          :error="fieldError('count')"
        /><TextField
          v-model="wrong.why"
          :label="tell('PrintSpool.what-went-wrong')"
          :error="fieldError('why')"
        /><label class="tick"
          ><input v-model="wrong.again" type="checkbox" />
          {{ tell('PrintSpool.print-them-again') }}</label
        ><Button
          type="submit"
          :label="tell('common.write-it-down')"
          :disabled="!wrong.count || !wrong.why"
          :loading="busy"
        /><Button text type="button" :label="tell('common.put-it-away')" @click="wrong = null" />
      </form>
    </li>
  </ul>
</template>

<style scoped>
.spool {
  list-style: none;
  margin: 0;
  padding: 0;
}
.spool li {
  border-bottom: 1px solid var(--lichen-3, #d4dbd2);
  padding: 6px 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
.spool small {
  display: block;
}
</style>
