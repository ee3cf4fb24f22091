<script setup lang="ts">
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import type { Flow, Lot } from '@furrow/core';
import { computed } from 'vue';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';

/** Every entry of one harvest's book: when, from where to where, why, who wrote it, how much. */
const props = defineProps<{
  flows: Flow[];
  lots: Lot[];
  zone: string;
  /** A mass in the unit of the whole page. */
  gram: (g: number) => string;
}>();
const now = useNow();
const ENDS: Record<string, string> = {
  outside: tell('BookEntries.hive-and-world-outside'),
  loss: tell('BookEntries.lost'),
};
const nameOf = (id: string): string =>
  ENDS[id] ?? (said(props.lots.find((l) => l.id === id)?.name) || tell('BookEntries.another-lot'));
/** Who wrote is said where more than the table wrote this harvest. */
const severalWrote = computed(() => props.flows.some((f) => f.by !== null));
</script>

<template>
  <h2 class="furrow-heading">{{ tell('BookEntries.entries') }}</h2>
  <table class="plain">
    <thead>
      <tr>
        <th>{{ tell('BookEntries.when') }}</th>
        <th>{{ tell('BookEntries.from-to') }}</th>
        <th>{{ tell('common.why') }}</th>
        <th v-if="severalWrote">{{ tell('BookEntries.who') }}</th>
        <th class="num">{{ tell('BookEntries.mass') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="f in flows" :key="f.id">
        <td>{{ clockText(f.at, zone, now) }}</td>
        <td>{{ nameOf(f.from) }} → {{ nameOf(f.to) }}</td>
        <td>{{ said(f.reason) }}</td>
        <td v-if="severalWrote">{{ f.by ?? tell('BookEntries.table') }}</td>
        <td class="num">{{ gram(f.g) }}</td>
      </tr>
    </tbody>
  </table>
  <p class="sub">
    {{ tell('BookEntries.entries-are-never-rewritten') }}
  </p>
</template>
