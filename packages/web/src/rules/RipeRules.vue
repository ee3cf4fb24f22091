<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  HIVE_KINDS,
  HIVE_KIND_NAMES,
  SCHOOLS,
  isStingless,
  type HiveKindName,
  type HouseRules,
} from '@furrow/core';
import NumberField from '../parts/NumberField.vue';
import RuleChoice from './RuleChoice.vue';
import { yesOrNo, named, numbers } from './choices.js';
import { useStarting } from './starting.js';

/** What counts as ripe: by caps, by water, and from where a test is worth it. */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
/** Sealed pots of stingless bees are ripe whatever their water. */
const limitKinds = HIVE_KIND_NAMES.filter((k) => !isStingless(k));
function setLimit(kind: HiveKindName, percent: number | null): void {
  const { [kind]: _old, ...rest } = draft.value.moistureLimitByKindPercent;
  draft.value.moistureLimitByKindPercent = percent === null ? rest : { ...rest, [kind]: percent };
}
</script>

<template>
  <h2 class="furrow-heading">{{ tell('RipeRules.ripe') }}</h2>
  <div class="line">
    <RuleChoice
      v-model="draft.ripeCappedPercent"
      :label="tell('common.capped-share-that-counts-as')"
      :choices="numbers(' %', 75, 80, 90, 100)"
    />
  </div>
  <p class="sub">{{ said(SCHOOLS.ripeCappedPercent[draft.ripeCappedPercent]) }}.</p>
  <div class="line">
    <RuleChoice
      v-model="draft.ripeOf"
      :label="tell('common.counted-over')"
      :choices="named(SCHOOLS.ripeOf)"
    /><RuleChoice
      v-model="draft.ripeDrainPercent"
      :label="tell('RipeRules.drain-frames')"
      above
      :choices="numbers(' %', 75, 80, 90, 100)"
    />
  </div>
  <div class="line">
    <RuleChoice
      v-model="draft.considerFromPercent"
      :label="tell('common.below-it-worth-test-from')"
      above
      :choices="[
        { label: tell('RipeRules.no-leave-it'), value: null },
        { label: '60 %', value: 60 },
        { label: '75 %', value: 75 },
      ]"
    /><RuleChoice
      v-model="draft.drainTiltDegrees"
      :label="tell('common.tilt-asked-drain-frames')"
      above
      :choices="numbers('°', 2.5, 3, 5)"
    />
  </div>
  <div class="line">
    <NumberField
      v-model="draft.moistureLimitPercent as number | null"
      :label="tell('common.water-at-most')"
      unit="%"
      :min="14"
      :max="23"
      :note="starting('moistureLimitPercent')"
      :error="issue('moistureLimitPercent')"
    /><RuleChoice
      v-model="draft.moistureMayOverrule"
      :label="tell('common.measured-water-may-overrule-caps')"
      above
      :choices="yesOrNo()"
    />
  </div>
  <details class="how" :open="Object.keys(draft.moistureLimitByKindPercent).length > 0">
    <summary>{{ tell('RipeRules.another-limit-water-for-kind') }}</summary>
    <div class="line">
      <NumberField
        v-for="kind in limitKinds"
        :key="kind"
        nullable
        :label="tell('RipeRules.its-limit', { kind: HIVE_KINDS[kind].name })"
        unit="%"
        :min="14"
        :max="23"
        :model-value="draft.moistureLimitByKindPercent[kind] ?? null"
        :error="issue(`moistureLimitByKindPercent.${kind}`)"
        @update:model-value="setLimit(kind, $event)"
      />
    </div>
    <p class="sub">
      {{ tell('RipeRules.empty-limit-above-what-your') }}
    </p>
  </details>
</template>

<style scoped src="./line.css" />
