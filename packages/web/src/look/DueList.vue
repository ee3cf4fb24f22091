<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { DueItem } from '@furrow/core';
import { dateText } from '../shell/times.js';
import { capitalised } from '../words/capitalised.js';
import { said } from '../words/units.js';

defineProps<{ items: DueItem[] }>();
</script>

<template>
  <section v-if="items.length" class="due">
    <h2 class="furrow-heading">{{ tell('DueList.due-at-this-hive') }}</h2>
    <ul>
      <li v-for="i in items" :key="i.id">
        <b>{{ capitalised(said(i.what)) }}</b>{{ ' ' }}
        <span v-if="i.overdueDays > 0" class="rust">{{
          tell('DueList.days-over', { overdueDays: i.overdueDays })
        }}</span><span v-else-if="i.dueOn" class="sub">{{ dateText(i.dueOn) }}</span>
        <span class="why">{{ said(i.why) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 7px 0;
  border-bottom: var(--line);
}
.why {
  display: block;
  font-size: 15px;
  line-height: 20px;
  color: var(--ink-2);
}
</style>
