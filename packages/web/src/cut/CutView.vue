<script setup lang="ts">
import { readShape, massText, readMassG, smallMassText } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { facePaths, lattice } from '../drawing/cells.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { newId } from '../server/client.js';
import { useRules } from '../server/queries.js';
import { useSend } from '../server/useSend.js';

const { detail, loading, error, retry } = useStageBatch('cut', (b) => ['cut', 'drain', 'jar'].includes(b.stage));
const { data: rules } = useRules();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => rules.value?.rules.units ?? 'metric');
const comb = computed(() => detail.value?.lots.find((l) => l.kind === 'comb') ?? null);
const pieces = computed(() => detail.value?.lots.filter((l) => l.kind === 'pieces') ?? []);
const count = ref<number | null>(null);
const total = ref('');
const totalG = computed(() => { const g = readMassG(total.value, units.value === 'metric' ? 'g' : 'oz'); return g === null ? null : Math.round(g); });
async function write(): Promise<void> {
  const done = await go('/pieces', { id: newId(), batchId: detail.value!.batch.id, count: count.value, totalG: totalG.value }, `${count.value} pieces written down.`);
  if (done) [count.value, total.value] = [null, ''];
}
/** Pieces drawn by their mass at the scale of the slab: 90 mm wide, 35 mm comb, 0.33 kg a dm² of 25 mm. */
const sizeMm = (g: number): number => Math.sqrt((g / (0.33 * 1000 * (35 / 25))) * 10000);
const preview = computed(() => (count.value && totalG.value ? { n: Math.min(count.value, 24), side: Math.min(200, Math.max(20, sizeMm(totalG.value / count.value))) } : null));
const sealed = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
/** One piece as real cells; the others are the same piece laid beside it. */
const piece = computed(() => {
  if (!preview.value) return null;
  const { side, n } = preview.value;
  const px = side * 1.05;
  const columns = Math.max(1, Math.floor(800 / (px + 18)));
  const [paths] = facePaths(lattice({ topWidthMm: side, bottomWidthMm: side, depthMm: side }, px / 2, 0, 1.05, 3), sealed);
  return { px, paths, places: Array.from({ length: n }, (_, i) => ({ x: 24 + (i % columns) * (px + 18), y: 22 + Math.floor(i / columns) * (px + 18) })), height: 22 + Math.ceil(n / columns) * (px + 18) + 20 };
});
const whole = computed(() => {
  if (!detail.value) return null;
  const { outline } = readShape(detail.value.hive);
  const [paths] = facePaths(lattice(outline, 425, 20, 1.05, 5), sealed);
  return { paths, height: outline.depthMm * 1.05 + 44 };
});
const boardHeight = computed(() => piece.value?.height ?? whole.value?.height ?? 200);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!detail" class="stage wide"><header><h1>No comb to cut.</h1></header><p>Comb that was taken and not crushed can be cut into pieces here.</p><div class="acts row"><RouterLink class="p-button p-component" to="/take">Go to Take</RouterLink></div></div>
  <div v-else class="stage bench">
    <header><h1>{{ detail.batch.hiveName }}</h1><span class="sub">{{ comb ? massText(comb.nowG / 1000, units, 2) : 'No' }} comb uncut and uncrushed.</span></header>
    <section class="left">
      <svg width="850" :height="boardHeight" :viewBox="`0 0 850 ${boardHeight}`" role="img" class="board" :aria-label="preview ? `${count} pieces of about ${Math.round(totalG! / count!)} g` : 'The cutting board'">
        <rect x="2" y="2" width="846" :height="boardHeight - 4" rx="8" fill="url(#p-wood)" stroke="var(--ink)" stroke-width="1.5" />
        <g v-if="piece"><g v-for="(at, i) in piece.places" :key="i" :transform="`translate(${at.x} ${at.y})`"><rect :width="piece.px" :height="piece.px" fill="var(--wood-line)" fill-opacity=".35" stroke="var(--ink)" /><path :d="piece.paths.fill" fill="var(--capped)" stroke="#5b4a2a" stroke-opacity=".4" stroke-width=".7" /><path :d="piece.paths.glyph" fill="none" stroke="var(--capped-mark)" stroke-width="1.1" /></g></g>
        <g v-else-if="whole && comb && comb.nowG > 0"><path :d="whole.paths.fill" fill="var(--capped)" stroke="#5b4a2a" stroke-opacity=".4" stroke-width=".7" /><path :d="whole.paths.glyph" fill="none" stroke="var(--capped-mark)" stroke-width="1.1" /></g>
        <text v-if="preview" x="836" :y="boardHeight - 10" text-anchor="end" font-size="15" font-weight="700">about {{ Math.round(preview.side) }} mm square each, if 35 mm thick</text>
      </svg>
      <h2 class="furrow-heading">Pieces of this harvest</h2>
      <p v-if="!pieces.length" class="sub">None yet.</p>
      <table v-else class="plain"><thead><tr><th>Lot</th><th>Pieces</th><th class="num">Each, about</th><th class="num">Together</th><th /></tr></thead><tbody><tr v-for="p in pieces" :key="p.id"><td>{{ p.code }}</td><td>{{ p.count }}</td><td class="num">{{ smallMassText(p.netG ?? 0, units, 1) }}</td><td class="num">{{ smallMassText(p.inG, units, 1) }}</td><td><a :href="`/api/v1/lots/${p.id}/labels.pdf`" target="_blank">Labels</a></td></tr></tbody></table>
    </section>
    <form class="acts" @submit.prevent="write">
      <p class="caution">Cut away from the hand; a sticky handle slips.</p>
      <NumberField v-model="count" label="Pieces cut" whole :min="1" :max="500" :error="fieldError('count')" />
      <TextField v-model="total" :label="`Their weight together, ${units === 'metric' ? 'g' : 'oz'}`" :error="fieldError('totalG') ?? (total && totalG === null ? 'A weight such as 850 g.' : null)" />
      <Refusal :refusal="refusal" :fields="['count', 'totalG']" />
      <Button type="submit" label="Write the pieces down" :disabled="!count || !totalG || !comb?.nowG" :loading="busy" />
      <RouterLink v-if="comb && comb.nowG > 0" class="p-button p-component p-button-outlined" :to="`/drain/${detail.batch.id}`">Crush the rest</RouterLink>
      <RouterLink v-else class="p-button p-component p-button-outlined" :to="`/jar/${detail.batch.id}`">Go on to Jar</RouterLink>
    </form>
  </div>
</template>

<style scoped>.board { max-width: 100%; height: auto; margin-bottom: 12px; } .caution { border-left: 5px solid var(--rust); padding: 4px 12px; font-weight: 600; }</style>
