<script setup lang="ts">
import StackSection from './StackSection.vue';
import type { SectionProps } from './section.js';

import { computed } from 'vue';
import CombSlab from '../CombSlab.vue';

/**
 * Square boxes with two crossbars and no bars: combs run through the joints, and a dashed line
 * shows where the wire passes.
 */
const props = defineProps<SectionProps>();
const emit = defineEmits<{ select: [slot: number] }>();
const crossbars = [0.28, 0.72];
const top = computed(() => Math.max(...props.hive.boxes.map((b) => b.number)));
</script>

<template>
  <StackSection v-bind="props" :roof-mm="60" @select="emit('select', $event)">
    <template #roof="{ x, y, width }"
      ><rect
        :x="x - 6 * s"
        :y="y - 22 * s"
        :width="width + 12 * s"
        :height="22 * s"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.2" /><path
        :d="`M${x + width * 0.2} ${y - 22 * s}l${width * 0.06} ${-24 * s}h${width * 0.48}l${width * 0.06} ${24 * s}Z`"
        fill="var(--lime-2)"
        stroke="var(--ink)"
    /></template>
    <template #box="{ box, wall }">
      <CombSlab
        v-for="p in box.places.filter((q) => q.comb)"
        :key="p.slot"
        :x="p.x"
        :y="box.y - (p.comb!.lifted ? 12 : 0)"
        :s="s"
        :depth-mm="p.comb!.depthMm"
        :thickness-mm="box.thicknessMm"
        :A="p.comb!.A"
        :B="p.comb!.B"
        :selected="p.slot === selected || p.comb!.lifted"
      />
      <g v-for="at in crossbars" :key="at"
        ><circle
          :cx="box.x + box.width * at"
          :cy="box.y + box.height * 0.5"
          :r="8 * s"
          fill="var(--wood)"
          stroke="var(--ink)"
          stroke-width="1.2" /><circle
          :cx="box.x + box.width * at"
          :cy="box.y + box.height * 0.5"
          :r="4 * s"
          fill="none"
          stroke="var(--wood-line)"
      /></g>
      <path
        v-if="box.number === top && hive.boxes.length > 1"
        :d="`M${box.x - wall - 10} ${box.y + box.height}H${box.x + box.width + wall + 10}`"
        stroke="var(--rust)"
        stroke-width="2"
        stroke-dasharray="7 4"
      />
    </template>
  </StackSection>
</template>
