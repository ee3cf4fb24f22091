<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
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
  <div v-if="offered" class="tools" role="group" :aria-label="tell('FlawTools.draw-flaw')">
    <span class="sub">{{ tell('FlawTools.draw-flaw-2') }}</span><Button
      v-for="k in DRAWN_FLAWS"
      :key="k"
      size="small"
      :outlined="draws !== k"
      :label="said(FLAW_WORDS[k])"
      :aria-pressed="draws === k"
      @click="toggle(k)"
    /><Button
      size="small"
      :outlined="draws !== 'rub'"
      :label="tell('FlawTools.rub-out')"
      :aria-pressed="draws === 'rub'"
      @click="toggle('rub')"
    />
  </div>
  <p v-if="draws === 'thickness'" class="numbers">
    <NumberField
      v-model="regionMm"
      narrow
      :label="tell('FlawTools.thick-there')"
      unit="mm"
      :min="8"
      :max="80"
    /><span class="sub">{{ tell('FlawTools.then-draw-where-on-comb') }}</span>
  </p>
  <details v-if="draws && draws !== 'rub'" class="how">
    <summary>{{ tell('FlawTools.or-by-numbers-from-left') }}</summary>
    <div class="numbers">
      <NumberField v-model="xMm" narrow :label="tell('FlawTools.from-left')" unit="mm" :min="0" />
      <NumberField v-model="yMm" narrow :label="tell('FlawTools.below-bar')" unit="mm" :min="0" />
      <NumberField v-model="widthMm" narrow :label="tell('FlawTools.wide')" unit="mm" :min="0" />
      <NumberField v-model="heightMm" narrow :label="tell('common.high')" unit="mm" :min="0" />
      <Button
        outlined
        :label="tell('FlawTools.draw-it')"
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
