<script setup lang="ts">
import { ref } from 'vue';
import { readWaitingFile } from '../api/handOver.js';
import { takeOver } from '../api/outbox.js';
import FileKey from '../parts/FileKey.vue';
import { tell } from '../words/tell.js';

/** Takes in what another device kept and could not give to the house itself. */
const says = ref('');
const isRefused = ref(false);
async function chosen(file: File): Promise<void> {
  try {
    const taken = await takeOver(await readWaitingFile(file));
    says.value = taken ? tell('TakeOver.taken-in', { taken }) : tell('TakeOver.nothing-new');
    isRefused.value = false;
  } catch (error) {
    says.value = error instanceof Error ? error.message : String(error);
    isRefused.value = true;
  }
}
</script>

<template>
  <div class="over">
    <p class="sub">{{ tell('TakeOver.what-it-is-for') }}</p>
    <FileKey
      class="key"
      :label="tell('TakeOver.take-in')"
      :reads="tell('TakeOver.file-to-take-in')"
      accept=".json,application/json"
      @chosen="chosen"
    />
    <p v-if="says" :class="{ rust: isRefused }" :role="isRefused ? 'alert' : 'status'">
      <b>{{ says }}</b>
    </p>
  </div>
</template>

<style scoped>
.over {
  border-top: 1px solid var(--lichen-5);
  padding-top: 14px;
  width: 100%;
}
p {
  max-width: 64ch;
  margin: 0 0 10px;
}
.key {
  min-height: 64px;
}
</style>
