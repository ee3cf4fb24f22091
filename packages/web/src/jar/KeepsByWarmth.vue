<script setup lang="ts">
import { figure, temperatureText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { keepsAt, type KeepingGrade, type Units } from '@furrow/core';

import { computed } from 'vue';

/**
 * How long this lot keeps where it may stand: what yeast does at its water, and when its enzymes
 * are half gone.
 */
const props = defineProps<{
  moisturePercent: number;
  bee: 'honeybee' | 'stingless';
  granulating: boolean;
  units: Units;
}>();
const PLACES = [
  { name: tell('common.in-cold'), temperatureC: 8 },
  { name: tell('KeepsByWarmth.in-cellar'), temperatureC: 14 },
  { name: tell('KeepsByWarmth.in-room'), temperatureC: 20 },
  { name: tell('KeepsByWarmth.on-warm-shelf'), temperatureC: 25 },
  { name: tell('KeepsByWarmth.under-hot-roof'), temperatureC: 32 },
];
const YEAST: Record<KeepingGrade | 'still', string> = {
  still: tell('KeepsByWarmth.yeast-stands-still'),
  keeps: tell('KeepsByWarmth.no-fermentation-seen-at-this'),
  watch: tell('KeepsByWarmth.depends-on-its-yeast-look'),
  'use-soon': tell('KeepsByWarmth.even-little-yeast-ferments-it'),
  ferments: tell('KeepsByWarmth.always-at-risk-fermenting'),
  'keep-cold': tell('KeepsByWarmth.outside-classes-keep-it-cold'),
};
const rows = computed(() => {
  const found = keepsAt(
    props.moisturePercent,
    props.bee,
    PLACES.map((p) => p.temperatureC),
  );
  return found.map((at, i) => ({ ...at, name: PLACES[i].name }));
});
/** Days as a person says them: some weeks, some months, some years. */
function span(days: number): string {
  if (days < 60) return tell('KeepsByWarmth.weeks', { weeks: Math.round(days / 7) });
  return days < 730
    ? tell('KeepsByWarmth.months', { months: Math.round(days / 30.4) })
    : tell('KeepsByWarmth.years', { years: Math.round(days / 365) });
}
</script>

<template>
  <details class="how">
    <summary>{{ tell('KeepsByWarmth.how-long-it-keeps-by') }}</summary>
    <table class="plain">
      <thead>
        <tr>
          <th>{{ tell('KeepsByWarmth.where') }}</th>
          <th>{{ tell('KeepsByWarmth.fermenting') }}</th>
          <th class="num">{{ tell('KeepsByWarmth.invertase-half-gone') }}</th>
          <th class="num">{{ tell('KeepsByWarmth.diastase-half-gone') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.name">
          <td>
            {{ r.name }}{{ ' '
            }}<span class="sub">{{ temperatureText(r.temperatureC, units) }}</span>
          </td>
          <td>{{ YEAST[r.yeast] }}</td>
          <td class="num">{{ span(r.invertaseHalfDays) }}</td>
          <td class="num">{{ span(r.diastaseHalfDays) }}</td>
        </tr>
      </tbody>
    </table>
    <p>
      {{
        tell('KeepsByWarmth.by-water-lochhead-1933-yeast', {
          moisturePercent: figure(moisturePercent, 1),
          said: tell('KeepsByWarmth.under-and-above', {
            cold: { temperatureC: 10 },
            warm: { temperatureC: 27 },
          }),
        })
      }}
      <template v-if="granulating">{{
        tell('KeepsByWarmth.it-granulates-liquid-between-its')
      }}</template>
    </p>
  </details>
</template>
