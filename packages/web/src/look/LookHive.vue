<script setup lang="ts">
import { comesLater } from '../parts/comesLater.js';
import { tell } from '../words/tell.js';
import {
  correctionFor,
  dayOf,
  dueItems,
  findingOn,
  hiveKind,
  type Hive,
  type HouseRules,
  between,
} from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, nextTick, onMounted, onUnmounted, ref, toRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useEstimatePairs, useFaces } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import WinterNeed from '../parts/WinterNeed.vue';
import { isWithin } from '../parts/domEvents.js';
import { everTrue } from '../parts/everTrue.js';
import { dayText } from '../shell/times.js';
import { useUi } from '../shell/ui.js';
import { useNow } from '../shell/useNow.js';
import { useQueryHere } from '../shell/useQueryHere.js';
import BoxHistory from './BoxHistory.vue';
import ColonyLine from './ColonyLine.vue';
import CombBar from './CombBar.vue';
import CombHere from './CombHere.vue';
import DueList from './DueList.vue';
import HiveHeading from './HiveHeading.vue';
import HivePicture from './HivePicture.vue';
import HiveSays from './HiveSays.vue';
import HiveTable from './HiveTable.vue';
import LookActs from './LookActs.vue';
import MovesBar from './MovesBar.vue';
import RipeningLine from './RipeningLine.vue';
import RisksOnce from './RisksOnce.vue';
import VerdictPanel from './VerdictPanel.vue';
import { placeName as placeNameOf } from './hiveWords.js';
import { draftSeen, droneShare, type Side } from './lookDraft.js';
import { useLookDrafts } from './useLookDrafts.js';
import { useHiveSays } from './useHiveSays.js';
import { useJudged } from './useJudged.js';
import { useLookMaking } from './useLookMaking.js';
import { useRipening } from './useRipening.js';
import { useSwap } from './useSwap.js';

// Reading a comb does not wait for what is asked for once in a while.
const BegunDialog = comesLater(() => import('../parts/BegunDialog.vue'));
const DeadColony = comesLater(() => import('./DeadColony.vue'));
const MeasuresDialog = comesLater(() => import('./MeasuresDialog.vue'));
const SiteTasks = comesLater(() => import('./SiteTasks.vue'));
const StrayComb = comesLater(() => import('./StrayComb.vue'));

/** One hive looked at: its combs in the drawing, the one in hand read, and what is thought of it. */
const props = defineProps<{
  hive: Hive;
  hives: Hive[];
  rules: HouseRules;
  rulesVersion: number;
}>();
const [hive, rules] = [toRef(props, 'hive'), toRef(props, 'rules')];
const route = useRoute();
const router = useRouter();
const now = useNow();
const ui = useUi();
const { go, busy, refusal } = useSend();
/** On a phone the verdict is pinned below the drawing; its reasons follow at the end. */
const narrow = window.matchMedia('(max-width: 899px)').matches;
const kind = computed(() => hiveKind(props.hive.kind));
const stacked = computed(() => props.hive.boxes.length > 0);
const date = computed(() => dayOf(DateTime.fromJSDate(now.value, { zone: props.hive.site.zone })));

// Which comb is in hand.
const setQuery = useQueryHere();
const combs = computed(() =>
  props.hive.bars.flatMap((b) => (b.comb ? [{ slot: b.slot, combId: b.comb.id }] : [])),
);
const slot = computed({
  get: () =>
    Number(route.query.comb) || (combs.value.at(-1)?.slot ?? props.hive.bars[0]?.slot ?? 1),
  set: (value) => setQuery({ ...route.query, comb: String(value) }),
});
const here = computed(() => props.hive.bars.find((b) => b.slot === slot.value) ?? null);
const placeName = computed(() => (here.value ? placeNameOf(props.hive, here.value) : ''));
const combWord = computed(() =>
  here.value?.boxId === null
    ? tell('LookHive.comb', { slot: slot.value })
    : placeName.value.toLowerCase(),
);
const unitWord = computed(() =>
  kind.value.unitTaken === 'pots' ? tell('common.pots') : tell('common.comb'),
);
const side = ref<Side>('A');
const compareId = ref<string | null>(null);
// A comb is read from side A on.
watch(slot, () => ([side.value, compareId.value] = ['A', null]));

// What is thought of it, a look being made in place of the last one.
const { drafts, draft } = useLookDrafts(hive, here);
const inMaking = computed(
  () =>
    draft.value && {
      combId: draft.value.combId,
      seen: draftSeen(draft.value),
      droneShare: droneShare(draft.value),
    },
);
const judged = useJudged(hive, rules, inMaking);
const current = computed(() => judged.value.find((j) => j.slot === slot.value) ?? null);
const { data: pairs } = useEstimatePairs();
const correction = computed(() =>
  kind.value.bee === 'honeybee' ? correctionFor(pairs.value ?? [], props.hive) : null,
);
const ripening = useRipening(toRef(props, 'hives'), hive, rules, judged, date);
const { pace, state, need } = ripening;
const says = useHiveSays(hive, rules, judged, ripening);
const forecast = computed(() =>
  here.value?.comb && !draft.value ? ripening.forecastOf(here.value.comb) : null,
);
/** When a comb that is left may be looked at again. */
const comeBack = computed(() => {
  const verdict = current.value?.verdict;
  const waits = verdict?.verdict === 'leave' && ['ripe', 'treated'].includes(verdict.decidedBy);
  if (!waits || !here.value?.comb || kind.value.bee !== 'honeybee') return null;
  return ripening.comeBackOf(here.value.comb).sentence;
});
/** The winter need is asked for beside the verdict that waits for it. */
const needsWinter = computed(() => {
  const theirs = current.value && findingOn(current.value.verdict, 'theirs');
  const waits = theirs?.answer === 'unknown' && theirs.limit === undefined;
  return waits && kind.value.bee === 'honeybee' && !state.value.dead;
});
const due = computed(() => dueItems(props.hive, state.value, date.value, props.rules));

// What was seen of it before.
const looks = computed(() => here.value?.comb?.looks ?? []);
const lastLook = computed(() => looks.value.at(-1) ?? null);
const lastText = computed(() =>
  lastLook.value ? dayText(lastLook.value.occurredAt, props.hive.site.zone) : null,
);
/**
 * The comb as it stands now: as at the last look, or as it was left when it was drained or drawn
 * since.
 */
const standing = computed(() => {
  const [look, seen] = [lastLook.value, current.value?.seen];
  if (!look || !seen || !current.value?.emptied) return look;
  return { ...look, sides: seen.sides, pots: seen.pots ?? null, pane: null, attachment: null };
});
const earlier = computed(
  () => looks.value.find((l) => l.id === compareId.value) ?? looks.value.at(-2) ?? null,
);
const paintedId = (look: typeof lastLook.value): string | null =>
  look && (look.painted.A || look.painted.B) ? look.id : null;
const { data: lastFaces } = useFaces(
  computed(() => (current.value?.emptied ? null : paintedId(lastLook.value))),
);
const { data: earlierFaces } = useFaces(
  computed(() => (compareId.value ? paintedId(earlier.value) : null)),
);
const making = useLookMaking({
  ...{ drafts, draft, hive, here, slot, side, combs },
  ...{ standing, lastFaces, combWord, date, go },
});

/** What stands under the verdict, on a desk beside it, on a phone pinned below. */
const acts = computed(() => ({
  hiveId: props.hive.id,
  combWord: combWord.value,
  unitWord: unitWord.value,
  isDraft: draft.value !== null,
  canBeAlike: making.canBeAlike.value,
  canBeSame: making.canBeSame.value,
  boxLabel: making.boxLabel.value,
  anyRead: judged.value.some((j) => j.seen),
  mayTake: judged.value.some((j) => j.verdict.verdict === 'take'),
  busy: busy.value,
  refusal: refusal.value,
}));
const onActs = {
  write: making.writeDown,
  alike: making.writeAndGoOn,
  box: making.writeWholeBox,
  down: making.putDown,
  same: making.seenTheSame,
  step,
};
const asTable = ref(false);
const [measuring, begun, dying, stray] = [ref(false), ref(false), ref(false), ref(false)];
const [measuringAsked, begunAsked, dyingAsked, strayAsked] = [measuring, begun, dying, stray].map(
  (shown) => everTrue(() => shown.value),
);
const verdictPanel = ref<HTMLElement | null>(null);
const showReasons = (): void => verdictPanel.value?.scrollIntoView({ block: 'start' });
const reading = ref<HTMLElement | null>(null);
/** On a phone what a comb is read with stands under the drawing: touching a comb leads to it. */
async function leadToReading(): Promise<void> {
  if (!narrow) return;
  await nextTick();
  reading.value?.scrollIntoView({ block: 'start' });
}
const { swapping, swapWith } = useSwap(hive, go);
/** A touch selects; while two places are being swapped it names the other one. */
async function select(to: number): Promise<void> {
  if (swapping.value) {
    if (await swapWith(to)) slot.value = to;
    return;
  }
  slot.value = to;
  await leadToReading();
}
/** The brood box of a colony that is gone, as long as its frames were not read. */
const closedBrood = computed(() => {
  if (!state.value.dead || kind.value.bee !== 'honeybee') return null;
  const unread = (boxId: string): boolean => !props.hive.bars.some((b) => b.boxId === boxId);
  return props.hive.boxes.find((b) => b.compartment === 'brood' && unread(b.carrierId)) ?? null;
});
const readBrood = (boxId: string): Promise<unknown> =>
  go(`/boxes/${boxId}/read-dead`, {}, tell('LookHive.its-brood-box-can-be'));

function step(by: number): void {
  const slots = combs.value.map((c) => c.slot);
  const i = slots.indexOf(slot.value);
  slot.value = slots[between(0, slots.length - 1, i + by)] ?? slot.value;
  void leadToReading();
}
const KEYS: Readonly<Record<string, () => void>> = {
  arrowright: () => step(1),
  arrowleft: () => step(-1),
  a: () => (side.value = 'A'),
  b: () => (side.value = 'B'),
  v: () => (asTable.value = !asTable.value),
};
/** Where keys are another's. */
const OWN_KEYS =
  'input, select, textarea, canvas, [role="slider"], [role="dialog"]:not(.p-dialog-leave-active)';
function onKey(event: KeyboardEvent): void {
  const isWithCommand = event.ctrlKey || event.metaKey || event.altKey;
  if (!ui.keysOn || isWithCommand || isWithin(event, OWN_KEYS)) return;
  KEYS[event.key.toLowerCase()]?.();
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <div class="stage look">
    <HiveHeading
      v-model:as-table="asTable"
      :hive="hive"
      :hives="hives"
      :dead="Boolean(state.dead)"
      :comb-id="here?.comb?.id ?? null"
      @measure="measuring = true"
    />
    <section class="left">
      <RisksOnce :hive="hive" :kind="kind" :read="state.risksRead" :date="date" />
      <div class="pair" :class="{ stacked }">
        <div>
          <HiveTable v-if="asTable" :judged="judged" :units="rules.units" @select="slot = $event" />
          <HivePicture v-else :hive="hive" :judged="judged" :slot-in-hand="slot" @select="select" />
          <Button
            v-if="closedBrood"
            outlined
            :label="tell('LookHive.read-its-brood-box-too')"
            :loading="busy"
            @click="readBrood(closedBrood.carrierId)"
          />
          <HiveSays v-if="stacked" v-bind="says" />
        </div>
        <div ref="reading" class="reading">
          <CombHere
            v-if="here"
            v-model:side="side"
            :hive="hive"
            :bar="here"
            :place-name="placeName"
            :units="rules.units"
            :date="date"
            :standing="standing"
            :last-faces="lastFaces ?? null"
            :earlier="earlier"
            :earlier-faces="earlierFaces ?? null"
            :draft="draft"
            :making="making"
          />
        </div>
      </div>
      <HiveSays v-if="!stacked" v-bind="says" />
      <MovesBar
        :hive="hive"
        :hives="hives"
        :bar="here"
        :date="date"
        :swapping="swapping"
        @swap="swapping = $event"
        @moved="slot = $event"
      />
      <BoxHistory v-if="stacked" :hive="hive" :units="rules.units" />
      <ColonyLine
        :hive="hive"
        :state="state"
        :units="rules.units"
        :date="date"
        @dead="dying = true"
        @stray="stray = true"
        @begun="begun = true"
      />
    </section>
    <div ref="verdictPanel" class="right-column">
      <VerdictPanel
        v-if="current"
        :judged="current"
        :place-name="combWord"
        :rules="rules"
        :hive-kind="hive.kind"
        :correction="correction"
        :is-draft="draft !== null"
        :last-text="lastText"
      >
        <template v-if="needsWinter" #ask>
          <WinterNeed :kind="hive.kind" :rules="rules" :rules-version="rulesVersion" />
        </template>
        <LookActs v-if="!narrow" v-bind="acts" v-on="onActs" />
        <Button
          v-else-if="draft"
          outlined
          :label="tell('common.put-down-keep-last-look')"
          @click="making.putDown"
        />
        <template #after>
          <RipeningLine
            v-if="!draft && kind.bee === 'honeybee'"
            :looks="looks"
            :forecast="forecast"
            :need-percent="Math.round(need * 100)"
            :today="date"
            :pace="pace"
            :sentence="comeBack"
            :compare-id="compareId"
            @compare="compareId = $event"
          />
        </template>
      </VerdictPanel>
      <p v-else class="sub">{{ tell('LookHive.tap-place-with-comb-to') }}</p>
      <DueList :items="due" />
      <SiteTasks :site="hive.site" />
    </div>
    <CombBar
      v-if="narrow && current"
      :judged="current"
      :comb-word="combWord"
      @reasons="showReasons"
    >
      <LookActs v-bind="acts" pinned v-on="onActs" />
    </CombBar>
    <MeasuresDialog v-if="measuringAsked" v-model:visible="measuring" :hive="hive" />
    <DeadColony
      v-if="dyingAsked"
      v-model:visible="dying"
      :hive="hive"
      :state="state"
      :date="date"
    />
    <BegunDialog
      v-if="begunAsked"
      v-model:visible="begun"
      :hive-id="hive.id"
      :units="rules.units"
      @begun="(d) => router.push(`/${d.batch.stage}/${d.batch.id}`)"
    />
    <StrayComb
      v-if="strayAsked"
      v-model:visible="stray"
      :hive="hive"
      @taken="(id) => router.push(`/drain/${id}`)"
    />
  </div>
</template>

<style scoped>
.right-column {
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-width: 0;
}
.pair.stacked {
  display: grid;
  grid-template-columns: minmax(0, auto) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.pair.stacked > :first-child {
  max-width: 380px;
}
@media (max-width: 900px) {
  .pair.stacked {
    display: block;
  }
}
</style>
