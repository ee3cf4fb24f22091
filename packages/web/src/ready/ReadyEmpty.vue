<script setup lang="ts">
import { tell } from '../words/tell.js';
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
    <header>
      <h1>{{ tell('ReadyEmpty.no-harvest-to-get-ready') }}</h1>
    </header>
    <FaintDrawing of="day" />
    <p>
      {{ tell('ReadyEmpty.lift-combs-you-want-in') }}
    </p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/choose">{{
        tell('common.go-to-choose')
      }}</RouterLink>
      <RouterLink class="p-button p-component p-button-outlined" to="/round">{{
        tell('ReadyEmpty.round-hives-supers-and-boxes')
      }}</RouterLink>
    </div>
  </div>
</template>
