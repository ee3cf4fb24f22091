<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  HIVE_KINDS,
  HIVE_KIND_NAMES,
  hiveKind,
  isStingless,
  winterNeedSaid,
  type HiveKindName,
  type HouseRules,
} from '@furrow/core';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import RuleChoice from './RuleChoice.vue';
import { useStarting } from './starting.js';

/** What is the bees’: the winter need by kind of hive, first seasons, when to look again. */
defineProps<{ issue: (field: string) => string | null }>();
const draft = defineModel<HouseRules>({ required: true });
const starting = useStarting(draft);
/**
 * Over a closed brood box it is what has to stay in the supers; stingless bees keep a share of
 * their pots.
 */
const stackKinds = HIVE_KIND_NAMES.filter(
  (k) => hiveKind(k).winterNeedIn === 'winterNeedByKindKg' && !isStingless(k),
);
function setNeed(kind: HiveKindName, kg: number | null): void {
  Object.assign(draft.value, winterNeedSaid(draft.value, kind, kg));
}
</script>

<template>
  <h2 class="furrow-heading">{{ tell('common.theirs') }}</h2>
  <div class="line">
    <NumberField
      v-model="draft.winterNeedKg"
      nullable
      :label="tell('common.winter-need-top-bar-hive')"
      unit="kg"
      :min="0"
      :max="60"
      :note="starting('winterNeedKg')"
      :error="issue('winterNeedKg')"
    /><RuleChoice
      v-model="draft.takeInFirstSeason"
      :label="tell('common.take-in-colonys-first-season')"
      above
      :choices="[
        { label: tell('common.no'), value: false },
        { label: tell('common.yes'), value: true },
      ]"
    /><NumberField
      v-model="draft.lookAgainDays as number | null"
      :label="tell('common.look-again-after')"
      :unit="tell('TheirsRules.days')"
      whole
      :min="1"
      :max="60"
      :note="starting('lookAgainDays')"
      :error="issue('lookAgainDays')"
    />
  </div>
  <div class="line">
    <NumberField
      v-for="kind in stackKinds"
      :key="kind"
      nullable
      :label="tell('TheirsRules.winter-need', { kind: HIVE_KINDS[kind].name })"
      unit="kg"
      :min="0"
      :max="60"
      :model-value="draft.winterNeedByKindKg[kind] ?? null"
      :error="issue(`winterNeedByKindKg.${kind}`)"
      @update:model-value="setNeed(kind, $event)"
    />
  </div>
  <div class="line">
    <NumberField
      v-model="draft.lookFlowDays as number | null"
      :label="tell('common.in-flow-look-every')"
      :unit="tell('TheirsRules.days')"
      whole
      :min="1"
      :max="60"
      :note="starting('lookFlowDays')"
      :error="issue('lookFlowDays')"
    /><NumberField
      v-model="draft.lookWinterDays as number | null"
      :label="tell('common.in-winter-look-every')"
      :unit="tell('TheirsRules.days')"
      whole
      :min="7"
      :max="180"
      :note="starting('lookWinterDays')"
      :error="issue('lookWinterDays')"
    /><NumberField
      v-model="draft.frameSeasons as number | null"
      :label="tell('common.frames-and-sheets-serve')"
      :unit="tell('TheirsRules.seasons')"
      whole
      :min="1"
      :max="30"
      :note="starting('frameSeasons')"
      :error="issue('frameSeasons')"
    /><TextField
      :model-value="draft.supersOffBy ?? ''"
      :label="tell('common.supers-off-by-month-day')"
      :hint="tell('TheirsRules.such-as-04-15')"
      :error="issue('supersOffBy')"
      @update:model-value="draft.supersOffBy = $event.trim() || null"
    />
  </div>
</template>

<style scoped src="./line.css" />
