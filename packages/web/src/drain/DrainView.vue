<script setup lang="ts">
import { tell } from '../words/tell.js';
import { computed } from 'vue';
import { useJars, useRules, useVessels } from '../api/queries.js';
import WayMark from '../drawing/WayMark.vue';
import NothingWaits from '../parts/NothingWaits.vue';
import StateLine from '../parts/StateLine.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { useAwake } from '../shell/useAwake.js';
import DrainRun from './DrainRun.vue';
import StartDrain from './StartDrain.vue';

/** The drain in the address, or the one that runs now; one to begin where comb waits for it. */
useAwake();
const { detail, loading, error, retry } = useStageBatch('drain', (b) =>
  ['drain', 'jar', 'book'].includes(b.stage),
);
const { data: rulesVersion } = useRules();
const { data: vessels } = useVessels();
const { data: jars } = useJars();
const rules = computed(() => rulesVersion.value?.rules);
/** The one that still drains, else the last. */
const drain = computed(() => {
  const all = detail.value?.drains ?? [];
  return all.find((d) => !d.endedAt) ?? all.at(-1) ?? null;
});
</script>

<template>
  <StateLine
    v-if="loading || error || !rules"
    :loading="loading || !rules"
    :error="error"
    @retry="retry"
  />
  <NothingWaits
    v-else-if="!detail"
    :heading="tell('DrainView.nothing-drains')"
    :text="tell('DrainView.when-combs-are-taken-they')"
    stage="drain"
    :begin="{ to: '/take', label: tell('common.go-to-take') }"
    ><WayMark way="crush" :size="150"
  /></NothingWaits>
  <StartDrain v-else-if="!drain" :detail="detail" :rules="rules" :vessels="vessels ?? []" />
  <DrainRun
    v-else
    :key="drain.id"
    :detail="detail"
    :drain="drain"
    :rules="rules"
    :vessels="vessels ?? []"
    :jars="jars ?? []"
  />
</template>
