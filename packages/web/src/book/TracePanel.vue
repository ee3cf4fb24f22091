<script setup lang="ts">
import { said } from '../words/units.js';
import { smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import { type Units } from '@furrow/core';

import { computed, ref } from 'vue';
import StateLine from '../parts/StateLine.vue';
import { useTrace } from '../api/queries.js';
import { dateText } from '../shell/times.js';

/** Where a lot came from and where it is now, as dye would show it; shares drawn to scale. */
const props = defineProps<{ lotId: string; name: string; units: Units }>();
const back = useTrace(
  computed(() => props.lotId),
  ref('back'),
);
const forward = useTrace(
  computed(() => props.lotId),
  ref('forward'),
);
const parts = [
  {
    title: tell('TracePanel.where-it-from'),
    query: back,
    failure: failureOf(back),
    none: tell('TracePanel.nothing-ever-came-into-it'),
  },
  {
    title: tell('TracePanel.where-it-now'),
    query: forward,
    failure: failureOf(forward),
    none: tell('TracePanel.nothing-it-anywhere-nothing-came'),
  },
];
const percent = (share: number): string =>
  share > 0 && share < 0.005 ? '< 1 %' : `${Math.round(share * 100)} %`;
</script>

<template>
  <section class="trace" :aria-label="tell('TracePanel.trace', { name })">
    <div v-for="part in parts" :key="part.title">
      <h2 class="furrow-heading">{{ part.title }}: {{ name }}</h2>
      <StateLine
        v-if="part.query.isLoading.value || part.failure.value"
        :loading="part.query.isLoading.value"
        :error="part.failure.value"
        @retry="() => part.query.refetch()"
      />
      <p v-else-if="!part.query.data.value?.shares.length" class="sub">{{ part.none }}</p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="s in part.query.data.value.shares" :key="s.lot">
            <td>
              <RouterLink v-if="s.batchId" :to="`/book/${s.batchId}?lot=${s.lot}`">{{
                said(s.name)
              }}</RouterLink><template v-else>{{ said(s.name) }}</template
              ><span v-if="s.date" class="sub"> {{ dateText(s.date) }}</span>
            </td>
            <td class="bar">
              <svg width="140" height="12" aria-hidden="true">
                <rect width="138" height="10" x="1" y="1" fill="none" stroke="var(--ink)" />
                <rect
                  :width="138 * s.share"
                  height="10"
                  x="1"
                  y="1"
                  fill="var(--open)"
                  stroke="var(--ink)"
                />
              </svg>
            </td>
            <td class="num">{{ smallMassText(s.g, units, 1) }}</td>
            <td class="num">{{ percent(s.share) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{ tell('TracePanel.every-lot-counts-as-well') }}
      </p>
    </details>
  </section>
</template>

<style scoped>
.trace {
  display: flex;
  flex-direction: column;
  gap: 10px;
  margin: 8px 0 14px;
}
.bar {
  width: 150px;
}
</style>
