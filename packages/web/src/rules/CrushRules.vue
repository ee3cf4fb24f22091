<script setup lang="ts">
import { SCHOOLS, type HouseRules } from '@furrow/core';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import RuleChoice from './RuleChoice.vue';
import { named } from './choices.js';
import { useStarting } from './starting.js';

/** How comb is crushed and strained, how warm the kitchen is, and when to be quiet. */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
</script>

<template>
  <h2 class="furrow-heading">Bench</h2>
  <div class="line">
    <RuleChoice v-model="draft.crush" label="How comb is crushed" :choices="named(SCHOOLS.crush)" />
  </div>
  <div class="line">
    <RuleChoice v-model="draft.strain" label="Straining" :choices="named(SCHOOLS.strain)" />
  </div>
  <div class="line">
    <RuleChoice v-model="draft.wetGear" label="Wet gear" :choices="named(SCHOOLS.wetGear)" />
  </div>
  <p v-if="draft.wetGear === 'open'" class="rust">
    In the open it calls robbers and spreads disease; many places forbid it. Ask your bee inspector.
  </p>
  <div class="line">
    <NumberField
      v-model="draft.kitchenTemperatureC as number | null"
      label="Kitchen"
      unit="°C"
      :min="5"
      :max="45"
      :note="starting('kitchenTemperatureC')"
      :error="issue('kitchenTemperatureC')"
    /><NumberField
      v-model="draft.stirEveryHours as number | null"
      label="Stir every"
      unit="h"
      :min="0.5"
      :max="168"
      :note="starting('stirEveryHours')"
      :error="issue('stirEveryHours')"
    />
    <NumberField
      v-model="draft.stopBelowGPerHour as number | null"
      label="Advise to stop under"
      unit="g an hour"
      :min="1"
      :max="1000"
      :note="starting('stopBelowGPerHour')"
      :error="issue('stopBelowGPerHour')"
    /><NumberField
      v-model="draft.minutesPerComb as number | null"
      label="Your minutes a comb"
      unit="min"
      :min="1"
      :max="120"
      :note="starting('minutesPerComb')"
      :error="issue('minutesPerComb')"
    />
    <NumberField
      v-model="draft.minutesPerJar as number | null"
      label="Your minutes a jar"
      unit="min"
      :min="0.2"
      :max="30"
      :note="starting('minutesPerJar')"
      :error="issue('minutesPerJar')"
    /><TextField
      v-model="draft.quietFrom"
      type="time"
      label="Quiet from"
      :error="issue('quietFrom')"
    /><TextField
      v-model="draft.quietTo"
      type="time"
      label="Quiet until"
      :error="issue('quietTo')"
    />
  </div>
</template>

<style scoped src="./line.css" />
