<script setup lang="ts">
import { figure, massText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  levelPieces,
  levelPrice,
  priceTest,
  superIncome,
  yearsIncome,
  type SuperQuestion,
  type Units,
} from '@furrow/core';

import { computed } from 'vue';
import type { CombDraft } from './combDraft.js';

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
  { name: tell('common.full'), income: years.value.good },
  {
    name: tell('CombPlain.filled', { filledPercent: props.draft.filledPercent }),
    income: superIncome(question.value, props.draft.filledPercent / 100),
  },
  { name: tell('CombPlain.half-good-year'), income: years.value.half },
  { name: tell('CombPlain.bad-year'), income: years.value.bad },
]);
const n0 = (value: number): string => figure(value);
const price = (value: number | null): string =>
  value === null ? tell('CombPlain.no-price') : `${props.money} ${figure(value, 2)}`;
const level = computed(() => levelPrice(question.value));
const count = computed(() => levelPieces(question.value));
const countText = computed(() => {
  const { withoutTrimmings: alone, withTrimmings: both } = count.value;
  const without =
    alone === null
      ? tell('CombPlain.pieces-alone-never-make-up')
      : tell('CombPlain.pieces-alone-bring-what-all', { alone, pieces: question.value.pieces });
  const withThem =
    both === null
      ? tell('CombPlain.with-trimmings-crushed-piece-brings')
      : tell('CombPlain.with-trimmings-crushed-every-piece');
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
  const change = tell('CombPlain.text', {
    lost: n0(Math.abs(test.lost)),
    lost2: test.lost >= 0 ? tell('CombPlain.less') : tell('CombPlain.more'),
  });
  const inAll = tell('CombPlain.at-full-supers-bring', {
    lowerPrice: price(lowerPrice),
    money: props.money,
    then: n0(test.then),
    change,
  });
  if (test.monthsNow === null || test.monthsThen === null)
    return tell('CombPlain.say-how-many', { inAll });
  const months = tell('CombPlain.sold-in-months-not', {
    monthsThen: figure(test.monthsThen, 1),
    monthsNow: figure(test.monthsNow, 1),
  });
  const more = test.moreAMonth!;
  const aMonth = tell('CombPlain.month', {
    more: n0(Math.abs(more)),
    more2: more >= 0 ? tell('CombPlain.more') : tell('CombPlain.less'),
  });
  return tell('CombPlain.while-they-last', { inAll, months, aMonth });
});
</script>

<template>
  <section class="plainly">
    <h2 class="furrow-heading">{{ tell('CombPlain.one-super-plainly') }}</h2>
    <table class="plain">
      <thead>
        <tr>
          <th>{{ money }}</th>
          <th class="num">{{ tell('common.pieces') }}</th>
          <th class="num">{{ tell('CombPlain.bring') }}</th>
          <th class="num">{{ tell('CombPlain.trimmings') }}</th>
          <th class="num">{{ tell('common.as-comb') }}</th>
          <th class="num">{{ tell('common.as-liquid') }}</th>
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
            <b>{{ tell('CombPlain.average') }}</b>{{ ' '
            }}<small class="sub">{{
              tell('CombPlain.counted', { supers: years.average.supers })
            }}</small>
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
      <b>{{ tell('CombPlain.level-at-piece', { withTrimmings: price(level.withTrimmings) }) }}</b>
      {{
        tell('CombPlain.with-its-trimmings-crushed-without', {
          withoutTrimmings: price(level.withoutTrimmings),
          countText,
        })
      }}
    </p>
    <p v-if="tried">{{ tried }}</p>
    <p v-if="!years.average" class="sub">
      {{ tell('CombPlain.no-comb-super-was-counted') }}
    </p>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{
          tell('CombPlain.frames-pieces-part-filled-super', {
            frames: draft.frames,
            piecesAFrame: draft.piecesAFrame,
            said: measured({ massG: draft.pieceG, as: 'read' }),
            outShare: n0(outShare * 100),
          })
        }}
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
