<script setup lang="ts">
import { said } from '../shell/units.js';
import { keepsAt, type KeepingGrade, type Units } from '@furrow/core';
import { temperatureText } from '@furrow/words';
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
  { name: 'In the cold', temperatureC: 8 },
  { name: 'In a cellar', temperatureC: 14 },
  { name: 'In the room', temperatureC: 20 },
  { name: 'On a warm shelf', temperatureC: 25 },
  { name: 'Under a hot roof', temperatureC: 32 },
];
const YEAST: Record<KeepingGrade | 'still', string> = {
  still: 'yeast stands still',
  keeps: 'no fermentation seen at this water',
  watch: 'depends on its yeast: look at it',
  'use-soon': 'even a little yeast ferments it: use it first',
  ferments: 'always at risk of fermenting',
  'keep-cold': 'outside the classes: keep it cold',
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
  if (days < 60) return `${Math.round(days / 7)} weeks`;
  return days < 730 ? `${Math.round(days / 30.4)} months` : `${Math.round(days / 365)} years`;
}
</script>

<template>
  <details class="how">
    <summary>How long it keeps, by where it stands</summary>
    <table class="plain">
      <thead>
        <tr>
          <th>Where</th>
          <th>Fermenting</th>
          <th class="num">Invertase half gone</th>
          <th class="num">Diastase half gone</th>
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
      By {{ moisturePercent.toFixed(1) }} % water: Lochhead (1933).
      {{ said('Under 10 °C and above 27 °C') }} yeast does not grow in honey: Wilson and Marvin
      (1932). Enzymes: White (1964).
      <template v-if="granulating"
        >It granulates: the liquid between its crystals is wetter, so it counts one class
        worse.</template
      >
    </p>
  </details>
</template>
