<script setup lang="ts">
import { massText, plainFigure, temperatureText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type HouseRules, type AnswerTo } from '@furrow/core';

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
  if ('state' in r && r.state === 'silent') return tell('InstrumentsPanel.silent-it-plugged-in');
  if ('state' in r && r.state === 'overload') return tell('InstrumentsPanel.too-heavy-for-it');
  if (r.unit === 'g') return massText(r.value / 1000, props.rules.units, 2);
  if (r.unit === '°C') return temperatureText(r.value, props.rules.units, 1);
  return `${plainFigure(r.value)} ${r.unit}`;
}
async function ask(name: string, path: InstrumentPath): Promise<void> {
  try {
    const r = await read(path);
    const text = readingText(r);
    shown.value = { ...shown.value, [name]: text };
  } catch {
    shown.value = { ...shown.value, [name]: tell('InstrumentsPanel.no-answer') };
  }
}
const lines = [
  [
    tell('InstrumentsPanel.bench-scale'),
    tell('InstrumentsPanel.kilogram-weight-on-it'),
    '/instruments/bench-scale?grams=1000',
  ],
  [
    tell('InstrumentsPanel.kitchen-thermometer'),
    tell('InstrumentsPanel.bench'),
    '/instruments/thermometer',
  ],
  [
    tell('InstrumentsPanel.refractometer'),
    tell('InstrumentsPanel.drop-honey'),
    '/instruments/refractometer',
  ],
] as const;
</script>

<template>
  <section class="instruments">
    <h2 class="furrow-heading">{{ tell('InstrumentsPanel.practice-instruments') }}</h2>
    <p class="sub">
      {{ tell('InstrumentsPanel.they-stand-in-for-real') }}
    </p>
    <div v-for="[name, what, path] in lines" :key="name" class="line">
      <b>{{ name }}</b><span class="sub">{{ what }}</span
      ><b aria-live="polite">{{ shown[name] ?? '' }}</b
      ><Button
        outlined
        :label="tell('InstrumentsPanel.read')"
        :aria-label="tell('InstrumentsPanel.read-2', { name: name.toLowerCase() })"
        @click="ask(name, path)"
      />
    </div>
    <div class="line">
      <b>{{ tell('InstrumentsPanel.hive-scale') }}</b><select
        v-model="hiveId"
        class="native"
        :aria-label="tell('InstrumentsPanel.which-hive-stands-on-scale')"
      >
        <option :value="null" disabled>{{ tell('InstrumentsPanel.which-hive') }}</option>
        <option v-for="h in hives" :key="h.id" :value="h.id">{{ h.name }}</option></select
      ><b aria-live="polite">{{ shown[tell('InstrumentsPanel.hive-scale')] ?? '' }}</b
      ><Button
        outlined
        :label="tell('InstrumentsPanel.read')"
        :aria-label="tell('common.read-hive-scale')"
        :disabled="!hiveId"
        @click="
          ask(tell('InstrumentsPanel.hive-scale'), `/instruments/hive-scale?hiveId=${hiveId}`)
        "
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
