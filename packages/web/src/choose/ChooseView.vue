<script setup lang="ts">
import { isWithin } from '../parts/domEvents';
import {
  hiveKind,
  estimateRangeText,
  keepApartBy,
  planLots,
  seasonOf,
  siteDate,
  winterBalance,
  heldBack,
  type Block,
  type ChoiceUnit,
  type Hive,
  type Way,
  takenUnitsText,
  winterHold,
  isStingless,
  mayGoAsBox,
  entryOf,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import FaintDrawing from '../parts/FaintDrawing.vue';
import WayMark from '../drawing/WayMark.vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { drawnCombs } from '../drawing/sections/drawHive.js';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { useWidth } from '../parts/useWidth.js';
import { newId, serverNow } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import AnywayDialog from './AnywayDialog.vue';
import HeldBack from './HeldBack.vue';
import InHand from './InHand.vue';
import LotsDialog from './LotsDialog.vue';
import PoisonQuestion from './PoisonQuestion.vue';
import SetsTable from './SetsTable.vue';
import WinterAside from './WinterAside.vue';
import WinterHolds from './WinterHolds.vue';
import WishDialog from './WishDialog.vue';
import { spareText } from './spareText.js';
import { takenHeadline } from './headline.js';
import { useChoice } from './useChoice.js';
import { useFigures } from './useFigures.js';
import { said } from '../shell/units.js';
import { slideIntoView } from '../parts/slideIntoView.js';

const router = useRouter();
const choice = useChoice();
const {
  hives,
  hive,
  judged,
  rules,
  rulesVersion,
  loading,
  fetching,
  error,
  retry,
  draft,
  busyCombs,
  here,
  units,
  household,
  chooser,
  picked,
  ways,
  nowSet,
  chosen,
  from,
  correction,
} = choice;
const { go, busy, refusal } = useSend();
const says = ref('');
const handId = ref<string | null>(null);
const asking = ref<{ unit: ChoiceUnit; pin: 'take' | Way } | null>(null);
const wishOpen = ref(false);
const lotsOpen = ref(false);

const unitAt = (slot: number): ChoiceUnit | null =>
  here.value?.units.find((u) => u.slots.includes(slot)) ?? null;
const inHand = computed(() => (handId.value ? (units.value.get(handId.value) ?? null) : null));
/**
 * A comb touched before what may be taken was reckoned; it is taken in hand as soon as that is
 * there.
 */
const touchedEarly = ref<number | null>(null);
/**
 * What was refused while newer looks were on their way, such as of a comb written down a moment
 * ago, or touched before the rules and jars were there: it is answered again by them.
 */
const refusedEarly = ref<{ unitId: string; to: 'take' | Way } | null>(null);
watch([here, household], ([now]) => {
  const slot = touchedEarly.value;
  touchedEarly.value = null;
  if (now && slot !== null) return select(slot);
  const early = refusedEarly.value;
  refusedEarly.value = null;
  const unit = early && units.value.get(early.unitId);
  if (!unit) return takeWhatNeedsNoReason();
  asking.value = null;
  pin(unit, early.to);
});
/**
 * A reason is asked for no longer where newer looks or rules have taken away what stood against it.
 */
function takeWhatNeedsNoReason(): void {
  const asked = asking.value;
  const unit = asked && units.value.get(asked.unit.id);
  const stands = unit && blocksOf(unit, asked.pin);
  if (!asked || !unit || !stands || stands.length) return;
  asking.value = null;
  pin(unit, asked.pin);
}
/** What stands against taking a unit this way; null while that is not known. */
function blocksOf(unit: ChoiceUnit, to: 'take' | Way): readonly Block[] | null {
  const way = to === 'take' ? choice.usualWay(unit.id) : to;
  return choice.offers(unit).find((o) => o.way === way)?.against ?? null;
}
function select(slot: number): void {
  if (!here.value) return void (touchedEarly.value = slot);
  const unit = unitAt(slot);
  says.value = '';
  if (!unit) {
    const comb = judged.value.find((j) => j.slot === slot);
    says.value =
      comb && busyCombs.value.includes(comb.combId)
        ? `Comb ${comb.label} is chosen in a harvest that is not done yet.`
        : '';
    return;
  }
  if (picked.value < 0) picked.value = 0;
  const wasInHand = handId.value === unit.id;
  handId.value = unit.id;
  if (!ways.value[unit.id]) return pin(unit, 'take');
  // A comb that is out already shows its ways; only a second touch puts it back.
  if (wasInHand) pin(unit, 'leave');
}
const UNIT_WORDS: Partial<Record<ChoiceUnit['what'], string>> = {
  comb: 'Comb',
  frame: 'Frame',
  pots: 'Pots',
};
function named(unit: ChoiceUnit): string {
  const word = UNIT_WORDS[unit.what];
  return word ? `${word} ${unit.label}` : unit.label[0].toUpperCase() + unit.label.slice(1);
}
/**
 * Pins a unit; what live brood or a waiting time forbids is said, what a softer rule is against
 * asks for a reason.
 */
function pin(unit: ChoiceUnit, to: 'take' | 'leave' | Way): void {
  says.value = '';
  refusedEarly.value = null;
  if (to === 'leave') return void (draft.value.pins[unit.id] = 'leave');
  // What stands against it is not known yet: nothing is taken without a reason it may need.
  if (!household.value) return void (refusedEarly.value = { unitId: unit.id, to });
  if (!pinTaken(unit, to) && fetching.value) refusedEarly.value = { unitId: unit.id, to };
}
/** Gives whether it is taken now: no where something was said or asked instead. */
function pinTaken(unit: ChoiceUnit, to: 'take' | Way): boolean {
  const against = blocksOf(unit, to) ?? [];
  const hard = against.find((b) => b.hard);
  const refused = unit.hasBrood ? `${named(unit)} carries brood: it stays.` : hard?.sentence;
  if (refused) {
    says.value = refused;
    return false;
  }
  if (against.length && !draft.value.reasons[unit.id]) {
    const known = reasonGiven(against);
    if (!known) {
      asking.value = { unit, pin: to };
      return false;
    }
    draft.value.reasons[unit.id] = known;
    says.value = `${named(unit)}: taken for the reason you gave before, “${known}”.`;
  }
  draft.value.pins[unit.id] = to;
  return true;
}
/**
 * What stands against a comb, by its rules: the reason that overrules it for one comb does so for
 * the next.
 */
const rulesAgainst = (against: readonly Block[]): string =>
  [...new Set(against.map((b) => b.rule))].sort().join();
const reasonsByRule = ref<Record<string, string>>({});
const reasonGiven = (against: readonly Block[]): string | null =>
  reasonsByRule.value[rulesAgainst(against)] ?? null;
const offerAsked = computed(() => {
  const asked = asking.value;
  if (!asked) return null;
  const way = asked.pin === 'take' ? choice.usualWay(asked.unit.id) : asked.pin;
  return choice.offers(asked.unit).find((o) => o.way === way) ?? null;
});
function takeAnyway(why: string): void {
  if (!asking.value) return;
  if (offerAsked.value) reasonsByRule.value[rulesAgainst(offerAsked.value.against)] = why;
  draft.value.reasons[asking.value.unit.id] = why;
  draft.value.pins[asking.value.unit.id] = asking.value.pin;
  asking.value = null;
}
function unpin(unit: ChoiceUnit): void {
  delete draft.value.pins[unit.id];
  delete draft.value.reasons[unit.id];
}
const hasPins = computed(() => Object.keys(draft.value.pins).some((id) => units.value.has(id)));
function unpinAll(): void {
  for (const id of units.value.keys()) {
    delete draft.value.pins[id];
    delete draft.value.reasons[id];
  }
}

const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const figures = useFigures(
  computed(() => hive.value ?? null),
  judged,
  computed(() => here.value ?? null),
  width,
  computed(() => rules.value ?? null),
);
const liftedSlots = computed(
  () =>
    new Set(
      chosen.value.filter((c) => c.unit.hiveId === hive.value?.id).flatMap((c) => c.unit.slots),
    ),
);
const shown = computed(() => judged.value.filter((j) => !busyCombs.value.includes(j.combId)));
// What is lifted stands in view, on a phone too, where a long hive is wider than it.
watch([frame, liftedSlots], async () => {
  await nextTick();
  if (!hive.value?.boxes.length) slideIntoView(frame.value, [...liftedSlots.value]);
});
const headline = computed(() => {
  const taken = chosen.value.map((c) => c.unit).filter((u) => u.hiveId === hive.value!.id);
  return takenHeadline(hive.value!, taken, shown.value);
});
const sectionCombs = computed(() =>
  drawnCombs(hive.value!, judged.value, (j) => ({ lifted: liftedSlots.value.has(j.slot) })),
);
const broodIn = (j: (typeof judged.value)[number]): boolean =>
  (j.seen?.sides.A?.brood ?? 0) + (j.seen?.sides.B?.brood ?? 0) > 0;
const winter = computed(() => here.value?.winter ?? null);
const balance = computed(() =>
  winterBalance(
    shown.value.map((j) => ({
      bar: j.slot,
      estimate: j.estimate,
      taken: liftedSlots.value.has(j.slot),
      hasBrood: broodIn(j),
    })),
    winter.value?.needKg ?? null,
  ),
);
const stacks = computed(() => {
  const staying = shown.value.filter((j) => !liftedSlots.value.has(j.slot) && j.estimate);
  const nest = staying.filter(broodIn);
  const low = (list: typeof staying): number =>
    list.reduce(
      (sum, j) => sum + j.estimate!.cappedHoneyKg.low + j.estimate!.openHoneyKg.low * (0.6 / 0.82),
      0,
    );
  return [
    { label: 'nest', kg: low(nest), pattern: 'brood' },
    ...staying
      .filter((j) => !nest.includes(j))
      .map((j) => ({
        label: j.label,
        kg: low([j]),
        pattern: (j.verdict.cappedPercent ?? 0) > 60 ? 'capped' : 'open',
      })),
  ];
});
const isShort = computed(() =>
  (nowSet.value?.hives ?? []).filter(
    (h) =>
      h.spareKg !== null &&
      h.spareKg < -1e-6 &&
      chosen.value.some((c) => c.unit.hiveId === h.hiveId),
  ),
);
const ripe = computed(() => judged.value.filter((j) => j.verdict.verdict === 'take'));
/** Where nothing may be taken, which findings hold it back. */
const held = computed(() => heldBack(here.value?.units ?? []));
/** Said while nothing is lifted: what a person lifts all the same is counted beside it. */
const heldByWinter = computed(() =>
  here.value && !chosen.value.length ? winterHold(here.value) : null,
);
/** On a phone the next step is pinned below the drawing. */
const narrow = window.matchMedia('(max-width: 700px)').matches;
/** What holds the choice back most, in a sentence; null where nothing does. */
const bound = computed(() => chooser.answer.value?.bindings?.[0]?.sentence ?? null);
/** What may be taken here by its findings, but not from under or between what stays. */
const orderHeld = computed(
  () => chooser.answer.value?.orderHeld.find((h) => h.hiveId === hive.value?.id)?.sentence ?? null,
);
const asksNeed = computed(() => held.value.some((h) => h.leadsTo === 'winter-need'));
const seasonStart = computed(() =>
  hive.value
    ? seasonOf(siteDate(hive.value, serverNow().toISOString()), hive.value.site.hemisphere).startsOn
    : '',
);
/** What lots are kept apart by: what was said here, else the household's rule. */
const keep = computed({
  get: () => draft.value.keep ?? keepApartBy(rules.value?.lotsBy ?? 'hive'),
  set: (value) => (draft.value.keep = value),
});
const lots = computed(() => planLots(chosen.value, keep.value, seasonStart.value));
async function goOn(): Promise<void> {
  const visits = new Map<string, string>();
  const visitOf = (hiveId: string): string =>
    visits.get(hiveId) ?? (visits.set(hiveId, newId()), entryOf(visits, hiveId));
  const batches = lots.value.flatMap((lot) => {
    const lotGroup = lot.hiveIds.length > 1 ? newId() : null;
    return lot.hiveIds.map((hiveId) => {
      const mine = lot.units.filter((u) => u.hiveId === hiveId);
      const anyway = mine
        .filter((u) => u.verdict.verdict !== 'take')
        .flatMap((u) =>
          u.combIds.map((combId) => ({ combId, reason: draft.value.reasons[u.id] ?? '' })),
        );
      return {
        visitId: visitOf(hiveId),
        batchId: newId(),
        hiveId,
        method: lot.way,
        combIds: mine.flatMap((u) => u.combIds),
        anyway,
        lotGroup,
      };
    });
  });
  const { amount, goal, handsHours } = draft.value;
  const takenOf = (from: Hive): string => {
    const ids = batches.filter((b) => b.hiveId === from.id).flatMap((b) => b.combIds);
    const bars = from.bars.filter((b) => b.comb && ids.includes(b.comb.id));
    return takenUnitsText(
      from,
      bars.map((b) => b.slot),
    );
  };
  const done = await go(
    '/choices',
    {
      batches,
      question: {
        goal,
        amount,
        handsHours,
        flowKg: draft.value.flowKg,
        worth: nowSet.value?.worth ?? null,
        proof: chooser.answer.value?.proof ?? null,
      },
    },
    `Chosen: ${from.value
      .filter((h) => visits.has(h.id))
      .map((h) => `${takenOf(h)} from ${h.name}`)
      .join(', ')}.`,
  );
  if (!done) return;
  unpinAll();
  await router.push(`/ready/${batches[0].batchId}`);
}
watch(
  () => hive.value?.id,
  () => {
    says.value = '';
    handId.value = null;
  },
);
function onKey(event: KeyboardEvent): void {
  if (isWithin(event, 'input, select, textarea, [role="dialog"]') || event.ctrlKey || event.metaKey)
    return;
  const letter = event.key.toLowerCase();
  if (letter === 'c' && inHand.value)
    document.querySelector<HTMLElement>('.in-hand button')?.focus();
  if (letter === 't' && inHand.value) {
    event.preventDefault();
    pin(inHand.value, ways.value[inHand.value.id] ? 'leave' : 'take');
  }
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!hive || !rules || !judged.length" class="stage wide">
    <header><h1>Nothing to choose from yet.</h1></header>
    <FaintDrawing of="lifted" />
    <p>Look at the combs first: what each holds decides what may leave.</p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/look">Go to Look</RouterLink>
    </div>
  </div>
  <div v-else class="stage choose">
    <header>
      <h1>{{ hive.name }}</h1>
      <span class="sub"
        ><b
          >{{ headline.out
          }}<template v-if="nowSet && chosen.length"
            >,
            {{
              estimateRangeText(
                {
                  low: nowSet.honeyKg.low + nowSet.combKg.low,
                  mid: 0,
                  high: nowSet.honeyKg.high + nowSet.combKg.high,
                },
                rules.units,
              )
            }}
            honey</template
          >.</b
        >
        {{ headline.stays }} {{ ripe.length }} may be taken.<template v-if="bound"
          >{{ ' ' }}<b>{{ said(bound) }}</b></template
        ><template v-if="correction"
          >{{ ' ' }}<b v-if="correction.applies">{{ said(correction.sentence) }}</b
          ><template v-else>{{ said(correction.sentence) }}</template></template
        ><template v-if="from.length > 1">
          Together with
          {{
            from
              .slice(1)
              .map((h) => h.name)
              .join(', ')
          }}.</template
        ></span
      >
      <span class="right sub links"
        ><RouterLink
          v-for="h in (hives ?? []).filter((x) => x.id !== hive!.id)"
          :key="h.id"
          :to="`/choose/${h.id}`"
          >{{ h.name }}</RouterLink
        ><RouterLink to="/comb-or-liquid">Comb or liquid?</RouterLink></span
      >
    </header>
    <section>
      <div ref="frame" class="scroll">
        <HiveSection
          :hive="hive"
          :combs="sectionCombs"
          :s="figures.scale.value"
          :below="figures.below.value"
          :beside="figures.beside.value"
          interactive
          :label="`Section of ${hive.name}; ${takenUnitsText(hive, [...liftedSlots])} lifted`"
          @select="select"
        />
      </div>
      <p class="sub">
        <template v-if="isStingless(hive.kind)"
          >Touch a group of pots to take it, once more to leave it.</template
        ><template v-else
          >Touch a {{ here?.units[0]?.what ?? 'comb' }} to lift it, once more to put it back.
          {{ figures.says.value }}Your rule:
          {{ hiveKind(hive.kind).drainsInPlace ? rules.ripeDrainPercent : rules.ripeCappedPercent }}
          % capped.</template
        >
        <label v-if="mayGoAsBox(hive.kind)" class="whole"
          ><input v-model="draft.byBox[hive.id]" type="checkbox" /> Take whole boxes</label
        >
      </p>
      <p v-if="says" role="status">
        <b>{{ said(says) }}</b>
      </p>
      <p v-if="liftedSlots.size && balance.slideForwardBars.length && !hive.boxes.length">
        Then slide {{ balance.slideForwardBars.join(', ') }} toward the nest, so that no gap stands
        between it and its stores; empty bars last.
      </p>
    </section>
    <aside class="winter">
      <WinterHolds v-if="heldByWinter" :hold="heldByWinter" :hive="hive" :rules="rules" />
      <HeldBack
        v-else-if="held.length"
        :held="held"
        :hive="hive"
        :rules="rules"
        :rules-version="rulesVersion"
      />
      <PoisonQuestion v-else :site="hive.site" />
      <p v-if="orderHeld" role="status">
        <b>{{ said(orderHeld) }}</b>
      </p>
      <WinterAside
        v-model:flow-kg="draft.flowKg[hive.id]"
        :hive="hive"
        :here="here"
        :balance="balance"
        :stacks="stacks"
        :is-held="held.length > 0 && !heldByWinter"
        :asks-need="asksNeed"
        :rules="rules"
        :rules-version="rulesVersion"
      />
    </aside>
    <section class="out">
      <InHand
        v-if="inHand"
        :unit="inHand"
        :name="named(inHand)"
        :offers="choice.offers(inHand)"
        :way="ways[inHand.id] ?? 'leave'"
        :pinned="draft.pins[inHand.id] !== undefined"
        :rules="rules"
        @pin="pin(inHand!, $event)"
        @unpin="unpin(inHand!)"
      />
      <div class="headline">
        <h2 class="furrow-heading">
          {{ chosen.length ? 'What to make of them' : 'What could be made' }}
        </h2>
        <Button outlined label="What you want…" @click="wishOpen = true" />
        <Button v-if="hasPins" text label="Let all be chosen" @click="unpinAll" />
        <Button
          v-if="chosen.length && !narrow"
          label="Go on to Ready"
          :severity="isShort.length ? 'secondary' : undefined"
          :loading="busy"
          @click="goOn"
        />
      </div>
      <Refusal :refusal="refusal" />
      <p v-for="h in isShort" :key="h.hiveId" class="rust">
        <b
          >{{ h.name }}: counted low, the winter would be {{ spareText(h.spareKg!, rules.units) }}.
          Put one back, or go on knowing it.</b
        >
      </p>
      <SetsTable
        v-model:picked="picked"
        :answer="chooser.answer.value"
        :good="chooser.good.value"
        :busy="chooser.busy.value"
        :failed="chooser.failed.value"
        :now-set="nowSet"
        :ways="ways"
        :rules="rules"
        :goal="draft.goal"
        :hive-id="hive.id"
        :kind="hive.kind"
        @stop="chooser.stop()"
        @again="chooser.again()"
      />
      <p v-if="chosen.length" class="lots">
        <b>{{ lots.length === 1 ? 'One lot' : `${lots.length} lots` }}</b><span
          v-for="lot in lots"
          :key="lot.key"
          class="lot"
          ><WayMark :way="lot.way" :size="22" />{{ lot.name }}</span
        ><Button text label="One lot or more…" @click="lotsOpen = true" />
      </p>
    </section>
    <WishDialog
      v-model:open="wishOpen"
      v-model="draft"
      :hives="hives ?? []"
      :here-id="hive.id"
      :zone="hive.site.zone"
      :jars="household?.jars ?? []"
      :issues="chooser.answer.value?.issues ?? []"
    />
    <LotsDialog
      v-model:open="lotsOpen"
      v-model="keep"
      :chosen="chosen"
      :season-start="seasonStart"
    />
    <AnywayDialog
      :name="asking && named(asking.unit).toLowerCase()"
      :against="said(offerAsked?.against[0]?.sentence)"
      @take="takeAnyway"
      @close="asking = null"
    />
    <div v-if="narrow && chosen.length" class="pinned">
      <p v-if="isShort.length" class="rust">
        <b>Counted low, the winter falls short: put one back, or go on knowing it.</b>
      </p>
      <Button
        label="Go on to Ready"
        :severity="isShort.length ? 'secondary' : undefined"
        :loading="busy"
        @click="goOn"
      />
    </div>
  </div>
</template>

<style scoped>
.choose {
  grid-template-columns: minmax(0, 1fr) 404px;
}
.choose > .out {
  grid-column: 1 / -1;
}
.scroll {
  overflow-x: auto;
}
.links {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
  align-items: baseline;
}
.need {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  margin: 8px 0;
}
.headline {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.headline h2 {
  flex: 1;
  min-width: 200px;
}
.lots {
  display: flex;
  gap: 6px 16px;
  align-items: center;
  flex-wrap: wrap;
}
.lot {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.whole {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
  margin-left: 14px;
}
.whole input {
  width: 20px;
  height: 20px;
  accent-color: var(--field);
}
@media (max-width: 1100px) {
  .choose {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
