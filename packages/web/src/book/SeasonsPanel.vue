<script setup lang="ts">
import { figure, massColumn, massRangeText, massText, smallMassText } from '../words/figures.js';
import { months, tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import {
  HIVE_KINDS,
  wayName,
  guessBias,
  seasonKeyOf,
  seasonTable,
  type HarvestSummary,
  type HiveKindName,
  type SeasonKey,
  type SeasonRow,
  type Units,
  type Way,
} from '@furrow/core';
import { largeUnit, gramsPerLarge } from '@furrow/words';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import StateLine from '../parts/StateLine.vue';
import { useGuesses, useJars, useSeasons } from '../api/queries.js';
import { dateText } from '../shell/times.js';
import GearPays from './GearPays.vue';
import SeasonChart, { type Bars, type Points } from './SeasonChart.vue';
import { said } from '../words/units.js';

/** What the seasons teach: a question at a time, its chart and the table behind it. */
const props = defineProps<{ units: Units }>();
const seasons = useSeasons();
const failure = failureOf(seasons);
const { data: jars } = useJars();
const all = computed(() => seasons.data.value?.harvests ?? []);
const money = computed(() => seasons.data.value?.currency || 'money');
type Question = 'more' | 'right' | 'hands' | 'worth' | 'room';
const QUESTIONS: { label: string; value: Question }[] = [
  { label: tell('SeasonsPanel.it-more-than-before'), value: 'more' },
  { label: tell('SeasonsPanel.do-i-estimate-right'), value: 'right' },
  { label: tell('SeasonsPanel.what-do-hands-cost'), value: 'hands' },
  { label: tell('SeasonsPanel.worth-it'), value: 'worth' },
  { label: tell('SeasonsPanel.what-gives-comb'), value: 'room' },
];
const asked = ref<Question>('more');
const KEYS: { label: string; value: SeasonKey }[] = [
  { label: tell('common.season'), value: 'season' },
  { label: tell('SeasonsPanel.year'), value: 'year' },
  { label: tell('SeasonsPanel.month'), value: 'month' },
  { label: tell('common.hive'), value: 'hive' },
  { label: tell('common.kind-hive'), value: 'kind' },
  { label: tell('common.place'), value: 'site' },
  { label: tell('SeasonsPanel.way'), value: 'method' },
];
const by = ref<SeasonKey>('season');
const START: Record<Question, SeasonKey> = {
  more: 'season',
  right: 'hive',
  hands: 'method',
  worth: 'season',
  room: 'hive',
};
const ask = (q: Question): void => {
  asked.value = q;
  by.value = START[q];
};
const table = computed(() => seasonTable(all.value, by.value));
const MONTHS = months();
function word(key: string): string {
  if (by.value === 'kind') return said(HIVE_KINDS[key as HiveKindName].name);
  if (by.value === 'method') return said(wayName(key as Way));
  return by.value === 'month' ? MONTHS[Number(key) - 1] : key;
}

const unit = computed(() => largeUnit(props.units));
/** Kilograms of the unit that minutes are said by. */
const unitKg = computed(() => gramsPerLarge(props.units) / 1000);
const kg = (g: number): number => g / 1000 / unitKg.value;
const chart = computed((): Bars | Points => {
  const shown = table.value.filter((r) => r.harvests > 0);
  const keys = shown.map((r) => r.key);
  const one = (name: string, of: (r: SeasonRow) => number | null, u: string): Bars => ({
    kind: 'bars',
    keys: keys.map(word),
    series: [{ name, values: shown.map(of) }],
    unit: u,
    stacked: false,
  });
  if (asked.value === 'right')
    return {
      kind: 'points',
      unit: unit.value,
      xName: tell('SeasonsPanel.estimated'),
      yName: tell('common.weighed'),
      points: (seasons.data.value?.pairs ?? []).map((p) => ({
        x: kg(p.estimateKg * 1000),
        y: kg(p.weighedKg * 1000),
        name: `${p.hiveName}, ${dateText(p.date)}`,
      })),
    };
  if (asked.value === 'hands')
    return one(
      tell('SeasonsPanel.hands-on'),
      (r) => (r.minutesPerKg === null ? null : r.minutesPerKg * unitKg.value),
      tell('SeasonsPanel.min-a-b', { unit: unit.value }),
    );
  if (asked.value === 'worth')
    return {
      kind: 'bars',
      keys: keys.map(word),
      stacked: false,
      unit: money.value,
      series: [
        { name: tell('common.worth'), values: shown.map((r) => r.worth) },
        { name: tell('SeasonsPanel.jars-and-boxes'), values: shown.map((r) => r.cost) },
      ],
    };
  if (asked.value === 'room')
    return one(
      tell('SeasonsPanel.honey-comb'),
      (r) => (r.honeyPerCombG === null ? null : kg(r.honeyPerCombG)),
      tell('SeasonsPanel.comb', { unit: unit.value }),
    );
  const within = by.value === 'hive' ? 'season' : 'hive';
  const names = [
    ...new Set(all.value.filter((h) => h.closed).map((h) => seasonKeyOf(h, within))),
  ].sort();
  return {
    kind: 'bars',
    keys: keys.map(word),
    stacked: true,
    unit: tell('SeasonsPanel.honey', { unit: unit.value }),
    series: names.map((name) => ({
      name,
      values: keys.map((key) =>
        kg(
          all.value
            .filter(
              (h) =>
                h.closed && seasonKeyOf(h, by.value) === key && seasonKeyOf(h, within) === name,
            )
            .reduce((g, h) => g + h.honeyG, 0),
        ),
      ),
    })),
  };
});
/**
 * What the person's own guesses before the scale were off by, of combs, frames, pots and whole
 * boxes.
 */
const guesses = useGuesses();
const guessed = computed(() => guessBias(guesses.data.value ?? []));
const openOnes = computed(() => all.value.filter((h) => !h.closed));
/** The answer of the chart in a sentence, as far as it has one. */
const says = computed(() => {
  const rows = table.value.filter((r) => r.harvests > 0);
  const best = (of: (r: SeasonRow) => number | null, most = true): SeasonRow | null =>
    rows.filter((r) => of(r) !== null).sort((a, b) => (most ? -1 : 1) * (of(a)! - of(b)!))[0] ??
    null;
  if (asked.value === 'right')
    return (
      said(seasons.data.value?.correction?.sentence) || tell('SeasonsPanel.no-comb-was-weighed-on')
    );
  if (!rows.length) return tell('SeasonsPanel.no-harvest-closed-yet');
  if (asked.value === 'more') {
    const r = best((x) => x.honeyG)!;
    return tell('SeasonsPanel.gave-most-honey-in-harvests', {
      key: word(r.key),
      honeyG: massText(r.honeyG / 1000, props.units, 1),
      harvests: r.harvests,
    });
  }
  if (asked.value === 'hands') {
    const r = best((x) => x.minutesPerKg, false);
    return r
      ? tell('SeasonsPanel.takes-least-your-hands-min', {
          key: word(r.key),
          minutesPerKg: figure(r.minutesPerKg! * unitKg.value),
          unit: unit.value,
        })
      : tell('SeasonsPanel.no-minutes-were-written-down');
  }
  if (asked.value === 'worth') {
    const r = best((x) => x.worthPerHour);
    return r
      ? tell('SeasonsPanel.hour-your-hands-jars-and', {
          key: word(r.key),
          money: money.value,
          worthPerHour: figure(r.worthPerHour!),
        })
      : tell('SeasonsPanel.prices-or-minutes-are-missing');
  }
  const r = best((x) => x.honeyPerCombG);
  return r
    ? tell('SeasonsPanel.gives-comb', {
        key: word(r.key),
        honeyPerCombG: smallMassText(r.honeyPerCombG!, props.units, 10),
      })
    : tell('SeasonsPanel.no-comb-counted-yet');
});
/** Each column in one unit, by its largest. */
const columnOf = (of: (r: SeasonRow) => number | null): ((r: SeasonRow) => string) => {
  const said = massColumn(table.value.map(of), props.units);
  return (r) => said(of(r));
};
const columns = computed(() => ({
  honey: columnOf((r) => r.honeyG),
  wax: columnOf((r) => r.waxG),
  comb: columnOf((r) => r.honeyPerCombG),
  box: columnOf((r) => r.honeyPerBoxG),
  hiveL: columnOf((r) => r.honeyPerHiveLG),
}));
const pairs = computed(() => seasons.data.value?.pairs ?? []);
const pairText = computed(() =>
  massColumn(
    pairs.value.flatMap((p) => [p.estimateKg * 1000, p.weighedKg * 1000]),
    props.units,
  ),
);
const estimateOf = (h: HarvestSummary): string =>
  h.estimatedHoneyKg ? massRangeText(h.estimatedHoneyKg, props.units) : '';
</script>

<template>
  <StateLine
    v-if="seasons.isLoading.value || failure"
    :loading="seasons.isLoading.value"
    :error="failure"
    @retry="seasons.refetch()"
  />
  <template v-else>
    <section class="left">
      <SelectButton
        :model-value="asked"
        :options="QUESTIONS"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('SeasonsPanel.what-you-ask')"
        @update:model-value="ask"
      />
      <p v-if="!all.length">
        {{ tell('SeasonsPanel.no-harvest-yet-when-first') }}
      </p>
      <template v-else>
        <p class="display says">{{ said(says) }}</p>
        <SeasonChart :data="chart" :says="says" />
        <div v-if="asked !== 'right'" class="by">
          <span class="sub">{{ tell('common.by') }}</span><SelectButton
            v-model="by"
            :options="KEYS"
            option-label="label"
            option-value="value"
            :allow-empty="false"
            :aria-label="tell('SeasonsPanel.put-together-by')"
          />
        </div>
        <div
          class="scroll"
          tabindex="0"
          role="region"
          :aria-label="tell('SeasonsPanel.figures-behind-it')"
        >
          <table v-if="asked !== 'right'" class="plain">
            <thead>
              <tr>
                <th>{{ KEYS.find((k) => k.value === by)!.label }}</th>
                <th class="num">{{ tell('common.harvests') }}</th>
                <th class="num">{{ tell('common.honey') }}</th>
                <th class="num">{{ tell('common.wax') }}</th>
                <th class="num">{{ tell('common.pieces') }}</th>
                <th class="num">{{ tell('common.jars') }}</th>
                <th class="num">{{ tell('SeasonsPanel.comb-2') }}</th>
                <th class="num">{{ tell('SeasonsPanel.box') }}</th>
                <th class="num">{{ tell('SeasonsPanel.litre-hive') }}</th>
                <th class="num">{{ tell('SeasonsPanel.min', { unit }) }}</th>
                <th class="num">{{ tell('SeasonsPanel.worth', { money }) }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="r in table" :key="r.key">
                <td>{{ word(r.key) }}</td>
                <td class="num">
                  {{ r.harvests
                  }}<small v-if="r.open"
                    >{{ ' ' }}{{ tell('SeasonsPanel.open', { open: r.open }) }}</small
                  >
                </td>
                <td class="num">{{ columns.honey(r) }}</td>
                <td class="num">{{ columns.wax(r) }}</td>
                <td class="num">{{ r.pieces }}</td>
                <td class="num">{{ r.jars }}</td>
                <td class="num">{{ columns.comb(r) }}</td>
                <td class="num">{{ columns.box(r) }}</td>
                <td class="num">{{ columns.hiveL(r) }}</td>
                <td class="num">
                  {{ r.minutesPerKg === null ? '' : figure(r.minutesPerKg * unitKg) }}
                </td>
                <td class="num">{{ r.worth ? figure(r.worth - r.cost) : '' }}</td>
              </tr>
            </tbody>
          </table>
          <table v-else class="plain">
            <thead>
              <tr>
                <th>{{ tell('common.comb') }}</th>
                <th class="num">{{ tell('SeasonsPanel.guessed') }}</th>
                <th class="num">{{ tell('SeasonsPanel.estimated') }}</th>
                <th class="num">{{ tell('common.weighed') }}</th>
                <th class="num">{{ tell('SeasonsPanel.off-by') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="p in pairs" :key="p.combId">
                <td>{{ p.hiveName }}, {{ dateText(p.date) }}</td>
                <td class="num">{{ pairText(p.guessKg === null ? null : p.guessKg * 1000) }}</td>
                <td class="num">{{ pairText(p.estimateKg * 1000) }}</td>
                <td class="num">{{ pairText(p.weighedKg * 1000) }}</td>
                <td class="num">{{ Math.round((p.weighedKg / p.estimateKg - 1) * 100) }} %</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="sub">
          {{ tell('SeasonsPanel.closed-harvests-only-worth-what') }}
        </p>
      </template>
    </section>
    <aside class="acts">
      <template v-if="openOnes.length"
        ><h2 class="furrow-heading">{{ tell('SeasonsPanel.not-finished-not-counted') }}</h2>
        <p v-for="h in openOnes" :key="h.batchId">
          <RouterLink :to="`/book/${h.batchId}`"
            >{{ h.hiveName }}, {{ dateText(h.date) }}</RouterLink
          ><span v-if="estimateOf(h)" class="sub">{{
            tell('SeasonsPanel.expected', { h: estimateOf(h) })
          }}</span>
        </p></template
      >
      <template v-if="seasons.data.value?.correction"
        ><h2 class="furrow-heading">{{ tell('SeasonsPanel.what-scale-teaches') }}</h2>
        <p>
          <b>{{ said(seasons.data.value.correction.sentence) }}</b>
        </p>
        <details class="how">
          <summary>{{ tell('common.how-this-was-got') }}</summary>
          <p>
            {{ tell('SeasonsPanel.weighed-over-estimated-comb-by') }}
          </p>
        </details></template
      >
      <p v-if="guessed">{{ said(guessed.sentence) }}</p>
      <template v-if="seasons.data.value?.missed.length"
        ><h2 class="furrow-heading">{{ tell('SeasonsPanel.what-gear-would-have-saved') }}</h2>
        <p v-for="m in seasons.data.value.missed" :key="m.gear">{{ said(m.sentence) }}</p>
        <p class="sub">
          {{ tell('SeasonsPanel.starting-ranges-drained-wet-wax') }}
        </p></template
      >
      <GearPays
        v-if="all.length"
        :harvests="all"
        :missed="seasons.data.value?.missed ?? []"
        :jars="jars ?? []"
        :money="money"
        :units="units"
      />
    </aside>
  </template>
</template>

<style scoped>
.left {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.says {
  font-size: 25px;
  line-height: 32px;
}
.by {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.scroll {
  overflow-x: auto;
}
small {
  font-weight: 400;
  color: var(--ink-2);
}
</style>
