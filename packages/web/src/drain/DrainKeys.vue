<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import type { Refused } from '../api/client.js';
import Refusal from '../parts/Refusal.vue';
import type { DrainPanel } from './drainPanel.js';
import type { MainAct } from './useDrainWords.js';

/** What can be done at a drain that runs: the one thing that is due, large, and the others. */
defineProps<{
  main: MainAct;
  words: { big: string; when: string };
  /** Until when the lower vessel holds what comes; null where it does. */
  overflowsAt: string | null;
  stirred: boolean;
  remashText: string;
  busy: boolean;
  refusal: Refused | null;
}>();
const emit = defineEmits<{ main: []; mash: []; open: [panel: DrainPanel] }>();
</script>

<template>
  <Button class="act go" :loading="busy" @click="emit('main')"
    ><span class="display big">{{ words.big }}</span
    ><span class="when">{{ words.when }}</span></Button
  >
  <button v-if="overflowsAt" type="button" class="act soon" @click="emit('open', 'draw')">
    <b class="display">{{ tell('DrainKeys.draw-off-lower-vessel') }}</b><span class="rust">{{
      tell('DrainKeys.before', { overflowsAt })
    }}</span>
  </button>
  <Button v-else outlined :label="tell('DrainKeys.draw-off')" @click="emit('open', 'draw')" />
  <Refusal :refusal="refusal" />
  <div class="acts row two">
    <Button
      v-if="main !== 'weigh'"
      outlined
      :label="tell('common.weigh')"
      @click="emit('open', 'weigh')"
    /><Button v-if="stirred" outlined :label="remashText" @click="emit('mash')" /><Button
      v-if="main !== 'press'"
      outlined
      :label="tell('DrainKeys.press')"
      @click="emit('open', 'press')"
    /><Button outlined :label="tell('DrainKeys.warm')" @click="emit('open', 'warm')" /><Button
      outlined
      :label="tell('DrainKeys.temperature')"
      @click="emit('open', 'temperature')"
    /><Button outlined :label="tell('DrainKeys.stop-draining')" @click="emit('open', 'close')" />
  </div>
</template>

<style scoped>
.act {
  width: 100%;
  min-height: 112px;
}
.act.go {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  padding: 12px 20px;
}
.act .big {
  font-size: 42px;
  line-height: 48px;
}
.when {
  font-size: 18px;
}
.soon {
  border: 3px solid var(--rust);
  border-radius: 8px;
  background: var(--lime-0);
  display: flex;
  flex-direction: column;
  justify-content: center;
  align-items: flex-start;
  padding: 0 18px;
  min-height: 84px;
  cursor: pointer;
  color: var(--ink);
  font: 400 18px var(--text);
}
.soon b {
  font-size: 20px;
}
.soon .rust {
  font-weight: 700;
}
.two .p-button {
  flex: 1 1 40%;
  padding: 0 8px;
}
</style>
