<script setup lang="ts">
import { cutsComb, runsInPlace, placeLabel, readShape, estimateSeen, massRangeText, massField, massText, readMassG, tareCheck, takeSteps, type ScaleReading } from '@furrow/core';
import Button from 'primevue/button';
import { computed, onMounted, onUnmounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import SectionTopBar from '../drawing/SectionTopBar.vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useWidth } from '../parts/useWidth.js';
import { useStageBatch } from '../parts/useStageBatch.js';
import { newId, read } from '../server/client.js';
import { useRules, useVessels } from '../server/queries.js';
import { useSend } from '../server/useSend.js';
import { useUi } from '../shell/ui.js';

const router = useRouter();
const ui = useUi();
const { id, detail, loading, error, retry } = useStageBatch('take', (b) => b.stage === 'take');
const { data: vessels } = useVessels();
const { data: rules } = useRules();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => rules.value?.rules.units ?? 'metric');
const slots = computed(() => new Map((detail.value?.looks ?? []).map((l) => [l.combId, l.slot])));
const bars = computed(() => (detail.value?.batch.combIds ?? []).map((c) => slots.value.get(c) ?? 0).filter((s) => s > 0));
const steps = computed(() => (bars.value.length ? takeSteps({ kind: detail.value!.hive.kind, bars: bars.value, lastCombBar: Math.max(...bars.value, ...(detail.value?.hive.bars.filter((b) => b.comb).map((b) => b.slot) ?? [])) }) : []));
const stored = computed(() => `furrow.take.${id.value}`);
const index = ref(0);
watch(stored, (key) => (index.value = Number(localStorage.getItem(key) ?? 0)), { immediate: true });
watch(index, (i) => localStorage.setItem(stored.value, String(i)));
const step = computed(() => steps.value[Math.min(index.value, steps.value.length - 1)] ?? null);
const combId = computed(() => (step.value?.bar ? [...slots.value].find(([c, s]) => s === step.value!.bar && detail.value!.batch.combIds.includes(c))?.[0] ?? null : null));
const taken = computed(() => detail.value?.takes.find((t) => t.combId === combId.value) ?? null);
const look = computed(() => detail.value?.looks.filter((l) => l.combId === combId.value).at(-1) ?? null);
const estimate = computed(() => (look.value && detail.value ? estimateSeen(look.value, detail.value.hive) : null));
const combSteps = computed(() => steps.value.filter((s) => s.kind === 'comb'));
const combNumber = computed(() => combSteps.value.findIndex((s) => s.id === step.value?.id) + 1);
const startedAt = ref(Date.now());
const weighing = ref(false);
const tub = ref<string | null>(null);
watch(vessels, (list) => (tub.value ??= list?.find((v) => v.role === 'tub')?.id ?? list?.[0]?.id ?? null), { immediate: true });
const vessel = computed(() => vessels.value?.find((v) => v.id === tub.value) ?? null);
/** Weight before this comb went in: the vessel's own tare, or what it last weighed with the combs before. */
const before = computed(() => {
  const earlier = (detail.value?.takes ?? []).filter((t) => t.vesselId === tub.value && t.grossG !== null);
  return earlier.length ? Math.max(...earlier.map((t) => t.grossG!)) : (vessel.value?.tareG ?? 0);
});
const grossText = ref('');
const tareText = ref('');
const readBy = ref('');
watch([step, tub, before], () => {
  tareText.value = massField(before.value, units.value);
  grossText.value = '';
  readBy.value = '';
}, { immediate: true });
const grossG = computed(() => { const g = readMassG(grossText.value, units.value === 'metric' ? 'kg' : 'lb'); return g === null ? null : Math.round(g); });
const tareG = computed(() => { const g = readMassG(tareText.value, units.value === 'metric' ? 'kg' : 'lb'); return g === null ? null : Math.round(g); });
const check = computed(() => {
  if (grossG.value === null || tareG.value === null) return null;
  const e = estimate.value;
  return tareCheck({ grossG: grossG.value, tareG: tareG.value, vesselTareG: before.value, expectedKg: e ? { low: e.honeyKg.low + e.waxKg.low, mid: e.honeyKg.mid + e.waxKg.mid, high: e.honeyKg.high + e.waxKg.high } : null });
});
const asked = computed(() => {
  if (check.value?.question === 'tare-above-gross') return null;
  if (check.value?.question === 'tare-forgotten') return `Tare forgotten? The tub alone weighed ${massText(before.value / 1000, units.value, 2)}.`;
  if (check.value?.question === 'far-from-estimate') return `Far from the estimate of ${massRangeText(estimate.value!.honeyKg, units.value)}. Tare forgotten? Written down as you say it.`;
  return null;
});
async function readScale(): Promise<void> {
  const reading = await read<ScaleReading>(`/instruments/bench-scale?batchId=${id.value}&combId=${combId.value}&vesselId=${tub.value ?? ''}`);
  grossText.value = `${(reading.value / 1000).toFixed(3)} kg`;
  readBy.value = reading.simulated ? 'read from the practice scale' : 'read from the scale';
}
/** Minutes of the hands, counted step by step and kept over a reload; a step left open for over an hour counts as one. */
const spent = (): number => Number(localStorage.getItem(`${stored.value}.minutes`) ?? 0) + Math.min(60, (Date.now() - startedAt.value) / 60_000);
function forward(): void {
  localStorage.setItem(`${stored.value}.minutes`, String(spent()));
  index.value = Math.min(steps.value.length - 1, index.value + 1);
  weighing.value = false;
  startedAt.value = Date.now();
}
async function write(outcome: 'taken' | 'put-back' | 'brood-seen' | 'broke'): Promise<void> {
  const weighed = outcome === 'taken' || outcome === 'broke';
  const said = { taken: `Comb ${step.value?.bar} taken.`, broke: `Broken comb ${step.value?.bar} taken.`, 'put-back': `Comb ${step.value?.bar} put back.`, 'brood-seen': `Brood: comb ${step.value?.bar} put back.` }[outcome];
  const done = await go('/takes', { id: newId(), batchId: id.value, combId: combId.value, outcome, vesselId: weighed ? tub.value : null, grossG: weighed ? grossG.value : null, tareG: weighed ? tareG.value : null }, said);
  if (done) forward();
}
const anyTaken = computed(() => detail.value?.takes.some((t) => t.netG !== null) ?? false);
async function finish(): Promise<void> {
  const { method } = detail.value!.batch;
  const stage = !anyTaken.value ? 'book' : cutsComb(method) ? 'cut' : runsInPlace(method) ? 'jar' : 'drain';
  const done = await go(`/harvests/${id.value}/stage`, { stage, handsOnMinutes: Math.round(spent()) }, anyTaken.value ? 'Hive is closed.' : 'Nothing was taken; the harvest is closed.', { baseRevision: detail.value!.batch.revision });
  if (!done) return;
  localStorage.removeItem(stored.value);
  localStorage.removeItem(`${stored.value}.minutes`);
  await router.push(`/${stage}/${id.value}`);
}
function next(): void {
  if (!step.value || busy.value) return;
  if (step.value.kind === 'comb' && !taken.value) weighing.value = true;
  else if (step.value.kind === 'after') void finish();
  else forward();
}
function onKey(event: KeyboardEvent): void {
  if (event.key !== ' ' || (event.target as HTMLElement).closest('input, button, a, select, summary, [role="dialog"]')) return;
  event.preventDefault();
  next();
}
onMounted(() => window.addEventListener('keydown', onKey));
onUnmounted(() => window.removeEventListener('keydown', onKey));

const zoomScale = window.matchMedia('(max-width: 599px)').matches ? 1.3 : 2.05;
const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame, 800);
const wholeScale = computed(() => Math.max(0.4, Math.min(0.9, (width.value - 10) / sectionSizeMm(detail.value!.hive).widthMm, detail.value!.hive.boxes.length ? 420 / sectionSizeMm(detail.value!.hive).heightMm : 1)));
/** The whole hive as it hangs now, what is to be taken marked. */
const whole = computed(() => detail.value!.hive.bars.filter((b) => b.comb).map((b) => {
  const seen = b.comb!.looks.at(-1) ?? null;
  return { slot: b.slot, inBox: b.inBox, boxId: b.boxId, depthMm: seen?.depthMm ?? readShape(detail.value!.hive).outline.depthMm, A: seen?.sides.A ?? null, B: seen?.sides.B ?? null, verdict: bars.value.includes(b.slot) ? ('take' as const) : undefined };
}));
/** Bars round the one being lifted, drawn large. */
const zoom = computed(() => {
  const hive = detail.value!.hive;
  const at = step.value?.bar ?? Math.max(...bars.value, 1);
  const here = hive.bars.find((b) => b.slot === at) ?? hive.bars[hive.bars.length - 1];
  const from = Math.max(1, here.inBox - 3);
  const shown = hive.bars.filter((b) => b.boxId === here.boxId && b.inBox >= from && b.inBox < from + 6);
  const shape = readShape(hive);
  const lifted = new Map((detail.value!.takes ?? []).filter((t) => t.netG !== null).map((t) => [t.slot, t]));
  const seenOf = (slot: number) => hive.bars.find((b) => b.slot === slot)?.comb?.looks.at(-1) ?? detail.value!.looks.filter((l) => l.slot === slot && detail.value!.batch.combIds.includes(l.combId)).at(-1) ?? null;
  return {
    geometry: { ...shape.outline, barWidthMm: shape.pitchMm, bars: shown.length, followerAfterBar: shown.length, combDepthMm: 120 },
    combs: shown.filter((b) => (b.comb || b.slot === step.value?.bar) && !lifted.has(b.slot)).map((b) => ({ slot: b.inBox - from + 1, depthMm: 120, A: seenOf(b.slot)?.sides.A ?? null, B: seenOf(b.slot)?.sides.B ?? null, lifted: b.slot === step.value?.bar })),
    names: shown.map((b) => ({ slot: b.inBox - from + 1, name: b.slot, out: lifted.has(b.slot) })),
  };
});
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!detail || !step" class="stage wide">
    <header><h1>Nothing to take now.</h1></header>
    <p>Choose combs and plan the day; then the steps stand here, one at a time.</p>
    <div class="acts row"><RouterLink class="p-button p-component" to="/choose">Go to Choose</RouterLink></div>
  </div>
  <div v-else class="stage take bench">
    <header><h1>Take, {{ detail.batch.hiveName }}</h1><span class="sub">step {{ index + 1 }} of {{ steps.length }}<template v-if="combNumber">, comb {{ combNumber }} of {{ combSteps.length }}</template></span>
      <span class="right small"><Button v-if="index > 0 && !weighing" text label="Step before" @click="index--" /><Button text :label="ui.sun ? 'Indoor colours' : 'Sun mode'" @click="ui.sun = !ui.sun" /></span>
      <span class="dots" aria-hidden="true"><i v-for="(s, i) in steps" :key="s.id" :class="{ done: i < index, now: i === index }" /></span></header>
    <section class="now" :class="{ weighing }">
      <h2 class="display instruction">{{ step.title }}</h2>
      <p class="text">{{ step.text }}</p>
      <p v-if="step.bar && estimate && look" class="text"><b>{{ look.verdict.cappedPercent === null ? '' : `${Math.round(look.verdict.cappedPercent)} % capped, ` }}about {{ massText(estimate.honeyKg.mid, units) }}</b></p>
      <p v-if="step.waitMinutes" class="text"><b>Wait {{ step.waitMinutes }} minutes.</b></p>
      <p v-if="step.caution" class="caution">{{ step.caution }}</p>
      <div v-if="step.bar" class="picture" :class="{ weighing }">
        <SectionTopBar :geometry="zoom.geometry" :combs="zoom.combs" cutaway :s="zoomScale" :marks="false" :numbers="false" :lift-by="70" :label="`Bar ${step.bar} is lifted`">
          <template #default="{ top, barX, pitch }"><text v-for="n in zoom.names" :key="n.slot" :x="barX(n.slot) + pitch / 2" :y="top - 10 - (n.name === step.bar ? 70 : 0)" text-anchor="middle" font-size="17" font-weight="700" :style="{ fill: n.name === step.bar ? 'var(--on-field)' : 'var(--ink)' }">{{ n.out ? 'out' : placeLabel(n.name) }}</text></template>
        </SectionTopBar>
      </div>
      <div v-else ref="frame" class="picture"><HiveSection :hive="detail.hive" :combs="whole" :s="wholeScale" :label="`${detail.batch.hiveName} from the side; the bars to take carry a triangle`" /></div>
    </section>
    <aside class="acts" :class="{ pinned: !weighing }">
      <template v-if="step.kind === 'comb' && taken">
        <p class="text"><b>Written down: {{ taken.netG !== null ? massText(taken.netG / 1000, units, 2) : taken.outcome === 'brood-seen' ? 'brood seen, put back' : 'put back' }}</b></p>
        <Button class="main" label="Next" @click="forward" />
      </template>
      <form v-else-if="weighing" class="acts" @submit.prevent="write('taken')">
        <h2 class="furrow-heading">Weigh comb {{ step.bar }}</h2>
        <label class="sub" for="tub">In which vessel</label>
        <select id="tub" v-model="tub" class="native big-touch"><option v-for="v in vessels" :key="v.id" :value="v.id">{{ v.name }}, {{ massText(v.tareG / 1000, units, 2) }} empty</option><option v-if="!vessels?.length" :value="null">no vessel in the kit</option></select>
        <TextField v-model="grossText" label="Gross weight, vessel and comb" :error="fieldError('grossG') ?? (grossText && grossG === null ? 'A weight such as 4,3 kg.' : null)" :hint="readBy" />
        <Button outlined type="button" label="Read the scale" @click="readScale" />
        <TextField v-model="tareText" label="Tare, before this comb" :error="fieldError('tareG') ?? (tareText && tareG === null ? 'A weight such as 1,24 kg.' : check?.question === 'tare-above-gross' ? 'The tare is above the gross weight.' : null)" />
        <p v-if="check && check.netG >= 0" class="net display">{{ massText(check.netG / 1000, units, 2) }} net</p>
        <p v-if="asked" class="caution" role="alert">{{ asked }}</p>
        <Refusal :refusal="refusal" :fields="['grossG', 'tareG']" />
        <Button type="submit" class="main" :label="asked ? 'Write it down as I say' : 'Write it down'" :disabled="!check || check.netG < 0" :loading="busy" />
        <div class="acts row halves"><Button outlined type="button" label="It broke" :disabled="!check || check.netG < 0" @click="write('broke')" /><Button outlined type="button" label="Back" @click="weighing = false" /></div>
      </form>
      <template v-else>
        <Button class="main" :label="step.kind === 'after' ? (anyTaken ? 'Done, on to the bench' : 'Close, nothing taken') : step.done" :loading="busy" @click="next" />
        <p class="sub keyhint">The space bar does the same.</p>
        <div v-if="step.kind === 'comb'" class="acts row halves"><Button outlined label="Put it back" @click="write('put-back')" /><Button outlined class="rusty" label="Brood seen" @click="write('brood-seen')" /></div>
        <Refusal :refusal="refusal" />
      </template>
    </aside>
  </div>
</template>

<style scoped>
.dots { display: flex; gap: 8px; align-items: center; } .dots i { width: 12px; height: 12px; border-radius: 50%; border: 2px solid var(--ink); } .dots .done { background: var(--field); border-color: var(--field); } .dots .now { border: 4px solid var(--field); width: 18px; height: 18px; }
.instruction { font-size: 46px; line-height: 50px; margin: 4px 0 8px; } .text { font-size: 20px; line-height: 28px; max-width: 640px; } .caution { border-left: 5px solid var(--rust); padding: 4px 12px; font-size: 18px; font-weight: 600; margin: 10px 0; max-width: 640px; } .picture { margin-top: 8px; overflow-x: auto; }
.main { min-height: 108px !important; font: 600 28px var(--display) !important; width: 100%; } .small { display: flex; gap: 8px; } .small :deep(.p-button) { min-height: 44px !important; font-size: 17px !important; } .halves .p-button { flex: 1; min-height: 80px; } .rusty { color: var(--rust) !important; border-color: var(--rust) !important; border-width: 3px; } .net { font-size: 31px; } .keyhint { text-align: center; } .big-touch { min-height: 64px; }
.bench :deep(.p-inputtext) { min-height: 64px; font-size: 22px; font-weight: 700; }
@media (max-width: 599px) { .keyhint, .dots { display: none; } .instruction { font-size: 40px; line-height: 44px; } .text { font-size: 19px; line-height: 25px; } .now.weighing .text, .now.weighing .caution, .picture.weighing { display: none; }
  .take { display: flex; flex-direction: column; padding-bottom: 0; } .now { flex: 1; } .take > header { gap: 0 10px; } .take > header h1 { display: none; } .take > header .right { margin-left: auto; } .instruction { margin: 0 0 4px; } .pinned { position: sticky; bottom: 0; background: var(--lime-1); border-top: 2px solid var(--ink); margin: 0 -16px; padding: 10px 16px; gap: 8px; } .pinned .main { min-height: 88px !important; } .pinned :deep(.p-button-text) { min-height: 40px; } }
</style>
