<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import Refusal from '../parts/Refusal.vue';
import type { Refused } from '../api/client.js';

/**
 * What can be done with the comb in view: written down, put down, seen again; the one beside it.
 */
defineProps<{
  hiveId: string;
  /** What the comb is called, and what stands beside it. */
  combWord: string;
  unitWord: string;
  isDraft: boolean;
  canBeAlike: boolean;
  canBeSame: boolean;
  /** What the key for the whole box says; null where there is none. */
  boxLabel: string | null;
  /** Whether Choose has something to show, and whether something may be taken there. */
  anyRead: boolean;
  mayTake: boolean;
  busy: boolean;
  refusal: Refused | null;
  /** Pinned below the drawing on a phone. */
  pinned?: boolean;
}>();
const emit = defineEmits<{
  write: [];
  alike: [];
  box: [];
  down: [];
  same: [];
  step: [by: number];
}>();
</script>

<template>
  <div class="acts look-acts" :class="{ pinned }">
    <Refusal :refusal="refusal" />
    <Button
      class="step before"
      outlined
      :label="pinned ? '←' : tell('LookActs.before', { unitWord })"
      :aria-label="tell('LookActs.before', { unitWord })"
      @click="emit('step', -1)"
    />
    <Button
      v-if="isDraft"
      class="first"
      :label="tell('LookActs.write-down', { combWord })"
      :loading="busy"
      @click="emit('write')"
    />
    <RouterLink
      v-else-if="anyRead"
      class="p-button p-component first"
      :class="{ 'p-button-outlined': !mayTake }"
      :to="`/choose/${hiveId}`"
      >{{ tell('LookActs.go-on-to-choose') }}</RouterLink
    >
    <span v-else class="first sub">{{ tell('LookActs.touch-what-you-see-it') }}</span>
    <Button
      class="step after"
      outlined
      :label="pinned ? '→' : tell('LookActs.after', { unitWord })"
      :aria-label="tell('LookActs.after', { unitWord })"
      @click="emit('step', 1)"
    />
    <Button
      v-if="canBeAlike"
      class="half"
      outlined
      :label="tell('LookActs.write-it-down-after-like', { unitWord: unitWord.toLowerCase() })"
      :loading="busy"
      @click="emit('alike')"
    />
    <Button
      v-if="boxLabel"
      class="half"
      outlined
      :label="boxLabel"
      :loading="busy"
      @click="emit('box')"
    />
    <Button
      v-if="!isDraft && canBeSame"
      class="half"
      outlined
      :label="tell('LookActs.seen-again-as-at-last')"
      @click="emit('same')"
    />
    <Button
      v-if="isDraft && !pinned"
      class="half"
      outlined
      :label="tell('common.put-down-keep-last-look')"
      @click="emit('down')"
    />
  </div>
</template>

<style scoped>
.look-acts {
  display: flex;
  flex-flow: row wrap;
  gap: 8px;
}
.look-acts > .first,
.look-acts > .half {
  flex: 1 0 100%;
}
.look-acts > .step {
  flex: 1 1 150px;
  order: 1;
}
.pinned > * {
  min-height: 64px;
}
.pinned > .first {
  flex: 1 1 160px;
  padding: 4px 8px;
}
.pinned > .step {
  flex: 0 0 64px;
  order: 0;
}
.pinned > .half {
  flex: 1 1 150px;
  padding: 4px 8px;
  min-height: 48px;
}
.pinned > .half :deep(.p-button-label) {
  font-size: 15px;
  line-height: 18px;
}
</style>
