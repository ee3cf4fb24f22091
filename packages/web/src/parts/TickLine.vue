<script setup lang="ts">
/** A box to tick, large enough for a finger; what it means stands beside it, or in its label. */
defineProps<{ checked: boolean; label?: string; id?: string }>();
const emit = defineEmits<{ change: [checked: boolean] }>();
function change(event: Event): void {
  if (event.target instanceof HTMLInputElement) emit('change', event.target.checked);
}
</script>

<template>
  <input :id="id" type="checkbox" :aria-label="label" :checked="checked" @change="change" />
</template>

<style scoped>
input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
  flex: none;
}
</style>
