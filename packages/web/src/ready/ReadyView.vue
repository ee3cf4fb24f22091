<script setup lang="ts">
import { estimateRangeText, massText, temperatureText, volumeText } from '../words/figures.js';
import { moment, tell } from '../words/tell.js';
import { useHours } from './useHours';
import {
  METRIC,
  wayIn,
  wayNote,
  smokeAdvice,
  takenUnits,
  type TimetableStep,
  isStingless,
  type BatchDetail,
  sure,
} from '@furrow/core';

import { DateTime } from 'luxon';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import CalendarAddress from './CalendarAddress.vue';
import NumberField from '../parts/NumberField.vue';
import AgainstNow from '../parts/AgainstNow.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import TextField from '../parts/TextField.vue';
import { read } from '../api/client.js';
import { useNow } from '../shell/useNow.js';
import { useSend } from '../api/useSend.js';
import BringList from './BringList.vue';
import DayLine from './DayLine.vue';
import DaySteps from './DaySteps.vue';
import HourChosen from './HourChosen.vue';
import OpensByTouch from './OpensByTouch.vue';
import PeopleThere from './PeopleThere.vue';
import ReadyEmpty from './ReadyEmpty.vue';
import ReadyToLeave from './ReadyToLeave.vue';
import ReadyAsks from './ReadyAsks.vue';
import SiteDialog from './SiteDialog.vue';
import { useReady } from './useReady.js';
import { useTicks } from './useTicks.js';
import { capitalised } from '../words/capitalised.js';
import { said } from '../words/units.js';

const router = useRouter();
const {
  plans,
  rules,
  rulesVersion,
  details,
  detail,
  drafts,
  plan,
  changed,
  day,
  says,
  waterNote,
  waterSaid,
  weather,
  loading,
  error,
  retry,
} = useReady();
const { go, busy, refusal, fieldError } = useSend();
const { ticks, tick, refusal: tickRefusal } = useTicks(plans.data);
const now = useNow();
const siteOpen = ref(false);
const units = computed(() => rules.value?.units ?? METRIC);
const planned = computed(
  () => day.value?.harvests.find((h) => h.id === detail.value?.batch.id) ?? null,
);
/** The ten days hour by hour for this hive and way. */
const siteWeather = computed(() =>
  detail.value ? (weather.value?.[detail.value.hive.siteId] ?? null) : null,
);
const { zone, temper, beginsWith, startIso, startHour, ahead } = useHours(
  detail,
  rules,
  siteWeather,
  computed(() => plan.value?.startLocal ?? ''),
  now,
);
/** The hive is opened once: the hour is that of every lot of the visit. */
function openAt(batchId: string, local: string): void {
  const visitId = details.value.find((d) => d.batch.id === batchId)?.batch.visitId;
  for (const { batch } of details.value.filter((d) => d.batch.visitId === visitId)) {
    const of = drafts.value[batch.id];
    if (!of) continue;
    of.startLocal = local;
    delete of.moves.smoke;
  }
}
/** The harvest this screen is about. */
const inHand = (): BatchDetail => sure(detail.value, tell('ReadyView.harvest-in-hand'));
const chooseHour = (local: string): void => openAt(inHand().batch.id, local);
function move(step: TimetableStep, local: string | null): void {
  const of = drafts.value[step.harvestId];
  if (!of) return;
  if (local === null) delete of.moves[step.id];
  else if (step.id === 'smoke') openAt(step.harvestId, local);
  else of.moves = { ...of.moves, [step.id]: local };
}
const thermometer = ref<string | null>(null);
async function readKitchen(): Promise<void> {
  const reading = await read('/instruments/thermometer');
  if (plan.value) plan.value.kitchenTemperatureC = reading.value;
  const degrees = temperatureText(reading.value, units.value, 1);
  thermometer.value = `${degrees}${reading.simulated ? tell('ReadyView.practice-thermometer') : ''}`;
}
/** Writes every plan that changed, the one in hand always. */
async function keep(): Promise<boolean> {
  for (const d of details.value.filter(
    (x) => x.batch.id === inHand().batch.id || changed.value.includes(x),
  )) {
    if (
      !(await go(
        `/harvests/${d.batch.id}/plan`,
        drafts.value[d.batch.id],
        tell('ReadyView.day-planned', { hiveName: d.batch.hiveName }),
        { baseRevision: d.batch.revision },
      ))
    )
      return false;
  }
  return true;
}
async function keepAndGo(): Promise<void> {
  const { id } = inHand().batch;
  if (await keep()) await router.push(`/take/${id}`);
}
async function withdraw(): Promise<void> {
  const { batch } = inHand();
  const done = await go(`/harvests/${batch.id}/withdraw`, {}, tell('ReadyView.combs-stay'), {
    baseRevision: batch.revision,
  });
  if (done) await router.push(`/choose/${batch.hiveId}`);
}
const others = computed(() => details.value.filter((d) => d.batch.id !== detail.value?.batch.id));
const oneLotWith = computed(() =>
  others.value
    .filter((d) => d.batch.lotGroup === detail.value?.batch.lotGroup)
    .map((d) => d.batch.hiveName)
    .join(', '),
);
const takenText = computed(() => {
  const { batch, hive } = inHand();
  const held = hive.bars.filter((b) => b.comb && batch.combIds.includes(b.comb.id));
  return said(
    takenUnits(
      hive,
      held.map((b) => b.slot),
    ),
  );
});
const done = computed(() =>
  day.value?.steps.length
    ? DateTime.fromISO(
        day.value.steps
          .filter((s) => s.harvestId === detail.value?.batch.id && !s.id.startsWith('look-back'))
          .at(-1)?.endsAt ?? '',
        { zone: zone.value },
      )
    : null,
);
const goLabel = computed(() => {
  if (isKept.value) return tell('common.go-to-take');
  return detail.value?.batch.plan
    ? tell('ReadyView.keep-change-go-to-take')
    : tell('ReadyView.keep-this-plan-go-to');
});
/**
 * On a phone the timetable and the list open by a touch: the hour and the next step stand first.
 */
const narrow = window.matchMedia('(max-width: 700px)').matches;
const isKept = computed(() => Boolean(detail.value?.batch.plan) && !changed.value.length);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <ReadyEmpty v-else-if="!detail || !plan || !rules" />
  <div v-else class="stage ready">
    <header>
      <h1>{{ detail.batch.hiveName }}</h1>
      <span class="sub"
        >{{
          tell('ReadyView.from', {
            takenText: capitalised(takenText),
            siteName: detail.batch.siteName,
            method: wayIn(detail.batch.method),
            note: wayNote(detail.batch.method),
          })
        }}<template v-if="detail.batch.lotGroup"
          >{{ ' ' }}{{ tell('ReadyView.one-lot-with', { oneLotWith }) }}</template
        ></span
      >
      <span class="right links no-print"
        ><RouterLink v-for="d in others" :key="d.batch.id" :to="`/ready/${d.batch.id}`"
          >{{ d.batch.hiveName }}, {{ said(wayIn(d.batch.method)) }}</RouterLink
        ></span
      >
      <AgainstNow :detail="detail" :rules="rules" />
    </header>
    <section class="left">
      <h2 class="furrow-heading">{{ tell('ReadyView.day-and-hour') }}</h2>
      <DayLine :scores="ahead" :zone="zone" :start="plan.startLocal" @choose="chooseHour" />
      <HourChosen
        v-if="startHour"
        :hour="startHour"
        :start-local="plan.startLocal"
        :smoke="
          smokeAdvice(rules.smoke, temper, isStingless(detail.hive.kind), rules.smokeWaitMinutes)
        "
      />
      <ReadyAsks
        :hive="detail.hive"
        :rules="rules"
        :day-iso="now.toISOString()"
        :on="plan.startLocal.slice(0, 10)"
      />
      <p class="sub">
        <template v-if="siteWeather?.practice"
          >{{ tell('ReadyView.weather-this-demo-household-practice') }}{{ ' ' }}</template
        ><template v-else-if="!siteWeather?.hours.length"
          >{{ tell('ReadyView.weather-not-known-rules-and') }}{{ ' ' }}</template
        ><template v-else-if="siteWeather.gaps"
          >{{ tell('ReadyView.240-hours-are-not-known', { gaps: siteWeather.gaps })
          }}{{ ' ' }}</template
        ><Button
          text
          class="no-print"
          :label="tell('ReadyView.weather-notes-forage', { siteName: detail.batch.siteName })"
          @click="siteOpen = true"
        />
      </p>
      <p v-if="says" class="rust" role="alert">
        {{ said(says) }}
        <template v-if="day">{{ tell('ReadyView.what-stands-below-last-plan') }}</template>
      </p>
      <DaySteps
        :day="day"
        :hive-name="detail.batch.hiveName"
        :batch-id="detail.batch.id"
        :several="details.length > 1"
        :rules="rules"
        :plan="plan"
        :zone="zone"
        :water-said="waterSaid"
        :narrow="narrow"
        @move="move"
      />
      <OpensByTouch :narrow="narrow" :heading="tell('ReadyView.bring-and-have')">
        <p v-if="day?.trips" class="sub">
          <b>{{
            day.trips.trips === 1
              ? tell('common.one-trip')
              : tell('ReadyView.trips', { trips: day.trips.trips })
          }}</b>
          {{
            tell('ReadyView.with-vehicle-about-and-with', {
              volumeL: volumeText(day.trips.volumeL, rules.units),
              weightKg: massText(day.trips.weightKg, rules.units, 0),
            })
          }}
        </p>
        <Refusal :refusal="tickRefusal" />
        <BringList v-if="day" :lines="day.bring" :ticks="ticks" @tick="tick" />
      </OpensByTouch>
      <template v-if="day?.repairs.length"
        ><h2 class="furrow-heading">{{ tell('common.to-be-mended') }}</h2>
        <ul class="mend">
          <li v-for="g in day.repairs" :key="g.id">
            <b>{{ g.name }}</b>: {{ g.repair
            }}<span v-if="g.dueOn" class="sub">{{
              tell('ReadyView.by', { dueOn: moment(DateTime.fromISO(g.dueOn), 'date') })
            }}</span>
          </li>
        </ul></template
      >
    </section>
    <aside class="acts">
      <h2 class="furrow-heading">{{ beginsWith }}</h2>
      <TextField
        v-model="plan.startLocal"
        type="datetime-local"
        :label="beginsWith"
        :error="fieldError('startLocal')"
      />
      <p v-if="planned" class="expect">
        {{ tell('ReadyView.expect') }}
        <b>{{ estimateRangeText(planned.outcome.honeyKg, units) }}</b>
        {{ tell(planned.outcome.pieces.high ? 'ReadyView.liquid-honey' : 'ReadyView.honey')
        }}<template v-if="planned.outcome.pieces.high">{{
          tell('ReadyView.to-pieces', {
            low: planned.outcome.pieces.low,
            high: planned.outcome.pieces.high,
          })
        }}</template
        ><template v-if="done?.isValid">{{
          tell('ReadyView.done', { done: moment(done, 'weekday-day-clock') })
        }}</template
        >.
      </p>
      <Refusal
        :refusal="refusal"
        :fields="['startLocal', 'kitchenTemperatureC', 'nightTemperatureC', 'moisturePercent']"
      />
      <Button
        v-if="!narrow"
        class="no-print"
        :label="goLabel"
        :disabled="!day || Boolean(says)"
        :loading="busy"
        @click="keepAndGo"
      />
      <Button
        v-if="!isKept"
        outlined
        class="no-print"
        :label="tell('common.keep-this-plan')"
        :disabled="!day || Boolean(says)"
        :loading="busy"
        @click="keep"
      />
      <NumberField
        v-model="plan.kitchenTemperatureC"
        :label="tell('common.kitchen')"
        unit="°C"
        :min="5"
        :max="45"
        :error="fieldError('kitchenTemperatureC')"
      />
      <Button
        outlined
        class="no-print"
        :label="
          thermometer
            ? tell('ReadyView.read-again', { thermometer })
            : tell('common.read-thermometer')
        "
        @click="readKitchen"
      />
      <NumberField
        v-model="plan.nightTemperatureC"
        nullable
        :label="tell('common.at-night')"
        unit="°C"
        :min="-5"
        :max="45"
        :error="fieldError('nightTemperatureC')"
      />
      <NumberField
        v-model="plan.moisturePercent"
        nullable
        :digits="1"
        :note="waterNote"
        :label="tell('common.water-in-honey')"
        unit="%"
        :min="13"
        :max="35"
        :error="fieldError('moisturePercent')"
      />
      <PeopleThere :rules="rules" :rules-version="rulesVersion" />
      <template v-if="isKept"
        ><a
          class="p-button p-component p-button-outlined no-print"
          href="/api/v1/plans/timetable.ics"
          >{{ tell('ReadyView.calendar-file-with-alarms') }}</a
        ><a
          class="p-button p-component p-button-outlined no-print"
          href="/api/v1/plans/sheet.pdf"
          target="_blank"
          >{{ tell('ReadyView.sheet-to-print') }}</a
        ></template
      >
      <CalendarAddress />
      <RouterLink class="p-button p-component p-button-outlined no-print" to="/round">{{
        tell('ReadyView.round-hives')
      }}</RouterLink>
      <RouterLink class="p-button p-component p-button-outlined no-print" to="/bring">{{
        tell('ReadyView.list-for-phone')
      }}</RouterLink>
      <ReadyToLeave v-if="day" :lines="day.bring" :ticks="ticks" :zone="detail.batch.zone" />
      <Button
        v-if="!detail.takes.length"
        class="no-print"
        text
        :label="tell('ReadyView.put-combs-back-no-harvest')"
        @click="withdraw"
      />
    </aside>
    <div v-if="narrow" class="pinned no-print">
      <Button
        :label="goLabel"
        :disabled="!day || Boolean(says)"
        :loading="busy"
        @click="keepAndGo"
      />
    </div>
    <SiteDialog
      v-model:open="siteOpen"
      :site="detail.hive.site"
      :hour-at="startIso ?? ''"
      :hour="siteWeather?.hours.find((h) => h.at === startIso) ?? null"
    />
  </div>
</template>

<style scoped>
.left {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}
.links {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
}
.mend {
  margin: 2px 0;
  padding-left: 20px;
}
.expect {
  font-size: 18px;
}
@media print {
  .left {
    display: block;
  }
}
</style>
