<script setup lang="ts">
import { fileOf } from './domEvents.js';

/** A key that lets a file be chosen: the field lies over it, so that keyboard and touch reach it. */
withDefaults(
  defineProps<{
    label: string;
    /** What is chosen by it, for who does not see where it stands. */
    reads: string;
    accept: string;
    look?: 'filled' | 'outlined' | 'text';
    /** Whether a phone may take a picture for it. */
    camera?: boolean;
  }>(),
  { look: 'outlined' },
);
const emit = defineEmits<{ chosen: [file: File] }>();
function take(event: Event): void {
  const file = fileOf(event);
  if (file) emit('chosen', file);
}
</script>

<template>
  <label
    class="file-key p-button p-component"
    :class="look === 'filled' ? null : `p-button-${look}`"
    >{{ label
    }}<input
      type="file"
      :accept="accept"
      :capture="camera ? 'environment' : undefined"
      :aria-label="reads"
      @change="take"
  /></label>
</template>

<style scoped>
.file-key {
  position: relative;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  justify-content: center;
}
input {
  position: absolute;
  inset: 0;
  width: 100%;
  opacity: 0;
  cursor: pointer;
}
.file-key:focus-within {
  outline: 3px solid var(--field);
  outline-offset: 2px;
}
</style>
