<script setup lang="ts">
import StackSection from './StackSection.vue';
import type { SectionProps } from './section.js';

/** A shallow super of thin comb for cutting, over closed brood boxes. */
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
        :d="`M${place.x} ${y}V${box.y + box.height - 10 * s}`"
        stroke="var(--capped-mark)"
        stroke-width=".8"
        stroke-dasharray="3 3"
      />
      <rect
        :x="place.x - 8 * s"
        :y="box.y + box.height - 9 * s"
        :width="16 * s"
        :height="5 * s"
        fill="var(--wood)"
        stroke="var(--ink)"
        stroke-width=".6"
      />
    </template>
  </StackSection>
</template>
