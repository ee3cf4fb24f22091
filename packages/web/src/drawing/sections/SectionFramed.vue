<script setup lang="ts">
import StackSection from './StackSection.vue';
import type { SectionProps } from './section.js';

/**
 * A super of wooden frames over closed brood boxes; what the comb is built from shows as its middle
 * line.
 */
const props = defineProps<SectionProps>();
const emit = defineEmits<{ select: [slot: number] }>();
</script>

<template>
  <StackSection v-bind="props" @select="emit('select', $event)">
    <template #roof="{ x, y, width }"
      ><rect
        :x="x - 8 * s"
        :y="y - 26 * s"
        :width="width + 16 * s"
        :height="26 * s"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.3"
    /></template>
    <template #comb="{ place, box, y }">
      <path
        v-if="hive.geometry.sheet === 'plastic'"
        :d="`M${place.x} ${y}V${box.y + box.height - 16 * s}`"
        stroke="var(--ink)"
        stroke-width="1.6"
      />
      <path
        v-else-if="hive.geometry.sheet === 'starter'"
        :d="`M${place.x} ${y}v${25 * s}`"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <rect
        :x="place.x - 10 * s"
        :y="box.y + box.height - 14 * s"
        :width="20 * s"
        :height="8 * s"
        fill="var(--wood)"
        stroke="var(--ink)"
        stroke-width=".6"
      />
    </template>
  </StackSection>
</template>
