<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import { useUi } from '../shell/ui.js';

/** Asks before something is written that somebody else may have written just now. */
const ui = useUi();
</script>

<template>
  <DialogFrame
    :visible="ui.question !== null"
    :header="tell('AskFirst.written-just-now')"
    :width="520"
    @update:visible="ui.question?.answer(false)"
  >
    <p>{{ ui.question?.text }}</p>
    <div class="keys">
      <Button
        autofocus
        :label="tell('AskFirst.it-same-leave-it')"
        @click="ui.question?.answer(false)"
      />
      <Button
        outlined
        :label="tell('AskFirst.it-another-one-write-it')"
        @click="ui.question?.answer(true)"
      />
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
