<script setup lang="ts">
import { figure, massRangeText, massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { WARMER_BY_C, enzymeLossText, type HouseRules, type WhatIf } from '@furrow/core';

import { computed } from 'vue';

/** What another stir, a press or two degrees more would bring and cost, said before it is done. */
const props = defineProps<{ acts: WhatIf[]; rules: HouseRules; pricePerKg: number | null }>();
const lines = computed(() =>
  props.acts.map((a) => {
    const worth =
      props.pricePerKg && props.rules.currency
        ? tell('WhatIfs.about', {
            currency: props.rules.currency,
            mid: Math.round(a.moreKg.mid * props.pricePerKg),
          })
        : '';
    if (a.act === 'warm')
      return {
        name: tell('WhatIfs.warmer', { warmer: { warmerC: WARMER_BY_C } }),
        brings:
          a.soonerHours >= 0.1
            ? tell('WhatIfs.h-sooner', { soonerHours: figure(a.soonerHours, 1) })
            : tell('WhatIfs.no-sooner'),
        costs: tell('WhatIfs.diastase-invertase-hmf-not-computed', {
          diastaseLostPercent: enzymeLossText(a.diastaseLostPercent),
          invertaseLostPercent: enzymeLossText(a.invertaseLostPercent),
        }),
      };
    return {
      name: a.act === 'stir' ? tell('WhatIfs.stir-now') : tell('WhatIfs.press'),
      brings:
        a.moreKg.high < 0.05
          ? tell('WhatIfs.hardly-more')
          : tell('WhatIfs.more', {
              high:
                a.moreKg.high - a.moreKg.low < 0.1
                  ? tell('WhatIfs.about-2', { mid: massText(a.moreKg.mid, props.rules.units) })
                  : massRangeText(a.moreKg, props.rules.units),
              worth,
            }),
      costs:
        a.act === 'stir'
          ? tell('WhatIfs.5-min-hands')
          : tell('WhatIfs.min-hands-cloudier', {
              minutesPerPressing: props.rules.minutesPerPressing,
            }),
    };
  }),
);
</script>

<template>
  <table class="plain">
    <caption class="visually-hidden">
      {{
        tell('WhatIfs.what-act-now-would-bring')
      }}
    </caption>
    <thead>
      <tr>
        <th>{{ tell('WhatIfs.if-you') }}</th>
        <th>{{ tell('WhatIfs.it-brings') }}</th>
        <th>{{ tell('WhatIfs.and-costs') }}</th>
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
