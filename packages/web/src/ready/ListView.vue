<script setup lang="ts">
import { massText, volumeText } from '@furrow/words';
import FaintDrawing from '../parts/FaintDrawing.vue';
import AlsoHere from '../house/AlsoHere.vue';
import Refusal from '../parts/Refusal.vue';
import StateLine from '../parts/StateLine.vue';
import BringList from './BringList.vue';
import { useReady } from './useReady.js';
import { useTicks } from './useTicks.js';

/** The list alone, large, for the phone while loading the car. */
const { plans, details, day, rules, loading, error, retry } = useReady();
const { ticks, tick, refusal } = useTicks(plans.data);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <div v-else-if="!details.length" class="stage wide">
    <header><h1>Nothing to bring.</h1></header>
    <FaintDrawing of="list" />
    <p>When combs are chosen, what they need stands here.</p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/choose">Go to Choose</RouterLink>
    </div>
  </div>
  <div v-else class="stage wide bench">
    <header>
      <h1>Bring</h1>
      <AlsoHere :about="details[0].batch.id" step="bring" where="at this list" />
      <span class="sub">for {{ details.map((d) => d.batch.hiveName).join(', ') }}</span
      ><RouterLink class="right" to="/ready">The plan</RouterLink>
    </header>
    <Refusal :refusal="refusal" />
    <p v-if="day?.trips" class="sub">
      <b>{{ day.trips.trips === 1 ? 'One trip' : `${day.trips.trips} trips` }}</b> with the vehicle:
      about {{ volumeText(day.trips.volumeL, rules?.units) }} and
      {{ massText(day.trips.weightKg, rules?.units, 0) }}.
    </p>
    <BringList v-if="day" :lines="day.bring" :ticks="ticks" large @tick="tick" />
    <p v-else class="sub" aria-busy="true">Counting …</p>
  </div>
</template>
