<script setup lang="ts">
import {
  DRAIN_PRIORS,
  combBoxesNextYear,
  combOrLiquidSchema,
  cutHistory,
  superOutcomes,
  type CombOrLiquid,
  type CombOrLiquidInput,
} from '@furrow/core';
import { proxy } from 'comlink';
import Button from 'primevue/button';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import StateLine from '../parts/StateLine.vue';
import { useCutHistory, useJars, useRules } from '../server/queries.js';
import { useDraft } from '../shell/draft.js';
import { chooserWorker } from '../workers/client.js';
import TwoSpreads from './TwoSpreads.vue';

/** Comb against liquid for one super or a year of them: both as distributions, never only the best case. */
const rules = useRules();
const jars = useJars();
const SEED = 20260314;
type Draft = Omit<CombOrLiquidInput, 'draws' | 'seed' | 'outShare'> & {
  soldPieces: number;
  missedPieces: number;
};
const { draft } = useDraft<Draft | null>('comb-or-liquid', () => null);
const money = computed(() => rules.data.value?.rules.currency ?? '');
/** Begins from the kit's own prices; a super of nine shallow frames where nobody said otherwise. */
watch(
  [rules.data, jars.data],
  () => {
    if (draft.value || !rules.data.value || !jars.data.value) return;
    const piece = jars.data.value.find((j) => j.purpose === 'piece');
    const jar = jars.data.value
      .filter((j) => j.purpose === 'jar')
      .sort((a, b) => b.stock - a.stock)[0];
    const honeyPerKg = jar ? Math.round((jar.value / jar.netG) * 1000) : 0;
    draft.value = {
      boxes: 1,
      piecesPerBox: 36,
      pieceG: piece?.netG ?? 250,
      piecePrice: piece?.value ?? 0,
      packCost: piece?.cost ?? 0,
      honeyKg: { low: 8, mid: 11, high: 14 },
      honeyPerKg,
      jarCostPerKg: jar ? Math.round((jar.cost / jar.netG) * 10_000) / 10 : 0,
      history: { finished: 0, half: 0, spoilt: 0 },
      combHours: { low: 3, mid: 4, high: 6 },
      liquidHours: { low: 2, mid: 3, high: 5 },
      piecesAMonth: 0,
      kgAMonth: 0,
      soldPieces: 0,
      missedPieces: 0,
    };
  },
  { immediate: true },
);
/** What the household's own combs gave under the knife, harvest by harvest; offered, never put in by itself. */
const { data: cut } = useCutHistory();
const booked = computed(() => {
  if (!cut.value?.boards.length) return null;
  const found = superOutcomes(
    cutHistory(cut.value.boards, cut.value.pieces, cut.value.outs, (b) => b.batchId),
  );
  return found.finished + found.half + found.spoilt > 0 ? found : null;
});
const input = computed(() => {
  if (!draft.value || !rules.data.value) return null;
  const { soldPieces: _s, missedPieces: _m, ...rest } = draft.value;
  return {
    ...rest,
    outShare: DRAIN_PRIORS[rules.data.value.rules.crush].share,
    draws: 20_000,
    seed: SEED,
  };
});
const parsed = computed(() => (input.value ? combOrLiquidSchema.safeParse(input.value) : null));
const issue = (path: string): string | null =>
  parsed.value && !parsed.value.success
    ? (parsed.value.error.issues.find((i) => i.path.join('.').startsWith(path))?.message ?? null)
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
      JSON.parse(JSON.stringify(parsed.value.data)) as CombOrLiquidInput,
      proxy((s: number) => {
        if (mine === turn) share.value = s;
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
const nextYear = computed(() =>
  draft.value && found.value
    ? combBoxesNextYear({
        soldPieces: draft.value.soldPieces,
        missedPieces: draft.value.missedPieces,
        piecesPerBox: {
          low: found.value.pieces.low / draft.value.boxes,
          mid: found.value.pieces.mid / draft.value.boxes,
          high: found.value.pieces.high / draft.value.boxes,
        },
      })
    : null,
);
const n0 = (v: number): string => v.toFixed(0);
const verdict = computed(() => {
  const f = found.value;
  if (!f) return '';
  const lead = f.combWins >= 0.5 ? 'Comb' : 'Liquid';
  const chance = Math.max(f.combWins, 1 - f.combWins);
  return chance < 0.6
    ? 'Nearly even.'
    : `${lead} brings more in ${n0(chance * 10)} of 10 such years.`;
});
</script>

<template>
  <StateLine
    v-if="rules.isLoading.value || rules.error.value || jars.error.value"
    :loading="rules.isLoading.value"
    :error="rules.error.value ?? jars.error.value"
    @retry="rules.refetch()"
  />
  <div v-else-if="draft" class="stage against">
    <header>
      <h1>Comb or liquid?</h1>
      <span class="sub">The same supers sold as cut comb, or crushed into jars.</span
      ><RouterLink class="right" to="/choose">Back to Choose</RouterLink>
    </header>
    <section>
      <p class="display big" role="status">{{ verdict }}</p>
      <TwoSpreads v-if="found" :found="found" :money="money" />
      <p v-if="share !== null && !found" aria-busy="true">
        Drawing … {{ n0(share * 100) }} % <Button text label="Stop" @click="worker.end()" />
      </p>
      <table v-if="found" class="plain">
        <thead>
          <tr>
            <th></th>
            <th>Nine of ten years{{ money ? `, ${money}` : '' }}</th>
            <th>On average</th>
            <th>An hour of hands</th>
            <th>Comes out</th>
            <th>Sold in</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td><b class="display">Comb</b></td>
            <td>{{ n0(found.comb.low) }}–{{ n0(found.comb.high) }}</td>
            <td>
              <b>{{ n0(found.comb.mean) }}</b>{{ ' ' }}
              <span class="sub">{{ n0(found.comb.mean / draft.boxes) }} a super</span>
            </td>
            <td>{{ n0(found.combPerHour.low) }}–{{ n0(found.combPerHour.high) }}</td>
            <td>{{ n0(found.pieces.low) }}–{{ n0(found.pieces.high) }} pieces</td>
            <td>
              {{
                found.monthsToSell.comb === null
                  ? 'not said'
                  : `${found.monthsToSell.comb.toFixed(1)} months`
              }}
            </td>
          </tr>
          <tr>
            <td><b class="display">Liquid</b></td>
            <td>{{ n0(found.liquid.low) }}–{{ n0(found.liquid.high) }}</td>
            <td>
              <b>{{ n0(found.liquid.mean) }}</b>{{ ' ' }}
              <span class="sub">{{ n0(found.liquid.mean / draft.boxes) }} a super</span>
            </td>
            <td>{{ n0(found.liquidPerHour.low) }}–{{ n0(found.liquidPerHour.high) }}</td>
            <td>{{ found.kg.low.toFixed(1) }}–{{ found.kg.high.toFixed(1) }} kg</td>
            <td>
              {{
                found.monthsToSell.liquid === null
                  ? 'not said'
                  : `${found.monthsToSell.liquid.toFixed(1)} months`
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <template v-if="found">
        <p>
          <b
            >Even at
            {{
              found.breakEvenPrice === null
                ? 'no price'
                : `${found.breakEvenPrice.toFixed(2)} ${money}`
            }}
            a piece.</b
          >{{ ' ' }}
          <template v-if="found.breakEvenPieces !== null"
            >At your price {{ found.breakEvenPieces }} whole pieces a super pay for the extra
            hours.</template
          ><template v-else
            >At your price even a full super of pieces does not pay for its hours.</template
          >
        </p>
        <p v-if="nextYear && draft.soldPieces + draft.missedPieces > 0">
          <b
            >{{
              nextYear.low === nextYear.high ? nextYear.low : `${nextYear.low} to ${nextYear.high}`
            }}
            comb {{ nextYear.high === 1 ? 'super' : 'supers' }} next year</b
          >
          would give what was sold and asked for; begin with {{ nextYear.mid }}.
        </p>
        <details class="how">
          <summary>How this was got</summary>
          <p>
            20 000 years drawn with seed {{ SEED }}; the same numbers give the same picture. A super
            finishes in {{ n0(found.chances.finished * 100) }} %, comes out half in
            {{ n0(found.chances.half * 100) }} %, is spoilt in
            {{ n0(found.chances.spoilt * 100) }} %: your own counts with one of each added, so that
            few supers give a wide answer; nothing counted gives a third each. A half super gives
            25–60 % of its pieces, a finished one loses 0–12 % to cracks; the rest is crushed at the
            share your house rule drains. The supers hold the same honey both ways.
          </p>
        </details>
      </template>
    </section>
    <aside class="acts">
      <h2 class="furrow-heading">The supers</h2>
      <div class="two">
        <NumberField
          v-model="draft.boxes as number | null"
          label="Supers"
          whole
          :min="1"
          :max="200"
          :error="issue('boxes')"
        /><NumberField
          v-model="draft.piecesPerBox as number | null"
          label="Pieces in a full one"
          whole
          :min="1"
          :max="500"
          :error="issue('piecesPerBox')"
        />
      </div>
      <div class="three">
        <NumberField
          v-model="draft.honeyKg.low as number | null"
          label="Honey, low"
          unit="kg"
          :min="0"
          :max="60"
          :error="issue('honeyKg')"
        /><NumberField
          v-model="draft.honeyKg.mid as number | null"
          label="likely"
          unit="kg"
          :min="0"
          :max="60"
        /><NumberField
          v-model="draft.honeyKg.high as number | null"
          label="high"
          unit="kg"
          :min="0"
          :max="60"
        />
      </div>
      <h2 class="furrow-heading">Your comb supers so far</h2>
      <div class="three">
        <NumberField
          v-model="draft.history.finished as number | null"
          label="Finished"
          whole
          :min="0"
          :error="issue('history.finished')"
        /><NumberField
          v-model="draft.history.half as number | null"
          label="Half"
          whole
          :min="0"
          :error="issue('history.half')"
        /><NumberField
          v-model="draft.history.spoilt as number | null"
          label="Spoilt"
          whole
          :min="0"
          :error="issue('history.spoilt')"
        />
      </div>
      <p v-if="booked" class="sub">
        By your cutting board: {{ booked.finished }} finished, {{ booked.half }} half,
        {{ booked.spoilt }} spoilt harvests of comb.
        <Button text label="Take these" @click="draft!.history = { ...booked! }" />
      </p>
      <h2 class="furrow-heading">Prices{{ money ? `, ${money}` : '' }}</h2>
      <div class="three">
        <NumberField
          v-model="draft.pieceG as number | null"
          label="A piece"
          unit="g"
          :min="20"
          :max="3000"
          :error="issue('pieceG')"
        /><NumberField
          v-model="draft.piecePrice as number | null"
          label="sells at"
          :min="0"
          :error="issue('piecePrice')"
        /><NumberField
          v-model="draft.packCost as number | null"
          label="its box"
          :min="0"
          :error="issue('packCost')"
        />
      </div>
      <div class="two">
        <NumberField
          v-model="draft.honeyPerKg as number | null"
          label="A kg of honey"
          :min="0"
          :error="issue('honeyPerKg')"
        /><NumberField
          v-model="draft.jarCostPerKg as number | null"
          label="its jars"
          :min="0"
          :error="issue('jarCostPerKg')"
        />
      </div>
      <h2 class="furrow-heading">Hours a super, and selling</h2>
      <div class="two">
        <NumberField
          v-model="draft.combHours.mid as number | null"
          label="As comb"
          unit="h"
          :min="0"
          :max="100"
          :error="issue('combHours')"
          @update:model-value="
            draft.combHours = {
              low: ($event ?? 0) * 0.75,
              mid: $event ?? 0,
              high: ($event ?? 0) * 1.5,
            }
          "
        /><NumberField
          v-model="draft.liquidHours.mid as number | null"
          label="As liquid"
          unit="h"
          :min="0"
          :max="100"
          :error="issue('liquidHours')"
          @update:model-value="
            draft.liquidHours = {
              low: ($event ?? 0) * 0.75,
              mid: $event ?? 0,
              high: ($event ?? 0) * 1.5,
            }
          "
        />
      </div>
      <div class="two">
        <NumberField
          v-model="draft.piecesAMonth as number | null"
          label="Pieces sold a month"
          :min="0"
          :error="issue('piecesAMonth')"
        /><NumberField
          v-model="draft.kgAMonth as number | null"
          label="Honey sold a month"
          unit="kg"
          :min="0"
          :error="issue('kgAMonth')"
        />
      </div>
      <div class="two">
        <NumberField
          v-model="draft.soldPieces as number | null"
          label="Pieces sold this year"
          whole
          :min="0"
        /><NumberField
          v-model="draft.missedPieces as number | null"
          label="asked for in vain"
          whole
          :min="0"
        />
      </div>
    </aside>
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
.two,
.three {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
.three {
  grid-template-columns: 1fr 1fr 1fr;
}
.acts {
  gap: 8px;
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
