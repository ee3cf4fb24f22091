<script setup lang="ts">
import {
  estimateSeen,
  tareCheck,
  type BatchDetail,
  type HouseRules,
  type TakeStep,
  guessOffPercent,
  guessOffText,
} from '@furrow/core';
import { massRangeText, massText, readingField } from '@furrow/words';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { newId, read } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import DripsInBox from './DripsInBox.vue';

/** A box weighed whole: with its combs first, empty afterwards. What is missing was comb. */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  step: TakeStep;
  combIds: string[];
}>();
const { go, busy, refusal, fieldError } = useSend();
const empty = computed(() => props.step.id.startsWith('empty-'));
const units = computed(() => props.rules.units);
const text = ref('');
const readBy = ref('');
const g = computed(() => {
  const grams = gramsOf(text.value, units.value);
  return grams === null ? null : Math.round(grams);
});
const guessText = ref('');
const guessing = ref(props.rules.guessFirst);
const guessG = computed(() => {
  const grams = gramsOf(guessText.value, units.value);
  return grams === null ? null : Math.round(grams);
});
const fullG = computed(() => {
  const full = props.detail.marks.find((m) => m.stepId === props.step.id.replace('empty-', 'box-'))
    ?.answer.grossG;
  return typeof full === 'number' ? full : null;
});
const netG = computed(() =>
  empty.value && g.value !== null && fullG.value !== null ? fullG.value - g.value : null,
);
/** How far the guess was off, once the scale has spoken. */
const guessOff = computed(() => {
  if (!guessG.value || !netG.value || netG.value < 0) return null;
  const off = guessOffText(guessOffPercent(guessG.value, netG.value));
  return off === 'right' ? 'You guessed it right.' : `You guessed ${off}.`;
});
/** A guess after the scale has spoken is none. */
const mayGuess = computed(() => empty.value && fullG.value !== null && g.value === null);
async function readScale(): Promise<void> {
  const reading = await read(
    `/instruments/bench-scale?batchId=${props.detail.batch.id}&boxOf=${props.combIds.join(',')}${empty.value ? '&empty=yes' : ''}`,
  );
  if (reading.state === 'silent') readBy.value = 'The scale says nothing. Is it plugged in?';
  else if (reading.state === 'overload')
    readBy.value = 'Too heavy for this scale: lift each side with a hand scale and add the two.';
  else {
    text.value = readingField(reading.value, units.value);
    readBy.value = reading.simulated ? 'read from the practice scale' : 'read from the scale';
  }
}
const writeFull = (later: boolean) =>
  go(
    '/stepMarks',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      stepId: props.step.id,
      answer: later ? { later: true } : { grossG: g.value! },
    },
    later
      ? 'Its comb is weighed later.'
      : `${massText(g.value! / 1000, units.value, 2)} with its combs.`,
  );
const writeEmpty = (later: boolean) =>
  go(
    '/boxTakes',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      combIds: props.combIds,
      grossG: later ? null : fullG.value,
      emptyG: later ? null : g.value,
      guessG: later ? null : guessG.value,
      vesselId: null,
    },
    later
      ? 'Its comb is weighed later.'
      : `${massText(netG.value! / 1000, units.value, 2)} of comb.`,
  );
const write = (later = false) => (empty.value ? writeEmpty(later) : writeFull(later));
/** What the box held by the last looks, comb with its wax; null where one was never looked at. */
const expectedKg = computed(() => {
  const estimates = props.combIds.map((id) => {
    const look = props.detail.looks.filter((l) => l.combId === id).at(-1);
    return look ? estimateSeen(look, props.detail.hive) : null;
  });
  if (estimates.some((e) => e === null)) return null;
  const sum = (edge: 'low' | 'mid' | 'high'): number =>
    estimates.reduce((kg, e) => kg + e!.honeyKg[edge] + e!.waxKg[edge], 0);
  return { low: sum('low'), mid: sum('mid'), high: sum('high') };
});
/**
 * Gross, empty and the looks beside each other: what does not fit is asked, as it is for a comb.
 */
const asked = computed(() => {
  if (!empty.value || fullG.value === null || g.value === null) return null;
  const { question } = tareCheck({
    grossG: fullG.value,
    tareG: g.value,
    vesselTareG: null,
    expectedKg: expectedKg.value,
  });
  if (question !== 'far-from-estimate') return null;
  return `Far from the ${massRangeText(expectedKg.value!, units.value)} of comb and wax that the looks say. Is a weight wrong? It is written down as you say it.`;
});
const missing = computed(() => {
  if (empty.value && fullG.value === null) return 'Its full weight was left for later: so is this.';
  if (g.value === null)
    return empty.value ? 'What does the box weigh empty?' : 'What does it weigh?';
  return netG.value !== null && netG.value < 0 ? 'One of the two weights is wrong.' : null;
});
</script>

<template>
  <form class="acts bench" @submit.prevent="write()">
    <p v-if="empty && fullG !== null" class="sub">
      With its combs it weighed {{ massText(fullG / 1000, units, 2) }}.
    </p>
    <Button
      v-if="mayGuess && !guessing"
      text
      type="button"
      label="Guess its comb first…"
      @click="guessing = true"
    />
    <TextField
      v-if="guessing && empty && fullG !== null"
      v-model="guessText"
      :unit="massUnit(units)"
      label="I guess, comb alone"
      :disabled="!mayGuess"
      :error="guessText && guessG === null ? weightSuch('12 kg') : null"
    />
    <TextField
      v-model="text"
      :unit="massUnit(units)"
      :label="empty ? 'Box without comb' : 'Box with its combs'"
      :error="
        fieldError('emptyG') ??
        fieldError('grossG') ??
        (text && g === null
          ? weightSuch('14,2 kg')
          : netG !== null && netG < 0
            ? 'The empty box weighs more than the full one.'
            : null)
      "
      :hint="readBy"
    />
    <Button outlined type="button" label="Read the scale" @click="readScale" />
    <p class="sub">
      No such scale? Lift each side with a hand scale and add the two: right to about 2 %.
    </p>
    <p v-if="netG !== null && netG >= 0" class="net display">
      {{ massText(netG / 1000, units, 2) }} of comb
    </p>
    <p v-if="guessOff" class="sub">{{ guessOff }}</p>
    <p v-if="asked" class="caution" role="alert">{{ asked }}</p>
    <Refusal :refusal="refusal" :fields="['emptyG', 'grossG']" />
    <Button
      type="submit"
      class="main"
      :label="asked ? 'Write it down as I say' : step.done"
      :disabled="missing !== null"
      :loading="busy"
    />
    <p v-if="missing" class="sub">{{ missing }}</p>
    <Button
      outlined
      type="button"
      class="later"
      label="Weigh it later"
      :loading="busy"
      @click="write(true)"
    />
    <DripsInBox v-if="empty" :detail="detail" :rules="rules" :comb-ids="combIds" :put-off="[]" />
  </form>
</template>

<style scoped>
.net {
  font-size: 31px;
}
.caution {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  font-size: 18px;
  font-weight: 600;
}
.later {
  min-height: 80px;
}
.main {
  min-height: 108px !important;
  font: 600 28px var(--display) !important;
  width: 100%;
}
:deep(.p-inputtext) {
  min-height: 64px;
  font-size: 22px;
  font-weight: 700;
}
</style>
