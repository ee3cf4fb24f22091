<script setup lang="ts">
import { TEMPERS } from '../parts/colonyWords.js';
import { tell } from '../words/tell.js';
import {
  SITE_NOTES,
  forageAt,
  hiveKind,
  siteDate,
  stateAt,
  type ColonyFact,
  type Hive,
  type HouseRules,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { SITE_NOTE_WORDS } from './siteNoteWords.js';

/**
 * What the day's plan wants to know of the place and the colony and nobody said yet; each is one
 * touch, and is not asked again.
 */
const props = defineProps<{ hive: Hive; rules: HouseRules; dayIso: string; on: string }>();
const { go, busy, refusal } = useSend();
const site = computed(() => props.hive.site);
const state = computed(() => stateAt(props.hive, props.dayIso, props.rules));

const asksPlace = computed(() => site.value.notes.length === 0);
const particular = ref<string[]>([]);
const patchSite = (change: object, said: string): unknown =>
  go(`/sites/${site.value.id}`, change, said, {
    method: 'PATCH',
    baseRevision: site.value.revision,
  });
const notePlace = (notes: string[]): unknown =>
  patchSite({ notes }, tell('ReadyAsks.what-particular-there-noted', { site: site.value.name }));

const month = computed(() => String(Number(props.on.slice(5, 7))));
const asksForage = computed(() => forageAt(props.hive, state.value, props.on) === null);
const FORAGE = [
  { label: tell('ReadyAsks.flow'), value: 'flow' },
  { label: tell('common.some'), value: 'some' },
  { label: tell('common.dearth'), value: 'dearth' },
];
const noteForage = (value: string): unknown =>
  patchSite(
    { forage: { ...site.value.forage, [month.value]: value } },
    tell('ReadyAsks.forage-this-month-noted', { site: site.value.name }),
  );

const asksTemper = computed(
  () =>
    hiveKind(props.hive.kind).bee === 'honeybee' &&
    !state.value.dead &&
    props.hive.colony !== null &&
    state.value.temper === null,
);
type Temper = keyof typeof TEMPERS;
const tempers = Object.keys(TEMPERS) as Temper[];
function noteTemper(temper: Temper): unknown {
  const fact: ColonyFact = { kind: 'temper', temper };
  return go(
    '/colonyFacts',
    // Said today, whatever day is planned.
    { id: newId(), colonyId: props.hive.colony!.id, on: siteDate(props.hive, props.dayIso), fact },
    `${props.hive.name}: ${TEMPERS[temper]}.`,
  );
}
</script>

<template>
  <section
    v-if="asksPlace || asksForage || asksTemper"
    class="asks no-print"
    :aria-label="tell('ReadyAsks.not-said-yet')"
  >
    <div
      v-if="asksPlace"
      role="group"
      :aria-label="tell('ReadyAsks.what-adds-step-at', { site: site.name })"
    >
      <p>{{ tell('ReadyAsks.what-adds-step-at', { site: site.name }) }}</p>
      <span class="answers"
        ><label v-for="n in SITE_NOTES" :key="n" class="tick"
          ><input v-model="particular" type="checkbox" :value="n" /> {{ SITE_NOTE_WORDS[n] }}</label
        ><Button
          :outlined="!particular.length"
          :label="
            particular.length ? tell('ReadyAsks.write-these-down') : tell('ReadyAsks.none-these')
          "
          :loading="busy"
          @click="notePlace(particular.length ? particular : ['plain'])"
      /></span>
    </div>
    <div v-if="asksForage" role="group" :aria-label="tell('ReadyAsks.forage-there-now')">
      <p>{{ tell('ReadyAsks.forage-there-now') }}</p>
      <span class="answers"
        ><Button
          v-for="f in FORAGE"
          :key="f.value"
          outlined
          :label="f.label"
          :loading="busy"
          @click="noteForage(f.value)"
      /></span>
    </div>
    <div
      v-if="asksTemper"
      role="group"
      :aria-label="tell('ReadyAsks.how-when-it-opened', { hive: hive.name })"
    >
      <p>{{ tell('ReadyAsks.how-when-it-opened', { hive: hive.name }) }}</p>
      <span class="answers"
        ><Button
          v-for="t in tempers"
          :key="t"
          outlined
          :label="TEMPERS[t]"
          :loading="busy"
          @click="noteTemper(t)"
      /></span>
    </div>
    <Refusal :refusal="refusal" :fields="[]" />
  </section>
</template>

<style scoped>
.asks {
  border-top: 1.5px solid var(--lichen-5);
  padding-top: 6px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 28px;
}
p {
  margin: 0 0 4px;
  font-weight: 600;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
}
.tick {
  display: inline-flex;
}
</style>
