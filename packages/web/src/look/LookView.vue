<script setup lang="ts">
import { tell } from '../words/tell.js';
import FaintDrawing from '../parts/FaintDrawing.vue';
import StateLine from '../parts/StateLine.vue';
import LookHive from './LookHive.vue';
import { useHive } from './useHive.js';

/** The hive in the address, or the first there is: looked at, comb by comb. */
const { hives, hive, rules, rulesVersion, loading, error, retry } = useHive();
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <LookHive
    v-else-if="hive && rules"
    :key="hive.id"
    :hive="hive"
    :hives="hives ?? []"
    :rules="rules"
    :rules-version="rulesVersion"
  />
  <div v-else class="stage wide">
    <header>
      <h1>{{ tell('LookView.no-hive-yet') }}</h1>
    </header>
    <FaintDrawing of="hive" />
    <p>{{ tell('LookView.make-your-first-hive-it') }}</p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/hives/new">{{
        tell('common.make-hive')
      }}</RouterLink>
    </div>
  </div>
</template>
