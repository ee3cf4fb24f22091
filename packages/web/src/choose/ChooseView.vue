<script setup lang="ts">
import { hiveKind, winterIsRead, winterNeedOf, crushOutcome, massRangeText, massText, smallMassRangeText, smallMassText, spareableBars, winterBalance, type CombEstimate, type Range } from '@furrow/core';
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import RangeBar from '../drawing/RangeBar.vue';
import HiveSection from '../drawing/sections/HiveSection.vue';
import { drawnCombs } from '../drawing/sections/drawHive.js';
import { sectionSizeMm } from '../drawing/sections/registry.js';
import WinterBalance from '../drawing/WinterBalance.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useWidth } from '../parts/useWidth.js';
import { useHive } from '../look/useHive.js';
import { newId } from '../server/client.js';
import { useHarvests, useJars } from '../server/queries.js';
import { useSend } from '../server/useSend.js';

const router = useRouter();
const route = useRoute();
const { hives, hive, judged, rules, rulesVersion, loading, error, retry } = useHive();
const { data: jars } = useJars();
const { data: harvests } = useHarvests();
const { go, busy, refusal } = useSend();
const lifted = ref<Record<string, string[]>>(JSON.parse(localStorage.getItem('furrow.draft.lifted') ?? '{}') as Record<string, string[]>);
watch(lifted, (all) => localStorage.setItem('furrow.draft.lifted', JSON.stringify(all)), { deep: true });
const busyCombs = computed(() => (harvests.value ?? []).filter((b) => !b.closedAt && b.hiveId === hive.value?.id && ['ready', 'take'].includes(b.stage)).flatMap((b) => b.combIds));
const chosenIds = computed(() => (lifted.value[hive.value?.id ?? ''] ?? []).filter((id) => judged.value.some((j) => j.combId === id) && !busyCombs.value.includes(id)));
const chosen = computed(() => judged.value.filter((j) => chosenIds.value.includes(j.combId)));
const reasons = ref<Record<string, string>>({});
const method = ref<'crush' | 'cut'>('crush');
const says = ref('');
const asking = ref<{ combId: string; slot: string; headline: string } | null>(null);
const why = ref('');

function toggle(slot: number): void {
  const comb = judged.value.find((j) => j.slot === slot);
  says.value = '';
  if (!comb || !hive.value) return;
  const now = chosenIds.value;
  if (now.includes(comb.combId)) lifted.value[hive.value.id] = now.filter((id) => id !== comb.combId);
  else if (busyCombs.value.includes(comb.combId)) says.value = `Comb ${comb.label} is chosen in a harvest that is not done yet.`;
  else if (comb.verdict.decidedBy === 'brood') says.value = `Comb ${comb.label} carries brood: it stays.`;
  else if (comb.verdict.verdict === 'take') lifted.value[hive.value.id] = [...now, comb.combId];
  else {
    asking.value = { combId: comb.combId, slot: comb.label, headline: comb.verdict.headline };
    why.value = reasons.value[comb.combId] ?? '';
  }
}
function takeAnyway(): void {
  if (!asking.value || !hive.value || why.value.trim().length < 3) return;
  reasons.value[asking.value.combId] = why.value.trim();
  lifted.value[hive.value.id] = [...chosenIds.value, asking.value.combId];
  asking.value = null;
}

const frame = ref<HTMLElement | null>(null);
const width = useWidth(frame);
const scale = computed(() => {
  if (!hive.value) return 0.88;
  const size = sectionSizeMm(hive.value);
  return hive.value.boxes.length ? Math.min(0.8, 520 / size.heightMm, (width.value - 20) / size.widthMm) : Math.max(0.72, Math.min(0.88, (width.value - 20) / size.widthMm));
});
const needKg = computed(() => (hive.value && rules.value ? winterNeedOf(rules.value, hive.value.kind) : null));
/** Pots are drawn off and drain frames run in the hive: neither is lifted out and crushed. */
const otherWay = computed(() => (hive.value && (hive.value.kind === 'stingless' || hiveKind(hive.value.kind).drainsInPlace) ? hiveKind(hive.value.kind) : null));
const sectionCombs = computed(() => drawnCombs(hive.value!, judged.value, (j) => ({ lifted: chosenIds.value.includes(j.combId) })));
const below = computed(() => judged.value.map((j) => ({ slot: j.slot, lines: [
  { text: j.verdict.cappedPercent === null ? '?' : String(Math.round(j.verdict.cappedPercent)), rust: j.verdict.decidedBy === 'capped' && j.verdict.verdict === 'leave' },
  { text: j.estimate ? j.estimate.honeyKg.mid.toFixed(1) : '?' },
] })));
const balance = computed(() => winterBalance(judged.value.map((j) => ({ bar: j.slot, estimate: j.estimate, taken: chosenIds.value.includes(j.combId), hasBrood: (j.seen?.sides.A?.brood ?? 0) + (j.seen?.sides.B?.brood ?? 0) > 0 })), needKg.value));
const stacks = computed(() => {
  const staying = judged.value.filter((j) => !chosenIds.value.includes(j.combId) && j.estimate);
  const nest = staying.filter((j) => (j.seen?.sides.A?.brood ?? 0) + (j.seen?.sides.B?.brood ?? 0) > 0);
  const low = (list: typeof staying): number => list.reduce((sum, j) => sum + j.estimate!.cappedHoneyKg.low + j.estimate!.openHoneyKg.low * (0.6 / 0.82), 0);
  const rest = staying.filter((j) => !nest.includes(j));
  return [{ label: 'nest', kg: low(nest), pattern: 'brood' }, ...rest.map((j) => ({ label: j.label, kg: low([j]), pattern: (j.verdict.cappedPercent ?? 0) > 60 ? 'capped' : 'open' }))];
});
const estimates = computed<CombEstimate[]>(() => chosen.value.flatMap((j) => (j.estimate ? [j.estimate] : [])));
const outcome = computed(() => (rules.value ? crushOutcome({ combs: estimates.value, jars: (jars.value ?? []).map(({ id, netG, stock, value }) => ({ id, netG, stock, value })), rules: rules.value, moisturePercent: null }) : null));
const ripe = computed(() => judged.value.filter((j) => j.verdict.verdict === 'take'));
const spareable = computed(() => spareableBars(judged.value.map((j) => ({ bar: j.slot, estimate: j.estimate, ripe: j.verdict.verdict === 'take' })), needKg.value));
const liftable = computed(() => ripe.value.filter((j) => (spareable.value ? spareable.value.includes(j.slot) : true)));
const isShort = computed(() => (balance.value.spareKg ?? 0) < 0);
const spareText = computed(() => {
  const spare = balance.value.spareKg;
  if (spare === null) return null;
  return spare >= 0 ? `${massText(spare, rules.value!.units)} to spare` : `${massText(-spare, rules.value!.units)} short`;
});
const spanHours = (r: Range): string => `${r.low.toFixed(0)}–${r.high.toFixed(0)} h`;
const need = ref<number | null>(null);
const needSend = useSend();
const saveNeed = (): unknown => need.value !== null && needSend.go('/rules', hive.value!.kind === 'top-bar' ? { ...rules.value, winterNeedKg: need.value } : { ...rules.value, winterNeedByKindKg: { ...rules.value!.winterNeedByKindKg, [hive.value!.kind]: need.value } }, `Winter need ${need.value} kg written down.`, { baseRevision: rulesVersion.value });
async function goOn(): Promise<void> {
  const batchId = newId();
  const anyway = chosen.value.filter((j) => j.verdict.verdict !== 'take').map((j) => ({ combId: j.combId, reason: reasons.value[j.combId] ?? '' }));
  const done = await go('/harvests', { visitId: newId(), batchId, hiveId: hive.value!.id, method: method.value, combIds: chosenIds.value, anyway }, `${chosen.value.length} combs chosen from ${hive.value!.name}.`);
  if (!done) return;
  delete lifted.value[hive.value!.id];
  await router.push(`/ready/${batchId}`);
}
watch(() => route.params.id, () => (says.value = ''));
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!hive || !rules || !judged.length" class="stage wide">
    <header><h1>Nothing to choose from yet.</h1></header>
    <p>Look at the combs first: what each holds decides what may leave.</p>
    <div class="acts row"><RouterLink class="p-button p-component" to="/look">Go to Look</RouterLink></div>
  </div>
  <div v-else-if="otherWay" class="stage wide">
    <header><h1>{{ hive.name }}</h1><span class="right sub links"><RouterLink v-for="h in (hives ?? []).filter((x) => x.id !== hive!.id)" :key="h.id" :to="`/choose/${h.id}`">{{ h.name }}</RouterLink></span></header>
    <p>{{ hive.kind === 'stingless' ? 'Nothing is lifted out here: sealed pots are drawn off in the hive.' : 'Nothing is lifted out here: the frames are opened and run in the hive.' }} Look says which are ripe and which are safe to open; this is the order of the work:</p>
    <ol class="how-it-goes"><li v-for="step in otherWay.takingSteps" :key="step">{{ step }}</li></ol>
    <div class="acts row"><RouterLink class="p-button p-component" :to="`/look/${hive.id}`">Back to Look</RouterLink></div>
  </div>
  <div v-else class="stage choose">
    <header>
      <h1>{{ hive.name }}</h1>
      <span class="sub"><b>{{ chosen.length }} {{ chosen.length === 1 ? 'comb' : 'combs' }} out<template v-if="outcome && chosen.length">, {{ massRangeText(outcome.combHoneyKg, rules.units) }} honey</template>.</b> {{ judged.length - chosen.length }} stay. {{ ripe.length }} {{ ripe.length === 1 ? 'is' : 'are' }} ripe<template v-if="spareable && spareable.length < ripe.length">; by the low estimate the colony can spare {{ spareable.length || 'none' }}</template>.</span>
      <span class="right sub links"><RouterLink v-for="h in (hives ?? []).filter((x) => x.id !== hive!.id)" :key="h.id" :to="`/choose/${h.id}`">{{ h.name }}</RouterLink>Tap a comb to lift it or put it back</span>
    </header>
    <section>
      <div ref="frame" class="scroll"><HiveSection :hive="hive" :combs="sectionCombs" :s="scale" :below="below" interactive :label="`Section of ${hive.name}; ${chosen.length} combs lifted`" @select="toggle" /></div>
      <p class="sub">Under each comb: % capped (rule {{ rules.ripeCappedPercent }}) and kg honey.</p>
      <p v-if="says" role="status"><b>{{ says }}</b></p>
      <p v-if="chosen.length && balance.slideForwardBars.length && !hive.boxes.length">Then slide {{ balance.slideForwardBars.join(', ') }} toward the nest, so that no gap stands between it and its stores; empty bars last.</p>
    </section>
    <aside class="winter">
      <h2 class="furrow-heading">Winter</h2>
      <template v-if="!winterIsRead(hive.kind)"><p>Winter stores stand in the brood box, which stays closed: what is read here is not counted for the winter.</p></template>
      <template v-else-if="needKg === null">
        <p><b>What this colony needs for winter is not said yet.</b> Many households begin between 8 and 20 kg and correct it by what is left in spring.</p>
        <form class="need" @submit.prevent="saveNeed"><NumberField v-model="need" label="Winter need" unit="kg" :min="0" :max="60" :error="needSend.fieldError('winterNeedKg')" /><Button type="submit" label="Write it down" :disabled="need === null" /></form>
      </template>
      <p v-else class="display spare" :class="(balance.spareKg ?? 0) >= 0 ? 'green' : 'rust'">{{ spareText }}</p>
      <p class="sub">Counted from the low estimate.<template v-if="balance.unreadBars.length"> Not read, so not counted: {{ balance.unreadBars.join(', ') }}.</template></p>
      <WinterBalance :balance="balance" :stacks="stacks" />
    </aside>
    <section class="out">
      <div class="headline"><h2 class="furrow-heading">{{ chosen.length ? `What to make of ${chosen.map((j) => j.label).join(', ')}` : 'What to make of them' }}</h2>
         <Button v-if="chosen.length" label="Go on to Ready" :severity="isShort ? 'secondary' : undefined" :loading="busy" @click="goOn" /></div>
      <Refusal :refusal="refusal" />
      <p v-if="chosen.length && isShort" class="rust"><b>Counted low, the winter would be {{ spareText }}. Put one back, or go on knowing it.</b></p>
      <p v-if="!chosen.length && !ripe.length">No comb may be taken by your rules today. Look again, or tap a comb to take it anyway with a reason.</p>
      <div v-else-if="!chosen.length && liftable.length" class="acts row"><Button outlined :label="`Lift what is ripe and can be spared: ${liftable.map((j) => j.label).join(', ')}`" @click="lifted[hive.id] = liftable.map((j) => j.combId)" /></div>
      <p v-else-if="!chosen.length">Ripe, but by the low estimate the colony can spare none. Tap one to see by how much.</p>
      <div v-if="outcome && chosen.length" class="scroll outcomes">
      <table class="plain">
        <thead><tr><th>Way</th><th>Honey out</th><th>Jars</th><th>Clean wax</th><th>Your hours</th><th>Waiting</th><th>Stays in the hive</th></tr></thead>
        <tbody>
          <tr v-for="way in (['crush', 'cut'] as const)" :key="way" :class="{ on: method === way }" @click="method = way">
            <td><label class="way"><input v-model="method" type="radio" name="way" :value="way" /><span><b class="display">{{ way === 'crush' ? 'Crush and strain' : 'Cut comb' }}</b><br /><span class="sub">{{ way === 'crush' ? { mash: 'mashed to pulp', chop: 'chopped fine', slice: 'sliced, slow and clear' }[rules.crush] : 'pieces weighed after the knife, the rest crushed' }}</span></span></label></td>
            <template v-if="way === 'crush'">
              <td><b>{{ massText(outcome.honeyOutKg.mid, rules.units) }}</b> <span class="sub">{{ massRangeText(outcome.honeyOutKg, rules.units) }}</span><RangeBar :range="outcome.honeyOutKg" :max="Math.max(7, outcome.honeyOutKg.high)" /></td>
              <td><template v-if="outcome.jars"><b>{{ outcome.jars.mid }}</b> <span class="sub">{{ outcome.jars.low }}–{{ outcome.jars.high }}</span><br /><span v-if="outcome.jarsShort" class="rust">stock may be short</span></template><RouterLink v-else to="/rules">no jars in the kit</RouterLink></td>
              <td><b>{{ smallMassText(outcome.cleanWaxG.mid, rules.units) }}</b> <span class="sub nowrap">{{ smallMassRangeText(outcome.cleanWaxG, rules.units) }}</span><RangeBar :range="outcome.cleanWaxG" :max="Math.max(400, outcome.cleanWaxG.high)" /></td>
              <td><b>{{ outcome.handsOnHours.mid.toFixed(1) }} h</b> <span class="sub nowrap">{{ outcome.handsOnHours.low.toFixed(1) }}–{{ outcome.handsOnHours.high.toFixed(1) }}</span></td>
              <td><span class="sub">about</span> <b class="nowrap">{{ spanHours(outcome.elapsedHours) }}</b><br /><span class="sub">at {{ rules.kitchenTemperatureC }} °C</span></td>
            </template>
            <template v-else><td><b>{{ massText(outcome.combHoneyKg.mid, rules.units) }}</b> <span class="sub">in the comb</span></td><td class="sub">weighed after cutting</td><td class="sub">from trimmings</td><td class="sub">not known yet</td><td class="sub">none for pieces</td></template>
            <td><b>{{ massText(balance.staysKg.low, rules.units) }}</b> <span class="sub nowrap">to {{ massText(balance.staysKg.high, rules.units) }}</span></td>
          </tr>
        </tbody>
      </table>
      </div>
      <details v-if="chosen.length" class="how"><summary>How this was got</summary><p>Honey out is the comb's honey times the share that drains: 0.65–0.75 sliced, 0.75–0.85 chopped, 0.85–0.92 mashed and stirred twice. Waiting is to nine tenths at your kitchen's temperature with 18 % water, unless measured. Clean wax is 50 to 80 % of the wax in the comb. Hours are your own minutes a comb and a jar.</p></details>
    </section>
    <Dialog :visible="asking !== null" modal header="Take it anyway?" position="top" :style="{ width: '520px', maxWidth: '94vw' }" @update:visible="asking = null">
      <form v-if="asking" class="acts" @submit.prevent="takeAnyway">
        <p>Comb {{ asking.slot }}: {{ asking.headline }}</p>
        <TextField v-model="why" label="Why take it" :error="why && why.trim().length < 3 ? 'Say it in a word or two.' : null" hint="The reason is kept in the book." />
        <div class="acts row"><Button type="submit" :label="`Take comb ${asking.slot} anyway`" :disabled="why.trim().length < 3" /><Button outlined label="Leave it" @click="asking = null" /></div>
      </form>
    </Dialog>
  </div>
</template>

<style scoped>
.choose { grid-template-columns: minmax(0, 1fr) 404px; } .scroll { overflow-x: auto; } .out { grid-column: 1 / -1; } .headline { display: flex; gap: 16px; align-items: center; margin-bottom: 4px; } .headline h2 { flex: 1; }
.links { display: flex; gap: 16px; flex-wrap: wrap; } .nowrap { white-space: nowrap; } .spare { font-size: 31px; line-height: 40px; } .need { display: flex; gap: 12px; align-items: flex-end; margin: 8px 0; }
tr.on td { background: var(--field-wash); } tr.on td:first-child { box-shadow: inset 5px 0 var(--field); } .way { display: flex; gap: 12px; align-items: center; cursor: pointer; min-height: 52px; padding-left: 8px; } .way input { width: 22px; height: 22px; accent-color: var(--field); } .way b { font-size: 17px; }
@media (max-width: 1150px) { .choose { grid-template-columns: minmax(0, 1fr); } }
</style>
