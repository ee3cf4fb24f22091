<script setup lang="ts">
import { comesLater } from '../parts/comesLater.js';
import { said } from '../words/units.js';
import { measured, tell } from '../words/tell.js';
import {
  ARRANGEMENT_WORDS,
  drainWaterSaid,
  drawnBefore,
  estimatedTakes,
  honeyDensityKgPerL,
  isStirred,
  vesselFullKg,
  type BatchDetail,
  type Drain,
  type HouseRules,
  type JarKindRecord,
  type Vessel,
} from '@furrow/core';
import { computed, ref, toRef } from 'vue';
import { newId } from '../api/client.js';
import { useClocks } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import VesselStack from '../drawing/VesselStack.vue';
import AlsoHere from '../house/AlsoHere.vue';
import DialogFrame from '../parts/DialogFrame.vue';
import HoldsNote from '../parts/HoldsNote.vue';
import OwedNote from '../parts/OwedNote.vue';
import AlarmKey from '../shell/AlarmKey.vue';
import { aboutText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import DrainCurve from './DrainCurve.vue';
import DrainKeys from './DrainKeys.vue';
import DrainLog from './DrainLog.vue';
import DrainSum from './DrainSum.vue';
import DrainTold from './DrainTold.vue';
import DrawOff from './DrawOff.vue';
import PressPanel from './PressPanel.vue';
import TemperatureForm from './TemperatureForm.vue';
import WeighPanel from './WeighPanel.vue';
import WeighingQuestions from './WeighingQuestions.vue';
import WhatIfs from './WhatIfs.vue';
import type { DrainEventSaid } from './drainEvent.js';
import type { DrainPanel } from './drainPanel.js';
import { useDrain } from './useDrain.js';
import { brokenUpWord, useDrainActs } from './useDrainWords.js';

// What is asked for now and then comes when it is.
const CloseDrain = comesLater(() => import('./CloseDrain.vue'));
const ReadingsDialog = comesLater(() => import('./ReadingsDialog.vue'));
const WarmPanel = comesLater(() => import('./WarmPanel.vue'));

/** One drain: its vessels, its clock and curve, what is due, and what can be done. */
const props = defineProps<{
  detail: BatchDetail;
  drain: Drain;
  rules: HouseRules;
  vessels: Vessel[];
  jars: JarKindRecord[];
}>();
const [detail, drain, rules] = [
  toRef(props, 'detail'),
  toRef(props, 'drain'),
  toRef(props, 'rules'),
];
const now = useNow();
const { data: clocks } = useClocks();
const { go, busy, refusal } = useSend();
const state = useDrain(detail, drain, rules, toRef(props, 'vessels'), toRef(props, 'jars'), now);
const { running, upper, lower, own, runs, forecast, acts, elapsed, outKg, parts } = state;
const { temperatureNow, drawnG, inLowerKg, levelsForecast, questions, pricePerKg, warming } = state;
const { main, mainWords, pressing, remashText } = useDrainActs(detail, drain, rules, state, now);

const units = computed(() => props.rules.units);
const zone = computed(() => props.detail.batch.zone);
const about = computed(() => {
  const way = said(ARRANGEMENT_WORDS[props.drain.arrangement].name).toLowerCase();
  const water = said(drainWaterSaid(props.drain, props.detail));
  const comb = tell('DrainRun.comb', { drain: brokenUpWord(props.drain, props.detail), way });
  return `${comb}, ${measured({ temperatureC: temperatureNow.value })}, ${water}.`;
});
const handsText = computed(() => {
  const minutes = props.detail.batch.handsOnMinutes;
  return minutes > 0 ? ' ' + tell('DrainRun.your-hands-min-in-all', { minutes }) : '';
});
const others = computed(() =>
  (clocks.value ?? []).filter((c) => c.kind === 'drain' && c.batchId !== props.detail.batch.id),
);
const fullKg = computed(() =>
  lower.value
    ? vesselFullKg(lower.value, props.drain.moisturePercent, props.drain.temperatureC)
    : null,
);
/** The earliest that the lower vessel runs over. */
const overflowAt = computed(() => {
  const early = forecast.value?.overflowHours?.earliest;
  if (!running.value || !early) return null;
  return new Date(Date.parse(props.drain.startedAt) + early * 3_600_000).toISOString();
});
/** The same time at the vessel and at its key, no more exact than a forecast is. */
const overflow = computed(() =>
  overflowAt.value ? aboutText(overflowAt.value, zone.value, now.value, 'earlier') : null,
);
const shownParts = computed(() => (running.value && !forecast.value?.stalled ? parts.value : null));
const crushedNowG = computed(() => props.detail.lots.find((l) => l.kind === 'crushed')?.nowG);
/** Comb that was never weighed: its estimate gives way to what comes out. */
const byEstimate = computed(() => estimatedTakes(props.detail).length > 0);
/** What can still be drawn off: of what was crushed, less what was drawn off already. */
const mostG = computed(() =>
  byEstimate.value ? null : (crushedNowG.value ?? props.drain.crushedG),
);
/**
 * The weighing that closing starts from: the last of the lower vessel, unless honey was drawn off
 * since.
 */
const closeFrom = computed(() => {
  const last = props.drain.weighings.filter((w) => !w.leftOut && w.of === 'lower').at(-1);
  const isLatest = last && drawnBefore(props.drain.events, last.occurredAt) === drawnG.value;
  return isLatest ? last : null;
});

const panel = ref<DrainPanel | null>(null);
const close = (): void => void (panel.value = null);
const event = (payload: DrainEventSaid, says: string): Promise<unknown> =>
  go('/drainEvents', { id: newId(), drainId: props.drain.id, minutes: 5, ...payload }, says);
const mashAgain = (): unknown =>
  event({ kind: 'mash' }, tell('DrainRun.mashed-again-5-minutes-your'));
function doMain(): unknown {
  if (main.value === 'stir')
    return event({ kind: 'stir' }, tell('DrainRun.stirred-5-minutes-your-hands'));
  return (panel.value = main.value);
}
</script>

<template>
  <div class="stage drain bench">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <AlsoHere :about="detail.batch.id" step="drain" :where="tell('DrainRun.at-this-drain')" />
      <span class="sub">{{ about }}{{ handsText }}</span>
      <span class="right small"
        ><RouterLink
          v-for="c in others"
          :key="c.id"
          class="p-button p-component p-button-text"
          :to="`/drain/${c.batchId}`"
          >{{ tell('DrainRun.drains-too', { hiveName: c.hiveName }) }}</RouterLink
        ><AlarmKey v-if="running"
      /></span>
      <HoldsNote :holds="detail.holds" />
      <OwedNote :detail="detail" />
    </header>
    <section class="vessels">
      <VesselStack
        :upper="upper"
        :lower="lower"
        :arrangement="drain.arrangement"
        :crushed-kg="drain.crushedG / 1000"
        :units="units"
        :out-kg="outKg"
        :in-lower-kg="inLowerKg"
        :about="levelsForecast"
        :full-kg="fullKg"
        :density-kg-per-l="honeyDensityKgPerL(drain.moisturePercent, drain.temperatureC)"
        :full-about="overflow && tell('DrainRun.from', { at: overflow })"
      /><WhatIfs
        v-if="running && acts.length && !pressing"
        :acts="acts"
        :rules="rules"
        :price-per-kg="pricePerKg"
      />
    </section>
    <section class="told">
      <DrainTold
        :drain="drain"
        :rules="rules"
        :forecast="forecast"
        :running="running"
        :elapsed="elapsed"
        :own="own"
        :warming="warming"
        :price-per-kg="pricePerKg"
        :zone="zone"
        :now="now"
      />
    </section>
    <section class="curve">
      <WeighingQuestions
        :drain="drain"
        :questions="questions"
        :rules="rules"
        :zone="zone"
        :now="now"
      />
      <template v-if="forecast">
        <DrainCurve
          :forecast="forecast"
          :drain="drain"
          :now-hours="elapsed"
          :running="running"
          :zone="zone"
          :units="units"
        />
        <DrainSum :forecast="forecast" :parts="shownParts" :own="own" :units="units" />
      </template>
    </section>
    <aside class="column">
      <template v-if="!running">
        <p class="text">{{ tell('DrainRun.this-drain-closed-its-honey') }}</p>
        <RouterLink class="p-button p-component" :to="`/settle/${detail.batch.id}`">{{
          tell('DrainRun.settle-and-skim')
        }}</RouterLink>
        <RouterLink
          class="p-button p-component p-button-outlined"
          :to="`/jar/${detail.batch.id}`"
          >{{ tell('common.go-on-to-jar') }}</RouterLink
        >
      </template>
      <PressPanel
        v-else-if="panel === 'press'"
        :drain="drain"
        :rules="rules"
        :zone="zone"
        :now="now"
        :out-kg="outKg"
        :runs="runs?.drains ?? []"
        :hive-kind="detail.batch.hiveKind"
        @draw-first="panel = 'draw'"
        @away="close"
      />
      <WeighPanel
        v-else-if="panel === 'weigh'"
        :drain="drain"
        :lower="lower"
        :upper="upper"
        :rules="rules"
        :zone="zone"
        :now="now"
        @done="close"
      />
      <DrainKeys
        v-else
        :main="main"
        :words="mainWords"
        :overflows-at="overflow"
        :stirred="isStirred(drain.method, rules)"
        :remash-text="remashText"
        :busy="busy"
        :refusal="refusal"
        @main="doMain"
        @mash="mashAgain"
        @open="panel = $event"
      />
      <DrainLog
        :drain="drain"
        :rules="rules"
        :zone="zone"
        :now="now"
        @readings="panel = 'readings'"
      />
    </aside>
    <DialogFrame
      :visible="panel === 'draw'"
      :header="tell('DrainRun.draw-off')"
      :width="480"
      @update:visible="close"
    >
      <DrawOff :drain="drain" :rules="rules" :most-g="mostG" @done="close" />
    </DialogFrame>
    <DialogFrame
      :visible="panel === 'temperature'"
      :header="tell('DrainRun.temperature-at-bench')"
      :width="480"
      @update:visible="close"
    >
      <TemperatureForm :drain-id="drain.id" @done="close" />
    </DialogFrame>
    <DialogFrame
      :visible="panel === 'warm'"
      :header="tell('common.warm')"
      :width="520"
      @update:visible="close"
      ><WarmPanel :drain="drain" :rules="rules" :warming="warming" :elapsed="elapsed"
    /></DialogFrame>
    <DialogFrame
      :visible="panel === 'readings'"
      :header="tell('DrainRun.readings')"
      :width="560"
      @update:visible="close"
      ><ReadingsDialog :drain="drain"
    /></DialogFrame>
    <DialogFrame
      :visible="panel === 'close'"
      :header="tell('DrainRun.stop-draining')"
      :width="560"
      @update:visible="close"
      ><CloseDrain
        :drain="drain"
        :rules="rules"
        :forecast="forecast"
        :left-g="crushedNowG ?? 0"
        :last-gross-g="closeFrom?.grossG ?? null"
        :lower-tare-g="closeFrom?.tareG ?? lower?.tareG ?? null"
        :drawn-g="drawnG"
        :by-estimate="byEstimate"
        :price-per-kg="pricePerKg"
    /></DialogFrame>
  </div>
</template>

<style scoped>
.drain {
  grid-template-columns: 372px minmax(0, 1fr) 340px;
  grid-template-rows: auto auto 1fr;
  grid-template-areas: 'head head head' 'vessels told column' 'vessels curve column';
}
.drain > header {
  grid-area: head;
}
.vessels {
  grid-area: vessels;
}
.told {
  grid-area: told;
}
.curve {
  grid-area: curve;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.column {
  grid-area: column;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.small :deep(.p-button) {
  min-height: 44px !important;
  font-size: 16px !important;
}
.bench :deep(.p-inputtext) {
  min-height: 56px;
  font-size: 20px;
  font-weight: 700;
}
@media (max-width: 1150px) {
  .drain {
    grid-template-columns: 372px minmax(0, 1fr);
    grid-template-areas: 'head head' 'vessels told' 'vessels curve' 'column column';
  }
}
@media (max-width: 800px) {
  .drain {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
    grid-template-areas: 'head' 'told' 'column' 'curve' 'vessels';
  }
  .drain > header .sub {
    order: 1;
    flex-basis: 100%;
  }
}
</style>
