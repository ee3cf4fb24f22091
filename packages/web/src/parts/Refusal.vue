<script setup lang="ts">
import type { Refused } from '../api/client.js';
import { said } from '../words/units.js';

/** Says a refusal in the server's own sentence, where no single field holds it. */
defineProps<{ refusal: Refused | null; fields?: string[] }>();
</script>

<template>
  <p v-if="refusal && !(fields ?? []).includes(refusal.field ?? '')" class="refusal" role="alert">
    {{ said(refusal.message) }}
  </p>
</template>

<style scoped>
.refusal {
  border: 3px solid var(--rust);
  border-radius: 6px;
  padding: 8px 12px;
  font-weight: 600;
  background: var(--lime-0);
}
</style>
