<script setup lang="ts">
import { tell } from '../words/tell.js';
import {
  SPOILT_WORDS,
  cutHistory,
  possibleByLook,
  projectPieces,
  seasonOf,
  unitAt,
  type BatchDetail,
  type CutBoard,
  type HouseRules,
  firstOf,
} from '@furrow/core';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import ShelfPanel from '../jar/ShelfPanel.vue';
import StateLine from '../parts/StateLine.vue';
import { useCutHistory, useJars } from '../api/queries.js';
import { said } from '../words/units.js';

/**
 * Possible against made, by comb, super, hive or season; what spoilt and why; what left the shelf.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules }>();
const { data: history, isLoading, error, refetch } = useCutHistory();
type By = 'comb' | 'super' | 'hive' | 'season';
const by = ref<By>('comb');
const options: { label: string; value: By }[] = [
  { label: tell('common.comb'), value: 'comb' },
  { label: tell('common.super'), value: 'super' },
  { label: tell('common.hive'), value: 'hive' },
  { label: tell('common.season'), value: 'season' },
];
const slotOf = (b: CutBoard): number | null =>
  props.detail.takes.find((t) => t.combId === b.combId)?.slot ?? null;
const boards = computed(() =>
  by.value === 'comb' || by.value === 'super'
    ? (history.value?.boards ?? []).filter((b) => b.batchId === props.detail.batch.id)
    : (history.value?.boards ?? []),
);
function keyOf(b: CutBoard): string {
  const known = firstOf(history.value!.boards, (x) => x.id === b.id);
  const slot = slotOf(b);
  if (by.value === 'hive') return known.hiveName;
  if (by.value === 'season') return seasonOf(known.date, props.detail.hive.site.hemisphere).name;
  if (slot === null) return known.hiveName;
  if (by.value !== 'super') return said(unitAt(props.detail.hive.kind, slot));
  return slot > 100 ? tell('RecordPanel.box', { slot: Math.floor(slot / 100) }) : known.hiveName;
}
const records = computed(() =>
  history.value ? cutHistory(boards.value, history.value.pieces, history.value.outs, keyOf) : [],
);
const likely = computed(() => {
  const done = props.detail.pieces.filter((p) => p.state !== 'planned');
  const earlier = (history.value?.pieces ?? []).filter(
    (p) => p.batchId !== props.detail.batch.id && p.state !== 'planned',
  );
  return projectPieces({
    made: done.filter((p) => p.state === 'cut').length,
    tried: done.length,
    left: props.detail.pieces.filter((p) => p.state === 'planned').length,
    ...(earlier.length
      ? {
          earlier: {
            made: earlier.filter((p) => p.state === 'cut').length,
            planned: earlier.length,
          },
        }
      : {}),
  });
});
const { data: jars } = useJars();
/**
 * Pieces weighed without the board beside what the looks say was possible; null where there are
 * none.
 */
const byHand = computed(() => {
  const made = props.detail.lots
    .filter((l) => l.kind === 'pieces')
    .reduce((n, l) => n + (l.count ?? 0), 0);
  const onBoard = props.detail.pieces.filter((p) => p.lotId !== null).length;
  const range = possibleByLook(props.detail, props.rules, jars.value ?? []);
  if (made - onBoard <= 0) return null;
  const possible = range
    ? tell('RecordPanel.to-pieces-were-possible', { low: range.low, high: range.high })
    : tell('RecordPanel.nobody-looked');
  return tell('RecordPanel.by-looks-were-made-them', { possible, made, made2: made - onBoard });
});
const most = computed(() => Math.max(1, ...records.value.map((r) => r.possible)));
</script>

<template>
  <StateLine
    v-if="isLoading || error"
    :loading="isLoading"
    :error="error"
    @retry="() => refetch()"
  />
  <section v-else>
    <p class="likely display">{{ said(likely.sentence) }}</p>
    <div class="line">
      <h2 class="furrow-heading">{{ tell('RecordPanel.possible-against-made') }}</h2>
      <SelectButton
        v-model="by"
        :options="options"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('common.by')"
      />
    </div>
    <p v-if="byHand">{{ byHand }}</p>
    <p v-if="!records.length && !byHand" class="sub">
      {{ tell('RecordPanel.nothing-was-laid-on-board') }}
    </p>
    <div v-if="records.length" class="wide-table">
      <table class="plain">
        <thead>
          <tr>
            <th />
            <th class="num">{{ tell('common.possible') }}</th>
            <th class="num">{{ tell('RecordPanel.planned') }}</th>
            <th class="num">{{ tell('RecordPanel.made') }}</th>
            <th class="num">{{ tell('common.cracked') }}</th>
            <th class="num">{{ tell('RecordPanel.sold') }}</th>
            <th class="num">{{ tell('RecordPanel.given') }}</th>
            <th class="num">{{ tell('RecordPanel.eaten') }}</th>
            <th>{{ tell('common.spoilt') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in records" :key="r.key">
            <td>
              <b>{{ r.key }}</b><svg :width="150" height="12" aria-hidden="true">
                <rect
                  :width="(r.possible / most) * 148"
                  height="10"
                  y="1"
                  x="1"
                  fill="none"
                  stroke="var(--ink)"
                />
                <rect :width="(r.cut / most) * 148" height="10" y="1" x="1" fill="var(--field)" />
              </svg>
            </td>
            <td class="num">{{ r.possible }}</td>
            <td class="num">{{ r.planned }}</td>
            <td class="num">{{ r.cut }}</td>
            <td class="num">{{ r.cracked }}</td>
            <td class="num">{{ r.out.sold }}</td>
            <td class="num">{{ r.out.given }}</td>
            <td class="num">{{ r.out.eaten }}</td>
            <td>
              <span v-for="(x, i) in r.spoilt" :key="i"
                >{{ said(SPOILT_WORDS[x.cause])
                }}{{
                  x.sheetSeasons !== null
                    ? ' ' + tell('RecordPanel.sheet-seasons', { sheetSeasons: x.sheetSeasons })
                    : ''
                }}{{ ' ' }}</span
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
  <aside class="acts bench">
    <ShelfPanel :detail="detail" :rules="rules" />
  </aside>
</template>

<style scoped>
section {
  min-width: 0;
}
.wide-table {
  overflow-x: auto;
}
.wide-table table {
  min-width: 620px;
}
.likely {
  font-size: 31px;
  margin-bottom: 8px;
}
.line {
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.line h2 {
  flex: 1;
  min-width: 220px;
}
</style>
