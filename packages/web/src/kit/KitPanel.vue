<script setup lang="ts">
import { useRules } from '../api/queries.js';
import InstrumentsPanel from '../rules/InstrumentsPanel.vue';
import GearPanel from './GearPanel.vue';
import JarKindsPanel from './JarKindsPanel.vue';
import VesselsPanel from './VesselsPanel.vue';

/** Everything the household owns that Furrow measures, counts or brings along. */
const { data: rules } = useRules();
</script>

<template>
  <div class="kit">
    <VesselsPanel /><JarKindsPanel /><GearPanel />
    <InstrumentsPanel v-if="rules" :rules="rules.rules" />
  </div>
</template>

<style scoped>
.kit {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
</style>
