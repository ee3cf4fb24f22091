<script setup lang="ts">
import type { Units } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';
import { gramsOf, massUnit, weightSuch } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';
import { tell } from '../words/tell.js';

/** What the person thinks it weighs, before the scale says; or no guess this time. */
const props = defineProps<{ name: string; units: Units }>();
const emit = defineEmits<{ guessed: [] }>();
const guessText = defineModel<string>({ required: true });
const isWeight = computed(() => gramsOf(guessText.value, props.units) !== null);
function noGuess(): void {
  guessText.value = '';
  emit('guessed');
}
</script>

<template>
  <form class="acts bench" @submit.prevent="emit('guessed')">
    <h2 class="furrow-heading">{{ tell('WeighUnit.your-guess-first') }}</h2>
    <p class="text">{{ tell('WeighUnit.hold-it-what-does-this', { name }) }}</p>
    <TextField
      v-model="guessText"
      :unit="massUnit(units)"
      :label="tell('WeighUnit.i-guess')"
      :error="guessText && !isWeight ? weightSuch(2100) : null"
    />
    <Button type="submit" class="main" :label="tell('WeighUnit.now-scale')" :disabled="!isWeight" />
    <Button text type="button" :label="tell('WeighUnit.no-guess-this-time')" @click="noGuess" />
  </form>
</template>

<style scoped src="./atTheHive.css" />

<style scoped>
.text {
  font-size: 20px;
}
</style>
