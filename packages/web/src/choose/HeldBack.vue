<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { Hive, HeldBack, HouseRules } from '@furrow/core';
import { computed } from 'vue';
import WinterNeed from '../parts/WinterNeed.vue';
import { said } from '../words/units.js';

/** Where nothing may be taken: which finding holds it back, and the way to where it is answered. */
const props = defineProps<{
  held: HeldBack[];
  hive: Hive;
  rules: HouseRules;
  rulesVersion: number;
}>();
const asksNeed = computed(() => props.held.some((h) => h.leadsTo === 'winter-need'));
const of = (labels: HeldBack['labels']): string =>
  labels.length > 4
    ? tell('HeldBack.them', { labels: labels.length })
    : labels.map(said).join(', ');
</script>

<template>
  <section class="held" role="status">
    <p class="display">{{ tell('HeldBack.nothing-may-be-taken-here') }}</p>
    <ul>
      <li v-for="h in held" :key="`${h.question} ${said(h.labels[0])}`">
        <b>{{ said(h.name) }}</b> ({{ of(h.labels) }}): {{ said(h.sentence) }}
        <RouterLink v-if="h.leadsTo === 'look'" :to="`/look/${hive.id}?comb=${h.lookAtSlot}`">{{
          tell('common.look-at-it')
        }}</RouterLink>
        <RouterLink v-else-if="h.leadsTo === 'rules'" to="/rules">{{
          tell('HeldBack.rule')
        }}</RouterLink>
      </li>
    </ul>
    <WinterNeed v-if="asksNeed" :kind="hive.kind" :rules="rules" :rules-version="rulesVersion" />
  </section>
</template>

<style scoped>
.held {
  border-top: 1.5px solid var(--ink);
  padding-top: 6px;
}
.display {
  font-size: 21px;
  line-height: 28px;
  margin: 0;
}
ul {
  margin: 4px 0;
  padding-left: 20px;
}
</style>
