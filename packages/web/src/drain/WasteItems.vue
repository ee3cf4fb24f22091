<script lang="ts">
export interface WasteItem {
  what: string;
  g: number;
}
</script>
<script setup lang="ts">
import { smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Units } from '@furrow/core';

import Button from 'primevue/button';
import { ref, watch } from 'vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';

/** Waste, a line a thing: what it was and what it weighed. Null while a line cannot be read. */
const props = defineProps<{ units: Units }>();
const items = defineModel<WasteItem[] | null>({ required: true });
const USUAL = [
  tell('WasteItems.dead-bees'),
  tell('WasteItems.pollen-comb'),
  tell('WasteItems.brood-comb'),
  tell('WasteItems.wood-and-dirt'),
];
const lines = ref<{ what: string; weight: string }[]>([]);
const grams = (text: string): number | null => {
  const g = gramsOf(text, props.units, 'small');
  return g === null ? null : Math.round(g);
};
watch(
  lines,
  () => {
    const read = lines.value
      .filter((l) => l.what.trim() || l.weight.trim())
      .map((l) => ({ what: l.what.trim(), g: grams(l.weight) }));
    const isWhole = read.every((l) => l.what.length > 1 && l.g !== null && l.g > 0);
    items.value = isWhole ? (read as WasteItem[]) : null;
  },
  { deep: true },
);
const add = (what = ''): unknown => lines.value.push({ what, weight: '' });
</script>

<template>
  <fieldset class="waste">
    <legend class="sub">
      {{ tell('WasteItems.waste-weighed')
      }}<template v-if="items?.length"
        >:
        {{
          smallMassText(
            items.reduce((sum, w) => sum + w.g, 0),
            units,
            1,
          )
        }}</template
      >
    </legend>
    <div v-for="(line, i) in lines" :key="i" class="line">
      <TextField v-model="line.what" :label="tell('WasteItems.what', { i: i + 1 })" />
      <TextField
        v-model="line.weight"
        :unit="massUnit(units, 'small')"
        :label="tell('WasteItems.weight', { i: i + 1 })"
        :error="line.weight && grams(line.weight) === null ? weightSuch(40) : null"
      />
    </div>
    <div class="line">
      <Button
        v-for="what in USUAL.filter((u) => !lines.some((l) => l.what === u))"
        :key="what"
        type="button"
        outlined
        size="small"
        :label="`+ ${what}`"
        @click="add(what)"
      />
      <Button
        type="button"
        outlined
        size="small"
        :label="tell('WasteItems.something-else')"
        @click="add()"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.waste {
  border: 0;
  margin: 0;
  padding: 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-end;
  margin-top: 6px;
}
.line > .field {
  flex: 1;
  min-width: 130px;
}
</style>
