<script setup lang="ts">
import { DRAWN_FLAWS, FLAW_WORDS, type FlawKind, type Rect } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';

/** What is drawn on the comb with the finger: a kind of flaw, or the rubber; by numbers, too. */
const draws = defineModel<FlawKind | 'rub' | null>({ required: true });
/** How thick the comb is where the next region is drawn. */
const regionMm = defineModel<number | null>('regionMm', { required: true });
defineProps<{ offered: boolean }>();
const emit = defineEmits<{ flaw: [rect: Rect] }>();

const toggle = (tool: FlawKind | 'rub'): void =>
  void (draws.value = draws.value === tool ? null : tool);
const xMm = ref<number | null>(null);
const yMm = ref<number | null>(null);
const widthMm = ref<number | null>(null);
const heightMm = ref<number | null>(null);
const byNumbers = computed<Rect | null>(() => {
  const [x, y, width, height] = [xMm.value, yMm.value, widthMm.value, heightMm.value];
  if (x === null || y === null || width === null || height === null) return null;
  return { xMm: x, yMm: y, widthMm: width, heightMm: height };
});
</script>

<template>
  <div v-if="offered" class="tools" role="group" aria-label="Draw a flaw">
    <span class="sub">Draw a flaw:</span
    ><Button
      v-for="k in DRAWN_FLAWS"
      :key="k"
      size="small"
      :outlined="draws !== k"
      :label="FLAW_WORDS[k]"
      :aria-pressed="draws === k"
      @click="toggle(k)"
    /><Button
      size="small"
      :outlined="draws !== 'rub'"
      label="Rub out"
      :aria-pressed="draws === 'rub'"
      @click="toggle('rub')"
    />
  </div>
  <p v-if="draws === 'thickness'" class="numbers">
    <NumberField v-model="regionMm" narrow label="Thick there" unit="mm" :min="8" :max="80" /><span
      class="sub"
      >Then draw where, on the comb. Boxes it does not suit stay off it; weights follow.</span
    >
  </p>
  <details v-if="draws && draws !== 'rub'" class="how">
    <summary>Or by numbers, from the left and from the bar</summary>
    <div class="numbers">
      <NumberField v-model="xMm" narrow label="From the left" unit="mm" :min="0" />
      <NumberField v-model="yMm" narrow label="Below the bar" unit="mm" :min="0" />
      <NumberField v-model="widthMm" narrow label="Wide" unit="mm" :min="0" />
      <NumberField v-model="heightMm" narrow label="High" unit="mm" :min="0" />
      <Button
        outlined
        label="Draw it"
        :disabled="!byNumbers"
        @click="byNumbers && emit('flaw', byNumbers)"
      />
    </div>
  </details>
</template>

<style scoped src="./tools.css" />

<style scoped>
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
  padding: 6px 0;
}
</style>
