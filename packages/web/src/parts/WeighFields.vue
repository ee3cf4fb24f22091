<script setup lang="ts">
import { massField, massText, readingField } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Units, type Vessel } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { read } from '../api/client.js';
import DepthCheck from './DepthCheck.vue';
import SpokenFigure from './SpokenFigure.vue';
import { gramsOf, massUnit, spokenWeight, weightSuch } from './massUnit.js';
import TextField from './TextField.vue';

/**
 * One weighing: gross from the scale or by hand, the empty vessel's weight as the kit knows it or
 * asked, the net beside it.
 */
const props = defineProps<{
  units: Units;
  /** What stands on the scale, such as 'vessel and honey'. */
  what: string;
  /** What the kit says it weighs empty; null or 0 where nobody knows. */
  knownTareG: number | null;
  tareLabel?: string;
  /** A weighing that stands already, to begin with. */
  firstGrossG?: number | null;
  /** What the scale is asked for; without it there is no key. */
  scale?: string | null;
  grossError?: string | null;
  tareError?: string | null;
  /**
   * A round vessel whose depth can be held against the weight, and what lies in it; without it no
   * check is offered.
   */
  vessel?: Pick<Vessel, 'name' | 'innerDiameterMm'> | null;
  of?: 'honey' | 'comb';
}>();
const grossG = defineModel<number | null>('grossG', { required: true });
const tareG = defineModel<number | null>('tareG', { required: true });
const firstText = (g: number | null | undefined): string => (g ? massField(g, props.units) : '');
const grossText = ref(firstText(props.firstGrossG));
const tareText = ref('');
const readBy = ref('');
const grams = (text: string): number | null => {
  const g = gramsOf(text, props.units);
  return g === null ? null : Math.round(g);
};
// A weighing written down a moment ago may come late; what was typed meanwhile stays.
watch(
  () => props.firstGrossG,
  (g, before) => {
    if (grossText.value === firstText(before)) grossText.value = firstText(g);
  },
);
watch(
  () => props.knownTareG,
  (g, before) => {
    if (tareText.value === firstText(before)) tareText.value = firstText(g);
  },
  { immediate: true },
);
watch(
  [grossText, tareText],
  () => {
    grossG.value = grossText.value ? grams(grossText.value) : null;
    tareG.value = tareText.value ? grams(tareText.value) : null;
  },
  { immediate: true },
);
const netG = computed(() =>
  grossG.value === null || tareG.value === null ? null : grossG.value - tareG.value,
);
const grossSays = computed(() => {
  if (props.grossError) return props.grossError;
  if (grossText.value && grossG.value === null) return weightSuch(4300);
  if (netG.value !== null && netG.value < 0)
    return tell('WeighFields.lighter-than-empty-vessel', {
      tareG: massField(tareG.value!, props.units),
    });
  return null;
});
const tareSays = computed(
  () => props.tareError ?? (tareText.value && tareG.value === null ? weightSuch(1240) : null),
);
const tareHint = computed(() =>
  props.knownTareG || tareText.value ? '' : tell('WeighFields.not-known-weigh-it-empty'),
);
function takeSpoken(typed: string): void {
  grossText.value = typed;
  readBy.value = tell('SpokenFigure.spoken');
}
async function readScale(): Promise<void> {
  const reading = await read(`/instruments/bench-scale?${props.scale}`);
  if (reading.state === 'silent')
    return void (readBy.value = tell('WeighFields.scale-says-nothing-it-plugged'));
  if (reading.state === 'overload')
    return void (readBy.value = tell('common.too-heavy-for-this-scale'));
  grossText.value = readingField(reading.value, props.units);
  readBy.value = reading.simulated
    ? tell('WeighFields.read-from-practice-scale')
    : tell('WeighFields.read-from-scale');
}
function clear(): void {
  grossText.value = readBy.value = '';
}
defineExpose({ clear });
</script>

<template>
  <div class="two">
    <TextField
      v-model="grossText"
      :unit="massUnit(units)"
      :label="tell('WeighFields.gross', { what })"
      :error="grossSays"
      :hint="readBy"
    />
    <TextField
      v-model="tareText"
      :unit="massUnit(units)"
      :label="tareLabel ?? tell('WeighFields.tare-vessel-empty')"
      :error="tareSays"
      :hint="tareHint"
    />
  </div>
  <Button
    v-if="scale"
    outlined
    type="button"
    :label="tell('common.read-scale')"
    @click="readScale"
  />
  <SpokenFigure
    :label="tell('SpokenFigure.say-the-weight')"
    :read-back="(typed) => spokenWeight(typed, units)"
    @taken="takeSpoken"
  />
  <p v-if="netG !== null && netG >= 0" class="net display">
    {{ tell('WeighFields.net', { netG: massText(netG / 1000, units, 2) }) }}
  </p>
  <DepthCheck v-if="vessel" :units="units" :vessel="vessel" :of="of ?? 'honey'" :net-g="netG" />
</template>

<style scoped>
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.two > * {
  flex: 1 1 190px;
  min-width: 0;
}
.net {
  font-size: 27px;
  margin: 0;
}
</style>
