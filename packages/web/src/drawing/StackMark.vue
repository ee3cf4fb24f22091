<script setup lang="ts">
import type { Arrangement } from '@furrow/core';
import StackDress from './StackDress.vue';

/** A small picture of how vessels stand on each other. */
defineProps<{ arrangement: Arrangement }>();
</script>

<template>
  <svg width="62" height="56" viewBox="0 -6 190 172" aria-hidden="true">
    <path d="M50 90V160H140V90" fill="none" stroke="var(--ink)" stroke-width="7" />
    <path d="M54 128H136V156H54Z" fill="var(--open)" />
    <path d="M48 46H142V76H48Z" fill="var(--capped)" />
    <StackDress
      :arrangement="arrangement"
      :cx="95"
      :upper="{ w: 96, top: 22, bottom: 76 }"
      :lower="{ w: 90, top: 90, bottom: 158 }"
      part="behind"
    />
    <StackDress
      :arrangement="arrangement"
      :cx="95"
      :upper="{ w: 96, top: 22, bottom: 76 }"
      :lower="{ w: 90, top: 90, bottom: 158 }"
      part="before"
    />
  </svg>
</template>
