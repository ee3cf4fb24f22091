<script setup lang="ts">
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
  <TextField v-model="site.name" label="Name of the site" :error="errors.name" />
  <div class="field">
    <label for="zone">Time zone</label
    ><select id="zone" v-model="site.zone" class="native">
      <option v-for="z in zones" :key="z">{{ z }}</option>
    </select>
  </div>
  <div class="field">
    <span id="hemi" class="sub">Hemisphere: seasons and winters go by it</span>
    <SelectButton
      v-model="site.hemisphere"
      :options="[
        { label: 'North', value: 'north' },
        { label: 'South', value: 'south' },
      ]"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      aria-labelledby="hemi"
    />
    <p v-if="errors.hemisphere" class="rust" role="alert">{{ errors.hemisphere }}</p>
  </div>
</template>
