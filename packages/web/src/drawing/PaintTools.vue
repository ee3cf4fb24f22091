<script lang="ts">
/** What a touch does: paint, fill what hangs together, or take up a cell's kind. */
export type PaintTool = 'brush' | 'fill' | 'pick';
</script>

<script setup lang="ts">
import { TONES, type Tone, type Units } from '@furrow/core';
import { lengthText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { TONE_WORDS } from './cellWords.js';

/** The size and tone of the brush, what else a touch may do, one stroke back and forth, zoom. */
defineProps<{ hasTone: boolean; mayUndo: boolean; mayRedo: boolean; units: Units }>();
const emit = defineEmits<{ erase: []; mirror: []; undo: []; redo: []; zoom: [by: number] }>();
const sizeMm = defineModel<number>('sizeMm', { required: true });
const tone = defineModel<Tone>('tone', { required: true });
const tool = defineModel<PaintTool>('tool', { required: true });
</script>

<template>
  <div class="tools">
    <label class="size"
      >{{ tell('CombPaint.brush-2') }}
      <input
        v-model.number="sizeMm"
        type="range"
        min="5"
        max="90"
        :aria-label="tell('CombPaint.size-brush')"
      />{{ ' ' }} <output>{{ lengthText(sizeMm, units) }}</output></label
    >
    <label v-if="hasTone"
      >{{ tell('CombPaint.tone') }}
      <select v-model="tone" class="native">
        <option v-for="t in TONES" :key="t" :value="t">{{ TONE_WORDS[t] }}</option>
      </select></label
    >
    <span class="line">
      <button
        type="button"
        class="small"
        :aria-pressed="tool === 'fill'"
        @click="tool = tool === 'fill' ? 'brush' : 'fill'"
      >
        {{ tell('CombPaint.fill-patch') }}
      </button>
      <button
        type="button"
        class="small"
        :aria-pressed="tool === 'pick'"
        @click="tool = tool === 'pick' ? 'brush' : 'pick'"
      >
        {{ tell('CombPaint.pick-from-comb') }}
      </button>
      <button type="button" class="small" @click="emit('erase')">
        {{ tell('CombPaint.eraser') }}
      </button>
      <button type="button" class="small" @click="emit('mirror')">
        {{ tell('CombPaint.mirror-to-other-side') }}
      </button>
      <button type="button" class="small" :disabled="!mayUndo" @click="emit('undo')">
        {{ tell('CombPaint.undo-stroke') }}
      </button>
      <button type="button" class="small" :disabled="!mayRedo" @click="emit('redo')">
        {{ tell('CombPaint.redo-stroke') }}
      </button>
      <button
        type="button"
        class="small"
        :aria-label="tell('common.larger')"
        @click="emit('zoom', 1.5)"
      >
        +</button
      ><button
        type="button"
        class="small"
        :aria-label="tell('common.smaller')"
        @click="emit('zoom', 1 / 1.5)"
      >
        −
      </button>
    </span>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
.size {
  display: flex;
  gap: 8px;
  align-items: center;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.small {
  min-height: 44px;
  min-width: 44px;
  padding: 2px 10px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  color: inherit;
  font: 600 15px var(--text);
  cursor: pointer;
}
.small[aria-pressed='true'] {
  background: var(--ink);
  color: var(--lime-0);
}
.small:disabled {
  color: var(--ink-3);
}
input[type='range'] {
  min-height: 44px;
  accent-color: var(--field);
}
@media (max-width: 599px) {
  .small {
    min-height: 64px;
  }
}
</style>
