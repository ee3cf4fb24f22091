<script setup lang="ts">
import { tell } from '../words/tell.js';
</script>

<template>
  <div class="stage wide">
    <header>
      <h1>{{ tell('LostView.there-nothing-at-this-address') }}</h1>
    </header>
    <p>
      <RouterLink to="/">{{ tell('LostView.back-to-today') }}</RouterLink>
    </p>
  </div>
</template>
