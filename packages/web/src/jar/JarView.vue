<script setup lang="ts">
import { fillLine, honeyKeeping, labelText, massText, netVolumeMl, readMassG, smallMassText, type FillGoal, type JarFill } from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { newId } from '../server/client.js';
import { useClocks, useJars, useRules } from '../server/queries.js';
import { useSend } from '../server/useSend.js';
import { clockText, dateText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import ShelfPanel from './ShelfPanel.vue';
import { compute } from '../workers/client.js';

const router = useRouter();
const { detail, loading, error, retry } = useStageBatch('jar', (b) => ['jar', 'book'].includes(b.stage));
const { data: rulesVersion } = useRules();
const { data: kit } = useJars();
/** Liquid honey goes into jars; boxes for pieces and wide jars for chunk are Cut's. */
const jars = computed(() => kit.value?.filter((j) => j.purpose === 'jar'));
const filling = useSend();
const waxSend = useSend();
const endSend = useSend();
const rules = computed(() => rulesVersion.value?.rules);
const units = computed(() => rules.value?.units ?? 'metric');
const honey = computed(() => detail.value?.lots.find((l) => l.kind === 'honey') ?? null);
const wet = computed(() => detail.value?.lots.find((l) => l.kind === 'wet-wax') ?? null);
const clean = computed(() => detail.value?.lots.find((l) => l.kind === 'clean-wax') ?? null);
const filled = computed(() => detail.value?.lots.filter((l) => l.kind === 'jars' || l.kind === 'pieces') ?? []);
const moisturePercent = computed(() => detail.value?.drains.at(-1)?.moisturePercent ?? 18);
const goal = ref<FillGoal>('least-left');
const keepBackKg = ref<number | null>(0);
const fill = ref<JarFill | null>(null);
watch([honey, jars, goal, keepBackKg], async () => {
  const kg = (honey.value?.nowG ?? 0) / 1000;
  if (!jars.value?.length || kg <= 0 || keepBackKg.value === null || keepBackKg.value > kg || keepBackKg.value < 0) return void (fill.value = null);
  fill.value = await compute().jarFill({ honeyKg: kg, jars: jars.value.map(({ id, netG, stock, value }) => ({ id, netG, stock, value })), goal: goal.value, keepBackKg: keepBackKg.value });
}, { immediate: true });
const now = useNow();
const { data: clocks } = useClocks();
const settle = computed(() => clocks.value?.find((c) => c.kind === 'settle' && c.batchId === detail.value?.batch.id && c.dueAt) ?? null);
const jarOf = (id: string) => jars.value?.find((j) => j.id === id);
/** How high that stands, where the jar's inside is known. */
function highOf(f: { id: string; netG: number }): string {
  const j = jarOf(f.id);
  return j?.widthMm && j.depthMm ? `, ${fillLine({ netG: f.netG, moisturePercent: moisturePercent.value, innerDiameterMm: j.widthMm, innerDepthMm: j.depthMm }).mm.toFixed(0)} mm high` : '';
}
const lightest = ref<Record<string, string>>({});
const lightG = (id: string): number | null => { const t = lightest.value[id]; if (!t) return null; const g = readMassG(t, units.value === 'metric' ? 'g' : 'oz'); return g === null ? null : Math.round(g); };
async function write(id: string, count: number, netG: number): Promise<void> {
  const light = lightG(id);
  const done = await filling.go('/fillings', { id: newId(), batchId: detail.value!.batch.id, jarKindId: id, count, netG, lowestWeighedG: light }, `${count} × ${netG} g filled.`);
  if (done) delete lightest.value[id];
}
const cleanText = ref('');
const restIsSlumgum = ref(true);
const cleanG = computed(() => { const g = readMassG(cleanText.value, units.value === 'metric' ? 'g' : 'oz'); return g === null ? null : Math.round(g); });
async function writeWax(): Promise<void> {
  const done = await waxSend.go('/waxes', { batchId: detail.value!.batch.id, cleanG: cleanG.value, restIsSlumgum: restIsSlumgum.value }, 'Clean wax written down.');
  if (done) cleanText.value = '';
}
const label = computed(() => {
  const lot = filled.value.at(-1);
  if (!lot?.code || !lot.netG || !detail.value || !rules.value) return null;
  const { batch } = detail.value;
  return labelText({ batchCode: lot.code, hiveName: batch.hiveName, siteName: batch.siteName, harvestedOn: batch.date, netG: lot.netG, lowestWeighedG: lot.lowestWeighedG, bestBeforeMonths: rules.value.bestBeforeMonths, registeredToSell: rules.value.registeredToSell, labelMaker: rules.value.labelMaker, product: lot.kind === 'pieces' ? 'comb honey' : 'honey' });
});
async function toBook(): Promise<void> {
  const { id, revision } = detail.value!.batch;
  const minutes = Math.round(filled.value.reduce((sum, l) => sum + (l.kind === 'jars' ? (l.count ?? 0) : 0), 0) * (rules.value?.minutesPerJar ?? 0));
  const done = await endSend.go(`/harvests/${id}/stage`, { stage: 'book', handsOnMinutes: minutes }, 'Into the book.', { baseRevision: revision });
  if (done) await router.push(`/book/${id}`);
}
/** From one jar to the next: side by side, closer where there are many. */
const jarStep = (f: { count: number; netG: number }): number => Math.min(jarHeight(f.netG) / 1.2 + 3, 190 / Math.max(1, Math.min(f.count, 24) - 1));
/** Jars drawn to one scale by their net weight: a cylinder 1.2 times as high as wide. */
const jarHeight = (netG: number): number => Math.cbrt((netVolumeMl(netG, moisturePercent.value) * 1000 * 4 * 1.44) / Math.PI) * 0.62;
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!detail" class="stage wide"><header><h1>No honey to fill.</h1></header><p>When a drain is closed its honey stands here; the jars are counted from your stock to the gram.</p><div class="acts row"><RouterLink class="p-button p-component" to="/drain">Go to Drain</RouterLink></div></div>
  <div v-else class="stage bench">
    <header><h1>{{ detail.batch.hiveName }}</h1><span class="sub">Harvested {{ dateText(detail.batch.date) }}<template v-if="detail.batch.code">, batch {{ detail.batch.code }}</template>. <b>{{ massText((honey?.nowG ?? 0) / 1000, units, 2) }}</b> honey to fill, {{ moisturePercent }} % water.</span></header>
    <section class="left">
      <p class="sub">{{ honeyKeeping({ moisturePercent, bee: 'honeybee' }).reason }}</p>
      <p v-if="settle">Settling since {{ clockText(settle.startedAt, detail.batch.zone, now) }}: the scum is up by about <b>{{ clockText(settle.dueAt!, detail.batch.zone, now) }}</b>. Skim, measure the water again, then fill.</p>
      <h2 class="furrow-heading">Which jars</h2>
      <div class="choices"><SelectButton v-model="goal" :options="[{ label: 'Least left over', value: 'least-left' }, { label: 'Most value', value: 'most-value' }, { label: 'Fewest jars', value: 'fewest-jars' }]" option-label="label" option-value="value" :allow-empty="false" aria-label="What matters" /><NumberField v-model="keepBackKg" label="Keep back" unit="kg" :min="0" :max="(honey?.nowG ?? 0) / 1000" /></div>
      <p v-if="!jars?.length">No jars in the kit. <RouterLink to="/rules">Add them in Rules.</RouterLink></p>
      <p v-else-if="!honey || honey.nowG === 0" class="sub">No honey of this harvest is left to fill.</p>
      <template v-else-if="fill">
        <ul class="shelf">
          <li v-for="f in fill.fills" :key="f.id">
            <svg :width="jarStep(f) * (Math.min(f.count, 24) - 1) + jarHeight(f.netG) / 1.2 + 5" height="82" aria-hidden="true"><g v-for="i in Math.min(f.count, 24)" :key="i" :transform="`translate(${(i - 1) * jarStep(f) + 2} ${78 - jarHeight(f.netG)})`"><rect :y="0" :width="jarHeight(f.netG) / 1.2" :height="jarHeight(f.netG)" rx="5" fill="var(--open)" stroke="var(--ink)" stroke-width="1.5" /><rect x="3" y="-6" :width="jarHeight(f.netG) / 1.2 - 6" height="8" fill="var(--wood)" stroke="var(--ink)" /></g></svg>
            <span class="shelf-text"><b class="display">{{ f.count }} × {{ f.netG }} g</b><span class="sub">{{ jarOf(f.id)?.name }}, of {{ jarOf(f.id)?.stock }} in stock. Fill to {{ Math.round(netVolumeMl(f.netG, moisturePercent)) }} ml{{ highOf(f) }}.</span></span>
            <TextField v-model="lightest[f.id]" :label="`Lightest ${f.netG} g jar weighed, net`" hint="Labels never say more. Empty: not weighed." />
            <Button :label="`Filled ${f.count}`" :loading="filling.busy.value" :disabled="Boolean(lightest[f.id]) && lightG(f.id) === null" @click="write(f.id, f.count, f.netG)" />
          </li>
        </ul>
        <p><b>{{ massText(fill.filledKg, units, 2) }}</b> in jars, <b>{{ smallMassText(fill.leftKg * 1000, units, 1) }}</b> left over.</p>
        <p v-for="s in fill.shortage ?? []" :key="s.id" class="rust"><b>{{ s.needed > s.stock ? `${s.needed - s.stock} more of “${jarOf(s.id)?.name}” are missing.` : `“${jarOf(s.id)?.name}” is used up.` }}</b></p>
      </template>
      <Refusal :refusal="filling.refusal.value" />
      <h2 class="furrow-heading">Filled and cut</h2>
      <p v-if="!filled.length" class="sub">Nothing yet.</p>
      <table v-else class="plain"><thead><tr><th>Lot</th><th>What</th><th class="num">Net, each</th><th class="num">Together</th><th>Labels</th></tr></thead><tbody><tr v-for="l in filled" :key="l.id"><td>{{ l.code }}</td><td>{{ l.count }} {{ l.kind === 'jars' ? (l.count === 1 ? 'jar' : 'jars') : l.count === 1 ? 'piece' : 'pieces' }}</td><td class="num">{{ smallMassText(l.netG ?? 0, units, 1) }}</td><td class="num">{{ smallMassText(l.inG, units, 1) }}</td><td><a :href="`/api/v1/lots/${l.id}/labels.pdf`" target="_blank" :aria-label="`Label sheet of lot ${l.code}`">PDF sheet</a></td></tr></tbody></table>
    </section>
    <aside class="acts">
      <template v-if="label">
        <h2 class="furrow-heading">The label</h2>
        <div class="label" aria-label="Label as it prints"><b class="display">{{ label.title }}</b><span>{{ label.origin }}</span><b>{{ label.net }}</b><span>{{ label.harvested }}</span><span>{{ label.batch }}</span><span>{{ label.bestBefore }}</span><span v-if="label.gift">{{ label.gift }}</span><span>{{ label.warning }}</span><span>{{ label.maker }}</span></div>
        <p class="sub">Every word comes from the record. {{ rules?.registeredToSell ? '' : 'Without a registration it reads gift; say so in Rules if you are registered to sell. Ask your food authority.' }}</p>
      </template>
      <ShelfPanel v-if="rules && filled.length" :detail="detail" :rules="rules" />
      <h2 class="furrow-heading">Wax</h2>
      <p>{{ wet ? `${smallMassText(wet.nowG, units, 1)} wet wax` : 'No wet wax weighed yet' }}<template v-if="clean">, {{ smallMassText(clean.nowG, units, 1) }} clean</template>.</p>
      <form v-if="wet && wet.nowG > 0" class="acts" @submit.prevent="writeWax">
        <p class="caution">Melt in a water bath, never over a flame, never alone.</p>
        <TextField v-model="cleanText" :label="`Clean wax, ${units === 'metric' ? 'g' : 'oz'}`" :error="waxSend.fieldError('cleanG') ?? (cleanText && cleanG === null ? 'A weight such as 130 g.' : null)" />
        <label class="tick"><input v-model="restIsSlumgum" type="checkbox" /> The rest is slumgum, honey and water</label>
        <Refusal :refusal="waxSend.refusal.value" :fields="['cleanG']" />
        <Button outlined type="submit" label="Write the wax down" :disabled="cleanG === null" :loading="waxSend.busy.value" />
      </form>
      <Refusal :refusal="endSend.refusal.value" />
      <Button v-if="!detail.batch.closedAt" :label="honey && honey.nowG > 0 ? 'Go on to Book, honey is left' : 'Go on to Book'" :outlined="Boolean(honey && honey.nowG > 0 && fill?.fills.length)" :loading="endSend.busy.value" @click="toBook" />
      <RouterLink v-else class="p-button p-component p-button-outlined" :to="`/book/${detail.batch.id}`">See it in the book</RouterLink>
    </aside>
  </div>
</template>

<style scoped>
.choices { display: flex; gap: 20px; align-items: flex-end; flex-wrap: wrap; margin: 4px 0 8px; } .shelf { list-style: none; margin: 0; padding: 0; } .shelf li { display: grid; grid-template-columns: 250px minmax(170px, 1fr) 210px 150px; gap: 16px; align-items: center; border-bottom: 5px solid var(--wood); padding: 6px 0; } .shelf-text { display: flex; flex-direction: column; } .shelf-text b { font-size: 25px; } .shelf .p-button { min-height: 64px; }
.label { display: flex; flex-direction: column; background: #fff; color: #18211b; border: 1.5px solid var(--ink); padding: 12px 16px; font-size: 15px; line-height: 21px; } .label .display { font-size: 22px; line-height: 28px; }
.caution { border-left: 5px solid var(--rust); padding: 4px 12px; font-weight: 600; } .tick { display: flex; gap: 10px; align-items: center; min-height: 48px; } .tick input { width: 22px; height: 22px; accent-color: var(--field); }
@media (max-width: 800px) { .shelf li { grid-template-columns: 1fr; } }
</style>
