<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { vDrag, arrowsOf, type Pull } from '../drawing/drag';
import { type Geometry, type HiveKind, mayGoAsBox, firstOf, between } from '@furrow/core';
import SelectButton from 'primevue/selectbutton';
import { computed } from 'vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { layStack } from '../drawing/sections/section.js';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import MeasureFields from './MeasureFields.vue';
import { sketchHive } from './sketch.js';

/**
 * A stack made by hand: its corner is dragged for places and depth, boxes are put on and off; every
 * measure can be typed.
 */
const props = defineProps<{
  kind: HiveKind;
  geometry: Geometry;
  issue: (key: string) => string | null;
}>();
const emit = defineEmits<{ change: [geometry: Geometry] }>();
const sketch = computed(() => sketchHive(props.kind.kind, props.geometry));
const scale = computed(() =>
  Math.max(0.25, Math.min(0.7, 390 / sectionSizeMm(sketch.value).heightMm)),
);
const measure = (key: string) => firstOf(props.kind.measures, (m) => m.key === key);
function set(key: string, value: number | string | null): void {
  if (value === null) return;
  const m = props.kind.measures.find((known) => known.key === key);
  emit('change', {
    ...props.geometry,
    [key]: m && typeof value === 'number' ? between(m.low, m.high, value) : value,
  });
}
const handles = computed(() => props.kind.handles!);
const count = computed(() => Number(props.geometry[handles.value.boxes]));
/** The lower right corner of the topmost box on the page. */
const wallPx = computed(() => Math.max(3, 22 * scale.value));
const roofMm: Record<string, number> = { warre: 170, 'pile-box': 60 };
const corner = computed(() => {
  const left = 62 + wallPx.value;
  const top = (roofMm[props.kind.kind] ?? 40) * scale.value + 8;
  const laid = layStack(sketch.value, [], scale.value, left, top);
  const box = laid.boxes[0];
  return { x: left + laid.width + wallPx.value, y: box.y + box.height, box };
});
/** What a depth is drawn to. */
const STEP_MM = 5;
let from = { places: 0, depthMm: 0 };
function pulled({ by, first }: Pull): void {
  if (first)
    from = {
      places: Number(props.geometry[handles.value.places]),
      depthMm: Number(props.geometry[handles.value.depthMm]),
    };
  const pitch = corner.value.box.pitch || 30;
  const places = measure(handles.value.places);
  const depth = measure(handles.value.depthMm);
  emit('change', {
    ...props.geometry,
    [handles.value.places]: between(
      places.low,
      places.high,
      from.places + Math.round(by.x / pitch),
    ),
    [handles.value.depthMm]: between(
      depth.low,
      depth.high,
      Math.round((from.depthMm + by.y / scale.value) / STEP_MM) * STEP_MM,
    ),
  });
}
function key(event: KeyboardEvent): void {
  const way = arrowsOf(event);
  if (!way) return;
  const { places, depthMm } = handles.value;
  if (way.x) set(places, Number(props.geometry[places]) + way.x);
  else set(depthMm, Number(props.geometry[depthMm]) + way.y * STEP_MM);
}
</script>

<template>
  <div class="stack">
    <div class="picture">
      <HiveSection
        :hive="sketch"
        :combs="[]"
        :s="scale"
        :marks="false"
        :label="tell('NewStack.as-its-measures-draw-it', { kind: kind.name })"
      />
      <button
        type="button"
        class="corner"
        :style="{ left: `${corner.x}px`, top: `${corner.y}px` }"
        :aria-label="tell('NewStack.corner-upper-box-left-and')"
        v-drag="pulled"
        @keydown="key"
      />
    </div>
    <div class="side">
      <div class="boxes">
        <button
          type="button"
          :aria-label="
            tell('NewStack.one-less', { boxes: said(measure(handles.boxes).label).toLowerCase() })
          "
          @click="set(handles.boxes, count - 1)"
        >
          −</button
        ><b>{{ count }}</b
        ><button
          type="button"
          :aria-label="
            tell('NewStack.one-more', { boxes: said(measure(handles.boxes).label).toLowerCase() })
          "
          @click="set(handles.boxes, count + 1)"
        >
          +</button
        ><span>{{ said(measure(handles.boxes).label).toLowerCase() }}</span>
      </div>
      <MeasureFields
        :kind="kind"
        :geometry="geometry"
        :issue="issue"
        :without="[handles.boxes]"
        @change="set"
      />
      <div v-for="c in kind.choices" :key="c.key">
        <span :id="`new-${c.key}`" class="sub">{{ said(c.label) }}</span><SelectButton
          :model-value="geometry[c.key]"
          :options="c.options.map((o) => ({ ...o, label: said(o.label) }))"
          option-label="label"
          option-value="value"
          :allow-empty="false"
          :aria-labelledby="`new-${c.key}`"
          @update:model-value="set(c.key, $event)"
        />
      </div>
      <p class="sub">
        {{
          tell('NewStack.taken', {
            unitTaken: {
              comb: tell('NewStack.comb-by-comb'),
              box: mayGoAsBox(kind.kind)
                ? tell('NewStack.whole-box-or-comb-by')
                : tell('NewStack.whole-box'),
              frame: tell('NewStack.frame-by-frame'),
              pots: tell('NewStack.pots-sealed-ones-only'),
            }[kind.unitTaken],
          })
        }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.stack {
  display: flex;
  gap: 28px;
  flex-wrap: wrap;
  align-items: flex-start;
}
.picture {
  position: relative;
  overflow-x: auto;
  max-width: 100%;
}
.corner {
  position: absolute;
  width: 44px;
  height: 44px;
  margin: -22px 0 0 -22px;
  border-radius: 50%;
  border: 3px solid var(--field);
  background: rgb(251 252 249 / 70%);
  cursor: nwse-resize;
  touch-action: none;
}
.side {
  flex: 1 1 300px;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.boxes {
  display: flex;
  gap: 10px;
  align-items: center;
}
.boxes b {
  font-size: 22px;
  min-width: 28px;
  text-align: center;
}
.boxes button {
  min-width: 48px;
  min-height: 48px;
  font: 700 20px var(--text);
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  color: inherit;
  cursor: pointer;
}
</style>
