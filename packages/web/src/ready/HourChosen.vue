<script setup lang="ts">
import type { HourScore, Say } from '@furrow/core';
import { DateTime } from 'luxon';
import { moment } from '../words/tell.js';
import { toldWhenRead } from '../words/toldWhenRead.js';
import { said } from '../words/units.js';

/** Whether the hour that was chosen is a good one, with every reason, and how to smoke then. */
defineProps<{ hour: HourScore; startLocal: string; smoke: Say }>();
const FIT = toldWhenRead({
  good: 'ReadyView.good-hour',
  possible: 'common.possible',
  no: 'ReadyView.not-this-hour',
});
</script>

<template>
  <div class="hour">
    <p>
      <b class="display" :class="{ green: hour.fit === 'good', rust: hour.fit === 'no' }">{{
        FIT[hour.fit]
      }}</b>{{ ' ' }}
      <span class="sub">{{ moment(DateTime.fromISO(startLocal), 'long-day-clock') }}</span>
    </p>
    <ul>
      <li v-for="r in hour.reasons" :key="r.rule" :class="{ rust: r.points === null }">
        {{ said(r.sentence) }}
      </li>
      <li>{{ said(smoke) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.display {
  font-size: 25px;
}
ul {
  margin: 2px 0;
  padding-left: 20px;
}
</style>
