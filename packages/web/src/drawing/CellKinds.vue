<script setup lang="ts">
import { CELL_CLASSES, type CellClass } from '@furrow/core';
import { CELL_WORDS } from './cellWords.js';

/** The kinds of cell to choose from, each with its pattern as combs are drawn. */
defineProps<{ label: string; swatchPx: number }>();
const chosen = defineModel<CellClass>({ required: true });
/** Drone brood has brood's pattern with a mark on it. */
const patternOf = (kind: CellClass): string => (kind === 'drone' ? 'brood' : kind);
</script>

<template>
  <div class="kinds" role="radiogroup" :aria-label="label">
    <button
      v-for="(kind, i) in CELL_CLASSES"
      :key="kind"
      type="button"
      role="radio"
      :aria-checked="chosen === kind"
      :class="{ on: chosen === kind }"
      @click="chosen = kind"
    >
      <svg :width="swatchPx" :height="swatchPx" viewBox="0 0 26 26" aria-hidden="true">
        <rect
          width="26"
          height="26"
          rx="4"
          :fill="`url(#p-${patternOf(kind)})`"
          stroke="var(--ink)"
        />
        <circle v-if="kind === 'drone'" cx="13" cy="13" r="6" fill="var(--brood-mark)" />
      </svg>
      <span>{{ CELL_WORDS[kind] }}</span><slot :kind="kind" :index="i" />
    </button>
  </div>
</template>

<style scoped>
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.kinds button {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 48px;
  padding: 4px 9px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  color: inherit;
  font: 600 15px var(--text);
  cursor: pointer;
}
.kinds .on {
  border: 3px solid var(--field);
  background: var(--field-wash);
}
@media (max-width: 760px) {
  .kinds button {
    min-height: 64px;
  }
}
</style>
