<script setup lang="ts">
/** A part of a screen under its heading; where it is narrow it opens by a touch. */
defineProps<{ heading: string; narrow: boolean }>();
</script>

<template>
  <component :is="narrow ? 'details' : 'div'" class="part">
    <component :is="narrow ? 'summary' : 'h2'" class="furrow-heading">{{ heading }}</component>
    <slot />
  </component>
</template>

<style scoped>
.part {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
summary.furrow-heading::before {
  content: '▸';
}
details[open] > summary.furrow-heading::before {
  content: '▾';
}
summary.furrow-heading {
  cursor: pointer;
  min-height: 48px;
  align-items: center;
}
@media (max-width: 700px) {
  details.part {
    display: block;
  }
}
</style>
