<script setup lang="ts">
import { massRangeText, massText, readingField } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  estimateSeen,
  tareCheck,
  type BatchDetail,
  type HouseRules,
  type TakeStep,
  guessOffPercent,
  guessOffSaid,
} from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit, spokenWeight, weightSuch } from '../parts/massUnit.js';
import SpokenFigure from '../parts/SpokenFigure.vue';
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
  const off = said(guessOffSaid(guessOffPercent(guessG.value, netG.value)));
  return off === 'right'
    ? tell('WeighBox.you-guessed-it-right')
    : tell('WeighBox.you-guessed', { off });
});
/** A guess after the scale has spoken is none. */
const mayGuess = computed(() => empty.value && fullG.value !== null && g.value === null);
function takeSpoken(typed: string): void {
  text.value = typed;
  readBy.value = tell('SpokenFigure.spoken');
}
async function readScale(): Promise<void> {
  const reading = await read(
    `/instruments/bench-scale?batchId=${props.detail.batch.id}&boxOf=${props.combIds.join(',')}${empty.value ? '&empty=yes' : ''}`,
  );
  if (reading.state === 'silent') readBy.value = tell('WeighBox.scale-says-nothing-it-plugged');
  else if (reading.state === 'overload') readBy.value = tell('WeighBox.too-heavy-for-this-scale');
  else {
    text.value = readingField(reading.value, units.value);
    readBy.value = reading.simulated
      ? tell('WeighBox.read-from-practice-scale')
      : tell('WeighBox.read-from-scale');
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
      ? tell('WeighBox.its-comb-weighed-later')
      : tell('WeighBox.with-its-combs', { g: massText(g.value! / 1000, units.value, 2) }),
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
      ? tell('WeighBox.its-comb-weighed-later')
      : tell('WeighBox.comb-2', { netG: massText(netG.value! / 1000, units.value, 2) }),
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
  return tell('WeighBox.far-from-comb-and-wax', {
    expectedKg: massRangeText(expectedKg.value!, units.value),
  });
});
const missing = computed(() => {
  if (empty.value && fullG.value === null) return tell('WeighBox.its-full-weight-was-left');
  if (g.value === null)
    return empty.value
      ? tell('WeighBox.what-does-box-weigh-empty')
      : tell('WeighBox.what-does-it-weigh');
  return netG.value !== null && netG.value < 0 ? tell('WeighBox.one-two-weights-wrong') : null;
});
</script>

<template>
  <form class="acts bench" @submit.prevent="write()">
    <p v-if="empty && fullG !== null" class="sub">
      {{ tell('WeighBox.with-its-combs-it-weighed', { fullG: massText(fullG / 1000, units, 2) }) }}
    </p>
    <Button
      v-if="mayGuess && !guessing"
      text
      type="button"
      :label="tell('WeighBox.guess-its-comb-first')"
      @click="guessing = true"
    />
    <TextField
      v-if="guessing && empty && fullG !== null"
      v-model="guessText"
      :unit="massUnit(units)"
      :label="tell('WeighBox.i-guess-comb-alone')"
      :disabled="!mayGuess"
      :error="guessText && guessG === null ? weightSuch(12000) : null"
    />
    <TextField
      v-model="text"
      :unit="massUnit(units)"
      :label="empty ? tell('WeighBox.box-without-comb') : tell('WeighBox.box-with-its-combs')"
      :error="
        fieldError('emptyG') ??
        fieldError('grossG') ??
        (text && g === null
          ? weightSuch(14200)
          : netG !== null && netG < 0
            ? tell('WeighBox.empty-box-weighs-more-than')
            : null)
      "
      :hint="readBy"
    />
    <Button outlined type="button" :label="tell('common.read-scale')" @click="readScale" />
    <SpokenFigure
      :label="tell('SpokenFigure.say-the-weight')"
      :read-back="(typed) => spokenWeight(typed, units)"
      @taken="takeSpoken"
    />
    <p class="sub">
      {{ tell('WeighBox.no-such-scale-lift-each') }}
    </p>
    <p v-if="netG !== null && netG >= 0" class="net display">
      {{ tell('WeighBox.comb', { netG: massText(netG / 1000, units, 2) }) }}
    </p>
    <p v-if="guessOff" class="sub">{{ guessOff }}</p>
    <p v-if="asked" class="caution" role="alert">{{ asked }}</p>
    <Refusal :refusal="refusal" :fields="['emptyG', 'grossG']" />
    <Button
      type="submit"
      class="main"
      :label="asked ? tell('common.write-it-down-as-i') : said(step.done)"
      :disabled="missing !== null"
      :loading="busy"
    />
    <p v-if="missing" class="sub">{{ missing }}</p>
    <Button
      outlined
      type="button"
      class="later"
      :label="tell('common.weigh-it-later')"
      :loading="busy"
      @click="write(true)"
    />
    <DripsInBox v-if="empty" :detail="detail" :rules="rules" :comb-ids="combIds" :put-off="[]" />
  </form>
</template>

<style scoped src="./atTheHive.css" />

<style scoped>
.net {
  font-size: 31px;
}
.caution {
  font-size: 18px;
}
.later {
  min-height: 80px;
}
</style>
