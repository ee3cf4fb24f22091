<script setup lang="ts">
import type { Verdict } from '@furrow/core';

/**
 * Shape tells the verdict before colour does: triangle take, bar leave, diamond test first, ring
 * not read.
 */
defineProps<{ verdict: Verdict; x: number; y: number }>();
</script>

<template>
  <path
    v-if="verdict === 'take'"
    :d="`M${x - 6.5} ${y + 5}L${x} ${y - 6}L${x + 6.5} ${y + 5}Z`"
    fill="var(--field)"
  />
  <rect
    v-else-if="verdict === 'leave'"
    :x="x - 7"
    :y="y - 2"
    width="14"
    height="5"
    fill="var(--ink)"
  />
  <path
    v-else-if="verdict === 'test'"
    :d="`M${x} ${y - 6.5}L${x + 6.5} ${y}L${x} ${y + 6.5}L${x - 6.5} ${y}Z`"
    fill="none"
    stroke="var(--ink)"
    stroke-width="2"
  />
  <circle v-else :cx="x" :cy="y" r="4.5" fill="none" stroke="var(--ink)" stroke-width="2" />
</template>
