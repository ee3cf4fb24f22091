<script setup lang="ts">
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
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
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
        label="A hard winter takes more"
        unit="%"
        :min="0"
        :max="100"
        :note="starting('hardWinterPercent')"
        :error="issue('hardWinterPercent')"
      /><NumberField
        v-for="s in ['weak', 'middle', 'strong'] as const"
        :key="s"
        v-model="draft.strengthPercent[s] as number | null"
        :label="`A ${s} colony, of the need`"
        unit="%"
        :min="0"
        :max="200"
        :error="issue(`strengthPercent.${s}`)"
      /><NumberField
        v-model="draft.maxCombsPerHive"
        nullable
        label="Combs a hive at a time, at most"
        whole
        :min="0"
        :max="60"
        :note="starting('maxCombsPerHive')"
        :error="issue('maxCombsPerHive')"
      />
    </div>
    <details class="how">
      <summary>Use month by month, if you know it</summary>
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
        Only the proportions count; the need above stays what it is. Months that are over no longer
        count.
      </p>
    </details>
  </template>
  <template v-else>
    <h2 class="furrow-heading">Work and worth</h2>
    <div class="line">
      <NumberField
        v-model="draft.people as number | null"
        label="People who help"
        whole
        :min="1"
        :max="12"
        :note="starting('people')"
        :error="issue('people')"
      /><NumberField
        v-model="draft.liftKg as number | null"
        label="One person lifts, at most"
        unit="kg"
        :min="3"
        :max="60"
        :note="starting('liftKg')"
        :error="issue('liftKg')"
      /><TextField
        v-model="draft.workFrom"
        type="time"
        label="Work from"
        :error="issue('workFrom')"
      /><TextField v-model="draft.workTo" type="time" label="Work until" :error="issue('workTo')" />
    </div>
    <div class="line">
      <NumberField
        v-model="draft.nightTemperatureC"
        nullable
        label="Kitchen at night"
        unit="°C"
        :min="-5"
        :max="45"
        :note="starting('nightTemperatureC')"
        :error="issue('nightTemperatureC')"
      /><NumberField
        v-model="draft.minutesPerPiece as number | null"
        label="Your minutes a piece"
        unit="min"
        :min="0.2"
        :max="60"
        :note="starting('minutesPerPiece')"
        :error="issue('minutesPerPiece')"
      /><NumberField
        v-model="draft.minutesPerPressing as number | null"
        label="One pressing"
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
        label="Freeze comb honey"
        :choices="named(SCHOOLS.freeze)"
      />
    </div>
    <div class="line">
      <NumberField
        v-model="draft.freezerL"
        nullable
        label="Free room in the freezer"
        unit="L"
        :min="0"
        :max="2000"
        :note="starting('freezerL')"
        :error="issue('freezerL')"
      /><NumberField
        v-model="draft.freezerTemperatureC as number | null"
        label="Freezer at"
        unit="°C"
        :min="-40"
        :max="-7"
        :note="starting('freezerTemperatureC')"
        :error="issue('freezerTemperatureC')"
      /><NumberField
        v-model="draft.vehicleL"
        nullable
        label="The vehicle holds"
        unit="L"
        :min="10"
        :max="5000"
        :note="starting('vehicleL')"
        :error="issue('vehicleL')"
      /><NumberField
        v-model="draft.vehicleKg"
        nullable
        label="It carries"
        unit="kg"
        :min="5"
        :max="3000"
        :note="starting('vehicleKg')"
        :error="issue('vehicleKg')"
      />
    </div>
    <div class="line">
      <RuleChoice v-model="draft.smoke" label="Smoke" :choices="named(SCHOOLS.smoke)" />
    </div>
    <div class="line">
      <RuleChoice
        v-model="draft.beesOff"
        label="Bees off the comb"
        :choices="named(SCHOOLS.beesOff)"
      />
    </div>
    <p v-if="draft.beesOff === 'repellent'" class="rust">
      Repellents are not permitted everywhere: ask before you use one, and read its sheet.
    </p>
    <div class="line">
      <NumberField
        v-model="draft.windLimitKmH as number | null"
        label="No opening in wind above"
        unit="km/h"
        :min="5"
        :max="60"
        :note="starting('windLimitKmH')"
        :error="issue('windLimitKmH')"
      /><NumberField
        v-model="draft.heatIndexLimitC as number | null"
        label="No suit above a heat index of"
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
        label="Money"
        hint="such as R$"
        :error="issue('currency')"
      /><NumberField
        v-model="draft.waxPerKg as number | null"
        label="Clean wax is worth"
        unit="a kg"
        :min="0"
        :note="starting('waxPerKg')"
        :error="issue('waxPerKg')"
      /><NumberField
        v-model="draft.givenPercent as number | null"
        label="Given away"
        unit="%"
        :min="0"
        :max="100"
        :note="starting('givenPercent')"
        :error="issue('givenPercent')"
      /><NumberField
        v-model="draft.givenWorthPercent as number | null"
        label="A gift counts, of the price"
        unit="%"
        :min="0"
        :max="300"
        :note="starting('givenWorthPercent')"
        :error="issue('givenWorthPercent')"
      /><NumberField
        v-model="draft.ownPercent as number | null"
        label="Eaten at home"
        unit="%"
        :min="0"
        :max="100"
        :note="starting('ownPercent')"
        :error="issue('ownPercent')"
      /><NumberField
        v-model="draft.ownWorthPercent as number | null"
        label="That counts, of the price"
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
