<script setup lang="ts">
import { LOT_PAGE_FACTS, SCHOOLS, type HouseRules } from '@furrow/core';
import ToggleSwitch from 'primevue/toggleswitch';
import { useStarting } from './starting.js';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import RuleChoice from './RuleChoice.vue';

/** What labels say, who may be sold to, what a stranger sees behind the code; wax and rinse. */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
const FACTS: Record<(typeof LOT_PAGE_FACTS)[number], string> = {
  hive: 'the hive',
  site: 'the place',
  harvested: 'its harvest date',
  kind: 'what it is',
  water: 'its water',
  flower: 'its flower',
  weight: 'its net weight',
  maker: 'your name',
};
const facts = LOT_PAGE_FACTS.map((key) => ({ key, word: FACTS[key] }));
const waxWays = Object.entries(SCHOOLS.waxWay).map(([value, label]) => ({ value, label }));
</script>

<template>
  <div class="line">
    <NumberField
      v-model="draft.bestBeforeMonths as number | null"
      label="Best before, months after harvest"
      whole
      :min="1"
      :max="60"
      :note="starting('bestBeforeMonths')"
      :error="issue('bestBeforeMonths')"
    /><NumberField
      v-model="draft.watchMonths as number | null"
      label="The same, with 17.1 to 19 % water"
      unit="months"
      whole
      :min="1"
      :max="60"
      :note="starting('watchMonths')"
      :error="issue('watchMonths')"
    /><NumberField
      v-model="draft.useSoonMonths as number | null"
      label="With 19 to 20 % water, or not measured"
      unit="months"
      whole
      :min="1"
      :max="60"
      :note="starting('useSoonMonths')"
      :error="issue('useSoonMonths')"
    /><NumberField
      v-model="draft.useFirstDays as number | null"
      label="Open or wet honey, use within"
      unit="days"
      whole
      :min="1"
      :max="365"
      :note="starting('useFirstDays')"
      :error="issue('useFirstDays')"
    /><TextField
      v-model="draft.labelMaker"
      label="Name on the label"
      :error="issue('labelMaker')"
    /><TextField
      v-model="draft.makerAddress"
      label="Address under it"
      :error="issue('makerAddress')"
    /><TextField
      v-model="draft.countryOfOrigin"
      label="Country of origin"
      :error="issue('countryOfOrigin')"
    />
  </div>
  <div class="line">
    <RuleChoice
      v-model="draft.registeredToSell"
      label="Registered to sell"
      above
      :choices="[
        { label: 'No: labels read gift', value: false },
        { label: 'Yes', value: true },
      ]"
    /><TextField
      v-if="draft.registeredToSell"
      v-model="draft.sellWhere"
      label="Registered where, for what"
      :error="issue('sellWhere')"
    /><label class="switch"
      ><ToggleSwitch v-model="draft.tradeScale" input-id="r-trade" /> The scale is approved for
      trade</label
    ><label class="switch"
      ><ToggleSwitch v-model="draft.nutritionOnLabel" input-id="r-nutrition" /> Nutrition per 100 g
      on the label</label
    >
  </div>
  <p v-if="draft.registeredToSell" class="sub">
    What law asks differs from place to place: ask your food authority. Furrow holds no honey legal.
  </p>
  <div class="line address">
    <TextField
      v-model="draft.baseAddress"
      label="Address for the code on labels"
      hint="Where this Furrow is reached from outside, such as https://honey.example. Empty: the code holds the batch only."
      :error="issue('baseAddress')"
    />
  </div>
  <fieldset class="facts">
    <legend class="sub">The page behind the code shows</legend>
    <label v-for="fact in facts" :key="fact.key" class="tick"
      ><input v-model="draft.lotPageShows" type="checkbox" :value="fact.key" />
      {{ fact.word }}</label
    >
  </fieldset>
  <h2 class="furrow-heading">Wax and rinse</h2>
  <div class="line">
    <RuleChoice v-model="draft.waxWay" label="Wax is rendered" :choices="waxWays" />
  </div>
  <div class="line">
    <NumberField
      v-model="draft.wetWaxDays as number | null"
      label="Wet wax waits unfrozen"
      unit="days"
      whole
      :min="1"
      :max="120"
      :note="starting('wetWaxDays')"
      :error="issue('wetWaxDays')"
    /><NumberField
      v-model="draft.waxFrozenWeeks"
      nullable
      label="Frozen comb and wax stay in the cold"
      unit="weeks"
      whole
      :min="1"
      :max="52"
      :note="starting('waxFrozenWeeks')"
      :error="issue('waxFrozenWeeks')"
    /><NumberField
      v-model="draft.rinseKeepsHours as number | null"
      label="A rinse keeps in the kitchen"
      unit="h"
      whole
      :min="1"
      :max="168"
      :note="starting('rinseKeepsHours')"
      :error="issue('rinseKeepsHours')"
    /><NumberField
      v-model="draft.rinseColdKeepsHours as number | null"
      label="And in the cold"
      unit="h"
      whole
      :min="1"
      :max="720"
      :note="starting('rinseColdKeepsHours')"
      :error="issue('rinseColdKeepsHours')"
    />
  </div>
</template>

<style scoped src="./line.css" />

<style scoped>
.line > .field {
  max-width: 210px;
}
.address > .field {
  max-width: 520px;
  flex: 1;
}
.switch,
.tick {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
}
.tick input {
  width: 22px;
  height: 22px;
  accent-color: var(--field);
}
.facts {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  gap: 4px 18px;
  flex-wrap: wrap;
}
</style>
