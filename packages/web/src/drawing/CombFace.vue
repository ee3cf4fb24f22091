<script setup lang="ts">
import { lengthText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { CELL_WORDS } from './cellWords.js';
import { vDrag, within, type Pull } from './drag';
import {
  CONTENTS,
  areaShareOfDepth,
  bandEdges,
  depthOfAreaShare,
  moveEdge,
  unpackFace,
  widthAtMm,
  type CombOutline,
  type Shares,
  type StoredFace,
  between,
  type Units,
} from '@furrow/core';

import { computed, ref } from 'vue';
import { cellColour, cellPaths, drawLattice, facePaths, lattice } from './cells.js';

/**
 * One face of a comb under its bar, real cells to scale; its band edges are dragged, or moved by
 * the arrow keys.
 */
const props = defineProps<{
  outline: CombOutline;
  shares: Shares | null;
  s: number;
  title: string;
  seed: number;
  edit?: boolean;
  cells?: StoredFace | null;
  overlay?: StoredFace | null;
  before?: number | null;
  beforeText?: string;
  /** Comb without a top bar is built round crossbars and onto the walls. */
  hung?: 'bar' | 'crossbars';
  units?: Units;
}>();
const emit = defineEmits<{ change: [shares: Shares] }>();

const barHeight = 26;
/** Where crossbars pass through a comb, shares of its width; half way down. */
const CROSSBARS = [0.28, 0.72];
/** The bar that says how large it is drawn: two inches, or five centimetres. */
const scale = computed(() => {
  const mm = props.units?.length === 'inches' ? 50.8 : 50;
  return { long: mm * props.s, text: lengthText(mm, props.units) };
});
const width = computed(() => props.outline.topWidthMm * props.s + 64);
const height = computed(() => props.outline.depthMm * props.s + barHeight + 26);
const middle = computed(() => width.value / 2);
const grid = computed(() => lattice(props.outline, middle.value, barHeight, props.s, props.seed));
/**
 * Cells that were painted or read from a photo are drawn where they lie; else the bands of the
 * shares.
 */
const painted = computed(() => {
  if (!props.cells) return null;
  const { lattice: face, cells } = unpackFace(props.cells);
  return cellPaths(drawLattice(face, middle.value, barHeight, props.s, props.seed), cells);
});
const paths = computed(
  () => painted.value ?? (props.shares ? facePaths(grid.value, props.shares) : []),
);
const blank = computed(() => (props.shares || painted.value ? '' : grid.value.hex.join('')));
/** What was capped at an earlier look, outlined over this one. */
const earlier = computed(() => {
  if (!props.overlay) return '';
  const { lattice: face, cells } = unpackFace(props.overlay);
  return cellPaths(drawLattice(face, middle.value, barHeight, props.s, props.seed), cells)
    .filter((p) => p.content === 'capped')
    .map((p) => p.fill)
    .join('');
});
const depthAt = (areaShare: number): number =>
  barHeight + depthOfAreaShare(props.outline, areaShare) * props.outline.depthMm * props.s;
/** Half the height of a knob and its line. */
const KNOB_HALF_PX = 13;
const edges = computed(() => {
  if (!props.shares) return [];
  const places = bandEdges(props.shares);
  return CONTENTS.slice(0, 4).map((content, i) => {
    const share = places[i + 1];
    const half = (widthAtMm(props.outline, depthOfAreaShare(props.outline, share)) / 2) * props.s;
    // Four knobs side by side, so that each can be had even where edges lie on one another.
    return {
      content,
      i,
      share,
      y: depthAt(share),
      half,
      knobX: middle.value + (i - 1.5) * half * 0.5,
      // Under the bar, whose name would be hidden.
      knobY: Math.max(depthAt(share), barHeight + KNOB_HALF_PX),
    };
  });
});
const beforeY = computed(() => (props.before ? depthAt(props.before) : null));

const svg = ref<SVGSVGElement | null>(null);
function pulled(edge: number, { at }: Pull): void {
  if (!svg.value || !props.shares) return;
  const { y } = within(svg.value, at, width.value, height.value);
  const depthShare = between(0, 1, (y - barHeight) / (props.outline.depthMm * props.s));
  const share = Math.round(areaShareOfDepth(props.outline, depthShare) * 100) / 100;
  emit('change', moveEdge(props.shares, edge, share));
}
function key(event: KeyboardEvent, i: number, share: number): void {
  const step = {
    ArrowUp: -0.01,
    ArrowDown: 0.01,
    PageUp: -0.1,
    PageDown: 0.1,
    ArrowLeft: -0.01,
    ArrowRight: 0.01,
  }[event.key];
  if (!step || !props.shares) return;
  event.preventDefault();
  event.stopPropagation();
  emit('change', moveEdge(props.shares, i, Math.round((share + step) * 100) / 100));
}
</script>

<template>
  <svg
    ref="svg"
    class="face"
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    role="group"
    :aria-label="title"
  >
    <template v-if="hung !== 'crossbars'">
      <rect
        x="4"
        y="1"
        :width="width - 8"
        :height="barHeight - 2"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
      <rect
        x="14"
        y="3.5"
        :width="title.length * 8.1 + 12"
        :height="barHeight - 7"
        fill="var(--wood)"
      />
    </template>
    <path
      v-else
      :d="`M24 ${barHeight}V${height - 26}M${width - 24} ${barHeight}V${height - 26}`"
      stroke="var(--ink)"
      stroke-width="4"
    />
    <text x="20" y="18.5" font-size="15" font-weight="700">{{ title }}</text>
    <g v-for="p in paths" :key="`${p.content}${p.tone}`">
      <path
        :d="p.fill"
        :fill="cellColour(p.content, p.tone).fill"
        :stroke="p.content === 'empty' ? 'var(--empty-mark)' : '#5b4a2a'"
        :stroke-opacity="p.content === 'empty' ? 0.9 : 0.3"
        stroke-width=".7"
      />
      <path
        v-if="p.glyph"
        :d="p.glyph"
        fill="none"
        :stroke="cellColour(p.content, p.tone).mark"
        :stroke-width="
          cellColour(p.content, p.tone).round ? cellColour(p.content, p.tone).glyphWidth * s : 1.1
        "
        :stroke-linecap="cellColour(p.content, p.tone).round ? 'round' : 'butt'"
        stroke-opacity=".8"
      />
    </g>
    <path
      v-if="earlier"
      :d="earlier"
      fill="none"
      stroke="var(--ink)"
      stroke-width="1.6"
      stroke-opacity=".75"
    />
    <path v-if="blank" :d="blank" fill="var(--lime-0)" stroke="var(--lichen-3)" stroke-width=".7" />
    <text
      v-if="!shares && !painted"
      :x="middle"
      :y="height / 2"
      text-anchor="middle"
      font-size="19"
      font-weight="700"
    >
      {{ tell('common.not-seen') }}
    </text>
    <template v-if="beforeY !== null">
      <path
        :d="`M${middle - 150 * s} ${beforeY}H${middle + 150 * s}`"
        stroke="var(--lime-0)"
        stroke-width="5"
        stroke-opacity=".85"
      />
      <path
        :d="`M${middle - 150 * s} ${beforeY}H${middle + 150 * s}`"
        stroke="var(--ink)"
        stroke-width="2"
        stroke-dasharray="7 5"
      />
    </template>
    <template v-if="hung === 'crossbars'">
      <circle
        v-for="at in CROSSBARS"
        :key="at"
        :cx="middle + (at - 0.5) * outline.topWidthMm * s"
        :cy="barHeight + (outline.depthMm * s) / 2"
        r="9"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
    </template>
    <template v-if="edit && shares && !painted">
      <g
        v-for="e in edges"
        :key="e.i"
        class="edge"
        role="slider"
        tabindex="0"
        :aria-label="tell('CombFace.lower-edge', { content: CELL_WORDS[e.content].toLowerCase() })"
        aria-valuemin="0"
        aria-valuemax="100"
        :aria-valuenow="Math.round(e.share * 100)"
        :aria-valuetext="`${CELL_WORDS[e.content]} ${Math.round(shares[e.content] * 100)} %`"
        v-drag="(pull: Pull) => pulled(e.i, pull)"
        @keydown="key($event, e.i, e.share)"
      >
        <path
          :d="`M${middle - e.half - 6} ${e.y}H${middle + e.half + 6}`"
          stroke="var(--lime-0)"
          stroke-width="4"
        />
        <path
          :d="`M${middle - e.half - 6} ${e.y}H${middle + e.half + 6}`"
          stroke="var(--ink)"
          stroke-width="1.8"
        />
        <rect :x="e.knobX - 24" :y="e.knobY - 24" width="48" height="48" fill="transparent" />
        <rect
          class="knob"
          :x="e.knobX - 15"
          :y="e.knobY - 11"
          width="30"
          height="22"
          rx="6"
          :fill="`url(#p-${e.content})`"
          stroke="var(--ink)"
          stroke-width="2"
        />
        <path
          :d="`M${e.knobX - 4} ${e.knobY - 3.5}l4-4 4 4M${e.knobX - 4} ${e.knobY + 3.5}l4 4 4-4`"
          fill="none"
          stroke="var(--lime-0)"
          stroke-width="5"
        />
        <path
          :d="`M${e.knobX - 4} ${e.knobY - 3.5}l4-4 4 4M${e.knobX - 4} ${e.knobY + 3.5}l4 4 4-4`"
          fill="none"
          stroke="var(--ink)"
          stroke-width="2.2"
        />
      </g>
    </template>
    <path
      :d="`M12 ${height - 8}h${scale.long}M12 ${height - 13}v10M${12 + scale.long} ${height - 13}v10`"
      stroke="var(--ink)"
      stroke-width="1.5"
      fill="none"
    />
    <text :x="20 + scale.long" :y="height - 3" font-size="14" style="fill: var(--ink-2)">
      {{ scale.text }}
    </text>
    <text
      v-if="beforeY !== null && beforeText"
      :x="width - 6"
      :y="height - 3"
      text-anchor="end"
      font-size="14"
      style="fill: var(--ink-2)"
    >
      {{ tell('CombFace.dashed', { beforeText }) }}
    </text>
  </svg>
</template>

<style scoped>
.face {
  max-width: 100%;
  height: auto;
  touch-action: pan-y;
}
.edge {
  cursor: ns-resize;
  touch-action: none;
}
.edge:focus-visible {
  outline: none;
}
.edge:focus-visible .knob {
  stroke: var(--field);
  stroke-width: 4;
}
text {
  user-select: none;
}
</style>
