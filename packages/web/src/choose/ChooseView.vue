<script setup lang="ts">
import { tell } from '../words/tell.js';
import FaintDrawing from '../parts/FaintDrawing.vue';
import StateLine from '../parts/StateLine.vue';
import ChooseHive from './ChooseHive.vue';
import { useChoice } from './useChoice.js';
import { usePinning } from './usePinning.js';

/** The hive in the address, or the first there is: which of its combs leave, and what becomes of them. */
const choice = useChoice();
const { hive, judged, rules, loading, error, retry } = choice;
// What is in hand and the reasons given outlive a screen that had to be read anew.
const pinning = usePinning(choice);
</script>

<template>
  <StateLine v-if="loading || error" :loading="loading" :error="error" @retry="retry" />
  <ChooseHive
    v-else-if="hive && rules && judged.length"
    :hive="hive"
    :rules="rules"
    :choice="choice"
    :pinning="pinning"
  />
  <div v-else class="stage wide">
    <header>
      <h1>{{ tell('ChooseView.nothing-to-choose-from-yet') }}</h1>
    </header>
    <FaintDrawing of="lifted" />
    <p>{{ tell('ChooseView.look-at-combs-first-what') }}</p>
    <div class="acts row">
      <RouterLink class="p-button p-component" to="/look">{{
        tell('common.go-to-look')
      }}</RouterLink>
    </div>
  </div>
</template>
