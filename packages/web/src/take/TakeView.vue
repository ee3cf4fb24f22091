<script setup lang="ts">
import {
  NEXT_LOT,
  STEP_KINDS,
  percentDown,
  OUTCOME_WORDS,
  cutsComb,
  estimateSeen,
  filledLook,
  frameRefill,
  guessBias,
  massText,
  nextFrameDate,
  placeLabel,
  runsInPlace,
  unitWord,
  weighsOut,
  type IncidentKind,
  type Take,
  type TakeOutcome,
  type Way,
} from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, nextTick, onMounted, onUnmounted, ref, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import FaintDrawing from '../parts/FaintDrawing.vue';
import AgainstNow from '../parts/AgainstNow.vue';
import NumberField from '../parts/NumberField.vue';
import OwedNote from '../parts/OwedNote.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import LeftStageView from '../parts/LeftStageView.vue';
import { leftTake } from '../parts/leftStage.js';
import NothingWaits from '../parts/NothingWaits.vue';
import { newId } from '../api/client.js';
import { useGuesses, useRules, useVessels } from '../api/queries.js';
import AlarmKey from '../shell/AlarmKey.vue';
import { clockText } from '../shell/times.js';
import { useAwake } from '../shell/useAwake.js';
import { useNow } from '../shell/useNow.js';
import { useUi } from '../shell/ui.js';
import DripsInBox from './DripsInBox.vue';
import EmptyBoxes from './EmptyBoxes.vue';
import FramesPanel from './FramesPanel.vue';
import HiveScale from './HiveScale.vue';
import IncidentDialog from './IncidentDialog.vue';
import StepChecks from './StepChecks.vue';
import TakePicture from './TakePicture.vue';
import TiltStep from './TiltStep.vue';
import VesselsFirst from './VesselsFirst.vue';
import { useSkip } from './useSkip.js';
import WaitClock from './WaitClock.vue';
import WeighBox from './WeighBox.vue';
import WeighUnit from './WeighUnit.vue';
import AlsoHere from '../house/AlsoHere.vue';
import { useTakeRun } from './useTakeRun.js';
import { said } from '../shell/units.js';

const router = useRouter();
const ui = useUi();
const now = useNow();
const awake = useAwake();
const { id, detail, loading, error, retry } = useStageBatch('take', (b) => b.stage === 'take');
const { data: vessels } = useVessels();
const { data: rulesVersion } = useRules();
const rules = computed(() => rulesVersion.value?.rules);
const units = computed(() => rules.value?.units ?? 'metric');
const left = computed(() => (detail.value ? leftTake(detail.value, units.value) : null));
const {
  seen,
  progress,
  steps,
  step,
  shown,
  at,
  back,
  places,
  combOf,
  markOf,
  mark,
  unmark,
  minutes,
  flush,
  go,
  busy,
  refusal,
} = useTakeRun(detail, rules, now);
const weighing = ref<TakeOutcome | null>(null);
/** What this kind of step is on the screen. */
const says = computed(() => STEP_KINDS[step.value.kind]);
/** One large key that answers the step stands below everything; where more is said, beside it. */
const isPinned = computed(() => !weighing.value && says.value.key !== 'panel');
const happened = ref(false);
const checked = ref<string[]>([]);
const mainKey = useTemplateRef<{ $el: HTMLElement }>('mainKey');
/** All lines are ticked: the same key that ticked the last one goes on. */
async function focusMain(): Promise<void> {
  await nextTick();
  mainKey.value?.$el.focus();
}
const tiltDegrees = ref<number | null>(null);
const trayText = ref('');
/** How high the strips are that were left on the bars; null where nobody said. */
const stripMm = ref<number | null>(null);
const vesselOf = ref<Record<string, string>>({});
const beforeText = ref<Record<string, string>>({});
const vesselsSay = ref<string | null>(null);
const combId = computed(() => combOf(step.value?.slot));
const taken = computed(() => detail.value?.takes.find((t) => t.combId === combId.value) ?? null);
const look = computed(
  () => detail.value?.looks.filter((l) => l.combId === combId.value).at(-1) ?? null,
);
const estimate = computed(() =>
  look.value && detail.value ? estimateSeen(look.value, detail.value.hive) : null,
);
const units_ = computed(() => steps.value.filter((s) => s.kind === 'unit'));
const unitNumber = computed(() => units_.value.findIndex((s) => s.id === step.value?.id) + 1);
watch(
  () => step.value?.id,
  () => {
    checked.value = [];
    weighing.value = null;
    tiltDegrees.value = null;
    trayText.value = '';
  },
);
const isDone = computed(() => shown.value < at.value);
const doneAt = computed(() =>
  step.value ? (markOf(step.value.id)?.occurredAt ?? taken.value?.occurredAt ?? null) : null,
);
const trayG = computed(() => {
  const g = gramsOf(trayText.value || '0', units.value);
  return g === null ? null : Math.round(g);
});
const framePlaces = computed(() =>
  (steps.value.find((s) => s.kind === 'frames')?.slots ?? []).map((slot) => ({
    slot,
    combId: combOf(slot)!,
  })),
);
/** What still keeps the large key shut, in a sentence; null where nothing does. */
const notYet = computed(() => {
  if (!step.value || !rules.value) return null;
  if (step.value.checks?.some((c) => !checked.value.includes(c.id)))
    return 'Touch each line when it is so.';
  if (
    step.value.asks === 'tilt' &&
    (tiltDegrees.value === null || tiltDegrees.value < rules.value.drainTiltDegrees)
  )
    return `Not before it leans ${rules.value.drainTiltDegrees}°.`;
  if (step.value.id === 'checks' && framePlaces.value.length) return vesselsSay.value;
  return null;
});
const { data: guesses } = useGuesses();
const bias = computed(() => guessBias(guesses.value ?? []));
/** When to come back to frames that were drained: said where the work ends. */
const comeBack = computed(() => {
  if (!rules.value || !detail.value || !framePlaces.value.length) return null;
  const today = DateTime.fromJSDate(now.value, { zone: detail.value.batch.zone }).toISODate()!;
  const frames = framePlaces.value.map((f) => ({
    drainedOn: today,
    looks: detail.value!.looks.filter((l) => l.combId === f.combId).flatMap(filledLook),
  }));
  return nextFrameDate(today, frameRefill(frames), rules.value.frameMaxWeeks);
});
async function put(outcome: TakeOutcome): Promise<void> {
  await go(
    '/takes',
    {
      id: newId(),
      batchId: id.value,
      combId: combId.value,
      outcome,
      vesselId: null,
      grossG: null,
      tareG: null,
    },
    `${unitWord(detail.value!.hive.kind)} ${placeLabel(step.value!.slot!)} ${OUTCOME_WORDS[outcome]}.`,
  );
}
/** While a wait still runs its key is there, but not the one obvious thing to touch. */
const waits = computed(() =>
  Boolean(progress.value?.waitUntil && Date.parse(progress.value.waitUntil) > now.value.getTime()),
);
const skip = useSkip(waits);
const anyTaken = computed(() => detail.value?.takes.some((t) => weighsOut(t.outcome)) ?? false);
/** Where what was taken goes next, by its way. */
function stageAfter(method: Way): 'cut' | 'jar' | 'drain' {
  if (cutsComb(method)) return 'cut';
  return runsInPlace(method) ? 'jar' : 'drain';
}
async function finish(): Promise<void> {
  // Once it is done the screen may show the next harvest, or none: where it goes on is kept before.
  const { id: batchId, method } = detail.value!.batch;
  const stage = anyTaken.value ? stageAfter(method) : 'book';
  const following = step.value?.id === NEXT_LOT ? nextLot.value : null;
  if (following) mark();
  const done = await go(
    `/harvests/${id.value}/stage`,
    { stage, handsOnMinutes: minutes.value },
    doneText(following !== null),
    { baseRevision: detail.value!.batch.revision },
  );
  if (done) await router.push(following ? `/take/${following}` : `/${stage}/${batchId}`);
}
/** What the large key says. */
const mainLabel = computed(() => {
  if (!step.value) return '';
  if (skip.asks.value) return 'Go on all the same';
  if (step.value.kind !== 'after' || step.value.id === NEXT_LOT) return step.value.done;
  return anyTaken.value ? 'Done, on to the bench' : 'Close, nothing taken';
});
function doneText(goesOn: boolean): string {
  if (!anyTaken.value) return 'Nothing was taken; the harvest is closed.';
  return goesOn ? 'The hive stays open for the next lot.' : 'Hive is closed.';
}
/** Another lot of this hive that is taken in the same visit. */
const nextLot = computed(
  () => detail.value?.sameVisit.find((o) => o.stage === 'take' || o.stage === 'ready')?.id ?? null,
);
async function next(): Promise<void> {
  if (!step.value || busy.value || isDone.value || notYet.value) return;
  if (!skip.mayGoOn()) return;
  if (says.value.key === 'panel') return;
  if (says.value.key === 'weigh') weighing.value = 'taken';
  else if (says.value.key === 'end') await finish();
  else
    mark({
      ...(tiltDegrees.value !== null ? { tiltDegrees: tiltDegrees.value } : {}),
      ...(step.value.asks === 'tray' ? { trayG: trayG.value ?? 0 } : {}),
      ...(step.value.asks === 'strip' && stripMm.value !== null ? { stripMm: stripMm.value } : {}),
      ...(step.value.id === 'checks' ? vesselAnswers() : {}),
    });
}
function takenText({ netG, outcome }: Take): string {
  if (netG !== null) return massText(netG / 1000, units.value, 2);
  return weighsOut(outcome) ? `${OUTCOME_WORDS[outcome]}, weighed later` : OUTCOME_WORDS[outcome];
}
/** Which vessel stands under which frame, and what was in it before. */
function vesselAnswers(): Record<string, string | number> {
  const under = Object.entries(vesselOf.value).map(([combId, id]) => [`vessel_${combId}`, id]);
  const before = Object.entries(beforeText.value).flatMap(([id, text]) => {
    const g = gramsOf(text, units.value);
    return g ? [[`before_${id}`, g]] : [];
  });
  return Object.fromEntries([...under, ...before]);
}
/** What was told changes what comes next: a fallen comb is weighed as fallen, brood goes back. */
async function told(kind: IncidentKind): Promise<void> {
  const atUnit = step.value?.kind === 'unit' && !taken.value;
  if (atUnit && kind === 'bar-broke') weighing.value = 'broke';
  if (atUnit && kind === 'comb-fell') weighing.value = 'fell';
  if (atUnit && (kind === 'brood' || kind === 'queen'))
    await put(kind === 'brood' ? 'brood-seen' : 'queen-seen');
}
function onKey(event: KeyboardEvent): void {
  if (
    event.key !== ' ' ||
    (event.target as HTMLElement).closest(
      'input, button, a, select, summary, [role="dialog"], [role="button"]',
    )
  )
    return;
  event.preventDefault();
  void next();
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <LeftStageView v-else-if="left && detail" :left="left"
    ><OwedNote :detail="detail"
  /></LeftStageView>
  <NothingWaits
    v-else-if="!detail || !step || !rules"
    heading="Nothing to take now."
    text="Choose combs and plan the day; then the steps stand here, one at a time."
    stage="take"
    :begin="{ to: '/choose', label: 'Go to Choose' }"
    ><FaintDrawing of="steps"
  /></NothingWaits>
  <div v-else class="stage take bench" :class="{ wide: step.kind === 'frames' && !isDone }">
    <header>
      <h1>Take, {{ detail.batch.hiveName }}</h1>
      <AlsoHere
        :about="isDone ? null : detail.batch.id"
        :step="step?.id ?? null"
        where="at this step"
      />
      <span class="sub"
        >step {{ shown + 1 }} of {{ steps.length
        }}<template v-if="unitNumber"
          >, {{ unitWord(detail.hive.kind) }} {{ unitNumber }} of {{ units_.length }}</template
        ><template v-if="progress!.stings"
          >, {{ progress!.stings }} {{ progress!.stings === 1 ? 'sting' : 'stings' }}</template
        ></span
      >
      <span class="right small"
        ><Button
          v-if="shown > 0 && !weighing"
          text
          label="Step before"
          @click="back++" /><AlarmKey /><Button
          text
          :label="ui.sun ? 'Indoor colours' : 'Sun mode'"
          @click="ui.sun = !ui.sun"
      /></span>
      <span class="dots" aria-hidden="true"
        ><i v-for="(s, i) in steps" :key="s.id" :class="{ done: i < at, now: i === shown }"
      /></span>
    </header>
    <section class="now" :class="{ weighing }">
      <AgainstNow :detail="detail" :rules="rules" only-forbids />
      <h2 class="display instruction">{{ step.title }}</h2>
      <p v-if="progress!.shutBy" class="caution" role="alert">
        Shut it again before {{ clockText(progress!.shutBy, detail.batch.zone, now) }}: small flies
        find spilled honey.
      </p>
      <p class="text">{{ said(step.text) }}</p>
      <p v-if="step.kind === 'after' && comeBack" class="text">
        <b>Back to these frames by {{ DateTime.fromISO(comeBack.on).toFormat('d MMMM') }}</b
        >: {{ comeBack.why }}.
      </p>
      <EmptyBoxes v-if="step.kind === 'after' && !isDone" :detail="detail" />
      <HiveScale
        v-if="shown === 0 || step.kind === 'after'"
        :detail="detail"
        :when="step.kind === 'after' ? 'after' : 'before'"
        :units="units"
      />
      <p
        v-if="step.kind === 'unit' && estimate && look && (!rules.guessFirst || taken)"
        class="text"
      >
        <b
          >{{
            look.verdict.cappedPercent === null
              ? ''
              : `${percentDown(look.verdict.cappedPercent / 100)} % capped, `
          }}about {{ massText(estimate.honeyKg.mid, units) }}</b
        >
      </p>
      <p v-if="step.kind === 'unit' && rules.guessFirst && bias" class="sub">
        {{ said(bias.sentence) }}
      </p>
      <p v-if="step.caution" class="caution">{{ said(step.caution) }}</p>
      <template v-if="!isDone">
        <WaitClock v-if="step.waitMinutes && progress!.waitUntil" :until="progress!.waitUntil" />
        <StepChecks v-if="step.checks" v-model="checked" :checks="step.checks" @all="focusMain" />
        <VesselsFirst
          v-if="step.id === 'checks'"
          v-model="vesselOf"
          v-model:before="beforeText"
          :detail="detail"
          :rules="rules"
          :vessels="vessels ?? []"
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
            label="Honey on the tray, 0 if none"
            :error="trayG === null ? weightSuch('0,06 kg') : null"
          />
        </div>
        <NumberField
          v-if="step.asks === 'strip'"
          v-model="stripMm"
          nullable
          label="Comb left on the bars as guide, high"
          unit="mm"
          :min="0"
          :max="100"
        />
        <FramesPanel
          v-if="step.kind === 'frames'"
          :detail="seen!"
          :rules="rules"
          :vessels="vessels ?? []"
          :slots="step.slots!"
          :comb-of="combOf"
          :settled="flush"
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
      <template v-if="isDone">
        <p class="text">
          <b
            >{{ taken ? `Written down: ${takenText(taken)}` : 'Done'
            }}<template v-if="doneAt">
              at {{ clockText(doneAt, detail.batch.zone, now) }}</template
            ></b
          >
        </p>
        <Button class="main" label="Back to now" @click="back = 0" />
        <Button
          v-if="markOf(step.id) && shown === at - 1"
          outlined
          label="Not done after all"
          :loading="busy"
          @click="unmark"
        />
        <Refusal :refusal="refusal" />
      </template>
      <WeighUnit
        v-else-if="weighing && combId"
        :key="combId"
        :detail="detail"
        :rules="rules"
        :vessels="vessels ?? []"
        :place="step.slot!"
        :comb-id="combId"
        :outcome="weighing"
        @done="weighing = null"
        @back="weighing = null"
      />
      <WeighBox
        v-else-if="step.kind === 'box'"
        :key="step.id"
        :detail="seen!"
        :rules="rules"
        :step="step"
        :comb-ids="step.slots!.map((s) => combOf(s)!)"
      />
      <template v-else>
        <template v-if="step.kind !== 'frames'">
          <p v-if="notYet" class="sub">{{ notYet }}</p>
          <p v-if="skip.asks.value" class="sub" role="status">
            The wait is not over: bees that had no time to fill up sting sooner. Asked once.
          </p>
          <Button
            ref="mainKey"
            class="main"
            :outlined="waits"
            :label="mainLabel"
            :loading="busy"
            :disabled="notYet !== null || (step.asks === 'tray' && trayG === null)"
            @click="next"
          />
          <p class="sub keyhint">The space bar does the same.</p>
          <Button
            v-if="step.id === 'smoke'"
            outlined
            class="otherwise"
            label="Opened without smoke"
            :disabled="busy"
            @click="mark({ unsmoked: true })"
          />
          <DripsInBox
            v-if="step.putOff && !isDone"
            :key="step.id"
            :detail="seen!"
            :rules="rules"
            :comb-ids="step.slots!.map((s) => combOf(s)!)"
            :put-off="step.putOff"
          />
          <div v-if="says.key === 'weigh'" class="acts row halves">
            <Button outlined label="Put it back" @click="put('put-back')" /><Button
              outlined
              class="rusty"
              label="Brood seen"
              @click="put('brood-seen')"
            /><Button
              outlined
              class="third"
              label="Something went otherwise…"
              @click="happened = true"
            />
          </div>
          <Refusal :refusal="refusal" />
        </template>
      </template>
      <Button
        v-if="
          !weighing &&
          !isDone &&
          says.key !== 'end' &&
          says.key !== 'weigh' &&
          step.kind !== 'frames'
        "
        outlined
        class="otherwise"
        label="Something went otherwise…"
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
      :stings="progress!.stings"
      @told="told"
    />
  </div>
</template>

<style scoped>
.dots {
  display: flex;
  gap: 8px;
  align-items: center;
}
.dots i {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  border: 2px solid var(--ink);
}
.dots .done {
  background: var(--field);
  border-color: var(--field);
}
.dots .now {
  border: 4px solid var(--field);
  width: 18px;
  height: 18px;
}
.instruction {
  font-size: 46px;
  line-height: 50px;
  margin: 4px 0 8px;
}
.text {
  font-size: 20px;
  line-height: 28px;
  max-width: 640px;
}
.caution {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  font-size: 18px;
  font-weight: 600;
  margin: 10px 0;
  max-width: 640px;
}
.tray {
  max-width: 420px;
  margin-top: 10px;
}
.main {
  min-height: 108px !important;
  font: 600 28px var(--display) !important;
  width: 100%;
}
.small {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.small :deep(.p-button) {
  min-height: 44px !important;
  font-size: 17px !important;
}
.halves .p-button {
  flex: 1;
  min-height: 80px;
}
.rusty {
  color: var(--rust) !important;
  border-color: var(--rust) !important;
  border-width: 3px;
}
.halves .p-button {
  padding: 0 6px;
}
.third {
  font-size: 16px !important;
}
.keyhint {
  text-align: center;
}
.otherwise {
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
  .now:has(> .beside) > :not(.beside) {
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
  .pinned:has(> .otherwise) > * {
    flex: 1 1 100%;
  }
  .pinned:has(> .otherwise) > .main {
    flex: 3 1 480px;
  }
  .pinned:has(> .otherwise) > .otherwise {
    flex: 1 1 220px;
  }
  .pinned > .keyhint {
    order: 1;
  }
}
@media (max-width: 599px) {
  .keyhint,
  .dots {
    display: none;
  }
  .instruction {
    font-size: 40px;
    line-height: 44px;
  }
  .text {
    font-size: 19px;
    line-height: 25px;
  }
  .now.weighing .text,
  .now.weighing .caution,
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
  .take > header {
    gap: 0 10px;
  }
  .take > header h1 {
    display: none;
  }
  .take > header .right {
    margin-left: auto;
    gap: 4px;
    flex-wrap: nowrap;
  }
  .small :deep(.p-button) {
    font-size: 15px !important;
    padding: 0 5px;
  }
  .wide .instruction {
    font-size: 30px;
    line-height: 34px;
  }
  .wide .text {
    display: none;
  }
  .instruction {
    margin: 0 0 4px;
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
  .pinned .main {
    min-height: 88px !important;
  }
  .pinned :deep(.p-button-text) {
    min-height: 40px;
  }
  .otherwise {
    min-height: 80px !important;
  }
}
</style>
