<script setup lang="ts">
import { FATES, FATE_WORDS, SPOILT_WORDS, cutHistory, placeLabel, projectPieces, seasonOf, unitWord, type BatchDetail, type CutBoard, type Fate, type HouseRules } from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { newId } from '../server/client.js';
import { useCutHistory } from '../server/queries.js';
import { useSend } from '../server/useSend.js';

/** Possible against made, by comb, super, hive or season; what spoilt and why; what left the shelf. */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules }>();
const { go, busy, refusal, fieldError } = useSend();
const { data: history, isLoading, error, refetch } = useCutHistory();
type By = 'comb' | 'super' | 'hive' | 'season';
const by = ref<By>('comb');
const options: { label: string; value: By }[] = [{ label: 'Comb', value: 'comb' }, { label: 'Super', value: 'super' }, { label: 'Hive', value: 'hive' }, { label: 'Season', value: 'season' }];
const slotOf = (b: CutBoard): number | null => props.detail.takes.find((t) => t.combId === b.combId)?.slot ?? null;
const boards = computed(() => (by.value === 'comb' || by.value === 'super' ? (history.value?.boards ?? []).filter((b) => b.batchId === props.detail.batch.id) : (history.value?.boards ?? [])));
function keyOf(b: CutBoard): string {
  const known = history.value!.boards.find((x) => x.id === b.id)!;
  const slot = slotOf(b);
  if (by.value === 'hive') return known.hiveName;
  if (by.value === 'season') return seasonOf(known.date, props.detail.hive.site.hemisphere).name;
  if (slot === null) return known.hiveName;
  return by.value === 'super' ? (slot > 100 ? `box ${Math.floor(slot / 100)}` : known.hiveName) : `${unitWord(props.detail.hive.kind)} ${placeLabel(slot)}`;
}
const records = computed(() => (history.value ? cutHistory(boards.value, history.value.pieces, history.value.outs, keyOf) : []));
const likely = computed(() => {
  const done = props.detail.pieces.filter((p) => p.state !== 'planned');
  const earlier = (history.value?.pieces ?? []).filter((p) => p.batchId !== props.detail.batch.id && p.state !== 'planned');
  return projectPieces({ made: done.filter((p) => p.state === 'cut').length, tried: done.length, left: props.detail.pieces.filter((p) => p.state === 'planned').length, ...(earlier.length ? { earlier: { made: earlier.filter((p) => p.state === 'cut').length, planned: earlier.length } } : {}) });
});
const most = computed(() => Math.max(1, ...records.value.map((r) => r.possible)));
const shelf = computed(() => props.detail.lots.filter((l) => (l.kind === 'pieces' || l.kind === 'jars') && l.count).map((l) => ({ lot: l, left: l.count! - props.detail.outs.filter((o) => o.lotId === l.id).reduce((n, o) => n + o.count, 0) })));
const out = ref<{ lotId: string; fate: Fate; count: number | null; price: number | null } | null>(null);
async function gone(): Promise<void> {
  const o = out.value!;
  if (await go('/outs', { id: newId(), ...o, price: o.fate === 'sold' ? o.price : null }, `${o.count} ${FATE_WORDS[o.fate].toLowerCase()}.`)) out.value = null;
}
</script>

<template>
  <StateLine v-if="isLoading || error" :loading="isLoading" :error="error" @retry="() => refetch()" />
  <section v-else>
    <p class="likely display">{{ likely.sentence }}</p>
    <div class="line"><h2 class="furrow-heading">Possible against made</h2><SelectButton v-model="by" :options="options" option-label="label" option-value="value" :allow-empty="false" aria-label="By" /></div>
    <p v-if="!records.length" class="sub">Nothing was laid on the board yet. From the first comb on it stands here what was possible, planned and made.</p>
    <table v-else class="plain"><thead><tr><th /><th class="num">Possible</th><th class="num">Planned</th><th class="num">Made</th><th class="num">Cracked</th><th class="num">Sold</th><th class="num">Given</th><th class="num">Eaten</th><th>Spoilt</th></tr></thead><tbody><tr v-for="r in records" :key="r.key"><td><b>{{ r.key }}</b><svg :width="150" height="12" aria-hidden="true"><rect :width="(r.possible / most) * 148" height="10" y="1" x="1" fill="none" stroke="var(--ink)" /><rect :width="(r.cut / most) * 148" height="10" y="1" x="1" fill="var(--field)" /></svg></td><td class="num">{{ r.possible }}</td><td class="num">{{ r.planned }}</td><td class="num">{{ r.cut }}</td><td class="num">{{ r.cracked }}</td><td class="num">{{ r.out.sold }}</td><td class="num">{{ r.out.given }}</td><td class="num">{{ r.out.eaten }}</td><td><span v-for="(x, i) in r.spoilt" :key="i">{{ SPOILT_WORDS[x.cause] }}{{ x.sheetSeasons !== null ? ` (sheet of ${x.sheetSeasons} seasons)` : '' }} </span></td></tr></tbody></table>
  </section>
  <aside class="acts bench">
    <h2 class="furrow-heading">On the shelf</h2>
    <p v-if="!shelf.length" class="sub">Nothing of this harvest is packed.</p>
    <template v-for="s in shelf" :key="s.lot.id"><p><b>{{ s.left }}</b> of {{ s.lot.count }} {{ s.lot.kind === 'jars' ? 'jars' : 'pieces' }}, {{ s.lot.code }}</p><Button v-if="s.left > 0 && out?.lotId !== s.lot.id" outlined :label="`Some of ${s.lot.code} left the shelf…`" @click="out = { lotId: s.lot.id, fate: 'sold', count: 1, price: null }" />
      <form v-if="out?.lotId === s.lot.id" class="acts" @submit.prevent="gone"><label class="sub" for="fate">They were</label><select id="fate" v-model="out.fate" class="native"><option v-for="f in FATES" :key="f" :value="f">{{ FATE_WORDS[f] }}</option></select><NumberField v-model="out.count" label="How many" whole :min="1" :max="s.left" :error="fieldError('count')" /><NumberField v-if="out.fate === 'sold'" v-model="out.price" nullable label="Price of one" :unit="rules.currency" :min="0" /><p v-if="out.fate === 'sold' && !rules.registeredToSell" class="caution">Selling asks for registration and labels in many places: ask your authority.</p><Button type="submit" label="Write it down" :disabled="!out.count" :loading="busy" /></form></template>
    <Refusal :refusal="refusal" :fields="['count']" />
  </aside>
</template>

<style scoped>.likely { font-size: 31px; margin-bottom: 8px; } .line { display: flex; gap: 16px; align-items: center; flex-wrap: wrap; margin-bottom: 8px; } .line h2 { flex: 1; min-width: 220px; } .caution { border-left: 5px solid var(--rust); padding: 4px 12px; font-weight: 600; }</style>
