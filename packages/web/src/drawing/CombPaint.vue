<script setup lang="ts">
import { tell } from '../words/tell.js';

import { isWithin } from '../parts/domEvents';
import {
  CELL_CLASSES,
  cellAt,
  cellOf,
  cellsWithin,
  classOf,
  faceShares,
  sharesText,
  patchOf,
  toneOf,
  type CellClass,
  type FaceLattice,
  type Tone,
  entryOf,
  between,
  type Units,
} from '@furrow/core';
import { computed, onMounted, onUnmounted, ref, watch } from 'vue';
import CellKinds from './CellKinds.vue';
import { CELL_WORDS } from './cellWords.js';
import { CellSprites, drawCells, type View } from './paintCanvas.js';
import PaintTools, { type PaintTool } from './PaintTools.vue';

/** A face painted cell by cell: brush, fill, pick, eraser, undo; two fingers zoom and move it. */
const props = defineProps<{
  lattice: FaceLattice;
  cells: Uint8Array;
  title: string;
  height?: number;
  underlay?: CanvasImageSource | null;
  keysOn?: boolean;
  units: Units;
}>();
const emit = defineEmits<{ change: [cells: Uint8Array]; mirror: [] }>();

const tool = ref<PaintTool>('brush');
const content = ref<CellClass>('capped');
const tone = ref<Tone>('none');
const sizeMm = ref(24);
const canvas = ref<HTMLCanvasElement | null>(null);
const wrap = ref<HTMLElement | null>(null);
const said = ref('');
const cursor = ref(-1);
let cells = props.cells.slice();
let view: View = { k: 1, x: 0, y: 0 };
let fitted = 1;
let sprites: CellSprites;
const undoStack = ref<{ at: number[]; before: number[]; after: number[] }[]>([]);
const redoStack = ref<{ at: number[]; before: number[]; after: number[] }[]>([]);
/** The class a cell gets: honey keeps its tone, the others have none. */
const code = computed(() =>
  cellOf(
    content.value,
    content.value === 'capped' || content.value === 'open' ? tone.value : 'none',
  ),
);
const shareText = computed(() => sharesText(faceShares(props.cells)));

const pen = (): CanvasRenderingContext2D => canvas.value!.getContext('2d')!;
const ratio = (): number => window.devicePixelRatio || 1;
/** Lays the face into the canvas, as large as it fits. */
function fit(): void {
  const el = canvas.value;
  if (!el || !wrap.value) return;
  const w = wrap.value.clientWidth;
  const { topWidthMm, depthMm } = props.lattice.outline;
  // As tall as the comb needs at this width, so that no bare board lies below it.
  const h = Math.round(
    Math.min(props.height ?? 380, ((w - 12) / (topWidthMm + 36)) * depthMm + 44),
  );
  el.width = w * ratio();
  el.height = h * ratio();
  el.style.height = `${h}px`;
  const { outline } = props.lattice;
  fitted = Math.min(
    (el.width - 12) / (outline.topWidthMm + 36),
    (el.height - 34 * ratio()) / outline.depthMm,
  );
  view = { k: fitted, x: el.width / 2, y: 24 * ratio() };
  redraw();
}
function redraw(only?: readonly number[]): void {
  if (!canvas.value) return;
  const p = pen();
  if (!only) {
    p.fillStyle = getComputedStyle(canvas.value).getPropertyValue('--lime-1') || '#f0f3ed';
    p.fillRect(0, 0, canvas.value.width, canvas.value.height);
    p.fillStyle = '#b99a6b';
    p.fillRect(
      view.x - (props.lattice.outline.topWidthMm / 2 + 16) * view.k,
      view.y - 14 * view.k,
      (props.lattice.outline.topWidthMm + 32) * view.k,
      13 * view.k,
    );
    p.strokeStyle = '#18211b';
    p.strokeRect(
      view.x - (props.lattice.outline.topWidthMm / 2 + 16) * view.k,
      view.y - 14 * view.k,
      (props.lattice.outline.topWidthMm + 32) * view.k,
      13 * view.k,
    );
  }
  drawCells(p, sprites, props.lattice, cells, view, only);
  if (cursor.value >= 0 && !only) ring(cursor.value);
}
function ring(i: number): void {
  const p = pen();
  p.strokeStyle = '#18211b';
  p.lineWidth = 2.5;
  p.beginPath();
  p.arc(
    view.x + props.lattice.xMm[i] * view.k,
    view.y + props.lattice.yMm[i] * view.k,
    Math.max(sizeMm.value / 2, 3) * view.k,
    0,
    Math.PI * 2,
  );
  p.stroke();
}
const toMm = (event: { clientX: number; clientY: number }): [number, number] => {
  const box = canvas.value!.getBoundingClientRect();
  return [
    ((event.clientX - box.left) * ratio() - view.x) / view.k,
    ((event.clientY - box.top) * ratio() - view.y) / view.k,
  ];
};

let stroke: Map<number, number> | null = null;
let lastAt: [number, number] | null = null;
const fingers = new Map<number, PointerEvent>();
let pinch: { distance: number; view: View; middle: [number, number] } | null = null;
/** Sets cells and draws just those; the stroke remembers what they were. */
function set(at: readonly number[], value: number): void {
  const changed = at.filter((i) => cells[i] !== value);
  for (const i of changed) {
    if (stroke && !stroke.has(i)) stroke.set(i, cells[i]);
    cells[i] = value;
  }
  if (changed.length) redraw(changed);
}
function brushTo(x: number, y: number): void {
  const from = lastAt ?? [x, y];
  const steps = Math.max(
    1,
    Math.ceil(Math.hypot(x - from[0], y - from[1]) / Math.max(2, sizeMm.value / 3)),
  );
  for (let i = 1; i <= steps; i++)
    set(
      cellsWithin(
        props.lattice,
        from[0] + ((x - from[0]) * i) / steps,
        from[1] + ((y - from[1]) * i) / steps,
        sizeMm.value / 2,
      ),
      code.value,
    );
  lastAt = [x, y];
}
function finish(): void {
  if (stroke?.size) {
    const at = [...stroke.keys()];
    undoStack.value.push({
      at,
      before: at.map((i) => entryOf(stroke!, i)),
      after: at.map((i) => cells[i]),
    });
    redoStack.value = [];
    emit('change', cells.slice());
  }
  stroke = null;
  lastAt = null;
}
function act(x: number, y: number): void {
  const at = cellAt(props.lattice, x, y);
  if (tool.value === 'pick') {
    if (at >= 0) choose(classOf(cells[at]), toneOf(cells[at]));
    tool.value = 'brush';
    return;
  }
  stroke = new Map();
  if (tool.value === 'fill') {
    if (at >= 0) set(patchOf(props.lattice, cells, at), code.value);
    finish();
  } else brushTo(x, y);
}
function down(event: PointerEvent): void {
  canvas.value!.setPointerCapture(event.pointerId);
  fingers.set(event.pointerId, event);
  if (fingers.size === 2) {
    // A second finger means zoom: what the first one just painted is taken back.
    if (stroke) for (const [i, before] of stroke) cells[i] = before;
    stroke = null;
    const [a, b] = [...fingers.values()];
    pinch = {
      distance: Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY),
      view: { ...view },
      middle: [(a.clientX + b.clientX) / 2, (a.clientY + b.clientY) / 2],
    };
    redraw();
  } else if (fingers.size === 1) act(...toMm(event));
}
function move(event: PointerEvent): void {
  if (!fingers.has(event.pointerId)) return;
  fingers.set(event.pointerId, event);
  if (pinch && fingers.size === 2) {
    const [a, b] = [...fingers.values()];
    const middle = [(a.clientX + b.clientX) / 2, (a.clientY + b.clientY) / 2];
    zoomTo(
      pinch.view,
      Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY) / Math.max(1, pinch.distance),
      pinch.middle,
      [middle[0] - pinch.middle[0], middle[1] - pinch.middle[1]],
    );
  } else if (stroke && tool.value === 'brush') {
    for (const e of event.getCoalescedEvents?.().length ? event.getCoalescedEvents() : [event])
      brushTo(...toMm(e));
  }
}
function up(event: PointerEvent): void {
  fingers.delete(event.pointerId);
  if (fingers.size < 2) pinch = null;
  if (!fingers.size) finish();
}
function zoomTo(
  from: View,
  by: number,
  at: readonly number[],
  shift: readonly number[] = [0, 0],
): void {
  const box = canvas.value!.getBoundingClientRect();
  const [px, py] = [(at[0] - box.left) * ratio(), (at[1] - box.top) * ratio()];
  const k = between(fitted, fitted * 12, from.k * by);
  view = {
    k,
    x: px + (from.x - px) * (k / from.k) + shift[0] * ratio(),
    y: py + (from.y - py) * (k / from.k) + shift[1] * ratio(),
  };
  redraw();
}
function zoom(by: number): void {
  const box = canvas.value!.getBoundingClientRect();
  zoomTo(view, by, [box.left + box.width / 2, box.top + box.height / 2]);
}
function wheel(event: WheelEvent): void {
  event.preventDefault();
  zoomTo(view, event.deltaY < 0 ? 1.15 : 1 / 1.15, [event.clientX, event.clientY]);
}
function step(from: typeof undoStack, to: typeof redoStack, key: 'before' | 'after'): void {
  const last = from.value.pop();
  if (!last) return;
  last.at.forEach((i, n) => (cells[i] = last[key][n]));
  to.value.push(last);
  redraw();
  emit('change', cells.slice());
}
const undo = (): void => step(undoStack, redoStack, 'before');
const redo = (): void => step(redoStack, undoStack, 'after');
function choose(next: CellClass, nextTone: Tone = tone.value): void {
  [content.value, tone.value] = [next, nextTone];
  said.value = tell('CombPaint.brush', { next: CELL_WORDS[next] });
}
const resize = (by: number): void =>
  void (sizeMm.value = between(5, 90, Math.round(sizeMm.value * by)));
function walk(dx: number, dy: number): void {
  const { lattice } = props;
  const from =
    cursor.value < 0
      ? [0, lattice.outline.depthMm / 2]
      : [lattice.xMm[cursor.value], lattice.yMm[cursor.value]];
  const next = cellAt(
    lattice,
    from[0] + dx * lattice.pitchMm,
    from[1] + dy * lattice.pitchMm * 0.9,
  );
  if (next >= 0) cursor.value = next;
  said.value = tell('CombPaint.here', { cursor: CELL_WORDS[classOf(cells[cursor.value])] });
  redraw();
}
function key(event: KeyboardEvent): void {
  const arrows: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  };
  const k = event.key.toLowerCase();
  if (event.target === canvas.value && arrows[event.key]) walk(...arrows[event.key]);
  else if (
    event.target === canvas.value &&
    (event.key === ' ' || event.key === 'Enter') &&
    cursor.value >= 0
  ) {
    act(props.lattice.xMm[cursor.value], props.lattice.yMm[cursor.value]);
    finish();
    redraw();
  } else if (/^[1-7]$/.test(event.key) && props.keysOn !== false)
    choose(CELL_CLASSES[Number(event.key) - 1]);
  else if (k === '[' && props.keysOn !== false) resize(1 / 1.3);
  else if (k === ']' && props.keysOn !== false) resize(1.3);
  else if (k === 'z' && (event.ctrlKey || event.metaKey)) (event.shiftKey ? redo : undo)();
  else return;
  event.preventDefault();
  event.stopPropagation();
}
function outerKey(event: KeyboardEvent): void {
  if (isWithin(event, 'input, select, textarea') || event.target === canvas.value) return;
  if (/^[1-7[\]]$/.test(event.key) || (event.key.toLowerCase() === 'z' && event.ctrlKey))
    key(event);
}
watch(
  () => props.cells,
  (next) => {
    if (next.length === cells.length && next.every((c, i) => c === cells[i])) return;
    cells = next.slice();
    redraw();
  },
);
watch(
  () => `${props.title}|${props.lattice.pitchMm}|${Object.values(props.lattice.outline).join()}`,
  () => {
    cells = props.cells.slice();
    [undoStack.value, redoStack.value] = [[], []];
    fit();
  },
);
let watching: ResizeObserver;
onMounted(() => {
  const style = getComputedStyle(document.documentElement);
  sprites = new CellSprites((name) => style.getPropertyValue(name).trim() || '#999');
  watching = new ResizeObserver(fit);
  watching.observe(wrap.value!);
  window.addEventListener('keydown', outerKey, true);
  fit();
});
onUnmounted(() => {
  watching.disconnect();
  window.removeEventListener('keydown', outerKey, true);
});
</script>

<template>
  <div class="paint" @keydown="key">
    <div ref="wrap" class="board">
      <canvas
        ref="canvas"
        tabindex="0"
        role="img"
        :aria-label="tell('CombPaint.arrow-keys-move-over-cells', { title, shareText })"
        @pointerdown="down"
        @pointermove="move"
        @pointerup="up"
        @pointercancel="up"
        @wheel="wheel"
      />
    </div>
    <CellKinds
      :model-value="content"
      class="brushes"
      :label="tell('CombPaint.brush-2')"
      :swatch-px="26"
      @update:model-value="choose($event)"
      ><template #default="{ index }"
        ><span class="kbd">{{ index + 1 }}</span></template
      ></CellKinds
    >
    <PaintTools
      v-model:size-mm="sizeMm"
      v-model:tone="tone"
      v-model:tool="tool"
      :has-tone="content === 'capped' || content === 'open'"
      :may-undo="undoStack.length > 0"
      :may-redo="redoStack.length > 0"
      :units="units"
      @erase="choose('empty')"
      @mirror="emit('mirror')"
      @undo="undo"
      @redo="redo"
      @zoom="zoom"
    />
    <p class="visually-hidden" role="status">{{ said }}</p>
  </div>
</template>

<style scoped>
.board {
  width: 100%;
}
canvas {
  width: 100%;
  display: block;
  touch-action: none;
  cursor: crosshair;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
}
.brushes {
  margin: 8px 0;
}
@media (max-width: 599px) {
  .kbd {
    display: none;
  }
}
</style>
