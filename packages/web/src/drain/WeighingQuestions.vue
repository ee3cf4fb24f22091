<script setup lang="ts">
import { massText, smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Drain, type HouseRules, type WeighingQuestion, firstOf } from '@furrow/core';

import Button from 'primevue/button';
import { computed } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { said } from '../words/units.js';

/**
 * Weighings that do not fit, asked one by one: nothing is counted twice, nothing dropped by itself.
 */
const props = defineProps<{
  drain: Drain;
  questions: WeighingQuestion[];
  rules: HouseRules;
  zone: string;
  now: Date;
}>();
const { go, busy, refusal } = useSend();
const weighing = (q: WeighingQuestion) =>
  firstOf(props.drain.weighings, (w) => w.id === q.weighingId);
const grams = (g: number): string => smallMassText(Math.abs(g), props.rules.units, 1);
const lines = computed(() =>
  props.questions.map((q) => {
    const w = weighing(q);
    const at = clockText(w.occurredAt, props.zone, props.now);
    return {
      ...q,
      text: {
        'went-down': tell('WeighingQuestions.at-there-were-less-than', { at, byG: grams(q.byG) }),
        'same-minute': tell('WeighingQuestions.two-weighings-at-apart', { at, byG: grams(q.byG) }),
        'too-much': tell('WeighingQuestions.at-more-came-out-than', { at, byG: grams(q.byG) }),
        'sum-short': tell('WeighingQuestions.at-upper-and-lower-together', {
          at,
          byG: grams(q.byG),
          byG2: q.byG > 0 ? tell('WeighingQuestions.short') : tell('WeighingQuestions.above'),
        }),
      }[q.kind],
    };
  }),
);
const leaveOut = (q: WeighingQuestion): unknown =>
  go(
    `/weighings/${q.weighingId}`,
    { leftOut: true },
    tell('WeighingQuestions.weighing-left-out-it-stays'),
    {
      method: 'PATCH',
    },
  );
/** The draw-off that was forgotten: dated just before the weighing that shows it. */
const drewOff = (q: WeighingQuestion): unknown =>
  go(
    '/drainEvents',
    { id: newId(), drainId: props.drain.id, kind: 'draw-off', g: q.byG, minutes: 0 },
    tell('WeighingQuestions.drawn-off-written-down', {
      byG: massText(q.byG / 1000, props.rules.units, 2),
    }),
    { occurredAt: new Date(Date.parse(weighing(q).occurredAt) - 60_000).toISOString() },
  );
</script>

<template>
  <section v-if="lines.length" class="asks" role="alert">
    <div v-for="q in lines" :key="q.id">
      <p>
        <b>{{ said(q.text) }}</b>
      </p>
      <div class="acts row">
        <Button
          v-if="q.kind === 'went-down'"
          outlined
          :label="tell('WeighingQuestions.i-drew-off', { byG: grams(q.byG) })"
          :loading="busy"
          @click="drewOff(q)"
        /><Button
          outlined
          :label="
            tell('WeighingQuestions.leave-weighing-out', {
              of:
                weighing(q).of === 'upper'
                  ? tell('WeighingQuestions.upper')
                  : tell('WeighingQuestions.this'),
            })
          "
          :loading="busy"
          @click="leaveOut(q)"
        />
      </div>
    </div>
    <Refusal :refusal="refusal" />
  </section>
</template>

<style scoped>
.asks {
  border: 3px solid var(--rust);
  border-radius: 6px;
  padding: 10px 12px;
  background: var(--lime-0);
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.acts {
  margin-top: 6px;
}
</style>
