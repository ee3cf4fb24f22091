<script setup lang="ts">
import type { HouseRules } from '@furrow/core';
import { useStarting } from './starting.js';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';

/** What the judgement rests on beyond caps and water, and how long a fact counts. */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
const SHELF: { key: keyof HouseRules['shelfDays']; label: string; max: number }[] = [
  { key: 'flow', label: 'Forage', max: 120 },
  { key: 'bloom', label: 'In bloom', max: 120 },
  { key: 'temper', label: 'Temper', max: 730 },
  { key: 'strength', label: 'Strength', max: 365 },
  { key: 'queen', label: 'Queen', max: 365 },
  { key: 'broodCheck', label: 'Brood check', max: 365 },
  { key: 'tilt', label: 'Tilt', max: 365 },
  { key: 'water', label: 'Water of a comb', max: 120 },
  { key: 'look', label: 'A look at a comb', max: 365 },
];
</script>

<template>
  <h2 class="furrow-heading">What else decides</h2>
  <div class="line">
    <NumberField
      v-model="draft.leastHoneyG as number | null"
      label="Leave a comb with less honey than"
      unit="g"
      :min="0"
      :max="3000"
      :note="starting('leastHoneyG')"
      :error="issue('leastHoneyG')"
    />
    <NumberField
      v-model="draft.sellingLimitPercent as number | null"
      label="No sale above, water"
      unit="%"
      :min="15"
      :max="23"
      :note="starting('sellingLimitPercent')"
      :error="issue('sellingLimitPercent')"
    />
    <NumberField
      v-model="draft.springReserveKg as number | null"
      label="Stays from winter's end to the first flow"
      unit="kg"
      :min="0"
      :max="20"
      :note="starting('springReserveKg')"
      :error="issue('springReserveKg')"
    />
    <NumberField
      v-model="draft.potsStayPercent as number | null"
      label="Sealed pots that stay, stingless"
      unit="%"
      :min="0"
      :max="100"
      :note="starting('potsStayPercent')"
      :error="issue('potsStayPercent')"
    />
    <NumberField
      v-model="draft.potsWeeksBeforeWinter as number | null"
      label="No pots drawn before winter"
      unit="weeks"
      whole
      :min="0"
      :max="26"
      :note="starting('potsWeeksBeforeWinter')"
      :error="issue('potsWeeksBeforeWinter')"
    />
    <TextField
      v-model="draft.stinglessSpecies"
      label="Species of the stingless bees"
      :error="issue('stinglessSpecies')"
    />
    <TextField
      v-model="draft.stinglessPermit"
      label="Permit to keep them"
      :error="issue('stinglessPermit')"
    />
  </div>
  <p class="sub">
    The 20 % of the Codex Alimentarius is the starting value for sale: ask your food authority.
    Above 20 % water (23 % where the site is noted as heather) no comb is ever ‘take’.
  </p>
  <h2 class="furrow-heading">How long a fact counts</h2>
  <div class="line">
    <NumberField
      v-for="s in SHELF"
      :key="s.key"
      v-model="draft.shelfDays[s.key] as number | null"
      :label="s.label"
      unit="days"
      whole
      :min="1"
      :max="s.max"
      :error="issue(`shelfDays.${s.key}`)"
    />
  </div>
  <p class="sub">
    Starting values, nobody's measurement. Older is ‘unknown, last known …’ and counts as unknown.
  </p>
</template>

<style scoped src="./line.css" />

<style scoped>
.line > .field {
  max-width: 210px;
}
</style>
