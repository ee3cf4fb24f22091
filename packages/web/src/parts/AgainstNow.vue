<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  judgeHiveAt,
  standingAgainst,
  type BatchDetail,
  type HouseRules,
  type Say,
} from '@furrow/core';
import { computed } from 'vue';
import { useNow } from '../shell/useNow.js';
import { said } from '../words/units.js';

/**
 * What speaks against taking the chosen combs today: the same findings as in Look, judged again
 * now.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; onlyForbids?: boolean }>();
const now = useNow();
const combs = computed(() =>
  judgeHiveAt(props.detail.hive, props.rules, now.value.toISOString()).filter(
    (j) =>
      props.detail.batch.combIds.includes(j.combId) &&
      // What was taken already is judged by nobody any more.
      !props.detail.takes.some((t) => t.combId === j.combId),
  ),
);
interface Against {
  sentence: Say;
  labels: string[];
  forbids: boolean;
}
const against = computed(() => {
  const overruled = new Map(props.detail.batch.anyway.map((a) => [a.combId, a.reason]));
  const groups = new Map<string, Against>();
  for (const comb of combs.value)
    for (const finding of standingAgainst(comb.verdict.findings)) {
      const forbids = finding.weight === 'forbids';
      if (!forbids && (props.onlyForbids || overruled.has(comb.combId))) continue;
      const sentence = JSON.stringify(finding.sentence);
      const group = groups.get(sentence);
      if (group) group.labels.push(comb.label);
      else groups.set(sentence, { sentence: finding.sentence, labels: [comb.label], forbids });
    }
  return [...groups.values()].sort((a, b) => Number(b.forbids) - Number(a.forbids));
});
</script>

<template>
  <section v-if="against.length" class="against" role="alert">
    <p v-for="(a, i) in against" :key="i">
      <b :class="{ rust: a.forbids }">{{ a.labels.join(', ') }}:</b> {{ said(a.sentence) }}
    </p>
    <RouterLink :to="`/look/${detail.hive.id}`">{{ tell('common.look-at-it') }}</RouterLink>
  </section>
</template>

<style scoped>
.against {
  border-left: 5px solid var(--rust);
  padding-left: 12px;
  flex: 1 0 100%;
}
.against p {
  margin: 2px 0;
}
</style>
