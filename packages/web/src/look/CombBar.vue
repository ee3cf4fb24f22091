<script setup lang="ts">
import { tell } from '../words/tell.js';
import { VERDICT_WORDS, type JudgedComb } from '@furrow/core';
import VerdictMark from '../drawing/VerdictMark.vue';
import { said } from '../words/units.js';

/** On a phone: the verdict on the comb in view and what to do with it, pinned below the drawing. */
defineProps<{ judged: JudgedComb; combWord: string }>();
const emit = defineEmits<{ reasons: [] }>();
</script>

<template>
  <div class="comb-bar">
    <div class="says">
      <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden="true">
        <VerdictMark :verdict="judged.verdict.verdict" :x="13" :y="13" />
      </svg>
      <p class="short" role="status">
        <b class="display">{{ said(VERDICT_WORDS[judged.verdict.verdict]) }}</b>{{
          ` ${combWord}: ${said(judged.verdict.headline)}`
        }}
      </p>
      <button type="button" @click="emit('reasons')">{{ tell('common.why') }}</button>
    </div>
    <slot />
  </div>
</template>

<style scoped>
.comb-bar {
  position: sticky;
  bottom: 0;
  grid-column: 1 / -1;
  margin: 0 -16px;
  padding: 8px 16px;
  background: var(--lime-1);
  border-top: 2px solid var(--ink);
  z-index: 2;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.says {
  display: grid;
  grid-template-columns: 26px 1fr auto;
  gap: 8px;
  align-items: start;
}
/* Three lines say what it is and why; all of it is one touch away. */
.short {
  margin: 0;
  line-height: 20px;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  overflow: hidden;
}
.says button {
  min-width: 48px;
  min-height: 48px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}
.short .display {
  font-size: 22px;
  line-height: 24px;
}
</style>
