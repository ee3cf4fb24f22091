<script setup lang="ts">
import { massText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  RUNS_TO_APPLY,
  honeyDensityKgPerL,
  readShape,
  type BatchDetail,
  type HouseRules,
  type Vessel,
} from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref, toRef, watch } from 'vue';
import DrainFrameInPlace from '../drawing/DrainFrameInPlace.vue';
import Refusal from '../parts/Refusal.vue';
import { useSend } from '../api/useSend.js';
import { useNow } from '../shell/useNow.js';
import SwapVessel from './SwapVessel.vue';
import FrameTold from './FrameTold.vue';
import WeighVessel from './WeighVessel.vue';
import { useFrameActs } from './useFrameActs.js';
import { useFrames } from './useFrames.js';
import { useNextKey } from './useNextKey.js';

/**
 * Frames that run: one large with its vessel, the others beside it; opened part by part, weighed,
 * reset and plugged.
 */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  vessels: Vessel[];
  slots: readonly number[];
  combOf: (slot: number | undefined) => string | null;
  /** Resolves when the steps before have arrived: the server opens nothing before them. */
  settled: () => Promise<void>;
}>();
const emit = defineEmits<{ finished: []; otherwise: [] }>();
const now = useNow();
const { go, busy, refusal } = useSend();
const {
  frames,
  held,
  labelOf,
  sharesOf,
  owed,
  owedBy,
  offer,
  next,
  fullKg,
  forecasts,
  vesselForecasts,
  questions,
  prior,
  moisturePercent,
} = useFrames(
  toRef(props, 'detail'),
  toRef(props, 'rules'),
  toRef(props, 'vessels'),
  toRef(props, 'slots'),
  props.combOf,
  now,
);
/** Logged frames that the forecast rests on; 0 while there are too few to count. */
const ownFrames = computed(() => (prior.value.runs >= RUNS_TO_APPLY ? prior.value.runs : 0));
const at = ref(
  Math.max(
    0,
    frames.value.findIndex((f) => !f.run.closed),
  ),
);
const frame = computed(() => frames.value[at.value]);
const step = computed(() => next(at.value));
const forecast = computed(() => forecasts.value[frame.value.combId] ?? null);
const units = computed(() => props.rules.units);
const zone = computed(() => props.detail.batch.zone);
const density = computed(() => honeyDensityKgPerL(moisturePercent.value, 27));
const shape = computed(() => readShape(props.detail.hive).outline);
const scale = window.matchMedia('(max-width: 599px)').matches ? 0.62 : 0.92;
/** The vessel under the frame in view, as a thing of its own. */
const under = computed(() =>
  frame.value.vesselId ? held.value.get(frame.value.vesselId) : undefined,
);
const vesselForecast = computed(() =>
  frame.value.vesselId && under.value ? vesselForecasts.value[frame.value.vesselId] : undefined,
);
const levelKg = computed(
  () => vesselForecast.value?.inVesselKg.mid ?? (under.value?.heldG ?? 0) / 1000,
);
/** All that ran into it was weighed: what it holds is known. */
const isWeighed = computed(
  () => under.value !== undefined && under.value.weighedAt !== null && !under.value.spells.length,
);
const together = computed(() =>
  frames.value.filter(
    (f) => f.run.openedAt && !f.run.closed && f.vesselId === frame.value.vesselId,
  ),
);
const outShare = computed(() => {
  const opened = frame.value.honeyKg.mid * (frame.value.run.partsOpen / props.rules.frameParts);
  return opened > 0
    ? Math.min(1, (forecast.value?.outNowKg.mid ?? frame.value.run.outG / 1000) / opened)
    : 0;
});
/** What the form beside the drawing is for; a weighing names its vessel. */
const panel = ref<{ kind: 'weigh'; vesselId: string } | { kind: 'swap' } | null>(null);
watch(at, () => (panel.value = null));
watch(panel, () => (refusal.value = null));
const weighed = computed(() => {
  const { value } = panel;
  if (value?.kind !== 'weigh') return null;
  const vessel = props.vessels.find((v) => v.id === value.vesselId);
  const holds = held.value.get(value.vesselId);
  return vessel && holds ? { vessel, holds } : null;
});
const weigh = (vesselId: string): void => void (panel.value = { kind: 'weigh', vesselId });
const nameOf = (vesselId: string): string =>
  props.vessels.find((v) => v.id === vesselId)?.name ?? tell('FramesPanel.vessel');
/** The frame a vessel's weighing is written under: the one in view where it ran into it. */
const writtenUnder = (vesselId: string): string => {
  const spells = held.value.get(vesselId)?.spells ?? [];
  return spells.some((s) => s.combId === frame.value.combId)
    ? frame.value.combId
    : (spells[0]?.combId ?? frame.value.combId);
};
const { write, open, openAlready, plug, owedNow, ACTS } = useFrameActs({
  detail: toRef(props, 'detail'),
  rules: toRef(props, 'rules'),
  frames,
  at,
  owedBy,
  nameOf,
  settled: () => props.settled(),
  weigh,
  go,
});
const act = computed(() => ACTS[step.value.act]);
const allClosed = computed(() => frames.value.every((f) => f.run.closed || !f.run.openedAt));
const anyClosed = computed(() => frames.value.some((f) => f.run.closed));
const shut = computed(() => frames.value.filter((f) => !f.run.openedAt));
const hasLeaked = computed(() => frames.value.some((f) => f.run.hasLeaked));
const doneLabel = computed(() =>
  hasLeaked.value && shut.value.length
    ? tell('FramesPanel.stop-here-frames-stay-shut', { shut: shut.value.length })
    : tell('FramesPanel.all-frames-closed'),
);
/** What the one large key does. */
function goOn(): void {
  if (panel.value || busy.value) return;
  if (allClosed.value && anyClosed.value) emit('finished');
  else void act.value?.run();
}
useNextKey(goOn);
const minutes = (iso: string | null): string =>
  iso ? `${Math.max(0, Math.round((now.value.getTime() - Date.parse(iso)) / 60_000))} min` : '';
function closedText(f: (typeof frames.value)[number]): string {
  if (owedBy(f.combId).length) return tell('FramesPanel.closed-not-weighed-yet');
  return tell('FramesPanel.closed', { outG: massText(f.run.outG / 1000, units.value, 2) });
}
function state(f: (typeof frames.value)[number]): string {
  if (f.run.closed) return closedText(f);
  if (f.run.leaking) return tell('FramesPanel.leaks');
  if (!f.run.openedAt) return tell('FramesPanel.shut');
  return tell('FramesPanel.open', {
    partsOpen: f.run.partsOpen,
    frameParts: props.rules.frameParts,
    openedAt: minutes(f.run.openedAt),
  });
}
</script>

<template>
  <div class="frames">
    <div class="chips" role="group" :aria-label="tell('FramesPanel.frames')">
      <button
        v-for="(f, i) in frames"
        :key="f.combId"
        type="button"
        :aria-pressed="i === at"
        :class="{ rusty: f.run.leaking }"
        @click="at = i"
      >
        <b>{{ tell('FramesPanel.frame', { f: f.label }) }}</b><span>{{ state(f) }}</span></button
      ><button type="button" class="otherwise" @click="emit('otherwise')">
        <b>{{ tell('common.something-went-otherwise') }}</b>
      </button>
    </div>
    <div class="now">
      <DrainFrameInPlace
        :width-mm="shape.topWidthMm"
        :height-mm="shape.depthMm"
        :parts="rules.frameParts"
        :open="frame.run.partsOpen"
        :may-open="step.mayOpen && step.act === 'open'"
        :is-reset="frame.run.isReset"
        :is-plugged="frame.run.isPlugged"
        :leaking="frame.run.leaking"
        :out-share="outShare"
        :vessel="frame.vessel"
        :level-kg="levelKg"
        :is-weighed="isWeighed"
        :level-high-kg="vesselForecast?.inVesselKg.high ?? 0"
        :full-kg="fullKg(frame.vessel)"
        :density-kg-per-l="density"
        :s="scale"
        :label="
          tell('FramesPanel.frame-about-in-its-vessel', {
            frame: frame.label,
            frame2: state(frame),
            levelKg: massText(levelKg, rules.units),
          })
        "
        :units="rules.units"
        @open="open"
      />
      <FrameTold
        :frame="frame"
        :step="step"
        :forecast="forecast"
        :vessel-forecast="vesselForecast ?? null"
        :together="together"
        :questions="questions"
        :own-frames="ownFrames"
        :rules="rules"
        :zone="zone"
        :now="now"
      />
    </div>
    <WeighVessel
      v-if="weighed"
      :key="weighed.vessel.id"
      :batch-id="detail.batch.id"
      :comb-id="writtenUnder(weighed.vessel.id)"
      :rules="rules"
      :vessel="weighed.vessel"
      :held="weighed.holds"
      :label-of="labelOf"
      :shares-of="(g) => sharesOf(weighed!.holds, g)"
      @done="panel = null"
      @away="panel = null"
    />
    <SwapVessel
      v-else-if="panel?.kind === 'swap' && frame.vessel"
      :batch-id="detail.batch.id"
      :rules="rules"
      :vessel="frame.vessel"
      :frames="[frame, ...together.filter((f) => f.combId !== frame.combId)]"
      :offer="offer"
      :held="held"
      @done="weigh"
      @away="panel = null"
    />
    <div v-else class="acts pinned">
      <Refusal :refusal="refusal" />
      <Button
        v-if="allClosed && anyClosed"
        class="main"
        :label="doneLabel"
        :loading="busy"
        @click="emit('finished')"
      />
      <p v-if="allClosed && anyClosed && shut.length" class="sub">
        {{ tell('FramesPanel.frames-stay-shut', { shut: shut.length }) }}
        <template v-if="hasLeaked"
          >{{ tell('FramesPanel.drain-them-off-hive-over', { shut: shut.length }) }}
          <RouterLink :to="`/choose/${detail.hive.id}`">{{
            tell('FramesPanel.choose-again')
          }}</RouterLink>.</template
        >
      </p>
      <Button
        v-if="act && !(allClosed && anyClosed && frame.run.closed)"
        class="main"
        :outlined="allClosed && anyClosed"
        :label="act.label()"
        :loading="busy"
        @click="act.run()"
      />
      <Button
        v-if="step.act === 'open' && !frame.run.openedAt"
        outlined
        class="big-touch"
        :label="tell('FramesPanel.it-was-open-already')"
        :loading="busy"
        @click="openAlready"
      />
      <div v-if="frame.run.openedAt && !frame.run.closed" class="acts row halves">
        <Button
          v-if="step.act === 'check-leak' || step.act === 'open' || step.act === 'weigh'"
          outlined
          class="rusty"
          :label="tell('FramesPanel.it-leaks')"
          @click="write('leak', tell('FramesPanel.leak'))"
        />
        <Button
          outlined
          :label="tell('FramesPanel.weigh-vessel')"
          @click="weigh(frame.vesselId!)"
        /><Button
          outlined
          :label="tell('FramesPanel.swap-vessel')"
          @click="panel = { kind: 'swap' }"
        />
        <Button
          v-if="step.act === 'plug' && owedNow.length"
          outlined
          :label="tell('FramesPanel.plug-in-weigh-later')"
          @click="plug(true)"
        />
      </div>
      <Button
        v-for="v in owed"
        :key="v.vesselId"
        outlined
        class="rusty"
        :label="tell('FramesPanel.not-weighed-yet', { vesselId: nameOf(v.vesselId) })"
        @click="weigh(v.vesselId)"
      />
    </div>
  </div>
</template>

<style scoped src="./atTheHive.css" />

<style scoped>
.frames {
  display: grid;
  gap: 12px;
}
.chips {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.chips button {
  min-height: 80px;
  justify-content: center;
  padding: 6px 14px;
  border: 1.5px solid var(--lichen-5);
  border-radius: 6px;
  background: var(--lime-0);
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  display: flex;
  flex-direction: column;
}
.chips [aria-pressed='true'] {
  border: 3px solid var(--ink);
}
.chips .otherwise {
  justify-content: center;
}
.rusty {
  color: var(--rust) !important;
  border-color: var(--rust) !important;
}
.now {
  display: flex;
  gap: 24px;
  flex-wrap: wrap;
}
.halves .p-button {
  flex: 1;
  min-height: 80px;
  padding: 0 8px;
}
@media (min-width: 1101px) {
  /* Beside the drawing it stands at the foot of nothing. */
  .pinned {
    margin: 0;
    padding: 0;
    border-top: 0;
  }
  .frames {
    grid-template-columns: minmax(0, 1fr) 348px;
  }
  .chips,
  .now {
    grid-column: 1;
  }
  .frames > .acts {
    grid-column: 2;
    grid-row: 1 / 3;
    align-self: start;
  }
}
@media (max-width: 599px) {
  .pinned {
    position: sticky;
    bottom: 0;
    background: var(--lime-1);
    border-top: 2px solid var(--ink);
    margin: 0 -16px;
    padding: 10px 16px;
    gap: 8px;
  }
  .main {
    min-height: 88px !important;
  }
}
</style>
