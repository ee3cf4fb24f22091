<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell, moment } from '../words/tell.js';
import {
  dayOf,
  estimateSeen,
  filledLook,
  frameRefill,
  guessBias,
  nextFrameDate,
  percentDown,
  type BatchDetail,
  type HouseRules,
  type TakeStep,
} from '@furrow/core';

import { DateTime } from 'luxon';
import { computed } from 'vue';
import { useGuesses } from '../api/queries.js';
import { clockText } from '../shell/times.js';
import { said } from '../words/units.js';
import { useNow } from '../shell/useNow.js';

/** What a step says: what to do, what the comb in hand was thought to hold, when to come back. */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  step: TakeStep;
  /** The comb in hand, and whether it was taken already. */
  combId: string | null;
  isTaken: boolean;
  /** The frames that are drained in this visit. */
  frameCombs: readonly string[];
  /** Until when the hive may stand open, where small flies find it. */
  shutBy: string | null;
}>();
const now = useNow();
const units = computed(() => props.rules.units);
const shutLine = computed(() => {
  if (!props.shutBy) return null;
  const at = clockText(props.shutBy, props.detail.batch.zone, now.value);
  return tell('StepSays.shut-it-again-before-small', { at });
});
/** What the comb was thought to hold; kept back where it is guessed first. */
const expected = computed(() => {
  if (props.step.kind !== 'unit' || (props.rules.guessFirst && !props.isTaken)) return null;
  const look = props.detail.looks.filter((l) => l.combId === props.combId).at(-1);
  const estimate = look && estimateSeen(look, props.detail.hive);
  if (!look || !estimate) return null;
  const { cappedPercent } = look.verdict;
  const capped =
    cappedPercent === null
      ? ''
      : tell('StepSays.capped', { cappedPercent: percentDown(cappedPercent / 100) }) + ' ';
  return tell('StepSays.about', { capped, mid: massText(estimate.honeyKg.mid, units.value) });
});
const { data: guesses } = useGuesses();
const bias = computed(() =>
  props.step.kind === 'unit' && props.rules.guessFirst ? guessBias(guesses.value ?? []) : null,
);
/** When to come back to frames that were drained: said where the work ends. */
const comeBack = computed(() => {
  if (props.step.kind !== 'after' || !props.frameCombs.length) return null;
  const today = dayOf(DateTime.fromJSDate(now.value, { zone: props.detail.batch.zone }));
  const frames = props.frameCombs.map((combId) => ({
    drainedOn: today,
    looks: props.detail.looks.filter((l) => l.combId === combId).flatMap(filledLook),
  }));
  const next = nextFrameDate(today, frameRefill(frames), props.rules.frameMaxWeeks);
  return next && { day: moment(DateTime.fromISO(next.on), 'long-day'), why: said(next.why) };
});
</script>

<template>
  <h2 class="display instruction">{{ said(step.title) }}</h2>
  <p v-if="shutLine" class="caution" role="alert">{{ shutLine }}</p>
  <p class="text">{{ said(step.text) }}</p>
  <p v-if="comeBack" class="text">
    <b>{{ tell('StepSays.back-to-these-frames-by', { day: comeBack.day }) }}</b>:
    {{ comeBack.why }}.
  </p>
  <slot />
  <p v-if="expected" class="text">
    <b>{{ expected }}</b>
  </p>
  <p v-if="bias" class="sub">{{ said(bias.sentence) }}</p>
  <p v-if="step.caution" class="caution">{{ said(step.caution) }}</p>
</template>

<style scoped>
.instruction {
  font-size: 46px;
  line-height: 50px;
  margin: 4px 0 8px;
}
.text {
  font-size: 20px;
  line-height: 28px;
  max-width: 640px;
}
.caution {
  font-size: 18px;
  margin: 10px 0;
  max-width: 640px;
}
@media (max-width: 599px) {
  .instruction {
    font-size: 40px;
    line-height: 44px;
    margin: 0 0 4px;
  }
  .text {
    font-size: 19px;
    line-height: 25px;
  }
  .weighing > .text,
  .weighing > .caution {
    display: none;
  }
  .wide .instruction {
    font-size: 30px;
    line-height: 34px;
  }
  .wide .text {
    display: none;
  }
}
</style>
