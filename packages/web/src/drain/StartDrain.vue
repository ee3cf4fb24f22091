<script setup lang="ts">
import { crushMethodOf, crushesComb, massText, nineTenthsHours, type Batch, type BatchDetail, type HouseRules, type Vessel, type Way } from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import VesselStack from '../drawing/VesselStack.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../server/client.js';
import { useHarvests } from '../server/queries.js';
import { useSend } from '../server/useSend.js';

const props = defineProps<{ detail: BatchDetail; rules: HouseRules; vessels: Vessel[] }>();
const { go, busy, refusal, fieldError } = useSend();
const comb = computed(() => props.detail.lots.find((l) => l.kind === 'comb'));
const upper = ref<string | null>(null);
const lower = ref<string | null>(null);
watch(() => props.vessels, (list) => {
  upper.value ??= list.find((v) => v.role === 'upper')?.id ?? null;
  lower.value ??= list.find((v) => v.role === 'lower')?.id ?? null;
}, { immediate: true });
const method = ref(crushesComb(props.detail.batch.method) ? crushMethodOf(props.detail.batch.method as Way, props.rules) : props.rules.crush);
const temperatureC = ref<number | null>(props.detail.batch.plan?.kitchenTemperatureC ?? props.rules.kitchenTemperatureC);
const moisturePercent = ref<number | null>(props.detail.batch.plan?.moisturePercent ?? 18);
const of = (id: string | null): Vessel | null => props.vessels.find((v) => v.id === id) ?? null;
const kg = computed(() => (comb.value?.nowG ?? 0) / 1000);
const waits = computed(() => (temperatureC.value && moisturePercent.value && temperatureC.value >= 5 && moisturePercent.value >= 13 ? nineTenthsHours(method.value, temperatureC.value, moisturePercent.value) : null));
const { data: harvests } = useHarvests();
/** Harvests that were chosen as one lot with this one and are not crushed yet. */
const together = computed(() => (harvests.value ?? []).filter((b) => props.detail.batch.lotGroup && b.lotGroup === props.detail.batch.lotGroup && b.id !== props.detail.batch.id && !b.closedAt));
const router = useRouter();
async function join(into: Batch): Promise<void> {
  const done = await go(`/harvests/${props.detail.batch.id}/join`, { intoBatchId: into.id }, `One lot with ${into.hiveName}.`, { baseRevision: props.detail.batch.revision });
  if (done) await router.push(`/drain/${into.id}`);
}
const start = (): unknown => go('/drains', { id: newId(), batchId: props.detail.batch.id, upperVesselId: upper.value, lowerVesselId: lower.value, method: method.value, moisturePercent: moisturePercent.value, temperatureC: temperatureC.value }, 'Drain begun; the clock runs.');
</script>

<template>
  <div class="stage bench">
    <header><h1>{{ detail.batch.hiveName }}</h1><span class="sub">{{ massText(kg, rules.units, 2) }} of comb to crush.</span></header>
    <section v-if="kg > 0" class="left"><VesselStack :upper="of(upper)" :lower="of(lower)" :crushed-kg="kg" :out-kg="0" :in-lower-kg="0" :full-kg="null" :density-kg-per-l="1.41" :full-about="null" />
      <p v-if="waits" class="text">Nine tenths will be out in about {{ waits.low.toFixed(0) }} to {{ waits.high.toFixed(0) }} hours.</p></section>
    <section v-else><p>No comb of this harvest is left to crush.</p><RouterLink :to="`/take/${detail.batch.id}`">Back to Take</RouterLink></section>
    <form v-if="kg > 0" class="acts" @submit.prevent="start">
      <div v-for="b in together" :key="b.id" class="acts"><template v-if="b.stage === 'drain'"><p><b>Chosen as one lot with {{ b.hiveName }}.</b> From here on no jar can say which hive it came from; both weights stay in the book.</p><Button type="button" outlined :label="`Put it into one vessel with ${b.hiveName}`" :loading="busy" @click="join(b)" /></template><p v-else><b>Chosen as one lot with {{ b.hiveName }}, which is not here yet.</b> Wait for it, or crush this alone.</p></div>
      <SelectButton v-model="method" :options="[{ label: 'Mash', value: 'mash' }, { label: 'Chop', value: 'chop' }, { label: 'Slice', value: 'slice' }]" option-label="label" option-value="value" :allow-empty="false" aria-label="How it is crushed" />
      <label class="sub" for="upper">Upper vessel</label><select id="upper" v-model="upper" class="native"><option :value="null">not in the kit</option><option v-for="v in vessels" :key="v.id" :value="v.id">{{ v.name }}, {{ v.volumeL }} L</option></select>
      <label class="sub" for="lower">Lower vessel</label><select id="lower" v-model="lower" class="native"><option :value="null">not in the kit</option><option v-for="v in vessels" :key="v.id" :value="v.id">{{ v.name }}, {{ v.volumeL }} L</option></select>
      <NumberField v-model="temperatureC" label="At the bench" unit="°C" :min="5" :max="45" :error="fieldError('temperatureC')" />
      <NumberField v-model="moisturePercent" label="Water in the honey" unit="%" :min="13" :max="25" :error="fieldError('moisturePercent')" />
      <p class="sub">In a damp room cover it: honey of 18 % water takes on more above about 60 % humidity.</p>
      <Refusal :refusal="refusal" :fields="['temperatureC', 'moisturePercent']" />
      <Button type="submit" label="Crushed: start the clock" :loading="busy" />
      <RouterLink class="p-button p-component p-button-outlined" :to="`/cut/${detail.batch.id}`">Cut pieces first</RouterLink>
    </form>
  </div>
</template>

<style scoped>.text { font-size: 19px; margin-top: 10px; }</style>
