<script setup lang="ts">
import { tell } from '../../words/tell.js';
import type { Verdict } from '@furrow/core';
import { computed, ref } from 'vue';
import CombSlab from '../CombSlab.vue';
import VerdictMark from '../VerdictMark.vue';
import { layStack, type BoxOnPage, type SectionProps } from './section.js';

/**
 * Boxes one upon the other, cut open, each comb edge-on; what is particular to a kind comes in by
 * the slots.
 */
const props = withDefaults(defineProps<SectionProps & { roofMm?: number; right?: number }>(), {
  selected: null,
  marks: true,
  numbers: true,
  roofMm: 40,
  right: 20,
  liftBy: 26,
  below: () => [],
  beside: () => [],
});
const emit = defineEmits<{ select: [slot: number] }>();
const wall = computed(() => Math.max(3, 22 * props.s));
const COMPARTMENTS: Record<BoxOnPage['compartment'], string> = {
  brood: tell('StackSection.brood'),
  super: tell('StackSection.super'),
  box: tell('StackSection.box'),
  file: tell('StackSection.box'),
};
/** Room for what each box is called, px: the longest word of the language, as wide as its letters. */
const LETTER_PX = 7.4;
const LABEL_ROOM = Math.max(
  62,
  ...Object.values(COMPARTMENTS).map((w) => w.length * LETTER_PX + 10),
);
const left = computed(() => (props.numbers ? LABEL_ROOM : 4) + wall.value);
const top = computed(() => props.roofMm * props.s + 8);
const laid = computed(() => layStack(props.hive, props.combs, props.s, left.value, top.value));
const floor = computed(() => 20 * props.s);
/** Room for what is written beside the boxes, px. */
const BESIDE_PX = 122;
const right = computed(() => (props.beside.length ? BESIDE_PX : props.right));
const width = computed(() => left.value + laid.value.width + wall.value + right.value);
const height = computed(() => laid.value.bottom + floor.value + 24 * props.s + 4);
const readable = computed(() => laid.value.boxes.filter((b) => b.readable));
const svg = ref<SVGSVGElement | null>(null);
const roved = ref<number | null>(null);
const slots = computed(() =>
  readable.value
    .flatMap((b) => b.places)
    .map((p) => p.slot)
    .sort((a, b) => a - b),
);
const focused = computed(() => roved.value ?? props.selected ?? slots.value[0]);
const barHeight = computed(() => 10 * props.s);
function focusSlot(slot: number, by: number): void {
  const next = slots.value[slots.value.indexOf(slot) + by];
  if (next !== undefined) svg.value?.querySelector<SVGElement>(`[data-slot="${next}"]`)?.focus();
}
/** Up and down go to the same place of the box above or below. */
function otherBox(slot: number, by: number): void {
  svg.value?.querySelector<SVGElement>(`[data-slot="${slot + by * 100}"]`)?.focus();
}
const words: Record<Verdict, string> = {
  take: tell('StackSection.may-take'),
  leave: tell('StackSection.leave'),
  test: tell('StackSection.test-first'),
  'not-read': tell('StackSection.not-read-yet'),
};
const called = (box: BoxOnPage, inBox: number): string =>
  tell('StackSection.place', { box: box.label, number: box.number, inBox });
const figuresAt = computed(() => new Map(props.below.map((b) => [b.slot, b.lines])));
const besideAt = computed(() => new Map(props.beside.map((b) => [b.boxId, b.lines])));
const combTop = (box: BoxOnPage): number => box.y + barHeight.value;
</script>

<template>
  <svg
    ref="svg"
    class="section"
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    role="group"
    :aria-label="label"
  >
    <slot name="roof" :x="left - wall" :y="top" :width="laid.width + 2 * wall" />
    <g v-for="box in laid.boxes" :key="box.id">
      <rect
        :x="box.x"
        :y="box.y"
        :width="box.width"
        :height="box.height"
        fill="var(--lime-2)"
        opacity=".75"
      />
      <slot name="box" :box="box" :wall="wall" :comb-top="combTop(box)">
        <template v-if="box.readable">
          <g v-for="p in box.places" :key="p.slot">
            <rect
              :x="p.x - 12 * s"
              :y="box.y"
              :width="24 * s"
              :height="barHeight"
              :fill="p.slot === selected ? 'var(--field)' : 'var(--wood)'"
              stroke="var(--ink)"
              stroke-width=".7"
            />
            <template v-if="p.comb">
              <CombSlab
                v-if="p.comb.lifted"
                :x="p.x"
                :y="combTop(box)"
                :s="s"
                :depth-mm="p.comb.depthMm"
                :thickness-mm="box.thicknessMm"
                :A="null"
                :B="null"
                ghost
              />
              <g
                class="lifting"
                :style="{ transform: `translateY(${p.comb.lifted ? -liftBy : 0}px)` }"
              >
                <CombSlab
                  :x="p.x"
                  :y="combTop(box)"
                  :s="s"
                  :depth-mm="p.comb.depthMm"
                  :thickness-mm="box.thicknessMm"
                  :A="p.comb.A"
                  :B="p.comb.B"
                  :selected="p.slot === selected || p.comb.lifted"
                />
              </g>
            </template>
            <slot name="comb" :place="p" :box="box" :y="combTop(box)" />
          </g>
        </template>
        <template v-else>
          <rect
            :x="box.x"
            :y="box.y"
            :width="box.width"
            :height="box.height"
            fill="url(#p-wood)"
            opacity=".55"
          />
          <text
            v-if="s > 0.3"
            :x="box.x + box.width / 2"
            :y="box.y + box.height / 2 + 5"
            text-anchor="middle"
            font-size="15"
            font-weight="600"
            class="closed"
          >
            {{ tell('StackSection.brood-box-closed') }}
          </text>
        </template>
      </slot>
      <rect
        :x="box.x - wall"
        :y="box.y"
        :width="wall"
        :height="box.height"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <rect
        :x="box.x + box.width"
        :y="box.y"
        :width="wall"
        :height="box.height"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <path
        :d="`M${box.x - wall} ${box.y + box.height}h${box.width + 2 * wall}`"
        stroke="var(--ink)"
        stroke-width="1.4"
      />
      <template v-if="numbers">
        <text
          :x="left - wall - 8"
          :y="box.y + Math.min(box.height / 2, 60) + 2"
          text-anchor="end"
          font-size="15"
          font-weight="700"
        >
          {{ box.number }}
        </text>
        <text
          :x="left - wall - 8"
          :y="box.y + Math.min(box.height / 2, 60) + 18"
          text-anchor="end"
          font-size="14"
          style="fill: var(--ink-2)"
        >
          {{ COMPARTMENTS[box.compartment] }}
        </text>
        <text
          v-if="box.turned"
          :x="left - wall - 8"
          :y="box.y + Math.min(box.height / 2, 60) + 34"
          text-anchor="end"
          font-size="14"
          style="fill: var(--ink-2)"
        >
          {{ tell('StackSection.turned') }}
        </text>
      </template>
    </g>
    <rect
      :x="left - wall"
      :y="laid.bottom"
      :width="laid.width + 2 * wall"
      :height="floor"
      fill="url(#p-cut)"
      stroke="var(--ink)"
      stroke-width="1.2"
    />
    <slot
      name="floor"
      :x="left - wall"
      :y="laid.bottom"
      :width="laid.width + 2 * wall"
      :height="floor"
      :inside="left"
    >
      <rect
        :x="left - wall - 1"
        :y="laid.bottom - 9 * s"
        :width="wall + 2"
        :height="9 * s"
        fill="var(--ink)"
      />
    </slot>
    <slot
      name="beside"
      :boxes="laid.boxes"
      :right="left + laid.width + wall"
      :bottom="laid.bottom + floor"
    />
    <template v-for="box in readable" :key="`m${box.id}`">
      <text
        v-for="(line, i) in besideAt.get(box.id) ?? []"
        :key="`s${i}`"
        :x="left + laid.width + wall + 8"
        :y="box.y + Math.min(box.height / 2, 60) + 2 + i * 18"
        font-size="15"
        :font-weight="i === 0 ? 700 : 400"
      >
        {{ line }}
      </text>
      <template v-for="p in box.places" :key="p.slot">
        <g v-if="marks && p.comb?.verdict" style="pointer-events: none">
          <circle
            :cx="p.x"
            :cy="box.y + box.height - 15"
            :r="Math.min(10.5, box.pitch / 2 - 1)"
            fill="var(--lime-0)"
            stroke="var(--ink)"
            stroke-width=".8"
          />
          <VerdictMark :verdict="p.comb.verdict" :x="p.x" :y="box.y + box.height - 15" />
        </g>
        <text
          v-for="(l, i) in p.comb ? (figuresAt.get(p.slot) ?? []) : []"
          :key="`b${i}`"
          class="figure"
          :class="{ rust: l.rust }"
          :x="p.x"
          :y="combTop(box) + 18 + i * 17 - (p.comb?.lifted ? liftBy : 0)"
          font-size="14"
          text-anchor="middle"
        >
          {{ l.text }}
        </text>
        <rect
          v-if="interactive"
          class="hit"
          :x="p.x - box.pitch / 2"
          :y="box.y"
          :width="box.pitch"
          :height="box.height"
          fill="transparent"
          :data-slot="p.slot"
          role="button"
          :tabindex="p.slot === focused ? 0 : -1"
          :aria-pressed="p.slot === selected || Boolean(p.comb?.lifted)"
          :aria-label="
            p.comb
              ? `${called(box, p.inBox)}, ${p.comb.label ?? words[p.comb.verdict ?? 'not-read']}`
              : tell('StackSection.empty', { box: called(box, p.inBox) })
          "
          @click="emit('select', p.slot)"
          @keydown.enter.prevent="emit('select', p.slot)"
          @keydown.space.prevent="emit('select', p.slot)"
          @keydown.left.stop="focusSlot(p.slot, -1)"
          @keydown.right.stop="focusSlot(p.slot, 1)"
          @keydown.up.prevent="otherBox(p.slot, 1)"
          @keydown.down.prevent="otherBox(p.slot, -1)"
          @focus="roved = p.slot"
        />
      </template>
    </template>
  </svg>
</template>

<style scoped>
.section {
  max-width: none;
  touch-action: pan-x pan-y;
}
.hit {
  cursor: pointer;
}
.figure {
  paint-order: stroke;
  stroke: var(--lime-0);
  stroke-width: 4px;
  font-weight: 600;
  fill: var(--ink);
}
.figure.rust {
  fill: var(--rust);
  font-weight: 700;
}
.lifting {
  transition: transform 220ms ease-out;
}
.closed {
  paint-order: stroke;
  stroke: var(--lime-0);
  stroke-width: 5px;
}
text {
  pointer-events: none;
  user-select: none;
}
</style>
