<script setup lang="ts">
import { tell } from '../words/tell.js';
import { vDrag, within, type Pull, type Point } from '../drawing/drag';
import { type Pane, between } from '@furrow/core';
import { computed } from 'vue';

/**
 * The cells behind an end pane as a column: the edge of the caps, and below it that of the open
 * honey, is drawn down to where it is seen. The keys beside it count cell by cell.
 */
const props = defineProps<{ pane: Pane }>();
const emit = defineEmits<{ pane: [pane: Pane] }>();
/** Cells that stand behind a pane where nobody counted them: four abreast, six high. */
const USUAL_CELLS = 24;
const [ACROSS, CELL_WIDTH, CELL_HEIGHT, MARGIN] = [4, 20, 18, 8];
const WIDTH = 96;
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
let drawing: 'capped' | 'open' = 'capped';
/** Cells above the finger, in whole rows. */
function cellsAbove(pane: Element, at: Point): number {
  const { y } = within(pane, at, WIDTH, height.value);
  const row = Math.round((y - MARGIN) / CELL_HEIGHT);
  return between(0, cells.value, row * ACROSS);
}
function draw(above: number): void {
  const before = counted.value ? props.pane : { capped: 0, open: 0 };
  const capped = drawing === 'capped' ? above : before.capped;
  const open =
    drawing === 'capped'
      ? Math.min(before.open, cells.value - capped)
      : Math.max(0, above - capped);
  emit('pane', { capped, open, empty: cells.value - capped - open });
}
function pulled({ at, first, held }: Pull): void {
  const above = cellsAbove(held, at);
  // Begun among the caps or at their edge it is theirs that moves, below it that of the open honey.
  const among = above <= props.pane.capped + ACROSS;
  if (first) drawing = among || !counted.value ? 'capped' : 'open';
  draw(above);
}
</script>

<template>
  <svg
    width="120"
    :height="(height * 120) / 96"
    :viewBox="`0 0 ${WIDTH} ${height}`"
    role="img"
    :aria-label="
      tell('EndPane.cells-behind-end-pane-capped', {
        counted,
        capped: pane.capped,
        open: pane.open,
        empty: pane.empty,
      })
    "
    v-drag="pulled"
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
