<script setup lang="ts">
import { tell } from '../../words/tell.js';
import StackSection from './StackSection.vue';
import type { SectionProps } from './section.js';

/**
 * Boxes of bars under a quilt and a pitched roof; new boxes go in below, the one on top is taken.
 */
const props = defineProps<SectionProps>();
const emit = defineEmits<{ select: [slot: number] }>();
</script>

<template>
  <StackSection v-bind="props" :roof-mm="170" @select="emit('select', $event)">
    <template #roof="{ x, y, width }">
      <rect
        :x="x"
        :y="y - 50 * s"
        :width="width"
        :height="50 * s"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <path
        :d="
          Array.from(
            { length: Math.floor(width / 7) },
            (_, i) => `M${x + 4 + i * 7} ${y - 6 * s}l5 ${-38 * s}`,
          ).join('')
        "
        stroke="var(--wood-line)"
        stroke-width="1"
      />
      <path
        :d="`M${x - 8 * s} ${y - 50 * s}L${x + width / 2} ${y - 160 * s}L${x + width + 8 * s} ${y - 50 * s}Z`"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
      <text
        v-if="s > 0.4"
        :x="x + width / 2"
        :y="y - 18 * s"
        text-anchor="middle"
        font-size="14"
        class="on"
        >{{ tell('SectionWarre.quilt') }}</text
      >
    </template>
  </StackSection>
</template>

<style scoped>
.on {
  paint-order: stroke;
  stroke: var(--lime-0);
  stroke-width: 5px;
}
</style>
