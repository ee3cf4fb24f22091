<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import CellKinds from '../drawing/CellKinds.vue';
import { drawPhoto } from '../drawing/photoCanvas';
import FileKey from '../parts/FileKey.vue';
import { vDrag, within, arrowsOf, type Point, type Pull } from '../drawing/drag';
import {
  CELL_CLASSES,
  CELL_MM,
  cellAt,
  faceLattice,
  faceShares,
  faceToPicture,
  inverse,
  isConvex,
  neighbours,
  packFace,
  project,
  sharesText,
  type CellClass,
  type CombOutline,
  type Dab,
  type PhotoReading,
  type Quad,
  type StoredFace,
  mapQuad,
  tableOf,
  between,
} from '@furrow/core';
import { proxy } from 'comlink';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, nextTick, onUnmounted, ref, shallowRef, watch } from 'vue';
import { Refused, newId } from '../api/client.js';
import { sendOrKeepPicture } from '../api/outbox.js';
import { useUi } from '../shell/ui.js';
import { photoWorker } from '../workers/client.js';

/**
 * A face read from a picture: set its corners, show a few cells of each kind, let the rest be
 * found, then correct by brush.
 */
const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{ outline: CombOutline; title: string }>();
const emit = defineEmits<{ read: [face: StoredFace, photoId: string] }>();

const names = [
  tell('PhotoReader.upper-left'),
  tell('PhotoReader.upper-right'),
  tell('PhotoReader.lower-right'),
  tell('PhotoReader.lower-left'),
];
const ui = useUi();
const LARGEST = 25 * 1024 * 1024;
const file = shallowRef<File | null>(null);
const bitmap = shallowRef<ImageBitmap | null>(null);
const size = ref({ width: 0, height: 0 });
const corners = ref<Quad | null>(null);
const dabs = ref<Dab[]>([]);
const content = ref<CellClass>('capped');
/** The cell the arrow keys stand on; space shows it as an example. */
const cursor = ref(-1);
const refused = ref('');
const working = ref<null | 'open' | 'read' | 'keep'>(null);
const progress = ref(0);
const reading = shallowRef<Extract<PhotoReading, { read: true }> | null>(null);
const canvas = ref<HTMLCanvasElement | null>(null);
const frame = ref<HTMLElement | null>(null);
const lattice = computed(() => faceLattice(props.outline, CELL_MM));
let worker: ReturnType<typeof photoWorker> | null = null;
let photoId = newId();
let commandId = newId();
/** px of the screen per px of the picture. */
const k = ref(1);
const counts = computed(() =>
  tableOf(CELL_CLASSES, (c) => dabs.value.filter((d) => d.content === c).length),
);
const shown = computed(() => CELL_CLASSES.filter((c) => counts.value[c] > 0));
const enough = computed(
  () => shown.value.length >= 2 && shown.value.every((c) => counts.value[c] >= 3),
);
const shares = computed(() => (reading.value ? faceShares(reading.value.cells) : null));

function stop(): void {
  worker?.end();
  worker = null;
  working.value = null;
}
function reset(): void {
  stop();
  [file.value, bitmap.value, corners.value, dabs.value, refused.value, reading.value] = [
    null,
    null,
    null,
    [],
    '',
    null,
  ];
  [photoId, commandId] = [newId(), newId()];
}
watch(visible, (open) => {
  if (!open) reset();
});
onUnmounted(stop);

async function take(chosen: File): Promise<void> {
  reset();
  if (chosen.size > LARGEST) {
    refused.value = tell('PhotoReader.this-picture-larger-than-25');
    return;
  }
  working.value = 'open';
  worker = photoWorker();
  try {
    const opened = await worker.api.open(chosen);
    if (opened.width * opened.height > 100e6) {
      refused.value = tell('PhotoReader.this-picture-has-megapixels-at', {
        width: Math.round((opened.width * opened.height) / 1e6),
      });
      stop();
      return;
    }
    file.value = chosen;
    bitmap.value = opened.bitmap;
    size.value = { width: opened.width, height: opened.height };
    const { width: w, height: h } = opened;
    corners.value = [
      { x: w * 0.1, y: h * 0.14 },
      { x: w * 0.9, y: h * 0.14 },
      { x: w * 0.9, y: h * 0.86 },
      { x: w * 0.1, y: h * 0.86 },
    ];
    working.value = null;
    await nextTick();
    draw();
  } catch {
    refused.value = tell('PhotoReader.this-no-picture-that-can');
    stop();
  }
}
const map = computed(() =>
  corners.value && isConvex(corners.value) ? faceToPicture(props.outline, corners.value) : null,
);
function draw(): void {
  const el = canvas.value;
  if (!el || !bitmap.value || !frame.value) return;
  k.value = Math.min(frame.value.clientWidth / size.value.width, 520 / size.value.height);
  el.width = size.value.width * k.value;
  el.height = size.value.height * k.value;
  drawPhoto(el, {
    bitmap: bitmap.value,
    corners: corners.value,
    map: map.value,
    lattice: lattice.value,
    k: k.value,
    cells: reading.value?.cells ?? null,
    examples: dabs.value,
    cursor: cursor.value,
  });
}
watch([corners, dabs, reading, cursor], draw, { deep: true, flush: 'post' });

function dab(event: PointerEvent): void {
  if (!map.value || reading.value || !canvas.value) return;
  const box = canvas.value.getBoundingClientRect();
  const p = project(
    inverse(map.value),
    ((event.clientX - box.left) / box.width) * size.value.width,
    ((event.clientY - box.top) / box.height) * size.value.height,
  );
  const cell = cellAt(lattice.value, p.x, p.y);
  if (cell >= 0) example(cell);
}
function walk(event: KeyboardEvent): void {
  const way = arrowsOf(event);
  if (way) return walkTo(way);
  const isTouch = event.key === ' ' || event.key === 'Enter';
  if (!isTouch || cursor.value < 0 || reading.value) return;
  example(cursor.value);
  event.preventDefault();
  event.stopPropagation();
}
/** Two cells on; rows of a comb stand closer than the cells within one. */
function walkTo(way: Point): void {
  const { xMm, yMm, pitchMm } = lattice.value;
  const at = cursor.value;
  const [x, y] = at < 0 ? [0, props.outline.depthMm / 2] : [xMm[at], yMm[at]];
  const next = cellAt(lattice.value, x + way.x * 2 * pitchMm, y + way.y * 2 * pitchMm * 0.9);
  if (next >= 0) cursor.value = next;
}
function example(cell: number): void {
  const cells = [cell, ...neighbours(lattice.value, cell)];
  dabs.value = [
    ...dabs.value.filter((d) => !cells.includes(d.cell)),
    ...cells.map((c) => ({ cell: c, content: content.value })),
  ];
}
function pulled(corner: number, { at }: Pull): void {
  if (!canvas.value) return;
  const { x, y } = within(canvas.value, at, size.value.width, size.value.height);
  setCorner(corner, x, y);
}
function setCorner(i: number, x: number, y: number): void {
  if (!corners.value) return;
  const moved = {
    x: between(0, size.value.width, x),
    y: between(0, size.value.height, y),
  };
  corners.value = mapQuad(corners.value, (corner, at) => (at === i ? moved : corner));
  reading.value = null;
}
function nudge(event: KeyboardEvent, i: number): void {
  const way = arrowsOf(event);
  const corner = corners.value?.[i];
  if (!way || !corner) return;
  const far = (event.shiftKey ? 20 : 3) / k.value;
  setCorner(i, corner.x + way.x * far, corner.y + way.y * far);
}
async function read(): Promise<void> {
  if (!corners.value || !worker) return;
  refused.value = '';
  progress.value = 0;
  working.value = 'read';
  const mine = worker;
  const answer = await mine.api.read(
    { ...props.outline },
    CELL_MM,
    mapQuad(corners.value, (p) => ({ ...p })),
    dabs.value.map((d) => ({ ...d })),
    proxy((share: number) => void (progress.value = share)),
  );
  if (worker !== mine) return;
  working.value = null;
  if (answer.read) reading.value = answer;
  else refused.value = said(answer.sentence);
}
/** Ends the work; the picture, its corners and examples stay, and the worker takes it in again. */
async function cancel(): Promise<void> {
  stop();
  if (!file.value) return;
  worker = photoWorker();
  await worker.api.open(file.value);
}
async function keep(): Promise<void> {
  if (!reading.value || !file.value) return;
  working.value = 'keep';
  refused.value = '';
  try {
    const said = tell('PhotoReader.photo-of', { title: props.title });
    const went = await sendOrKeepPicture(file.value, photoId, { commandId, said });
    if (went === 'kept') ui.say(tell('useSend.kept-here', { said }), null);
    emit('read', packFace(lattice.value, reading.value.cells), photoId);
    visible.value = false;
  } catch (error) {
    refused.value =
      error instanceof Refused ? error.message : tell('PhotoReader.picture-could-not-be-kept');
    if (error instanceof Refused && error.status !== 0) commandId = newId();
    working.value = null;
  }
}
</script>

<template>
  <DialogFrame
    v-model:visible="visible"
    :header="tell('PhotoReader.from-photo', { title })"
    :width="1040"
  >
    <div class="reader">
      <div ref="frame" class="picture">
        <div v-if="!bitmap" class="empty">
          <p>
            <b>{{
              working === 'open'
                ? tell('PhotoReader.opening-picture')
                : tell('PhotoReader.photograph-whole-face-straight-on')
            }}</b>
          </p>
          <p class="sub">
            {{ tell('PhotoReader.jpeg-png-or-webp-up') }}
          </p>
        </div>
        <div v-show="bitmap" class="stack">
          <canvas
            ref="canvas"
            tabindex="0"
            role="img"
            :aria-label="
              tell('PhotoReader.picture-example-cells-shown-arrow', { title, dabs: dabs.length })
            "
            @pointerdown="dab"
            @keydown="walk"
          />
          <template v-if="corners && !reading">
            <button
              v-for="(p, i) in corners"
              :key="i"
              type="button"
              class="corner"
              :style="{ left: `${p.x * k}px`, top: `${p.y * k}px` }"
              :aria-label="tell('PhotoReader.corner-arrow-keys-move-it', { i: names[i] })"
              v-drag="(pull: Pull) => pulled(i, pull)"
              @keydown="nudge($event, i)"
            />
          </template>
        </div>
      </div>
      <div class="side acts">
        <FileKey
          :look="bitmap ? 'outlined' : 'filled'"
          :label="
            bitmap ? tell('PhotoReader.another-picture') : tell('PhotoReader.choose-or-take-photo')
          "
          :reads="tell('PhotoReader.photo-comb')"
          accept="image/jpeg,image/png,image/webp"
          @chosen="take"
        />
        <p v-if="refused" class="rust" role="alert">{{ refused }}</p>
        <template v-if="bitmap && !reading">
          <p><b>1.</b> {{ tell('PhotoReader.drag-four-corners-onto-combs') }}</p>
          <p><b>2.</b> {{ tell('PhotoReader.choose-kind-and-touch-three') }}</p>
          <CellKinds
            v-slot="{ kind }"
            v-model="content"
            :label="tell('PhotoReader.kind-cell-shown')"
            :swatch-px="20"
            ><b v-if="counts[kind]">{{ counts[kind] }}</b></CellKinds
          >
          <Button
            v-if="dabs.length"
            text
            :label="tell('PhotoReader.take-examples-away')"
            @click="dabs = []"
          />
          <template v-if="working === 'read'"
            ><progress :value="progress" max="1" :aria-label="tell('common.reading')" /><Button
              outlined
              :label="tell('common.stop')"
              @click="cancel"
          /></template>
          <Button
            v-else
            :label="tell('PhotoReader.read-cells')"
            :disabled="!enough"
            @click="read"
          />
          <p v-if="!enough" class="sub">{{ tell('PhotoReader.at-least-two-kinds-touch') }}</p>
        </template>
        <template v-if="reading && shares">
          <p class="found">
            <b>{{ tell('PhotoReader.cells', { cells: reading.cells.length }) }}</b>:
            {{ sharesText(shares) }}.
          </p>
          <p v-if="reading.coveredShare > 0.01">
            {{
              tell('PhotoReader.was-covered-or-like-nothing', {
                coveredShare: Math.round(reading.coveredShare * 100),
              })
            }}
          </p>
          <p class="sub">
            {{ tell('PhotoReader.on-made-up-pictures-it') }}
          </p>
          <Button
            :label="tell('PhotoReader.keep-this-reading')"
            :loading="working === 'keep'"
            @click="keep"
          />
          <Button
            outlined
            :label="tell('PhotoReader.show-more-examples')"
            @click="reading = null"
          />
        </template>
      </div>
    </div>
  </DialogFrame>
</template>

<style scoped>
.reader {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 290px;
  gap: 20px;
}
.picture {
  min-height: 200px;
}
.stack {
  position: relative;
  width: max-content;
}
canvas {
  display: block;
  touch-action: none;
  cursor: crosshair;
  border: 1.5px solid var(--ink);
}
.empty {
  border: 1.5px dashed var(--lichen-5);
  border-radius: 8px;
  padding: 60px 24px;
  text-align: center;
}
.corner {
  position: absolute;
  width: 44px;
  height: 44px;
  margin: -22px 0 0 -22px;
  border-radius: 50%;
  border: 3px solid var(--field);
  background: rgb(251 252 249 / 55%);
  touch-action: none;
  cursor: move;
}
progress {
  width: 100%;
  accent-color: var(--field);
}
.found {
  font-size: 18px;
  line-height: 25px;
}
@media (max-width: 760px) {
  .reader {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
