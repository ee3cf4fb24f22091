<script setup lang="ts">
/** A page of the household's own, opened on a helper's phone. */
</script>

<template>
  <section class="stage">
    <h1>The household’s own</h1>
    <p>This phone was let in to help at the hive and at the bench. Ask one of the household.</p>
    <RouterLink to="/">What is due today</RouterLink>
  </section>
</template>

<style scoped>
a {
  display: inline-flex;
  align-items: center;
  min-height: 64px;
}
</style>
