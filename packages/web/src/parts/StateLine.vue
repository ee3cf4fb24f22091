<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';

/** What a screen says while it loads and when the server cannot be reached. */
defineProps<{ loading: boolean; error: Error | null }>();
const emit = defineEmits<{ retry: [] }>();
</script>

<template>
  <div v-if="error" class="stage wide" role="alert">
    <header>
      <h1>{{ tell('StateLine.furrow-did-not-answer') }}</h1>
    </header>
    <p>{{ error.message }}</p>
    <div class="acts row"><Button :label="tell('common.try-again')" @click="emit('retry')" /></div>
  </div>
  <p v-else-if="loading" class="stage wide sub" aria-busy="true">
    {{ tell('StateLine.one-moment') }}
  </p>
</template>
