<script setup lang="ts">
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { useUi } from '../shell/ui.js';

/** Asks before something is written that somebody else may have written just now. */
const ui = useUi();
</script>

<template>
  <DialogFrame
    :visible="ui.question !== null"
    header="Written just now"
    :width="520"
    @update:visible="ui.question?.answer(false)"
  >
    <p>{{ ui.question?.text }}</p>
    <div class="keys">
      <Button autofocus label="It is the same: leave it" @click="ui.question?.answer(false)" />
      <Button outlined label="It is another one: write it" @click="ui.question?.answer(true)" />
    </div>
  </DialogFrame>
</template>

<style scoped>
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.keys :deep(button) {
  min-height: 64px;
}
</style>
