<script setup lang="ts">
import { said } from '../words/units.js';
import { massRangeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  estimateSeen,
  frameRun,
  mayHaveGivenG,
  frameHoney,
  owedWeighings,
  placeLabel,
  sharesByEstimate,
  unitAt,
  type FrameVessel,
  type Take,
} from '@furrow/core';

import { computed, ref } from 'vue';
import StateLine from '../parts/StateLine.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { useRules, useVessels } from '../api/queries.js';
import OwedComb from './OwedComb.vue';
import WeighVessel from './WeighVessel.vue';

/**
 * Everything of one harvest that was to be weighed later: weighed here, taken by its estimate, or
 * said lost.
 */
const { detail, loading, error, retry } = useStageBatch('take', () => false);
const { data: vessels } = useVessels();
const { data: rulesVersion } = useRules();
const rules = computed(() => rulesVersion.value?.rules);
const owed = computed(() =>
  detail.value ? owedWeighings(detail.value) : { combs: [], estimated: [], vessels: [] },
);
const kit = (id: string) => (vessels.value ?? []).find((v) => v.id === id) ?? null;
const frameLabel = (combId: string): string => {
  const d = detail.value!;
  const slot =
    d.hive.bars.find((b) => b.comb?.id === combId)?.slot ??
    d.takes.find((t) => t.combId === combId)?.slot ??
    0;
  return placeLabel(slot);
};
const sharesOf = (vessel: FrameVessel, cameG: number): Record<string, number> =>
  sharesByEstimate(vessel, cameG, (combId) =>
    mayHaveGivenG(
      frameRun(combId, 0, detail.value!.frameEvents),
      rules.value!.frameParts,
      frameHoney(detail.value!, combId).honeyKg,
    ),
  );
const nameOf = (combs: Take[]): string =>
  combs.length > 1
    ? tell('OwedView.box-combs', { combs: combs.length })
    : said(unitAt(detail.value!.hive.kind, combs[0].slot));
/** What the looks say it should weigh, comb with its wax; null where one was never looked at. */
function expected(combs: Take[]): string | null {
  const ranges = combs.map((t) => {
    const look = detail.value!.looks.filter((l) => l.combId === t.combId).at(-1);
    return look ? estimateSeen(look, detail.value!.hive) : null;
  });
  if (ranges.some((e) => e === null)) return null;
  const sum = (edge: 'low' | 'mid' | 'high'): number =>
    ranges.reduce((kg, e) => kg + e!.honeyKg[edge] + e!.waxKg[edge], 0);
  return massRangeText({ low: sum('low'), mid: sum('mid'), high: sum('high') }, rules.value!.units);
}
/** What a box weighed with its combs, if somebody lifted it then. */
function fullBoxG(combs: Take[]): number | null {
  const box = Math.floor(combs[0].slot / 100);
  const mark = detail.value!.marks.find((m) => m.stepId === `box-${box}`);
  return combs[0].byBox && typeof mark?.answer.grossG === 'number' ? mark.answer.grossG : null;
}
const back = computed(() => `/${detail.value!.batch.stage}/${detail.value!.batch.id}`);
const skipped = ref<string[]>([]);
</script>

<template>
  <StateLine
    v-if="loading || error || !rules"
    :loading="loading || !rules"
    :error="error"
    @retry="retry"
  />
  <div v-else-if="!detail" class="stage wide">
    <header>
      <h1>{{ tell('OwedView.nothing-owed-to-scale') }}</h1>
    </header>
  </div>
  <div v-else class="stage wide bench">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <span class="sub">{{ tell('OwedView.what-was-to-be-weighed') }}</span>
    </header>
    <p v-if="!owed.combs.length && !owed.vessels.length" class="says">
      {{ tell('OwedView.all-it-weighed') }}
      <RouterLink :to="back">{{
        tell('OwedView.go-on-with', { hiveName: detail.batch.hiveName })
      }}</RouterLink>
    </p>
    <div class="list">
      <template v-for="v in owed.vessels" :key="v.vesselId">
        <WeighVessel
          v-if="kit(v.vesselId) && !skipped.includes(v.vesselId)"
          :batch-id="detail.batch.id"
          :comb-id="v.spells[0].combId"
          :rules="rules"
          :vessel="kit(v.vesselId)!"
          :held="v"
          :label-of="frameLabel"
          :shares-of="(g) => sharesOf(v, g)"
          @away="skipped = [...skipped, v.vesselId]"
        />
      </template>
      <OwedComb
        v-for="combs in owed.combs"
        :key="combs[0].id"
        :batch-id="detail.batch.id"
        :rules="rules"
        :name="nameOf(combs)"
        :comb-ids="combs.map((t) => t.combId)"
        :known-tare-g="combs[0].vesselId ? (kit(combs[0].vesselId)?.tareG ?? null) : null"
        :expected="expected(combs)"
      />
      <OwedComb
        v-for="combs in owed.estimated"
        :key="combs[0].id"
        :batch-id="detail.batch.id"
        :rules="rules"
        :name="nameOf(combs)"
        :comb-ids="combs.map((t) => t.combId)"
        :known-tare-g="combs[0].vesselId ? (kit(combs[0].vesselId)?.tareG ?? null) : null"
        :first-gross-g="fullBoxG(combs)"
        :in-book-g="combs.reduce((g, t) => g + t.netG!, 0)"
        :expected="expected(combs)"
      />
    </div>
  </div>
</template>

<style scoped>
.list {
  display: grid;
  gap: 28px;
  max-width: 520px;
}
.says {
  font-size: 20px;
}
</style>
