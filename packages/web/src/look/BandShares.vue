<script setup lang="ts">
import { BAND_WORDS } from './bandWords.js';
import { tell } from '../words/tell.js';
import {
  CONTENTS,
  bandEdges,
  depthOfAreaShare,
  setShare,
  sharePercents,
  type CombOutline,
  type Content,
  type Shares,
  between,
} from '@furrow/core';
import { computed } from 'vue';

import NumberField from '../parts/NumberField.vue';
import type { Side } from './lookDraft.js';

/** The shares of one side beside their bands: typed, or stepped by five. */
const props = defineProps<{
  shares: Shares;
  side: Side;
  outline: CombOutline;
  /** Pixels a millimetre. */
  s: number;
}>();
const emit = defineEmits<{ shares: [shares: Shares] }>();
/** A label every so many pixels at least. */
const PITCH = 44;
const LAST = CONTENTS.length - 1;
/** Labels sit beside their bands, pushed apart so that each can be read and typed. */
const labels = computed(() => {
  const edges = bandEdges(props.shares);
  const depthPx = props.outline.depthMm * props.s;
  let floor = -26;
  const placed = CONTENTS.map((content, i) => {
    const middle = depthOfAreaShare(props.outline, (edges[i] + edges[i + 1]) / 2) * depthPx;
    floor = Math.max(floor + PITCH, middle - 20);
    return { content, y: floor };
  });
  const over = Math.max(0, placed[LAST].y - (Math.max(196, depthPx) - 16));
  for (let i = LAST, limit = placed[LAST].y - over; i >= 0; i--, limit -= PITCH)
    placed[i].y = Math.min(placed[i].y, limit);
  return placed;
});
defineExpose({ heightPx: computed(() => labels.value[LAST].y + 76) });

const percents = computed(() => sharePercents(props.shares));
function typed(content: Content, percent: number | null): void {
  if (percent === null || percent === percents.value[content]) return;
  if (percent < 0 || percent > 100) return;
  emit('shares', setShare(props.shares, content, percent / 100));
}
const nudge = (content: Content, by: number): void =>
  typed(content, between(0, 100, percents.value[content] + by));
</script>

<template>
  <ul class="bands" :aria-label="tell('BandShares.shares-side', { side })">
    <li v-for="{ content, y } in labels" :key="content" :style="{ top: `${y + 26}px` }">
      <button
        type="button"
        class="step"
        :aria-label="tell('BandShares.less', { content: BAND_WORDS[content].toLowerCase() })"
        @click="nudge(content, -5)"
      >
        <svg width="20" height="20" aria-hidden="true">
          <rect
            width="20"
            height="20"
            rx="3"
            :fill="`url(#p-${content})`"
            stroke="var(--ink)"
          /></svg
        ><span class="sign">−</span>
      </button>
      <NumberField
        :model-value="percents[content]"
        :label="tell('BandShares.side', { content: BAND_WORDS[content], side })"
        hide-label
        narrow
        :min="0"
        :max="100"
        unit="%"
        @update:model-value="typed(content, $event)"
      />
      <span class="word">{{ BAND_WORDS[content].toLowerCase() }}</span>
      <button
        type="button"
        class="step plus"
        :aria-label="tell('BandShares.more', { content: BAND_WORDS[content].toLowerCase() })"
        @click="nudge(content, 5)"
      >
        +
      </button>
    </li>
  </ul>
</template>

<style scoped>
.bands {
  list-style: none;
  margin: 0;
  padding: 0;
  position: absolute;
  right: 0;
  top: 0;
  width: var(--bands-width);
}
.bands li {
  position: absolute;
  right: 0;
  width: var(--bands-width);
  display: flex;
  gap: 5px;
  align-items: center;
  transition: top 120ms;
}
.step {
  position: relative;
  min-width: 30px;
  min-height: 40px;
  border: 0;
  background: none;
  cursor: pointer;
  color: inherit;
  font: 700 20px var(--text);
  padding: 0;
}
.step .sign,
.step.plus {
  display: none;
}
.bands :deep(.narrow input) {
  width: 54px;
  min-height: 40px;
}
.bands :deep(.says) {
  position: absolute;
  background: var(--lime-0);
  z-index: 2;
}
.word {
  font-size: 15px;
  flex: 1;
}
@media (min-width: 600px) {
  .stacked .bands {
    position: static;
    width: auto;
    display: grid;
    grid-template-columns: repeat(5, minmax(0, 1fr));
    gap: 0 6px;
  }
  .stacked .bands li {
    position: static;
    width: auto;
    flex-wrap: wrap;
    gap: 2px 4px;
  }
  .stacked .bands :deep(.narrow input) {
    width: 46px;
    padding-inline: 6px;
  }
  .stacked .step {
    min-width: 22px;
  }
  .stacked .word {
    flex-basis: 100%;
    padding-left: 2px;
  }
}
@media (pointer: coarse) and (min-width: 600px) {
  .step {
    min-width: 44px;
    min-height: 64px;
    border: 1.5px solid var(--lichen-5);
    border-radius: 6px;
  }
  .step .sign,
  .step.plus {
    display: inline-block;
  }
  .bands :deep(.narrow input) {
    min-height: 64px;
  }
  .bands,
  .bands li {
    position: static;
    width: auto;
  }
  .bands {
    display: grid;
    grid-template-columns: repeat(2, max-content);
    gap: 8px 20px;
  }
}
@media (max-width: 599px) {
  .bands {
    position: static;
    width: auto;
  }
  .bands li {
    position: static;
    width: auto;
    padding: 4px 0;
  }
  .bands :deep(.narrow input) {
    min-height: 64px;
    width: 80px;
  }
  .step {
    min-width: 64px;
    min-height: 64px;
    border: 1.5px solid var(--lichen-5);
    border-radius: 6px;
  }
  .step {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 6px;
  }
  .step .sign {
    display: inline;
  }
  .step.plus {
    display: inline-flex;
  }
}
</style>
