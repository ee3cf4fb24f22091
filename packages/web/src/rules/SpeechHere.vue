<script setup lang="ts">
import { chooseSpeech, mayListen, speechChosen } from '../parts/speech.js';
import { tell } from '../words/tell.js';
import RuleChoice from './RuleChoice.vue';

/** Whether weights and counts may be spoken on this device; nothing where its browser cannot hear. */
const CHOICES = [
  { label: tell('SpeechHere.typed-only'), value: false },
  { label: tell('SpeechHere.may-be-spoken'), value: true },
];
</script>

<template>
  <div v-if="mayListen()">
    <RuleChoice
      :model-value="speechChosen"
      :label="tell('SpeechHere.weights-and-counts-on-this')"
      above
      :choices="CHOICES"
      @update:model-value="chooseSpeech"
    />
    <p class="sub">{{ tell('SpeechHere.browser-s-own-service') }}</p>
  </div>
</template>

<style scoped>
.sub {
  margin: 8px 0 0;
}
</style>
