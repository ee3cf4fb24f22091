<script setup lang="ts">
import { figure, massRangeText } from '../words/figures.js';
import { whyNot } from '../words/units.js';
import { tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import { plainCopy } from '../parts/plainCopy';
import {
  METRIC,
  DRAIN_PRIORS,
  combBoxesNextYear,
  combOrLiquidSchema,
  cutHistory,
  narrowBy,
  priceReceived,
  superOutcomes,
  type CombOrLiquid,
} from '@furrow/core';

import { proxy } from 'comlink';
import Button from 'primevue/button';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import StateLine from '../parts/StateLine.vue';
import { useCutHistory, useJars, useRules } from '../api/queries.js';
import { useDraft } from '../shell/draft.js';
import { chooserWorker } from '../workers/client.js';
import CombInputs from './CombInputs.vue';
import CombPlain from './CombPlain.vue';
import { newCombDraft, type CombDraft } from './combDraft.js';
import TwoSpreads from './TwoSpreads.vue';

/**
 * Comb against liquid for one super or a year of them: both as distributions, never only the best
 * case.
 */
const rules = useRules();
const jars = useJars();
const failure = failureOf(rules, jars);
const SEED = 20260314;
const DRAWS = 20_000;
const { draft } = useDraft<CombDraft | null>('comb-or-liquid-2', () => null);
const money = computed(() => rules.data.value?.rules.currency ?? '');
const units = computed(() => rules.data.value?.rules.units ?? METRIC);
watch(
  [rules.data, jars.data],
  () => {
    if (draft.value || !rules.data.value || !jars.data.value) return;
    draft.value = newCombDraft(jars.data.value);
  },
  { immediate: true },
);
/**
 * What the household's own combs gave under the knife, harvest by harvest; offered, never put in by
 * itself.
 */
const { data: cut } = useCutHistory();
const booked = computed(() => {
  if (!cut.value?.boards.length) return null;
  const found = superOutcomes(
    cutHistory(cut.value.boards, cut.value.pieces, cut.value.outs, (b) => b.batchId),
  );
  return found.finished + found.half + found.spoilt > 0 ? found : null;
});
const outShare = computed(() => DRAIN_PRIORS[rules.data.value!.rules.crush].share);
const input = computed(() => {
  if (!draft.value || !rules.data.value) return null;
  const d = draft.value;
  return {
    boxes: d.boxes,
    piecesPerBox: d.frames * d.piecesAFrame,
    pieceG: d.pieceG,
    piecePrice: priceReceived(d),
    packCost: d.packCost,
    honeyKg: d.honeyKg,
    honeyPerKg: d.honeyPerKg,
    jarCostPerKg: d.jarCostPerKg,
    history: d.history,
    combHours: d.combHours,
    liquidHours: d.liquidHours,
    piecesAMonth: d.piecesAMonth,
    kgAMonth: d.kgAMonth,
    outShare: outShare.value,
    draws: DRAWS,
    seed: SEED,
  };
});
/** Without a price nothing can be said, and nothing is. */
const priced = computed(() =>
  Boolean(draft.value && draft.value.piecePrice > 0 && draft.value.honeyPerKg > 0),
);
const parsed = computed(() => (input.value ? combOrLiquidSchema.safeParse(input.value) : null));
const issue = (path: string): string | null =>
  parsed.value && !parsed.value.success
    ? whyNot(parsed.value.error.issues.find((i) => i.path.join('.').startsWith(path))?.message)
    : null;
const found = shallowRef<CombOrLiquid | null>(null);
const share = ref<number | null>(null);
let worker = chooserWorker();
let turn = 0;
async function work(): Promise<void> {
  const mine = ++turn;
  if (!parsed.value?.success) return;
  // A newer number ends the draws before: they are of no use any more.
  if (share.value !== null) {
    worker.end();
    worker = chooserWorker();
  }
  share.value = 0;
  const done = await worker.api
    .combOrLiquid(
      plainCopy(parsed.value.data),
      proxy((s: number) => {
        // A last word on its way when the answer is there already begins nothing anew.
        if (mine === turn && share.value !== null) share.value = s;
      }),
    )
    .catch(() => null);
  if (mine !== turn) return;
  share.value = null;
  if (done) found.value = done;
}
let timer: ReturnType<typeof setTimeout> | undefined;
watch(
  () => JSON.stringify(parsed.value?.success ? parsed.value.data : null),
  () => {
    clearTimeout(timer);
    timer = setTimeout(() => void work(), 60);
  },
  { immediate: true },
);
onScopeDispose(() => {
  clearTimeout(timer);
  worker.end();
});
/** Nothing is shown of numbers that were refused since, nor without a price. */
const shown = computed(() => (parsed.value?.success && priced.value ? found.value : null));
const nextYear = computed(() => {
  const d = draft.value;
  if (!d || !shown.value || d.soldPieces + d.missedPieces <= 0) return null;
  const boxes = combBoxesNextYear({
    soldPieces: d.soldPieces,
    missedPieces: d.missedPieces,
    piecesPerBox: shown.value.piecesASuper,
  });
  return boxes && { ...boxes, narrow: narrowBy(boxes, d.history) };
});
const NARROW = {
  count: tell('CombOrLiquidView.what-would-narrow-it-count'),
  'more-years': tell('CombOrLiquidView.what-would-narrow-it-few'),
};
const n0 = (v: number): string => figure(v);
const verdict = computed(() => {
  const f = shown.value;
  if (!f) return '';
  const lead = f.combWins >= 0.5 ? tell('common.comb') : tell('CombOrLiquidView.liquid');
  const chance = Math.max(f.combWins, 1 - f.combWins);
  return chance < 0.6
    ? tell('CombOrLiquidView.nearly-even')
    : tell('CombOrLiquidView.brings-more', { lead, years: n0(chance * 10) });
});
</script>

<template>
  <StateLine
    v-if="rules.isLoading.value || failure"
    :loading="rules.isLoading.value"
    :error="failure"
    @retry="rules.refetch()"
  />
  <div v-else-if="draft" class="stage against">
    <header>
      <h1>{{ tell('common.comb-or-liquid') }}</h1>
      <span class="sub">{{ tell('CombOrLiquidView.same-supers-sold-as-cut') }}</span><RouterLink
        class="right"
        to="/choose"
        >{{ tell('CombOrLiquidView.back-to-choose') }}</RouterLink
      >
    </header>
    <section>
      <p class="display big" role="status">{{ verdict }}</p>
      <p v-if="!priced">
        {{ tell('CombOrLiquidView.say-what-piece-sells-at') }}
      </p>
      <TwoSpreads v-if="shown" :found="shown" :money="money" />
      <p v-if="share !== null && !found" aria-busy="true">
        {{ tell('CombOrLiquidView.drawing', { share: n0(share * 100) }) }}
        <Button text :label="tell('common.stop')" @click="worker.end()" />
      </p>
      <table v-if="shown" class="plain">
        <thead>
          <tr>
            <th></th>
            <th>
              {{ tell('CombOrLiquidView.nine-ten-years', { money: money ? `, ${money}` : '' }) }}
            </th>
            <th>{{ tell('CombOrLiquidView.on-average') }}</th>
            <th>{{ tell('CombOrLiquidView.hour-hands') }}</th>
            <th>{{ tell('CombOrLiquidView.comes-out') }}</th>
            <th>{{ tell('CombOrLiquidView.sold-in') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td>
              <b class="display">{{ tell('common.comb') }}</b>
            </td>
            <td>{{ n0(shown.comb.low) }}–{{ n0(shown.comb.high) }}</td>
            <td>
              <b>{{ n0(shown.comb.mean) }}</b>{{ ' ' }}
              <span v-if="draft.boxes !== 1" class="sub">{{
                tell('CombOrLiquidView.super', { mean: n0(shown.comb.mean / draft.boxes) })
              }}</span>
            </td>
            <td>{{ n0(shown.combPerHour.low) }}–{{ n0(shown.combPerHour.high) }}</td>
            <td>
              {{
                tell('CombOrLiquidView.pieces', {
                  low: n0(shown.pieces.low),
                  high: n0(shown.pieces.high),
                })
              }}
            </td>
            <td>
              {{
                shown.monthsToSell.comb === null
                  ? tell('CombOrLiquidView.not-said')
                  : tell('CombOrLiquidView.months', { comb: figure(shown.monthsToSell.comb, 1) })
              }}
            </td>
          </tr>
          <tr>
            <td>
              <b class="display">{{ tell('CombOrLiquidView.liquid') }}</b>
            </td>
            <td>{{ n0(shown.liquid.low) }}–{{ n0(shown.liquid.high) }}</td>
            <td>
              <b>{{ n0(shown.liquid.mean) }}</b>{{ ' ' }}
              <span v-if="draft.boxes !== 1" class="sub">{{
                tell('CombOrLiquidView.super', { mean: n0(shown.liquid.mean / draft.boxes) })
              }}</span>
            </td>
            <td>{{ n0(shown.liquidPerHour.low) }}–{{ n0(shown.liquidPerHour.high) }}</td>
            <td>{{ massRangeText(shown.kg, units) }}</td>
            <td>
              {{
                shown.monthsToSell.liquid === null
                  ? tell('CombOrLiquidView.not-said')
                  : tell('CombOrLiquidView.months-2', {
                      liquid: figure(shown.monthsToSell.liquid, 1),
                    })
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <template v-if="shown">
        <CombPlain :draft="draft" :out-share="outShare.mid" :money="money" :units="units" />
        <p>
          <b>{{
            tell('CombOrLiquidView.over-such-years-level-at', {
              breakEvenPrice:
                shown.breakEvenPrice === null
                  ? tell('CombOrLiquidView.no-price')
                  : `${money} ${figure(shown.breakEvenPrice, 2)}`,
            })
          }}</b>{{ ' ' }}
          <template v-if="shown.breakEvenPieces !== null">{{
            tell('CombOrLiquidView.at-your-price-whole-pieces', {
              breakEvenPieces: shown.breakEvenPieces,
            })
          }}</template><template v-else>{{
            tell('CombOrLiquidView.at-your-price-even-full')
          }}</template>
        </p>
        <p v-if="nextYear">
          <b>{{
            tell('CombOrLiquidView.comb-supers-next-year', {
              low:
                nextYear.low === nextYear.high
                  ? nextYear.low
                  : tell('CombOrLiquidView.to', { low: nextYear.low, high: nextYear.high }),
              high: nextYear.high,
            })
          }}</b>
          {{
            tell('CombOrLiquidView.would-give-what-was-sold', {
              mid: nextYear.mid,
              narrow: nextYear.narrow ? NARROW[nextYear.narrow] : '',
            })
          }}
        </p>
        <details class="how">
          <summary>{{ tell('common.how-this-was-got') }}</summary>
          <p>
            {{
              tell('CombOrLiquidView.20-000-years-drawn-with', {
                years: DRAWS,
                seed: SEED,
                finished: n0(shown.chances.finished * 100),
                half: n0(shown.chances.half * 100),
                spoilt: n0(shown.chances.spoilt * 100),
              })
            }}
          </p>
        </details>
      </template>
    </section>
    <CombInputs v-model="draft" :money="money" :units="units" :issue="issue" :booked="booked" />
  </div>
</template>

<style scoped>
.against {
  grid-template-columns: minmax(0, 1fr) 380px;
}
.big {
  font-size: 34px;
  line-height: 42px;
  min-height: 42px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
@media (max-width: 1100px) {
  .against {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
