<script setup lang="ts">
import { massRangeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { estimateSeen, sumRanges, type BatchDetail, type HouseRules } from '@furrow/core';

import Button from 'primevue/button';
import { computed } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/**
 * The school that lets a box drip as it stands and cuts it free afterwards: until the empty box is
 * weighed its comb counts by its estimate. Steps of cutting free that were not done yet are put
 * off.
 */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  combIds: string[];
  putOff: readonly string[];
}>();
const { go, busy, refusal } = useSend();
const expectedKg = computed(() => {
  const estimates = props.combIds.map((id) => {
    const look = props.detail.looks.filter((l) => l.combId === id).at(-1);
    return look ? estimateSeen(look, props.detail.hive) : null;
  });
  if (estimates.some((e) => e === null)) return null;
  return sumRanges(estimates.flatMap((e) => [e!.honeyKg, e!.waxKg]));
});
async function drips(): Promise<void> {
  const batchId = props.detail.batch.id;
  const { combIds } = props;
  for (const stepId of props.putOff) {
    const mark = { id: newId(), batchId, stepId, answer: { later: true } };
    if (!(await go('/stepMarks', mark, tell('DripsInBox.cut-free-later')))) return;
  }
  const taken = { id: newId(), batchId, combIds, grossG: null, emptyG: null, vesselId: null };
  if (!(await go('/boxTakes', taken, tell('DripsInBox.its-comb-weighed-later')))) return;
  await go(
    `/harvests/${batchId}/weighTakes`,
    { combIds, grossG: null, tareG: null, netBy: 'estimate' },
    tell('DripsInBox.it-drips-in-its-box-2'),
  );
}
</script>

<template>
  <template v-if="expectedKg">
    <Button
      outlined
      type="button"
      class="drips"
      :label="
        tell('DripsInBox.it-drips-in-its-box', {
          expectedKg: massRangeText(expectedKg, rules.units),
        })
      "
      :loading="busy"
      @click="drips"
    />
    <Refusal :refusal="refusal" />
  </template>
</template>

<style scoped>
.drips {
  min-height: 80px;
}
</style>
