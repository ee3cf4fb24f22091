<script setup lang="ts">
import { said } from '../shell/units.js';
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
const ENDS: Record<string, string> = { outside: 'the hive and the world outside', loss: 'lost' };
const nameOf = (id: string): string =>
  ENDS[id] ?? (said(props.lots.find((l) => l.id === id)?.name) || 'another lot');
/** Who wrote is said where more than the table wrote this harvest. */
const severalWrote = computed(() => props.flows.some((f) => f.by !== null));
</script>

<template>
  <h2 class="furrow-heading">Entries</h2>
  <table class="plain">
    <thead>
      <tr>
        <th>When</th>
        <th>From → to</th>
        <th>Why</th>
        <th v-if="severalWrote">Who</th>
        <th class="num">Mass</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="f in flows" :key="f.id">
        <td>{{ clockText(f.at, zone, now) }}</td>
        <td>{{ nameOf(f.from) }} → {{ nameOf(f.to) }}</td>
        <td>{{ f.reason }}</td>
        <td v-if="severalWrote">{{ f.by ?? 'the table' }}</td>
        <td class="num">{{ gram(f.g) }}</td>
      </tr>
    </tbody>
  </table>
  <p class="sub">
    Entries are never rewritten. A correction or an undo is a new entry that voids another.
  </p>
</template>
