<script setup lang="ts">
import { forecastInput, hoursText, massField, massText, nextStirAt, readMassG, smallMassText, vesselFullKg, honeyDensityKgPerL, type DrainForecast, type DrainForecastInput, type ScaleReading } from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import VesselStack from '../drawing/VesselStack.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import { newId, read } from '../server/client.js';
import { useRules, useVessels } from '../server/queries.js';
import { useSend } from '../server/useSend.js';
import { clockText } from '../shell/times.js';
import { useNow } from '../shell/useNow.js';
import { compute } from '../workers/client.js';
import DrainCurve from './DrainCurve.vue';
import StartDrain from './StartDrain.vue';

const router = useRouter();
const now = useNow();
const { detail, loading, error, retry } = useStageBatch('drain', (b) => ['drain', 'jar', 'book'].includes(b.stage));
const { data: rulesVersion } = useRules();
const { data: vessels } = useVessels();
const { go, busy, refusal, fieldError } = useSend();
const closing = useSend();
const rules = computed(() => rulesVersion.value?.rules);
const units = computed(() => rules.value?.units ?? 'metric');
const drain = computed(() => detail.value?.drains.find((d) => !d.endedAt) ?? detail.value?.drains.at(-1) ?? null);
const running = computed(() => drain.value !== null && drain.value.endedAt === null);
const upper = computed(() => vessels.value?.find((v) => v.id === drain.value?.upperVesselId) ?? null);
const lower = computed(() => vessels.value?.find((v) => v.id === drain.value?.lowerVesselId) ?? null);
const zone = computed(() => detail.value?.batch.zone ?? 'local');
const until = computed(() => (running.value ? now.value.toISOString() : (drain.value?.endedAt ?? now.value.toISOString())));
const forecast = ref<DrainForecast | null>(null);
watch([drain, lower, rules, until], async () => {
  if (!drain.value || !rules.value) return;
  // Plain data crosses to the worker, not Vue's proxies.
  forecast.value = await compute().drainForecast(JSON.parse(JSON.stringify(forecastInput(drain.value, lower.value, rules.value, until.value))) as DrainForecastInput);
}, { immediate: true });
const elapsed = computed(() => (drain.value ? Math.max(0, (Date.parse(until.value) - Date.parse(drain.value.startedAt)) / 3_600_000) : 0));
const clock = computed(() => ({ h: Math.floor(elapsed.value), min: Math.floor((elapsed.value % 1) * 60) }));
const instant = (hours: number): string => new Date(Date.parse(drain.value!.startedAt) + hours * 3_600_000).toISOString();
const at = (hours: number): string => clockText(instant(hours), zone.value, now.value);
const drawnG = computed(() => drain.value?.events.reduce((sum, e) => sum + (e.g ?? 0), 0) ?? 0);
const lastWeighing = computed(() => drain.value?.weighings.at(-1) ?? null);
const outKg = computed(() => Math.max(forecast.value?.outNowKg.mid ?? 0, (lastWeighing.value?.netG ?? 0) / 1000));
const inLowerKg = computed(() => Math.max(0, outKg.value - drawnG.value / 1000));
const stirAt = computed(() => (drain.value && rules.value && running.value ? nextStirAt(drain.value, rules.value) : null));
const lastStir = computed(() => drain.value?.events.filter((e) => e.kind === 'stir').at(-1) ?? null);
const minutesTo = (iso: string): number => (Date.parse(iso) - now.value.getTime()) / 60_000;
const overflowAt = computed(() => (running.value && forecast.value?.overflowHours ? instant(forecast.value.overflowHours.earliest) : null));

const panel = ref<'weigh' | 'draw' | 'temperature' | 'close' | null>(null);
const grossText = ref('');
const tareText = ref('');
const atText = ref('');
const source = ref<'hand' | 'scale'>('hand');
watch([lower, panel], () => (tareText.value = massField(lower.value?.tareG ?? 0, units.value)), { immediate: true });
const bare = computed(() => (units.value === 'metric' ? 'kg' : 'lb') as 'kg' | 'lb');
const grams = (text: string): number | null => { const g = readMassG(text, bare.value); return g === null ? null : Math.round(g); };
const netG = computed(() => { const [g, t] = [grams(grossText.value), grams(tareText.value)]; return g === null || t === null ? null : g - t; });
async function readScale(): Promise<void> {
  const reading = await read<ScaleReading>(`/instruments/bench-scale?drainId=${drain.value!.id}`);
  grossText.value = `${(reading.value / 1000).toFixed(3)} kg`;
  source.value = 'scale';
}
async function writeWeighing(): Promise<void> {
  const occurredAt = atText.value ? DateTime.fromISO(atText.value, { zone: zone.value }).toUTC().toISO()! : undefined;
  const done = await go('/weighings', { id: newId(), drainId: drain.value!.id, grossG: grams(grossText.value), tareG: grams(tareText.value), source: source.value }, 'Weighing written down.', { occurredAt });
  if (done) [grossText.value, atText.value, panel.value, source.value] = ['', '', null, 'hand'];
}
const stir = (): unknown => go('/drainEvents', { id: newId(), drainId: drain.value!.id, kind: 'stir', minutes: 5 }, 'Stirred, 5 minutes of your hands.');
const drawText = ref('');
const drawMinutes = ref<number | null>(5);
async function drawOff(): Promise<void> {
  const done = await go('/drainEvents', { id: newId(), drainId: drain.value!.id, kind: 'draw-off', g: grams(drawText.value), minutes: drawMinutes.value ?? 0 }, 'Drawn off.');
  if (done) [drawText.value, panel.value] = ['', null];
}
const temperatureC = ref<number | null>(null);
async function readThermometer(): Promise<void> {
  temperatureC.value = (await read<{ value: number }>('/instruments/thermometer')).value;
}
async function writeTemperature(): Promise<void> {
  const done = await go('/drainEvents', { id: newId(), drainId: drain.value!.id, kind: 'temperature', temperatureC: temperatureC.value, minutes: 0 }, `${temperatureC.value} °C written down.`);
  if (done) panel.value = null;
}
const honeyText = ref('');
const waxText = ref('');
const gapReason = ref('');
const closeMinutes = ref<number | null>(15);
const gapG = computed(() => {
  const [honey, wax] = [grams(honeyText.value), grams(waxText.value)];
  const crushed = detail.value?.lots.find((l) => l.kind === 'crushed')?.nowG ?? 0;
  return honey === null || wax === null ? null : crushed - honey - wax;
});
async function close(): Promise<void> {
  const batchId = detail.value!.batch.id;
  const done = await closing.go(`/drains/${drain.value!.id}/close`, { honeyG: grams(honeyText.value), wetWaxG: grams(waxText.value), minutes: closeMinutes.value ?? 0, gapReason: gapReason.value }, 'Drain closed.', { baseRevision: drain.value!.revision });
  if (done) await router.push(`/jar/${batchId}`);
}
function openClose(): void {
  honeyText.value ||= lastWeighing.value ? massField(Math.max(0, lastWeighing.value.netG), units.value) : '';
  panel.value = 'close';
}
const parts = computed(() => {
  if (!drain.value || !forecast.value) return null;
  const total = drain.value.crushedG / 1000;
  const coming = Math.max(0, forecast.value.finalKg.mid - outKg.value);
  const wax = total * 0.05;
  const stays = Math.max(0, total - outKg.value - coming - wax);
  return { total, out: outKg.value, coming, stays, wax };
});
</script>

<template>
 <StateLine v-if="loading || error || !rules" :loading="loading || !rules" :error="error" @retry="retry" />
  <div v-else-if="!detail" class="stage wide"><header><h1>Nothing drains.</h1></header><p>When combs are taken they come here to be crushed and to drain; the clock, the curve and the next stir stand on this screen.</p><div class="acts row"><RouterLink class="p-button p-component" to="/take">Go to Take</RouterLink></div></div>
  <StartDrain v-else-if="!drain" :detail="detail" :rules="rules" :vessels="vessels ?? []" />
  <div v-else class="stage drain bench">
    <header><h1>{{ detail.batch.hiveName }}</h1><span class="sub">{{ { mash: 'Mashed', chop: 'Chopped', slice: 'Sliced' }[drain.method] }} comb, {{ drain.temperatureC }} °C, {{ drain.moisturePercent }} % water. Your hands: {{ detail.batch.handsOnMinutes }} min in all.</span></header>
    <section class="vessels"><VesselStack :upper="upper" :lower="lower" :crushed-kg="drain.crushedG / 1000" :out-kg="outKg" :in-lower-kg="inLowerKg" :full-kg="lower ? vesselFullKg(lower, drain.moisturePercent, drain.temperatureC) : null" :density-kg-per-l="honeyDensityKgPerL(drain.moisturePercent, drain.temperatureC)" :full-about="overflowAt ? `from ${at(forecast!.overflowHours!.earliest)}` : null" /></section>
    <section class="told">
      <p class="clock display" :aria-label="`${clock.h} hours ${clock.min} minutes`"><span v-for="(d, i) in String(clock.h)" :key="`h${i}`" class="digit">{{ d }}</span><small>h</small><span v-for="(d, i) in String(clock.min).padStart(2, '0')" :key="`m${i}`" class="digit">{{ d }}</span><small>min</small></p>
      <p class="since">{{ running ? 'draining since' : 'closed; began' }} {{ clockText(drain.startedAt, zone, now) }}<template v-if="lastStir">, last stirred {{ clockText(lastStir.occurredAt, zone, now) }}</template></p>
      <template v-if="forecast">
        <p v-if="running" class="display fore">{{ elapsed > forecast.nineTenthsHours.mid ? 'Nine tenths are out' : `Nine tenths out about ${at(forecast.nineTenthsHours.mid)}` }}</p>
        <p v-if="running" class="since">{{ at(forecast.nineTenthsHours.low) }} to {{ at(forecast.nineTenthsHours.high) }}. Flows about {{ Math.round(forecast.rateGPerHour.mid / 5) * 5 }} g an hour<template v-if="forecast.stopAdvised">: <b class="green">under your {{ rules?.stopBelowGPerHour }} g, you may stop</b></template>.</p>
      </template>
    </section>
    <section class="curve">
      <template v-if="forecast">
        <DrainCurve :forecast="forecast" :weighings="drain.weighings" :draw-offs="drain.events.filter((e) => e.kind === 'draw-off')" :started-at="drain.startedAt" :now-hours="elapsed" :running="running" :zone="zone" />
        <details class="how"><summary>How this was got</summary><p>Honey out = M (1 − e^(−s/τ)) in viscous time s at {{ drain.temperatureC }} °C; published share and τ of the method to begin with, narrowed by {{ forecast.weighingsUsed }} weighings. The band holds nine of ten outcomes if the method's prior holds. The overflow time is the band's early edge. Final: {{ massText(forecast.finalKg.low, units) }} to {{ massText(forecast.finalKg.high, units) }}.</p></details>
      </template>
      <p v-if="parts && running" class="sum"><b>{{ massText(parts.total, units) }}</b> crushed = about <b>{{ parts.out.toFixed(1) }}</b> out + <b>{{ parts.coming.toFixed(1) }}</b> still to come + <b>{{ parts.stays.toFixed(1) }}</b> stays in the wax + <b>{{ parts.wax.toFixed(1) }}</b> wax</p>
    </section>
    <aside class="column">
      <template v-if="running">
        <Button class="act go" :loading="busy" @click="stirAt ? stir() : (panel = 'weigh')"><span class="display big">{{ stirAt ? 'Stir' : 'Weigh' }}</span><span v-if="stirAt" class="when">{{ minutesTo(stirAt) > 0 ? `at ${clockText(stirAt, zone, now)}, in ${hoursText(minutesTo(stirAt) / 60)}` : `due since ${clockText(stirAt, zone, now)}` }}</span><span v-else class="when">stirred twice</span></Button>
        <button v-if="overflowAt" type="button" class="act soon" @click="panel = 'draw'"><b class="display">Draw off the lower vessel</b><span class="rust">before {{ clockText(overflowAt, zone, now) }}</span></button>
        <Button v-else outlined label="Draw off…" @click="panel = 'draw'" />
        <form v-if="panel === 'weigh' || stirAt" class="weigh" @submit.prevent="writeWeighing">
          <h2 class="display">Weigh <span v-if="lastWeighing" class="sub">last {{ massText(lastWeighing.netG / 1000, units, 2) }}, {{ clockText(lastWeighing.occurredAt, zone, now) }}</span></h2>
          <TextField v-model="grossText" label="Gross, lower vessel and honey" :error="fieldError('grossG') ?? (grossText && grams(grossText) === null ? 'A weight such as 2,9 kg.' : null)" />
          <TextField v-model="tareText" label="Tare" :error="fieldError('tareG') ?? (netG !== null && netG < 0 ? 'The tare is above the gross weight.' : null)" />
          <details class="how"><summary>At another time</summary><TextField v-model="atText" type="datetime-local" label="Weighed at" :error="fieldError('occurredAt')" /></details>
          <Refusal :refusal="refusal" :fields="atText ? ['grossG', 'tareG', 'occurredAt'] : ['grossG', 'tareG']" />
          <div class="acts row"><Button outlined type="button" label="Read the scale" @click="readScale" /><Button type="submit" :label="netG !== null && netG >= 0 ? `Write down ${massText(netG / 1000, units, 2)}` : 'Write it down'" :disabled="netG === null || netG < 0" :loading="busy" /></div>
        </form>
        <Refusal v-else :refusal="refusal" />
        <div class="acts row two"><Button outlined label="Temperature…" @click="panel = 'temperature'" /><Button outlined label="Stop draining…" @click="openClose" /></div>
      </template>
      <template v-else>
        <p class="text">This drain is closed. Its honey and wet wax stand in the book.</p>
        <RouterLink class="p-button p-component" :to="`/jar/${detail.batch.id}`">Go on to Jar</RouterLink>
      </template>
      <h2 class="furrow-heading">Log</h2>
      <ul class="log"><li v-for="e in [...drain.weighings.map((w) => ({ id: w.id, at: w.occurredAt, text: `weighed ${massText(w.netG / 1000, units, 2)}` })), ...drain.events.map((e) => ({ id: e.id, at: e.occurredAt, text: e.kind === 'stir' ? 'stirred' : e.kind === 'draw-off' ? `drew off ${massText((e.g ?? 0) / 1000, units, 2)}` : `${e.temperatureC} °C` }))].sort((a, b) => b.at.localeCompare(a.at)).slice(0, 9)" :key="e.id"><b>{{ clockText(e.at, zone, now) }}</b> {{ e.text }}</li></ul>
    </aside>
    <Dialog :visible="panel === 'draw'" modal header="Draw off" position="top" :style="{ width: '480px', maxWidth: '94vw' }" @update:visible="panel = null">
      <form class="acts bench" @submit.prevent="drawOff"><p>How much left the lower vessel? It goes to the honey of this harvest.</p><TextField v-model="drawText" label="Drawn off, net" :error="fieldError('g') ?? (drawText && grams(drawText) === null ? 'A weight such as 2,1 kg.' : null)" /><NumberField v-model="drawMinutes" label="Your minutes" whole :min="0" :max="600" unit="min" /><Refusal :refusal="refusal" :fields="['g']" /><Button type="submit" label="Write it down" :disabled="!grams(drawText)" :loading="busy" /></form>
    </Dialog>
    <Dialog :visible="panel === 'temperature'" modal header="Temperature at the bench" position="top" :style="{ width: '480px', maxWidth: '94vw' }" @update:visible="panel = null">
      <form class="acts bench" @submit.prevent="writeTemperature"><NumberField v-model="temperatureC" label="Bench" unit="°C" :min="5" :max="45" :error="fieldError('temperatureC')" /><Button outlined type="button" label="Read the thermometer" @click="readThermometer" /><p class="sub">Comb softens above about 35 °C and slumps near 40.</p><Button type="submit" label="Write it down" :disabled="temperatureC === null" /></form>
    </Dialog>
    <Dialog :visible="panel === 'close'" modal header="Stop draining" position="top" :style="{ width: '560px', maxWidth: '94vw' }" @update:visible="panel = null">
      <form class="acts bench" @submit.prevent="close">
        <p v-if="forecast">{{ forecast.stopAdvised ? `It flows under ${rules?.stopBelowGPerHour} g an hour.` : `It still flows about ${Math.round(forecast.rateGPerHour.mid / 5) * 5} g an hour; about ${massText(Math.max(0, forecast.finalKg.mid - outKg), units)} would still come.` }} You decide.</p>
        <TextField v-model="honeyText" label="Honey in the lower vessel, net" :error="closing.fieldError('honeyG')" :hint="drawnG ? `${massText(drawnG / 1000, units, 2)} were drawn off before and are counted.` : undefined" />
        <TextField v-model="waxText" label="Wet wax, net" :error="closing.fieldError('wetWaxG')" />
        <template v-if="gapG !== null && gapG !== 0">
          <p :class="{ rust: Math.abs(gapG) > drain.crushedG * 0.03 }"><b>{{ smallMassText(Math.abs(gapG), units, 1) }} {{ gapG > 0 ? 'less came out than went in' : 'more came out than went in' }}.</b></p>
          <TextField v-model="gapReason" label="Why" :error="closing.fieldError('gapReason')" hint="Stuck to bucket and strainer, bees, pollen, a spill…" />
        </template>
        <NumberField v-model="closeMinutes" label="Your minutes" whole :min="0" :max="600" unit="min" />
        <Refusal :refusal="closing.refusal.value" :fields="['honeyG', 'wetWaxG', 'gapReason']" />
        <Button type="submit" label="Close this drain" :disabled="gapG === null || (gapG !== 0 && !gapReason.trim())" :loading="closing.busy.value" />
      </form>
    </Dialog>
  </div>
</template>

<style scoped>
.drain { grid-template-columns: 372px minmax(0, 1fr) 320px; grid-template-rows: auto auto 1fr; grid-template-areas: 'head head head' 'vessels told column' 'vessels curve column'; } .drain > header { grid-area: head; } .vessels { grid-area: vessels; } .told { grid-area: told; } .curve { grid-area: curve; min-width: 0; } .column { grid-area: column; }
.clock { font-size: 92px; line-height: 92px; display: flex; align-items: baseline; white-space: nowrap; } .clock small { font-size: 32px; margin: 0 14px 0 6px; color: var(--ink-2); } .digit { display: inline-block; width: 0.6em; text-align: center; } .digit:first-child { margin-left: -5px; }
.since { font-size: 17px; color: var(--ink-2); } .fore { font-size: 29px; line-height: 36px; margin-top: 12px; } .sum { font-size: 17px; border-top: var(--line); padding-top: 8px; }
.column { display: flex; flex-direction: column; gap: 12px; } .act { width: 100%; min-height: 112px; } .act.go { display: flex; flex-direction: column; align-items: flex-start; padding: 12px 20px; } .act .big { font-size: 42px; line-height: 48px; } .when { font-size: 18px; }
.soon { border: 3px solid var(--rust); border-radius: 8px; background: var(--lime-0); display: flex; flex-direction: column; justify-content: center; align-items: flex-start; padding: 0 18px; min-height: 84px; cursor: pointer; color: var(--ink); font: 400 18px var(--text); } .soon b { font-size: 20px; } .soon .rust { font-weight: 700; }
.weigh { display: flex; flex-direction: column; gap: 8px; } .weigh h2 { font-size: 22px; margin: 0; } .weigh .p-button { padding: 0 14px; flex: 1; } .two .p-button { flex: 1; padding: 0 8px; }
.log { list-style: none; margin: 0; padding: 0; } .log li { padding: 2px 0; border-bottom: var(--line); } .bench :deep(.p-inputtext) { min-height: 56px; font-size: 20px; font-weight: 700; }
@media (max-width: 1150px) { .drain { grid-template-columns: 372px minmax(0, 1fr); grid-template-areas: 'head head' 'vessels told' 'vessels curve' 'column column'; } } @media (max-width: 800px) { .drain { grid-template-columns: minmax(0, 1fr); grid-template-rows: none; grid-template-areas: 'head' 'told' 'column' 'curve' 'vessels'; } .clock { font-size: 64px; line-height: 68px; } }
</style>
