<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  <h2 class="furrow-heading">{{ tell('common.bench') }}</h2>
  <div class="line">
    <RuleChoice
      v-model="draft.crush"
      :label="tell('common.how-comb-crushed')"
      :choices="named(SCHOOLS.crush)"
    />
  </div>
  <div class="line">
    <RuleChoice
      v-model="draft.strain"
      :label="tell('common.straining')"
      :choices="named(SCHOOLS.strain)"
    />
  </div>
  <div class="line">
    <RuleChoice
      v-model="draft.wetGear"
      :label="tell('common.wet-gear')"
      :choices="named(SCHOOLS.wetGear)"
    />
  </div>
  <p v-if="draft.wetGear === 'open'" class="rust">
    {{ tell('CrushRules.in-open-it-calls-robbers') }}
  </p>
  <div class="line">
    <NumberField
      v-model="draft.kitchenTemperatureC as number | null"
      :label="tell('common.kitchen')"
      unit="°C"
      :min="5"
      :max="45"
      :note="starting('kitchenTemperatureC')"
      :error="issue('kitchenTemperatureC')"
    /><NumberField
      v-model="draft.stirEveryHours as number | null"
      :label="tell('common.stir-every')"
      unit="h"
      :min="0.5"
      :max="168"
      :note="starting('stirEveryHours')"
      :error="issue('stirEveryHours')"
    />
    <NumberField
      v-model="draft.stopBelowGPerHour as number | null"
      :label="tell('common.advise-to-stop-under')"
      unit="g an hour"
      :min="1"
      :max="1000"
      :note="starting('stopBelowGPerHour')"
      :error="issue('stopBelowGPerHour')"
    /><NumberField
      v-model="draft.minutesPerComb as number | null"
      :label="tell('common.your-minutes-comb')"
      unit="min"
      :min="1"
      :max="120"
      :note="starting('minutesPerComb')"
      :error="issue('minutesPerComb')"
    />
    <NumberField
      v-model="draft.minutesPerJar as number | null"
      :label="tell('common.your-minutes-jar')"
      unit="min"
      :min="0.2"
      :max="30"
      :note="starting('minutesPerJar')"
      :error="issue('minutesPerJar')"
    /><TextField
      v-model="draft.quietFrom"
      type="time"
      :label="tell('common.quiet-from')"
      :error="issue('quietFrom')"
    /><TextField
      v-model="draft.quietTo"
      type="time"
      :label="tell('common.quiet-until')"
      :error="issue('quietTo')"
    />
  </div>
</template>

<style scoped src="./line.css" />
