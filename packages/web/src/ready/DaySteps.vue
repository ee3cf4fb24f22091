<script setup lang="ts">
import type { DayPlan, HouseRules, Plan, TimetableStep } from '@furrow/core';
import { computed, ref } from 'vue';
import { measured, tell } from '../words/tell.js';
import { said } from '../words/units.js';
import Timetable from './Timetable.vue';
import OpensByTouch from './OpensByTouch.vue';

/** The day from washing the gear to the last lid, and what of it does not fit. */
const props = defineProps<{
  day: DayPlan | null;
  hiveName: string;
  batchId: string;
  /** Whether other harvests are planned with it. */
  several: boolean;
  rules: HouseRules;
  plan: Plan;
  zone: string;
  waterSaid: string;
  /** On a phone it opens by a touch. */
  narrow: boolean;
}>();
const emit = defineEmits<{ move: [step: TimetableStep, local: string | null] }>();
const cautions = computed(
  () => new Map((props.day?.harvests ?? []).map((h) => [h.id, h.cautions])),
);
const mine = ref(false);
const steps = computed(() =>
  (props.day?.steps ?? []).filter((s) => !mine.value || s.harvestId === props.batchId),
);
const conflicts = computed(() => steps.value.filter((s) => s.conflicts.length).length);
/** What does not fit, each reason once; two of them stand here, the rest with their steps. */
const conflictsSay = computed(() => {
  const all = [...new Set(steps.value.flatMap((s) => s.conflicts.map((c) => said(c.sentence))))];
  const rest =
    all.length > 2
      ? ' ' + tell('ReadyView.and-more-with-their-steps', { said: all.length - 2 })
      : '';
  return `${all.slice(0, 2).join(' ')}${rest}`;
});
</script>

<template>
  <p v-if="conflicts" class="rust" role="status">
    <b>{{ tell('ReadyView.steps-do-not-fit-as', { conflicts }) }}</b>
    {{ conflictsSay }}
  </p>
  <OpensByTouch :narrow="narrow" :heading="tell('ReadyView.from-washing-gear-to-last')">
    <label v-if="several" class="only"
      ><input v-model="mine" type="checkbox" /> {{ tell('ReadyView.only', { hiveName }) }}</label
    >
    <Timetable
      v-if="day"
      :steps="steps"
      :cautions="cautions"
      :several="several && !mine"
      :zone="zone"
      @move="(step, local) => emit('move', step, local)"
    />
    <p v-else class="sub" aria-busy="true">{{ tell('ReadyView.working-out-day') }}</p>
    <p class="sub">
      {{
        tell('ReadyView.drag-step-or-move-it', {
          workFrom: rules.workFrom,
          workTo: rules.workTo,
          quietFrom: rules.quietFrom,
          quietTo: rules.quietTo,
        })
      }}
    </p>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{
          tell('ReadyView.draining-runs-by-slow-edge', {
            said: measured({ temperatureC: plan.kitchenTemperatureC }),
            said2: measured({
              temperatureC: plan.nightTemperatureC ?? plan.kitchenTemperatureC,
            }),
            waterSaid,
            said3: measured({ lengthMm: { low: 0.1, high: 0.2 } }),
          })
        }}
      </p>
    </details>
  </OpensByTouch>
</template>

<style scoped>
.only {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
}
.only input {
  width: 20px;
  height: 20px;
  accent-color: var(--field);
}
</style>
