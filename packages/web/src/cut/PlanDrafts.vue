<script setup lang="ts">
import { said } from '../shell/units.js';
import Button from 'primevue/button';

/** The plans that were found, one at a time: kept as it is, or dragged first. */
defineProps<{ at: number; of: number; busy: boolean }>();
const emit = defineEmits<{ flip: [by: 1 | -1]; keep: []; away: [] }>();
</script>

<template>
  <h2 class="furrow-heading">Plan {{ at + 1 }} of {{ of }}</h2>
  <div class="flip">
    <Button outlined label="Before" :disabled="at === 0" @click="emit('flip', -1)" /><Button
      outlined
      label="Next"
      :disabled="at >= of - 1"
      @click="emit('flip', 1)"
    />
  </div>
  <Button class="main" label="Keep this plan" :loading="busy" @click="emit('keep')" />
  <p class="sub">
    Drag a piece or a cut: it snaps by {{ said('5 mm') }}, the knife follows. Arrow keys do the
    same.
  </p>
  <Button text label="Put the plans away" @click="emit('away')" />
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
