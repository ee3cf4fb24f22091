<script setup lang="ts">
import { tell } from '../../words/tell.js';
import StackSection from './StackSection.vue';
import type { SectionProps } from './section.js';

import { computed } from 'vue';
import type { BoxOnPage } from './section.js';

/**
 * A box of stingless bees: pots in the super as ovals, brood discs below as stacked strokes, a
 * narrow entrance tube. Counts are pots, never cells.
 */
const props = defineProps<SectionProps>();
const emit = defineEmits<{ select: [slot: number] }>();
const potMm = computed(() => ({
  w: Number(props.hive.geometry.potWidthMm),
  h: Number(props.hive.geometry.potHeightMm),
}));
/** The way from the brood up to the pots, as wide as it can be seen. */
const HOLE_PX = 14;
function holeX(box: BoxOnPage): number {
  const at = { left: 0.1, middle: 0.5, right: 0.9 }[String(props.hive.geometry.hole)] ?? 0.9;
  return box.x + (box.width - HOLE_PX) * at;
}
/**
 * Pots of a group as far as they can be shown in it: sealed above, open, pollen, empty below; the
 * number says how many there are.
 */
function pots(
  box: BoxOnPage,
  place: BoxOnPage['places'][number],
): { x: number; y: number; content: string }[] {
  const counted = place.comb?.pots;
  const [w, h] = [potMm.value.w * props.s * 0.62, potMm.value.h * props.s * 0.62];
  const across = Math.max(1, Math.floor(box.pitch / (w + 2)));
  const rows = Math.max(1, Math.floor(box.height / (h + 1)));
  const room = across * rows;
  const all = counted
    ? counted.honeySealed + counted.honeyOpen + counted.pollen + counted.empty
    : 0;
  const kinds = counted
    ? ([
        ['capped', counted.honeySealed],
        ['open', counted.honeyOpen],
        ['pollen', counted.pollen],
        ['empty', counted.empty],
      ] as const)
    : [];
  const list = kinds.flatMap(([content, n]) =>
    Array.from({ length: Math.round(n * Math.min(1, room / Math.max(1, all))) }, () => content),
  );
  return list.slice(0, room).map((content, i) => ({
    content,
    x:
      place.x -
      box.pitch / 2 +
      ((i % across) + 0.5) * (box.pitch / across) +
      (Math.floor(i / across) % 2 ? 2 : -1),
    y: box.y + box.height - (rows - Math.floor(i / across) - 0.5) * (box.height / rows),
  }));
}
</script>

<template>
  <StackSection v-bind="props" @select="emit('select', $event)">
    <template #roof="{ x, y, width }"
      ><rect
        :x="x - 4"
        :y="y - 24 * s"
        :width="width + 8"
        :height="24 * s"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.3"
    /></template>
    <template #box="{ box }">
      <template v-if="box.readable">
        <g v-for="p in box.places" :key="p.slot">
          <rect
            v-if="p.slot === selected"
            :x="p.x - box.pitch / 2 + 1"
            :y="box.y + 1"
            :width="box.pitch - 2"
            :height="box.height - 2"
            fill="none"
            stroke="var(--field)"
            stroke-width="3"
          />
          <ellipse
            v-for="(pot, i) in pots(box, p)"
            :key="i"
            :cx="pot.x"
            :cy="pot.y"
            :rx="potMm.w * s * 0.31"
            :ry="potMm.h * s * 0.31"
            :fill="`url(#p-${pot.content})`"
            stroke="var(--ink)"
            stroke-width="1"
          />
          <text
            v-if="p.comb && !p.comb.pots && !p.comb.verdict"
            :x="p.x"
            :y="box.y + box.height / 2 + 5"
            text-anchor="middle"
            font-size="15"
            font-weight="700"
            >?</text
          >
        </g>
      </template>
      <template v-else>
        <path
          v-for="i in Math.floor((box.height - (s > 0.4 ? 26 : 0)) / (15 * s))"
          :key="i"
          :d="`M${box.x + box.width * (0.22 + (0.05 * Math.abs(i - 5)) / 5)} ${box.y + i * 15 * s - 4}H${box.x + box.width * (0.78 - (0.05 * Math.abs(i - 5)) / 5)}`"
          stroke="var(--brood)"
          :stroke-width="Math.max(2, 6 * s)"
          stroke-linecap="round"
        />
        <path
          :d="`M${box.x + box.width * 0.12} ${box.y + box.height * 0.1}Q${box.x} ${box.y + box.height / 2} ${box.x + box.width * 0.12} ${box.y + box.height * 0.9}H${box.x + box.width * 0.88}Q${box.x + box.width} ${box.y + box.height / 2} ${box.x + box.width * 0.88} ${box.y + box.height * 0.1}Z`"
          fill="none"
          stroke="var(--ink-2)"
          stroke-dasharray="3 3"
        />
        <text
          v-if="s > 0.4"
          :x="box.x + box.width / 2"
          :y="box.y + box.height - 10"
          text-anchor="middle"
          font-size="14"
          class="on"
          >{{
            box.width > 150
              ? tell('SectionStingless.brood-never-opened')
              : tell('SectionStingless.never-opened')
          }}</text
        >
        <template v-if="hive.geometry.hole">
          <path :d="`M${holeX(box)} ${box.y}h${HOLE_PX}`" stroke="var(--lime-0)" stroke-width="6" />
          <path
            :d="`M${holeX(box)} ${box.y - 4}v8M${holeX(box) + HOLE_PX} ${box.y - 4}v8`"
            stroke="var(--ink)"
            stroke-width="1.5"
          />
          <text
            v-if="s > 0.4"
            :x="holeX(box) + HOLE_PX / 2"
            :y="box.y + 18"
            text-anchor="middle"
            font-size="13"
            class="on"
            >{{ tell('SectionStingless.hole') }}</text
          >
        </template>
      </template>
    </template>
    <template #floor="{ x, y }"
      ><rect
        :x="x - 26 * s"
        :y="y - 46 * s"
        :width="28 * s"
        :height="9 * s"
        fill="var(--wood)"
        stroke="var(--ink)"
    /></template>
  </StackSection>
</template>

<style scoped>
.on {
  paint-order: stroke;
  stroke: var(--lime-0);
  stroke-width: 5px;
  font-weight: 600;
}
</style>
