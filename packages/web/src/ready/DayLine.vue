<script setup lang="ts">
import { tell, moment } from '../words/tell.js';
import { within } from '../drawing/drag';
import { bestHours, type HourScore, dayOf, between } from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, ref } from 'vue';
import { useWidth } from '../parts/useWidth.js';

/**
 * Ten days as a line: how fit each hour is to open, the higher the better; the hour chosen carries
 * a mark, its reasons stand below.
 */
const props = defineProps<{ scores: HourScore[]; zone: string; start: string }>();
const emit = defineEmits<{ choose: [local: string] }>();
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame, 840);
const [FIRST, LAST, TOP, BASE] = [6, 20, 26, 96];
const days = computed(() => {
  const by = new Map<string, HourScore[]>();
  for (const s of props.scores) {
    const at = DateTime.fromISO(s.at, { zone: props.zone });
    if (at.hour >= FIRST && at.hour <= LAST) by.set(dayOf(at), [...(by.get(dayOf(at)) ?? []), s]);
  }
  return [...by].map(([date, hours]) => ({ date, hours }));
});
const dayWidth = computed(() => Math.max(58, (width.value - 4) / Math.max(1, days.value.length)));
const x = (day: number, hour: number): number =>
  2 + day * dayWidth.value + 6 + ((hour - FIRST) / (LAST - FIRST)) * (dayWidth.value - 12);
const y = (score: number): number => BASE - (score / 100) * (BASE - TOP);
const hourOf = (s: HourScore): number => DateTime.fromISO(s.at, { zone: props.zone }).hour;
/** Runs of hours that are not forbidden, as line pieces; good ones thick. */
const pieces = computed(() =>
  days.value.flatMap((d, i) =>
    d.hours.slice(1).flatMap((h, k) => {
      const before = d.hours[k];
      if (before.fit === 'no' || h.fit === 'no' || hourOf(h) !== hourOf(before) + 1) return [];
      return [
        {
          key: h.at,
          d: `M${x(i, hourOf(before))} ${y(before.score)}L${x(i, hourOf(h))} ${y(h.score)}`,
          good: before.fit === 'good' && h.fit === 'good',
          practice: h.practice,
        },
      ];
    }),
  ),
);
const chosen = computed(() => DateTime.fromISO(props.start, { zone: props.zone }));
const chosenDay = computed(() => days.value.findIndex((d) => d.date === chosen.value.toISODate()));
const best = computed(() => bestHours(props.scores, 2)[0]?.at ?? null);
const bestLocal = computed(() =>
  best.value ? DateTime.fromISO(best.value, { zone: props.zone }) : null,
);
const local = (at: DateTime): string => at.toFormat("yyyy-MM-dd'T'HH:mm");
function touch(event: MouseEvent): void {
  const { currentTarget: line, clientX: x, clientY: y } = event;
  if (!(line instanceof Element)) return;
  const { x: px } = within(line, { x, y }, days.value.length * dayWidth.value + 4, 1);
  const day = between(0, days.value.length - 1, Math.floor((px - 2) / dayWidth.value));
  const hour = Math.round(
    FIRST + ((px - 2 - day * dayWidth.value - 6) / (dayWidth.value - 12)) * (LAST - FIRST),
  );
  emit(
    'choose',
    `${days.value[day].date}T${String(between(FIRST, LAST, hour)).padStart(2, '0')}:00`,
  );
}
const chosenX = computed(() => x(chosenDay.value, chosen.value.hour + chosen.value.minute / 60));
/** The hour under a day; none where the pointer stands over it, or where a day is narrow. */
function hourText(day: number, hour: number): string {
  const isUnderPointer = day === chosenDay.value && Math.abs(x(day, hour) - chosenX.value) < 15;
  const hasRoom = dayWidth.value > 74 || hour === 12;
  return hasRoom && !isUnderPointer ? String(hour) : '';
}
function key(event: KeyboardEvent): void {
  const step = {
    ArrowLeft: { hours: -1 },
    ArrowRight: { hours: 1 },
    ArrowUp: { days: -1 },
    ArrowDown: { days: 1 },
  }[event.key];
  if (!step || !chosen.value.isValid) return;
  event.preventDefault();
  emit('choose', local(chosen.value.plus(step)));
}
</script>

<template>
  <div ref="frame" class="days">
    <svg
      v-if="days.length"
      :width="days.length * dayWidth + 4"
      height="126"
      :viewBox="`0 0 ${days.length * dayWidth + 4} 126`"
      role="slider"
      tabindex="0"
      :aria-label="tell('DayLine.day-and-hour')"
      :aria-valuenow="chosen.isValid ? chosen.hour : 0"
      aria-valuemin="0"
      aria-valuemax="23"
      :aria-valuetext="chosen.isValid ? moment(chosen, 'long-day-clock') : tell('DayLine.not-said')"
      @click="touch"
      @keydown="key"
    >
      <g v-for="(d, i) in days" :key="d.date">
        <path :d="`M${2 + i * dayWidth} ${TOP - 6}V${BASE + 4}`" stroke="var(--lichen-3)" />
        <text
          :x="x(i, 13)"
          y="14"
          font-size="15"
          text-anchor="middle"
          :font-weight="i === chosenDay ? 800 : 500"
        >
          {{ moment(DateTime.fromISO(d.date), dayWidth > 96 ? 'weekday-day' : 'weekday-number') }}
        </text>
        <path
          :d="`M${x(i, FIRST)} ${BASE}H${x(i, LAST)}`"
          stroke="var(--lichen-5)"
          stroke-width="1"
        />
        <path
          v-for="h in d.hours.filter((s) => s.fit === 'no' && s.reasons[0]?.rule !== 'daylight')"
          :key="h.at"
          :d="`M${x(i, hourOf(h)) - 2.5} ${BASE - 9}l5 7M${x(i, hourOf(h)) + 2.5} ${BASE - 9}l-5 7`"
          stroke="var(--rust)"
          stroke-width="1.6"
        />
        <text
          v-for="hour in [8, 12, 16]"
          :key="hour"
          :x="x(i, hour)"
          :y="BASE + 18"
          font-size="14"
          text-anchor="middle"
          style="fill: var(--ink-2)"
        >
          {{ hourText(i, hour) }}
        </text>
      </g>
      <path
        v-for="p in pieces"
        :key="p.key"
        :d="p.d"
        fill="none"
        :stroke="p.good ? 'var(--field)' : 'var(--ink-2)'"
        :stroke-width="p.good ? 4 : 1.6"
        stroke-linecap="round"
      />
      <g v-if="chosenDay >= 0">
        <path :d="`M${chosenX} ${TOP - 4}V${BASE}`" stroke="var(--ink)" stroke-width="2" />
        <path :d="`M${chosenX - 8} ${BASE + 12}h16l-8 -12Z`" fill="var(--ink)" />
      </g>
    </svg>
    <p class="sub">
      {{ tell('DayLine.higher-fitter-thick-green-good') }}
      <template v-if="bestLocal"
        >{{ tell('DayLine.best') }}
        <button type="button" class="best" @click="emit('choose', local(bestLocal!))">
          {{ moment(bestLocal, 'weekday-day-clock') }}
        </button></template
      >
    </p>
  </div>
</template>

<style scoped>
.days {
  overflow-x: auto;
}
svg {
  cursor: pointer;
}
.best {
  font: inherit;
  font-weight: 700;
  background: none;
  border: 0;
  color: var(--field-deep);
  text-decoration: underline;
  cursor: pointer;
  min-height: 32px;
}
svg text {
  pointer-events: none;
}
</style>
