<script setup lang="ts">
import {
  figure,
  figureRange,
  massText,
  smallMassRangeText,
  smallMassText,
} from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  type HiveKindName,
  wayIn,
  type ChooseAnswer,
  type ChoiceSet,
  type Goal,
  type HouseRules,
  type Range,
  type Way,
  hiveKind,
  isStingless,
} from '@furrow/core';
import { largeUnit, gramsPerLarge } from '@furrow/words';
import Button from 'primevue/button';
import { computed } from 'vue';
import RangeBar from '../drawing/RangeBar.vue';
import WayMark from '../drawing/WayMark.vue';
import { said } from '../words/units.js';

/**
 * Sets side by side, what each gives with its range, and what holds them back. The picked one is
 * lifted in the drawing.
 */
const props = defineProps<{
  answer: ChooseAnswer | null;
  good: ChooseAnswer | null;
  busy: boolean;
  failed: boolean;
  nowSet: ChoiceSet | null;
  ways: Record<string, Way>;
  rules: HouseRules;
  goal: Goal;
  hiveId: string;
  kind: HiveKindName;
}>();
const picked = defineModel<number>('picked', { required: true });
const emit = defineEmits<{ stop: []; again: [] }>();
const same = (a: Record<string, Way>, b: Record<string, Way>): boolean =>
  Object.keys({ ...a, ...b }).every((k) => a[k] === b[k]);
const impossible = computed(
  () =>
    props.answer !== null && props.answer.sets.length === 0 && props.answer.relaxations.length > 0,
);
/** Honey and comb of a set are said in the unit chosen. */
const unit = computed(() => ({
  word: largeUnit(props.rules.units),
  kg: gramsPerLarge(props.rules.units) / 1000,
}));
/** When a comb that stays is looked at next: pots once a year, combs by the household's rule. */
const lookAgain = computed(() =>
  isStingless(props.kind)
    ? tell('SetsTable.look-again-next-year')
    : tell('SetsTable.look-again-in-days', { days: props.rules.lookAgainDays }),
);
/** A comb super whose kit has nothing to cut into says so where its pieces would stand. */
const noJarsText = computed(() => {
  const cutsNothing = rows.value.every((row) => row.set.pieces.high === 0);
  return hiveKind(props.kind).superPurpose === 'cut-comb' && cutsNothing
    ? tell('SetsTable.no-boxes-for-pieces-no')
    : tell('SetsTable.no-jars-in-kit');
});
/** Worth is nothing to show while the kit says no price: that is unknown, not 0. */
const priced = computed(() => rows.value.some((row) => row.set.worth.high !== 0));
/** Worth nothing is worth something to say only of what has a price at all. */
const isPriced = (s: ChoiceSet): boolean =>
  priced.value && (s.worth.high !== 0 || all(s).high === 0);
const staysHere = (set: ChoiceSet): number =>
  set.hives.find((h) => h.hiveId === props.hiveId)?.staysLowKg ?? 0;
const rows = computed(() => {
  const sets = (props.good?.sets ?? []).map((set, i) => ({
    key: `s${i}`,
    index: i,
    name: said(set.name),
    note: said(set.note) || waysText(set),
    set,
    way: mainWay(set),
  }));
  const now = props.nowSet;
  // What was lifted by hand and is none of the sets stands as a row of its own.
  const mine =
    now &&
    Object.keys(now.ways).length &&
    !sets.some((r) => same(r.set.ways, now.ways)) &&
    picked.value >= 0
      ? [
          {
            key: 'mine',
            index: picked.value,
            name: tell('SetsTable.as-you-lifted-them'),
            note: waysText(now),
            set: now,
            way: mainWay(now),
          },
        ]
      : [];
  return [
    ...mine,
    ...sets.filter((r) => !mine.length || r.index !== picked.value || !impossible.value),
  ].filter((r) => Object.keys(r.set.ways).length);
});
const on = (row: { key: string; index: number }): boolean =>
  rows.value.some((r) => r.key === 'mine') ? row.key === 'mine' : row.index === picked.value;
function mainWay(set: ChoiceSet): Way | 'leave' {
  const count = new Map<Way, number>();
  for (const way of Object.values(set.ways)) count.set(way, (count.get(way) ?? 0) + 1);
  return [...count].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'leave';
}
/** Clean wax: the likely figure, and its range where that says more. */
function waxText({ cleanWaxG }: ChoiceSet): { mid: string; range: string } {
  const mid = smallMassText(cleanWaxG.mid, props.rules.units);
  const range = smallMassRangeText(cleanWaxG, props.rules.units);
  return { mid, range: range === mid ? '' : range };
}
function waysText(set: ChoiceSet): string {
  const count = new Map<Way, number>();
  for (const way of Object.values(set.ways)) count.set(way, (count.get(way) ?? 0) + 1);
  return (
    [...count].map(([way, n]) => `${n} ${said(wayIn(way))}`).join(', ') ||
    tell('SetsTable.nothing-taken')
  );
}
const top = (pick: (s: ChoiceSet) => Range): number =>
  Math.max(1, ...rows.value.map((r) => pick(r.set).high));
const all = (s: ChoiceSet): Range => ({
  low: (s.honeyKg.low + s.combKg.low) / unit.value.kg,
  mid: (s.honeyKg.mid + s.combKg.mid) / unit.value.kg,
  high: (s.honeyKg.high + s.combKg.high) / unit.value.kg,
});
/** Under one kilogram in all, hundredths: tenths would read 0.0. */
const honeyDigits = computed(() => (rows.value.some((r) => all(r.set).high >= 1) ? 1 : 2));
const proofText = computed(() => {
  const a = props.answer;
  if (!a || !a.sets.length) return null;
  if (a.proof === 'proven') return tell('SetsTable.proven-no-set-better-by');
  if (a.isDone)
    return tell('SetsTable.within-best-there-could-be', { gap: figure(a.gap * 100, 1) });
  return a.gap >= 1
    ? tell('SetsTable.first-set-looking-for-better')
    : tell('SetsTable.within-best-there-could-be-2', { gap: figure(a.gap * 100, 1) });
});
</script>

<template>
  <div>
    <p v-for="i in answer?.issues ?? []" :key="i.path" class="rust" role="alert">
      <b>{{ said(i.says) }}</b>
    </p>
    <div v-if="impossible" role="alert" class="impossible">
      <b>{{ tell('SetsTable.that-cannot-be-done-under') }}</b>
      <ul>
        <li v-for="r in answer!.relaxations" :key="r.rule">{{ said(r.sentence) }}</li>
      </ul>
    </div>
    <p v-if="failed" role="alert" class="rust">
      <b>{{ tell('SetsTable.chooser-stopped') }}</b> {{ tell('SetsTable.what-you-pinned-kept') }}
      <Button text :label="tell('common.try-again')" @click="emit('again')" />
    </p>
    <div class="scroll">
      <table v-if="rows.length || answer" class="plain">
        <thead>
          <tr>
            <th>{{ tell('SetsTable.set') }}</th>
            <th>{{ tell('SetsTable.honey', { word: unit.word }) }}</th>
            <th>{{ tell('SetsTable.pieces-and-jars') }}</th>
            <th>{{ tell('common.clean-wax') }}</th>
            <th>{{ tell('SetsTable.your-hours') }}</th>
            <th>{{ tell('SetsTable.ready-after') }}</th>
            <th>
              {{
                tell('SetsTable.worth', { currency: rules.currency ? `, ${rules.currency}` : '' })
              }}
            </th>
            <th>{{ tell('SetsTable.stays-here') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="row in rows"
            :key="row.key"
            :class="{ on: on(row) }"
            @click="picked = row.index"
          >
            <td>
              <label class="set"
                ><input
                  type="radio"
                  name="set"
                  :checked="on(row)"
                  :aria-label="row.name"
                  @change="picked = row.index"
                /><WayMark :way="row.way" /><span
                  ><b class="display">{{ row.name }}</b
                  ><br /><span class="sub">{{ said(row.note) }}</span></span
                ></label
              >
            </td>
            <td :data-head="tell('common.honey')">
              <b>{{ figure(all(row.set).mid, honeyDigits) }}</b>{{ ' ' }}
              <span class="sub nowrap">{{ figureRange(all(row.set), honeyDigits) }}</span><RangeBar
                :range="all(row.set)"
                :max="top(all)"
                :width="110"
              />
            </td>
            <td :data-head="tell('SetsTable.pieces-and-jars')">
              <span v-if="row.set.pieces.high" class="nowrap"
                ><b>{{ row.set.pieces.mid }}</b> {{ tell('SetsTable.pieces') }}
                <span class="sub">{{ figureRange(row.set.pieces, 0) }}</span><br /></span
              ><span v-if="row.set.chunkJars.high" class="nowrap"
                ><b>{{ row.set.chunkJars.mid }}</b> {{ tell('SetsTable.chunk') }}
                <span class="sub">{{ figureRange(row.set.chunkJars, 0) }}</span><br /></span
              ><span v-if="row.set.jars" class="nowrap"
                ><b>{{ row.set.jars.mid }}</b> {{ tell('SetsTable.jars') }}
                <span class="sub">{{ figureRange(row.set.jars, 0) }}</span></span
              ><RouterLink v-else to="/rules?at=kit">{{ noJarsText }}</RouterLink>
            </td>
            <td :data-head="tell('common.clean-wax')">
              <template v-if="row.set.cleanWaxG.high > 0"
                ><b>{{ waxText(row.set).mid }}</b
                ><br /><span class="sub nowrap">{{ waxText(row.set).range }}</span></template
              ><span v-else class="sub">{{ tell('SetsTable.none') }}</span>
            </td>
            <td :data-head="tell('SetsTable.your-hours')">
              <b>{{ figure(row.set.handsOnHours.mid, 1) }} h</b>{{ ' ' }}
              <span class="sub nowrap">{{ figureRange(row.set.handsOnHours, 1) }}</span><RangeBar
                :range="row.set.handsOnHours"
                :max="top((s) => s.handsOnHours)"
                :width="90"
              />
            </td>
            <td class="nowrap" :data-head="tell('SetsTable.ready-after')">
              <span class="sub">{{ tell('SetsTable.about') }}</span>{{ ' ' }}
              <b>{{ figureRange(row.set.elapsedHours, 0) }} h</b><br /><span class="sub">{{
                tell('SetsTable.at', {
                  said: measured({ temperatureC: rules.kitchenTemperatureC }),
                })
              }}</span>
            </td>
            <td :data-head="tell('common.worth')">
              <template v-if="isPriced(row.set)"
                ><b>{{ figure(row.set.worth.mid) }}</b
                >{{ ' ' }}
                <span class="sub nowrap">{{ figureRange(row.set.worth, 0) }}</span><RangeBar
                  :range="row.set.worth"
                  :max="top((s) => s.worth)"
                  :width="90" /></template
              ><RouterLink v-else to="/rules?at=kit">{{
                priced ? tell('SetsTable.no-price-for-it') : tell('SetsTable.no-prices-yet')
              }}</RouterLink>
            </td>
            <td class="nowrap" :data-head="tell('SetsTable.stays-here')">
              <b>{{ massText(staysHere(row.set), rules.units) }}</b><br /><span class="sub">{{
                tell('SetsTable.counted-low')
              }}</span>
            </td>
          </tr>
          <tr :class="{ on: picked < 0 }" @click="picked = -1">
            <td>
              <label class="set"
                ><input
                  type="radio"
                  name="set"
                  :checked="picked < 0"
                  :aria-label="tell('SetsTable.leave-all')"
                  @change="picked = -1"
                /><WayMark way="leave" /><span
                  ><b class="display">{{ tell('SetsTable.leave-all') }}</b
                  ><br /><span class="sub">{{ lookAgain }}</span></span
                ></label
              >
            </td>
            <td colspan="7" class="sub">
              {{ tell('SetsTable.nothing-taken-nothing-to-do') }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="!answer" class="sub" aria-busy="true">{{ tell('SetsTable.looking-for-best-set') }}</p>
    <p v-else-if="!rows.length && !answer.issues.length && !impossible">
      {{ tell('SetsTable.by-your-rules-there-nothing') }}
    </p>
    <p v-if="proofText" class="sub" role="status">
      {{ proofText }}
      <Button
        v-if="busy && answer?.proof !== 'first'"
        text
        :label="tell('SetsTable.good-enough-stop')"
        @click="emit('stop')"
      />
    </p>
    <ul v-if="answer?.bindings?.length || answer?.notes.length" class="binds">
      <li v-for="b in (answer.bindings ?? []).slice(0, 3)" :key="b.limit">
        {{ said(b.sentence) }}
      </li>
      <li v-for="n in answer.notes" :key="said(n)">{{ said(n) }}</li>
    </ul>
    <details class="how">
      <summary>{{ tell('common.how-this-was-got') }}</summary>
      <p>
        {{ tell('SetsTable.honey-out-combs-honey-times') }}
      </p>
    </details>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
tbody tr {
  cursor: pointer;
}
tr.on td {
  background: var(--field-wash);
}
tr.on td:first-child {
  box-shadow: inset 5px 0 0 var(--field);
}
.set {
  display: flex;
  gap: 10px;
  align-items: center;
  cursor: pointer;
  min-height: 44px;
}
.set input {
  width: 22px;
  height: 22px;
  accent-color: var(--field);
  flex: none;
}
.set .display {
  font-size: 18px;
}
.nowrap {
  white-space: nowrap;
}
.impossible {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  margin-bottom: 8px;
}
.impossible ul,
.binds {
  margin: 2px 0;
  padding-left: 20px;
}
/* On a phone a set is a card: its name, then each figure under its word. */
@media (max-width: 700px) {
  table,
  tbody {
    display: block;
  }
  thead {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  tbody tr {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2px 12px;
    padding: 6px 8px;
    border-bottom: var(--line);
  }
  tbody tr.on {
    background: var(--field-wash);
    box-shadow: inset 5px 0 0 var(--field);
  }
  tbody td {
    display: block;
    border: 0;
    padding: 2px 0;
  }
  tbody td:first-child,
  tbody td[colspan] {
    grid-column: 1 / -1;
  }
  tr.on td:first-child {
    box-shadow: none;
  }
  td[data-head]::before {
    content: attr(data-head);
    display: block;
    font-size: 14px;
    color: var(--ink-2);
  }
  .set {
    min-height: 64px;
  }
}
</style>
