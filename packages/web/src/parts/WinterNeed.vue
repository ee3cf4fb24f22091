<script setup lang="ts">
import { massText, plainFigure } from '../words/figures.js';
import { householdUnits } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  STARTING_NEED_KG,
  winterIsInSupers,
  type HiveKindName,
  type HouseRules,
  winterNeedSaid,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { useSend } from '../api/useSend.js';
import NumberField from './NumberField.vue';
import Refusal from './Refusal.vue';

/**
 * Asks what the winter needs of a kind of hive, where it is needed: a starting value stands in the
 * field, one touch writes it down.
 */
const props = defineProps<{ kind: HiveKindName; rules: HouseRules; rulesVersion: number }>();
const { go, busy, refusal, fieldError } = useSend();
const kg = ref<number | null>(STARTING_NEED_KG[props.kind]);
watch(
  () => props.kind,
  (kind) => (kg.value = STARTING_NEED_KG[kind]),
);
const question = computed(() =>
  winterIsInSupers(props.kind)
    ? tell('WinterNeed.brood-box-stays-closed-how')
    : tell('WinterNeed.how-much-has-to-stay'),
);
/** Kilograms as they were typed; pounds to a tenth. */
const needText = (needKg: number): string =>
  householdUnits.value.mass === 'kilograms'
    ? `${plainFigure(needKg)} kg`
    : massText(needKg, householdUnits.value);
const change = computed(() => winterNeedSaid(props.rules, props.kind, kg.value));
const keep = (): unknown =>
  kg.value !== null &&
  go(
    '/rules',
    { ...props.rules, ...change.value },
    tell('WinterNeed.winter-need-kg-written-down', {
      need: needText(kg.value),
    }),
    {
      baseRevision: props.rulesVersion,
    },
  );
</script>

<template>
  <form class="need" @submit.prevent="keep">
    <p>
      <b>{{ question }}</b>
    </p>
    <div class="line">
      <NumberField
        v-model="kg"
        :label="tell('WinterNeed.winter-need')"
        unit="kg"
        :min="0"
        :max="60"
        :error="fieldError('winterNeedKg')"
      />
      <Button
        type="submit"
        :label="
          kg === null
            ? tell('common.write-it-down')
            : tell('WinterNeed.write-down', { need: needText(kg) })
        "
        :disabled="kg === null"
        :loading="busy"
      />
    </div>
    <p class="sub">
      {{
        tell('WinterNeed.starting-value-nobodys-measurement', {
          said: needText(STARTING_NEED_KG[kind]),
        })
      }}
    </p>
    <Refusal :refusal="refusal" :fields="['winterNeedKg']" />
  </form>
</template>

<style scoped>
.need {
  border-top: 1.5px solid var(--ink);
  padding-top: 6px;
}
.need p {
  margin: 2px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: flex-end;
}
.line > .field {
  width: 120px;
}
</style>
