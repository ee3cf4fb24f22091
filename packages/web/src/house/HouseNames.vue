<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import { ref, watch } from 'vue';
import TextField from '../parts/TextField.vue';

/** Names that the household's own network has for this machine, beside those it knows itself by. */
const props = defineProps<{ names: readonly string[]; busy: boolean; refusal: string }>();
const emit = defineEmits<{ call: [names: string[]] }>();
const typed = ref('');
function add(): void {
  if (typed.value.trim()) emit('call', [...props.names, typed.value]);
}
const drop = (name: string): void =>
  emit(
    'call',
    props.names.filter((each) => each !== name),
  );
// What was typed stays until it stands in the list.
watch(
  () => props.names.length,
  (now, before) => {
    if (now > before) typed.value = '';
  },
);
</script>

<template>
  <details class="how names" :open="names.length > 0 || undefined">
    <summary>{{ tell('HouseNames.other-names-this-machine') }}</summary>
    <p class="wide">
      {{ tell('HouseNames.furrow-answers-to-this-machines') }}
    </p>
    <ul v-if="names.length">
      <li v-for="name in names" :key="name">
        <b>{{ name }}</b>
        <Button
          text
          :label="tell('common.remove')"
          :aria-label="tell('HouseNames.call-it-no-longer', { name })"
          :disabled="busy"
          @click="drop(name)"
        />
      </li>
    </ul>
    <form @submit.prevent="add">
      <TextField v-model="typed" :label="tell('HouseNames.name')" :error="refusal" />
      <Button
        outlined
        type="submit"
        :label="tell('HouseNames.add-this-name')"
        :disabled="busy || !typed.trim()"
      />
    </form>
  </details>
</template>

<style scoped>
.wide {
  max-width: 64ch;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: flex-start;
  max-width: 560px;
}
form > :first-child {
  flex: 1 1 260px;
}
form > :last-child {
  margin-top: 24px;
}
</style>
