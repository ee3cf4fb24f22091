<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import FaintDrawing from '../parts/FaintDrawing.vue';
import LeftStageView from '../parts/LeftStageView.vue';
import { leftReady } from '../parts/leftStage.js';
import { useHarvests } from '../api/queries.js';

/** Ready with nothing to plan: a harvest whose day is over, or none at all. */
const route = useRoute();
const { data: harvests } = useHarvests();
const left = computed(() => {
  const batch = harvests.value?.find((b) => b.id === route.params.id);
  return batch ? leftReady(batch) : null;
});
</script>

<template>
  <LeftStageView v-if="left" :left="left" />
  <div v-else class="stage wide">
    <header><h1>No harvest to get ready for.</h1></header>
    <FaintDrawing of="day" />
    <p>
      Lift the combs you want in Choose; what to bring and when to begin is worked out from them.
    </p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/choose">Go to Choose</RouterLink>
      <RouterLink class="p-button p-component p-button-outlined" to="/round"
        >A round of hives: supers and boxes</RouterLink
      >
    </div>
  </div>
</template>
