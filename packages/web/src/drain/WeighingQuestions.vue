<script setup lang="ts">
import { type Drain, type HouseRules, type WeighingQuestion, firstOf } from '@furrow/core';
import { massText, smallMassText } from '@furrow/words';
import Button from 'primevue/button';
import { computed } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { said } from '../shell/units.js';

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
        'went-down': `At ${at} there were ${grams(q.byG)} less than before, and no draw-off is written down.`,
        'same-minute': `Two weighings at ${at}, ${grams(q.byG)} apart.`,
        'too-much': `At ${at} more came out than went in, by ${grams(q.byG)}. Is the tare right?`,
        'sum-short': `At ${at} upper and lower together are ${grams(q.byG)} ${q.byG > 0 ? 'short of' : 'above'} what was crushed.`,
      }[q.kind],
    };
  }),
);
const leaveOut = (q: WeighingQuestion): unknown =>
  go(`/weighings/${q.weighingId}`, { leftOut: true }, 'Weighing left out. It stays in the log.', {
    method: 'PATCH',
  });
/** The draw-off that was forgotten: dated just before the weighing that shows it. */
const drewOff = (q: WeighingQuestion): unknown =>
  go(
    '/drainEvents',
    { id: newId(), drainId: props.drain.id, kind: 'draw-off', g: q.byG, minutes: 0 },
    `${massText(q.byG / 1000, props.rules.units, 2)} drawn off, written down.`,
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
          :label="`I drew off ${grams(q.byG)}`"
          :loading="busy"
          @click="drewOff(q)"
        /><Button
          outlined
          :label="`Leave ${weighing(q).of === 'upper' ? 'the upper' : 'this'} weighing out`"
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
