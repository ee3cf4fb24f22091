<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { WITHIN_POINTS, measuredWater, type BatchDetail, type Reading } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import MoistureDialog from '../look/MoistureDialog.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import Refusal from './Refusal.vue';
import { said } from '../words/units.js';

/** Water of this honey: the newest measuring wherever it was taken, and a drop more. */
const props = defineProps<{ detail: BatchDetail }>();
const now = useNow();
const { go, refusal } = useSend();
const measuring = ref(false);
const water = computed(() => measuredWater(props.detail));
const text = computed(() => {
  const w = water.value;
  if (!w) return tell('common.not-measured-yet');
  const where =
    w.where === 'bench' ? tell('WaterAtBench.at-bench') : tell('WaterAtBench.in-comb-at-its-look');
  const when = clockText(w.at, props.detail.batch.zone, now.value);
  const drops =
    w.count === 1
      ? tell('WaterAtBench.one-drop')
      : tell('WaterAtBench.drops-mean-apart', {
          count: w.count,
          meanPercent: figure(w.meanPercent, 1),
          spreadPercent: figure(w.spreadPercent, 1),
        });
  return tell('WaterAtBench.water', { percent: figure(w.percent, 1), drops, where, when });
});
/** Drops that agree well enough may still leave their mean less than well known. */
const more = computed(() => {
  const n = water.value?.moreDrops;
  return n
    ? tell('WaterAtBench.more-drops-would-tell-mean', { more: n, points: WITHIN_POINTS })
    : null;
});
async function keep({ side: _side, cells: _cells, ...reading }: Reading): Promise<void> {
  await go(
    '/waterReadings',
    { id: newId(), batchId: props.detail.batch.id, reading },
    tell('WaterAtBench.water-written-down'),
  );
}
</script>

<template>
  <section class="water">
    <h2 class="furrow-heading">{{ tell('WaterAtBench.water-2') }}</h2>
    <p>
      <b>{{ said(text) }}</b> {{ said(water?.says ?? more) }}
    </p>
    <Refusal :refusal="refusal" />
    <Button
      v-if="!detail.batch.closedAt"
      outlined
      :label="tell('common.measure-water')"
      @click="measuring = true"
    />
    <MoistureDialog
      v-model:visible="measuring"
      bench
      side="A"
      :date="now.toISOString().slice(0, 10)"
      :drop="`batchId=${detail.batch.id}&drop=${(water?.count ?? 0) + 1}`"
      @reading="keep"
    />
  </section>
</template>

<style scoped>
.water {
  display: flex;
  flex-direction: column;
  gap: 8px;
  margin: 12px 0;
}
</style>
