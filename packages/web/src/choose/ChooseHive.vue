<script setup lang="ts">
import { estimateRangeText } from '../words/figures.js';
import { tell } from '../words/tell.js';
import {
  heldBack,
  hiveKind,
  isStingless,
  mayGoAsBox,
  takenUnits,
  winterHold,
  type Hive,
  type HouseRules,
  unitWord,
} from '@furrow/core';

import Button from 'primevue/button';
import { computed, nextTick, onMounted, onUnmounted, ref, toRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useSend } from '../api/useSend.js';
import WayMark from '../drawing/WayMark.vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { drawnCombs } from '../drawing/sections/drawHive.js';
import Refusal from '../parts/Refusal.vue';
import { isWithin } from '../parts/domEvents.js';
import { slideIntoView } from '../parts/slideIntoView.js';
import { useWidth } from '../parts/useWidth.js';
import { said } from '../words/units.js';
import AnywayDialog from './AnywayDialog.vue';
import HeldBack from './HeldBack.vue';
import InHand from './InHand.vue';
import LotsDialog from './LotsDialog.vue';
import PoisonQuestion from './PoisonQuestion.vue';
import SetsTable from './SetsTable.vue';
import WinterAside from './WinterAside.vue';
import WinterHolds from './WinterHolds.vue';
import WishDialog from './WishDialog.vue';
import { takenHeadline } from './headline.js';
import { spareText } from './spareText.js';
import type { useChoice } from './useChoice.js';
import { useFigures } from './useFigures.js';
import { useLots } from './useLots.js';
import { named, type usePinning } from './usePinning.js';
import { useWinterSums } from './useWinterSums.js';

/** One hive's combs lifted and put back, what stays for its winter, and what could be made of them. */
const props = defineProps<{
  hive: Hive;
  rules: HouseRules;
  choice: ReturnType<typeof useChoice>;
  pinning: ReturnType<typeof usePinning>;
}>();
const [hive, rules] = [toRef(props, 'hive'), toRef(props, 'rules')];
const router = useRouter();
const { go, busy, refusal } = useSend();
const { hives, judged, rulesVersion, draft, busyCombs, here, household, chooser } = props.choice;
const { picked, ways, nowSet, chosen, from, correction } = props.choice;
const { says, inHand, asking, offerAsked, hasPins, select, pin, takeAnyway, unpin, unpinAll } =
  props.pinning;
const { seasonStart, keep, lots, write } = useLots(props.choice, hive, rules, go);
const wishOpen = ref(false);
const lotsOpen = ref(false);

// The hive as it is drawn.
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const figures = useFigures(hive, judged, here, width, rules);
const liftedUnits = computed(() =>
  chosen.value.map((c) => c.unit).filter((u) => u.hiveId === props.hive.id),
);
const liftedSlots = computed(() => new Set(liftedUnits.value.flatMap((u) => u.slots)));
const shown = computed(() => judged.value.filter((j) => !busyCombs.value.includes(j.combId)));
// What is lifted stands in view, on a phone too, where a long hive is wider than it.
watch([frame, liftedSlots], async () => {
  await nextTick();
  if (!props.hive.boxes.length) slideIntoView(frame.value, [...liftedSlots.value]);
});
const sectionCombs = computed(() =>
  drawnCombs(props.hive, judged.value, (j) => ({ lifted: liftedSlots.value.has(j.slot) })),
);
const sectionLabel = computed(() =>
  tell('ChooseHive.section-lifted', {
    hive: props.hive.name,
    hive2: takenUnits(props.hive, [...liftedSlots.value]),
  }),
);

// What is said above and beside it.
const headline = computed(() => takenHeadline(props.hive, liftedUnits.value, shown.value));
const outText = computed(() => {
  if (!nowSet.value || !chosen.value.length) return `${headline.value.out}.`;
  const { honeyKg, combKg } = nowSet.value;
  const all = { low: honeyKg.low + combKg.low, mid: 0, high: honeyKg.high + combKg.high };
  return tell('ChooseHive.honey', {
    out: headline.value.out,
    all: estimateRangeText(all, props.rules.units),
  });
});
const ripe = computed(() => judged.value.filter((j) => j.verdict.verdict === 'take').length);
const togetherText = computed(() => {
  const [, ...others] = from.value.map((h) => h.name);
  return others.length ? ' ' + tell('ChooseHive.together-with', { others: others.join(', ') }) : '';
});
const others = computed(() => (hives.value ?? []).filter((h) => h.id !== props.hive.id));
const touchText = computed(() => {
  const { kind } = props.hive;
  if (isStingless(kind)) return tell('ChooseHive.touch-group-pots-to-take');
  const { ripeDrainPercent, ripeCappedPercent } = props.rules;
  const percent = hiveKind(kind).drainsInPlace ? ripeDrainPercent : ripeCappedPercent;
  const unit = said(unitWord(kind));
  return tell('ChooseHive.touch-to-lift', { unit, figures: figures.says.value, percent });
});
/** What holds the choice back most, in a sentence; null where nothing does. */
const bound = computed(() => chooser.answer.value?.bindings?.[0]?.sentence ?? null);
/** What may be taken here by its findings, but not from under or between what stays. */
const orderHeld = computed(
  () => chooser.answer.value?.orderHeld.find((h) => h.hiveId === props.hive.id)?.sentence ?? null,
);

// What stays for the winter.
const { balance, stacks } = useWinterSums(
  shown,
  liftedSlots,
  computed(() => here.value?.winter.needKg ?? null),
);
const slideText = computed(() => {
  const bars = balance.value.slideForwardBars;
  if (!liftedSlots.value.size || !bars.length || props.hive.boxes.length) return null;
  return tell('ChooseHive.then-slide-toward-nest-so', { bars: bars.join(', ') });
});
const isShort = computed(() =>
  (nowSet.value?.hives ?? []).flatMap(({ hiveId, name, spareKg }) => {
    const falls = spareKg !== null && spareKg < -1e-6;
    if (!falls || !chosen.value.some((c) => c.unit.hiveId === hiveId)) return [];
    const by = spareText(spareKg, props.rules.units);
    const text = tell('ChooseHive.counted-low-winter-would-be', { name, by });
    return [{ hiveId, text }];
  }),
);
/** Where nothing may be taken, which findings hold it back. */
const held = computed(() => heldBack(here.value?.units ?? []));
const asksNeed = computed(() => held.value.some((h) => h.leadsTo === 'winter-need'));
/** Said while nothing is lifted: what a person lifts all the same is counted beside it. */
const heldByWinter = computed(() =>
  here.value && !chosen.value.length ? winterHold(here.value) : null,
);

/** On a phone the next step is pinned below the drawing. */
const narrow = window.matchMedia('(max-width: 700px)').matches;
async function goOn(): Promise<void> {
  const batchId = await write();
  if (!batchId) return;
  unpinAll();
  await router.push(`/ready/${batchId}`);
}
function onKey(event: KeyboardEvent): void {
  const isElsewhere = isWithin(event, 'input, select, textarea, [role="dialog"]');
  if (isElsewhere || event.ctrlKey || event.metaKey || !inHand.value) return;
  const letter = event.key.toLowerCase();
  if (letter === 'c') document.querySelector<HTMLElement>('.in-hand button')?.focus();
  if (letter !== 't') return;
  event.preventDefault();
  pin(inHand.value, ways.value[inHand.value.id] ? 'leave' : 'take');
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <div class="stage choose">
    <header>
      <h1>{{ hive.name }}</h1>
      <span class="sub"
        ><b>{{ outText }}</b> {{ tell('ChooseHive.may-be-taken', { stays: headline.stays, ripe })
        }}<template v-if="bound"
          >{{ ' ' }}<b>{{ said(bound) }}</b></template
        ><template v-if="correction"
          >{{ ' ' }}<b v-if="correction.applies">{{ said(correction.sentence) }}</b
          ><template v-else>{{ said(correction.sentence) }}</template></template
        >{{ togetherText }}</span
      >
      <span class="right sub links"
        ><RouterLink v-for="h in others" :key="h.id" :to="`/choose/${h.id}`">{{
          h.name
        }}</RouterLink
        ><RouterLink to="/comb-or-liquid">{{ tell('common.comb-or-liquid') }}</RouterLink></span
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
          :label="sectionLabel"
          @select="select"
        />
      </div>
      <p class="sub">
        {{ touchText }}
        <label v-if="mayGoAsBox(hive.kind)" class="whole"
          ><input v-model="draft.byBox[hive.id]" type="checkbox" />
          {{ tell('ChooseHive.take-whole-boxes') }}</label
        >
      </p>
      <p v-if="says" role="status">
        <b>{{ said(says) }}</b>
      </p>
      <p v-if="slideText">{{ slideText }}</p>
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
        @pin="pin(inHand, $event)"
        @unpin="unpin(inHand.id)"
      />
      <div class="headline">
        <h2 class="furrow-heading">
          {{
            chosen.length
              ? tell('ChooseHive.what-to-make-them')
              : tell('ChooseHive.what-could-be-made')
          }}
        </h2>
        <Button outlined :label="tell('ChooseHive.what-you-want')" @click="wishOpen = true" />
        <Button
          v-if="hasPins"
          text
          :label="tell('ChooseHive.let-all-be-chosen')"
          @click="unpinAll"
        />
        <Button
          v-if="chosen.length && !narrow"
          :label="tell('ChooseHive.go-on-to-ready')"
          :severity="isShort.length ? 'secondary' : undefined"
          :loading="busy"
          @click="goOn"
        />
      </div>
      <Refusal :refusal="refusal" />
      <p v-for="h in isShort" :key="h.hiveId" class="rust">
        <b>{{ h.text }}</b>
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
        <b>{{
          lots.length === 1
            ? tell('ChooseHive.one-lot')
            : tell('ChooseHive.lots', { lots: lots.length })
        }}</b><span v-for="lot in lots" :key="lot.key" class="lot"
          ><WayMark :way="lot.way" :size="22" />{{ said(lot.name) }}</span
        ><Button text :label="tell('ChooseHive.one-lot-or-more')" @click="lotsOpen = true" />
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
        <b>{{ tell('ChooseHive.counted-low-winter-falls-short') }}</b>
      </p>
      <Button
        :label="tell('ChooseHive.go-on-to-ready')"
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
