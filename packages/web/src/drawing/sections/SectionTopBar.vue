<script setup lang="ts">
import { tell } from '../../words/tell.js';
import { vDrag, within, arrowsOf, type Pull } from '../drag';
import { type TopBarGeometry, type Verdict, between } from '@furrow/core';
import { computed, ref } from 'vue';
import CombSlab from '../CombSlab.vue';
import VerdictMark from '../VerdictMark.vue';
import type { SectionComb } from './section.js';

const props = withDefaults(
  defineProps<{
    geometry: TopBarGeometry;
    combs: SectionComb[];
    s: number;
    selected?: number | null;
    liftBy?: number;
    marks?: boolean;
    numbers?: boolean;
    cutaway?: boolean;
    editBoard?: boolean;
    editBars?: boolean;
    interactive?: boolean;
    label: string;
    below?: { slot: number; lines: { text: string; rust?: boolean }[] }[];
  }>(),
  { liftBy: 58, marks: true, numbers: true, selected: null, below: () => [] },
);
const emit = defineEmits<{
  select: [slot: number];
  board: [afterBar: number];
  bars: [count: number];
}>();

const wall = computed(() => 22 * props.s);
const barHeight = computed(() => 20 * props.s);
const left = computed(() => (props.cutaway ? 2 : wall.value + 18 * props.s + 2));
const pitch = computed(() => props.geometry.barWidthMm * props.s);
const length = computed(() => props.geometry.bars * pitch.value);
const cavity = computed(() => (props.geometry.combDepthMm + 12) * props.s);
const anyLifted = computed(() => props.combs.some((c) => c.lifted));
const top = computed(
  () =>
    barHeight.value +
    (props.numbers ? 24 : 4) +
    (props.marks ? 22 : 0) +
    (anyLifted.value ? props.liftBy : 0),
);
const width = computed(() => left.value + length.value + (props.cutaway ? 2 : wall.value + 4));
const height = computed(
  () =>
    top.value +
    cavity.value +
    18 * props.s +
    props.below.length * 0 +
    (props.below.length ? 50 : 6),
);
const barX = (slot: number): number => left.value + (slot - 1) * pitch.value;
const board = computed(() => left.value + props.geometry.followerAfterBar * pitch.value);
const combAt = computed(() => new Map(props.combs.map((c) => [c.slot, c])));
const lift = (slot: number): number => (combAt.value.get(slot)?.lifted ? props.liftBy : 0);
/** Every other number where bars stand closer than the numbers are wide. */
const shownNumber = (slot: number): boolean => pitch.value >= 20 || slot % 2 === 1;
defineExpose({
  barX,
  pitch,
  bottom: computed(() => top.value + props.geometry.combDepthMm * props.s),
});

const svg = ref<SVGSVGElement | null>(null);
/** As few and as many bars as a hive may be drawn with. */
const [FEWEST_BARS, MOST_BARS] = [5, 60];
type Handle = 'board' | 'bars';
/** A handle at a place along the hive, as far as it may go. */
function setHandle(what: Handle, slot: number): void {
  if (what === 'board') emit('board', between(1, props.geometry.bars, slot));
  else emit('bars', between(FEWEST_BARS, MOST_BARS, slot));
}
function pulled(what: Handle, { at }: Pull): void {
  if (!svg.value) return;
  const { x } = within(svg.value, at, width.value, height.value);
  setHandle(what, Math.round((x - left.value) / pitch.value));
}
/** One bar can be tabbed to; the arrow keys walk from there, as along the hive. */
const roved = ref<number | null>(null);
const focused = computed(() => roved.value ?? props.selected ?? 1);
function focusBar(slot: number): void {
  svg.value?.querySelector<SVGElement>(`[data-slot="${slot}"]`)?.focus();
}
function key(event: KeyboardEvent, what: Handle): void {
  const way = arrowsOf(event);
  if (!way) return;
  const from = what === 'board' ? props.geometry.followerAfterBar : props.geometry.bars;
  // To the right and up is more.
  setHandle(what, from + way.x - way.y);
}
const words: Record<Verdict, string> = {
  take: tell('SectionTopBar.may-take'),
  leave: tell('SectionTopBar.leave'),
  test: tell('SectionTopBar.test-first'),
  'not-read': tell('SectionTopBar.not-read-yet'),
};
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
    <rect
      :x="left"
      :y="top - barHeight"
      :width="length"
      :height="cavity + barHeight"
      fill="var(--lime-2)"
      opacity=".75"
    />
    <rect
      :x="board"
      :y="top"
      :width="Math.max(0, length - (board - left))"
      :height="cavity"
      fill="var(--lime-0)"
    />
    <g v-for="c in combs" :key="c.slot" class="comb">
      <CombSlab
        v-if="c.lifted"
        :x="barX(c.slot) + pitch / 2"
        :y="top"
        :s="s"
        :depth-mm="c.depthMm"
        :A="null"
        :B="null"
        ghost
      />
      <g class="lifting" :style="{ transform: `translateY(${-lift(c.slot)}px)` }">
        <CombSlab
          :x="barX(c.slot) + pitch / 2"
          :y="top"
          :s="s"
          :depth-mm="c.depthMm"
          :A="c.A"
          :B="c.B"
          :selected="c.slot === selected || c.lifted"
        />
      </g>
    </g>
    <g v-for="slot in geometry.bars" :key="`b${slot}`">
      <rect
        v-if="lift(slot)"
        :x="barX(slot) + 0.6"
        :y="top - barHeight"
        :width="pitch - 1.2"
        :height="barHeight"
        fill="none"
        stroke="var(--ink-2)"
        stroke-dasharray="4 4"
      />
      <g class="lifting" :style="{ transform: `translateY(${-lift(slot)}px)` }">
        <rect
          :x="barX(slot) + 0.6"
          :y="top - barHeight"
          :width="pitch - 1.2"
          :height="barHeight"
          :fill="slot === selected || lift(slot) ? 'var(--field)' : 'var(--wood)'"
          stroke="var(--ink)"
          :stroke-width="s < 0.5 ? 0.6 : 1"
        />
        <path
          v-if="s > 0.5 && !cutaway && slot !== selected && !lift(slot)"
          :d="`M${barX(slot) + 4} ${top}Q${barX(slot) + pitch / 2 + ((slot * 7) % 9) - 4} ${top - barHeight * 0.9} ${barX(slot) + pitch - 4} ${top}M${barX(slot) + pitch * 0.3} ${top}Q${barX(slot) + pitch / 2} ${top - barHeight * 0.5} ${barX(slot) + pitch * 0.7} ${top}`"
          fill="none"
          stroke="var(--wood-line)"
          stroke-opacity=".6"
          stroke-width=".8"
        />
        <text
          v-if="numbers && shownNumber(slot)"
          :x="barX(slot) + pitch / 2"
          :y="top - barHeight - 7"
          text-anchor="middle"
          font-size="15"
          :font-weight="slot === selected || lift(slot) ? 800 : 500"
          :style="{
            fill:
              slot === selected || lift(slot)
                ? 'var(--field-deep)'
                : combAt.has(slot)
                  ? 'var(--ink)'
                  : 'var(--ink-3)',
          }"
        >
          {{ slot }}
        </text>
        <VerdictMark
          v-if="marks && combAt.get(slot)?.verdict"
          :verdict="combAt.get(slot)!.verdict!"
          :x="barX(slot) + pitch / 2"
          :y="top - barHeight - (numbers ? 30 : 12)"
        />
      </g>
    </g>
    <!-- end boards and floor, cut through -->
    <template v-if="!cutaway">
      <rect
        :x="left - wall"
        :y="top - barHeight * 0.9"
        :width="wall"
        :height="cavity + barHeight * 0.9 - 34 * s"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
      <rect
        :x="left - wall"
        :y="top + cavity - 20 * s"
        :width="wall"
        :height="36 * s"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
      <path
        :d="`M${left - wall} ${top + cavity - 16 * s}h${-16 * s}v${5 * s}h${16 * s}Z`"
        fill="var(--wood)"
        stroke="var(--ink)"
      />
      <rect
        :x="left + length"
        :y="top - barHeight * 0.9"
        :width="wall"
        :height="cavity + barHeight * 0.9 + 16 * s"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
      <rect
        :x="left"
        :y="top + cavity"
        :width="length"
        :height="16 * s"
        fill="url(#p-cut)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
      <rect
        :x="board - 1"
        :y="top - barHeight - 1"
        :width="9 * s"
        :height="cavity + barHeight - 5 * s"
        fill="url(#p-wood)"
        stroke="var(--ink)"
        stroke-width="1.3"
      />
    </template>
    <path
      v-else
      :d="`M-8 ${top + geometry.combDepthMm * s * 0.88}${Array.from({ length: Math.ceil(width / 26) + 1 }, () => 'l13 10l13 -10').join('')}V${height + 9}H-8Z`"
      fill="var(--lime-1)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <text
      v-if="!cutaway && s > 0.6 && board + 30 < left + length - 110"
      :x="board + 9 * s + 8"
      :y="top + 22"
      font-size="14"
      style="fill: var(--ink-2)"
    >
      {{ tell('SectionTopBar.follower-board') }}
    </text>
    <text
      v-if="!cutaway && s > 0.6 && board + 30 < left + length - 110"
      :x="board + 9 * s + 8"
      :y="top + cavity - 10"
      font-size="14"
      style="fill: var(--ink-2)"
    >
      {{ tell('SectionTopBar.spare-bars', { bars: geometry.bars - geometry.followerAfterBar }) }}
    </text>
    <g v-for="b in below" :key="`t${b.slot}`">
      <text
        v-for="(l, i) in b.lines"
        :key="i"
        :x="barX(b.slot) + pitch / 2"
        :y="top + cavity + 16 * s + 20 + i * 21"
        font-size="15"
        text-anchor="middle"
        class="figure"
        :style="{
          fill: l.rust ? 'var(--rust)' : 'var(--ink)',
          fontWeight: l.rust || lift(b.slot) ? 700 : 400,
        }"
      >
        {{ l.text }}
      </text>
    </g>
    <!-- what a finger touches: a whole bar and what hangs from it -->
    <template v-if="interactive">
      <rect
        v-for="slot in geometry.bars"
        :key="`h${slot}`"
        class="hit"
        :x="barX(slot)"
        :y="0"
        :width="pitch"
        :height="top + cavity"
        fill="transparent"
        :data-slot="slot"
        role="button"
        :tabindex="slot === focused ? 0 : -1"
        :aria-pressed="slot === selected || Boolean(lift(slot))"
        :aria-label="
          combAt.get(slot)
            ? tell('SectionTopBar.comb', {
                slot,
                slot2: combAt.get(slot)!.label ?? words[combAt.get(slot)!.verdict ?? 'not-read'],
              })
            : tell('SectionTopBar.bar-no-comb', { slot })
        "
        @click="emit('select', slot)"
        @keydown.enter.prevent="emit('select', slot)"
        @keydown.space.prevent="emit('select', slot)"
        @keydown.left="focusBar(slot - 1)"
        @keydown.right="focusBar(slot + 1)"
        @focus="roved = slot"
      />
    </template>
    <rect
      v-if="editBoard"
      class="handle"
      :x="interactive ? board - 1 : board - 24"
      :y="top - barHeight - 4"
      :width="interactive ? 30 : 56"
      :height="cavity + barHeight"
      fill="transparent"
      role="slider"
      tabindex="0"
      :aria-label="tell('SectionTopBar.follower-board-stands-behind-bar')"
      :aria-valuenow="geometry.followerAfterBar"
      aria-valuemin="1"
      :aria-valuemax="geometry.bars"
      v-drag="(pull: Pull) => pulled('board', pull)"
      @keydown="key($event, 'board')"
    />
    <rect
      v-if="editBars"
      class="handle"
      :x="left + length - 10"
      :y="top - barHeight - 4"
      :width="wall + 14"
      :height="cavity + barHeight + 20"
      fill="transparent"
      role="slider"
      tabindex="0"
      :aria-label="tell('SectionTopBar.number-bars')"
      :aria-valuenow="geometry.bars"
      aria-valuemin="5"
      aria-valuemax="60"
      v-drag="(pull: Pull) => pulled('bars', pull)"
      @keydown="key($event, 'bars')"
    />
    <g v-if="editBoard" aria-hidden="true" style="pointer-events: none">
      <path
        :d="`M${board - 10} ${top + cavity / 2}l-9 7 9 7M${board + 20} ${top + cavity / 2}l9 7 -9 7`"
        fill="none"
        stroke="var(--field)"
        stroke-width="3"
      />
    </g>
    <g v-if="editBars" aria-hidden="true" style="pointer-events: none">
      <path
        :d="`M${left + length - 6} ${top + cavity / 2}l-8 7 8 7M${left + length + wall - 12} ${top + cavity / 2}l8 7 -8 7`"
        fill="none"
        stroke="var(--field)"
        stroke-width="3"
      />
    </g>
    <slot :top="top" :bar-x="barX" :pitch="pitch" :cavity="cavity" />
  </svg>
</template>

<style scoped>
/* '100' under one comb keeps clear of '100' under the next. */
.figure {
  letter-spacing: -0.05em;
}
.section {
  touch-action: pan-x pan-y;
  max-width: none;
}
.hit {
  cursor: pointer;
}
.handle {
  cursor: ew-resize;
  touch-action: none;
}
.lifting {
  transition: transform 220ms ease-out;
}
text {
  pointer-events: none;
  user-select: none;
}
</style>
