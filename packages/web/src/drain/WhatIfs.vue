<script setup lang="ts">
import { WARMER_BY_C, enzymeLossText, type HouseRules, type WhatIf } from '@furrow/core';
import { massRangeText, massText } from '@furrow/words';
import { computed } from 'vue';
import { said } from '../shell/units.js';

/** What another stir, a press or two degrees more would bring and cost, said before it is done. */
const props = defineProps<{ acts: WhatIf[]; rules: HouseRules; pricePerKg: number | null }>();
const lines = computed(() =>
  props.acts.map((a) => {
    const worth =
      props.pricePerKg && props.rules.currency
        ? `, about ${props.rules.currency} ${Math.round(a.moreKg.mid * props.pricePerKg)}`
        : '';
    if (a.act === 'warm')
      return {
        name: said(`${WARMER_BY_C} °C warmer`),
        brings: a.soonerHours >= 0.1 ? `${a.soonerHours.toFixed(1)} h sooner` : 'no sooner',
        costs: `${enzymeLossText(a.diastaseLostPercent)} % of diastase, ${enzymeLossText(a.invertaseLostPercent)} % of invertase; HMF not computed`,
      };
    return {
      name: a.act === 'stir' ? 'Stir now' : 'Press',
      brings:
        a.moreKg.high < 0.05
          ? 'hardly more'
          : `${a.moreKg.high - a.moreKg.low < 0.1 ? `about ${massText(a.moreKg.mid, props.rules.units)}` : massRangeText(a.moreKg, props.rules.units)} more${worth}`,
      costs:
        a.act === 'stir'
          ? '5 min of hands'
          : `${props.rules.minutesPerPressing} min of hands, cloudier`,
    };
  }),
);
</script>

<template>
  <table class="plain">
    <caption class="visually-hidden">
      What an act now would bring and cost
    </caption>
    <thead>
      <tr>
        <th>If you</th>
        <th>it brings</th>
        <th>and costs</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="l in lines" :key="l.name">
        <td>
          <b>{{ l.name }}</b>
        </td>
        <td>{{ l.brings }}</td>
        <td>{{ l.costs }}</td>
      </tr>
    </tbody>
  </table>
</template>
