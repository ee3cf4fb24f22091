<script setup lang="ts">
import { tell } from '../words/tell.js';
import type { TakeOutcome } from '@furrow/core';
import Button from 'primevue/button';
import { useTemplateRef } from 'vue';
import type { Refused } from '../api/client.js';
import Refusal from '../parts/Refusal.vue';

/** The keys of a step: the large one that goes on, and beside it what else may be so. */
defineProps<{
  /** What the large key says, and what still keeps it shut. */
  label: string;
  notYet: string | null;
  isUnreadable: boolean;
  /** A wait runs; it was asked to be cut short. */
  waits: boolean;
  asksToSkip: boolean;
  mayGoUnsmoked: boolean;
  /** A comb is in hand: it may be put back, or hold brood. */
  weighs: boolean;
  busy: boolean;
  refusal: Refused | null;
}>();
const emit = defineEmits<{
  next: [];
  unsmoked: [];
  put: [outcome: TakeOutcome];
  otherwise: [];
}>();
const main = useTemplateRef<{ $el: HTMLElement }>('main');
defineExpose({ focus: () => main.value?.$el.focus() });
</script>

<template>
  <p v-if="notYet" class="sub">{{ notYet }}</p>
  <p v-if="asksToSkip" class="sub" role="status">
    {{ tell('StepKeys.wait-not-over-bees-that') }}
  </p>
  <Button
    ref="main"
    class="main"
    :outlined="waits"
    :label="label"
    :loading="busy"
    :disabled="notYet !== null || isUnreadable"
    @click="emit('next')"
  />
  <p class="sub keyhint">{{ tell('StepKeys.space-bar-does-same') }}</p>
  <Button
    v-if="mayGoUnsmoked"
    outlined
    class="otherwise"
    :label="tell('StepKeys.opened-without-smoke')"
    :disabled="busy"
    @click="emit('unsmoked')"
  />
  <slot />
  <div v-if="weighs" class="acts row halves">
    <Button outlined :label="tell('common.put-it-back')" @click="emit('put', 'put-back')" /><Button
      outlined
      class="rusty"
      :label="tell('StepKeys.brood-seen')"
      @click="emit('put', 'brood-seen')"
    /><Button
      outlined
      class="third"
      :label="tell('common.something-went-otherwise')"
      @click="emit('otherwise')"
    />
  </div>
  <Refusal :refusal="refusal" />
</template>

<style scoped>
.halves .p-button {
  flex: 1;
  min-height: 80px;
  padding: 0 6px;
}
.rusty {
  color: var(--rust) !important;
  border-color: var(--rust) !important;
  border-width: 3px;
}
.third {
  font-size: 16px !important;
}
.keyhint {
  text-align: center;
}
@media (max-width: 599px) {
  .keyhint {
    display: none;
  }
}
</style>
