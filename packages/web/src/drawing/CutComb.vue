<script setup lang="ts">
import { lengthText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';

import { vDrag, within, arrowsOf, type Pull, type Point } from './drag';
import {
  FLAW_WORDS,
  mirrorFace,
  unpackFace,
  type CombOutline,
  type Cut,
  type Flaw,
  type FlawKind,
  type LookFaces,
  type Rect,
  type Shares,
  type Units,
} from '@furrow/core';
import { computed, ref } from 'vue';
import { bandPaths, cellColour, cellPaths, drawLattice, lattice } from './cells.js';

/**
 * A comb on the cutting board, to scale, with its own texture: flaws hatched over it, pieces as the
 * knife will free them, cuts numbered in order, those made as gaps. Pieces and cuts are dragged; a
 * flaw is drawn with a finger.
 */
const props = defineProps<{
  widthMm: number;
  heightMm: number;
  s: number;
  outline: CombOutline;
  shares: Shares | null;
  faces: LookFaces | null;
  side: 'A' | 'B';
  units: Units;
  flaws: readonly Flaw[];
  pieces: readonly (Rect & {
    key: string;
    label: string;
    weight: string;
    state: 'planned' | 'cut' | 'cracked';
  })[];
  cuts: readonly Cut[];
  cutsDone: number;
  kerfMm: number;
  selected: string | null;
  draws: FlawKind | 'rub' | null;
  small?: boolean;
  fixed?: boolean;
  label: string;
}>();
const emit = defineEmits<{
  piece: [key: string];
  movePiece: [key: string, to: { xMm: number; yMm: number }];
  moveCut: [index: number, byMm: number];
  flaw: [rect: Rect];
  rub: [index: number];
}>();
const pad = computed(() => (props.small ? 6 : 26));
const w = computed(() => props.widthMm * props.s);
const h = computed(() => props.heightMm * props.s);
/** Cells of the side that lies up; of side A the other side seen through is not drawn. */
const paths = computed(() => {
  const middle = w.value / 2;
  const face = props.faces?.[props.side];
  if (face && !props.small) {
    const { lattice: grid, cells } = unpackFace(face);
    // The board's places are those of side A: side B is drawn turned over, as it lies beneath.
    return cellPaths(
      drawLattice(grid, middle, 0, props.s, 5),
      props.side === 'B' ? mirrorFace(grid, cells) : cells,
    );
  }
  return props.shares
    ? bandPaths(
        lattice(props.outline, middle, 0, props.s, 5, props.small ? 8 : undefined),
        props.outline,
        props.shares,
      )
    : [];
});
const svg = ref<SVGSVGElement | null>(null);
/** What is pulled, where it would be let go now. */
const ghost = ref<Rect | null>(null);
/** From here on a touch was a pull, no tap. */
const MOVED_MM = 2;
/** What an arrow key moves a piece by. */
const STEP_MM = 5;
let moved = false;
let flawFrom: Point = { x: 0, y: 0 };

/** A point of the window on the comb, in millimetres from its upper left. */
function onComb(at: Point): Point {
  if (!svg.value) return { x: 0, y: 0 };
  const edge = 2 * pad.value;
  const { x, y } = within(svg.value, at, w.value + edge, h.value + edge);
  return { x: (x - pad.value) / props.s, y: (y - pad.value) / props.s };
}
/** How far a pull went, in millimetres, and whether it is one. */
function pulledMm({ at, by, first }: Pull): Point {
  const from = onComb({ x: at.x - by.x, y: at.y - by.y });
  const to = onComb(at);
  const far = { x: to.x - from.x, y: to.y - from.y };
  moved = (!first && moved) || Math.hypot(far.x, far.y) > MOVED_MM;
  return far;
}
/** Whether a pull was let go of, and what it drew: nothing stays of it. */
function letGo({ last, canceled }: Pull): Rect | null | false {
  if (!last) return false;
  const rect = ghost.value;
  ghost.value = null;
  return canceled ? false : rect;
}

function pulledFlaw(pull: Pull): void {
  if (props.fixed || !props.draws || props.draws === 'rub') return;
  const at = onComb(pull.at);
  if (pull.first) flawFrom = at;
  pulledMm(pull);
  ghost.value = {
    xMm: Math.min(at.x, flawFrom.x),
    yMm: Math.min(at.y, flawFrom.y),
    widthMm: Math.abs(at.x - flawFrom.x),
    heightMm: Math.abs(at.y - flawFrom.y),
  };
  const drawn = letGo(pull);
  if (drawn === false) return;
  // A tap is a small flaw of its own; a wire or crack drawn thin stays as thin as it is.
  const tapped = { xMm: at.x - 5, yMm: at.y - 5, widthMm: 10, heightMm: 10 };
  emit('flaw', drawn && moved ? drawn : tapped);
}
function pulledPiece(piece: { key: string } & Rect, pull: Pull): void {
  if (props.fixed) return;
  const by = pulledMm(pull);
  ghost.value = {
    xMm: piece.xMm + by.x,
    yMm: piece.yMm + by.y,
    widthMm: piece.widthMm,
    heightMm: piece.heightMm,
  };
  const put = letGo(pull);
  if (put === false) return;
  if (put && moved) emit('movePiece', piece.key, { xMm: put.xMm, yMm: put.yMm });
  else emit('piece', piece.key);
}
function pulledCut(index: number, pull: Pull): void {
  if (props.fixed || index < props.cutsDone) return;
  const cut = props.cuts[index];
  const upright = cut.x1Mm === cut.x2Mm;
  const by = pulledMm(pull);
  ghost.value = {
    xMm: cut.x1Mm + (upright ? by.x : 0),
    yMm: cut.y1Mm + (upright ? 0 : by.y),
    widthMm: cut.x2Mm - cut.x1Mm,
    heightMm: cut.y2Mm - cut.y1Mm,
  };
  if (letGo(pull) && moved) emit('moveCut', index, upright ? by.x : by.y);
}
function pieceKey(event: KeyboardEvent, p: { key: string } & Rect): void {
  const way = props.fixed ? null : arrowsOf(event);
  if (way) emit('movePiece', p.key, { xMm: p.xMm + way.x * STEP_MM, yMm: p.yMm + way.y * STEP_MM });
  else if (event.key === 'Enter' || event.key === ' ') emit('piece', p.key);
  else return;
  event.preventDefault();
  event.stopPropagation();
}
const next = computed(() =>
  props.cutsDone < props.cuts.length ? props.cuts[props.cutsDone] : null,
);
const shownFlaws = computed(() => props.flaws.map((f, i) => ({ ...f, i })));
</script>

<template>
  <svg
    ref="svg"
    :width="w + 2 * pad"
    :height="h + 2 * pad"
    :viewBox="`${-pad} ${-pad} ${w + 2 * pad} ${h + 2 * pad}`"
    role="img"
    :aria-label="label"
    :class="{ draws: draws }"
    v-drag="pulledFlaw"
  >
    <defs>
      <pattern
        id="flaw-hatch"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0v7" stroke="#18211b" stroke-width="2.2" />
      </pattern>
    </defs>
    <rect
      :x="-pad + 1"
      :y="-pad + 1"
      :width="w + 2 * pad - 2"
      :height="h + 2 * pad - 2"
      :rx="small ? 3 : 8"
      fill="url(#p-wood)"
      stroke="var(--ink)"
      :stroke-width="small ? 1 : 1.5"
    />
    <g aria-hidden="true">
      <template v-for="(p, i) in paths" :key="i">
        <path
          :d="p.fill"
          :fill="cellColour(p.content, p.tone).fill"
          stroke="#5b4a2a"
          stroke-opacity=".4"
          stroke-width=".7"
        />
        <path
          v-if="!small"
          :d="p.glyph"
          fill="none"
          :stroke="cellColour(p.content, p.tone).mark"
          :stroke-width="cellColour(p.content, p.tone).glyphWidth"
          :stroke-linecap="cellColour(p.content, p.tone).round ? 'round' : 'butt'"
        />
      </template>
    </g>
    <g
      v-for="f in shownFlaws"
      v-show="f.kind !== 'edge'"
      :key="`f${f.i}`"
      :class="{ rub: draws === 'rub' }"
      @pointerdown="draws === 'rub' && emit('rub', f.i)"
    >
      <rect
        :x="f.xMm * s"
        :y="f.yMm * s"
        :width="Math.max(2, f.widthMm * s)"
        :height="Math.max(2, f.heightMm * s)"
        :fill="f.kind === 'thickness' ? 'none' : 'url(#flaw-hatch)'"
        fill-opacity=".55"
        :stroke="draws === 'rub' ? 'var(--rust)' : f.kind === 'thickness' ? 'var(--ink)' : 'none'"
        :stroke-dasharray="f.kind === 'thickness' ? '3 5' : undefined"
        :pointer-events="f.kind === 'thickness' && draws === 'rub' ? 'all' : undefined"
        stroke-width="2"
      />
      <text
        v-if="!small && f.kind === 'thickness'"
        :x="f.xMm * s + 6"
        :y="(f.yMm + f.heightMm) * s - 7"
        font-size="15"
        font-weight="700"
        class="halo"
      >
        {{ tell('CutComb.thick', { thicknessMm: lengthText(f.thicknessMm ?? 0, units) }) }}
      </text>
      <text
        v-else-if="!small && f.widthMm * s > 74 && f.heightMm * s > 20"
        :x="(f.xMm + f.widthMm / 2) * s"
        :y="(f.yMm + f.heightMm / 2) * s + 5"
        text-anchor="middle"
        font-size="15"
        font-weight="700"
        class="halo"
      >
        {{ said(FLAW_WORDS[f.kind]) }}
      </text>
    </g>
    <g
      v-for="p in pieces"
      :key="p.key"
      :tabindex="small || fixed ? undefined : 0"
      :role="small ? undefined : 'button'"
      :aria-label="
        small
          ? undefined
          : tell('CutComb.text', {
              p: p.label,
              weight: p.weight,
              state:
                p.state === 'cracked'
                  ? tell('CutComb.cracked')
                  : p.state === 'cut'
                    ? tell('CutComb.cut')
                    : '',
            })
      "
      class="piece"
      :class="{ on: selected === p.key, cracked: p.state === 'cracked' }"
      v-drag.own="(pull: Pull) => pulledPiece(p, pull)"
      @keydown="pieceKey($event, p)"
    >
      <rect
        :x="p.xMm * s"
        :y="p.yMm * s"
        :width="p.widthMm * s"
        :height="p.heightMm * s"
        fill="#fff"
        :fill-opacity="selected === p.key ? 0.34 : 0.001"
        stroke="#fff"
        :stroke-width="small ? 2.5 : 5"
      />
      <rect
        :x="p.xMm * s"
        :y="p.yMm * s"
        :width="p.widthMm * s"
        :height="p.heightMm * s"
        fill="none"
        :stroke="p.state === 'cracked' ? 'var(--rust)' : 'var(--ink)'"
        :stroke-width="small ? 1.2 : selected === p.key ? 4 : 2"
        :stroke-dasharray="p.state === 'planned' ? undefined : '6 4'"
      />
      <g
        v-if="
          !small &&
          Math.min(p.widthMm, p.heightMm) * s > 40 &&
          Math.max(p.widthMm, p.heightMm) * s > 66
        "
        :transform="`translate(${(p.xMm + p.widthMm / 2) * s} ${(p.yMm + p.heightMm / 2) * s}) rotate(${p.widthMm * s < 104 && p.heightMm > p.widthMm ? -90 : 0})`"
      >
        <text y="-3" text-anchor="middle" font-size="15" font-weight="700" class="halo">
          {{ p.label }}
        </text>
        <text y="17" text-anchor="middle" font-size="15" class="halo">
          {{ p.state === 'cracked' ? tell('CutComb.cracked-2') : p.weight }}
        </text>
      </g>
    </g>
    <g
      v-for="(c, i) in small ? [] : cuts"
      :key="`c${i}`"
      class="cut"
      :class="{ done: i < cutsDone, next: i === cutsDone, up: c.x1Mm === c.x2Mm }"
      v-drag.own="(pull: Pull) => pulledCut(i, pull)"
    >
      <path
        :d="`M${c.x1Mm * s} ${c.y1Mm * s}L${c.x2Mm * s} ${c.y2Mm * s}`"
        stroke="transparent"
        stroke-width="22"
      />
      <path
        :d="`M${c.x1Mm * s} ${c.y1Mm * s}L${c.x2Mm * s} ${c.y2Mm * s}`"
        class="line"
        :stroke-width="i < cutsDone ? Math.max(4, kerfMm * s) : i === cutsDone ? 4 : 1.8"
      />
    </g>
    <g
      v-if="!small && next"
      :transform="`translate(${next.x1Mm * s} ${next.y1Mm * s}) rotate(${next.x1Mm === next.x2Mm ? 0 : -90})`"
      aria-hidden="true"
    >
      <path
        d="M-4 -26h8v14l-4 12l-4 -12z"
        fill="var(--lime-0)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
    </g>
    <text
      v-if="!small && next"
      :x="next.x1Mm * s + (next.x1Mm === next.x2Mm ? 10 : -22)"
      :y="next.y1Mm * s + (next.x1Mm === next.x2Mm ? -8 : -8)"
      font-size="16"
      font-weight="700"
      class="halo"
    >
      {{ cutsDone + 1 }}
    </text>
    <rect
      v-if="ghost"
      :x="ghost.xMm * s"
      :y="ghost.yMm * s"
      :width="Math.max(2, ghost.widthMm * s)"
      :height="Math.max(2, ghost.heightMm * s)"
      fill="var(--field)"
      fill-opacity=".25"
      stroke="var(--field)"
      stroke-width="3"
      stroke-dasharray="6 4"
      pointer-events="none"
    />
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  height: auto;
  touch-action: pan-y;
  user-select: none;
}
.draws {
  cursor: crosshair;
  touch-action: none;
}
.draws .piece,
.draws .cut {
  pointer-events: none;
}
.piece {
  cursor: grab;
  touch-action: none;
  outline-offset: 2px;
}
.cut .line {
  stroke: var(--ink);
  stroke-dasharray: 9 5;
  fill: none;
}
.cut.next .line {
  stroke: var(--field);
  stroke-dasharray: none;
}
.cut.done .line {
  stroke: var(--wood);
  stroke-dasharray: none;
}
.cut {
  cursor: ns-resize;
  touch-action: none;
}
.cut.up {
  cursor: ew-resize;
}
.cut.done {
  pointer-events: none;
}
.halo {
  paint-order: stroke;
  stroke: #fffdf4;
  stroke-width: 4px;
  stroke-linejoin: round;
  fill: #18211b;
  pointer-events: none;
}
.rub {
  cursor: pointer;
}
</style>
