<script setup lang="ts">
import { figure, weighedText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { isInHouse, measuredWaterPercent } from '@furrow/core';

import { computed } from 'vue';
import { useRoute } from 'vue-router';
import AlsoHere from '../house/AlsoHere.vue';
import HoldsNote from '../parts/HoldsNote.vue';
import OwedNote from '../parts/OwedNote.vue';
import PlaceTabs from '../parts/PlaceTabs.vue';
import StateLine from '../parts/StateLine.vue';
import WaterAtBench from '../parts/WaterAtBench.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import NothingWaits from '../parts/NothingWaits.vue';
import JarRow from '../drawing/JarRow.vue';
import { useJars, useRules } from '../api/queries.js';
import { dateText } from '../shell/times.js';
import FillPanel from './FillPanel.vue';
import LeaveJar from './LeaveJar.vue';
import LabelsPanel from './LabelsPanel.vue';
import LotsPanel from './LotsPanel.vue';
import ShelfPlace from './ShelfPlace.vue';
import { useQueryHere } from '../shell/useQueryHere.js';
import WaxPanel from './WaxPanel.vue';

/**
 * Jar: filling one lot or several, labels, the shelf, wax and rinse. Which of them is open stands
 * in the address.
 */
const route = useRoute();
const { detail, loading, error, retry } = useStageBatch(
  'jar',
  (b) => ['jar', 'book'].includes(b.stage),
  () => ['labels', 'shelf', 'wax'].includes(String(route.query.at)),
);
const { data: rulesVersion } = useRules();
const { data: kit } = useJars();
const rules = computed(() => rulesVersion.value?.rules);
/** Liquid honey goes into jars; boxes for pieces and wide jars for chunk are Cut's. */
const jars = computed(() => kit.value?.filter((j) => j.purpose === 'jar') ?? []);
/** On a phone the way on is pinned at the foot once nothing is left to fill. */
const allFilled = computed(
  () =>
    window.matchMedia('(max-width: 700px)').matches &&
    honeyG.value === 0 &&
    filled.value.length > 0,
);
const water = computed(() => (detail.value ? measuredWaterPercent(detail.value) : null));
const honeyG = computed(() =>
  (detail.value?.lots ?? []).reduce((sum, l) => sum + (l.kind === 'honey' ? l.nowG : 0), 0),
);
const filled = computed(
  () => detail.value?.lots.filter((l) => l.kind === 'jars' || l.kind === 'pieces') ?? [],
);
/** Labels are made of what the house has. */
const filledInHouse = computed(() => filled.value.filter(isInHouse));
const PLACES = [
  { label: tell('JarView.fill'), value: 'fill' },
  { label: tell('JarView.several-lots'), value: 'several' },
  { label: tell('common.labels'), value: 'labels' },
  { label: tell('JarView.shelf'), value: 'shelf' },
  { label: tell('common.wax-and-rinse'), value: 'wax' },
];
const setQuery = useQueryHere();
const place = computed({
  get: () => (PLACES.some((p) => p.value === route.query.at) ? String(route.query.at) : 'fill'),
  set: (at) => setQuery({ ...route.query, at }),
});
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <NothingWaits
    v-else-if="!detail || !rules"
    :heading="tell('JarView.no-honey-waits-to-be')"
    :text="tell('JarView.when-drain-closed-its-honey')"
    stage="jar"
    :begin="{ to: '/drain', label: tell('common.go-to-drain') }"
    ><JarRow :count="6" :net-g="500" :moisture-percent="18" planned
  /></NothingWaits>
  <div v-else class="stage bench">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <AlsoHere
        :about="detail.batch.id"
        :step="tell('JarView.jar', { place })"
        :where="tell('JarView.at-these-jars')"
      />
      <span class="sub"
        >{{ tell('JarView.harvested', { date: dateText(detail.batch.date) })
        }}<template v-if="detail.batch.code">{{
          tell('JarView.batch', { code: detail.batch.code })
        }}</template
        >. <b>{{ weighedText(honeyG, rules.units) }}</b>
        {{
          tell('JarView.honey-to-fill', {
            water:
              water === null
                ? tell('JarView.water-not-measured')
                : tell('JarView.water', { water: figure(water, 1) }),
          })
        }}</span
      >
      <PlaceTabs v-model="place" :places="PLACES" :label="tell('JarView.where-at-shelf')" />
      <HoldsNote :holds="detail.holds" />
      <OwedNote :detail="detail" />
    </header>
    <LotsPanel v-if="place === 'several'" :rules="rules" :jars="jars" />
    <template v-else-if="place === 'labels'"
      ><LabelsPanel
        v-if="filledInHouse.length"
        :key="detail.batch.id"
        :detail="detail"
        :rules="rules"
        :lots="filledInHouse"
      />
      <section v-else>
        <p>{{ tell('JarView.labels-are-made-from-what') }}</p>
      </section></template
    >
    <ShelfPlace v-else-if="place === 'shelf'" :detail="detail" :rules="rules" :jars="jars">
      <LeaveJar :detail="detail" :rules="rules" />
    </ShelfPlace>
    <WaxPanel v-else-if="place === 'wax'" :detail="detail" :rules="rules">
      <LeaveJar :detail="detail" :rules="rules" />
    </WaxPanel>
    <FillPanel v-else :detail="detail" :rules="rules" :jars="jars" @labels="place = 'labels'">
      <WaterAtBench :detail="detail" />
      <LeaveJar v-if="!allFilled" :detail="detail" :rules="rules" />
    </FillPanel>
    <div v-if="allFilled && place === 'fill'" class="pinned no-print">
      <LeaveJar :detail="detail" :rules="rules" />
    </div>
  </div>
</template>

<style scoped>
.places :deep(.p-togglebutton) {
  min-height: 52px;
  font-size: 17px;
}
@media (max-width: 700px) {
  .places {
    display: flex;
    flex-wrap: wrap;
  }
  .places :deep(.p-togglebutton) {
    min-height: 64px;
    flex: 1 1 auto;
  }
}
</style>
