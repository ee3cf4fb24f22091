<script setup lang="ts">
import { tell } from '../words/tell.js';
import { computed } from 'vue';

/**
 * Lots of honey as jars of glass to one scale, litres by height; touched in or out of the
 * reckoning. Expected honey is dashed; what would stay is below a line.
 */
const props = defineProps<{
  lots: readonly {
    id: string;
    name: string;
    sub: string;
    text: string;
    kg: number;
    leftKg: number;
    expected: boolean;
    on: boolean;
  }[];
}>();
const emit = defineEmits<{ touch: [id: string] }>();
const [FLOOR, WIDE, STEP, HIGH] = [150, 92, 150, 118];
const most = computed(() => Math.max(1, ...props.lots.map((l) => l.kg)));
const h = (kg: number): number => (kg / most.value) * HIGH;
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="tell('HoneyVessels.vessels')">
    <svg
      :width="lots.length * STEP + 10"
      height="206"
      role="group"
      :aria-label="tell('HoneyVessels.lots-honey-touched-in-or')"
    >
      <g
        v-for="(l, i) in lots"
        :key="l.id"
        :transform="`translate(${i * STEP + 6} 0)`"
        role="checkbox"
        tabindex="0"
        :aria-checked="l.on"
        :aria-label="
          tell('HoneyVessels.text', {
            l: l.name,
            sub: l.sub,
            l2: l.text,
            expected: l.expected ? tell('HoneyVessels.expected') : '',
          })
        "
        :class="{ off: !l.on }"
        @click="emit('touch', l.id)"
        @keydown.enter.prevent="emit('touch', l.id)"
        @keydown.space.prevent="emit('touch', l.id)"
      >
        <rect class="hit" x="-4" y="2" :width="STEP - 8" height="202" rx="6" />
        <rect
          x="4"
          :y="FLOOR - h(l.kg)"
          :width="WIDE - 8"
          :height="h(l.kg)"
          :fill="l.expected ? 'var(--lime-0)' : 'url(#p-open)'"
          :stroke="l.expected ? 'var(--open-mark)' : 'none'"
          stroke-width="1.5"
          :stroke-dasharray="l.expected ? '5 4' : undefined"
        />
        <line
          v-if="l.on && l.leftKg > 0.005"
          x1="0"
          :x2="WIDE"
          :y1="FLOOR - h(l.leftKg)"
          :y2="FLOOR - h(l.leftKg)"
          stroke="var(--ink)"
          stroke-width="1.5"
          stroke-dasharray="3 3"
        />
        <path
          :d="`M2 ${FLOOR - HIGH - 12}V${FLOOR}H${WIDE - 2}V${FLOOR - HIGH - 12}`"
          fill="none"
          stroke="var(--ink)"
          stroke-width="3"
        />
        <text x="2" y="168" class="name">{{ l.name }}</text>
        <text x="2" y="184" font-size="14">{{ l.sub }}</text>
        <text x="2" y="200" class="kg">
          {{ l.expected ? tell('HoneyVessels.at-most') + ' ' : '' }}{{ l.text }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
g[role='checkbox'] {
  cursor: pointer;
  outline: none;
}
.hit {
  fill: transparent;
  stroke: none;
}
g:focus-visible .hit {
  stroke: var(--field);
  stroke-width: 3;
}
.off {
  opacity: 0.45;
}
.name {
  font: 600 17px var(--display);
}
.kg {
  font-weight: 700;
  font-size: 15px;
}
</style>
