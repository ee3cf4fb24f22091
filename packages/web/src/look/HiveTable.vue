<script setup lang="ts">
import { percentDown, type JudgedComb, type Units, type Verdict } from '@furrow/core';
import { massRangeText } from '@furrow/words';
import { said } from '../shell/units.js';

/** The hive as a table: the same figures as the drawing. */
defineProps<{ judged: JudgedComb[]; units: Units }>();
const emit = defineEmits<{ select: [slot: number] }>();
const words: Record<Verdict, string> = {
  take: '▲ May take',
  leave: '▬ Leave',
  test: '◇ Test first',
  'not-read': '○ Not read yet',
};
</script>

<template>
  <table class="plain">
    <caption class="visually-hidden">
      Combs from the entrance back
    </caption>
    <thead>
      <tr>
        <th>Comb</th>
        <th>Verdict</th>
        <th>Capped</th>
        <th>Honey</th>
        <th>Why</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="j in judged" :key="j.slot">
        <td>
          <button type="button" class="row-button" @click="emit('select', j.slot)">
            {{ j.label }}
          </button>
        </td>
        <td>{{ words[j.verdict.verdict] }}</td>
        <td class="num">
          {{
            j.verdict.cappedPercent === null
              ? 'unknown'
              : `${percentDown(j.verdict.cappedPercent / 100)} %`
          }}
        </td>
        <td class="num">{{ j.estimate ? massRangeText(j.estimate.honeyKg, units) : 'unknown' }}</td>
        <td>{{ said(j.verdict.headline) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.row-button {
  min-width: 44px;
  min-height: 40px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  font: 700 16px var(--text);
  cursor: pointer;
  color: inherit;
}
</style>
