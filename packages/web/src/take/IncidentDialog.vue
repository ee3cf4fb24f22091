<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  INCIDENT_KINDS,
  INCIDENT_WORDS,
  incidentAnswer,
  stingRules,
  type BatchDetail,
  type HouseRules,
  type IncidentKind,
} from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/** Anything may go otherwise: one touch says what to do now, in order, and writes it down. */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  stepId: string;
  combId: string | null;
  frames: boolean;
  stings: number;
}>();
const visible = defineModel<boolean>('visible', { required: true });
const emit = defineEmits<{ told: [kind: IncidentKind] }>();
const { go, busy, refusal } = useSend();
const kind = ref<IncidentKind | null>(null);
const note = ref('');
watch(visible, () => {
  kind.value = null;
  note.value = '';
  refusal.value = null;
});
const OF_FRAMES: readonly IncidentKind[] = ['leak', 'overflow'];
const OF_COMBS: readonly IncidentKind[] = ['bar-broke', 'comb-fell', 'scale-flat'];
/**
 * What may go otherwise here: a leak only where frames run, a fallen comb only where combs are
 * lifted.
 */
const kinds = computed(() =>
  [...INCIDENT_KINDS]
    .sort((a, b) => Number(b === 'attack') - Number(a === 'attack'))
    .filter((k) => (OF_FRAMES.includes(k) ? props.frames : true))
    .filter((k) => (OF_COMBS.includes(k) ? !props.frames : true)),
);
const answer = computed(() =>
  kind.value
    ? incidentAnswer(kind.value, {
        stings: props.stings,
        rules: stingRules(props.rules, props.detail.marks),
        frameRuns: props.frames,
      })
    : null,
);
const stepAt = ref('');
async function report(next: IncidentKind, count: number | null = null): Promise<void> {
  kind.value = next;
  if (next === 'other' && !note.value.trim()) return;
  stepAt.value = props.stepId;
  const done = await go(
    '/incidents',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      kind: next,
      stepId: props.stepId,
      combId: props.combId,
      count,
      note: note.value.trim(),
    },
    tell('IncidentDialog.written-down', { next: INCIDENT_WORDS[next] }),
  );
  if (done) emit('told', next);
}
</script>

<template>
  <DialogFrame
    v-model:visible="visible"
    :header="answer ? said(answer.title) : tell('IncidentDialog.what-happened')"
    :width="720"
  >
    <div v-if="!answer" class="kinds">
      <Button
        v-for="k in kinds"
        :key="k"
        outlined
        :class="{ urgent: k === 'attack' }"
        :label="said(INCIDENT_WORDS[k])"
        @click="report(k, k === 'sting' ? 1 : null)"
      />
    </div>
    <div v-else class="answer">
      <template v-if="kind === 'other'"
        ><form class="acts" @submit.prevent="report('other')">
          <TextField v-model="note" :label="tell('IncidentDialog.what-was-it')" /><Button
            type="submit"
            :label="tell('common.write-it-down')"
            :disabled="!note.trim()"
            :loading="busy"
          /></form
      ></template>
      <ol>
        <li v-for="line in answer.doNow" :key="line.key">{{ said(line) }}</li>
      </ol>
      <p class="then">
        <b>{{ said(answer.then) }}</b>
      </p>
      <Refusal :refusal="refusal" />
      <div class="acts row">
        <Button
          v-if="kind === 'sting'"
          outlined
          :label="tell('IncidentDialog.one-more-sting')"
          :loading="busy"
          @click="report('sting', 1)"
        /><Button
          class="main"
          :label="
            answer.effect === 'leave'
              ? tell('IncidentDialog.we-are-away')
              : answer.effect === 'stop'
                ? tell('IncidentDialog.done-only-closing-now')
                : tell('IncidentDialog.done-go-on')
          "
          @click="visible = false"
        />
      </div>
    </div>
  </DialogFrame>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
.kinds .p-button {
  min-height: 84px;
  font-size: 19px;
  padding: 0 8px;
}
.urgent {
  border: 3px solid var(--rust) !important;
  color: var(--rust) !important;
}
ol {
  margin: 0 0 12px;
  padding-left: 30px;
  font-size: 20px;
  line-height: 28px;
}
li {
  padding: 4px 0;
}
li::marker {
  font-weight: 700;
}
.then {
  font-size: 18px;
  border-top: var(--line);
  padding: 8px 0;
}
.acts .p-button {
  min-height: 84px;
  flex: 1;
}
</style>
