<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import type { CombOrLiquid } from '@furrow/core';
import { BarController, BarElement, CategoryScale, Chart, LinearScale } from 'chart.js';
import { onMounted, onUnmounted, ref, watch } from 'vue';

Chart.register(BarController, BarElement, CategoryScale, LinearScale);
const props = defineProps<{ found: CombOrLiquid; money: string }>();
const canvas = ref<HTMLCanvasElement | null>(null);
let chart: Chart | null = null;
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** Comb is hatched, liquid is plain: told apart without colour. */
function hatch(): CanvasPattern | string {
  const tile = document.createElement('canvas');
  tile.width = tile.height = 8;
  const pen = tile.getContext('2d');
  if (!pen) return colour('--field');
  pen.fillStyle = colour('--field-wash');
  pen.fillRect(0, 0, 8, 8);
  pen.strokeStyle = colour('--field-deep');
  pen.lineWidth = 2;
  pen.beginPath();
  pen.moveTo(-2, 10);
  pen.lineTo(10, -2);
  pen.moveTo(-2, 2);
  pen.lineTo(2, -2);
  pen.moveTo(6, 10);
  pen.lineTo(10, 6);
  pen.stroke();
  return pen.createPattern(tile, 'repeat') ?? colour('--field');
}
function draw(): void {
  if (!canvas.value) return;
  chart?.destroy();
  const { bins } = props.found;
  const font = { family: 'Atkinson Hyperlegible Next Variable', size: 15 };
  chart = new Chart(canvas.value, {
    type: 'bar',
    data: {
      labels: bins.map((b) => figure(b.from)),
      datasets: [
        {
          data: bins.map((b) => b.comb / 200),
          backgroundColor: hatch(),
          borderColor: colour('--field-deep'),
          borderWidth: 1,
          barPercentage: 1,
          categoryPercentage: 1,
          grouped: false,
          order: 2,
        },
        {
          data: bins.map((b) => -b.liquid / 200),
          backgroundColor: colour('--ink-3'),
          borderColor: colour('--ink'),
          borderWidth: 1,
          barPercentage: 1,
          categoryPercentage: 1,
          grouped: false,
          order: 1,
        },
      ],
    },
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      scales: {
        x: {
          grid: { display: false },
          ticks: { font, color: colour('--ink-2'), maxTicksLimit: 8, maxRotation: 0 },
          title: {
            display: true,
            text: tell('TwoSpreads.money-over-all-supers', {
              money: props.money ? `, ${props.money}` : '',
            }),
            font,
            color: colour('--ink-2'),
          },
        },
        y: {
          grid: { color: colour('--lichen-3') },
          ticks: { font, color: colour('--ink-2'), callback: (v) => `${Math.abs(Number(v))} %` },
        },
      },
      plugins: { legend: { display: false }, tooltip: { enabled: false } },
    },
  });
}
onMounted(draw);
watch(() => props.found, draw);
onUnmounted(() => chart?.destroy());
</script>

<template>
  <figure class="spreads">
    <figcaption>
      <span class="key hatched" aria-hidden="true" /> {{ tell('TwoSpreads.comb-above-line') }}
      <span class="key plain" aria-hidden="true" />
      {{ tell('TwoSpreads.liquid-below-it-higher-more') }}
    </figcaption>
    <div class="frame">
      <canvas
        ref="canvas"
        role="img"
        :aria-label="
          tell('TwoSpreads.comb-brings-to-in-nine', {
            low: figure(found.comb.low),
            high: figure(found.comb.high),
            low2: figure(found.liquid.low),
            high2: figure(found.liquid.high),
          })
        "
      />
    </div>
  </figure>
</template>

<style scoped>
.spreads {
  margin: 0;
}
.frame {
  height: 280px;
  position: relative;
}
figcaption {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
  color: var(--ink-2);
  font-size: 15px;
}
.key {
  width: 26px;
  height: 16px;
  border: 1px solid var(--field-deep);
  display: inline-block;
}
.hatched {
  background: repeating-linear-gradient(-45deg, var(--field-wash) 0 3px, var(--field-deep) 3px 5px);
}
.plain {
  background: var(--ink-3);
  border-color: var(--ink);
  margin-left: 12px;
}
</style>
