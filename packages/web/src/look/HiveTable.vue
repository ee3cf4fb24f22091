<script setup lang="ts">
import { massRangeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { percentDown, type JudgedComb, type Units, type Verdict } from '@furrow/core';

import { said } from '../words/units.js';

/** The hive as a table: the same figures as the drawing. */
defineProps<{ judged: JudgedComb[]; units: Units }>();
const emit = defineEmits<{ select: [slot: number] }>();
const words: Record<Verdict, string> = {
  take: tell('HiveTable.may-take'),
  leave: '▬ Leave',
  test: tell('HiveTable.test-first'),
  'not-read': tell('HiveTable.not-read-yet'),
};
</script>

<template>
  <table class="plain">
    <caption class="visually-hidden">
      {{
        tell('HiveTable.combs-from-entrance-back')
      }}
    </caption>
    <thead>
      <tr>
        <th>{{ tell('common.comb') }}</th>
        <th>{{ tell('HiveTable.verdict') }}</th>
        <th>{{ tell('common.capped') }}</th>
        <th>{{ tell('common.honey') }}</th>
        <th>{{ tell('common.why') }}</th>
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
              ? tell('HiveTable.unknown')
              : `${percentDown(j.verdict.cappedPercent / 100)} %`
          }}
        </td>
        <td class="num">
          {{ j.estimate ? massRangeText(j.estimate.honeyKg, units) : tell('HiveTable.unknown') }}
        </td>
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
