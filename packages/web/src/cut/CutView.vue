<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { cutsComb } from '@furrow/core';

import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import WayMark from '../drawing/WayMark.vue';
import AlsoHere from '../house/AlsoHere.vue';
import HoldsNote from '../parts/HoldsNote.vue';
import LeftStageView from '../parts/LeftStageView.vue';
import { leftUncut } from '../parts/leftStage.js';
import NothingWaits from '../parts/NothingWaits.vue';
import OwedNote from '../parts/OwedNote.vue';
import PlaceTabs from '../parts/PlaceTabs.vue';
import StateLine from '../parts/StateLine.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { useJars, useRules } from '../api/queries.js';
import BatchPanel from './BatchPanel.vue';
import BoardPanel from './BoardPanel.vue';
import ColdPanel from './ColdPanel.vue';
import PackPanel from './PackPanel.vue';
import RecordPanel from './RecordPanel.vue';
import { useQueryHere } from '../shell/useQueryHere.js';
import { useBoards } from './useBoards.js';

/**
 * Cut: the board, the batch, rack and cold, packing, and what came of it. Which of them is open
 * stands in the address.
 */
const route = useRoute();
const { detail, loading, error, retry } = useStageBatch(
  'cut',
  (b) => cutsComb(b.method) && ['cut', 'drain', 'jar'].includes(b.stage),
);
const left = computed(() => (detail.value ? leftUncut(detail.value) : null));
const { data: version } = useRules();
const { data: kinds } = useJars();
const rules = computed(() => version.value?.rules);
const boards = useBoards(detail, rules, kinds);
const PLACES = [
  { label: tell('CutView.board'), value: 'board' },
  { label: tell('CutView.all-combs'), value: 'batch' },
  { label: tell('CutView.rack-and-cold'), value: 'cold' },
  { label: tell('common.weigh-and-pack'), value: 'pack' },
  { label: tell('CutView.what-came-it'), value: 'record' },
];
const setQuery = useQueryHere();
const place = computed({
  get: () => (PLACES.some((p) => p.value === route.query.at) ? String(route.query.at) : 'board'),
  set: (at) => setQuery({ ...route.query, at }),
});
const chosen = ref<string | null>(null);
const comb = computed(
  () =>
    boards.combs.value.find((c) => c.combId === chosen.value) ??
    boards.combs.value.find((c) => !c.board?.doneAt && !c.board?.spoilt) ??
    boards.combs.value[0] ??
    null,
);
const combLot = computed(() => detail.value?.lots.find((l) => l.kind === 'comb') ?? null);
function open(combId: string): void {
  chosen.value = combId;
  place.value = 'board';
}
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <NothingWaits
    v-else-if="!detail || !rules"
    :heading="tell('CutView.no-comb-waits-to-be')"
    :text="tell('CutView.comb-that-was-taken-and')"
    stage="cut"
    :fits="(b) => cutsComb(b.method)"
    :begin="{ to: '/choose', label: tell('CutView.choose-comb-to-cut') }"
    ><WayMark way="cut" :size="150"
  /></NothingWaits>
  <LeftStageView v-else-if="left" :left="left" />
  <div v-else class="stage bench">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <AlsoHere
        :about="detail.batch.id"
        :step="comb ? tell('CutView.cut', { combId: comb.combId }) : null"
        :where="tell('CutView.at-this-comb')"
      />
      <span class="sub">{{
        tell('CutView.comb-uncut-and-uncrushed', {
          combLot: combLot ? massText(combLot.nowG / 1000, rules.units, 2) : tell('common.no'),
        })
      }}</span>
      <span class="right goon"
        ><RouterLink
          v-if="combLot && combLot.nowG > 0"
          class="p-button p-component p-button-text"
          :to="`/drain/${detail.batch.id}`"
          >{{ tell('CutView.crush-rest') }}</RouterLink
        ><RouterLink
          v-else
          class="p-button p-component p-button-text"
          :to="`/jar/${detail.batch.id}`"
          >{{ tell('common.go-on-to-jar') }}</RouterLink
        ></span
      >
      <PlaceTabs v-model="place" :places="PLACES" :label="tell('CutView.where-at-bench')" />
      <nav
        v-if="place === 'board' && boards.combs.value.length > 1"
        class="combs"
        :aria-label="tell('common.combs')"
      >
        <button
          v-for="c in boards.combs.value"
          :key="c.combId"
          type="button"
          :class="{ on: c.combId === comb?.combId }"
          :aria-pressed="c.combId === comb?.combId"
          @click="chosen = c.combId"
        >
          {{ c.name
          }}<small>{{
            c.board?.spoilt
              ? tell('CutView.spoilt')
              : c.board?.doneAt
                ? tell('CutView.cut-2')
                : c.board?.cuts.length
                  ? tell('CutView.planned')
                  : c.board
                    ? tell('CutView.on-board')
                    : ''
          }}</small>
        </button>
      </nav>
      <HoldsNote v-if="detail" :holds="detail.holds" />
      <OwedNote v-if="detail" :detail="detail" />
    </header>
    <p v-if="!comb && place !== 'pack' && place !== 'record'" class="sub">
      {{ tell('CutView.no-comb-this-harvest-was') }}
    </p>
    <BoardPanel
      v-else-if="place === 'board' && comb"
      :key="comb.combId"
      :detail="detail"
      :rules="rules"
      :comb="comb"
      :boards="boards"
    />
    <BatchPanel
      v-else-if="place === 'batch'"
      :detail="detail"
      :rules="rules"
      :boards="boards"
      @open="open"
    />
    <ColdPanel v-else-if="place === 'cold'" :detail="detail" :rules="rules" />
    <PackPanel v-else-if="place === 'pack'" :detail="detail" :rules="rules" :boards="boards" />
    <RecordPanel v-else-if="place === 'record'" :detail="detail" :rules="rules" />
  </div>
</template>

<style scoped>
.places :deep(.p-togglebutton) {
  min-height: 52px;
  font-size: 17px;
}
.goon .p-button {
  min-height: 44px;
}
.combs {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  flex-basis: 100%;
}
.combs button {
  min-height: 52px;
  padding: 4px 14px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  font: 600 16px/1.1 var(--text);
  color: var(--ink);
  cursor: pointer;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  justify-content: center;
}
.combs small {
  font-weight: 400;
}
.combs .on {
  border: 3px solid var(--ink);
}
</style>
