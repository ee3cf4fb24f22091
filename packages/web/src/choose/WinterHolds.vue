<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type Hive, type HouseRules, type WinterHold } from '@furrow/core';

import { computed } from 'vue';
import { said } from '../words/units.js';

/**
 * Ripe, but nothing of it can be spared: what was read, what has to stay, and the way to look
 * further.
 */
const props = defineProps<{ hold: WinterHold; hive: Hive; rules: HouseRules }>();
const few = (labels: WinterHold['ripe']): string =>
  labels.length > 4
    ? tell('WinterHolds.them', { labels: labels.length })
    : labels.map(said).join(', ');
const says = computed(() => {
  const { ripe, storesLowKg, needKg } = props.hold;
  const read = massText(storesLowKg, props.rules.units);
  const need = massText(needKg, props.rules.units);
  return tell('WinterHolds.ripe-all-that-was-read', { ripe: few(ripe), read, need });
});
const unread = computed(() => {
  const { unread: labels } = props.hold;
  if (!labels.length) return null;
  return labels.length === 1
    ? tell('WinterHolds.one-not-read', { labels: few(labels) })
    : tell('WinterHolds.some-not-read', { labels: few(labels) });
});
</script>

<template>
  <section class="holds" role="status">
    <p class="display">{{ tell('WinterHolds.ripe-but-winter-needs-it') }}</p>
    <p>{{ said(says) }}</p>
    <p v-if="unread">
      <b>{{ unread[0].toUpperCase() + unread.slice(1) }}</b>
    </p>
    <RouterLink
      v-if="unread"
      class="p-button p-component"
      :to="`/look/${hive.id}?comb=${hold.lookAtSlot}`"
      >{{ tell('WinterHolds.look-at-them') }}</RouterLink
    >
    <p class="sub">
      {{ tell('WinterHolds.or-count-on-flow-correct') }}
    </p>
  </section>
</template>

<style scoped>
.holds {
  border-top: 1.5px solid var(--ink);
  padding-top: 6px;
}
.display {
  font-size: 21px;
  line-height: 28px;
  margin: 0;
}
p {
  margin: 4px 0;
}
</style>
