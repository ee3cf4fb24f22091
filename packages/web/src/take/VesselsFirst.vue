<script setup lang="ts">
import { massRangeText, massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  frameHoney,
  placeLabel,
  vesselFullKg,
  vesselQuestions,
  vesselsToOffer,
  workingWater,
  type BatchDetail,
  type HouseRules,
  type Vessel,
} from '@furrow/core';

import { computed, watch } from 'vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import VesselPick from '../parts/VesselPick.vue';
import { said } from '../words/units.js';

/**
 * A vessel under every frame, chosen before anything is opened, and what stands in it already; what
 * is too small or has holes is said now.
 */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  vessels: Vessel[];
  frames: { combId: string; slot: number }[];
}>();
/** The vessel of each frame by its comb. */
const chosen = defineModel<Record<string, string>>({ required: true });
/** What was typed of each vessel's honey before, by its id. */
const before = defineModel<Record<string, string>>('before', { required: true });
const emit = defineEmits<{ says: [string | null] }>();
const HONEY_C = 27;
const moisturePercent = computed(() => Math.min(25, workingWater(props.detail).percent));
const list = computed(() =>
  props.frames.map((f) => ({
    ...f,
    label: placeLabel(f.slot),
    ...frameHoney(props.detail, f.combId),
    vesselId: chosen.value[f.combId] ?? null,
  })),
);
const offer = computed(() => vesselsToOffer(props.vessels, new Map()));
const questions = computed(() =>
  vesselQuestions(list.value, props.vessels, moisturePercent.value, HONEY_C),
);
const used = computed(() =>
  props.vessels.filter((v) => Object.values(chosen.value).includes(v.id)),
);
const grams = (text: string): number | null =>
  text.trim() === '' ? 0 : gramsOf(text, props.rules.units);
/** What stops the step is told beside its key; the others here. */
const blocking = computed(() => questions.value.find((q) => q.blocks) ?? null);
const blocked = computed(() => {
  if (used.value.some((v) => grams(before.value[v.id] ?? '') === null))
    return tell('VesselsFirst.what-stands-in-vessel-already');
  return said(blocking.value?.sentence) || null;
});
watch(blocked, (sentence) => emit('says', sentence), { immediate: true });
const about = (v: Vessel): string =>
  tell('VesselsFirst.to-its-mark', {
    v: massText(vesselFullKg(v, moisturePercent.value, HONEY_C), props.rules.units),
  });
const choose = (combId: string, vesselId: string | null): void => {
  if (vesselId) chosen.value = { ...chosen.value, [combId]: vesselId };
};
</script>

<template>
  <section class="vessels">
    <h2 class="furrow-heading">{{ tell('VesselsFirst.vessels-under-outlets') }}</h2>
    <VesselPick
      v-for="f in list"
      :key="f.combId"
      :model-value="f.vesselId"
      :label="
        tell('VesselsFirst.frame', {
          f: f.label,
          known: f.known
            ? massRangeText(f.honeyKg, rules.units)
            : tell('VesselsFirst.not-read', { most: { massG: 3000, as: 'estimate' } }),
        })
      "
      :rules="rules"
      :vessels="offer"
      :about="about"
      role="lower"
      @update:model-value="choose(f.combId, $event)"
    />
    <TextField
      v-for="v in used"
      :key="v.id"
      :model-value="before[v.id] ?? ''"
      :unit="massUnit(rules.units)"
      :label="tell('VesselsFirst.honey-in-already-net-empty', { v: v.name })"
      :error="grams(before[v.id] ?? '') === null ? weightSuch(800) : null"
      @update:model-value="before = { ...before, [v.id]: $event }"
    />
    <p
      v-for="q in questions.filter((each) => each !== blocking)"
      :key="`${q.sentence.key} ${q.combId} ${q.vesselId}`"
      class="rust says"
    >
      {{ said(q.sentence) }}
    </p>
  </section>
</template>

<style scoped>
.vessels {
  max-width: 640px;
  margin: 10px 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.says {
  font-size: 17px;
  font-weight: 600;
}
</style>
