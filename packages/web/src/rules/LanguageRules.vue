<script setup lang="ts">
import { LANGUAGES, type Language } from '@furrow/core';
import { LANGUAGE_NAMES } from '@furrow/words';
import { ref } from 'vue';
import { chooseOwnLanguage, ownLanguage } from '../words/language.js';
import { tell } from '../words/tell.js';
import type { Choice } from './choices.js';
import RuleChoice from './RuleChoice.vue';

/** What the household speaks, and what this one device speaks where it is another's. */
const language = defineModel<Language | null>({ required: true });
const emit = defineEmits<{
  /** This device is to speak another language from now on. */
  another: [];
}>();

const spoken: readonly Choice<Language | null>[] = LANGUAGES.map((value) => ({
  label: LANGUAGE_NAMES[value],
  value,
}));
const OF_HOUSE = [...spoken, { label: tell('LanguageRules.as-each-device'), value: null }];
const OF_DEVICE = [{ label: tell('LanguageRules.as-household'), value: null }, ...spoken];

const own = ref(ownLanguage());
function choose(chosen: Language | null): void {
  own.value = chosen;
  if (chooseOwnLanguage(chosen)) emit('another');
}
</script>

<template>
  <div class="line">
    <RuleChoice v-model="language" :label="tell('common.language')" above :choices="OF_HOUSE" />
    <RuleChoice
      :model-value="own"
      :label="tell('LanguageRules.on-this-device')"
      above
      :choices="OF_DEVICE"
      @update:model-value="choose"
    />
  </div>
</template>

<style scoped src="./line.css"></style>
