<script setup lang="ts">
import { figure, massText } from '../words/figures.js';
import { tell, moment } from '../words/tell.js';
import {
  drippedBeforePress,
  outByWeighing,
  steadyWeights,
  type Drain,
  type DrainForecast,
  type Units,
  endOf,
} from '@furrow/core';
import { largeMass, largeUnit } from '@furrow/words';
import {
  Chart,
  Filler,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
  type ChartConfiguration,
} from 'chart.js';
import { DateTime } from 'luxon';
import { computed, onMounted, onUnmounted, ref, watch } from 'vue';

/** Weighings as rings on a solid line, the forecast dashed in its band; now as a line. */
Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, Tooltip);
const props = defineProps<{
  forecast: DrainForecast;
  drain: Drain;
  nowHours: number;
  running: boolean;
  zone: string;
  units: Units;
}>();
const canvas = ref<HTMLCanvasElement | null>(null);
let chart: Chart | null = null;
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const hoursOf = (at: string): number =>
  (Date.parse(at) - Date.parse(props.drain.startedAt)) / 3_600_000;
/** What the press brought counts on top of what had dripped before it. */
const pressed = computed(() =>
  props.drain.events
    .filter((e) => e.kind === 'press' && e.g)
    .map((e) => ({
      x: hoursOf(e.occurredAt),
      y: (drippedBeforePress(props.drain, e.occurredAt) + e.g!) / 1000,
    })),
);
const measured = computed(() =>
  [
    { x: 0, y: 0 },
    ...pressed.value,
    ...props.drain.weighings
      .filter((w) => !w.leftOut)
      .map((w) => ({
        x: hoursOf(w.occurredAt),
        y: Math.max(0, outByWeighing(props.drain, w)) / 1000,
      })),
  ].sort((a, b) => a.x - b.x),
);
/** Readings in a row, one point for five minutes: thousands of them draw as fast as a few. */
const streamed = computed(() =>
  steadyWeights(props.drain.readings).map((r) => ({
    x: hoursOf(r.at),
    y: outByWeighing(props.drain, { of: 'lower', netG: r.g, occurredAt: r.at }) / 1000,
  })),
);
/** Ticks on whole hours of the clock, few enough to read. */
function wholeHours(until: number): { value: number }[] {
  const start = DateTime.fromISO(props.drain.startedAt, { zone: props.zone });
  const step = [1, 2, 4, 6, 12, 24].find((h) => until / h <= 7) ?? 48;
  const first =
    Math.ceil((start.hour + start.minute / 60) / step) * step - (start.hour + start.minute / 60);
  return Array.from({ length: Math.floor((until - first) / step) + 1 }, (_, i) => ({
    value: first + i * step,
  }));
}
const afterHours = (hours: number): DateTime =>
  DateTime.fromISO(props.drain.startedAt, { zone: props.zone }).plus({ hours });
const clock = (hours: number): string => moment(afterHours(hours), 'clock');
/** A tick of the clock; at midnight it says which day begins. */
function tickText(hours: number): string {
  const at = afterHours(hours);
  return at.hour === 0 && at.minute === 0 ? moment(at, 'weekday-number') : moment(at, 'clock');
}
/** Points by the hour, their kilograms in the reader's unit. */
const inUnit = (points: readonly { x: number; y: number }[]): { x: number; y: number }[] =>
  points.map(({ x, y }) => ({ x, y: largeMass(y, props.units) }));
/** The lines whose points the pointer tells of. */
const TOLD_BY_POINTER = new Set<string | undefined>([
  tell('common.weighed'),
  tell('DrainCurve.in-row'),
  tell('DrainCurve.forecast'),
]);
function config(): ChartConfiguration<'line', { x: number; y: number }[]> {
  const { curve, nineTenthsHours, finalKg } = props.forecast;
  const lastX = Math.max(measured.value.at(-1)?.x ?? 0, streamed.value.at(-1)?.x ?? 0);
  const later = props.running ? curve.filter((p) => p.hours >= lastX) : [];
  const topKg =
    Math.max(
      finalKg.high,
      ...measured.value.map((m) => m.y),
      ...streamed.value.map((m) => m.y),
      0.5,
    ) * 1.08;
  return {
    type: 'line',
    data: {
      datasets: [
        {
          label: tell('common.high'),
          data: inUnit(later.map((p) => ({ x: p.hours, y: p.high }))),
          borderWidth: 1,
          borderColor: colour('--field'),
          pointRadius: 0,
          fill: '+1',
          backgroundColor: `${colour('--field')}2e`,
        },
        {
          label: tell('DrainCurve.low'),
          data: inUnit(later.map((p) => ({ x: p.hours, y: p.low }))),
          borderWidth: 1,
          borderColor: colour('--field'),
          pointRadius: 0,
        },
        {
          label: tell('DrainCurve.forecast'),
          data: inUnit(later.map((p) => ({ x: p.hours, y: p.mid }))),
          borderWidth: 2.5,
          borderColor: colour('--field'),
          borderDash: [7, 5],
          pointRadius: 0,
        },
        {
          label: tell('common.weighed'),
          data: inUnit(measured.value),
          clip: 8,
          borderWidth: 2.5,
          borderColor: colour('--ink'),
          pointRadius: 5,
          pointBorderWidth: 2.5,
          pointBackgroundColor: colour('--lime-1'),
          pointBorderColor: colour('--ink'),
        },
        ...(streamed.value.length
          ? [
              {
                label: tell('DrainCurve.in-row'),
                data: inUnit(streamed.value),
                borderWidth: 2,
                borderColor: colour('--ink'),
                pointRadius: 0,
              },
            ]
          : []),
        ...(props.running
          ? [
              {
                label: tell('DrainCurve.now'),
                data: inUnit([
                  { x: props.nowHours, y: 0 },
                  { x: props.nowHours, y: topKg },
                ]),
                borderWidth: 1.5,
                borderColor: colour('--ink'),
                pointRadius: 0,
              },
            ]
          : []),
        {
          label: tell('DrainCurve.nine-tenths'),
          data: inUnit([
            { x: 0, y: finalKg.mid * 0.9 },
            { x: nineTenthsHours.mid, y: finalKg.mid * 0.9 },
            { x: nineTenthsHours.mid, y: 0 },
          ]),
          borderWidth: 1.5,
          borderDash: [2, 4],
          borderColor: colour('--ink-2'),
          pointRadius: 0,
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      parsing: false,
      scales: {
        x: {
          type: 'linear',
          min: 0,
          max: endOf(props.forecast.curve).hours,
          ticks: {
            callback: (v) => tickText(Number(v)),
            color: colour('--ink'),
            font: { size: 14, family: 'Atkinson Hyperlegible Next Variable' },
            maxTicksLimit: 7,
          },
          grid: { display: false },
          afterBuildTicks: (axis) => void (axis.ticks = wholeHours(axis.max)),
        },
        y: {
          min: 0,
          max: largeMass(topKg, props.units),
          title: {
            display: true,
            text: tell('DrainCurve.honey-out', { units: largeUnit(props.units) }),
            color: colour('--ink-2'),
            font: { size: 14 },
          },
          ticks: {
            color: colour('--ink'),
            font: { size: 14 },
            callback: (v) => figure(Number(v), 1),
            maxTicksLimit: 6,
          },
          grid: { color: colour('--lichen-3') },
        },
      },
      plugins: {
        tooltip: {
          filter: (item) => TOLD_BY_POINTER.has(item.dataset.label),
          callbacks: {
            title: (list) => moment(afterHours(list[0].parsed.x ?? 0), 'weekday-clock'),
            label: (item) =>
              `${item.dataset.label} ${figure(item.parsed.y ?? 0, 2)} ${largeUnit(props.units)}`,
          },
        },
      },
    },
  };
}
function draw(): void {
  if (!canvas.value) return;
  if (chart) {
    const next = config();
    chart.data = next.data;
    chart.options = next.options!;
    chart.update('none');
  } else chart = new Chart(canvas.value, config());
}
onMounted(draw);
watch(() => [props.forecast, props.drain, props.nowHours, props.units], draw);
onUnmounted(() => chart?.destroy());
</script>

<template>
  <div class="curve">
    <canvas
      ref="canvas"
      role="img"
      :aria-label="
        tell('DrainCurve.honey-out-against-time-forecast', {
          measured: measured
            .slice(1)
            .map((m) => `${clock(m.x)} ${massText(m.y, units, 2)}`)
            .join(', '),
          mid: massText(forecast.finalKg.mid, units),
        })
      "
    />
  </div>
</template>

<style scoped>
.curve {
  height: 210px;
  position: relative;
}
</style>
