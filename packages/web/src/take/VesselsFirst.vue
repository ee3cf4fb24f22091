<script setup lang="ts">
import {
  estimateSeen,
  massRangeText,
  massText,
  placeLabel,
  vesselFullKg,
  vesselQuestions,
  type BatchDetail,
  type HouseRules,
  type Vessel,
} from '@furrow/core';
import { computed } from 'vue';

/** A vessel under every frame, chosen before anything is opened; what is too small is said now. */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  vessels: Vessel[];
  frames: { combId: string; slot: number }[];
}>();
const chosen = defineModel<Record<string, string>>({ required: true });
const moisturePercent = computed(() =>
  Math.min(25, props.detail.batch.plan?.moisturePercent ?? 18),
);
const list = computed(() =>
  props.frames.map((f) => {
    const look = props.detail.looks.filter((l) => l.combId === f.combId).at(-1);
    const honeyKg = (look ? estimateSeen(look, props.detail.hive) : null)?.honeyKg ?? null;
    return {
      ...f,
      label: placeLabel(f.slot),
      honeyKg: honeyKg ?? { low: 0.8, mid: 2, high: 3 },
      known: honeyKg !== null,
      vesselId: chosen.value[f.combId] ?? null,
    };
  }),
);
const questions = computed(() =>
  vesselQuestions(list.value, props.vessels, moisturePercent.value, 27),
);
const ready = computed(() => questions.value.every((q) => !q.blocks));
const choose = (combId: string, vesselId: string): void =>
  void (chosen.value = { ...chosen.value, [combId]: vesselId });
defineExpose({ ready });
</script>

<template>
  <section class="vessels">
    <h2 class="furrow-heading">Vessels under the outlets</h2>
    <div v-for="f in list" :key="f.combId" class="one">
      <label :for="`v-${f.combId}`"
        ><b>Frame {{ f.label }}</b
        >{{ ' ' }}
        <span class="sub">{{
          f.known ? massRangeText(f.honeyKg, rules.units) : 'not read: may hold up to 3 kg'
        }}</span></label
      >
      <select
        :id="`v-${f.combId}`"
        class="native"
        :value="f.vesselId ?? ''"
        @change="choose(f.combId, ($event.target as HTMLSelectElement).value)"
      >
        <option value="" disabled>choose a vessel</option>
        <option v-for="v in vessels" :key="v.id" :value="v.id">
          {{ v.name }}, to its mark
          {{ massText(vesselFullKg(v, moisturePercent, 27), rules.units) }}
        </option>
      </select>
    </div>
    <p v-if="!vessels.length" class="rust">
      No vessel is in the kit.
      <RouterLink to="/rules">Put jars or buckets into it first.</RouterLink>
    </p>
    <p v-for="q in questions" :key="q.sentence" class="rust says">{{ q.sentence }}</p>
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
.one {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
label {
  font-size: 18px;
}
.native {
  min-height: 64px;
}
.says {
  font-size: 17px;
  font-weight: 600;
}
</style>
