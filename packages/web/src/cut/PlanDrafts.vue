<script setup lang="ts">
import { measured, tell } from '../words/tell.js';
import Button from 'primevue/button';

/** The plans that were found, one at a time: kept as it is, or dragged first. */
defineProps<{ at: number; of: number; busy: boolean }>();
const emit = defineEmits<{ flip: [by: 1 | -1]; keep: []; away: [] }>();
</script>

<template>
  <h2 class="furrow-heading">{{ tell('PlanDrafts.plan', { at: at + 1, of }) }}</h2>
  <div class="flip">
    <Button
      outlined
      :label="tell('PlanDrafts.before')"
      :disabled="at === 0"
      @click="emit('flip', -1)"
    /><Button
      outlined
      :label="tell('PlanDrafts.next')"
      :disabled="at >= of - 1"
      @click="emit('flip', 1)"
    />
  </div>
  <Button
    class="main"
    :label="tell('common.keep-this-plan')"
    :loading="busy"
    @click="emit('keep')"
  />
  <p class="sub">
    {{ tell('PlanDrafts.drag-piece-or-cut-it', { said: measured({ lengthMm: 5 }) }) }}
  </p>
  <Button text :label="tell('PlanDrafts.put-plans-away')" @click="emit('away')" />
</template>

<style scoped>
.flip {
  display: flex;
  gap: 10px;
}
.flip .p-button {
  flex: 1;
}
</style>
