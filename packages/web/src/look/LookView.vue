<script setup lang="ts">
import {
  correctionFor,
  counted,
  countedCombsText,
  dateWords,
  dueItems,
  findingOn,
  hiveKind,
  judgeBox,
  massRangeText,
  placeLabel,
  sumRanges,
  type BarView,
  type Reading,
  isStingless,
  followerAfterBar,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import FaintDrawing from '../parts/FaintDrawing.vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { drawnCombs } from '../drawing/sections/drawHive.js';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import WinterNeed from '../parts/WinterNeed.vue';
import BegunDialog from '../parts/BegunDialog.vue';
import AlsoHere from '../house/AlsoHere.vue';
import StateLine from '../parts/StateLine.vue';
import { useWidth } from '../parts/useWidth.js';
import { newId } from '../api/client.js';
import { useFaces, useEstimatePairs } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dayText } from '../shell/times.js';
import { useUi } from '../shell/ui.js';
import { useNow } from '../shell/useNow.js';
import { DateTime } from 'luxon';
import BoxHistory from './BoxHistory.vue';
import ColonyLine from './ColonyLine.vue';
import CombBar from './CombBar.vue';
import CombReader from './CombReader.vue';
import DeadColony from './DeadColony.vue';
import DueList from './DueList.vue';
import HiveSays from './HiveSays.vue';
import HiveTable from './HiveTable.vue';
import LookActs from './LookActs.vue';
import MeasuresDialog from './MeasuresDialog.vue';
import MovesBar from './MovesBar.vue';
import PotsReader from './PotsReader.vue';
import RipeningLine from './RipeningLine.vue';
import RisksOnce from './RisksOnce.vue';
import SiteTasks from './SiteTasks.vue';
import StrayComb from './StrayComb.vue';
import VerdictPanel from './VerdictPanel.vue';
import {
  asDraft,
  beginDraft,
  draftSeen,
  droneShare,
  type LookDraft,
  type Side,
} from './lookDraft.js';
import { useHive } from './useHive.js';
import { useLookMaking } from './useLookMaking.js';
import { useRipening } from './useRipening.js';
import { useQueryHere } from '../shell/useQueryHere.js';
import { slideIntoView } from '../parts/slideIntoView.js';

const route = useRoute();
const router = useRouter();
const now = useNow();
const ui = useUi();
const { go, busy, refusal } = useSend();
const drafts = ref<Record<string, LookDraft>>(
  JSON.parse(localStorage.getItem('furrow.draft.looks') ?? '{}') as Record<string, LookDraft>,
);
watch(drafts, (all) => localStorage.setItem('furrow.draft.looks', JSON.stringify(all)), {
  deep: true,
});

const setQuery = useQueryHere();
const slot = computed({
  get: () => Number(route.query.comb) || lastSlot.value,
  set: (value) => setQuery({ ...route.query, comb: String(value) }),
});
const draft = computed<LookDraft | null>(() => {
  const bar = here.value;
  const kept = bar?.comb ? drafts.value[bar.comb.id] : null;
  return kept ? asDraft(kept, beginDraft(hive.value!, bar!)) : null;
});
const making = computed(() =>
  draft.value
    ? {
        combId: draft.value.combId,
        seen: draftSeen(draft.value),
        droneShare: droneShare(draft.value),
      }
    : null,
);
const { hives, hive, combs, judged, rules, rulesVersion, loading, error, retry } = useHive(making);
const { data: pairs } = useEstimatePairs();
const correction = computed(() =>
  hive.value ? correctionFor(pairs.value ?? [], hive.value) : null,
);
const lastSlot = computed(
  () => hive.value?.bars.filter((b) => b.comb).at(-1)?.slot ?? hive.value?.bars[0]?.slot ?? 1,
);
const here = computed(() => hive.value?.bars.find((b) => b.slot === slot.value) ?? null);
const current = computed(() => judged.value.find((j) => j.slot === slot.value) ?? null);
/** The winter need is asked for beside the verdict that waits for it. */
const needsWinter = computed(() => {
  const theirs = current.value && findingOn(current.value.verdict, 'theirs');
  const said = theirs?.limit !== undefined;
  return (
    theirs?.answer === 'unknown' && !said && kind.value?.bee === 'honeybee' && !state.value?.dead
  );
});
const looks = computed(() => here.value?.comb?.looks ?? []);
const lastLook = computed(() => looks.value.at(-1) ?? null);
/**
 * The comb as it stands now: as at the last look, or as it was left when it was drained or drawn
 * since.
 */
const standing = computed(() => {
  const [look, seen] = [lastLook.value, current.value?.seen];
  if (!look || !seen || !current.value?.emptied) return look;
  return { ...look, sides: seen.sides, pots: seen.pots ?? null, pane: null, attachment: null };
});
const kind = computed(() => (hive.value ? hiveKind(hive.value.kind) : null));
/** What a place is called in full: "Bar 12", "Super 2, frame 5". */
const placeName = computed(() => (here.value ? nameOf(here.value) : ''));
function nameOf(bar: BarView): string {
  if (bar.boxId === null) return `Bar ${bar.slot}`;
  const box = hive.value!.boxes.find((b) => b.carrierId === bar.boxId)!;
  const unit = { comb: 'comb', box: 'comb', frame: 'frame', pots: 'pots' }[kind.value!.unitTaken];
  return `${box.compartment === 'box' ? 'Box' : 'Super'} ${box.number}, ${unit} ${bar.inBox}`;
}
const combWord = computed(() =>
  here.value?.boxId === null ? `comb ${slot.value}` : placeName.value.toLowerCase(),
);
const unitWord = computed(() => (kind.value?.unitTaken === 'pots' ? 'Pots' : 'Comb'));
const side = ref<Side>('A');
const asTable = ref(false);
/** On a phone the verdict is pinned below the drawing; its reasons follow at the end. */
const narrow = window.matchMedia('(max-width: 899px)').matches;
const measuring = ref(false);
const begun = ref(false);
const [dying, stray] = [ref(false), ref(false)];
const swapping = ref<BarView | null>(null);
const compareId = ref<string | null>(null);
// A comb is read from side A on.
watch(slot, () => ([side.value, compareId.value] = ['A', null]));

const allHives = computed(() => hives.value ?? []);
const instant = computed(() => now.value.toISOString());
const date = computed(() =>
  hive.value ? DateTime.fromJSDate(now.value, { zone: hive.value.site.zone }).toISODate()! : '',
);
const { pace, state, need, forecastOf, comeBackOf, lastBar, scan, nextRipe, supers } = useRipening(
  allHives,
  hive,
  rules,
  judged,
  date,
  instant,
);
const forecast = computed(() =>
  here.value?.comb && !draft.value ? forecastOf(here.value.comb) : null,
);
const comeBack = computed(() =>
  here.value?.comb &&
  current.value?.verdict.verdict === 'leave' &&
  ['ripe', 'treated'].includes(current.value.verdict.decidedBy) &&
  kind.value?.bee === 'honeybee'
    ? (comeBackOf(here.value.comb)?.sentence ?? null)
    : null,
);
/** Where none passes from the back: the first day on which one may, or when to look again. */
const scanBack = computed(() => {
  if (!hive.value || !rules.value || scan.value?.first) return '';
  const days = hive.value.bars
    .flatMap((b) =>
      b.comb && judged.value.find((j) => j.combId === b.comb!.id)?.verdict.decidedBy === 'ripe'
        ? (comeBackOf(b.comb)?.date ?? [])
        : [],
    )
    .sort();
  return days.length
    ? `Come back from ${dateWords(days[0])}.`
    : `Look again in ${counted(rules.value.lookAgainDays, 'day')}.`;
});
/**
 * Where whole boxes are taken, each judged from its combs; those without a comb have nothing to
 * say.
 */
const boxVerdicts = computed(() =>
  hive.value && kind.value?.unitTaken === 'box' && rules.value
    ? [...hive.value.boxes].reverse().flatMap((box) => {
        const combsIn = judged.value.filter((j) => j.boxId === box.carrierId);
        if (!combsIn.length) return [];
        const read = combsIn.flatMap((j) => (j.estimate ? [j.estimate.honeyKg] : []));
        return [
          {
            number: box.number,
            ...judgeBox(combsIn),
            kg: read.length ? massRangeText(sumRanges(read), rules.value!.units) : '',
          },
        ];
      })
    : [],
);
const says = computed(() => ({
  scan: judged.value.some((j) => j.seen) ? scan.value : null,
  scanBack: scanBack.value,
  lastBar: lastBar.value,
  nextRipe: nextRipe.value,
  boxes: boxVerdicts.value,
  supers: supers.value,
}));
const due = computed(() =>
  hive.value && state.value && rules.value
    ? dueItems(hive.value, state.value, date.value, rules.value)
    : [],
);
const lastFaces = useFaces(
  computed(() =>
    lastLook.value &&
    !current.value?.emptied &&
    (lastLook.value.painted.A || lastLook.value.painted.B)
      ? lastLook.value.id
      : null,
  ),
);
const earlier = computed(
  () => looks.value.find((l) => l.id === compareId.value) ?? looks.value.at(-2) ?? null,
);
const earlierFaces = useFaces(
  computed(() =>
    compareId.value && earlier.value && (earlier.value.painted.A || earlier.value.painted.B)
      ? earlier.value.id
      : null,
  ),
);

const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const stacked = computed(() => (hive.value?.boxes.length ?? 0) > 0);
/**
 * The tallest a stack is drawn, px: a small box leaves room for what is counted under it on a
 * phone.
 */
const tallestPx = computed(() =>
  narrow && hive.value && isStingless(hive.value.kind) ? 200 : 470,
);
const scale = computed(() => {
  if (!hive.value) return 0.9;
  const size = sectionSizeMm(hive.value);
  if (!stacked.value) return Math.max(0.72, Math.min(0.98, (width.value - 20) / size.widthMm));
  const largest = isStingless(hive.value.kind) ? 1.2 : 0.8;
  const fits = Math.min(tallestPx.value / size.heightMm, (width.value - 60) / size.widthMm);
  return Math.max(0.35, Math.min(largest, fits));
});
const sectionCombs = computed(() => (hive.value ? drawnCombs(hive.value, judged.value) : []));

const {
  begin,
  setSide,
  startSide,
  putFace,
  mirror,
  canBeSame,
  seenTheSame,
  putDown,
  writeDown,
  canBeAlike,
  writeAndGoOn,
  boxLabel,
  writeWholeBox,
} = useLookMaking({
  drafts,
  draft,
  hive,
  here,
  slot,
  side,
  combs,
  standing,
  lastFaces: lastFaces.data,
  combWord,
  date,
  go,
});
/** What stands under the verdict, on a desk beside it, on a phone pinned below. */
const acts = computed(() => ({
  hiveId: hive.value!.id,
  combWord: combWord.value,
  unitWord: unitWord.value,
  isDraft: draft.value !== null,
  canBeAlike: canBeAlike.value,
  canBeSame: canBeSame.value,
  boxLabel: boxLabel.value,
  anyRead: judged.value.some((j) => j.seen),
  mayTake: judged.value.some((j) => j.verdict.verdict === 'take'),
  busy: busy.value,
  refusal: refusal.value,
}));
const verdictPanel = ref<HTMLElement | null>(null);
const showReasons = (): void => verdictPanel.value?.scrollIntoView({ block: 'start' });
watch([slot, frame, () => judged.value.length], async () => {
  await nextTick();
  // A long hive is wider than a phone; a stack stands in view as it is.
  if (!stacked.value) slideIntoView(frame.value, [slot.value]);
});
const reading = ref<HTMLElement | null>(null);
/** On a phone what a comb is read with stands under the drawing: touching a comb leads to it. */
async function leadToReading(): Promise<void> {
  if (!narrow) return;
  await nextTick();
  reading.value?.scrollIntoView({ block: 'start' });
}
const combBuilt = (): Promise<unknown> =>
  go(
    '/combs',
    { id: newId(), hiveId: hive.value!.id, slot: slot.value, builtOn: date.value },
    stacked.value ? `${placeName.value}: comb noted.` : `Comb on bar ${slot.value} noted.`,
  );
const noComb = (): Promise<unknown> =>
  go(
    `/combs/${here.value!.comb!.id}/end`,
    { reason: 'none-here' },
    `${placeName.value} has no comb.`,
  );
/** The brood box of a colony that is gone, as long as its frames were not read. */
const closedBrood = computed(() =>
  state.value?.dead && kind.value?.bee === 'honeybee'
    ? (hive.value!.boxes.find(
        (box) =>
          box.compartment === 'brood' && !hive.value!.bars.some((b) => b.boxId === box.carrierId),
      ) ?? null)
    : null,
);
const readBrood = (): Promise<unknown> =>
  go(`/boxes/${closedBrood.value!.carrierId}/read-dead`, {}, 'Its brood box can be read now.');
const boardAt = ref<number | null>(null);
const follower = computed(() => (hive.value ? followerAfterBar(hive.value) : null));
const shownHive = computed(() =>
  boardAt.value === null
    ? hive.value!
    : { ...hive.value!, geometry: { ...hive.value!.geometry, followerAfterBar: boardAt.value } },
);
async function keepBoard(): Promise<void> {
  const done = await go(
    `/hives/${hive.value!.id}`,
    { geometry: shownHive.value.geometry },
    `Follower board behind bar ${boardAt.value}.`,
    { method: 'PATCH', baseRevision: hive.value!.revision },
  );
  if (done) boardAt.value = null;
}
/** A touch selects; while two places are being swapped it names the other one. */
async function select(to: number): Promise<void> {
  const from = swapping.value;
  if (!from) {
    slot.value = to;
    return leadToReading();
  }
  swapping.value = null;
  const other = hive.value!.bars.find((b) => b.slot === to);
  if (!other || other.slot === from.slot) return;
  if (other.boxId !== from.boxId) {
    ui.say('Only places of one box are swapped.', null);
    return;
  }
  const box = hive.value!.boxes.find((b) => b.carrierId === from.boxId);
  const list = hive
    .value!.bars.filter((b) => b.boxId === from.boxId)
    .sort((a, b) => a.inBox - b.inBox);
  if (box?.turned) list.reverse();
  const ids = list.map((b) => b.carrierId);
  const [i, j] = [ids.indexOf(from.carrierId), ids.indexOf(other.carrierId)];
  [ids[i], ids[j]] = [ids[j], ids[i]];
  if (
    await go(
      '/orders',
      { hiveId: hive.value!.id, boxId: from.boxId, carrierIds: ids, what: 'swap' },
      `${placeLabel(from.slot)} and ${placeLabel(to)} swapped.`,
    )
  )
    slot.value = to;
}
function step(by: number): void {
  const slots = combs.value.map((c) => c.slot);
  const i = slots.indexOf(slot.value);
  slot.value = slots[Math.min(slots.length - 1, Math.max(0, i + by))] ?? slot.value;
  void leadToReading();
}
function onKey(event: KeyboardEvent): void {
  if (
    !ui.keysOn ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    (event.target as HTMLElement).closest(
      'input, select, textarea, canvas, [role="slider"], [role="dialog"]:not(.p-dialog-leave-active)',
    )
  )
    return;
  if (event.key === 'ArrowRight') step(1);
  else if (event.key === 'ArrowLeft') step(-1);
  else if (event.key.toLowerCase() === 'a') side.value = 'A';
  else if (event.key.toLowerCase() === 'b') side.value = 'B';
  else if (event.key.toLowerCase() === 'v') asTable.value = !asTable.value;
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!hive || !rules || !kind || !state" class="stage wide">
    <header><h1>No hive yet.</h1></header>
    <FaintDrawing of="hive" />
    <p>Make your first hive: it is drawn as it stands, and its combs hang in it to be looked at.</p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/hives/new">Make a hive</RouterLink>
    </div>
  </div>
  <div v-else class="stage look">
    <header>
      <h1>{{ hive.name }}</h1>
      <AlsoHere
        :about="hive.id"
        :step="here?.comb ? `look ${here.comb.id}` : null"
        where="at this comb"
      />
      <span class="sub"
        >{{ kind.name }}, {{ hive.site.name }}.
        {{
          stacked ? counted(hive.boxes.length, 'box', 'boxes') : counted(hive.bars.length, 'bar')
        }}, {{ countedCombsText(combs.length, hive.kind)
        }}<template v-if="state.dead">. <b class="rust">The colony is gone</b></template
        >.</span
      >
      <span class="right links">
        <RouterLink
          v-for="h in allHives.filter((x) => x.id !== hive!.id)"
          :key="h.id"
          :to="`/look/${h.id}`"
          >{{ h.name }}</RouterLink
        >
        <RouterLink to="/hives/new">New hive</RouterLink>
        <button type="button" class="linklike" @click="measuring = true">This hive…</button>
        <button type="button" class="linklike" @click="asTable = !asTable">
          {{ asTable ? 'As a drawing' : 'As a table' }}
        </button>
      </span>
    </header>
    <section class="left">
      <RisksOnce :hive="hive" :kind="kind" :read="state.risksRead" :date="date" />
      <div class="pair" :class="{ stacked }">
        <div>
          <div ref="frame" class="scroll">
            <HiveTable
              v-if="asTable"
              :judged="judged"
              :units="rules.units"
              @select="slot = $event"
            />
            <HiveSection
              v-else
              :hive="shownHive"
              :combs="sectionCombs"
              :s="scale"
              :selected="slot"
              interactive
              edit-board
              :label="
                stacked
                  ? `Section of ${hive.name}, lowest box below`
                  : `Section of ${hive.name}, the entrance at the left`
              "
              @select="select"
              @board="boardAt = $event"
            />
          </div>
          <div v-if="boardAt !== null && boardAt !== follower" class="acts row board">
            <Button
              :label="`Follower board behind bar ${boardAt}: write it down`"
              :loading="busy"
              @click="keepBoard"
            />
            <Button outlined label="Put it back" @click="boardAt = null" />
          </div>
          <p v-if="!asTable" class="legend sub">
            <span>▲ may take</span><span>▬ leave</span><span>◇ test first</span
            ><span>○ not read yet</span>
          </p>
          <Button
            v-if="closedBrood"
            outlined
            label="Read its brood box too"
            :loading="busy"
            @click="readBrood"
          />
          <HiveSays v-if="stacked" v-bind="says" />
        </div>
        <div ref="reading" class="reading">
          <PotsReader
            v-if="kind.bee === 'stingless' && here?.comb"
            :pots="draft?.pots ?? standing?.pots ?? null"
            :fallback="{
              honeySealed: 0,
              honeyOpen: 0,
              pollen: 0,
              empty: 0,
              potWidthMm: Number(hive.geometry.potWidthMm),
              potHeightMm: Number(hive.geometry.potHeightMm),
            }"
            :place-name="placeName"
            :units="rules.units"
            @pots="begin().pots = $event"
          />
          <CombReader
            v-else-if="current && here?.comb"
            v-model:side="side"
            :hive="hive"
            :bar="here"
            :place-name="placeName"
            :last="standing"
            :last-faces="lastFaces.data.value ?? null"
            :earlier="earlier"
            :earlier-faces="compareId ? (earlierFaces.data.value ?? null) : null"
            :draft="draft"
            :seed="slot * 7 + (side === 'A' ? 1 : 2)"
            :date="date"
            :keys-on="ui.keysOn"
            @shares="setSide"
            @start="startSide"
            @face="putFace"
            @mirror="mirror"
            @reading="(r: Reading) => begin().readings.push(r)"
            @drop-reading="begin().readings.splice($event, 1)"
            @measures="Object.assign(begin(), $event)"
            @pane="begin().pane = $event"
            @attachment="begin().attachment = $event"
            @no-comb="noComb"
          />
          <div v-else-if="here" class="nocomb">
            <p>{{ stacked ? `${placeName} is empty.` : `No comb hangs from bar ${slot}.` }}</p>
            <Button
              outlined
              :label="stacked ? 'Comb was built here' : `Comb was built on bar ${slot}`"
              :loading="busy"
              @click="combBuilt"
            />
          </div>
        </div>
      </div>
      <HiveSays v-if="!stacked" v-bind="says" />
      <MovesBar
        :hive="hive"
        :hives="allHives"
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
        :correction="kind.bee === 'honeybee' ? correction : null"
        :is-draft="draft !== null"
        :last-text="lastLook ? dayText(lastLook.occurredAt, hive.site.zone) : null"
      >
        <template v-if="needsWinter" #ask>
          <WinterNeed :kind="hive.kind" :rules="rules" :rules-version="rulesVersion" />
        </template>
        <LookActs
          v-if="!narrow"
          v-bind="acts"
          @write="writeDown"
          @alike="writeAndGoOn"
          @box="writeWholeBox"
          @down="putDown"
          @same="seenTheSame"
          @step="step"
        />
        <Button v-else-if="draft" outlined label="Put down, keep the last look" @click="putDown" />
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
      <p v-else class="sub">Tap a place with comb to read it.</p>
      <DueList :items="due" />
      <SiteTasks :site="hive.site" />
    </div>
    <CombBar
      v-if="narrow && current"
      :judged="current"
      :comb-word="combWord"
      @reasons="showReasons"
    >
      <LookActs
        v-bind="acts"
        pinned
        @write="writeDown"
        @alike="writeAndGoOn"
        @box="writeWholeBox"
        @same="seenTheSame"
        @step="step"
      />
    </CombBar>
    <MeasuresDialog v-model:visible="measuring" :hive="hive" />
    <DeadColony v-model:visible="dying" :hive="hive" :state="state" :date="date" />
    <BegunDialog
      v-model:visible="begun"
      :hive-id="hive.id"
      :units="rules.units"
      @begun="(d) => router.push(`/${d.batch.stage}/${d.batch.id}`)"
    />
    <StrayComb v-model:visible="stray" :hive="hive" @taken="(id) => router.push(`/drain/${id}`)" />
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.links {
  display: flex;
  gap: 4px 16px;
  flex-wrap: wrap;
  align-items: center;
}
.linklike {
  background: none;
  border: 0;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
  padding: 8px 0;
}
@media (max-width: 600px) {
  .look > header .sub {
    order: 1;
    flex-basis: 100%;
  }
}
.legend {
  display: flex;
  gap: 18px;
  flex-wrap: wrap;
  margin: 2px 0 6px;
}
.board {
  margin: 8px 0;
}
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
.pair.stacked .scroll {
  max-width: 380px;
}
.pair.stacked > :first-child {
  max-width: 380px;
}
.pair.stacked .legend {
  max-width: 340px;
  gap: 4px 14px;
}
.nocomb {
  padding: 20px 0;
  display: flex;
  gap: 20px;
  align-items: center;
  flex-wrap: wrap;
}
@media (max-width: 900px) {
  .pair.stacked {
    display: block;
  }
}
</style>
