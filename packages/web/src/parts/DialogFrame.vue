<script setup lang="ts">
import Dialog from 'primevue/dialog';

/**
 * The frame of everything that is asked over a page: from its upper edge, as wide as it needs, never
 * wider than the screen.
 */
defineProps<{
  header: string;
  /** As wide as it is where there is room, px. */
  width: number;
}>();
const visible = defineModel<boolean>('visible', { required: true });
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="header"
    position="top"
    :style="{ width: `${width}px`, maxWidth: '96vw' }"
  >
    <slot />
  </Dialog>
</template>
