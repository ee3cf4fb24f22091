<script setup lang="ts">
import {
  levelPieces,
  levelPrice,
  priceTest,
  superIncome,
  yearsIncome,
  type SuperQuestion,
  type Units,
} from '@furrow/core';
import { massText } from '@furrow/words';
import { computed } from 'vue';
import type { CombDraft } from './combDraft.js';
import { said } from '../shell/units.js';

/**
 * One super by plain arithmetic: full, part-filled, bad; where comb and honey are level; a lower
 * price tried.
 */
const props = defineProps<{
  draft: CombDraft;
  outShare: number;
  money: string;
  units: Units;
}>();
const question = computed((): SuperQuestion => ({
  pieces: props.draft.frames * props.draft.piecesAFrame,
  pieceG: props.draft.pieceG,
  piecePrice: props.draft.piecePrice,
  packCost: props.draft.packCost,
  honeyKg: props.draft.honeyKg.mid,
  outShare: props.outShare,
  honeyPerKg: props.draft.honeyPerKg,
  jarCostPerKg: props.draft.jarCostPerKg,
  discountedPercent: props.draft.discountedPercent,
  discountPercent: props.draft.discountPercent,
}));
const years = computed(() => yearsIncome(question.value, props.draft.history));
const rows = computed(() => [
  { name: 'Full', income: years.value.good },
  {
    name: `${props.draft.filledPercent} % filled`,
    income: superIncome(question.value, props.draft.filledPercent / 100),
  },
  { name: 'Half-good year', income: years.value.half },
  { name: 'Bad year', income: years.value.bad },
]);
const n0 = (value: number): string => value.toFixed(0);
const price = (value: number | null): string =>
  value === null ? 'no price' : `${props.money} ${value.toFixed(2)}`;
const level = computed(() => levelPrice(question.value));
const count = computed(() => levelPieces(question.value));
const countText = computed(() => {
  const { withoutTrimmings: alone, withTrimmings: both } = count.value;
  const without =
    alone === null
      ? 'Pieces alone never make up for the honey'
      : `${alone} of ${question.value.pieces} pieces alone bring what all of it crushed would`;
  const withThem =
    both === null
      ? 'with the trimmings crushed, a piece brings less than the honey in it'
      : 'with the trimmings crushed, every piece brings more than the honey in it';
  return `${without}; ${withThem}.`;
});
/** The lower price, once one was said. */
const tried = computed(() => {
  const { lowerPrice, piecesAMonthThen, piecesAMonth, boxes } = props.draft;
  if (!lowerPrice) return null;
  const test = priceTest({
    pieces: question.value.pieces * boxes,
    packCost: question.value.packCost,
    price: question.value.piecePrice,
    piecesAMonth,
    lowerPrice,
    piecesAMonthThen,
  });
  const change = `${n0(Math.abs(test.lost))} ${test.lost >= 0 ? 'less' : 'more'}`;
  const inAll = `At ${price(lowerPrice)} full supers bring ${props.money} ${n0(test.then)}, ${change}`;
  if (test.monthsNow === null || test.monthsThen === null)
    return `${inAll}. Say how many are sold a month at each price, and the months stand here.`;
  const months = `sold in ${test.monthsThen.toFixed(1)} months, not ${test.monthsNow.toFixed(1)}`;
  const more = test.moreAMonth!;
  const aMonth = `${n0(Math.abs(more))} ${more >= 0 ? 'more' : 'less'} a month`;
  return `${inAll}, ${months}: ${aMonth} while they last.`;
});
</script>

<template>
  <section class="plainly">
    <h2 class="furrow-heading">One super, plainly</h2>
    <table class="plain">
      <thead>
        <tr>
          <th>{{ money }}</th>
          <th class="num">Pieces</th>
          <th class="num">bring</th>
          <th class="num">Trimmings</th>
          <th class="num">As comb</th>
          <th class="num">As liquid</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.name">
          <td>
            <b>{{ r.name }}</b>
          </td>
          <td class="num">{{ r.income.pieces }}</td>
          <td class="num">{{ n0(r.income.comb) }}</td>
          <td class="num">
            {{ n0(r.income.trimmings)
            }}<small class="sub">{{ ` ${massText(r.income.trimmingsKg, units, 1)}` }}</small>
          </td>
          <td class="num">
            <b>{{ n0(r.income.comb + r.income.trimmings) }}</b>
          </td>
          <td class="num">
            <b>{{ n0(r.income.liquid) }}</b><small class="sub">{{
              ` ${massText(r.income.liquidKg, units, 1)}`
            }}</small>
          </td>
        </tr>
        <tr v-if="years.average">
          <td>
            <b>Average</b>{{ ' ' }}<small class="sub">of {{ years.average.supers }} counted</small>
          </td>
          <td colspan="3"></td>
          <td class="num">
            <b>{{ n0(years.average.comb) }}</b>
          </td>
          <td class="num">
            <b>{{ n0(years.average.liquid) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <p>
      <b>Level at {{ price(level.withTrimmings) }} a piece</b> with its trimmings crushed,
      {{ price(level.withoutTrimmings) }} without. {{ countText }}
    </p>
    <p v-if="tried">{{ tried }}</p>
    <p v-if="!years.average" class="sub">
      No comb super was counted yet: with them an average over good, half and bad years stands here.
    </p>
    <details class="how">
      <summary>How this was got</summary>
      <p>
        {{ draft.frames }} frames of {{ draft.piecesAFrame }} pieces of
        {{ said(`${draft.pieceG} g`) }}. A part filled super gives that part of its pieces, whole
        ones. A half-good year holds 60 % of the honey and gives 45 % of the pieces, a bad year
        none: starting values. What is not in a piece is crushed, and {{ n0(outShare * 100) }} % of
        it runs out. Packs, jars and discounts are taken off; hours are not counted here.
      </p>
    </details>
  </section>
</template>

<style scoped>
.plainly {
  display: flex;
  flex-direction: column;
  gap: 8px;
  overflow-x: auto;
}
small {
  font-weight: 400;
}
</style>
