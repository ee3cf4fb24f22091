<script setup lang="ts">
import { tell } from '../words/tell.js';
/** A page of the household's own, opened on a helper's phone. */
</script>

<template>
  <section class="stage">
    <h1>{{ tell('NotForHelpers.households-own') }}</h1>
    <p>{{ tell('NotForHelpers.this-phone-was-let-in') }}</p>
    <RouterLink to="/">{{ tell('NotForHelpers.what-due-today') }}</RouterLink>
  </section>
</template>

<style scoped>
a {
  display: inline-flex;
  align-items: center;
  min-height: 64px;
}
</style>
