<script setup lang="ts">
import { BadInput, massText, planOf, type HarvestPlan, type Plan } from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { read, serverNow } from '../server/client.js';
import { useJars, useRules, useVessels } from '../server/queries.js';
import { useSend } from '../server/useSend.js';

const router = useRouter();
const { detail, loading, error, retry } = useStageBatch('ready', (b) => ['ready', 'take'].includes(b.stage));
const { data: rules } = useRules();
const { data: jars } = useJars();
const { data: vessels } = useVessels();
const { go, busy, refusal, fieldError } = useSend();
const plan = ref<Plan | null>(null);
watch([detail, rules], () => {
  if (plan.value || !detail.value || !rules.value) return;
  const tomorrow = DateTime.fromJSDate(serverNow(), { zone: detail.value.batch.zone }).plus({ days: 1 }).set({ hour: 9, minute: 30 });
  plan.value = detail.value.batch.plan ? { ...detail.value.batch.plan } : { startLocal: tomorrow.toFormat("yyyy-MM-dd'T'HH:mm"), kitchenTemperatureC: rules.value.rules.kitchenTemperatureC, moisturePercent: 18 };
}, { immediate: true });
const worked = computed<{ plan: HarvestPlan | null; says: string | null }>(() => {
  if (!plan.value || !detail.value || !rules.value) return { plan: null, says: null };
  try {
    return { plan: planOf({ detail: detail.value, rules: rules.value.rules, jars: jars.value ?? [], vessels: vessels.value ?? [], plan: plan.value }), says: null };
  } catch (error_) {
    return { plan: null, says: error_ instanceof BadInput ? error_.message : 'This day cannot be worked out.' };
  }
});
const units = computed(() => rules.value?.rules.units ?? 'metric');
const jarName = (id: string): string => jars.value?.find((j) => j.id === id)?.name ?? 'jar';
const span = computed(() => {
  const steps = worked.value.plan?.timetable ?? [];
  return steps.length ? { from: Date.parse(steps[0].startsAt), to: Math.max(...steps.map((s) => Date.parse(s.endsAt))) } : { from: 0, to: 1 };
});
const local = (iso: string): DateTime => DateTime.fromISO(iso, { zone: detail.value!.batch.zone });
/** Dark where most of the time is work of the hands; settling is waiting, though skimming ends it. */
const isHands = (step: { startsAt: string; endsAt: string; handsOnMinutes: number }): boolean => step.handsOnMinutes * 60_000 * 2 >= Date.parse(step.endsAt) - Date.parse(step.startsAt);
const place = (iso: string): number => ((Date.parse(iso) - span.value.from) / (span.value.to - span.value.from)) * 100;
const ticked = ref<string[]>(JSON.parse(localStorage.getItem('furrow.ticked') ?? '[]') as string[]);
watch(ticked, (t) => localStorage.setItem('furrow.ticked', JSON.stringify(t)), { deep: true });
const thermometer = ref<string | null>(null);
async function readKitchen(): Promise<void> {
  const reading = await read<{ value: number; simulated: boolean }>('/instruments/thermometer');
  if (plan.value) plan.value.kitchenTemperatureC = reading.value;
  thermometer.value = `${reading.value} °C${reading.simulated ? ', practice thermometer' : ''}`;
}
async function keep(): Promise<void> {
  const done = await go(`/harvests/${detail.value!.batch.id}/plan`, plan.value, 'Day planned.', { baseRevision: detail.value!.batch.revision });
  if (done) await router.push(`/take/${detail.value!.batch.id}`);
}
async function withdraw(): Promise<void> {
  const hiveId = detail.value!.batch.hiveId;
  const done = await go(`/harvests/${detail.value!.batch.id}/withdraw`, {}, 'The combs stay.', { baseRevision: detail.value!.batch.revision });
  if (done) await router.push(`/choose/${hiveId}`);
}
const print = (): void => window.print();
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!detail || !plan" class="stage wide">
    <header><h1>No harvest to get ready for.</h1></header>
    <p>Lift the combs you want in Choose; what to bring and when to begin is worked out from them.</p>
    <div class="acts row"><RouterLink class="p-button p-component" to="/choose">Go to Choose</RouterLink></div>
  </div>
  <div v-else class="stage">
    <header><h1>{{ detail.batch.hiveName }}</h1><span class="sub">{{ detail.batch.combIds.length }} {{ detail.batch.combIds.length === 1 ? 'comb' : 'combs' }} from {{ detail.batch.siteName }}, {{ detail.batch.method === 'crush' ? 'to crush and strain' : 'to cut, the rest to crush' }}.</span>
      <span class="right no-print"><Button text label="Print this sheet" @click="print" /><a v-if="detail.batch.plan" class="p-button p-component p-button-text" :href="`/api/v1/harvests/${detail.batch.id}/timetable.ics`">Calendar file</a></span></header>
    <section class="left">
      <h2 class="furrow-heading">From the first smoke to the last jar</h2>
      <p v-if="worked.says" class="rust" role="alert">{{ worked.says }}</p>
      <template v-if="worked.plan">
        <ol class="times">
          <li v-for="step in worked.plan.timetable" :key="step.id">
            <time>{{ local(step.startsAt).toFormat('ccc HH:mm') }}</time>
            <span class="what"><b>{{ step.title }}</b><span class="sub">{{ step.note }}</span></span>
            <span class="track" aria-hidden="true"><i :class="{ hands: isHands(step) }" :style="{ left: `${place(step.startsAt)}%`, width: `${Math.max(0.8, place(step.endsAt) - place(step.startsAt))}%` }" /></span>
            <span class="mins">{{ step.handsOnMinutes ? `${step.handsOnMinutes} min` : 'waits' }}</span>
          </li>
        </ol>
        <p class="sub">Dark: your hands. Light: waiting. Work never falls between {{ rules?.rules.quietFrom }} and {{ rules?.rules.quietTo }}. Weather not known: choose a dry, warm, calm morning.</p>
        <details class="how"><summary>How this was got</summary><p>Draining runs by the slow edge of the method's range at {{ plan.kitchenTemperatureC }} °C and {{ plan.moisturePercent }} % water; settling by Stokes for crumbs of 0.1 to 0.2 mm radius; minutes a comb and a jar are your rules.</p></details>
        <h2 class="furrow-heading">Bring</h2>
        <div class="bring">
          <ul><li v-for="g in worked.plan.gear.hive" :key="g"><label><input v-model="ticked" type="checkbox" :value="`${detail.batch.id}-${g}`" /> {{ g }}</label></li></ul>
          <ul><li v-for="g in worked.plan.gear.bench" :key="g"><label><input v-model="ticked" type="checkbox" :value="`${detail.batch.id}-${g}`" /> {{ g }}</label></li></ul>
          <ul class="vessels">
            <li v-for="v in worked.plan.gear.vessels" :key="v.role"><b>{{ v.neededL.toFixed(1) }} L</b> {{ v.what }}: <template v-if="v.vessels.length">{{ v.vessels.map((x) => `${x.name} (${x.volumeL} L)`).join(', ') }}</template><span v-if="v.shortL > 0" class="rust">{{ v.vessels.length ? '; ' : '' }}{{ v.shortL.toFixed(1) }} L short<template v-if="v.vessels.length">, draw off in between or bring another</template></span></li>
            <li v-for="j in worked.plan.gear.jars" :key="j.id"><b>{{ j.count }}</b> {{ jarName(j.id) }}, with lids</li>
            <li v-if="!jars?.length" class="rust">No jars in the kit. <RouterLink to="/rules">Add them in Rules</RouterLink></li>
            <li v-for="s in worked.plan.gear.jarShortage ?? []" :key="`s${s.id}`" class="rust"><b>{{ s.needed - s.stock }}</b> {{ jarName(s.id) }} short, if it is the only kind you buy</li>
          </ul>
        </div>
      </template>
    </section>
    <aside class="acts">
      <h2 class="furrow-heading">The day</h2>
      <TextField v-model="plan.startLocal" type="datetime-local" label="First smoke" :error="fieldError('startLocal')" />
      <NumberField v-model="plan.kitchenTemperatureC" label="Kitchen" unit="°C" :min="5" :max="45" :error="fieldError('kitchenTemperatureC')" />
      <Button outlined class="no-print" :label="thermometer ? `Read again (${thermometer})` : 'Read the thermometer'" @click="readKitchen" />
      <NumberField v-model="plan.moisturePercent" label="Water in the honey" unit="%" :min="13" :max="25" :error="fieldError('moisturePercent')" />
      <p v-if="worked.plan" class="expect">Expect <b>{{ massText(worked.plan.outcome.honeyOutKg.low, units) }} to {{ massText(worked.plan.outcome.honeyOutKg.high, units) }}</b> of honey.</p>
      <Refusal :refusal="refusal" :fields="['startLocal', 'kitchenTemperatureC', 'moisturePercent']" />
      <Button class="no-print" :label="detail.batch.plan ? 'Change the plan, go to Take' : 'Keep this plan, go to Take'" :disabled="!worked.plan" :loading="busy" @click="keep" />
      <Button v-if="!detail.takes.length" class="no-print" text label="Put the combs back, no harvest" @click="withdraw" />
      <h2 class="furrow-heading">Take care</h2>
      <ul v-if="worked.plan" class="cautions"><li v-for="c in worked.plan.cautions" :key="c.id">{{ c.text }}<span v-if="c.ask" class="sub"> Ask: {{ c.ask }}</span></li></ul>
    </aside>
  </div>
</template>

<style scoped>
.times { list-style: none; margin: 4px 0; padding: 0; } .times li { display: grid; grid-template-columns: 92px minmax(0, 1fr) minmax(60px, 30%) 70px; gap: 12px; align-items: center; border-bottom: var(--line); padding: 4px 0; min-height: 42px; }
time { font-weight: 700; } .what { display: flex; flex-direction: column; line-height: 19px; } .what .sub { font-size: 14px; } .track { position: relative; height: 16px; border-bottom: 1.5px solid var(--lichen-3); } .track i { position: absolute; bottom: 0; height: 12px; background: var(--field-wash); border: 1px solid var(--field); min-width: 3px; } .track i.hands { background: var(--ink); border-color: var(--ink); } .mins { text-align: right; }
.bring { display: grid; grid-template-columns: 1fr 0.8fr 1.5fr; gap: 20px; } .bring ul { list-style: none; margin: 4px 0; padding: 0; } .bring li { min-height: 30px; padding: 2px 0; } .bring label { display: flex; gap: 10px; align-items: center; min-height: 32px; cursor: pointer; } .bring input { width: 20px; height: 20px; accent-color: var(--field); flex: none; }
.cautions { margin: 0; padding: 0; list-style: none; font-size: 15px; line-height: 20px; } .cautions li { padding: 5px 0; border-bottom: var(--line); } .expect { font-size: 18px; }
@media (max-width: 700px) { .bring { grid-template-columns: 1fr; } .times li { grid-template-columns: 80px 1fr 60px; } .track { display: none; } }
</style>
