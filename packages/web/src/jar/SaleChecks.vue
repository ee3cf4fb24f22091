<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { saleChecklist, type HouseRules, type Lot, type LotLabel } from '@furrow/core';
import { computed } from 'vue';

/** What is asked before anything is sold, each with its answer from the record. */
const props = defineProps<{ lot: Lot; printed: LotLabel; rules: HouseRules }>();
const SIGNS = { yes: '✓', no: '✗', ask: '?' } as const;
const checks = computed(() => {
  const { rules, lot, printed } = props;
  return saleChecklist({
    registeredToSell: rules.registeredToSell,
    sellWhere: rules.sellWhere,
    labelMaker: rules.labelMaker,
    makerAddress: rules.makerAddress,
    origin: rules.countryOfOrigin,
    weighed: lot.lowestWeighedG !== null || lot.kind === 'pieces',
    tradeScale: rules.tradeScale,
    useFirst: lot.useBy !== null,
    ...printed.sale,
    species: rules.stinglessSpecies,
    permit: rules.stinglessPermit,
    label: printed.words,
  });
});
</script>

<template>
  <details class="how">
    <summary>{{ tell('SaleChecks.before-anything-sold') }}</summary>
    <ul class="checks">
      <li v-for="c in checks" :key="c.what.key">
        <b :class="{ rust: c.answer === 'no' }">{{ SIGNS[c.answer] }} {{ said(c.what) }}</b
        ><span class="sub">{{ said(c.why) }}</span>
      </li>
    </ul>
    <p class="sub">
      {{ tell('SaleChecks.what-law-asks-differs-from') }}
    </p>
  </details>
</template>

<style scoped>
.checks {
  list-style: none;
  margin: 0;
  padding: 0;
}
.checks li {
  display: flex;
  flex-direction: column;
  padding: 4px 0;
}
</style>
