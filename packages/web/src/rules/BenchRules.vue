<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { SCHOOLS, type HouseRules } from '@furrow/core';
import ToggleSwitch from 'primevue/toggleswitch';
import { useStarting } from './starting.js';
import NumberField from '../parts/NumberField.vue';
import RuleChoice from './RuleChoice.vue';
import { named } from './choices.js';

/**
 * Rules of the hand at the hive and at the bench: waits, stings, drain frames, warmth, the press.
 */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
type Choice =
  | 'starterLeft'
  | 'potsBy'
  | 'vesselCover'
  | 'frameReset'
  | 'frameDone'
  | 'trayAfter'
  | 'stirs'
  | 'warm';
const choices: [Choice, string][] = [
  ['starterLeft', tell('common.left-when-comb-cut-out')],
  ['potsBy', tell('common.honey-pots-are-emptied-by')],
  ['vesselCover', tell('common.vessels-under-drain-frames')],
  ['frameReset', tell('common.drain-frame-reset')],
  ['frameDone', tell('common.it-counts-as-empty')],
  ['trayAfter', tell('common.spill-tray-afterwards')],
  ['stirs', tell('common.crushed-comb-stirred')],
  ['warm', tell('common.warm-honey-to-strain-it')],
];
const cutChoices: ['underWeight' | 'pest', string][] = [
  ['underWeight', tell('common.piece-under-its-weight')],
  ['pest', tell('common.comb-frozen-against')],
];
const parts = [4, 2, 1].map((value) => ({
  value,
  label: said(SCHOOLS.frameParts[value as 1 | 2 | 4]),
}));
</script>

<template>
  <h2 class="furrow-heading">{{ tell('BenchRules.at-hive-and-at-bench') }}</h2>
  <div class="line">
    <NumberField
      v-model="draft.smokeWaitMinutes as number | null"
      :label="tell('common.wait-after-smoke')"
      unit="min"
      whole
      :min="0"
      :max="30"
      :note="starting('smokeWaitMinutes')"
      :error="issue('smokeWaitMinutes')"
    /><NumberField
      v-model="draft.stingsPause as number | null"
      :label="tell('common.stings-until-pause')"
      whole
      :min="1"
      :max="50"
      :note="starting('stingsPause')"
      :error="issue('stingsPause')"
    /><NumberField
      v-model="draft.stingsStop as number | null"
      :label="tell('common.stings-until-it-stops')"
      whole
      :min="1"
      :max="100"
      :note="starting('stingsStop')"
      :error="issue('stingsStop')"
    /><label class="switch"
      ><ToggleSwitch v-model="draft.guessFirst" input-id="r-guess" />
      {{ tell('common.guess-before-scale') }}</label
    ><label class="switch"
      ><ToggleSwitch v-model="draft.stirSlices" input-id="r-slices" />
      {{ tell('BenchRules.slices-are-turned-and-stirred') }}</label
    >
  </div>
  <div class="line">
    <RuleChoice
      v-model="draft.frameParts"
      :label="tell('common.drain-frame-opened')"
      :choices="parts"
    />
  </div>
  <div v-for="[key, label] in choices" :key="key" class="line">
    <RuleChoice v-model="draft[key]" :label="label" :choices="named(SCHOOLS[key])" />
  </div>
  <div class="line">
    <NumberField
      v-model="draft.framesAtOnce as number | null"
      :label="tell('BenchRules.frames-at-once')"
      whole
      :min="1"
      :max="12"
      :note="starting('framesAtOnce')"
      :error="issue('framesAtOnce')"
    /><NumberField
      v-model="draft.frameMaxWeeks as number | null"
      :label="tell('BenchRules.back-to-frame-within')"
      :unit="tell('BenchRules.weeks')"
      whole
      :min="1"
      :max="26"
      :note="starting('frameMaxWeeks')"
      :error="issue('frameMaxWeeks')"
    /><NumberField
      v-model="draft.followUpWeeks"
      nullable
      :label="tell('common.look-at-harvested-hive-again')"
      :unit="tell('BenchRules.weeks')"
      whole
      :min="1"
      :max="26"
      :note="starting('followUpWeeks')"
      :error="issue('followUpWeeks')"
    /><NumberField
      v-model="draft.warmLimitC as number | null"
      :label="tell('common.warm-to-at-most')"
      unit="°C"
      :min="25"
      :max="60"
      :note="starting('warmLimitC')"
      :error="issue('warmLimitC')"
    /><NumberField
      v-model="draft.pressRestMinutes as number | null"
      :label="tell('common.press-rests')"
      unit="min"
      whole
      :min="1"
      :max="240"
      :note="starting('pressRestMinutes')"
      :error="issue('pressRestMinutes')"
    /><NumberField
      v-model="draft.pressEnoughG as number | null"
      :label="tell('common.last-turn-brings-under')"
      unit="g"
      :min="1"
      :max="2000"
      :note="starting('pressEnoughG')"
      :error="issue('pressEnoughG')"
    />
  </div>
  <h2 class="furrow-heading">{{ tell('BenchRules.at-cutting-board') }}</h2>
  <div v-for="[key, label] in cutChoices" :key="key" class="line">
    <RuleChoice v-model="draft[key]" :label="label" :choices="named(SCHOOLS[key])" />
  </div>
  <div class="line">
    <NumberField
      v-model="draft.kerfMm as number | null"
      :label="tell('common.knifes-cut-wide')"
      unit="mm"
      :min="0"
      :max="20"
      :note="starting('kerfMm')"
      :error="issue('kerfMm')"
    /><NumberField
      v-model="draft.flawLeastCm2 as number | null"
      :label="tell('common.flaw-counts-from')"
      unit="cm²"
      :min="0"
      :max="20"
      :note="starting('flawLeastCm2')"
      :error="issue('flawLeastCm2')"
    /><NumberField
      v-model="draft.pieceDiscountPercent as number | null"
      :label="tell('common.discount-for-blemish')"
      unit="%"
      :min="0"
      :max="90"
      :note="starting('pieceDiscountPercent')"
      :error="issue('pieceDiscountPercent')"
    />
  </div>
</template>

<style scoped src="./line.css" />

<style scoped>
.switch {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
}
</style>
