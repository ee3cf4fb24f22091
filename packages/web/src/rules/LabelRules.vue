<script setup lang="ts">
import { named } from './choices.js';
import { tell } from '../words/tell.js';
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
  hive: tell('LabelRules.hive'),
  site: tell('LabelRules.place'),
  harvested: tell('LabelRules.its-harvest-date'),
  kind: tell('LabelRules.what-it'),
  water: tell('LabelRules.its-water'),
  flower: tell('LabelRules.its-flower'),
  weight: tell('LabelRules.its-net-weight'),
  maker: tell('LabelRules.your-name'),
};
const facts = LOT_PAGE_FACTS.map((key) => ({ key, word: FACTS[key] }));
const waxWays = named(SCHOOLS.waxWay);
</script>

<template>
  <div class="line">
    <NumberField
      v-model="draft.bestBeforeMonths as number | null"
      :label="tell('common.best-before-months-after-harvest')"
      whole
      :min="1"
      :max="60"
      :note="starting('bestBeforeMonths')"
      :error="issue('bestBeforeMonths')"
    /><NumberField
      v-model="draft.watchMonths as number | null"
      :label="tell('common.same-with-17-1-to')"
      :unit="tell('common.months')"
      whole
      :min="1"
      :max="60"
      :note="starting('watchMonths')"
      :error="issue('watchMonths')"
    /><NumberField
      v-model="draft.useSoonMonths as number | null"
      :label="tell('common.with-19-to-20-water')"
      :unit="tell('common.months')"
      whole
      :min="1"
      :max="60"
      :note="starting('useSoonMonths')"
      :error="issue('useSoonMonths')"
    /><NumberField
      v-model="draft.useFirstDays as number | null"
      :label="tell('common.open-or-wet-honey-use')"
      :unit="tell('LabelRules.days')"
      whole
      :min="1"
      :max="365"
      :note="starting('useFirstDays')"
      :error="issue('useFirstDays')"
    /><TextField
      v-model="draft.labelMaker"
      :label="tell('common.name-on-label')"
      :error="issue('labelMaker')"
    /><TextField
      v-model="draft.makerAddress"
      :label="tell('LabelRules.address-under-it')"
      :error="issue('makerAddress')"
    /><TextField
      v-model="draft.countryOfOrigin"
      :label="tell('LabelRules.country-origin')"
      :error="issue('countryOfOrigin')"
    />
  </div>
  <div class="line">
    <RuleChoice
      v-model="draft.registeredToSell"
      :label="tell('common.registered-to-sell')"
      above
      :choices="[
        { label: tell('LabelRules.no-labels-read-gift'), value: false },
        { label: tell('common.yes'), value: true },
      ]"
    /><TextField
      v-if="draft.registeredToSell"
      v-model="draft.sellWhere"
      :label="tell('LabelRules.registered-where-for-what')"
      :error="issue('sellWhere')"
    /><label class="switch"
      ><ToggleSwitch v-model="draft.tradeScale" input-id="r-trade" />
      {{ tell('LabelRules.scale-approved-for-trade') }}</label
    ><label class="switch"
      ><ToggleSwitch v-model="draft.nutritionOnLabel" input-id="r-nutrition" />
      {{ tell('LabelRules.nutrition-per-100-g-on') }}</label
    >
  </div>
  <p v-if="draft.registeredToSell" class="sub">
    {{ tell('LabelRules.what-law-asks-differs-from') }}
  </p>
  <div class="line address">
    <TextField
      v-model="draft.baseAddress"
      :label="tell('LabelRules.address-for-code-on-labels')"
      :hint="tell('LabelRules.where-this-furrow-reached-from')"
      :error="issue('baseAddress')"
    />
  </div>
  <fieldset class="facts">
    <legend class="sub">{{ tell('LabelRules.page-behind-code-shows') }}</legend>
    <label v-for="fact in facts" :key="fact.key" class="tick"
      ><input v-model="draft.lotPageShows" type="checkbox" :value="fact.key" />
      {{ fact.word }}</label
    >
  </fieldset>
  <h2 class="furrow-heading">{{ tell('common.wax-and-rinse') }}</h2>
  <div class="line">
    <RuleChoice v-model="draft.waxWay" :label="tell('common.wax-rendered')" :choices="waxWays" />
  </div>
  <div class="line">
    <NumberField
      v-model="draft.wetWaxDays as number | null"
      :label="tell('common.wet-wax-waits-unfrozen')"
      :unit="tell('LabelRules.days')"
      whole
      :min="1"
      :max="120"
      :note="starting('wetWaxDays')"
      :error="issue('wetWaxDays')"
    /><NumberField
      v-model="draft.waxFrozenWeeks"
      nullable
      :label="tell('common.frozen-comb-and-wax-stay')"
      :unit="tell('LabelRules.weeks')"
      whole
      :min="1"
      :max="52"
      :note="starting('waxFrozenWeeks')"
      :error="issue('waxFrozenWeeks')"
    /><NumberField
      v-model="draft.rinseKeepsHours as number | null"
      :label="tell('common.rinse-keeps-in-kitchen')"
      unit="h"
      whole
      :min="1"
      :max="168"
      :note="starting('rinseKeepsHours')"
      :error="issue('rinseKeepsHours')"
    /><NumberField
      v-model="draft.rinseColdKeepsHours as number | null"
      :label="tell('LabelRules.and-in-cold')"
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
.facts {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  gap: 4px 18px;
  flex-wrap: wrap;
}
</style>
