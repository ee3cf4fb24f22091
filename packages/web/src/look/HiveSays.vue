<script setup lang="ts">
import { tell } from '../words/tell.js';
import { spanText } from './spanText.js';
import { dateText } from '../shell/times.js';
import { together, type LastBarForecast, type Say, type SuperForecast } from '@furrow/core';
import { said } from '../words/units.js';

/**
 * What the hive as a whole tells: the scan from the back, what ripens next, its boxes and supers.
 */
defineProps<{
  scan: { first: object | null; sentence: Say } | null;
  scanBack: string;
  lastBar: LastBarForecast | null;
  nextRipe: { label: string; earliest: string; latest: string | null }[];
  boxes: { number: number; sentence: Say; kg: string }[];
  supers: { number: number; forecast: SuperForecast }[];
}>();
</script>

<template>
  <div class="says">
    <p v-if="scan" class="scan">
      {{ said(scan.sentence) }}<template v-if="!scan.first">{{ ` ${scanBack}` }}</template
      ><template v-if="lastBar"
        >{{ ' '
        }}{{
          tell('HiveSays.comb-reaches-bar-between-and', {
            lastBar: lastBar.lastBar,
            earliest: dateText(lastBar.earliest),
            latest: lastBar.latest ? dateText(lastBar.latest) : tell('HiveSays.day-not-yet-known'),
          })
        }}</template
      >
    </p>
    <p v-if="nextRipe.length" class="scan">
      <b>{{ tell('HiveSays.ripe-next') }}</b>{{ ' ' }}
      <template v-for="(n, i) in nextRipe" :key="n.label"
        >{{ i ? '; ' : '' }}{{ n.label }} {{ spanText(n.earliest, n.latest) }}</template
      >.
    </p>
    <p v-for="b in boxes" :key="b.number" class="scan">
      <b>{{ tell('HiveSays.box', { number: b.number }) }}</b> {{ said(b.sentence)
      }}<template v-if="b.kg"
        >{{ ' ' }}{{ tell('HiveSays.about-honey-in-it-weigh', { kg: b.kg }) }}</template
      >
    </p>
    <p v-for="s in supers" :key="s.number" class="scan">
      <b>{{ tell('HiveSays.super', { number: s.number }) }}</b> {{ said(s.forecast.sentence) }}
      {{ said(together(...s.forecast.doNext)) }}
    </p>
  </div>
</template>

<style scoped>
.says {
  max-width: 760px;
}
.scan {
  margin: 2px 0 8px;
}
</style>
