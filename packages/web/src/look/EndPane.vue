<script setup lang="ts">
import type { Pane } from '@furrow/core';
import { computed, ref } from 'vue';

/**
 * The cells behind an end pane as a column: the edge of the caps, and below it that of the open
 * honey, is drawn down to where it is seen. The keys beside it count cell by cell.
 */
const props = defineProps<{ pane: Pane }>();
const emit = defineEmits<{ pane: [pane: Pane] }>();
/** Cells that stand behind a pane where nobody counted them: four abreast, six high. */
const USUAL_CELLS = 24;
const [ACROSS, CELL_WIDTH, CELL_HEIGHT, MARGIN] = [4, 20, 18, 8];
const counted = computed(() => props.pane.capped + props.pane.open + props.pane.empty);
const cells = computed(() => Math.min(40, counted.value || USUAL_CELLS));
const rows = computed(() => Math.ceil(cells.value / ACROSS));
const height = computed(() => rows.value * CELL_HEIGHT + 2 * MARGIN);
const contentOf = (i: number): keyof Pane | null => {
  if (!counted.value) return null;
  const { capped, open } = props.pane;
  if (i < capped) return 'capped';
  return i < capped + open ? 'open' : 'empty';
};
const svg = ref<SVGSVGElement | null>(null);
const drawing = ref<'capped' | 'open' | null>(null);
/** Cells above the finger, in whole rows. */
function cellsAbove(event: PointerEvent): number {
  const box = svg.value!.getBoundingClientRect();
  const y = ((event.clientY - box.top) / box.height) * height.value - MARGIN;
  const row = Math.round(y / CELL_HEIGHT);
  return Math.max(0, Math.min(cells.value, row * ACROSS));
}
function draw(event: PointerEvent): void {
  if (!drawing.value) return;
  const above = cellsAbove(event);
  const before = counted.value ? props.pane : { capped: 0, open: 0 };
  const capped = drawing.value === 'capped' ? above : before.capped;
  const open =
    drawing.value === 'capped'
      ? Math.min(before.open, cells.value - capped)
      : Math.max(0, above - capped);
  emit('pane', { capped, open, empty: cells.value - capped - open });
}
function begin(event: PointerEvent): void {
  svg.value!.setPointerCapture(event.pointerId);
  // Begun among the caps or at their edge it is theirs that moves, below it that of the open honey.
  const among = cellsAbove(event) <= props.pane.capped + ACROSS;
  drawing.value = among || !counted.value ? 'capped' : 'open';
  draw(event);
}
</script>

<template>
  <svg
    ref="svg"
    width="120"
    :height="(height * 120) / 96"
    :viewBox="`0 0 96 ${height}`"
    role="img"
    :aria-label="`${counted} cells behind the end pane: ${pane.capped} capped, ${pane.open} open, ${pane.empty} empty`"
    @pointerdown="begin"
    @pointermove="draw"
    @pointerup="drawing = null"
    @pointercancel="drawing = null"
  >
    <rect
      x="2"
      y="2"
      width="92"
      :height="height - 4"
      fill="var(--lime-0)"
      stroke="var(--ink)"
      stroke-width="2"
    />
    <rect
      v-for="i in cells"
      :key="i"
      :x="10 + ((i - 1) % ACROSS) * CELL_WIDTH"
      :y="MARGIN + Math.floor((i - 1) / ACROSS) * CELL_HEIGHT"
      width="17"
      height="15"
      rx="4"
      :fill="contentOf(i - 1) ? `url(#p-${contentOf(i - 1)})` : 'var(--lime-0)'"
      stroke="var(--ink)"
      stroke-width=".8"
      :stroke-dasharray="contentOf(i - 1) ? undefined : '3 2'"
    />
  </svg>
</template>

<style scoped>
svg {
  touch-action: none;
  cursor: ns-resize;
}
</style>
