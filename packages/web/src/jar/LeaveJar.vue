<script setup lang="ts">
import { massText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { FATE_WORDS, RESTS, type BatchDetail, type HouseRules, type Rest } from '@furrow/core';

import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import Refusal from '../parts/Refusal.vue';
import { useSettled } from '../api/queries.js';
import { useSend } from '../api/useSend.js';

/**
 * The way from Jar to Book. With honey left it closes nothing: what becomes of it is asked first.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules }>();
const router = useRouter();
const { go, busy, refusal } = useSend();
const settled = useSettled();
const asking = ref(false);
const leftG = computed(() =>
  props.detail.lots
    .filter((l) => ['honey', 'comb', 'crushed'].includes(l.kind))
    .reduce((sum, l) => sum + l.nowG, 0),
);
const jarsFilled = computed(() =>
  props.detail.lots.reduce((sum, l) => sum + (l.kind === 'jars' ? (l.count ?? 0) : 0), 0),
);
const book = computed(() => `/book/${props.detail.batch.id}`);
async function end(rest: Rest | null): Promise<void> {
  await settled();
  const done = await go(
    `/harvests/${props.detail.batch.id}/stage`,
    {
      stage: 'book',
      handsOnMinutes: Math.round(jarsFilled.value * props.rules.minutesPerJar),
      ...(rest ? { rest } : {}),
    },
    rest
      ? tell('LeaveJar.harvest-in-book', { rest: FATE_WORDS[rest] })
      : tell('LeaveJar.into-book'),
    { baseRevision: props.detail.batch.revision },
  );
  if (done) await router.push(book.value);
}
const start = (): unknown => (leftG.value > 0 ? (asking.value = true) : end(null));
</script>

<template>
  <Refusal v-if="!asking" :refusal="refusal" />
  <Button
    v-if="!detail.batch.closedAt"
    :label="leftG > 0 ? tell('LeaveJar.go-on-to-book-honey') : tell('LeaveJar.go-on-to-book')"
    :outlined="leftG > 0"
    :loading="busy"
    @click="start"
  />
  <RouterLink v-else class="p-button p-component p-button-outlined" :to="book">{{
    tell('common.see-it-in-book')
  }}</RouterLink>
  <DialogFrame
    v-model:visible="asking"
    :header="tell('LeaveJar.are-not-filled', { leftG: massText(leftG / 1000, rules.units, 2) })"
    :width="480"
  >
    <div class="acts bench">
      <p>{{ tell('LeaveJar.what-becomes-it') }}</p>
      <Button :label="tell('LeaveJar.it-stays-here-to-be')" @click="router.push(book)" />
      <Button
        v-for="rest in RESTS"
        :key="rest"
        outlined
        :label="said(FATE_WORDS[rest])"
        :loading="busy"
        @click="end(rest)"
      />
      <p class="sub">
        {{ tell('LeaveJar.honey-never-fed-to-another') }}
      </p>
      <Refusal :refusal="refusal" />
    </div>
  </DialogFrame>
</template>
