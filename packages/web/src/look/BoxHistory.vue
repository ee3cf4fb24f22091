<script setup lang="ts">
import { weighedText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Hive, type HouseRules } from '@furrow/core';

import { computed } from 'vue';
import { useBoxHistory } from '../api/queries.js';
import { dateText } from '../shell/times.js';
import { said } from '../words/units.js';

/**
 * What happened with the boxes of a hive: set on, turned, moved, given, emptied. Nothing where
 * nothing did.
 */
const props = defineProps<{ hive: Hive; units: HouseRules['units'] }>();
const { data: events } = useBoxHistory(computed(() => props.hive.id));
</script>

<template>
  <details v-if="events?.length" class="boxes">
    <summary>
      {{
        tell('BoxHistory.what-happened-with-its-boxes', {
          sentence: said(events[0].sentence),
          on: dateText(events[0].on),
        })
      }}
    </summary>
    <ol>
      <li v-for="(e, i) in events" :key="i">
        <span class="sub">{{ dateText(e.on) }}</span> {{ said(e.sentence)
        }}<template v-if="e.g">, {{ weighedText(e.g, units) }}</template>
      </li>
    </ol>
  </details>
</template>

<style scoped>
.boxes ol {
  list-style: none;
  margin: 4px 0 8px;
  padding: 0;
}
.boxes li {
  padding: 2px 0;
}
summary {
  min-height: 40px;
  display: list-item;
  cursor: pointer;
}
</style>
