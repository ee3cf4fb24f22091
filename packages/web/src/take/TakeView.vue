<script setup lang="ts">
import { tell } from '../words/tell.js';
import { METRIC } from '@furrow/core';
import { computed } from 'vue';
import { useRules, useVessels } from '../api/queries.js';
import FaintDrawing from '../parts/FaintDrawing.vue';
import LeftStageView from '../parts/LeftStageView.vue';
import NothingWaits from '../parts/NothingWaits.vue';
import OwedNote from '../parts/OwedNote.vue';
import StateLine from '../parts/StateLine.vue';
import { leftTake } from '../parts/leftStage.js';
import { useStageBatch } from '../parts/useStageBatch.js';
import TakeRun from './TakeRun.vue';

/** The harvest in the address, or the one that is taken now, one step at a time. */
const { detail, loading, error, retry } = useStageBatch('take', (b) => b.stage === 'take');
const { data: vessels } = useVessels();
const { data: rulesVersion } = useRules();
const rules = computed(() => rulesVersion.value?.rules ?? null);
const left = computed(() =>
  detail.value ? leftTake(detail.value, rules.value?.units ?? METRIC) : null,
);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <LeftStageView v-else-if="left && detail" :left="left"
    ><OwedNote :detail="detail"
  /></LeftStageView>
  <TakeRun
    v-else-if="detail && rules"
    :key="detail.batch.id"
    :detail="detail"
    :rules="rules"
    :vessels="vessels ?? []"
  />
  <NothingWaits
    v-else
    :heading="tell('TakeView.nothing-to-take-now')"
    :text="tell('TakeView.choose-combs-and-plan-day')"
    stage="take"
    :begin="{ to: '/choose', label: tell('common.go-to-choose') }"
    ><FaintDrawing of="steps"
  /></NothingWaits>
</template>
