<script setup lang="ts">
import { type HouseRules, type AnswerTo } from '@furrow/core';
import { massText } from '@furrow/words';
import Button from 'primevue/button';
import { ref } from 'vue';
import { read } from '../api/client.js';
import { useHives } from '../api/queries.js';

/**
 * The stand-in instruments, each asked by a touch; they speak as real ones would, and are always
 * called practice.
 */
const props = defineProps<{ rules: HouseRules }>();
const { data: hives } = useHives();
const shown = ref<Record<string, string>>({});
const hiveId = ref<string | null>(null);
type InstrumentPath = (typeof lines)[number][2] | `/instruments/hive-scale?${string}`;
function readingText(r: AnswerTo<InstrumentPath>): string {
  if ('state' in r && r.state === 'silent') return 'silent: is it plugged in?';
  if ('state' in r && r.state === 'overload') return 'too heavy for it';
  return r.unit === 'g' ? massText(r.value / 1000, props.rules.units, 2) : `${r.value} ${r.unit}`;
}
async function ask(name: string, path: InstrumentPath): Promise<void> {
  try {
    const r = await read(path);
    const text = readingText(r);
    shown.value = { ...shown.value, [name]: text };
  } catch {
    shown.value = { ...shown.value, [name]: 'no answer' };
  }
}
const lines = [
  ['Bench scale', 'a kilogram weight on it', '/instruments/bench-scale?grams=1000'],
  ['Kitchen thermometer', 'the bench', '/instruments/thermometer'],
  ['Refractometer', 'a drop of honey', '/instruments/refractometer'],
] as const;
</script>

<template>
  <section class="instruments">
    <h2 class="furrow-heading">Practice instruments</h2>
    <p class="sub">
      They stand in for real ones and are always named as practice. A real scale speaks through this
      device's serial port where the browser has one, from Weigh in Drain; its readings leave and
      come in as SenML there.
    </p>
    <div v-for="[name, what, path] in lines" :key="name" class="line">
      <b>{{ name }}</b><span class="sub">{{ what }}</span
      ><b aria-live="polite">{{ shown[name] ?? '' }}</b
      ><Button
        outlined
        label="Read"
        :aria-label="`Read the ${name.toLowerCase()}`"
        @click="ask(name, path)"
      />
    </div>
    <div class="line">
      <b>Hive scale</b
      ><select v-model="hiveId" class="native" aria-label="Which hive stands on the scale">
        <option :value="null" disabled>which hive</option>
        <option v-for="h in hives" :key="h.id" :value="h.id">{{ h.name }}</option></select
      ><b aria-live="polite">{{ shown['Hive scale'] ?? '' }}</b
      ><Button
        outlined
        label="Read"
        aria-label="Read the hive scale"
        :disabled="!hiveId"
        @click="ask('Hive scale', `/instruments/hive-scale?hiveId=${hiveId}`)"
      />
    </div>
  </section>
</template>

<style scoped>
.instruments {
  display: flex;
  flex-direction: column;
  gap: 8px;
  width: 100%;
  margin-top: 14px;
}
.line {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr) 110px auto;
  gap: 12px;
  align-items: center;
  border-bottom: var(--line);
  padding: 4px 0;
}
@media (max-width: 599px) {
  .line {
    grid-template-columns: 1fr auto;
  }
}
</style>
