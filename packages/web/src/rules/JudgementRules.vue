<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { HouseRules } from '@furrow/core';
import { useStarting } from './starting.js';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';

/** What the judgement rests on beyond caps and water, and how long a fact counts. */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
const SHELF: { key: keyof HouseRules['shelfDays']; label: string; max: number }[] = [
  { key: 'flow', label: tell('common.forage'), max: 120 },
  { key: 'bloom', label: tell('common.in-bloom'), max: 120 },
  { key: 'temper', label: tell('common.temper'), max: 730 },
  { key: 'strength', label: tell('common.strength'), max: 365 },
  { key: 'queen', label: tell('common.queen'), max: 365 },
  { key: 'broodCheck', label: tell('JudgementRules.brood-check'), max: 365 },
  { key: 'tilt', label: tell('common.tilt'), max: 365 },
  { key: 'water', label: tell('JudgementRules.water-comb'), max: 120 },
  { key: 'look', label: tell('JudgementRules.look-at-comb'), max: 365 },
];
</script>

<template>
  <h2 class="furrow-heading">{{ tell('JudgementRules.what-else-decides') }}</h2>
  <div class="line">
    <NumberField
      v-model="draft.leastHoneyG as number | null"
      :label="tell('common.leave-comb-with-less-honey')"
      unit="g"
      :min="0"
      :max="3000"
      :note="starting('leastHoneyG')"
      :error="issue('leastHoneyG')"
    />
    <NumberField
      v-model="draft.sellingLimitPercent as number | null"
      :label="tell('common.no-sale-above-water')"
      unit="%"
      :min="15"
      :max="23"
      :note="starting('sellingLimitPercent')"
      :error="issue('sellingLimitPercent')"
    />
    <NumberField
      v-model="draft.springReserveKg as number | null"
      :label="tell('common.stays-from-winters-end-to')"
      unit="kg"
      :min="0"
      :max="20"
      :note="starting('springReserveKg')"
      :error="issue('springReserveKg')"
    />
    <NumberField
      v-model="draft.potsStayPercent as number | null"
      :label="tell('common.sealed-pots-that-stay-stingless')"
      unit="%"
      :min="0"
      :max="100"
      :note="starting('potsStayPercent')"
      :error="issue('potsStayPercent')"
    />
    <NumberField
      v-model="draft.potsWeeksBeforeWinter as number | null"
      :label="tell('common.no-pots-drawn-before-winter')"
      :unit="tell('JudgementRules.weeks')"
      whole
      :min="0"
      :max="26"
      :note="starting('potsWeeksBeforeWinter')"
      :error="issue('potsWeeksBeforeWinter')"
    />
    <TextField
      v-model="draft.stinglessSpecies"
      :label="tell('common.species-stingless-bees')"
      :error="issue('stinglessSpecies')"
    />
    <TextField
      v-model="draft.stinglessPermit"
      :label="tell('common.permit-to-keep-them')"
      :error="issue('stinglessPermit')"
    />
  </div>
  <p class="sub">
    {{ tell('JudgementRules.20-codex-alimentarius-starting-value') }}
  </p>
  <h2 class="furrow-heading">{{ tell('common.how-long-fact-counts') }}</h2>
  <div class="line">
    <NumberField
      v-for="s in SHELF"
      :key="s.key"
      v-model="draft.shelfDays[s.key] as number | null"
      :label="s.label"
      :unit="tell('JudgementRules.days')"
      whole
      :min="1"
      :max="s.max"
      :error="issue(`shelfDays.${s.key}`)"
    />
  </div>
  <p class="sub">
    {{ tell('JudgementRules.starting-values-nobodys-measurement') }}
  </p>
</template>

<style scoped src="./line.css" />

<style scoped>
.line > .field {
  max-width: 210px;
}
</style>
