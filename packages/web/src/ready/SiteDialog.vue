<script setup lang="ts">
import { months, tell, moment } from '../words/tell.js';
import {
  PLACE_NOTES,
  SITE_NOTES,
  TOWNS,
  type ChangeSite,
  type Site,
  type WeatherHour,
} from '@furrow/core';
import { DateTime } from 'luxon';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { ref, watch } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { SITE_NOTE_WORDS } from './siteNoteWords.js';

/**
 * What is particular of the site and of the hour: notes that add a step, forage by month, weather
 * typed in.
 */
const props = defineProps<{ site: Site; hourAt: string; hour: WeatherHour | null }>();
const open = defineModel<boolean>('open', { required: true });
const { go, busy, refusal, fieldError } = useSend();
const weatherSend = useSend();
const MONTHS = months();
const notes = ref<string[]>([]);
const forage = ref<Record<string, string>>({});
const latitude = ref<number | null>(null);
const longitude = ref<number | null>(null);
const poison = ref<'yes' | 'no' | 'ask' | ''>('');
function nearTown(name: string): void {
  const town = TOWNS.find((t) => t.name === name);
  if (town) [latitude.value, longitude.value] = [town.latitude, town.longitude];
}
const weather = ref<{
  temperatureC: number | null;
  windKmH: number | null;
  rainMm: number | null;
  humidityPercent: number | null;
  cloudPercent: number | null;
}>({ temperatureC: null, windKmH: null, rainMm: null, humidityPercent: null, cloudPercent: null });
watch(open, (now) => {
  if (!now) return;
  notes.value = props.site.notes.filter((n) => n !== 'plain');
  forage.value = Object.fromEntries(
    Object.entries(props.site.forage).map(([k, v]) => [k, v ?? '']),
  );
  [latitude.value, longitude.value] = [props.site.latitude, props.site.longitude];
  poison.value = props.site.poisonousNectar ?? '';
  const h = props.hour?.source === 'hand' ? props.hour : null;
  weather.value = {
    temperatureC: h?.temperatureC ?? null,
    windKmH: h?.windKmH ?? null,
    rainMm: h?.rainMm ?? null,
    humidityPercent: h?.humidityPercent ?? null,
    cloudPercent: h?.cloudPercent ?? null,
  };
});
const local = (): DateTime => DateTime.fromISO(props.hourAt, { zone: props.site.zone });
async function keepSite(): Promise<void> {
  const change: ChangeSite = {
    // Looked over and nothing ticked: said, and not asked again.
    notes: (notes.value.length ? notes.value : ['plain']) as ChangeSite['notes'],
    forage: Object.fromEntries(
      Object.entries(forage.value).filter(([, v]) => v),
    ) as ChangeSite['forage'],
    latitude: latitude.value,
    longitude: longitude.value,
    poisonousNectar: poison.value || null,
  };
  if (
    await go(
      `/sites/${props.site.id}`,
      change,
      tell('SiteDialog.notes-written-down', { site: props.site.name }),
      {
        method: 'PATCH',
        baseRevision: props.site.revision,
      },
    )
  )
    open.value = false;
}
async function keepWeather(): Promise<void> {
  if (
    await weatherSend.go(
      '/weatherEntries',
      {
        id: newId(),
        siteId: props.site.id,
        at: local().startOf('hour').toUTC().toISO(),
        ...weather.value,
      },
      tell('SiteDialog.weather-written-down'),
    )
  )
    open.value = false;
}
</script>

<template>
  <DialogFrame
    v-model:visible="open"
    :header="tell('SiteDialog.place-and-weather', { site: site.name })"
    :width="680"
  >
    <div class="site">
      <h2 class="furrow-heading">
        {{
          tell('SiteDialog.weather-at-00-as-you', { local: moment(local(), 'weekday-day-hour') })
        }}
      </h2>
      <form class="line" @submit.prevent="keepWeather">
        <NumberField
          v-model="weather.temperatureC"
          nullable
          :label="tell('SiteDialog.warmth')"
          unit="°C"
          :error="weatherSend.fieldError('temperatureC')"
        /><NumberField
          v-model="weather.windKmH"
          nullable
          :label="tell('common.wind')"
          unit="km/h"
          :error="weatherSend.fieldError('windKmH')"
        /><NumberField
          v-model="weather.rainMm"
          nullable
          :label="tell('SiteDialog.rain')"
          unit="mm"
          :error="weatherSend.fieldError('rainMm')"
        /><NumberField
          v-model="weather.humidityPercent"
          nullable
          :label="tell('SiteDialog.humid')"
          unit="%"
          :error="weatherSend.fieldError('humidityPercent')"
        /><NumberField
          v-model="weather.cloudPercent"
          nullable
          :label="tell('SiteDialog.cloud')"
          unit="%"
          :error="weatherSend.fieldError('cloudPercent')"
        /><Button
          type="submit"
          :label="tell('SiteDialog.write-weather-down')"
          :loading="weatherSend.busy.value"
        />
      </form>
      <Refusal
        :refusal="weatherSend.refusal.value"
        :fields="['temperatureC', 'windKmH', 'rainMm', 'humidityPercent', 'cloudPercent']"
      />
      <form class="site" @submit.prevent="keepSite">
        <h2 class="furrow-heading">{{ tell('SiteDialog.what-adds-step-here') }}</h2>
        <div class="line">
          <label v-for="n in [...SITE_NOTES, ...PLACE_NOTES]" :key="n" class="tick"
            ><input v-model="notes" type="checkbox" :value="n" /> {{ SITE_NOTE_WORDS[n] }}</label
          >
        </div>
        <h2 class="furrow-heading">{{ tell('SiteDialog.where-it-lies') }}</h2>
        <div class="line">
          <label class="town"
            ><span class="sub">{{ tell('SiteDialog.large-town-near-it') }}</span
            ><select
              class="native"
              :aria-label="tell('SiteDialog.large-town-near-it')"
              @change="nearTown(($event.target as HTMLSelectElement).value)"
            >
              <option value="">{{ tell('SiteDialog.choose-or-type-below') }}</option>
              <option v-for="t in TOWNS" :key="t.name" :value="t.name">{{ t.name }}</option>
            </select></label
          >
          <NumberField
            v-model="latitude"
            nullable
            :label="tell('SiteDialog.north-south-below-0')"
            unit="°"
            :min="-90"
            :max="90"
            :error="fieldError('latitude')"
          />
          <NumberField
            v-model="longitude"
            nullable
            :label="tell('SiteDialog.east-west-below-0')"
            unit="°"
            :min="-180"
            :max="180"
            :error="fieldError('longitude')"
          />
          <label class="town"
            ><span class="sub">{{ tell('SiteDialog.plants-with-poisonous-honey-near') }}</span
            ><select
              v-model="poison"
              class="native"
              :aria-label="tell('SiteDialog.plants-with-poisonous-honey-near')"
            >
              <option value="">{{ tell('SiteDialog.not-asked-yet') }}</option>
              <option value="no">{{ tell('SiteDialog.none-known') }}</option>
              <option value="yes">{{ tell('SiteDialog.yes') }}</option>
              <option value="ask">{{ tell('SiteDialog.ask-locally') }}</option>
            </select></label
          >
        </div>
        <p v-if="latitude === null || longitude === null" class="sub">
          {{ tell('SiteDialog.sun-times-not-known-until') }}
        </p>
        <h2 class="furrow-heading">{{ tell('SiteDialog.forage-by-month-as-you') }}</h2>
        <div class="months">
          <label v-for="(name, i) in MONTHS" :key="name"
            ><span class="sub">{{ name }}</span
            ><select
              v-model="forage[String(i + 1)]"
              class="native"
              :aria-label="tell('SiteDialog.forage-in', { name })"
            >
              <option value="">{{ tell('SiteDialog.not-noted') }}</option>
              <option value="flow">{{ tell('SiteDialog.flow') }}</option>
              <option value="some">{{ tell('SiteDialog.some') }}</option>
              <option value="dearth">{{ tell('SiteDialog.dearth') }}</option>
            </select></label
          >
        </div>
        <Refusal :refusal="refusal" />
        <p v-if="fieldError('notes')" class="rust">{{ fieldError('notes') }}</p>
        <Button type="submit" :label="tell('SiteDialog.write-notes-down')" :loading="busy" />
      </form>
    </div>
  </DialogFrame>
</template>

<style scoped>
.site {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
}
.line > .field {
  width: 104px;
}
.town {
  display: flex;
  flex-direction: column;
}
.tick {
  display: inline-flex;
}
.months {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(98px, 1fr));
  gap: 8px;
}
.months label {
  display: flex;
  flex-direction: column;
}
</style>
