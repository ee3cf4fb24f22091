<script setup lang="ts">
import { heardAsTyped } from '@furrow/words';
import Button from 'primevue/button';
import { computed, onBeforeUnmount, ref } from 'vue';
import { languageHere } from '../words/language.js';
import { tell } from '../words/tell.js';
import { listenOnce, mayListen, sayAloud, speechChosen } from './speech.js';

/**
 * A figure that is spoken instead of typed, where this device was told that it may be: it is read
 * back, on the screen and aloud, and counts only when a person says that it is right.
 */
const props = defineProps<{
  /** What the key says, such as "Say the weight". */
  label: string;
  /** What stands in the field as it is read back, with its unit; null where it is no such figure. */
  readBack: (typed: string) => string | null;
}>();
const emit = defineEmits<{ taken: [typed: string] }>();
const isOffered = computed(() => speechChosen.value && mayListen());
const heard = ref<{ typed: string; says: string } | null>(null);
const trouble = ref('');
let stop: (() => void) | null = null;
const isListening = ref(false);

/** What is to be said of words that were heard. */
function understand(words: string): void {
  const typed = heardAsTyped(words, languageHere);
  const says = props.readBack(typed);
  if (says === null) {
    trouble.value = tell('SpokenFigure.no-figure-in', { words });
    return;
  }
  heard.value = { typed, says };
  sayAloud(tell('SpokenFigure.is-it', { says }), languageHere);
}
async function listen(): Promise<void> {
  [heard.value, trouble.value, isListening.value] = [null, '', true];
  const listening = listenOnce(languageHere);
  stop = listening.stop;
  const hearing = await listening.hearing;
  isListening.value = false;
  if ('words' in hearing) understand(hearing.words);
  else trouble.value = tell(`SpokenFigure.${hearing.trouble}`);
}
function take(): void {
  emit('taken', heard.value!.typed);
  heard.value = null;
}
onBeforeUnmount(() => stop?.());
</script>

<template>
  <div v-if="isOffered" class="spoken">
    <Button
      v-if="isListening"
      outlined
      type="button"
      :label="tell('SpokenFigure.listening-stop')"
      @click="stop?.()"
    />
    <template v-else-if="heard">
      <p role="status">{{ tell('SpokenFigure.is-it', { says: heard.says }) }}</p>
      <div class="two">
        <Button outlined type="button" :label="tell('SpokenFigure.yes')" @click="take" /><Button
          outlined
          type="button"
          :label="tell('SpokenFigure.say-again')"
          @click="listen"
        />
      </div>
    </template>
    <Button v-else outlined type="button" :label="label" @click="listen" />
    <p v-if="trouble" class="rust" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.spoken {
  display: grid;
  gap: 8px;
}
.spoken p {
  margin: 0;
  font-size: 20px;
  font-weight: 600;
}
.spoken .rust {
  font-size: 18px;
  font-weight: 500;
}
.two {
  display: flex;
  gap: 8px;
}
.two .p-button {
  flex: 1;
}
.spoken .p-button {
  min-height: 64px;
}
</style>
