<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell, moment } from '../words/tell.js';
import { spanText } from './spanText.js';
import {
  addDays,
  daysBetween,
  type CappedForecast,
  type CappingPace,
  type Look,
  type Say,
  endOf,
} from '@furrow/core';
import { DateTime } from 'luxon';
import { computed } from 'vue';
import { said } from '../words/units.js';

/**
 * Capped share over the looks, and where it goes: measured as rings, forecast as a hatched band to
 * the rule. The slider chooses the look that is laid over the face.
 */
const props = defineProps<{
  looks: Look[];
  forecast: CappedForecast | null;
  needPercent: number;
  today: string;
  pace: CappingPace;
  sentence: Say | null;
  compareId: string | null;
}>();
const emit = defineEmits<{ compare: [lookId: string | null] }>();
const [W, H] = [346, 118];
const points = computed(() =>
  props.looks
    .flatMap((l) =>
      l.verdict.cappedPercent === null
        ? []
        : [{ id: l.id, date: l.date, v: l.verdict.cappedPercent }],
    )
    .filter((p, _, all) => daysBetween(p.date, endOf(all).date) < 120)
    .slice(-8),
);
const span = computed(() => {
  const first = points.value[0]?.date ?? props.today;
  const last = props.forecast
    ? (props.forecast.latest ?? addDays(props.forecast.earliest, 21))
    : (points.value.at(-1)?.date ?? props.today);
  return { first, days: Math.max(7, daysBetween(first, last > props.today ? last : props.today)) };
});
const x = (date: string): number =>
  10 + (daysBetween(span.value.first, date) / span.value.days) * (W - 24);
const y = (percent: number): number => 84 - (percent / 100) * 74;
const band = computed(() => {
  if (!props.forecast || !points.value.length) return '';
  const from = endOf(points.value).date;
  const days = Math.max(1, span.value.days - daysBetween(span.value.first, from));
  const dates = Array.from({ length: 9 }, (_, i) => addDays(from, Math.round((i / 8) * days)));
  const at = dates.map((d) => ({ x: x(d), ...props.forecast!.at(d) }));
  return `M${at.map((p) => `${p.x} ${y(p.high * 100)}`).join('L')}L${[...at]
    .reverse()
    .map((p) => `${p.x} ${y(p.low * 100)}`)
    .join('L')}Z`;
});
const middle = computed(() => {
  if (!props.forecast || !points.value.length) return '';
  const from = endOf(points.value).date;
  const days = Math.max(1, span.value.days - daysBetween(span.value.first, from));
  return `M${Array.from({ length: 9 }, (_, i) => addDays(from, Math.round((i / 8) * days)))
    .map((d) => `${x(d)} ${y(props.forecast!.at(d).mid * 100)}`)
    .join('L')}`;
});
const short = (date: string): string => moment(DateTime.fromISO(date), 'day');
const earlier = computed(() => props.looks.slice(0, -1));
const at = computed({
  get: () =>
    props.compareId
      ? earlier.value.findIndex((l) => l.id === props.compareId)
      : earlier.value.length,
  set: (i) => emit('compare', earlier.value[i]?.id ?? null),
});
</script>

<template>
  <section v-if="points.length > 1 || sentence" class="ripening">
    <p v-if="sentence">
      <b>{{ said(sentence) }}</b>
    </p>
    <svg
      v-if="points.length > 1"
      :width="W"
      :height="H"
      :viewBox="`0 0 ${W} ${H}`"
      role="img"
      :aria-label="
        tell('RipeningLine.capped-each', {
          points: points.map((p) => `${short(p.date)} ${Math.round(p.v)} %`).join(', '),
          met: forecast
            ? tell('RipeningLine.rule-met', {
                earliest: spanText(forecast.earliest, forecast.latest, short),
              })
            : '',
        })
      "
    >
      <path v-if="band" :d="band" fill="url(#p-band)" stroke="none" />
      <path
        v-if="middle"
        :d="middle"
        fill="none"
        stroke="var(--field)"
        stroke-width="2"
        stroke-dasharray="6 4"
      />
      <path :d="`M0 ${y(needPercent)}H${W}`" stroke="var(--ink)" stroke-dasharray="2 4" />
      <text :x="2" :y="y(needPercent) - 4" font-size="14" style="fill: var(--ink-2)">
        {{ tell('RipeningLine.rule', { needPercent }) }}
      </text>
      <path
        :d="points.map((p, i) => `${i ? 'L' : 'M'}${x(p.date)} ${y(p.v)}`).join('')"
        fill="none"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <path :d="`M0 88H${W}`" stroke="var(--ink-2)" />
      <circle
        v-for="p in points"
        :key="p.id"
        :cx="x(p.date)"
        :cy="y(p.v)"
        r="4.5"
        :fill="p.id === compareId ? 'var(--field)' : 'var(--lime-1)'"
        stroke="var(--ink)"
        stroke-width="2.2"
      />
      <text :x="10" y="104" font-size="14" style="fill: var(--ink-2)">{{ short(span.first) }}</text>
      <template v-if="forecast">
        <path
          :d="`M${x(forecast.earliest)} ${y(needPercent)}V88`"
          stroke="var(--field)"
          stroke-width="1.5"
        />
        <text
          :x="Math.min(W - 4, x(forecast.latest ?? forecast.earliest))"
          y="104"
          font-size="14"
          text-anchor="end"
          style="fill: var(--field-deep); font-weight: 700"
        >
          {{ spanText(forecast.earliest, forecast.latest, short) }}
        </text>
      </template>
    </svg>
    <label v-if="earlier.length" class="slide"
      >{{ tell('RipeningLine.compare') }}
      <input
        v-model.number="at"
        type="range"
        min="0"
        :max="earlier.length"
        :aria-label="tell('RipeningLine.earlier-look-laid-over-this')"
      />{{ ' ' }}
      <output>{{
        compareId ? short(earlier.find((l) => l.id === compareId)!.date) : tell('RipeningLine.off')
      }}</output></label
    >
    <details v-if="forecast" class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{
          tell('RipeningLine.combs-own-pace-shrunk-to', {
            perDay: figure(pace.perDay, 2),
            pairs: pace.pairs,
            pairs2: pace.pairs === 0 ? tell('RipeningLine.so-starting-range') : '',
          })
        }}
      </p>
    </details>
  </section>
</template>

<style scoped>
.ripening svg {
  max-width: 100%;
}
.slide {
  display: flex;
  gap: 10px;
  align-items: center;
  font-size: 15px;
}
.slide input {
  flex: 1;
  min-height: 44px;
  accent-color: var(--field);
}
</style>
