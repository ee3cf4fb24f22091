<script setup lang="ts">
import AskFirst from '../house/AskFirst.vue';
import FindDialog from './FindDialog.vue';
import KeysDialog from './KeysDialog.vue';

/** Dialogs that may open over any screen. */
const keysShown = defineModel<boolean>('keysShown', { required: true });
</script>

<template>
  <KeysDialog v-model:visible="keysShown" />
  <FindDialog />
  <AskFirst />
</template>
