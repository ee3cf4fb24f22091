<script setup lang="ts">
import { massText, volumeText } from '../words/figures.js';
import { tell } from '../words/tell.js';

import FaintDrawing from '../parts/FaintDrawing.vue';
import AlsoHere from '../house/AlsoHere.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import BringList from './BringList.vue';
import ReadyToLeave from './ReadyToLeave.vue';
import { useReady } from './useReady.js';
import { useTicks } from './useTicks.js';

/** The list alone, large, for the phone while loading the car. */
const { plans, details, day, rules, loading, error, retry } = useReady();
const { ticks, tick, refusal } = useTicks(plans.data);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!details.length" class="stage wide">
    <header>
      <h1>{{ tell('ListView.nothing-to-bring') }}</h1>
    </header>
    <FaintDrawing of="list" />
    <p>{{ tell('ListView.when-combs-are-chosen-what') }}</p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/choose">{{
        tell('common.go-to-choose')
      }}</RouterLink>
    </div>
  </div>
  <div v-else class="stage wide bench">
    <header>
      <h1>{{ tell('common.bring') }}</h1>
      <AlsoHere :about="details[0].batch.id" step="bring" :where="tell('ListView.at-this-list')" />
      <span class="sub">{{
        tell('ListView.for', { details: details.map((d) => d.batch.hiveName).join(', ') })
      }}</span><RouterLink class="right" to="/ready">{{ tell('ListView.plan') }}</RouterLink>
    </header>
    <Refusal :refusal="refusal" />
    <p v-if="day?.trips" class="sub">
      <b>{{
        day.trips.trips === 1
          ? tell('common.one-trip')
          : tell('ListView.trips', { trips: day.trips.trips })
      }}</b>
      {{
        tell('ListView.with-vehicle-about-and', {
          volumeL: volumeText(day.trips.volumeL, rules?.units),
          weightKg: massText(day.trips.weightKg, rules?.units, 0),
        })
      }}
    </p>
    <ReadyToLeave v-if="day" :lines="day.bring" :ticks="ticks" :zone="details[0].batch.zone" />
    <BringList v-if="day" :lines="day.bring" :ticks="ticks" large @tick="tick" />
    <p v-else class="sub" aria-busy="true">{{ tell('ListView.counting') }}</p>
  </div>
</template>
