<script setup lang="ts">
import {
  ARRANGEMENT_WORDS,
  RUNS_TO_APPLY,
  drainWaterText,
  drawnBefore,
  estimatedTakes,
  honeyDensityKgPerL,
  hoursText,
  largeMass,
  massText,
  isCutOpen,
  isStirred,
  remashAt,
  nextStirAt,
  pressAdvice,
  pressTurns,
  vesselFullKg,
  wholeParts,
  type Range,
} from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { computed, ref } from 'vue';
import VesselStack from '../drawing/VesselStack.vue';
import AlsoHere from '../house/AlsoHere.vue';
import NumberField from '../parts/NumberField.vue';
import HoldsNote from '../parts/HoldsNote.vue';
import OwedNote from '../parts/OwedNote.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import { useStageBatch } from '../parts/useStageBatch.js';
import NothingWaits from '../parts/NothingWaits.vue';
import WayMark from '../drawing/WayMark.vue';
import { newId, read } from '../api/client.js';
import { useClocks, useJars, useRules, useVessels } from '../api/queries.js';
import type { DrainEventSaid } from './drainEvent.js';
import { useSend } from '../api/useSend.js';
import AlarmKey from '../shell/AlarmKey.vue';
import { aboutText, clockText, type Rounding } from '../shell/times.js';
import { useAwake } from '../shell/useAwake.js';
import { useNow } from '../shell/useNow.js';
import CloseDrain from './CloseDrain.vue';
import DrainCurve from './DrainCurve.vue';
import DrawOff from './DrawOff.vue';
import DrainLog from './DrainLog.vue';
import PressPanel from './PressPanel.vue';
import ReadingsDialog from './ReadingsDialog.vue';
import StartDrain from './StartDrain.vue';
import WarmPanel from './WarmPanel.vue';
import WeighPanel from './WeighPanel.vue';
import WeighingQuestions from './WeighingQuestions.vue';
import WhatIfs from './WhatIfs.vue';
import { useDrain } from './useDrain.js';
import { said } from '../shell/units.js';

const now = useNow();
useAwake();
const { detail, loading, error, retry } = useStageBatch('drain', (b) =>
  ['drain', 'jar', 'book'].includes(b.stage),
);
const { data: rulesVersion } = useRules();
const { data: vessels } = useVessels();
const { data: jars } = useJars();
const { data: clocks } = useClocks();
const { go, busy, refusal, fieldError } = useSend();
const rules = computed(() => rulesVersion.value?.rules);
const units = computed(() => rules.value?.units ?? 'metric');
const {
  drain,
  running,
  upper,
  lower,
  own,
  runs,
  forecast,
  acts,
  elapsed,
  temperatureNow,
  drawnG,
  outKg,
  levelsForecast,
  inLowerKg,
  questions,
  pricePerKg,
  warming,
  parts,
} = useDrain(detail, rules, vessels, jars, now);
const zone = computed(() => detail.value?.batch.zone ?? 'local');
const clock = computed(() => ({
  h: Math.floor(elapsed.value),
  min: Math.floor((elapsed.value % 1) * 60),
}));
const instant = (hours: number): string =>
  new Date(Date.parse(drain.value!.startedAt) + hours * 3_600_000).toISOString();
const at = (hours: number, rounding?: Rounding): string =>
  aboutText(instant(hours), zone.value, now.value, rounding);
const stirAt = computed(() =>
  drain.value && rules.value && running.value
    ? nextStirAt(drain.value, rules.value, now.value.toISOString())
    : null,
);
const lastStir = computed(
  () => drain.value?.events.filter((e) => e.kind === 'stir' || e.kind === 'mash').at(-1) ?? null,
);
const minutesTo = (iso: string): number => (Date.parse(iso) - now.value.getTime()) / 60_000;
/** Mashing again says when the household's school would, and nothing where it never does. */
const remashText = computed(() => {
  const at = drain.value && rules.value ? remashAt(drain.value, rules.value) : null;
  if (!at) return 'Mash again';
  return at <= now.value.toISOString()
    ? 'Mash again: due'
    : `Mash again, from ${clockText(at, zone.value, now.value)}`;
});
const overflowAt = computed(() =>
  running.value && forecast.value?.overflowHours
    ? instant(forecast.value.overflowHours.earliest)
    : null,
);
const worth = computed(() =>
  pricePerKg.value && rules.value?.currency && forecast.value
    ? `, about ${rules.value.currency} ${Math.round(forecast.value.stillKg.mid * pricePerKg.value)}`
    : '',
);
const pressing = computed(() => drain.value?.events.some((e) => e.kind === 'press') ?? false);
const advice = computed(() =>
  drain.value && rules.value
    ? pressAdvice(pressTurns(drain.value), rules.value, now.value.toISOString())
    : null,
);
/**
 * What the one large key does now: the press where it runs or is due, else a stir, else the scale.
 */
const main = computed<'press' | 'stir' | 'weigh'>(() => {
  const way = detail.value?.batch.method;
  if (pressing.value) return advice.value?.say === 'enough' ? 'weigh' : 'press';
  if (way === 'press') return 'press';
  if (
    way === 'drip-press' &&
    forecast.value &&
    (forecast.value.stopAdvised || elapsed.value > forecast.value.nineTenthsHours.mid)
  )
    return 'press';
  return stirAt.value ? 'stir' : 'weigh';
});
/** The sum's parts to the tenth as they stand on the screen: they add up to what was crushed. */
const partFigures = computed(() => {
  if (!parts.value) return [];
  const { total, out, coming, stays, wax } = parts.value;
  const tenths = (kg: number): number => largeMass(kg, units.value) * 10;
  const whole = Math.round(tenths(total));
  return wholeParts([out, coming, stays, wax].map(tenths), whole).map((n) => (n / 10).toFixed(1));
});
/** When most of it is out: a forecast, which only a weighing makes certain. */
function nineTenthsText({ mid, high }: Range): string {
  if (elapsed.value > high) return 'Nine tenths should be out: weigh it';
  if (elapsed.value > mid) return 'Nine tenths are likely out: weigh it';
  return `Nine tenths out about ${at(mid)}`;
}
const others = computed(() =>
  (clocks.value ?? []).filter((c) => c.kind === 'drain' && c.batchId !== detail.value?.batch.id),
);
const panel = ref<
  'weigh' | 'draw' | 'temperature' | 'warm' | 'press' | 'close' | 'readings' | null
>(null);
const event = (payload: DrainEventSaid, said: string): Promise<unknown> =>
  go('/drainEvents', { id: newId(), drainId: drain.value!.id, minutes: 5, ...payload }, said);
/** What can still be drawn off: of what was crushed, less what was drawn off already. */
const mostG = computed(
  () => detail.value?.lots.find((l) => l.kind === 'crushed')?.nowG ?? drain.value?.crushedG ?? 0,
);
/** Comb that was never weighed: its estimate gives way to what comes out. */
const byEstimate = computed(() => (detail.value ? estimatedTakes(detail.value).length > 0 : false));
const temperatureC = ref<number | null>(null);
async function readThermometer(): Promise<void> {
  temperatureC.value = (await read('/instruments/thermometer')).value;
}
async function writeTemperature(): Promise<void> {
  if (
    await event(
      { kind: 'temperature', temperatureC: temperatureC.value, minutes: 0 },
      `${temperatureC.value} °C written down.`,
    )
  )
    panel.value = null;
}
const turnOrRest = computed(() => (advice.value?.say === 'rest' ? 'Rest' : 'Turn the press'));
function stirWhen(dueAt: string): string {
  const due = clockText(dueAt, zone.value, now.value);
  const minutes = minutesTo(dueAt);
  return minutes > 0 ? `at ${due}, in ${hoursText(minutes / 60)}` : `due since ${due}`;
}
/** Why nothing is left to stir. */
const whyNoStir = computed(() => {
  const leftAlone = drain.value && rules.value && !isStirred(drain.value.method, rules.value);
  if (!leftAlone) return 'stirred twice';
  const what = brokenUp.value === 'Cut-open' ? 'cut-open comb is' : 'slices are';
  return `${what} left alone, by your rule`;
});
const mainWords = computed(
  () =>
    ({
      press: {
        big: pressing.value ? turnOrRest.value : 'Press',
        when:
          pressing.value && advice.value?.nextTurnAt
            ? `turn at ${clockText(advice.value.nextTurnAt, zone.value, now.value)}`
            : 'what is left in the comb',
      },
      stir: {
        big: 'Stir',
        when: stirAt.value ? stirWhen(stirAt.value) : '',
      },
      weigh: {
        big: 'Weigh',
        when: pressing.value ? 'pressed enough' : whyNoStir.value,
      },
    })[main.value],
);
const brokenUp = computed(() => {
  const { method, hiveKind } = detail.value!.batch;
  if (drain.value!.method === 'slice' && isCutOpen(method, hiveKind)) return 'Cut-open';
  return { mash: 'Mashed', chop: 'Chopped', slice: 'Sliced' }[drain.value!.method];
});
const ownApplies = computed(() => (own.value?.runs ?? 0) >= RUNS_TO_APPLY);
/**
 * Whose share and time the forecast starts from: the person should not take a guess for a
 * measurement.
 */
const startsFrom = computed(() => {
  const runs = own.value?.runs ?? 0;
  const weighed = forecast.value?.weighingsUsed ?? 0;
  const narrowed = weighed
    ? `, narrowed by ${weighed} ${weighed === 1 ? 'weighing' : 'weighings'}`
    : '';
  if (ownApplies.value) return `Yours: from your ${runs} runs of this kind${narrowed}.`;
  const learned = runs
    ? `; your own runs of this kind count from the fifth on, so far ${runs}`
    : '';
  return `A starting range${narrowed}${learned}.`;
});
const doMain = (): unknown =>
  main.value === 'stir'
    ? event({ kind: 'stir' }, 'Stirred, 5 minutes of your hands.')
    : (panel.value = main.value === 'press' ? 'press' : 'weigh');
const openTemperature = (): void => {
  temperatureC.value = null;
  panel.value = 'temperature';
};
/**
 * The weighing that closing starts from: the last of the lower vessel, unless honey was drawn off
 * since.
 */
const closeFrom = computed(() => {
  const last = drain.value?.weighings.filter((w) => !w.leftOut && w.of === 'lower').at(-1);
  return last && drawnBefore(drain.value!.events, last.occurredAt) === drawnG.value ? last : null;
});
</script>

<template>
  <StateLine
    v-if="loading || error || !rules"
    :loading="loading || !rules"
    :error="error"
    @retry="retry"
  />
  <NothingWaits
    v-else-if="!detail"
    heading="Nothing drains."
    text="When combs are taken they come here to be crushed and to drain; the clock, the curve and the next stir stand on this screen."
    stage="drain"
    :begin="{ to: '/take', label: 'Go to Take' }"
    ><WayMark way="crush" :size="150"
  /></NothingWaits>
  <StartDrain v-else-if="!drain" :detail="detail" :rules="rules" :vessels="vessels ?? []" />
  <div v-else class="stage drain bench">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <AlsoHere :about="detail.batch.id" step="drain" where="at this drain" />
      <span class="sub"
        >{{ brokenUp }} comb, {{ ARRANGEMENT_WORDS[drain.arrangement].name.toLowerCase() }},
        {{ said(`${temperatureNow} °C`) }}, {{ drainWaterText(drain, detail) }}.
        <template v-if="detail.batch.handsOnMinutes > 0"
          >Your hands: {{ detail.batch.handsOnMinutes }} min in all.</template
        ></span
      >
      <span class="right small"
        ><RouterLink
          v-for="c in others"
          :key="c.id"
          class="p-button p-component p-button-text"
          :to="`/drain/${c.batchId}`"
          >{{ c.hiveName }} drains too</RouterLink
        ><AlarmKey v-if="running"
      /></span>
      <HoldsNote v-if="detail" :holds="detail.holds" />
      <OwedNote v-if="detail" :detail="detail" />
    </header>
    <section class="vessels">
      <VesselStack
        :upper="upper"
        :lower="lower"
        :arrangement="drain.arrangement"
        :crushed-kg="drain.crushedG / 1000"
        :units="units"
        :out-kg="outKg"
        :in-lower-kg="inLowerKg"
        :about="levelsForecast"
        :full-kg="lower ? vesselFullKg(lower, drain.moisturePercent, drain.temperatureC) : null"
        :density-kg-per-l="honeyDensityKgPerL(drain.moisturePercent, drain.temperatureC)"
        :full-about="overflowAt ? `from ${at(forecast!.overflowHours!.earliest, 'earlier')}` : null"
      /><WhatIfs
        v-if="running && acts.length && !pressing"
        :acts="acts"
        :rules="rules"
        :price-per-kg="pricePerKg"
      />
    </section>
    <section class="told">
      <p class="clock display" :aria-label="`${clock.h} hours ${clock.min} minutes`">
        <span v-for="(d, i) in String(clock.h)" :key="`h${i}`" class="digit">{{ d }}</span><small
          >h</small
        ><span v-for="(d, i) in String(clock.min).padStart(2, '0')" :key="`m${i}`" class="digit">{{
          d
        }}</span
        ><small>min</small>
      </p>
      <p class="since">
        {{ running ? 'draining since' : 'closed; began' }} {{ clockText(drain.startedAt, zone, now)
        }}<template v-if="lastStir"
          >, last stirred {{ clockText(lastStir.occurredAt, zone, now) }}</template
        ><template v-if="warming?.now"
          >, <b class="rust">warmed at {{ said(`${warming.now.temperatureC} °C`) }}</b></template
        >
      </p>
      <div v-if="forecast?.stalled && running" role="alert">
        <p class="display fore rust">It has stopped: strainer blocked or stuck.</p>
        <p class="since">
          Look, free it or stir, then weigh again. Until then nothing more is forecast.
        </p>
      </div>
      <template v-else-if="forecast">
        <p v-if="running" class="display fore">
          {{ nineTenthsText(forecast.nineTenthsHours) }}
        </p>
        <p v-if="running" class="since">
          {{ at(forecast.nineTenthsHours.low, 'earlier') }} to
          {{ at(forecast.nineTenthsHours.high, 'later') }}. Flows about
          {{ said(`${Math.round(forecast.rateGPerHour.mid / 5) * 5} g`) }} an hour<template
            v-if="forecast.stopAdvised"
            >:
            <b class="green">under your {{ said(`${rules.stopBelowGPerHour} g`) }}, you may stop</b
            >; {{ massText(forecast.stillKg.mid, units) }} would still come{{ worth }}</template
          ><template v-else
            >, under your {{ said(`${rules.stopBelowGPerHour} g`) }} about
            {{ at(forecast.endHours.mid) }}</template
          >.
        </p>
        <p v-if="running" class="since small">{{ startsFrom }}</p>
      </template>
    </section>
    <section class="curve">
      <WeighingQuestions
        :drain="drain"
        :questions="questions"
        :rules="rules"
        :zone="zone"
        :now="now"
      />
      <template v-if="forecast">
        <DrainCurve
          :forecast="forecast"
          :drain="drain"
          :now-hours="elapsed"
          :running="running"
          :zone="zone"
          :units="units"
        />
        <p v-if="parts && running && !forecast.stalled" class="sum">
          <b>{{ massText(parts.total, units) }}</b> crushed = about <b>{{ partFigures[0] }}</b> out
          + <b>{{ partFigures[1] }}</b> still to come + <b>{{ partFigures[2] }}</b> stays in the wax
          + <b>{{ partFigures[3] }}</b> wax
        </p>
        <details class="how">
          <summary>How this was got</summary>
          <p>
            Honey out = M (1 − e^(−s/τ)) in viscous time s by the bench's temperatures;
            {{ ownApplies ? 'your own' : 'a starting range of' }} share and τ to begin with,
            narrowed by {{ forecast.weighingsUsed }} weighings. A bench without a thermometer may be
            a degree off and swing by 3 °C; beds may slow down late: that is in the band. It is
            meant to hold nine of ten runs; on made-up runs it had not seen it holds 85 to 98 of
            100. The overflow time is the band's early edge. Final:
            {{ massText(forecast.finalKg.low, units) }} to
            {{ massText(forecast.finalKg.high, units) }}.<template v-if="own && own.runs > 0">
              Your {{ own.runs }} {{ own.runs === 1 ? 'run' : 'runs' }} of this method, kind of hive
              and honey: {{ Math.round(own.learned.share.mid * 100) }} % comes out, τ about
              {{ own.learned.tauHours.mid.toFixed(1) }} h at 25 °C{{
                ownApplies ? '' : '; used from the fifth on'
              }}.</template
            >
          </p>
        </details>
      </template>
    </section>
    <aside class="column">
      <template v-if="running">
        <PressPanel
          v-if="panel === 'press'"
          :drain="drain"
          :rules="rules"
          :zone="zone"
          :now="now"
          :out-kg="outKg"
          :runs="runs?.drains ?? []"
          :hive-kind="detail!.batch.hiveKind"
          @draw-first="panel = 'draw'"
          @away="panel = null"
        />
        <WeighPanel
          v-else-if="panel === 'weigh'"
          :drain="drain"
          :lower="lower"
          :upper="upper"
          :rules="rules"
          :zone="zone"
          :now="now"
          @done="panel = null"
        />
        <template v-else>
          <Button class="act go" :loading="busy" @click="doMain"
            ><span class="display big">{{ mainWords.big }}</span
            ><span class="when">{{ mainWords.when }}</span></Button
          >
          <button v-if="overflowAt" type="button" class="act soon" @click="panel = 'draw'">
            <b class="display">Draw off the lower vessel</b
            ><span class="rust">before {{ clockText(overflowAt, zone, now) }}</span>
          </button>
          <Button v-else outlined label="Draw off…" @click="panel = 'draw'" />
          <Refusal v-if="panel !== 'draw' && panel !== 'temperature'" :refusal="refusal" />
          <div class="acts row two">
            <Button
              v-if="main !== 'weigh'"
              outlined
              label="Weigh…"
              @click="panel = 'weigh'"
            /><Button
              v-if="isStirred(drain.method, rules)"
              outlined
              :label="remashText"
              @click="event({ kind: 'mash' }, 'Mashed again, 5 minutes of your hands.')"
            /><Button
              v-if="main !== 'press'"
              outlined
              label="Press…"
              @click="panel = 'press'"
            /><Button outlined label="Warm…" @click="panel = 'warm'" /><Button
              outlined
              label="Temperature…"
              @click="openTemperature"
            /><Button outlined label="Stop draining…" @click="panel = 'close'" />
          </div>
        </template>
      </template>
      <template v-else>
        <p class="text">This drain is closed. Its honey and wet wax stand in the book.</p>
        <RouterLink class="p-button p-component" :to="`/settle/${detail.batch.id}`"
          >Settle and skim</RouterLink
        >
        <RouterLink class="p-button p-component p-button-outlined" :to="`/jar/${detail.batch.id}`"
          >Go on to Jar</RouterLink
        >
      </template>
      <DrainLog
        :drain="drain"
        :rules="rules"
        :zone="zone"
        :now="now"
        @readings="panel = 'readings'"
      />
    </aside>
    <DialogFrame
      :visible="panel === 'draw'"
      header="Draw off"
      :width="480"
      @update:visible="panel = null"
    >
      <DrawOff
        :drain="drain"
        :rules="rules"
        :most-g="byEstimate ? null : mostG"
        @done="panel = null"
      />
    </DialogFrame>
    <DialogFrame
      :visible="panel === 'temperature'"
      header="Temperature at the bench"
      :width="480"
      @update:visible="panel = null"
    >
      <form class="acts bench" @submit.prevent="writeTemperature">
        <NumberField
          v-model="temperatureC"
          label="Bench"
          unit="°C"
          :min="5"
          :max="45"
          :error="fieldError('temperatureC')"
        /><Button outlined type="button" label="Read the thermometer" @click="readThermometer" />
        <p class="sub">Comb softens above about 35 °C and slumps near 40.</p>
        <Refusal :refusal="refusal" :fields="['temperatureC']" /><Button
          type="submit"
          label="Write it down"
          :disabled="temperatureC === null"
        />
      </form>
    </DialogFrame>
    <DialogFrame
      :visible="panel === 'warm'"
      header="Warm"
      :width="520"
      @update:visible="panel = null"
      ><WarmPanel
        v-if="warming"
        :drain="drain"
        :rules="rules"
        :warming="warming"
        :elapsed="elapsed"
    /></DialogFrame>
    <DialogFrame
      :visible="panel === 'readings'"
      header="Readings"
      :width="560"
      @update:visible="panel = null"
      ><ReadingsDialog :drain="drain"
    /></DialogFrame>
    <DialogFrame
      :visible="panel === 'close'"
      header="Stop draining"
      :width="560"
      @update:visible="panel = null"
      ><CloseDrain
        :drain="drain"
        :rules="rules"
        :forecast="forecast"
        :left-g="detail.lots.find((l) => l.kind === 'crushed')?.nowG ?? 0"
        :last-gross-g="closeFrom?.grossG ?? null"
        :lower-tare-g="closeFrom?.tareG ?? lower?.tareG ?? null"
        :drawn-g="drawnG"
        :by-estimate="byEstimate"
        :price-per-kg="pricePerKg"
    /></DialogFrame>
  </div>
</template>

<style scoped>
.drain {
  grid-template-columns: 372px minmax(0, 1fr) 340px;
  grid-template-rows: auto auto 1fr;
  grid-template-areas: 'head head head' 'vessels told column' 'vessels curve column';
}
.drain > header {
  grid-area: head;
}
.vessels {
  grid-area: vessels;
}
.told {
  grid-area: told;
}
.curve {
  grid-area: curve;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.column {
  grid-area: column;
}
.clock {
  font-size: 88px;
  line-height: 84px;
  margin: 0;
  display: flex;
  align-items: baseline;
  white-space: nowrap;
}
.clock small {
  font-size: 32px;
  margin: 0 14px 0 6px;
  color: var(--ink-2);
}
.digit {
  display: inline-block;
  width: 0.6em;
  text-align: center;
}
.digit:first-child {
  margin-left: -5px;
}
.small :deep(.p-button) {
  min-height: 44px !important;
  font-size: 16px !important;
}
.since {
  font-size: 17px;
  line-height: 23px;
  margin: 2px 0;
  color: var(--ink-2);
}
.fore {
  font-size: 27px;
  line-height: 32px;
  margin: 8px 0 0;
}
.sum {
  font-size: 17px;
  margin: 0;
  border-top: var(--line);
  padding-top: 6px;
}
.column {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.act {
  width: 100%;
  min-height: 112px;
}
.act.go {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  padding: 12px 20px;
}
.act .big {
  font-size: 42px;
  line-height: 48px;
}
.when {
  font-size: 18px;
}
.soon {
  border: 3px solid var(--rust);
  border-radius: 8px;
  background: var(--lime-0);
  display: flex;
  flex-direction: column;
  justify-content: center;
  align-items: flex-start;
  padding: 0 18px;
  min-height: 84px;
  cursor: pointer;
  color: var(--ink);
  font: 400 18px var(--text);
}
.soon b {
  font-size: 20px;
}
.soon .rust {
  font-weight: 700;
}
.two .p-button {
  flex: 1 1 40%;
  padding: 0 8px;
}
.bench :deep(.p-inputtext) {
  min-height: 56px;
  font-size: 20px;
  font-weight: 700;
}
@media (max-width: 1150px) {
  .drain {
    grid-template-columns: 372px minmax(0, 1fr);
    grid-template-areas: 'head head' 'vessels told' 'vessels curve' 'column column';
  }
}
@media (max-width: 800px) {
  .drain {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
    grid-template-areas: 'head' 'told' 'column' 'curve' 'vessels';
  }
  .drain > header .sub {
    order: 1;
    flex-basis: 100%;
  }
  .clock {
    font-size: 64px;
    line-height: 68px;
  }
}
</style>
