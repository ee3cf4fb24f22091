<script setup lang="ts">
import { ref } from 'vue';
import { takeOver } from '../api/outbox.js';
import { fileOf } from '../parts/domEvents.js';
import { tell } from '../words/tell.js';

/** Takes in what another device kept and could not give to the house itself. */
const says = ref('');
const isRefused = ref(false);
async function chosen(event: Event): Promise<void> {
  const file = fileOf(event);
  if (!file) return;
  try {
    const { readWaitingFile } = await import('../api/handOver.js');
    const taken = await takeOver(await readWaitingFile(file));
    says.value = taken ? tell('TakeOver.taken-in', { taken }) : tell('TakeOver.nothing-new');
    isRefused.value = false;
  } catch (error) {
    says.value = error instanceof Error ? error.message : tell('TakeOver.no-such-file');
    isRefused.value = true;
  }
}
</script>

<template>
  <div class="over">
    <p class="sub">{{ tell('TakeOver.what-it-is-for') }}</p>
    <label class="p-button p-component p-button-outlined file-key"
      >{{ tell('TakeOver.take-in')
      }}<input
        type="file"
        accept=".json,application/json"
        :aria-label="tell('TakeOver.file-to-take-in')"
        @change="chosen"
    /></label>
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
.file-key {
  min-height: 64px;
}
</style>
