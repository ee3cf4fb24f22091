<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  NEXT_LOT,
  OUTCOME_WORDS,
  STEP_KINDS,
  cutsComb,
  runsInPlace,
  unitAt,
  weighsOut,
  type BatchDetail,
  type HouseRules,
  type IncidentKind,
  type TakeOutcome,
  type Vessel,
  type Way,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, nextTick, ref, toRef, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { newId } from '../api/client.js';
import AgainstNow from '../parts/AgainstNow.vue';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import { massUnit, weightSuch } from '../parts/massUnit.js';
import { clockText } from '../shell/times.js';
import { useAwake } from '../shell/useAwake.js';
import { useNow } from '../shell/useNow.js';
import DripsInBox from './DripsInBox.vue';
import EmptyBoxes from './EmptyBoxes.vue';
import FramesPanel from './FramesPanel.vue';
import HiveScale from './HiveScale.vue';
import IncidentDialog from './IncidentDialog.vue';
import StepChecks from './StepChecks.vue';
import StepDone from './StepDone.vue';
import StepKeys from './StepKeys.vue';
import StepSays from './StepSays.vue';
import TakeHeading from './TakeHeading.vue';
import TakePicture from './TakePicture.vue';
import TiltStep from './TiltStep.vue';
import VesselsFirst from './VesselsFirst.vue';
import WaitClock from './WaitClock.vue';
import WeighBox from './WeighBox.vue';
import WeighUnit from './WeighUnit.vue';
import { useNextKey } from './useNextKey.js';
import { useSkip } from './useSkip.js';
import { useStepAnswers } from './useStepAnswers.js';
import { useTakeRun } from './useTakeRun.js';

/** One harvest taken, one step at a time: what to do now, and one large key that says it is done. */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; vessels: Vessel[] }>();
const router = useRouter();
const now = useNow();
const awake = useAwake();
const units = computed(() => props.rules.units);
const rules = toRef(props, 'rules');
const run = useTakeRun(toRef(props, 'detail'), rules, now);
const { seen, progress, steps, step, shown, at, back, places, combOf, combsOf, markOf, mark } = run;
const { go, busy, refusal } = run;

/** What this kind of step is on the screen. */
const says = computed(() => STEP_KINDS[step.value.kind]);
const weighing = ref<TakeOutcome | null>(null);
const happened = ref(false);
watch(
  () => step.value.id,
  () => (weighing.value = null),
);
const isDone = computed(() => shown.value < at.value);
/** One large key that answers the step stands below everything; where more is said, beside it. */
const isPinned = computed(() => !weighing.value && says.value.key !== 'panel');
const combId = computed(() => combOf(step.value.slot));
const taken = computed(() => props.detail.takes.find((t) => t.combId === combId.value) ?? null);
const doneAt = computed(() => {
  const instant = markOf(step.value.id)?.occurredAt ?? taken.value?.occurredAt;
  return instant ? clockText(instant, props.detail.batch.zone, now.value) : null;
});
const stepCombs = computed(() => combsOf(step.value.slots));
const framePlaces = computed(() => {
  const slots = steps.value.find((s) => s.kind === 'frames')?.slots ?? [];
  return slots.flatMap((slot) => {
    const comb = combOf(slot);
    return comb ? [{ slot, combId: comb }] : [];
  });
});
const hasFrames = computed(() => framePlaces.value.length > 0);
const {
  checked,
  tiltDegrees,
  trayText,
  trayG,
  stripMm,
  vesselOf,
  beforeText,
  vesselsSay,
  ...asked
} = useStepAnswers(step, hasFrames, rules);
const { notYet } = asked;

/** While a wait still runs its key is there, but not the one obvious thing to touch. */
const waits = computed(() => {
  const { waitUntil } = progress.value;
  return Boolean(waitUntil && Date.parse(waitUntil) > now.value.getTime());
});
const skip = useSkip(waits);
const anyTaken = computed(() => props.detail.takes.some((t) => weighsOut(t.outcome)));
/** Another lot of this hive that is taken in the same visit. */
const nextLot = computed(
  () => props.detail.sameVisit.find((o) => o.stage === 'take' || o.stage === 'ready')?.id ?? null,
);
/** What the large key says. */
const mainLabel = computed(() => {
  if (skip.asks.value) return tell('TakeRun.go-on-all-same');
  if (step.value.kind !== 'after' || step.value.id === NEXT_LOT) return said(step.value.done);
  return anyTaken.value ? tell('TakeRun.done-on-to-bench') : tell('TakeRun.close-nothing-taken');
});
/** The small key for whatever went otherwise stands alone where no other small keys stand. */
const tellsOtherwise = computed(
  () => !weighing.value && !isDone.value && says.value.key !== 'end' && says.value.key !== 'weigh',
);

async function next(): Promise<void> {
  if (busy.value || isDone.value || notYet.value || asked.isUnreadable.value) return;
  if (weighing.value || !skip.mayGoOn()) return;
  const act = { panel: () => undefined, weigh: beginWeighing, end: finish, on: markDone };
  await act[says.value.key]();
}
const beginWeighing = (): void => void (weighing.value = 'taken');
const markDone = (): void => mark(asked.answers());
/** Where what was taken goes next, by its way. */
function stageAfter(method: Way): 'cut' | 'jar' | 'drain' {
  if (cutsComb(method)) return 'cut';
  return runsInPlace(method) ? 'jar' : 'drain';
}
function doneText(goesOn: boolean): string {
  if (!anyTaken.value) return tell('TakeRun.nothing-was-taken-harvest-closed');
  return goesOn ? tell('TakeRun.hive-stays-open-for-next') : tell('TakeRun.hive-closed');
}
async function finish(): Promise<void> {
  // Once it is done the screen may show the next harvest, or none: where it goes on is kept before.
  const { id: batchId, method, revision } = props.detail.batch;
  const stage = anyTaken.value ? stageAfter(method) : 'book';
  const following = step.value.id === NEXT_LOT ? nextLot.value : null;
  if (following) mark();
  const done = await go(
    `/harvests/${batchId}/stage`,
    { stage, handsOnMinutes: run.minutes.value },
    doneText(following !== null),
    { baseRevision: revision },
  );
  if (done) await router.push(following ? `/take/${following}` : `/${stage}/${batchId}`);
}
async function put(outcome: TakeOutcome): Promise<void> {
  const { slot } = step.value;
  if (slot === undefined) return;
  await go(
    '/takes',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      combId: combId.value,
      outcome,
      ...{ vesselId: null, grossG: null, tareG: null },
    },
    `${said(unitAt(props.detail.hive.kind, slot))} ${said(OUTCOME_WORDS[outcome])}.`,
  );
}
/** What becomes of the comb in hand where it was told that something went otherwise. */
const AT_THE_COMB: Partial<Record<IncidentKind, () => unknown>> = {
  'bar-broke': () => (weighing.value = 'broke'),
  'comb-fell': () => (weighing.value = 'fell'),
  brood: () => put('brood-seen'),
  queen: () => put('queen-seen'),
};
/** What was told changes what comes next: a fallen comb is weighed as fallen, brood goes back. */
async function told(kind: IncidentKind): Promise<void> {
  if (step.value.kind === 'unit' && !taken.value) await AT_THE_COMB[kind]?.();
}
const keys = useTemplateRef<InstanceType<typeof StepKeys>>('keys');
/** All lines are ticked: the same key that ticked the last one goes on. */
async function focusMain(): Promise<void> {
  await nextTick();
  keys.value?.focus();
}
// Frames that run have a next action of their own.
useNextKey(() => step.value.kind !== 'frames' && next());
</script>

<template>
  <div class="stage take bench" :class="{ wide: step.kind === 'frames' && !isDone }">
    <TakeHeading
      :detail="detail"
      :steps="steps"
      :shown="shown"
      :at="at"
      :stings="progress.stings"
      :may-go-back="shown > 0 && !weighing"
      @back="back++"
    />
    <section class="now" :class="{ weighing }">
      <AgainstNow :detail="detail" :rules="rules" only-forbids />
      <StepSays
        :detail="detail"
        :rules="rules"
        :step="step"
        :comb-id="combId"
        :is-taken="taken !== null"
        :frame-combs="framePlaces.map((f) => f.combId)"
        :shut-by="progress.shutBy"
      >
        <EmptyBoxes v-if="step.kind === 'after' && !isDone" :detail="detail" />
        <HiveScale
          v-if="shown === 0 || step.kind === 'after'"
          :detail="detail"
          :when="step.kind === 'after' ? 'after' : 'before'"
          :units="units"
        />
      </StepSays>
      <template v-if="!isDone">
        <WaitClock v-if="step.waitMinutes && progress.waitUntil" :until="progress.waitUntil" />
        <StepChecks v-if="step.checks" v-model="checked" :checks="step.checks" @all="focusMain" />
        <VesselsFirst
          v-if="step.id === 'checks'"
          v-model="vesselOf"
          v-model:before="beforeText"
          :detail="detail"
          :rules="rules"
          :vessels="vessels"
          :frames="framePlaces"
          @says="vesselsSay = $event"
        />
        <TiltStep
          v-if="step.asks === 'tilt'"
          v-model="tiltDegrees"
          :hive="detail.hive"
          :rules="rules"
        />
        <div v-if="step.asks === 'tray'" class="tray">
          <TextField
            v-model="trayText"
            :unit="massUnit(units)"
            :label="tell('TakeRun.honey-on-tray-0-if')"
            :error="trayG === null ? weightSuch(60) : null"
          />
        </div>
        <NumberField
          v-if="step.asks === 'strip'"
          v-model="stripMm"
          nullable
          :label="tell('TakeRun.comb-left-on-bars-as')"
          unit="mm"
          :min="0"
          :max="100"
        />
        <FramesPanel
          v-if="step.kind === 'frames'"
          :detail="seen"
          :rules="rules"
          :vessels="vessels"
          :slots="step.slots ?? []"
          :comb-of="combOf"
          :settled="run.flush"
          @finished="mark()"
          @otherwise="happened = true"
        />
      </template>
      <TakePicture
        v-if="says.pictured"
        class="whole"
        :class="{
          weighing: weighing || step.kind === 'box',
          beside: isPinned && detail.hive.boxes.length > 0,
        }"
        :detail="detail"
        :place="step.slot"
        :slots="places.map((p) => p.slot)"
      />
      <p v-if="awake.says.value && shown === 0" class="sub">{{ awake.says.value }}</p>
    </section>
    <aside class="acts" :class="{ pinned: isPinned }">
      <StepDone
        v-if="isDone"
        :taken="taken"
        :at="doneAt"
        :units="units"
        :may-undo="markOf(step.id) !== null && shown === at - 1"
        :busy="busy"
        :refusal="refusal"
        @now="back = 0"
        @undo="run.unmark"
      />
      <WeighUnit
        v-else-if="weighing && combId && step.slot !== undefined"
        :key="combId"
        :detail="detail"
        :rules="rules"
        :vessels="vessels"
        :place="step.slot"
        :comb-id="combId"
        :outcome="weighing"
        @done="weighing = null"
        @back="weighing = null"
      />
      <WeighBox
        v-else-if="step.kind === 'box'"
        :key="step.id"
        :detail="seen"
        :rules="rules"
        :step="step"
        :comb-ids="stepCombs"
      />
      <StepKeys
        v-else-if="step.kind !== 'frames'"
        ref="keys"
        :label="mainLabel"
        :not-yet="notYet"
        :asks-to-skip="skip.asks.value"
        :waits="waits"
        :is-unreadable="asked.isUnreadable.value"
        :may-go-unsmoked="step.id === 'smoke'"
        :weighs="says.key === 'weigh'"
        :busy="busy"
        :refusal="refusal"
        @next="next"
        @unsmoked="mark({ unsmoked: true })"
        @put="put"
        @otherwise="happened = true"
      >
        <DripsInBox
          v-if="step.putOff"
          :key="step.id"
          :detail="seen"
          :rules="rules"
          :comb-ids="stepCombs"
          :put-off="step.putOff"
        />
      </StepKeys>
      <Button
        v-if="tellsOtherwise && step.kind !== 'frames'"
        outlined
        class="otherwise"
        :label="tell('common.something-went-otherwise')"
        @click="happened = true"
      />
    </aside>
    <IncidentDialog
      v-model:visible="happened"
      :detail="detail"
      :rules="rules"
      :step-id="step.id"
      :comb-id="combId"
      :frames="step.kind === 'frames'"
      :stings="progress.stings"
      @told="told"
    />
  </div>
</template>

<style scoped>
.tray {
  max-width: 420px;
  margin-top: 10px;
}
.acts :deep(.main) {
  min-height: 108px !important;
  font: 600 28px var(--display) !important;
  width: 100%;
}
.acts :deep(.otherwise) {
  min-height: 80px !important;
}
.bench :deep(.p-inputtext) {
  min-height: 64px;
  font-size: 22px;
  font-weight: 700;
}
/* On a desk both keys share a line, so that the whole hive stays in sight above them; a stack of
   boxes, taller than wide, stands beside the words. */
@media (min-width: 1100px) {
  .now:has(> .beside) {
    position: relative;
    grid-column: 1 / -1;
    min-height: 440px;
  }
  .now:has(> .beside) > :deep(:not(.beside)) {
    max-width: 640px;
  }
  .now > .beside {
    position: absolute;
    top: 0;
    right: 0;
    width: calc(100% - 680px);
  }
  .pinned:has(> .otherwise) {
    flex-flow: row wrap;
  }
  .pinned:has(> .otherwise) > :deep(*) {
    flex: 1 1 100%;
  }
  .pinned:has(> .otherwise) > :deep(.main) {
    flex: 3 1 480px;
  }
  .pinned:has(> .otherwise) > :deep(.otherwise) {
    flex: 1 1 220px;
  }
  .pinned > :deep(.keyhint) {
    order: 1;
  }
}
@media (max-width: 599px) {
  .whole.weighing {
    display: none;
  }
  .take {
    display: flex;
    flex-direction: column;
    padding-bottom: 0;
  }
  .now {
    flex: 1;
  }
  .pinned {
    position: sticky;
    bottom: 0;
    background: var(--lime-1);
    border-top: 2px solid var(--ink);
    margin: 0 -16px;
    padding: 10px 16px;
    gap: 8px;
    z-index: 1;
  }
  .pinned :deep(.main) {
    min-height: 88px !important;
  }
  .pinned :deep(.p-button-text) {
    min-height: 40px;
  }
}
</style>
