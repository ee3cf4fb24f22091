<script setup lang="ts">
import type { CutBoard } from '@furrow/core';
import Button from 'primevue/button';
import { computed } from 'vue';

/** The cut that is next, and how many pieces are likely to come of them all. */
const props = defineProps<{ board: CutBoard; likely: string; busy: boolean }>();
const emit = defineEmits<{ cut: []; anew: [] }>();
const label = computed(() => {
  const { cutsDone, cuts } = props.board;
  return cutsDone + 1 === cuts.length
    ? 'Last cut made'
    : `Cut ${cutsDone + 1} of ${cuts.length} made`;
});
const template = computed(() => `/api/v1/cutBoards/${props.board.id}/template`);
</script>

<template>
  <p class="caution">Cut away from the hand.</p>
  <Button class="main" :label="label" :loading="busy" @click="emit('cut')" />
  <p class="sub">
    The green line is next. If a piece cracks, touch it: the rest is planned anew. {{ likely }}
  </p>
  <a class="p-button p-component p-button-outlined" :href="`${template}.pdf`" target="_blank"
    >Template at true size (PDF)</a
  ><a class="small" :href="`${template}.svg`" target="_blank">The same as SVG</a>
  <Button v-if="board.cutsDone === 0" text label="Plan it anew" @click="emit('anew')" />
</template>

<style scoped>
.small {
  font-size: 15px;
}
</style>
