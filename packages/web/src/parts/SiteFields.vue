<script setup lang="ts">
import { tell } from '../words/tell.js';
import { hemisphereOfZone } from '@furrow/core';
import SelectButton from 'primevue/selectbutton';
import { watch } from 'vue';
import { hereZone, type SiteDraft } from './siteDraft.js';
import TextField from './TextField.vue';

/** A site by its name; zone and hemisphere stand as the browser tells them. */
defineProps<{ errors: Partial<Record<keyof SiteDraft, string | null>> }>();
const site = defineModel<SiteDraft>({ required: true });
const zones = [...new Set([hereZone(), ...Intl.supportedValuesOf('timeZone')])];
/** Another zone, another hemisphere; what its clocks do not tell is asked. */
watch(
  () => site.value.zone,
  (zone) => (site.value.hemisphere = hemisphereOfZone(zone)),
);
</script>

<template>
  <TextField v-model="site.name" :label="tell('SiteFields.name-site')" :error="errors.name" />
  <div class="field">
    <label for="zone">{{ tell('SiteFields.time-zone') }}</label><select
      id="zone"
      v-model="site.zone"
      class="native"
    >
      <option v-for="z in zones" :key="z">{{ z }}</option>
    </select>
  </div>
  <div class="field">
    <span id="hemi" class="sub">{{ tell('SiteFields.hemisphere-seasons-and-winters-go') }}</span>
    <SelectButton
      v-model="site.hemisphere"
      :options="[
        { label: tell('SiteFields.north'), value: 'north' },
        { label: tell('SiteFields.south'), value: 'south' },
      ]"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      aria-labelledby="hemi"
    />
    <p v-if="errors.hemisphere" class="rust" role="alert">{{ errors.hemisphere }}</p>
  </div>
</template>
