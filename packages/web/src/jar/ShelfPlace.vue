<script setup lang="ts">
import { smallMassText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { type BatchDetail, type HouseRules, type JarKindRecord } from '@furrow/core';

import { computed } from 'vue';
import JarRow from '../drawing/JarRow.vue';
import { useStock, useHarvests } from '../api/queries.js';
import { dateText } from '../shell/times.js';
import PromisesPanel from './PromisesPanel.vue';
import ShelfPanel from './ShelfPanel.vue';

/**
 * The whole shelf, harvest by harvest: what is left of every lot, what of it goes first; promises;
 * what left it.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; jars: JarKindRecord[] }>();
const { data: stock } = useStock();
const { data: harvests } = useHarvests();
const lots = computed(() =>
  (stock.value ?? [])
    .filter((l) => (l.kind === 'jars' || l.kind === 'pieces') && l.count && l.nowG > 0)
    .map((l) => {
      const batch = harvests.value?.find((b) => b.id === l.batchId);
      return { l, batch, left: Math.max(1, Math.round(l.nowG / (l.inG / l.count!))) };
    })
    .sort(
      (a, b) =>
        (a.l.useBy ?? '9').localeCompare(b.l.useBy ?? '9') ||
        (a.batch?.date ?? '').localeCompare(b.batch?.date ?? ''),
    ),
);
</script>

<template>
  <section class="left">
    <h2 class="furrow-heading">{{ tell('ShelfPlace.all-that-stands-there') }}</h2>
    <p v-if="!lots.length" class="sub">{{ tell('ShelfPlace.shelf-empty') }}</p>
    <ul v-else class="boards">
      <li
        v-for="{ l, batch, left } in lots"
        :key="l.id"
        :class="{ mine: l.batchId === props.detail.batch.id }"
      >
        <JarRow :count="left" :net-g="l.netG ?? 0" :moisture-percent="18" :width-px="300" />
        <span class="text"
          ><b class="display">{{
            tell('ShelfPlace.text', {
              left,
              count: l.count,
              netG: smallMassText(l.netG ?? 0, rules.units, 1),
            })
          }}</b
          ><span class="sub"
            >{{ l.kind === 'pieces' ? tell('ShelfPlace.pieces-of-comb') : tell('ShelfPlace.jars') }}
            {{ l.code }}, {{ batch?.hiveName }}, {{ batch ? dateText(batch.date) : '' }}</span
          ><span v-if="l.useBy" class="rust">{{
            tell('ShelfPlace.use-first-by-not-for', { useBy: dateText(l.useBy) })
          }}</span></span
        >
        <RouterLink
          class="p-button p-component p-button-text"
          :to="`/book/${l.batchId}?lot=${l.id}`"
          :aria-label="tell('ShelfPlace.trace', { code: l.code })"
          >{{ tell('ShelfPlace.trace-2') }}</RouterLink
        >
      </li>
    </ul>
    <PromisesPanel :jars="jars" :rules="rules" />
  </section>
  <aside class="acts"><ShelfPanel :detail="detail" :rules="rules" /><slot /></aside>
</template>

<style scoped>
.left {
  min-width: 0;
}
.boards {
  list-style: none;
  margin: 0;
  padding: 0;
}
.boards li {
  display: grid;
  grid-template-columns: minmax(0, 310px) minmax(180px, 1fr) auto;
  gap: 16px;
  align-items: center;
  border-bottom: 5px solid var(--wood);
  padding: 6px 0;
}
.text {
  display: flex;
  flex-direction: column;
}
.text b {
  font-size: 22px;
}
.mine {
  background: var(--field-wash);
}
@media (max-width: 700px) {
  .boards li {
    grid-template-columns: 1fr;
  }
}
</style>
