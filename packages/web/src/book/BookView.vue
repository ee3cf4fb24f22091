<script setup lang="ts">
import { massColumn, massText, smallMassText } from '../words/figures.js';
import { STAGE_NAMES } from '../shell/stageNames.js';
import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import { METRIC, harvestMark, harvestSums, type Lot } from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import FaintDrawing from '../parts/FaintDrawing.vue';
import NumberField from '../parts/NumberField.vue';
import PlaceTabs from '../parts/PlaceTabs.vue';
import Refusal from '../parts/Refusal.vue';
import HoldsNote from '../parts/HoldsNote.vue';
import OwedNote from '../parts/OwedNote.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { newId } from '../api/client.js';
import { useEstimatePairs, useHarvests, useJars, useQuestions, useRules } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';
import BookEntries from './BookEntries.vue';
import CombsTaken from './CombsTaken.vue';
import FlowDrawing from './FlowDrawing.vue';
import InOutPanel from './InOutPanel.vue';
import JarCode from './JarCode.vue';
import QuestionsPanel from './QuestionsPanel.vue';
import SeasonsPanel from './SeasonsPanel.vue';
import { useQueryHere } from '../shell/useQueryHere.js';
import TracePanel from './TracePanel.vue';
import WhatItCameTo from './WhatItCameTo.vue';

const route = useRoute();
const router = useRouter();
const { detail, loading, error, retry } = useStageBatch('book', (b) => b.closedAt !== null);
const { data: harvests } = useHarvests();
const { data: rules } = useRules();
const { data: jars } = useJars();
const { data: pairs } = useEstimatePairs();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => rules.value?.rules.units ?? METRIC);
const lots = computed(() => detail.value?.lots ?? []);
/** The newest harvests, and the one that is open; all of them on a touch. */
const NEWEST = 12;
const all = ref(false);
const shown = computed(() =>
  (harvests.value ?? []).filter(
    (b, i) => all.value || i < NEWEST || b.id === detail.value?.batch.id,
  ),
);
const left = computed(() => lots.value.filter((l) => l.nowG > 0));
const sums = computed(() => harvestSums(lots.value, detail.value?.flows ?? []));
const traced = computed(() => lots.value.find((l) => l.id === route.query.lot) ?? null);
const trace = (lotId: string): unknown =>
  router.replace({
    path: `/book/${detail.value!.batch.id}`,
    query: traced.value?.id === lotId ? {} : { lot: lotId },
  });
const from = ref('');
const to = ref<'outside' | 'loss'>('outside');
const g = ref<number | null>(null);
const reason = ref('');
async function write(): Promise<void> {
  const done = await go(
    '/flows',
    { id: newId(), from: from.value, to: to.value, g: g.value, reason: reason.value },
    tell('BookView.written-down', { weight: { massG: g.value!, as: 'read' } }),
  );
  if (done) [g.value, reason.value] = [null, ''];
}
const { data: questions } = useQuestions();
const PLACES = computed(() => [
  { label: tell('BookView.one-harvest'), value: 'harvest' },
  { label: tell('BookView.seasons'), value: 'seasons' },
  {
    label: questions.value?.length
      ? tell('BookView.asked', { questions: questions.value.length })
      : tell('BookView.asked-2'),
    value: 'asked',
  },
  { label: tell('BookView.in-and-out'), value: 'inout' },
]);
const setQuery = useQueryHere();
const place = computed({
  get: () =>
    ['seasons', 'asked', 'inout'].includes(String(route.query.at))
      ? String(route.query.at)
      : 'harvest',
  set: (at) => setQuery(at === 'harvest' ? {} : { at }),
});
/** To the gram; in pounds all of one harvest in one unit, so that a pail is not said in ounces. */
const gram = computed(() =>
  units.value.mass === 'kilograms'
    ? (g: number): string => smallMassText(g, units.value, 1)
    : massColumn(detail.value?.lots.map((l) => l.inG) ?? [], units.value),
);
const holds = (l: Lot): string =>
  l.kind === 'jars' || l.kind === 'pieces' ? `${l.count} × ${gram.value(l.netG ?? 0)}` : '';
</script>

<template>
  <div v-if="place !== 'harvest'" class="stage" :class="{ wide: place === 'asked' }">
    <header>
      <h1>
        {{
          {
            seasons: tell('BookView.seasons'),
            asked: tell('BookView.what-book-asks'),
            inout: tell('BookView.in-and-out'),
          }[place]
        }}
      </h1>
      <PlaceTabs v-model="place" :places="PLACES" :label="tell('BookView.where-in-book')" />
    </header>
    <SeasonsPanel v-if="place === 'seasons'" :units="units" /><QuestionsPanel
      v-else-if="place === 'asked'"
    /><InOutPanel v-else />
  </div>
  <StateLine v-else-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!detail" class="stage wide">
    <header>
      <h1>{{ tell('BookView.book-empty') }}</h1>
      <PlaceTabs v-model="place" :places="PLACES" :label="tell('BookView.where-in-book')" />
    </header>
    <FaintDrawing of="book" />
    <p>
      {{ tell('BookView.with-first-comb-taken-it') }}
    </p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/look">{{
        tell('common.go-to-look')
      }}</RouterLink>
    </div>
  </div>
  <div v-else class="stage">
    <header>
      <h1>{{ detail.batch.hiveName }}, {{ dateText(detail.batch.date) }}</h1>
      <span class="sub"
        >{{
          detail.batch.closedAt
            ? tell('BookView.done')
            : tell('BookView.at', { stage: STAGE_NAMES[detail.batch.stage] })
        }}
        <template v-if="detail.batch.handsOnMinutes > 0">{{
          tell('BookView.your-hands-min', { handsOnMinutes: detail.batch.handsOnMinutes })
        }}</template></span
      ><PlaceTabs v-model="place" :places="PLACES" :label="tell('BookView.where-in-book')" />
      <HoldsNote :holds="detail.holds" />
      <OwedNote :detail="detail" />
    </header>
    <section class="left">
      <p class="display balance" :class="detail.balanced ? 'green' : 'rust'">
        {{ detail.balanced ? tell('BookView.balanced-to-gram') : tell('BookView.not-balanced') }}
      </p>
      <p v-for="p in detail.problems" :key="p.code + p.lot" class="rust" role="alert">
        {{ said(p.message) }}
      </p>
      <p class="sum">
        <b>{{ gram(sums.inG) }}</b> {{ tell('BookView.came-in')
        }}<template v-if="sums.waterG">
          + <b>{{ gram(sums.waterG) }}</b> {{ tell('BookView.water-to-rinse') }}</template
        >
        = <b>{{ gram(sums.nowG) }}</b> {{ tell('BookView.here') }} <b>{{ gram(sums.outG) }}</b>
        {{ tell('BookView.gone-out') }} <b>{{ gram(sums.lossG) }}</b> {{ tell('BookView.lost') }}
      </p>
      <FlowDrawing v-if="detail.flows.length" :lots="lots" :flows="detail.flows" :units="units" />
      <WhatItCameTo
        :detail="detail"
        :jars="jars ?? []"
        :units="units"
        :currency="rules?.rules.currency ?? ''"
        :before="pairs ?? []"
      />
      <CombsTaken :detail="detail" :units="units" />
      <h2 class="furrow-heading">{{ tell('BookView.lots') }}</h2>
      <table class="plain">
        <thead>
          <tr>
            <th>{{ tell('common.lot') }}</th>
            <th>{{ tell('BookView.code') }}</th>
            <th>{{ tell('BookView.holds') }}</th>
            <th class="num">{{ tell('BookView.came-in-2') }}</th>
            <th class="num">{{ tell('BookView.went-out') }}</th>
            <th class="num">{{ tell('BookView.here-now') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in lots" :key="l.id" :class="{ on: l.id === traced?.id }">
            <td>
              <button
                type="button"
                class="lot"
                :aria-pressed="l.id === traced?.id"
                @click="trace(l.id)"
              >
                {{ said(l.name) }}
              </button>
            </td>
            <td>{{ l.code ?? '' }}</td>
            <td>{{ holds(l) }}</td>
            <td class="num">{{ gram(l.inG) }}</td>
            <td class="num">{{ gram(l.outG) }}</td>
            <td class="num">{{ gram(l.nowG) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="!traced" class="sub">{{ tell('BookView.touch-lot-to-see-where') }}</p>
      <TracePanel
        v-else
        :lot-id="traced.id"
        :name="traced.code ?? said(traced.name)"
        :units="units"
      />
      <BookEntries :flows="detail.flows" :lots="lots" :zone="detail.batch.zone" :gram="gram" />
      <template v-if="detail.batch.anyway.length"
        ><h2 class="furrow-heading">{{ tell('BookView.taken-anyway') }}</h2>
        <p v-for="a in detail.batch.anyway" :key="a.combId">{{ a.reason }}</p></template
      >
    </section>
    <aside class="acts no-print">
      <JarCode />
      <h2 class="furrow-heading">{{ tell('common.harvests') }}</h2>
      <RouterLink
        v-for="b in shown"
        :key="b.id"
        :to="`/book/${b.id}`"
        class="harvest"
        :class="{ on: b.id === detail.batch.id }"
        ><b class="display">{{ b.hiveName }}</b
        ><span class="sub"
          >{{ dateText(b.date)
          }}{{ harvestMark(b, harvests ?? []) ? `, ${said(harvestMark(b, harvests ?? []))}` : ''
          }}{{ b.closedAt ? '' : tell('BookView.at-2', { stage: STAGE_NAMES[b.stage] }) }}</span
        ></RouterLink
      >
      <p v-if="(harvests?.length ?? 0) > shown.length">
        <button type="button" class="as-link" @click="all = true">
          {{ tell('BookView.all-harvests', { harvests: harvests!.length }) }}
        </button>
      </p>
      <template v-if="left.length">
        <h2 class="furrow-heading">{{ tell('BookView.what-left-since') }}</h2>
        <form class="acts" @submit.prevent="write">
          <label class="sub" for="from">{{ tell('common.which-lot') }}</label><select
            id="from"
            v-model="from"
            class="native"
          >
            <option value="" disabled>{{ tell('BookView.choose-lot') }}</option>
            <option v-for="l in left" :key="l.id" :value="l.id">
              {{ said(l.name) }}, {{ massText(l.nowG / 1000, units, 2) }}
            </option>
          </select>
          <label class="sub" for="to">{{ tell('BookView.where-to') }}</label><select
            id="to"
            v-model="to"
            class="native"
          >
            <option value="outside">{{ tell('BookView.eaten-given-sold') }}</option>
            <option value="loss">{{ tell('BookView.lost-or-spilled') }}</option>
          </select>
          <NumberField
            v-model="g"
            :label="tell('common.how-much')"
            unit="g"
            whole
            :min="1"
            :max="1000000"
            :error="fieldError('g')"
          />
          <TextField v-model="reason" :label="tell('common.why')" :error="fieldError('reason')" />
          <Refusal :refusal="refusal" :fields="['g', 'reason']" />
          <Button
            type="submit"
            outlined
            :label="tell('common.write-it-down')"
            :disabled="!from || !g || reason.trim().length < 2"
            :loading="busy"
          />
        </form>
      </template>
      <p v-if="route.params.id" class="sub">{{ tell('BookView.lots-jars-print-their-labels') }}</p>
    </aside>
  </div>
</template>

<style scoped>
.balance {
  font-size: 31px;
  line-height: 40px;
}
.sum {
  font-size: 17px;
  margin-bottom: 8px;
}
.left {
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-width: 0;
  overflow-x: auto;
}
.harvest {
  text-decoration: none;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  min-height: 44px;
  padding: 8px 10px;
  border-bottom: var(--line);
}
.lot {
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  padding: 10px 0;
  margin: -7px 0;
  min-height: 44px;
  text-align: left;
}
tr.on td {
  background: var(--field-wash);
}
.harvest.on {
  background: var(--field-wash);
  box-shadow: inset 5px 0 var(--field);
}
</style>
