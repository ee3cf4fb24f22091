<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { Batch, BatchDetail } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { read } from '../api/client.js';
import { useHarvests } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';

/** Two hives, seasons or boxes into one vessel: one lot or two, asked before and not after. */
const props = defineProps<{ detail: BatchDetail; vesselId: string | null }>();
const emit = defineEmits<{ agreed: [yes: boolean] }>();
const { data: harvests } = useHarvests();
const { go, busy, refusal } = useSend();
const other = ref<Batch | null>(null);
const open = computed(() =>
  (harvests.value ?? []).filter(
    (b) =>
      b.id !== props.detail.batch.id && !b.closedAt && ['take', 'drain', 'cut'].includes(b.stage),
  ),
);
const sameLot = computed(
  () =>
    other.value !== null &&
    props.detail.batch.lotGroup !== null &&
    other.value.lotGroup === props.detail.batch.lotGroup,
);
watch(
  [() => props.vesselId, open],
  async () => {
    other.value = null;
    if (!props.vesselId) return;
    // Another harvest's comb lies in this vessel as long as it was neither crushed nor cut.
    for (const batch of open.value) {
      const theirs = await read(`/harvests/${batch.id}`);
      if (
        theirs.takes.some((t) => t.vesselId === props.vesselId) &&
        theirs.lots.some((l) => l.kind === 'comb' && l.nowG > 0)
      ) {
        other.value = batch;
        return;
      }
    }
  },
  { immediate: true },
);
watch([other, sameLot], () => emit('agreed', other.value === null || sameLot.value), {
  immediate: true,
});
const isOwnHive = computed(() => other.value?.hiveId === props.detail.batch.hiveId);
const theirComb = computed(() =>
  isOwnHive.value
    ? tell('LotQuestion.other-lot-this-hive')
    : tell('LotQuestion.s-comb', {
        hiveName: other.value!.hiveName,
        date: dateText(other.value!.date),
      }),
);
const join = (): unknown =>
  go(
    `/harvests/${props.detail.batch.id}/lot`,
    { withBatchId: other.value!.id },
    tell('LotQuestion.one-lot-with-2', { hiveName: other.value!.hiveName }),
  );
</script>

<template>
  <div v-if="other && !sameLot" class="lot" role="alert">
    <p>
      <b>{{ tell('LotQuestion.in-this-vessel-one-lot', { theirComb }) }}</b>
      {{
        isOwnHive
          ? tell('LotQuestion.once-mixed-they-are-one')
          : tell('LotQuestion.once-mixed-no-jar-can')
      }}
    </p>
    <div class="acts row">
      <Button
        type="button"
        outlined
        :label="
          isOwnHive
            ? tell('LotQuestion.one-lot-after-all')
            : tell('LotQuestion.one-lot-with', { hiveName: other.hiveName })
        "
        :loading="busy"
        @click="join"
      /><span class="sub">{{ tell('LotQuestion.two-lots-choose-another-vessel') }}</span>
    </div>
    <Refusal :refusal="refusal" />
  </div>
</template>

<style scoped>
.lot {
  border: 3px solid var(--rust);
  border-radius: 6px;
  padding: 10px 12px;
  background: var(--lime-0);
  font-size: 18px;
}
.acts {
  margin-top: 8px;
  align-items: center;
}
</style>
