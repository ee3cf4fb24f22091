<script setup lang="ts">
import { massField, massText, readingField } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Drain, type HouseRules, type Vessel, instantOf } from '@furrow/core';

import { DateTime } from 'luxon';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import DepthCheck from '../parts/DepthCheck.vue';
import Refusal from '../parts/Refusal.vue';
import SpokenFigure from '../parts/SpokenFigure.vue';
import { gramsOf, massUnit, spokenWeight, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { useDraft } from '../shell/draft.js';
import { clockText } from '../shell/times.js';
import ScaleLine from './ScaleLine.vue';

/**
 * Weighing the lower vessel, the upper one, or both after each other; by hand or from the scale,
 * now or at another time.
 */
const props = defineProps<{
  drain: Drain;
  lower: Vessel | null;
  upper: Vessel | null;
  rules: HouseRules;
  zone: string;
  now: Date;
}>();
const emit = defineEmits<{ done: [] }>();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => props.rules.units);
const of = ref<'lower' | 'upper'>('lower');
// What was typed survives a reload or a restart of the server.
const { draft } = useDraft(`weigh.${props.drain.id}`, () => ({ gross: '', at: '' }));
const tareText = ref('');
const source = ref<'hand' | 'scale'>('hand');
const vesselOf = computed(() => (of.value === 'lower' ? props.lower : props.upper));
const knownTareG = computed(() => vesselOf.value?.tareG ?? 0);
// A tare nobody knows is asked, never taken for nothing.
watch(knownTareG, (g) => (tareText.value = g > 0 ? massField(g, units.value) : ''), {
  immediate: true,
});
const grams = (text: string): number | null => {
  const g = gramsOf(text, units.value);
  return g === null ? null : Math.round(g);
};
const netG = computed(() => {
  const [g, t] = [grams(draft.value.gross), grams(tareText.value)];
  return g === null || t === null ? null : g - t;
});
const last = computed(
  () => props.drain.weighings.filter((w) => !w.leftOut && w.of === of.value).at(-1) ?? null,
);
function use(g: number): void {
  draft.value.gross = readingField(g, units.value);
  source.value = 'scale';
}
function takeSpoken(typed: string): void {
  draft.value.gross = typed;
  source.value = 'hand';
}
async function write(): Promise<void> {
  const occurredAt = draft.value.at
    ? instantOf(DateTime.fromISO(draft.value.at, { zone: props.zone }).toUTC())
    : undefined;
  const done = await go(
    '/weighings',
    {
      id: newId(),
      drainId: props.drain.id,
      of: of.value,
      grossG: grams(draft.value.gross),
      tareG: grams(tareText.value),
      source: source.value,
    },
    tell('WeighPanel.weighing-written-down'),
    { occurredAt },
  );
  if (!done) return;
  draft.value = { gross: '', at: '' };
  source.value = 'hand';
  emit('done');
}
</script>

<template>
  <form class="weigh" @submit.prevent="write">
    <h2 class="display">
      {{ tell('common.weigh-2') }}
      <span v-if="last" class="sub">{{
        tell('WeighPanel.last', {
          netG: massText(last.netG / 1000, units, 2),
          occurredAt: clockText(last.occurredAt, zone, now),
        })
      }}</span>
    </h2>
    <SelectButton
      v-model="of"
      :options="[
        { label: tell('WeighPanel.lower'), value: 'lower' },
        { label: tell('WeighPanel.upper'), value: 'upper' },
      ]"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="tell('WeighPanel.which-vessel-weighed')"
    />
    <TextField
      v-model="draft.gross"
      :unit="massUnit(units)"
      :label="
        of === 'lower'
          ? tell('WeighPanel.gross-lower-vessel-and-honey')
          : tell('WeighPanel.gross-upper-vessel-and-comb')
      "
      :error="
        fieldError('grossG') ??
        (draft.gross && grams(draft.gross) === null ? weightSuch(2900) : null)
      "
    />
    <TextField
      v-model="tareText"
      :unit="massUnit(units)"
      :label="tell('common.tare')"
      :error="
        fieldError('tareG') ??
        (netG !== null && netG < 0 ? tell('common.tare-above-gross-weight') : null)
      "
      :hint="knownTareG || tareText ? '' : tell('WeighPanel.not-known-weigh-it-empty')"
    />
    <ScaleLine :drain-id="drain.id" :rules="rules" :zone="zone" :now="now" :of="of" @use="use" />
    <SpokenFigure
      :label="tell('SpokenFigure.say-the-weight')"
      :read-back="(typed) => spokenWeight(typed, units)"
      @taken="takeSpoken"
    />
    <DepthCheck
      v-if="vesselOf"
      :units="units"
      :vessel="vesselOf"
      :of="of === 'lower' ? 'honey' : 'comb'"
      :net-g="netG"
      :moisture-percent="drain.moisturePercent"
    />
    <details class="how">
      <summary>{{ tell('WeighPanel.at-another-time') }}</summary>
      <TextField
        v-model="draft.at"
        type="datetime-local"
        :label="tell('WeighPanel.weighed-at')"
        :error="fieldError('occurredAt')"
      />
    </details>
    <Refusal
      :refusal="refusal"
      :fields="draft.at ? ['grossG', 'tareG', 'occurredAt'] : ['grossG', 'tareG']"
    />
    <Button
      type="submit"
      :label="
        netG !== null && netG >= 0
          ? tell('WeighPanel.write-down', { netG: massText(netG / 1000, units, 2) })
          : tell('common.write-it-down')
      "
      :disabled="netG === null || netG < 0"
      :loading="busy"
    />
    <Button text type="button" :label="tell('common.put-it-away')" @click="emit('done')" />
  </form>
</template>

<style scoped>
.weigh {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
h2 {
  font-size: 22px;
  margin: 0;
}
</style>
