<script setup lang="ts">
import { tell } from '../words/tell.js';
import { vDrag, type Pull } from '../drawing/drag';
import { type Geometry, type HiveKind, type TopBarGeometry, topBarOf, between } from '@furrow/core';
import { computed, ref } from 'vue';
import SectionTopBar from '../drawing/sections/SectionTopBar.vue';
import { useWidth } from '../parts/useWidth.js';
import MeasureFields from './MeasureFields.vue';

/**
 * A long hive made by hand: bars and board are dragged from the side, a comb's corners from the
 * front; every measure can be typed.
 */
const props = defineProps<{
  kind: HiveKind;
  geometry: Geometry;
  issue: (key: string) => string | null;
}>();
const emit = defineEmits<{ change: [geometry: Geometry] }>();
const measures = computed(() => topBarOf(props.geometry));
function set(part: Partial<TopBarGeometry>): void {
  const next = { ...measures.value, ...part };
  next.followerAfterBar = Math.min(next.followerAfterBar, next.bars);
  emit('change', next);
}

const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const scale = computed(() => {
  const lengthMm = measures.value.bars * measures.value.barWidthMm + 84;
  return Math.max(0.5, Math.min(0.98, (width.value - 20) / lengthMm));
});
const combs = computed(() =>
  Array.from({ length: measures.value.followerAfterBar }, (_, i) => ({
    slot: i + 1,
    depthMm: measures.value.combDepthMm,
    A: null,
    B: null,
  })),
);

/**
 * The comb's face from the front, pixels; wide enough for the widest bar, so that its middle stays
 * while a corner is dragged.
 */
const face = computed(() => {
  const g = measures.value;
  const k = 0.4;
  const cx = 160;
  const top = 34;
  const [halfTop, halfBottom] = [(g.topWidthMm * k) / 2, (g.bottomWidthMm * k) / 2];
  const y = top + g.combDepthMm * k;
  return {
    k,
    cx,
    top,
    y,
    topX: cx + halfTop,
    bottomX: cx + halfBottom,
    height: Math.max(180, y + 40),
    d: `M${cx - halfTop} ${top}H${cx + halfTop}L${cx + halfBottom} ${y}H${cx - halfBottom}Z`,
  };
});
const corners = computed(() => [
  { which: 'top' as const, x: face.value.topX, y: face.value.top },
  { which: 'bottom' as const, x: face.value.bottomX, y: face.value.y },
]);
const faceSvg = ref<SVGSVGElement | null>(null);
function pulled(which: 'top' | 'bottom', { at }: Pull): void {
  if (!faceSvg.value) return;
  const box = faceSvg.value.getBoundingClientRect();
  const { cx, top, k } = face.value;
  const g = measures.value;
  const wideMm = Math.round((Math.abs(at.x - box.left - cx) * 2) / k / 5) * 5;
  const deepMm = Math.round((at.y - box.top - top) / k / 2) * 2;
  if (which === 'top') {
    set({ topWidthMm: between(g.bottomWidthMm, 700, wideMm) });
    return;
  }
  set({
    bottomWidthMm: between(50, g.topWidthMm, wideMm),
    combDepthMm: between(100, 500, deepMm),
  });
}
</script>

<template>
  <div ref="frame" class="scroll">
    <SectionTopBar
      :geometry="measures"
      :combs="combs"
      :s="scale"
      :marks="false"
      edit-board
      edit-bars
      :label="tell('NewTopBar.hive-from-side-entrance-at')"
      @board="set({ followerAfterBar: $event })"
      @bars="set({ bars: $event })"
    />
  </div>
  <div class="endview">
    <svg
      ref="faceSvg"
      width="320"
      :height="face.height"
      :viewBox="`0 0 320 ${face.height}`"
      role="group"
      :aria-label="tell('NewTopBar.comb-from-front')"
    >
      <rect
        :x="2 * face.cx - face.topX - 16"
        y="22"
        :width="measures.topWidthMm * face.k + 32"
        height="11"
        fill="url(#p-wood)"
        stroke="var(--ink)"
      />
      <path :d="face.d" fill="url(#p-capped)" stroke="var(--ink)" stroke-width="1.5" />
      <template v-for="c in corners" :key="c.which">
        <circle
          :cx="c.x"
          :cy="c.y"
          r="32"
          fill="transparent"
          class="grab"
          v-drag="(pull: Pull) => pulled(c.which, pull)"
        />
        <circle
          :cx="c.x"
          :cy="c.y"
          r="8"
          fill="var(--lime-0)"
          stroke="var(--field)"
          stroke-width="3"
          style="pointer-events: none"
        />
      </template>
    </svg>
    <MeasureFields
      class="numbers"
      :kind="kind"
      :geometry="geometry"
      :issue="issue"
      :at-most="{ followerAfterBar: measures.bars }"
      @change="(key, value) => set({ [key]: value })"
    />
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.endview {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: flex-start;
}
.endview svg {
  max-width: 100%;
}
.numbers {
  flex: 1 1 320px;
  min-width: 0;
}
.grab {
  cursor: move;
  touch-action: none;
}
</style>
