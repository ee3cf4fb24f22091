<script setup lang="ts">
import { STRENGTHS } from '../parts/colonyWords.js';
import { months, tell } from '../words/tell.js';
import { SCHOOLS, type HouseRules } from '@furrow/core';
import { useStarting } from './starting.js';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import RuleChoice from './RuleChoice.vue';
import { named } from './choices.js';

/**
 * Rules that choosing and planning go by: the winter in the household's own numbers; people, hours,
 * weights, worth.
 */
defineProps<{ part: 'winter' | 'work'; issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
const MONTHS = months();
type Month = keyof HouseRules['winterUseByMonthKg'];
function setMonth(month: Month, kg: number | null): void {
  const { [month]: _old, ...rest } = draft.value.winterUseByMonthKg;
  draft.value.winterUseByMonthKg = kg === null || kg === 0 ? rest : { ...rest, [month]: kg };
}
</script>

<template>
  <template v-if="part === 'winter'">
    <div class="line">
      <NumberField
        v-model="draft.hardWinterPercent as number | null"
        :label="tell('PlanRules.hard-winter-takes-more')"
        unit="%"
        :min="0"
        :max="100"
        :note="starting('hardWinterPercent')"
        :error="issue('hardWinterPercent')"
      /><NumberField
        v-for="s in ['weak', 'middle', 'strong'] as const"
        :key="s"
        v-model="draft.strengthPercent[s] as number | null"
        :label="tell('PlanRules.colony-need', { s: STRENGTHS[s] })"
        unit="%"
        :min="0"
        :max="200"
        :error="issue(`strengthPercent.${s}`)"
      /><NumberField
        v-model="draft.maxCombsPerHive"
        nullable
        :label="tell('PlanRules.combs-hive-at-time-at')"
        whole
        :min="0"
        :max="60"
        :note="starting('maxCombsPerHive')"
        :error="issue('maxCombsPerHive')"
      />
    </div>
    <details class="how">
      <summary>{{ tell('PlanRules.use-month-by-month-if') }}</summary>
      <div class="months">
        <NumberField
          v-for="(name, i) in MONTHS"
          :key="name"
          nullable
          :label="name"
          unit="kg"
          :min="0"
          :max="20"
          :model-value="draft.winterUseByMonthKg[String(i + 1) as Month] ?? null"
          :error="issue(`winterUseByMonthKg.${i + 1}`)"
          @update:model-value="setMonth(String(i + 1) as Month, $event)"
        />
      </div>
      <p>
        {{ tell('PlanRules.only-proportions-count-need-above') }}
      </p>
    </details>
  </template>
  <template v-else>
    <h2 class="furrow-heading">{{ tell('common.work-and-worth') }}</h2>
    <div class="line">
      <NumberField
        v-model="draft.people as number | null"
        :label="tell('common.people-who-help')"
        whole
        :min="1"
        :max="12"
        :note="starting('people')"
        :error="issue('people')"
      /><NumberField
        v-model="draft.liftKg as number | null"
        :label="tell('common.one-person-lifts-at-most')"
        unit="kg"
        :min="3"
        :max="60"
        :note="starting('liftKg')"
        :error="issue('liftKg')"
      /><TextField
        v-model="draft.workFrom"
        type="time"
        :label="tell('common.work-from')"
        :error="issue('workFrom')"
      /><TextField
        v-model="draft.workTo"
        type="time"
        :label="tell('common.work-until')"
        :error="issue('workTo')"
      />
    </div>
    <div class="line">
      <NumberField
        v-model="draft.nightTemperatureC"
        nullable
        :label="tell('common.kitchen-at-night')"
        unit="°C"
        :min="-5"
        :max="45"
        :note="starting('nightTemperatureC')"
        :error="issue('nightTemperatureC')"
      /><NumberField
        v-model="draft.minutesPerPiece as number | null"
        :label="tell('common.your-minutes-piece')"
        unit="min"
        :min="0.2"
        :max="60"
        :note="starting('minutesPerPiece')"
        :error="issue('minutesPerPiece')"
      /><NumberField
        v-model="draft.minutesPerPressing as number | null"
        :label="tell('common.one-pressing')"
        unit="min"
        :min="1"
        :max="240"
        :note="starting('minutesPerPressing')"
        :error="issue('minutesPerPressing')"
      />
    </div>
    <div class="line">
      <RuleChoice
        v-model="draft.freeze"
        :label="tell('common.freeze-comb-honey')"
        :choices="named(SCHOOLS.freeze)"
      />
    </div>
    <div class="line">
      <NumberField
        v-model="draft.freezerL"
        nullable
        :label="tell('common.free-room-in-freezer')"
        unit="L"
        :min="0"
        :max="2000"
        :note="starting('freezerL')"
        :error="issue('freezerL')"
      /><NumberField
        v-model="draft.freezerTemperatureC as number | null"
        :label="tell('common.freezer-at')"
        unit="°C"
        :min="-40"
        :max="-7"
        :note="starting('freezerTemperatureC')"
        :error="issue('freezerTemperatureC')"
      /><NumberField
        v-model="draft.vehicleL"
        nullable
        :label="tell('PlanRules.vehicle-holds')"
        unit="L"
        :min="10"
        :max="5000"
        :note="starting('vehicleL')"
        :error="issue('vehicleL')"
      /><NumberField
        v-model="draft.vehicleKg"
        nullable
        :label="tell('PlanRules.it-carries')"
        unit="kg"
        :min="5"
        :max="3000"
        :note="starting('vehicleKg')"
        :error="issue('vehicleKg')"
      />
    </div>
    <div class="line">
      <RuleChoice
        v-model="draft.smoke"
        :label="tell('common.smoke')"
        :choices="named(SCHOOLS.smoke)"
      />
    </div>
    <div class="line">
      <RuleChoice
        v-model="draft.beesOff"
        :label="tell('common.bees-off-comb')"
        :choices="named(SCHOOLS.beesOff)"
      />
    </div>
    <p v-if="draft.beesOff === 'repellent'" class="rust">
      {{ tell('PlanRules.repellents-are-not-permitted') }}
    </p>
    <div class="line">
      <NumberField
        v-model="draft.windLimitKmH as number | null"
        :label="tell('PlanRules.no-opening-in-wind-above')"
        unit="km/h"
        :min="5"
        :max="60"
        :note="starting('windLimitKmH')"
        :error="issue('windLimitKmH')"
      /><NumberField
        v-model="draft.heatIndexLimitC as number | null"
        :label="tell('PlanRules.no-suit-above-heat-index')"
        unit="°C"
        :min="25"
        :max="45"
        :note="starting('heatIndexLimitC')"
        :error="issue('heatIndexLimitC')"
      />
    </div>
    <div class="line">
      <TextField
        v-model="draft.currency"
        :label="tell('PlanRules.money')"
        :hint="tell('PlanRules.such-as-r')"
        :error="issue('currency')"
      /><NumberField
        v-model="draft.waxPerKg as number | null"
        :label="tell('PlanRules.clean-wax-worth')"
        unit="a kg"
        :min="0"
        :note="starting('waxPerKg')"
        :error="issue('waxPerKg')"
      /><NumberField
        v-model="draft.givenPercent as number | null"
        :label="tell('PlanRules.given-away')"
        unit="%"
        :min="0"
        :max="100"
        :note="starting('givenPercent')"
        :error="issue('givenPercent')"
      /><NumberField
        v-model="draft.givenWorthPercent as number | null"
        :label="tell('PlanRules.gift-counts-price')"
        unit="%"
        :min="0"
        :max="300"
        :note="starting('givenWorthPercent')"
        :error="issue('givenWorthPercent')"
      /><NumberField
        v-model="draft.ownPercent as number | null"
        :label="tell('PlanRules.eaten-at-home')"
        unit="%"
        :min="0"
        :max="100"
        :note="starting('ownPercent')"
        :error="issue('ownPercent')"
      /><NumberField
        v-model="draft.ownWorthPercent as number | null"
        :label="tell('PlanRules.that-counts-price')"
        unit="%"
        :min="0"
        :max="300"
        :note="starting('ownWorthPercent')"
        :error="issue('ownWorthPercent')"
      />
    </div>
  </template>
</template>

<style scoped src="./line.css" />

<style scoped>
.line > span:first-child {
  min-width: 150px;
  align-self: center;
}
.months {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 8px;
}
</style>
