<script setup lang="ts">
import { EMPTY_SHARES, sealedThicknessMm, type Reading, type Seen, type Shares } from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, nextTick, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import SectionTopBar from '../drawing/SectionTopBar.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { useWidth } from '../parts/useWidth.js';
import { newId } from '../server/client.js';
import { useSend } from '../server/useSend.js';
import { dateText, dayText } from '../shell/times.js';
import { useUi } from '../shell/ui.js';
import { useNow } from '../shell/useNow.js';
import CombReader from './CombReader.vue';
import HiveTable from './HiveTable.vue';
import MeasuresDialog from './MeasuresDialog.vue';
import VerdictPanel from './VerdictPanel.vue';
import { useHive } from './useHive.js';

interface LookDraft { combId: string; A: Shares | null; B: Shares | null; readings: Reading[]; combAge: Seen['combAge']; depthMm: number; thicknessMm: number }

const route = useRoute();
const router = useRouter();
const now = useNow();
const ui = useUi();
const { go, busy, refusal } = useSend();
const drafts = ref<Record<string, LookDraft>>(JSON.parse(localStorage.getItem('furrow.draft.looks') ?? '{}') as Record<string, LookDraft>);
watch(drafts, (all) => localStorage.setItem('furrow.draft.looks', JSON.stringify(all)), { deep: true });

const slot = computed({ get: () => Number(route.query.comb) || lastSlot.value, set: (value) => void router.replace({ query: { ...route.query, comb: String(value) } }) });
const draftSeen = computed(() => {
  const draft = Object.values(drafts.value).find((d) => d.combId === here.value?.comb?.id);
  return draft ? { combId: draft.combId, seen: { sides: { A: draft.A, B: draft.B }, readings: draft.readings, combAge: draft.combAge, depthMm: draft.depthMm, thicknessMm: draft.thicknessMm } } : null;
});
const { hives, hive, combs, judged, rules, loading, error, retry } = useHive(draftSeen);
const lastSlot = computed(() => hive.value?.bars.filter((b) => b.comb).at(-1)?.slot ?? 1);
const here = computed(() => hive.value?.bars.find((b) => b.slot === slot.value) ?? null);
const current = computed(() => judged.value.find((j) => j.slot === slot.value) ?? null);
const looks = computed(() => here.value?.comb?.looks ?? []);
const lastLook = computed(() => looks.value.at(-1) ?? null);
const draft = computed(() => (here.value?.comb ? (drafts.value[here.value.comb.id] ?? null) : null));
const side = ref<'A' | 'B'>('A');
const asTable = ref(false);
const measuring = ref(false);
// A comb is read from side A on.
watch(slot, () => (side.value = 'A'));

const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const scale = computed(() => (hive.value ? Math.max(0.72, Math.min(0.98, (width.value - 20) / (hive.value.geometry.bars * hive.value.geometry.barWidthMm + 84))) : 0.9));
const sectionCombs = computed(() => judged.value.map((j) => ({ slot: j.slot, depthMm: j.seen?.depthMm ?? hive.value!.geometry.combDepthMm, A: j.seen?.sides.A ?? null, B: j.seen?.sides.B ?? null, verdict: j.verdict.verdict })));

/** The look being made; begun from what is known of the comb's measures, its sides not seen until touched. */
function begin(): LookDraft {
  const combId = here.value!.comb!.id;
  drafts.value[combId] ??= {
    combId, A: null, B: null, readings: [],
    combAge: lastLook.value?.combAge ?? 'new', depthMm: lastLook.value?.depthMm ?? hive.value!.geometry.combDepthMm,
    thicknessMm: lastLook.value?.thicknessMm ?? sealedThicknessMm(hive.value!.geometry.barWidthMm),
  };
  return drafts.value[combId];
}
function setSide(shares: Shares | null): void {
  begin()[side.value] = shares;
}
function startSide(from: 'empty' | 'last' | 'other'): void {
  const other = side.value === 'A' ? 'B' : 'A';
  const shares = from === 'empty' ? EMPTY_SHARES : from === 'last' ? lastLook.value?.sides[side.value] : draft.value?.[other];
  setSide({ ...(shares ?? EMPTY_SHARES) });
}
function putDown(): void {
  if (here.value?.comb) delete drafts.value[here.value.comb.id];
}
async function writeDown(): Promise<void> {
  const d = draft.value;
  if (!d) return;
  const done = await go('/looks', { id: newId(), combId: d.combId, sides: { A: d.A, B: d.B }, readings: d.readings, combAge: d.combAge, depthMm: d.depthMm, thicknessMm: d.thicknessMm }, `Comb ${slot.value} written down.`);
  if (done) delete drafts.value[d.combId];
}
watch([slot, frame, () => judged.value.length], async () => {
  await nextTick();
  frame.value?.querySelector(`[data-slot="${slot.value}"]`)?.scrollIntoView({ inline: 'nearest', block: 'nearest' });
});
const combBuilt = (): Promise<unknown> => go('/combs', { id: newId(), hiveId: hive.value!.id, slot: slot.value, builtOn: DateTime.fromJSDate(now.value, { zone: hive.value!.site.zone }).toISODate() }, `Comb on bar ${slot.value} noted.`);
const noComb = (): Promise<unknown> => go(`/combs/${here.value!.comb!.id}/end`, { reason: 'none-here' }, `Bar ${slot.value} has no comb.`);
const moveBoard = (after: number): void => {
  boardAt.value = after;
};
const boardAt = ref<number | null>(null);
const geometry = computed(() => ({ ...hive.value!.geometry, followerAfterBar: boardAt.value ?? hive.value!.geometry.followerAfterBar }));
async function keepBoard(): Promise<void> {
  const done = await go(`/hives/${hive.value!.id}`, { geometry: geometry.value }, `Follower board behind bar ${boardAt.value}.`, { method: 'PATCH', baseRevision: hive.value!.revision });
  if (done) boardAt.value = null;
}
function step(by: number): void {
  const slots = combs.value.map((c) => c.slot);
  const i = slots.indexOf(slot.value);
  slot.value = slots[Math.min(slots.length - 1, Math.max(0, i + by))] ?? slot.value;
}
function onKey(event: KeyboardEvent): void {
  if (!ui.keysOn || event.ctrlKey || event.metaKey || event.altKey || (event.target as HTMLElement).closest('input, select, textarea, [role="slider"], [role="dialog"]')) return;
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
  <div v-else-if="!hive || !rules" class="stage wide">
    <header><h1>No hive yet.</h1></header>
    <p>Make your first hive: it is drawn as it stands, and its combs hang in it to be looked at.</p>
    <div class="acts row"><RouterLink class="p-button p-component" to="/hives/new">Make a hive</RouterLink></div>
  </div>
  <div v-else class="stage look">
    <header>
      <h1>{{ hive.name }}</h1>
      <span class="sub">Top-bar hive, {{ hive.geometry.bars }} bars, {{ hive.site.name }}. {{ combs.length }} combs<template v-if="hive.colony">, colony since {{ dateText(hive.colony.startedOn) }}</template>.</span>
      <span class="right links">
        <RouterLink v-for="h in (hives ?? []).filter((x) => x.id !== hive!.id)" :key="h.id" :to="`/look/${h.id}`">{{ h.name }}</RouterLink>
        <RouterLink to="/hives/new">New hive</RouterLink>
        <button type="button" class="linklike" @click="measuring = true">This hive…</button>
        <button type="button" class="linklike" @click="asTable = !asTable">{{ asTable ? 'As a drawing' : 'As a table' }}</button>
      </span>
    </header>
    <section class="left">
      <div ref="frame" class="scroll">
        <HiveTable v-if="asTable" :judged="judged" :units="rules.units" @select="slot = $event" />
        <SectionTopBar v-else :geometry="geometry" :combs="sectionCombs" :s="scale" :selected="slot" interactive edit-board :label="`Section of ${hive.name}, the entrance at the left`" @select="slot = $event" @board="moveBoard" />
      </div>
      <div v-if="boardAt !== null && boardAt !== hive.geometry.followerAfterBar" class="acts row board">
        <Button :label="`Follower board behind bar ${boardAt}: write it down`" :loading="busy" @click="keepBoard" />
        <Button outlined label="Put it back" @click="boardAt = null" />
      </div>
      <p v-if="!asTable" class="legend sub"><span>▲ may take</span><span>▬ leave</span><span>◇ test first</span><span>○ not read yet</span></p>
      <CombReader
        v-if="current && here?.comb" v-model:side="side" :slot-number="slot" :geometry="hive.geometry" :last="lastLook" :draft="draft" :seed="slot * 7 + (side === 'A' ? 1 : 2)" :zone="hive.site.zone"
        @shares="setSide" @start="startSide" @reading="begin().readings.push($event)" @drop-reading="begin().readings.splice($event, 1)"
        @measures="Object.assign(begin(), $event)" @no-comb="noComb"
      />
      <div v-else class="nocomb">
        <p>No comb hangs from bar {{ slot }}.</p>
        <Button outlined :label="`Comb was built on bar ${slot}`" :loading="busy" @click="combBuilt" />
      </div>
    </section>
    <VerdictPanel v-if="current" :judged="current" :looks="looks" :rules="rules" :is-draft="draft !== null" :last-text="lastLook ? dayText(lastLook.occurredAt, hive.site.zone) : null">
      <div class="acts">
        <Refusal :refusal="refusal" />
        <template v-if="draft">
          <Button :label="`Write down comb ${slot}`" :loading="busy" @click="writeDown" />
          <Button outlined label="Put down, keep the last look" @click="putDown" />
        </template>
        <RouterLink v-else-if="judged.some((j) => j.verdict.verdict === 'take')" class="p-button p-component" :to="`/choose/${hive.id}`">Go on to Choose</RouterLink>
        <div class="acts row steps">
          <Button outlined label="← Comb before" @click="step(-1)" /><Button outlined label="Comb after →" @click="step(1)" />
        </div>
      </div>
    </VerdictPanel>
    <p v-else class="sub">Tap a bar with comb to read it.</p>
    <MeasuresDialog v-model:visible="measuring" :hive="hive" />
  </div>
</template>

<style scoped>
.scroll { overflow-x: auto; }
.links { display: flex; gap: 16px; flex-wrap: wrap; align-items: center; }
.linklike { background: none; border: 0; color: inherit; font: inherit; text-decoration: underline; cursor: pointer; padding: 8px 0; }
.legend { display: flex; gap: 18px; flex-wrap: wrap; margin: 2px 0 6px; }
.board { margin: 8px 0; }
.nocomb { padding: 20px 0; display: flex; gap: 20px; align-items: center; flex-wrap: wrap; }
.steps .p-button { flex: 1; min-width: 150px; }
</style>
