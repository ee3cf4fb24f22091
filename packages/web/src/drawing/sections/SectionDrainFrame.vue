<script setup lang="ts">
import StackSection from './StackSection.vue';
import type { SectionProps } from './section.js';

/**
 * Six wide frames, each drained through its own outlet along the foot; a hose leads down to a
 * covered jar, the spill tray lies under the super.
 */
const props = defineProps<SectionProps>();
const emit = defineEmits<{ select: [slot: number] }>();
</script>

<template>
  <StackSection v-bind="props" :right="Math.min(56, 120 * s)" @select="emit('select', $event)">
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
    <template #comb="{ place, box }">
      <circle
        :cx="place.x"
        :cy="box.y + box.height - 8 * s"
        :r="6 * s"
        fill="var(--lime-0)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
    </template>
    <template #beside="{ boxes, right, bottom }">
      <template v-for="box in boxes.filter((b) => b.readable)" :key="box.id">
        <path
          :d="`M${box.x} ${box.y + box.height - 3}H${box.x + box.width}`"
          stroke="var(--ink)"
          stroke-width="3"
        />
        <path
          :d="`M${box.x + box.width} ${box.y + box.height - 8 * s}H${right + Math.min(14, 32 * s)}V${bottom - 84 * s}`"
          fill="none"
          stroke="var(--ink)"
          stroke-width="4"
        /><path
          :d="`M${box.x + box.width} ${box.y + box.height - 8 * s}H${right + Math.min(14, 32 * s)}V${bottom - 84 * s}`"
          fill="none"
          stroke="var(--lime-0)"
          stroke-width="2.5"
        />
      </template>
      <path
        :d="`M${right - 8} ${bottom - 80 * s}h${Math.min(44, 100 * s)}v${80 * s}h${-Math.min(44, 100 * s)}Z`"
        fill="var(--lime-0)"
        stroke="var(--ink)"
        stroke-width="2"
      /><path
        :d="`M${right - 8} ${bottom - 80 * s}h${Math.min(44, 100 * s)}`"
        stroke="var(--ink)"
        stroke-width="4"
      />
    </template>
  </StackSection>
</template>
