<script setup lang="ts">
import { tell, moment } from '../words/tell.js';
import { vDrag, type Pull } from '../drawing/drag';
import type { Caution, TimetableStep } from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, ref, watch } from 'vue';
import { said } from '../words/units.js';

/**
 * Every step on one line of time; a step is dragged or moved by the keyboard, the rest follows. Its
 * conflicts and cautions stand in its row.
 */
const props = defineProps<{
  steps: TimetableStep[];
  cautions: ReadonlyMap<string, readonly Caution[]>;
  several: boolean;
  zone: string;
}>();
const emit = defineEmits<{ move: [step: TimetableStep, local: string | null] }>();
const open = ref<string | null>(null);
const span = computed(() => ({
  from: Math.min(...props.steps.map((s) => Date.parse(s.startsAt))),
  to: Math.max(...props.steps.map((s) => Date.parse(s.endsAt))),
}));
const local = (iso: string): DateTime => DateTime.fromISO(iso, { zone: props.zone });
const place = (ms: number): number =>
  ((ms - span.value.from) / Math.max(1, span.value.to - span.value.from)) * 100;
const QUARTER = 15 * 60_000;
const isHands = (s: TimetableStep): boolean =>
  s.handsOnMinutes * 60_000 * 2 >= Date.parse(s.endsAt) - Date.parse(s.startsAt);
const midnights = computed(() => {
  const out: { ms: number; text: string }[] = [];
  for (
    let at = DateTime.fromMillis(span.value.from, { zone: props.zone })
      .startOf('day')
      .plus({ days: 1 });
    at.toMillis() < span.value.to;
    at = at.plus({ days: 1 })
  )
    out.push({ ms: at.toMillis(), text: moment(at, 'weekday') });
  return out;
});
const key = (s: TimetableStep): string => `${s.harvestId}-${s.id}`;
const drag = ref<{ key: string; ms: number } | null>(null);
function pulled(s: TimetableStep, { by, held, last, canceled }: Pull): void {
  const track = held.parentElement;
  if (!track || canceled) {
    drag.value = null;
    return;
  }
  const share = by.x / track.getBoundingClientRect().width;
  const ms = Date.parse(s.startsAt) + share * (span.value.to - span.value.from);
  drag.value = { key: key(s), ms: Math.round(ms / QUARTER) * QUARTER };
  if (last) drop(s);
}
const asLocal = (ms: number): string =>
  DateTime.fromMillis(ms, { zone: props.zone }).toFormat("yyyy-MM-dd'T'HH:mm");
function drop(s: TimetableStep): void {
  const at = drag.value;
  drag.value = null;
  if (at && Math.abs(at.ms - Date.parse(s.startsAt)) >= QUARTER) emit('move', s, asLocal(at.ms));
}
/** Where keys have put a step before the plan came back: quick presses add up. */
const pending = ref<Record<string, number>>({});
watch(
  () => props.steps,
  () => (pending.value = {}),
);
function press(event: KeyboardEvent, s: TimetableStep): void {
  const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -4, ArrowDown: 4 }[event.key];
  if (event.key === 'Delete' || event.key === 'Backspace') return void emit('move', s, null);
  if (!by) return;
  event.preventDefault();
  const ms = Math.round(startMs(s) / QUARTER) * QUARTER + by * QUARTER;
  pending.value = { ...pending.value, [key(s)]: ms };
  emit('move', s, asLocal(ms));
}
const startMs = (s: TimetableStep): number =>
  drag.value?.key === key(s) ? drag.value.ms : (pending.value[key(s)] ?? Date.parse(s.startsAt));
const cautionsOf = (s: TimetableStep): readonly Caution[] =>
  (props.cautions.get(s.harvestId) ?? []).filter((c) => c.step === s.id);
</script>

<template>
  <ol class="times">
    <li v-for="s in steps" :key="key(s)" :class="{ bad: s.conflicts.length }">
      <time :datetime="s.startsAt">{{
        moment(DateTime.fromMillis(startMs(s), { zone }), 'weekday-clock')
      }}</time>
      <span class="what"
        ><b
          ><template v-if="several">{{ s.harvestName }}: </template>{{ said(s.title) }}</b
        ><span class="sub"
          >{{ said(s.note) }}{{ s.vessels.length ? ` ${s.vessels.join(', ')}.` : '' }}</span
        >
        <span v-for="c in s.conflicts" :key="c.rule" class="rust conflict">{{
          said(c.sentence)
        }}</span>
        <button
          v-if="cautionsOf(s).length"
          type="button"
          class="care"
          :aria-expanded="open === key(s)"
          @click="open = open === key(s) ? null : key(s)"
        >
          {{
            tell('Timetable.take-care', {
              caution: said(cautionsOf(s)[0].text).split(/[.:;](?:\s|$)/)[0],
              more:
                cautionsOf(s).length > 1
                  ? tell('Timetable.and-more', { s: cautionsOf(s).length - 1 })
                  : '',
            })
          }}
        </button>
        <ul v-if="open === key(s)" class="cautions">
          <li v-for="c in cautionsOf(s)" :key="c.id">
            {{ said(c.text)
            }}<span v-if="c.ask" class="sub"
              >{{ ' ' }}{{ tell('Timetable.ask', { ask: c.ask }) }}</span
            >
          </li>
        </ul>
      </span>
      <span class="track">
        <i
          v-for="m in midnights"
          :key="m.ms"
          class="midnight"
          :style="{ left: `${place(m.ms)}%` }"
        />
        <i
          class="bar"
          :class="{ hands: isHands(s), moved: s.moved, dragging: drag?.key === key(s) }"
          role="slider"
          tabindex="0"
          :aria-label="
            tell('Timetable.begins', {
              several: several ? `${s.harvestName}: ` : '',
              title: s.title,
            })
          "
          :aria-valuenow="Math.round(place(startMs(s)))"
          aria-valuemin="0"
          aria-valuemax="100"
          :aria-valuetext="moment(local(s.startsAt), 'long-day-clock')"
          :style="{
            left: `${place(startMs(s))}%`,
            width: `${Math.max(0.8, place(Date.parse(s.endsAt)) - place(Date.parse(s.startsAt)))}%`,
          }"
          v-drag="(pull: Pull) => pulled(s, pull)"
          @keydown="press($event, s)"
        />
      </span>
      <span class="mins"
        >{{
          s.handsOnMinutes
            ? `${s.handsOnMinutes} min${s.people > 1 ? ` × ${s.people}` : ''}`
            : tell('Timetable.waits')
        }}<button
          v-if="s.moved"
          type="button"
          class="care"
          :aria-label="tell('Timetable.back-to-where-it-was', { title: s.title })"
          @click="emit('move', s, null)"
        >
          {{ tell('Timetable.undo-move') }}
        </button></span
      >
    </li>
  </ol>
</template>

<style scoped>
.times {
  list-style: none;
  margin: 4px 0;
  padding: 0;
}
.times > li {
  display: grid;
  grid-template-columns: 88px minmax(0, 1.15fr) minmax(60px, 1fr) 84px;
  gap: 12px;
  align-items: center;
  border-bottom: var(--line);
  padding: 4px 0;
  min-height: 46px;
}
.bad {
  box-shadow: inset 5px 0 0 var(--rust);
  padding-left: 10px !important;
}
time {
  font-weight: 700;
}
.what {
  display: flex;
  flex-direction: column;
  line-height: 19px;
}
.what .sub {
  font-size: 14px;
}
.conflict {
  font-size: 15px;
  font-weight: 600;
}
.care {
  align-self: flex-start;
  font: inherit;
  font-size: 14px;
  background: none;
  border: 0;
  padding: 4px 0;
  min-height: 28px;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 3px;
  color: var(--ink-2);
  cursor: pointer;
}
.cautions {
  margin: 2px 0 6px;
  padding-left: 18px;
  font-size: 15px;
}
.track {
  position: relative;
  height: 34px;
}
.midnight {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px dashed var(--lichen-3);
}
.bar {
  position: absolute;
  top: 9px;
  height: 16px;
  min-width: 6px;
  background: var(--field-wash);
  border: 1px solid var(--field);
  cursor: grab;
  touch-action: none;
}
.bar::before {
  content: '';
  position: absolute;
  inset: -10px -8px;
}
.bar.hands {
  background: var(--ink);
  border-color: var(--ink);
}
.bar.moved {
  outline: 2px solid var(--field);
  outline-offset: 2px;
}
.dragging {
  cursor: grabbing;
  opacity: 0.7;
}
.bar:focus-visible {
  outline: 3px solid var(--field);
  outline-offset: 2px;
}
.mins {
  text-align: right;
}
@media (max-width: 700px) {
  .times > li {
    grid-template-columns: 76px 1fr 64px;
  }
  .track {
    grid-column: 1 / -1;
  }
}
</style>
