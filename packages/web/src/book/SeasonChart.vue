<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  ScatterController,
  Tooltip,
  type ChartConfiguration,
} from 'chart.js';
import { onMounted, onUnmounted, ref, watch } from 'vue';
import { bandPattern } from './chartPatterns.js';

/**
 * One question of the seasons as a chart; its table stands beside it. Series are told apart by
 * pattern as well as by tone.
 */
Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Legend,
  Tooltip,
);
export interface Bars {
  kind: 'bars';
  keys: string[];
  series: { name: string; values: (number | null)[] }[];
  unit: string;
  stacked: boolean;
}
export interface Points {
  kind: 'points';
  points: { x: number; y: number; name: string }[];
  unit: string;
  xName: string;
  yName: string;
}
const props = defineProps<{ data: Bars | Points; says: string }>();
const canvas = ref<HTMLCanvasElement | null>(null);
let chart: Chart | null = null;
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const font = { size: 14, family: 'Atkinson Hyperlegible Next Variable' };
function bars(d: Bars): ChartConfiguration {
  return {
    type: 'bar',
    data: {
      labels: d.keys,
      datasets: d.series.map((s, i) => ({
        label: s.name,
        data: s.values,
        backgroundColor: bandPattern(i, colour('--ink'), colour('--lime-0')),
        borderColor: colour('--ink'),
        borderWidth: 1.5,
        maxBarThickness: 64,
      })),
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      scales: {
        x: {
          stacked: d.stacked,
          grid: { display: false },
          ticks: { color: colour('--ink'), font },
        },
        y: {
          stacked: d.stacked,
          beginAtZero: true,
          title: { display: true, text: d.unit, color: colour('--ink-2'), font },
          ticks: { color: colour('--ink'), font },
          grid: { color: colour('--lichen-3') },
        },
      },
      plugins: {
        legend: { display: d.series.length > 1, labels: { color: colour('--ink'), font } },
        tooltip: {
          callbacks: {
            label: (i) => `${i.dataset.label}: ${figure(Number(i.parsed.y), 2)} ${d.unit}`,
          },
        },
      },
    },
  };
}
function points(d: Points): ChartConfiguration {
  const top = Math.max(0.5, ...d.points.flatMap((p) => [p.x, p.y])) * 1.08;
  return {
    type: 'scatter',
    data: {
      datasets: [
        {
          label: tell('common.combs'),
          data: d.points,
          pointRadius: 6,
          pointBorderWidth: 2,
          pointBackgroundColor: colour('--open'),
          pointBorderColor: colour('--ink'),
        },
        {
          type: 'line' as never,
          label: tell('SeasonChart.as-estimated'),
          data: [
            { x: 0, y: 0 },
            { x: top, y: top },
          ],
          pointRadius: 0,
          borderDash: [6, 5],
          borderColor: colour('--ink-2'),
          borderWidth: 1.5,
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      scales: {
        x: {
          min: 0,
          max: top,
          title: { display: true, text: `${d.xName}, ${d.unit}`, color: colour('--ink-2'), font },
          ticks: {
            color: colour('--ink'),
            font,
            maxTicksLimit: 7,
            callback: (v) => figure(Number(v), 1),
          },
          grid: { display: false },
        },
        y: {
          min: 0,
          max: top,
          title: { display: true, text: `${d.yName}, ${d.unit}`, color: colour('--ink-2'), font },
          ticks: {
            color: colour('--ink'),
            font,
            maxTicksLimit: 6,
            callback: (v) => figure(Number(v), 1),
          },
          grid: { color: colour('--lichen-3') },
        },
      },
      plugins: {
        legend: { display: false },
        tooltip: {
          filter: (i) => i.datasetIndex === 0,
          callbacks: {
            label: (i) =>
              tell('SeasonChart.estimated-weighed', {
                comb: d.points[i.dataIndex].name,
                estimated: figure(d.points[i.dataIndex].x, 2),
                weighed: figure(d.points[i.dataIndex].y, 2),
              }),
          },
        },
      },
    },
  };
}
function draw(): void {
  if (!canvas.value || !canvas.value.getContext('2d')) return;
  chart?.destroy();
  chart = new Chart(
    canvas.value,
    props.data.kind === 'bars' ? bars(props.data) : points(props.data),
  );
}
onMounted(draw);
watch(() => props.data, draw);
onUnmounted(() => chart?.destroy());
</script>

<template>
  <div class="chart"><canvas ref="canvas" role="img" :aria-label="says" /></div>
</template>

<style scoped>
.chart {
  height: 300px;
  position: relative;
}
</style>
